import { Fragment, useState } from "react";
import { Link } from "react-router";
import type { Refused, Schemas, StoredCompetition } from "../api/client";
import { Message } from "../ui/Message";
import { decide } from "./policies";

/** Policies that are in force here because nobody has said anything: signed once, they hold for the competition. */
export function ToSign({
  cid,
  unsigned,
  competition,
  done,
}: {
  cid: string;
  unsigned: Schemas["PolicyToSign"][];
  competition: StoredCompetition;
  done: () => Promise<void>;
}) {
  const [error, setError] = useState<Refused | null>(null);
  const [busy, setBusy] = useState(false);
  if (unsigned.length === 0) return null;
  const sign = async (signed: Schemas["PolicyToSign"][]) => {
    setBusy(true);
    setError(null);
    try {
      await decide(
        competition,
        signed.map((p) => ({ topic: p.topic, answer: p.school })),
      );
      await done();
    } catch (e) {
      setError(e as Refused);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-labelledby="in-force">
      <div className="section-head">
        <h2 id="in-force">In force here, and signed by nobody</h2>
        <Link className="act !font-normal text-[0.9rem]" to={`/c/${cid}/standards/policies`}>
          Choose otherwise
        </Link>
      </div>
      <p className="mt-1 max-w-prose text-soft">
        The trade disagrees on these, and nobody of this competition has said anything: what usually holds is in force. Signed, it holds for
        every workout.
      </p>
      <ul className="mt-2">
        {unsigned.map((p) => (
          <li key={p.topic} className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4 border-b border-rule py-2">
            <div>
              <p>
                <b>
                  {capital(p.topic)}: {lower(p.label.english)}
                </b>{" "}
                <span className="text-soft">
                  ·{" "}
                  {p.movements.map((m, i) => (
                    <Fragment key={m.english}>
                      {i > 0 && ", "}
                      {p.standards[i] ? (
                        <Link className="underline" to={`/c/${cid}/standards/${p.standards[i]}`}>
                          {m.english}
                        </Link>
                      ) : (
                        m.english
                      )}
                    </Fragment>
                  ))}
                </span>
              </p>
              <p className="text-[0.93rem] text-soft">
                Judges: {p.judges.english} Athletes: {p.athletes.english}
              </p>
            </div>
            <button className="press-plain" disabled={busy} onClick={() => void sign([p])} aria-label={`Sign: ${p.topic}`}>
              Sign
            </button>
          </li>
        ))}
      </ul>
      {unsigned.length > 1 && (
        <p className="mt-3">
          <button className="press" disabled={busy} onClick={() => void sign(unsigned)}>
            Sign all {unsigned.length}
          </button>
        </p>
      )}
      {error && (
        <Message
          error={error}
          retry={() => {
            setError(null);
            void done();
          }}
        />
      )}
    </section>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
