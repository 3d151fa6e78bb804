import { QueryClient, useQuery } from "@tanstack/react-query";
import { api, ask, Refused } from "./client";

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof Refused && error.passing && count < 3,
      staleTime: 2000,
    },
  },
});

export const useCompetitions = () =>
  useQuery({ queryKey: ["competitions"], queryFn: () => ask(api.GET("/api/competitions")) });

export const useCompetition = (id: string) =>
  useQuery({
    queryKey: ["competition", id],
    queryFn: () => ask(api.GET("/api/competitions/{id}", { params: { path: { id } } })),
  });

export const useOverview = (id: string) =>
  useQuery({
    queryKey: ["overview", id],
    queryFn: () => ask(api.GET("/api/competitions/{id}/overview", { params: { path: { id } } })),
    staleTime: 0,
  });

export const useBook = () =>
  useQuery({ queryKey: ["book"], queryFn: () => ask(api.GET("/api/standards")), staleTime: Infinity });
