import { Link } from "react-router";
import { KitMend } from "../competition/KitMend";
import { Severity } from "../ui/Severity";
import { Waive } from "../ui/Waive";
import type { Finding, Schemas } from "../api/client";

/** Findings stand beside the line they are about, like a colleague's pencil notes. */
export function NotesMargin({
  cid,
  findings,
  text,
  line,
  onGoto,
  onMend,
  onKit,
  onWaive,
  onRead,
  folded,
  onFold,
}: {
  cid: string;
  findings: Finding[];
  /** The text that the findings are of. */
  text: string;
  line: number;
  onGoto: (f: Finding) => void;
  onMend: (m: Schemas["Mend"]) => void;
  /** The kit has what a finding missed. */
  onKit: () => void;
  /** Lets the notes of a check stand, with the reason, or takes that back; an objection when it cannot be said. */
  onWaive: (rule: string, reason: string | null) => Promise<string | null>;
  /** Reads the whole draft as a text. */
  onRead: () => void;
  folded: boolean;
  onFold: () => void;
}) {
  const open = findings.filter((f) => !f.waived);
  const standing = findings.filter((f) => f.waived);
  const must = open.filter((f) => f.severity === "MustFix").length;
  return (
    <aside
      aria-label="Notes"
      className={
        "off-paper border-rule bg-margin px-5 py-5 max-xl:border-t xl:sticky xl:top-0 xl:h-screen xl:overflow-y-auto xl:border-l " +
        (folded ? "xl:w-14 xl:px-2" : "")
      }
    >
      <div className={`flex items-baseline justify-between ${folded ? "xl:block" : ""}`}>
        <h2>Notes</h2>
        <button className="act text-[0.9rem]" aria-expanded={!folded} onClick={onFold}>
          {folded ? "Show" : "Fold"}
        </button>
      </div>
      {folded ? (
        <p className="text-soft">{open.length}</p>
      ) : (
        <>
          <p className="text-[0.9rem] text-soft" aria-live="polite">
            {open.length === 0
              ? "Nothing missing, nothing contradictory."
              : [must && `${must} to settle`, open.length - must && `${open.length - must} more`].filter(Boolean).join(", ")}
          </p>
          {open.some((f) => f.rule === "not-understood") && (
            <p className="pt-1">
              <button className="act" onClick={onRead}>
                Read all of it as a text
              </button>
            </p>
          )}
          <ol>
            {open.map((f) => (
              <li key={f.key + f.at.line} className={`border-b border-rule py-3 ${f.at.line === line ? "-mx-3 bg-sheet px-3" : ""}`}>
                <button className="block w-full text-left" onClick={() => onGoto(f)}>
                  <span className="font-bold text-soft">line {f.at.line}</span> · <Severity of={f.severity} />
                </button>
                <p className="mt-0.5">{f.sentence}</p>
                <p className="text-[0.9rem] text-soft">{f.why}</p>
                {(f.kitMends ?? []).map((m) => (
                  <KitMend key={m.label} mend={m} cid={cid} onAdded={onKit} />
                ))}
                {f.mends.map((m, i) => (
                  <p key={m.label}>
                    <button className="act" onClick={() => onMend(m)}>
                      {m.label}
                    </button>
                    {i === 0 && f.at.line === line && <kbd className="ml-2 border border-quiet px-1 text-[0.8rem] text-soft">Alt M</kbd>}
                  </p>
                ))}
                {f.rule === "standard-missing" && (
                  <p>
                    <Link className="act" to={`/c/${cid}/standards/write?name=${encodeURIComponent(wordAt(text, f))}`}>
                      Write a standard for it
                    </Link>
                  </p>
                )}
                {f.severity !== "MustFix" && f.rule !== "waiver-misfit" && <Waive rule={f.rule} onWaive={onWaive} />}
              </li>
            ))}
          </ol>
          {standing.length > 0 && (
            <details className="mt-3">
              <summary className="text-[0.9rem] text-soft">{standing.length} let stand</summary>
              <ol>
                {standing.map((f) => (
                  <li key={f.key + f.at.line} className="border-b border-rule py-2 text-[0.9rem] text-soft">
                    <button className="block text-left" onClick={() => onGoto(f)}>
                      line {f.at.line}: {f.sentence}
                    </button>
                    <p>
                      Because: <bdi>{f.waived}</bdi>{" "}
                      <button className="act" onClick={() => void onWaive(f.rule, null)}>
                        Look at it again
                      </button>
                    </p>
                  </li>
                ))}
              </ol>
            </details>
          )}
        </>
      )}
    </aside>
  );
}

/** The words that a finding is about. */
const wordAt = (text: string, { at }: Finding) => (text.split("\n")[at.line - 1] ?? "").slice(at.column - 1, at.column - 1 + at.length);
