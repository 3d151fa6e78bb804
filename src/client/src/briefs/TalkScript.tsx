import type { Schemas } from "../api/client";

/** What is said, part by part, for somebody who stands before the group and reads it. */
export function TalkScript({ talk }: { talk: Schemas["Talk"] }) {
  return (
    <article className="paper talk" lang={talk.language === "Spanish" ? "es" : "en"} data-paper="Talk" aria-label={`${talk.title}, script`}>
      <header className="head">
        <div>
          <h1>
            <bdi>{talk.title}</bdi>
          </h1>
          <p>
            <b>{talk.language === "Spanish" ? "Guion" : "Script"}</b> · <bdi>{talk.for}</bdi>
          </p>
        </div>
        <div className="issue">
          <p>
            <bdi>{talk.competition}</bdi>
          </p>
          <p>
            {talk.minutes} min · {talk.words} {talk.language === "Spanish" ? "palabras" : "words"} ·{" "}
            <span className="mono">{talk.fingerprint}</span>
          </p>
        </div>
      </header>
      <ol>
        {talk.parts.map((part, i) => (
          <li key={i} className="keep">
            {(i === 0 || talk.parts[i - 1]!.heading !== part.heading) && <h2>{part.heading}</h2>}
            {part.demonstrate && <p className="show">{part.demonstrate}</p>}
            <p>{part.say.join(" ")}</p>
          </li>
        ))}
      </ol>
    </article>
  );
}
