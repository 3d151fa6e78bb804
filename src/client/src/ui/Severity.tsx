import type { Finding } from "../api/client";

const words = { MustFix: "must be settled", ShouldFix: "should be settled", WorthALook: "worth a look" } as const;

/** How much a finding matters: a word and a shape, never colour alone. */
export function Severity({ of }: { of: Finding["severity"] }) {
  const colour = of === "MustFix" ? "text-brick" : of === "ShouldFix" ? "text-ochre" : "text-soft";
  return (
    <span className={`${colour} font-bold`}>
      <svg viewBox="0 0 12 12" className="mr-1.5 inline size-3 align-[-1px]" aria-hidden="true">
        {of === "MustFix" ? (
          <rect x="1" y="1" width="10" height="10" fill="currentColor" />
        ) : of === "ShouldFix" ? (
          <path d="M6 1 11.5 11H.5Z" fill="currentColor" />
        ) : (
          <circle cx="6" cy="6" r="4.6" fill="none" stroke="currentColor" strokeWidth="1.5" />
        )}
      </svg>
      {words[of]}
    </span>
  );
}
