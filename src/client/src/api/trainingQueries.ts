import { queryOptions } from "@tanstack/react-query";
import { api, ask } from "./client";
import { queryClient } from "./queryClient";

/** What the pages of training ask for. */
export const trainingQueries = {
  myTraining: (id: string) =>
    queryOptions({
      queryKey: ["training", id, "mine"],
      queryFn: () => ask(api.GET("/api/competitions/{id}/training/mine", { params: { path: { id } } })),
      staleTime: 0,
    }),

  allTraining: (id: string) =>
    queryOptions({
      queryKey: ["training", id, "all"],
      queryFn: () => ask(api.GET("/api/competitions/{id}/training", { params: { path: { id } } })),
      staleTime: 0,
    }),

  sitting: (id: string, sitting: string) =>
    queryOptions({
      queryKey: ["sitting", id, sitting],
      queryFn: () => ask(api.GET("/api/competitions/{id}/training/sittings/{sitting}", { params: { path: { id, sitting } } })),
    }),

  /** The rep that is to be called next; null once all are called. Asked anew only when one was called. */
  nextRep: (id: string, sitting: string) =>
    queryOptions({
      queryKey: ["rep", id, sitting],
      queryFn: async () => ({
        rep: (await ask(api.GET("/api/competitions/{id}/training/sittings/{sitting}/next", { params: { path: { id, sitting } } }))) ?? null,
      }),
      staleTime: Infinity,
      gcTime: 0,
      refetchOnWindowFocus: false,
    }),

  /** Borderline reps of the own floor, as the head judge sees them. */
  floorReps: (id: string) =>
    queryOptions({
      queryKey: ["floor", id, "all"],
      queryFn: () => ask(api.GET("/api/competitions/{id}/floor-reps", { params: { path: { id } } })),
      staleTime: 0,
    }),

  /** The next that is not called yet; null where there is none. Asked anew only when one was called. */
  nextFloorRep: (id: string) =>
    queryOptions({
      queryKey: ["floor", id, "next"],
      queryFn: async () => ({
        next: (await ask(api.GET("/api/competitions/{id}/floor-reps/next", { params: { path: { id } } }))) ?? null,
      }),
      staleTime: 0,
      gcTime: 0,
      refetchOnWindowFocus: false,
    }),

  /** The newest calibration, as a phone in the hall follows it; null where there is none. */
  togetherHere: (id: string) =>
    queryOptions({
      queryKey: ["together", id, "here"],
      queryFn: async () => ({ here: (await ask(api.GET("/api/competitions/{id}/together", { params: { path: { id } } }))) ?? null }),
      staleTime: 0,
      refetchInterval: 1500,
    }),

  /** How the hall called what was shown. */
  togetherSaid: (id: string, together: string) =>
    queryOptions({
      queryKey: ["together", id, together],
      queryFn: () => ask(api.GET("/api/competitions/{id}/together/{together}", { params: { path: { id, together } } })),
      staleTime: 0,
      refetchInterval: 1500,
    }),

  togetherRep: (id: string, together: string, number: number) =>
    queryOptions({
      queryKey: ["together", id, together, "rep", number],
      queryFn: () =>
        ask(api.GET("/api/competitions/{id}/together/{together}/reps/{number}", { params: { path: { id, together, number } } })),
      staleTime: Infinity,
    }),
};

/** What has to be asked again. */
export const trainingIs = {
  next: (id: string, sitting: string) => queryClient.invalidateQueries({ queryKey: ["rep", id, sitting] }),
  together: (id: string) => queryClient.invalidateQueries({ queryKey: ["together", id], predicate: (q) => q.queryKey[3] !== "rep" }),
  floor: (id: string) => queryClient.invalidateQueries({ queryKey: ["floor", id] }),
  changed: (id: string) => queryClient.invalidateQueries({ queryKey: ["training", id] }),
};
