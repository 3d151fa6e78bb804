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

export const useCompetitions = () => useQuery({ queryKey: ["competitions"], queryFn: () => ask(api.GET("/api/competitions")) });

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

/** The competition’s book: the library with its policies and house rules applied. */
export const useBook = (id: string) =>
  useQuery({
    queryKey: ["book", id],
    queryFn: () => ask(api.GET("/api/competitions/{id}/standards", { params: { path: { id } } })),
    staleTime: 60_000,
  });

export const usePolicies = (id: string) =>
  useQuery({
    queryKey: ["policies", id],
    queryFn: () => ask(api.GET("/api/competitions/{id}/policies", { params: { path: { id } } })),
    staleTime: 0,
  });
