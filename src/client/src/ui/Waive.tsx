import { useEffect, useId, useRef, useState } from "react";

/** Takes the reason for which the notes of a check may stand. */
export function Waive({ rule, onWaive }: { rule: string; onWaive: (rule: string, reason: string | null) => Promise<string | null> }) {
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState("");
  const [wrong, setWrong] = useState("");
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (asking) input.current?.focus();
  }, [asking]);
  if (!asking)
    return (
      <p>
        <button className="act" onClick={() => setAsking(true)}>
          Let it stand
        </button>
      </p>
    );

  return (
    <form
      className="mt-1"
      onSubmit={(e) => {
        e.preventDefault();
        void onWaive(rule, reason).then((objection) => {
          setWrong(objection ?? "");
          if (objection === null) setAsking(false);
        });
      }}
    >
      <label className="block text-[0.9rem]" htmlFor={id}>
        Why may it stand?
      </label>
      <input
        id={id}
        className="block w-full"
        value={reason}
        maxLength={240}
        ref={input}
        aria-invalid={wrong !== ""}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        onChange={(e) => setReason(e.target.value)}
        onKeyDown={(e) => e.key === "Escape" && setAsking(false)}
      />
      {wrong && (
        <p id={`${id}-wrong`} role="alert" className="field-error">
          {wrong}
        </p>
      )}
      <button className="act">Let it stand</button>{" "}
      <button type="button" className="act" onClick={() => setAsking(false)}>
        Not now
      </button>
    </form>
  );
}
