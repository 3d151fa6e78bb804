import { api, ask, type Schemas, type StoredCompetition } from "../api/client";

/** Says something on topics for every workout of a competition, beside what it says already. */
export const decide = (competition: StoredCompetition, chosen: Pick<Schemas["PolicyChoice"], "topic" | "answer">[]) =>
  ask(
    api.PUT("/api/competitions/{id}", {
      params: { path: { id: competition.id } },
      body: {
        baseRevision: competition.revision,
        saveId: crypto.randomUUID(),
        competition: {
          ...competition.competition,
          policies: [...(competition.competition.policies ?? []), ...chosen.map((c) => ({ ...c, division: null }))],
        },
      },
    }),
  );
