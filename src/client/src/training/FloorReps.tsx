import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { FilmRep } from "./FilmRep";
import { FilmView } from "./FilmView";
import { lessMotion } from "./lessMotion";
import { RuleOf } from "./RuleOf";
import { Ruling } from "./Ruling";
import { StripView } from "./StripView";

/** Borderline reps of the own floor: drawn at a distance, ruled on, and what judges called before they read the ruling. */
export function FloorReps({ cid }: { cid: string }) {
  const found = useQuery(queries.floorReps(cid));
  return (
    <section className="mt-5 max-w-4xl" aria-label="Borderline reps">
      <h2 className="section-head">Borderline reps of this floor</h2>
      <p className="mt-1 text-soft">
        Where your ruling is not what the line alone says, or is asked about again and again: draw the rep or film it, and rule on it.
        Judges call it once under <i>Train my eyes</i> and then read your ruling. A ruling that changes a standard belongs in the standard.
      </p>
      {found.isPending ? (
        <Loading what="the borderline reps" />
      ) : found.isError ? (
        <Message error={found.error} retry={() => void found.refetch()} />
      ) : (
        <>
          <List cid={cid} {...found.data} />
          <Make cid={cid} can={found.data.can} />
          <FilmRep cid={cid} films={found.data.films} limits={found.data.limits} />
        </>
      )}
    </section>
  );
}

function List({ cid, reps, films, limits }: { cid: string } & Schemas["FloorReps"]) {
  const [failed, setFailed] = useState<unknown>(null);
  const [played, setPlayed] = useState({ id: "", round: 0 });
  const nameOf = (movement: string) => films.find((f) => f.movement === movement)?.name.english ?? movement;
  return (
    <>
      <ul>
        {reps.map(({ rep: r, sentence, tally: t }) => (
          <li key={r.id} className="border-b border-rule py-1">
            <b>{r.good ? "Good" : "No-rep"}:</b> <bdi>{r.ruling}</bdi>
            <span className="block text-soft">
              {nameOf(r.movement)}. {sentence} Called good by {t.good}, a no-rep by {t.noRep}, not seen by {t.unseen}.{" "}
              <span className="off-paper">
                <button
                  className="act"
                  onClick={() =>
                    ask(api.DELETE("/api/competitions/{id}/floor-reps/{rep}", { params: { path: { id: cid, rep: r.id } } })).then(
                      () => void trainingIs.floor(cid),
                      setFailed,
                    )
                  }
                >
                  Take it away<span className="sr-only">, {r.ruling}</span>
                </button>
                {r.frames && (
                  <>
                    {" "}
                    <button className="act" onClick={() => setPlayed((p) => ({ id: r.id, round: p.round + 1 }))}>
                      Show it<span className="sr-only">, {r.ruling}</span>
                    </button>
                  </>
                )}
              </span>
            </span>
            {played.id === r.id && (
              <div className="off-paper h-64">
                <StripView
                  key={played.round}
                  url={`/api/competitions/${cid}/floor-reps/${r.id}/strip`}
                  grid={{ frames: r.frames!, across: r.across!, wide: r.wide!, high: r.high! }}
                  rate={limits.rate}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      {failed !== null && <Message error={failed} />}
    </>
  );
}

function Make({ cid, can }: { cid: string; can: readonly Schemas["CanDraw"][] }) {
  const movements = [...new Map(can.map((c) => [c.movement, c.name.english])).entries()].sort((a, b) => a[1].localeCompare(b[1]));
  const [movement, setMovement] = useState(movements[0]?.[0] ?? "");
  const clauses = can.filter((c) => c.movement === movement);
  const [chosen, setClause] = useState("");
  const clause = clauses.find((c) => c.clause === chosen) ?? clauses[0];
  const [margin, setMargin] = useState("0");
  const [id, setId] = useState(() => crypto.randomUUID());
  const [shown, setShown] = useState<{ rep: Schemas["RepToCall"]; round: number } | null>(null);
  const [failed, setFailed] = useState<Refused | null>(null);
  if (!clause) return <p className="mt-2 text-soft">No movement here has figures that decide.</p>;
  const drawn = { id, movement, clause: clause.clause, margin: Number(margin.replace(",", ".")) };
  const changed =
    <T,>(set: (value: T) => void) =>
    (value: T) => {
      set(value);
      setShown(null);
    };
  const draw = () => {
    setFailed(null);
    ask(api.POST("/api/competitions/{id}/floor-reps/drawn", { params: { path: { id: cid } }, body: drawn })).then(
      (rep) => setShown((s) => ({ rep, round: (s?.round ?? 0) + 1 })),
      (e: unknown) => setFailed(e as Refused),
    );
  };
  return (
    <Ruling
      cid={cid}
      id={id}
      words={["Your ruling", "Why, in a sentence", "Keep it"]}
      keep={(ruled) => ask(api.POST("/api/competitions/{id}/floor-reps", { params: { path: { id: cid } }, body: { ...drawn, ...ruled } }))}
      kept={() => {
        setId(crypto.randomUUID());
        setShown(null);
      }}
      refused={setFailed}
    >
      <div className="flex flex-wrap items-end gap-3">
        <RuleOf
          words={["Movement", "Rule"]}
          movement={movement}
          setMovement={changed(setMovement)}
          movements={movements}
          clause={clause.clause}
          setClause={changed(setClause)}
          clauses={clauses}
        />
        <Field
          label={`Inside the line, ${clause.unit} (below 0: outside)`}
          className="w-72"
          value={margin}
          onChange={changed(setMargin)}
          error={failed?.at("margin")}
        />
        <button type="button" className="press-plain" onClick={draw}>
          Show it
        </button>
      </div>
      {shown && (
        <div className="mt-2 h-64">
          <FilmView key={shown.round} film={shown.rep.film} stills={lessMotion() ? shown.rep.stills : null} />
        </div>
      )}
      {failed && !failed.at("margin") && !failed.at("ruling") && <Message error={failed} />}
    </Ruling>
  );
}
