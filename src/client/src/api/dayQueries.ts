import { queryOptions } from "@tanstack/react-query";
import { api, ask, type Schemas } from "./client";
import { resultQueries } from "./resultQueries";
import { trainingQueries } from "./trainingQueries";
import type { paths } from "./schema";

type TimesOf = NonNullable<paths["/api/competitions/{id}/times"]["get"]["parameters"]["query"]>;

/** What the pages of the days ask for: people, plan, cards, times. They change while they are looked at, so all are stale at once. */
export const dayQueries = {
  ...resultQueries,
  ...trainingQueries,

  entries: (id: string) =>
    queryOptions({
      queryKey: ["entries", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/entries", { params: { path: { id } } })),
      staleTime: 0,
    }),

  contacts: (id: string) =>
    queryOptions({
      queryKey: ["contacts", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/entries/contacts", { params: { path: { id } } })),
      staleTime: 0,
    }),

  entryHistory: (id: string, entry: string) =>
    queryOptions({
      queryKey: ["entry-history", id, entry],
      queryFn: () => ask(api.GET("/api/competitions/{id}/entries/{entry}/history", { params: { path: { id, entry } } })),
      staleTime: 0,
    }),

  /** A list as it would be read and taken; the same list may be read otherwise once entries have changed. */
  entriesPreview: (id: string, body: Schemas["ReadEntries"]) =>
    queryOptions({
      queryKey: ["entries-preview", id, body],
      queryFn: () => ask(api.POST("/api/competitions/{id}/entries/preview", { params: { path: { id } }, body })),
      staleTime: 0,
      gcTime: 0,
    }),

  officials: (id: string) =>
    queryOptions({
      queryKey: ["officials", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/officials", { params: { path: { id } } })),
      staleTime: 0,
    }),

  plan: (id: string) =>
    queryOptions({
      queryKey: ["plan", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/plan", { params: { path: { id } } })),
      staleTime: 0,
    }),

  heatWords: (id: string, heat: string, language: Schemas["Language"]) =>
    queryOptions({
      queryKey: ["heat-words", id, heat, language],
      queryFn: () =>
        ask(api.GET("/api/competitions/{id}/plan/heats/{heat}/words", { params: { path: { id, heat }, query: { language } } })),
      staleTime: 0,
    }),

  /** The newest search for a better plan; while it runs it is asked for again. */
  planSearch: (id: string) =>
    queryOptions({
      queryKey: ["plan-search", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/plan/search", { params: { path: { id } } })),
      staleTime: 0,
      refetchInterval: (q) => (q.state.data?.isRunning ? 1500 : false),
    }),

  timesOfAll: (id: string, by: Schemas["TimesBy"]) =>
    queryOptions({
      queryKey: ["times-all", id, by],
      queryFn: () => ask(api.GET("/api/competitions/{id}/times/all", { params: { path: { id }, query: { by } } })),
      staleTime: 0,
    }),

  /** What was measured on those of an entry. */
  readings: (id: string, entry: string) =>
    queryOptions({
      queryKey: ["readings", id, entry],
      queryFn: () => ask(api.GET("/api/competitions/{id}/entries/{entry}/readings", { params: { path: { id, entry } } })),
      staleTime: 0,
    }),

  cards: (id: string) =>
    queryOptions({
      queryKey: ["cards", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/cards", { params: { path: { id } } })),
      staleTime: 0,
    }),

  cardPapers: (id: string, heat: string, language: Schemas["Language"]) =>
    queryOptions({
      queryKey: ["card-papers", id, heat, language],
      queryFn: () => ask(api.GET("/api/competitions/{id}/cards/papers", { params: { path: { id }, query: { heat, language } } })),
      staleTime: 0,
    }),

  /** The cards that a number, a scanned code or a name finds. */
  deskFind: (id: string, find: string) =>
    queryOptions({
      queryKey: ["desk-find", id, find],
      queryFn: () => ask(api.GET("/api/competitions/{id}/desk", { params: { path: { id }, query: { find } } })),
      staleTime: 0,
    }),

  /** A card to be typed, with the fields of the level that was done; none for the one that holds. */
  deskCard: (id: string, card: string, level = "") =>
    queryOptions({
      queryKey: level ? ["desk-card", id, card, level] : ["desk-card", id, card],
      queryFn: () => ask(api.GET("/api/competitions/{id}/desk/{card}", { params: { path: { id, card }, query: level ? { level } : {} } })),
      placeholderData: (before) => before,
      staleTime: 0,
    }),

  /** Whose times can be asked for. */
  timesNames: (id: string) =>
    queryOptions({
      queryKey: ["times-names", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/times/names", { params: { path: { id } } })),
      staleTime: 60_000,
    }),

  times: (id: string, of: TimesOf) =>
    queryOptions({
      queryKey: ["times", id, of],
      queryFn: () => ask(api.GET("/api/competitions/{id}/times", { params: { path: { id }, query: of } })),
      staleTime: 0,
    }),
};
