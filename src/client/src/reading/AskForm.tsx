import { useState } from "react";
import { api, ask, Refused } from "../api/client";
import { Message } from "../ui/Message";

/** Asks on a line of the brief; name and contact may stay empty. */
export function AskForm({
  code,
  lines,
  line,
  onLine,
  done,
}: {
  code: string;
  lines: string[];
  line: string;
  onLine: (line: string) => void;
  done: () => void;
}) {
  const [body, setBody] = useState("");
  const [name, setName] = useState("");
  const [contact, setContact] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  const [sent, setSent] = useState(false);
  const send = async () => {
    setError(null);
    setSent(false);
    try {
      await ask(api.POST("/api/published/{code}/questions", { params: { path: { code } }, body: { line, body, name, contact } }));
      setBody("");
      setSent(true);
      done();
    } catch (e) {
      setError(e as Refused);
    }
  };
  return (
    <form
      className="mt-3 space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        void send();
      }}
    >
      <label className="block">
        About which line
        <select className="block w-full" value={line} onChange={(e) => onLine(e.target.value)}>
          <option value="">the whole page</option>
          {lines.map((l, i) => (
            <option key={i}>{l}</option>
          ))}
        </select>
      </label>
      <label className="block">
        Your question
        <textarea
          className="block w-full"
          rows={3}
          maxLength={600}
          value={body}
          aria-invalid={!!error?.at("body")}
          onChange={(e) => setBody(e.target.value)}
        />
      </label>
      <div className="flex flex-wrap gap-3">
        <label className="block">
          Name, if you like
          <input className="block" maxLength={80} value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="block">
          Contact, seen by the head judge only
          <input className="block" maxLength={120} value={contact} onChange={(e) => setContact(e.target.value)} />
        </label>
      </div>
      <button className="press">Ask</button>{" "}
      {sent && (
        <span role="status" className="font-semibold text-spruce">
          Asked. The answer will stand on this page.
        </span>
      )}
      {error && <Message error={error} />}
    </form>
  );
}
