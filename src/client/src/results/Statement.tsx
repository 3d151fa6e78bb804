import type { Schemas } from "../api/client";
import { useAddress } from "../ui/useAddress";

const words = {
  en: {
    title: "How far these scores can be compared",
    shaky: "Places that would not stand",
    kept: "the same in",
    of: "of 100",
    podium: "On the podium",
    seed: "Seed of the draws",
    print: "Print",
    results: "The results",
    none: "No statement is published for this competition.",
  },
  es: {
    title: "Hasta dónde se pueden comparar estos resultados",
    shaky: "Puestos que no se mantendrían",
    kept: "igual en",
    of: "de 100",
    podium: "En el podio",
    seed: "Semilla del sorteo",
    print: "Imprimir",
    results: "Los resultados",
    none: "No hay ninguna declaración publicada de esta competición.",
  },
} as const;

type Tongue = keyof typeof words;

const say = (said: Schemas["Said"], tongue: Tongue) => (tongue === "es" ? (said.spanish ?? said.english) : said.english);

/** The language of the statement, as the address has it. */
export function useStatementTongue() {
  const { get, set } = useAddress();
  const tongue: Tongue = get("lang") === "es" ? "es" : "en";
  return { tongue, w: words[tongue], say: (t: Tongue) => set("lang", t) };
}

/** The statement of how comparable the scores are: on one page for a competition, in both languages, as it prints. */
export function Statement({ statement }: { statement: Schemas["StatementShown"] }) {
  const { tongue, w, say: choose } = useStatementTongue();
  const { name, lines, boards, seed } = statement;
  return (
    <div lang={tongue}>
      <p className="text-soft">
        <bdi>{name}</bdi>
      </p>
      <h1>{w.title}</h1>
      <p className="off-paper mt-2 flex flex-wrap gap-4">
        {(
          [
            ["en", "English"],
            ["es", "Español"],
          ] as const
        ).map(([t, label]) => (
          <button key={t} className="under" data-state={t === tongue ? "on" : "off"} aria-pressed={t === tongue} onClick={() => choose(t)}>
            {label}
          </button>
        ))}
        <button className="act" onClick={() => window.print()}>
          {w.print}
        </button>
      </p>
      <div className="mt-3 max-w-3xl">
        {lines.map((l) => (
          <p key={l.english} className="mt-1">
            {say(l, tongue)}
          </p>
        ))}
      </div>
      <div className="mt-4 max-w-5xl md:columns-2 md:gap-10 print:columns-2">
        {boards.map((b) => (
          <Board key={`${b.title} ${b.division} ${b.score}`} board={b} tongue={tongue} />
        ))}
      </div>
      <p className="mt-4 text-[0.9rem] text-soft">
        {w.seed}: <span className="mono">{seed}</span>
      </p>
    </div>
  );
}

function Board({ board: b, tongue }: { board: Schemas["BoardSaid"]; tongue: Tongue }) {
  const w = words[tongue];
  const kept = (s: Schemas["ShakyPlace"]) => (
    <li key={`${s.place} ${s.name}`} className="flex justify-between gap-3">
      <span>
        {s.place}. <bdi>{s.name}</bdi>
      </span>
      <span className="whitespace-nowrap text-soft">
        {w.kept} {Math.round(s.kept)} {w.of}
      </span>
    </li>
  );
  return (
    <section className="break-inside-avoid pb-4" aria-label={`${b.title}, ${b.division}, ${b.score}`}>
      <h2 className="section-head">
        <span>
          <bdi>{b.title}</bdi>, <bdi>{b.division}</bdi>
        </span>
        <span className="font-normal text-soft">{b.score}</span>
      </h2>
      {b.lines.map((l) => (
        <p key={l.english} className="mt-1">
          {say(l, tongue)}
        </p>
      ))}
      {b.podium.length > 0 && (
        <>
          <h3 className="mt-1 text-ochre">{w.podium}</h3>
          <ul>{b.podium.map(kept)}</ul>
        </>
      )}
      {b.shaky.length > b.podium.length && (
        <details className="mt-1 off-paper">
          <summary className="cursor-pointer text-soft">
            {w.shaky}: {b.shaky.length}
          </summary>
          <ul>{b.shaky.slice(b.podium.length).map(kept)}</ul>
        </details>
      )}
    </section>
  );
}
