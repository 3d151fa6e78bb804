import { Severity } from "../ui/Severity";
import type { Finding, Schemas } from "../api/client";

/** Findings stand beside the line they are about, like a colleague's pencil notes. */
export function NotesMargin({
  findings,
  line,
  onGoto,
  onMend,
  folded,
  onFold,
}: {
  findings: Finding[];
  line: number;
  onGoto: (f: Finding) => void;
  onMend: (m: Schemas["Mend"]) => void;
  folded: boolean;
  onFold: () => void;
}) {
  const must = findings.filter((f) => f.severity === "MustFix").length;
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
        <p className="text-soft">{findings.length}</p>
      ) : (
        <>
          <p className="text-[0.9rem] text-soft" aria-live="polite">
            {findings.length === 0
              ? "Nothing missing, nothing contradictory."
              : [must && `${must} to settle`, findings.length - must && `${findings.length - must} more`].filter(Boolean).join(", ")}
          </p>
          <ol>
            {findings.map((f) => (
              <li key={f.key + f.at.line} className={`border-b border-rule py-3 ${f.at.line === line ? "-mx-3 bg-sheet px-3" : ""}`}>
                <button className="block w-full text-left" onClick={() => onGoto(f)}>
                  <span className="font-bold text-soft">line {f.at.line}</span> · <Severity of={f.severity} />
                </button>
                <p className="mt-0.5">{f.sentence}</p>
                <p className="text-[0.9rem] text-soft">{f.why}</p>
                {f.mends.map((m, i) => (
                  <p key={m.label}>
                    <button className="act" onClick={() => onMend(m)}>
                      {m.label}
                    </button>
                    {i === 0 && f.at.line === line && <kbd className="ml-2 border border-quiet px-1 text-[0.8rem] text-soft">Alt M</kbd>}
                  </p>
                ))}
              </li>
            ))}
          </ol>
        </>
      )}
    </aside>
  );
}
