import { QueryCache, QueryClient } from "@tanstack/react-query";
import { Refused } from "./client";

/** Leads to the sign-in and back again. What was typed stays: drafts are kept in this browser until they are saved. */
function toSignIn() {
  const { pathname, search, hash } = location;
  if (pathname !== "/sign-in") location.assign(`/sign-in?to=${encodeURIComponent(pathname + search + hash)}`);
}

/** What was asked and answered, for all pages. A lost connection is tried again; a refusal is not, and who is signed out is asked to sign
 * in. */
export const queryClient = new QueryClient({
  queryCache: new QueryCache({
    onError: (error) => {
      if (error instanceof Refused && error.status === 401) toSignIn();
    },
  }),
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof Refused && error.passing && count < 3,
      staleTime: 2000,
    },
  },
});
