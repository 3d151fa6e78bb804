import { QueryClient } from "@tanstack/react-query";
import { Refused } from "./client";

/** What was asked and answered, for all pages. A lost connection is tried again; a refusal is not. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof Refused && error.passing && count < 3,
      staleTime: 2000,
    },
  },
});
