import { useEffect, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { addWorkout } from "../drafting/addWorkout";
import { Loading, Message } from "../ui/Message";
import { Open } from "./Open";
import { Tied } from "./Tied";
import { YourWords } from "./YourWords";
import { answered, keptWords, lineAt } from "./words";

const pause = 250;

/** A workout as coaches write it on the left, how it is read on the right, and what the text leaves open between them. */
export function ReadPage() {
  const { cid = "" } = useParams();
  const go = useNavigate();
  const [text, setText] = useState(() => keptWords.of(cid));
  const [asked, setAsked] = useState(text);
  const [line, setLine] = useState(0);
  const [failed, setFailed] = useState<unknown>(null);
  const [before, setBefore] = useState<string[]>([]);
  const competition = useQuery(queries.competition(cid));
  const reading = useQuery({
    ...queries.reading(cid, competition.data?.competition, asked),
    enabled: !!competition.data && asked.trim() !== "",
    placeholderData: keepPreviousData,
  });
  useEffect(() => {
    keptWords.keep(cid, text);
    const timer = setTimeout(() => setAsked(text), pause);
    return () => clearTimeout(timer);
  }, [cid, text]);

  if (competition.isPending) return <Loading what="the competition" />;
  const read = text.trim() ? reading.data : undefined;
  const change = (next: string) => {
    setBefore([...before, text]);
    setText(next);
  };
  // What is typed after an answer is not lost by taking that back: then it can no longer be.
  const typed = (next: string) => {
    setBefore([]);
    setText(next);
  };
  const use = () => {
    if (!read?.draft) return;
    setFailed(null);
    addWorkout(cid, read.draft).then((id) => {
      keptWords.keep(cid, "");
      void go(`/c/${cid}/w/${id}`);
    }, setFailed);
  };
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-4 border-b border-rule pb-3">
        <div>
          <h1>Read a text</h1>
          <p className="text-soft">Paste or type a workout the way you have it. Nothing is stored before you use the reading.</p>
        </div>
        <span className="flex items-baseline gap-5">
          {before.length > 0 && (
            <button
              className="act"
              onClick={() => {
                setText(before[before.length - 1] ?? text);
                setBefore(before.slice(0, -1));
              }}
            >
              Take the answer back
            </button>
          )}
          <button className="press" disabled={!read?.draft || reading.isPlaceholderData || asked !== text} onClick={use}>
            Use this reading
          </button>
        </span>
      </div>
      {failed !== null && <Message error={failed} retry={use} />}
      {reading.isError && <Message error={reading.error} retry={() => void reading.refetch()} />}
      <div className="mt-4 grid gap-x-8 gap-y-4 *:min-w-0 lg:grid-cols-2">
        <YourWords text={text} onChange={typed} line={line} onLine={(place) => setLine(lineAt(text, place))} />
        <section aria-label="The reading">
          <h2>The reading</h2>
          {read?.draft ? (
            <Tied reading={read} line={line} onLine={setLine} />
          ) : (
            <p className="mt-2 text-soft">
              {text.trim() && read ? "No workout was found in this text." : "The draft stands here as soon as there are words."}
            </p>
          )}
        </section>
      </div>
      {read && <Open reading={read} onLine={setLine} onAnswer={(edit) => change(answered(text, edit))} />}
    </main>
  );
}
