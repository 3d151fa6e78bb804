import type { Refused } from "../api/client";
import { sheets, type Sheet } from "./sheet";
import type { Choices } from "./choices";

/** Division, language, sheet, figures, and numbers of cards; what does not concern the paper is not shown. */
export function PaperChoices({
  of: c,
  divisions,
  figures,
  head = false,
  cards,
  others,
  posts = [],
  refused,
}: {
  of: Choices;
  divisions: string[];
  figures: boolean;
  head?: boolean;
  cards: boolean;
  others: boolean;
  posts?: number[];
  refused: Refused | null;
}) {
  return (
    <>
      <label className="flex items-center gap-2">
        Division
        <select value={c.division} onChange={(e) => c.set("division", e.target.value)}>
          <option value="">all</option>
          {divisions.map((n) => (
            <option key={n}>{n}</option>
          ))}
        </select>
      </label>
      {posts.length > 0 && (
        <label className="flex items-center gap-2">
          For
          <select value={c.post} onChange={(e) => c.set("post", e.target.value)}>
            <option value="">every post</option>
            {posts.map((n) => (
              <option key={n} value={n}>
                post {n}
              </option>
            ))}
          </select>
        </label>
      )}
      <label className="flex items-center gap-2">
        Language
        <select value={c.language} onChange={(e) => c.set("language", e.target.value === "English" ? "" : e.target.value)}>
          <option>English</option>
          <option value="Spanish">Español</option>
        </select>
      </label>
      {others && <SheetChoice label="Sheet" value={c.sheet} of={["A4", "Letter"]} onChange={(s) => c.set("sheet", s === "A4" ? "" : s)} />}
      {cards && (
        <SheetChoice
          label={others ? "Cards on" : "Sheet"}
          value={c.cardSheet}
          of={["A4", "Letter", "A5"]}
          onChange={(s) => c.set("cardsheet", s === "A4" ? "" : s)}
        />
      )}
      {figures && (
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="min-h-0"
            checked={c.figures}
            onChange={(e) => c.set("figures", e.target.checked ? "true" : "")}
          />
          with figures
        </label>
      )}
      {head && (
        <label className="flex items-center gap-2">
          <input type="checkbox" className="min-h-0" checked={c.head} onChange={(e) => c.set("head", e.target.checked ? "true" : "")} />
          head judge’s copy
        </label>
      )}
      {cards && (
        <>
          <NumberOf label="Cards" value={c.count} error={refused?.at("cards")} onChange={(v) => c.set("cards", v)} />
          <NumberOf label="from number" value={c.first} error={refused?.at("first")} onChange={(v) => c.set("first", v)} />
        </>
      )}
    </>
  );
}

function SheetChoice({ label, value, of, onChange }: { label: string; value: Sheet; of: Sheet[]; onChange: (s: Sheet) => void }) {
  return (
    <label className="flex items-center gap-2">
      {label}
      <select value={value} onChange={(e) => onChange(e.target.value as Sheet)}>
        {of.map((s) => (
          <option key={s} value={s}>
            {sheets[s].name}
          </option>
        ))}
      </select>
    </label>
  );
}

function NumberOf({
  label,
  value,
  error,
  onChange,
}: {
  label: string;
  value: string;
  error: string | undefined;
  onChange: (v: string) => void;
}) {
  return (
    <span>
      <label className="flex items-center gap-2">
        {label}
        <input
          className="w-16 text-right"
          inputMode="numeric"
          value={value}
          aria-invalid={!!error}
          onChange={(e) => onChange(e.target.value.replace(/\D/g, "").slice(0, 4))}
        />
      </label>
      {error && (
        <span role="alert" className="field-error block">
          {error}
        </span>
      )}
    </span>
  );
}
