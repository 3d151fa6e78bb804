import { useState, type ReactNode } from "react";
import type { Refused } from "../api/client";
import { trainingIs } from "../api/trainingQueries";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";

/** What is ruled of a borderline rep. */
export interface Ruled {
  /** Of the rep: what is looked at under it is what is kept. */
  id: string;
  good: boolean;
  ruling: string;
}

/** A borderline rep with the head judge’s ruling, to be kept. */
export function Ruling({
  cid,
  id,
  words,
  keep,
  kept,
  refused,
  children,
}: {
  cid: string;
  id: string;
  /** What stands at the ruling, at its reason, and on the button. */
  words: readonly [string, string, string];
  keep: (ruled: Ruled) => Promise<unknown>;
  kept: () => void;
  /** Told what was refused, null before each try, where the rep has fields to show it at; else it is shown here. */
  refused?: (failed: Refused | null) => void;
  /** The fields of the rep. */
  children: ReactNode;
}) {
  const [good, setGood] = useState(false);
  const [ruling, setRuling] = useState("");
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<Refused | null>(null);
  const tell = (e: Refused | null) => {
    refused?.(e);
    setFailed(e);
  };
  return (
    <form
      className="off-paper mt-3"
      onSubmit={(e) => {
        e.preventDefault();
        tell(null);
        setBusy(true);
        keep({ id, good, ruling })
          .then(
            () => {
              setRuling("");
              kept();
              void trainingIs.floor(cid);
            },
            (why: unknown) => tell(why as Refused),
          )
          .finally(() => setBusy(false));
      }}
    >
      {children}
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label>
          <span className="block font-semibold">{words[0]}</span>
          <select value={good ? "good" : "no"} onChange={(e) => setGood(e.target.value === "good")}>
            <option value="no">No-rep</option>
            <option value="good">Good</option>
          </select>
        </label>
        <Field label={words[1]} className="w-96" value={ruling} onChange={setRuling} error={failed?.at("ruling")} />
        <button className="press-plain" disabled={busy}>
          {words[2]}
        </button>
        {busy && <span role="status">Storing it…</span>}
      </div>
      {failed && !refused && !failed.at("ruling") && <Message error={failed} />}
    </form>
  );
}
