import { queryOptions } from "@tanstack/react-query";
import { api, ask, askAll, type Competition, type Schemas, type StoredCompetition } from "./client";
import { dayQueries } from "./dayQueries";
import { queryClient } from "./queryClient";
import type { paths } from "./schema";

/** What an address can be asked with. */
type Asked<Path extends keyof paths> = paths[Path] extends { get: { parameters: { query?: infer Query } } } ? NonNullable<Query> : never;

/**
 * Everything that pages ask the server for, each with its key: a key is written here and nowhere else. What is shown only until
 * it changes elsewhere is stale at once; what never changes is kept.
 */
export const queries = {
  ...dayQueries,

  competitions: () => queryOptions({ queryKey: ["competitions"], queryFn: () => ask(api.GET("/api/competitions")) }),

  /** Who is signed in here, and what they are where. */
  me: () => queryOptions({ queryKey: ["me"], queryFn: () => ask(api.GET("/api/me")), staleTime: 30_000 }),

  /** What a link that opens once opens. */
  pass: (token: string) =>
    queryOptions({ queryKey: ["pass", token], queryFn: () => ask(api.POST("/api/pass", { body: { token } })), staleTime: Infinity }),

  passkeys: () => queryOptions({ queryKey: ["passkeys"], queryFn: () => ask(api.GET("/api/passkeys")), staleTime: 0 }),

  sessions: () => queryOptions({ queryKey: ["sessions"], queryFn: () => ask(api.GET("/api/sessions")), staleTime: 0 }),

  people: (id: string) =>
    queryOptions({
      queryKey: ["people", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/people", { params: { path: { id } } })),
      staleTime: 0,
    }),

  links: (id: string) =>
    queryOptions({
      queryKey: ["links", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/links", { params: { path: { id } } })),
      staleTime: 0,
    }),

  /** What was done, the newest first; empty words ask for all. */
  log: (id: string, who: string, what: string, before: number | null) =>
    queryOptions({
      queryKey: ["log", id, who, what, before],
      queryFn: () =>
        ask(
          api.GET("/api/competitions/{id}/log", { params: { path: { id }, query: { who, what, ...(before === null ? {} : { before }) } } }),
        ),
      staleTime: 0,
    }),

  /** What is published in a competition, for those who only read. */
  publishedHere: (id: string) =>
    queryOptions({
      queryKey: ["published-here", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/published", { params: { path: { id } } })),
      staleTime: 0,
    }),

  competition: (id: string) =>
    queryOptions({
      queryKey: ["competition", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}", { params: { path: { id } } })),
    }),

  overview: (id: string) =>
    queryOptions({
      queryKey: ["overview", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/overview", { params: { path: { id } } })),
      staleTime: 0,
    }),

  /** How a natural text is read for a competition; the same text is always read the same. */
  reading: (id: string, competition: Competition | undefined, text: string) =>
    queryOptions({
      queryKey: ["reading", id, competition, text],
      queryFn: ({ signal }) => ask(api.POST("/api/read", { body: { competition: competition!, text }, signal })),
      staleTime: Infinity,
      gcTime: 60_000,
    }),

  /** The competition’s book: the library with its policies and house rules applied. */
  book: (id: string) =>
    queryOptions({
      queryKey: ["book", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/standards", { params: { path: { id } } })),
      staleTime: 60_000,
    }),

  policies: (id: string) =>
    queryOptions({
      queryKey: ["policies", id],
      queryFn: () => ask(api.GET("/api/competitions/{id}/policies", { params: { path: { id } } })),
      staleTime: 0,
    }),

  /** A standard as it holds for a division and a workout; empty names neither. */
  standard: (cid: string, movement: string, division: string, workout: string) =>
    queryOptions({
      queryKey: ["standard", cid, movement, division, workout],
      queryFn: () =>
        ask(
          api.GET("/api/competitions/{id}/standards/{movement}", {
            params: { path: { id: cid, movement }, query: { ...(division ? { division } : {}), ...(workout ? { workout } : {}) } },
          }),
        ),
    }),

  /** What a workout says about a standard, and where it can. */
  standardHere: (workout: string, movement: string) =>
    queryOptions({
      queryKey: ["standard-here", workout, movement],
      queryFn: () => ask(api.GET("/api/workouts/{id}/standards/{movement}", { params: { path: { id: workout, movement } } })),
    }),

  /** @param wording what the figures are drawn for: another wording is another figure. */
  figures: (cid: string, movement: string, stature: number, wording: string) =>
    queryOptions({
      queryKey: ["figures", cid, movement, stature, wording],
      queryFn: () =>
        ask(
          api.GET("/api/competitions/{id}/standards/{movement}/figures", {
            params: { path: { id: cid, movement }, query: { stature } },
          }),
        ),
      staleTime: 60_000,
    }),

  things: () => queryOptions({ queryKey: ["things"], queryFn: () => ask(api.GET("/api/standards/things")), staleTime: Infinity }),
  phrases: () => queryOptions({ queryKey: ["phrases"], queryFn: () => ask(api.GET("/api/standards/phrases")), staleTime: Infinity }),

  /** Every word of the trade for a movement of the book. */
  words: (cid: string) =>
    queryOptions({
      queryKey: ["words", cid],
      queryFn: () => ask(api.GET("/api/competitions/{id}/words", { params: { path: { id: cid } } })),
      staleTime: 60_000,
    }),

  structures: () => queryOptions({ queryKey: ["structures"], queryFn: () => ask(api.GET("/api/structures")), staleTime: Infinity }),

  nearestStandards: (cid: string, name: string) =>
    queryOptions({
      queryKey: ["nearest", cid, name],
      queryFn: () => ask(api.GET("/api/competitions/{id}/standards/nearest", { params: { path: { id: cid }, query: { name } } })),
    }),

  copyOfStandard: (cid: string, movement: string, name: string) =>
    queryOptions({
      queryKey: ["copy", cid, movement, name],
      queryFn: () =>
        ask(api.GET("/api/competitions/{id}/standards/{movement}/copy", { params: { path: { id: cid, movement }, query: { name } } })),
      staleTime: Infinity,
    }),

  workout: (id: string) =>
    queryOptions({
      queryKey: ["workout", id],
      queryFn: () => ask(api.GET("/api/workouts/{id}", { params: { path: { id } } })),
      staleTime: 0,
    }),

  /** A stored draft explained, as far as its tables are shown outside the drafting table. */
  explained: (cid: string, wid: string, draft: { revision: number; body: string } | undefined) =>
    queryOptions({
      queryKey: ["explained", wid, draft?.revision],
      enabled: !!draft,
      queryFn: () =>
        ask(api.POST("/api/competitions/{id}/explain", { params: { path: { id: cid } }, body: { doc: 0, body: draft!.body, rows: 24 } })),
    }),

  /** Who can run a stored draft, and which paces are expected of its movements. */
  playable: (cid: string, draft: { revision: number; body: string } | undefined) =>
    queryOptions({
      queryKey: ["playable", cid, draft?.revision, draft?.body],
      enabled: !!draft,
      staleTime: 0,
      queryFn: () => ask(api.POST("/api/competitions/{id}/dry-run", { params: { path: { id: cid } }, body: { body: draft!.body } })),
    }),

  /** A made-up heat; the same seed gives the same. */
  heat: (cid: string, body: string, lanes: Schemas["LaneOf"][], seed: number) =>
    queryOptions({
      queryKey: ["heat", cid, body, lanes, seed],
      queryFn: ({ signal }) =>
        ask(api.POST("/api/competitions/{id}/dry-run/heat", { params: { path: { id: cid } }, body: { body, lanes, seed }, signal })),
    }),

  /** Many made-up runs of some entries, summed up; the work ends when the page is left. */
  usual: (cid: string, body: string, entries: Schemas["LaneOf"][], runs: number, paces: Schemas["Pace"][], leaves: AbortSignal) =>
    queryOptions({
      queryKey: ["usual", cid, body, entries, runs, paces],
      retry: false,
      staleTime: Infinity,
      queryFn: ({ signal }) =>
        ask(
          api.POST("/api/competitions/{id}/dry-run/usual", {
            params: { path: { id: cid } },
            body: { body, entries, runs, seed: 1, paces },
            signal: AbortSignal.any([signal, leaves]),
          }),
        ),
    }),

  /** The card of an entry of a draft text, with nothing tried on it yet. */
  card: (cid: string, entry: { body: string; division: string; duty: string }) =>
    queryOptions({
      queryKey: ["card", cid, entry],
      queryFn: () => ask(api.POST("/api/competitions/{id}/try", { params: { path: { id: cid } }, body: { ...entry, run: null } })),
    }),

  /** The names of the movements of a stored draft. */
  movements: (wid: string) =>
    queryOptions({
      queryKey: ["movements", wid],
      queryFn: async () => {
        const draft = await ask(api.GET("/api/workouts/{id}", { params: { path: { id: wid } } }));
        const explained = await ask(
          api.POST("/api/competitions/{id}/explain", {
            params: { path: { id: draft.competitionId } },
            body: { doc: 0, body: draft.body, rows: 1 },
          }),
        );
        return explained.explanation.movements.map((m) => m.name);
      },
      staleTime: 30_000,
    }),

  interview: (wid: string) =>
    queryOptions({
      queryKey: ["interview", wid],
      queryFn: () => ask(api.GET("/api/workouts/{id}/interview", { params: { path: { id: wid } } })),
      staleTime: 0,
    }),

  published: (wid: string) =>
    queryOptions({
      queryKey: ["published", wid],
      queryFn: () => ask(api.GET("/api/workouts/{id}/published", { params: { path: { id: wid } } })),
      staleTime: 0,
    }),

  /** @param to a version; undefined for the draft, which may change at any time. */
  changes: (wid: string, from: number, to: number | undefined) =>
    queryOptions({
      queryKey: ["changes", wid, from, to ?? "draft"],
      queryFn: () => ask(api.GET("/api/workouts/{id}/changes", { params: { path: { id: wid }, query: { from, ...(to ? { to } : {}) } } })),
      staleTime: to ? Infinity : 0,
    }),

  confirmations: (wid: string) =>
    queryOptions({
      queryKey: ["confirmations", wid],
      queryFn: () => ask(api.GET("/api/workouts/{id}/confirmations", { params: { path: { id: wid } } })),
      staleTime: 0,
    }),

  questions: (wid: string) =>
    queryOptions({
      queryKey: ["questions", wid],
      queryFn: () => ask(api.GET("/api/workouts/{id}/questions", { params: { path: { id: wid } } })),
      staleTime: 0,
    }),

  brief: (wid: string, query: Asked<"/api/workouts/{id}/brief">) =>
    queryOptions({
      queryKey: ["brief", wid, query],
      queryFn: () => ask(api.GET("/api/workouts/{id}/brief", { params: { path: { id: wid }, query } })),
      staleTime: 0,
    }),

  talk: (wid: string, query: Asked<"/api/workouts/{id}/talk">) =>
    queryOptions({
      queryKey: ["brief", wid, "talk", query],
      queryFn: () => ask(api.GET("/api/workouts/{id}/talk", { params: { path: { id: wid }, query } })),
      staleTime: 0,
    }),

  pack: (cid: string, query: Asked<"/api/competitions/{id}/pack">) =>
    queryOptions({
      queryKey: ["pack", cid, query],
      queryFn: () => askAll(api.GET("/api/competitions/{id}/pack", { params: { path: { id: cid }, query } })),
      staleTime: 0,
    }),

  measurements: (wid: string) =>
    queryOptions({
      queryKey: ["measurements", wid],
      queryFn: () => ask(api.GET("/api/workouts/{id}/measurements", { params: { path: { id: wid } } })),
      staleTime: 0,
    }),

  /** Where the line stands for a mark that is being typed. */
  line: (wid: string, query: Asked<"/api/workouts/{id}/measurements/line">) =>
    queryOptions({
      queryKey: ["line", wid, query],
      queryFn: () => ask(api.GET("/api/workouts/{id}/measurements/line", { params: { path: { id: wid }, query } })),
      retry: false,
    }),

  code: (code: string) =>
    queryOptions({
      queryKey: ["code", code],
      queryFn: () => ask(api.GET("/api/published/{code}", { params: { path: { code } } })),
      retry: false,
    }),

  publishedBrief: (code: string, query: Asked<"/api/published/{code}/brief">) =>
    queryOptions({
      queryKey: ["published-brief", code, query],
      queryFn: () => ask(api.GET("/api/published/{code}/brief", { params: { path: { code }, query } })),
    }),

  publicQuestions: (code: string) =>
    queryOptions({
      queryKey: ["public-questions", code],
      queryFn: () => ask(api.GET("/api/published/{code}/questions", { params: { path: { code } } })),
    }),

  erratum: (code: string, query: Asked<"/api/published/{code}/erratum">) =>
    queryOptions({
      queryKey: ["erratum", code, query],
      queryFn: () => ask(api.GET("/api/published/{code}/erratum", { params: { path: { code }, query } })),
    }),
};

const again = (...keys: { queryKey: readonly unknown[] }[]) =>
  Promise.all(keys.map(({ queryKey }) => queryClient.invalidateQueries({ queryKey }))).then(() => undefined);

/** What has to be asked again after something was changed. */
export const changed = {
  competitions: () => again(queries.competitions()),

  /** A competition as it is now stored, and all that follows from it. */
  competition: (stored: StoredCompetition) => {
    queryClient.setQueryData(queries.competition(stored.id).queryKey, stored);
    return again(
      queries.overview(stored.id),
      queries.book(stored.id),
      queries.policies(stored.id),
      { queryKey: ["standard", stored.id] },
      { queryKey: ["playable", stored.id] },
      { queryKey: ["heat", stored.id] },
      { queryKey: ["usual", stored.id] },
    );
  },

  workouts: (cid: string) => again(queries.overview(cid)),

  /** What somebody is, or an invitation. */
  people: (cid: string) => again(queries.people(cid), queries.me()),

  /** Athletes and teams: their plan is checked against them. */
  entries: (cid: string) =>
    again(queries.entries(cid), queries.plan(cid), queries.overview(cid), queries.timesNames(cid), { queryKey: ["entry-history", cid] }),

  officials: (cid: string) => again(queries.officials(cid), queries.plan(cid), queries.overview(cid)),

  /** The plan as it is now stored, and all that follows from it. */
  plan: (cid: string, now: Schemas["PlanShown"]) => {
    queryClient.setQueryData(queries.plan(cid).queryKey, now);
    return again(
      queries.overview(cid),
      queries.cards(cid),
      { queryKey: ["times", cid] },
      { queryKey: ["times-all", cid] },
      { queryKey: ["card-papers", cid] },
      { queryKey: ["heat-words", cid] },
    );
  },

  /** A card as it stands after it was typed, and all that follows from it. */
  desk: (cid: string, now: Schemas["DeskCard"]) => {
    queryClient.setQueryData(queries.deskCard(cid, now.line.card.id).queryKey, now);
    return again(queries.cards(cid), queries.results(cid), queries.overview(cid), { queryKey: ["desk-find", cid] });
  },

  deskCard: (cid: string, card: string) => again(queries.deskCard(cid, card)),
  planSearch: (cid: string) => again(queries.planSearch(cid)),
  cards: (cid: string, now: Schemas["CardsOf"]) => {
    queryClient.setQueryData(queries.cards(cid).queryKey, now);
    return again(queries.overview(cid), { queryKey: ["card-papers", cid] });
  },

  /** Links instead of accounts. */
  links: (cid: string) => again(queries.links(cid)),

  /** A rule of a workout about a standard. */
  ruleOf: (cid: string, wid: string) => again({ queryKey: ["standard", cid] }, queries.workout(wid), queries.overview(cid)),

  /** A version, an answer to the interview, or a ruling. */
  publishing: (cid: string, wid: string) =>
    again(queries.interview(wid), queries.published(wid), queries.questions(wid), queries.competition(cid), queries.overview(cid)),

  /** Readings of athletes: they stand on the papers. */
  measurements: (wid: string) => again({ queryKey: ["brief", wid] }),
};
