import { queryOptions } from "@tanstack/react-query";
import { api, ask, type Schemas } from "./client";
import { queryClient } from "./queryClient";

/** What the pages of results ask for. Changes are told to open pages; asking now and then is for who was not reached. */
export const resultQueries = {
  results: (id: string) =>
    queryOptions({
      queryKey: ["results", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/results", { params: { path: { id } } })),
      staleTime: 0,
      refetchInterval: 60_000,
    }),

  /** Why an entry has its place. */
  why: (id: string, workout: string, entry: string) =>
    queryOptions({
      queryKey: ["why", id, workout, entry],
      queryFn: () => ask(api.GET("/api/competitions/{id}/results/why", { params: { path: { id }, query: { workout, entry } } })),
      staleTime: 0,
      refetchInterval: 30_000,
    }),

  /** What another version would do to the cards that are typed. */
  under: (id: string, workout: string, version: number) =>
    queryOptions({
      queryKey: ["under", id, workout, version],
      queryFn: () =>
        ask(
          api.POST("/api/competitions/{id}/results/under/preview", {
            params: { path: { id } },
            body: { saveId: crypto.randomUUID(), workout, version, reason: "" },
          }),
        ),
      staleTime: 0,
      gcTime: 0,
    }),

  /** What tallies say of judges and lanes, at a share of false alarms. */
  drift: (id: string, alarms: number) =>
    queryOptions({
      queryKey: ["drift", id, alarms],
      queryFn: () => ask(api.GET("/api/competitions/{id}/drift", { params: { path: { id }, query: { alarms } } })),
      staleTime: 0,
      refetchInterval: 60_000,
    }),

  /** How far the scores can be compared; with the same seed the same figures. */
  statement: (id: string, seed: number) =>
    queryOptions({
      queryKey: ["statement", id, seed],
      queryFn: () => ask(api.GET("/api/competitions/{id}/statement", { params: { path: { id }, query: { seed } } })),
      staleTime: 0,
    }),

  /** The statement as everybody may read it; null while it is not published. */
  publicStatement: (id: string) =>
    queryOptions({
      queryKey: ["statement", id, "public"],
      queryFn: async () => ({
        statement: (await ask(api.GET("/api/competitions/{id}/statement/published", { params: { path: { id } } }))) ?? null,
      }),
      staleTime: 60_000,
    }),

  incidents: (id: string) =>
    queryOptions({
      queryKey: ["incidents", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/incidents", { params: { path: { id } } })),
      staleTime: 0,
      refetchInterval: 30_000,
    }),
};

/** Results as they are now, and all that follows from them. */
export const resultsAre = (id: string, now: Schemas["ResultsOf"]) => {
  queryClient.setQueryData(resultQueries.results(id).queryKey, now);
  void queryClient.invalidateQueries({ queryKey: ["why", id] });
  void queryClient.invalidateQueries({ queryKey: ["incidents", id] });
};

/** Whether everybody may read the statement has changed. */
export const statementIs = (id: string) => queryClient.invalidateQueries({ queryKey: ["statement", id] });

/** Incidents as they are now: they change results. */
export const incidentsAre = (id: string, now: Schemas["IncidentsOf"]) => {
  queryClient.setQueryData(resultQueries.incidents(id).queryKey, now);
  void queryClient.invalidateQueries({ queryKey: ["results", id] });
};
