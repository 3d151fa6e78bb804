import { useEffect, useState } from "react";
import { useLocation, useNavigate, useParams, useSearchParams } from "react-router";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { keptWords } from "../document/words";
import { addWorkout } from "../drafting/addWorkout";
import { Loading, Message } from "../ui/Message";
import { api, ask } from "../api/client";
import { textOf } from "./files";
import { Open } from "./Open";
import { Several } from "./Several";
import { Tied } from "./Tied";
import { YourWords } from "./YourWords";
import { answered, lineAt, sliced, spliced } from "./words";

const pause = 250;

/** A workout as coaches write it on the left, how it is read on the right, and what the text leaves open between them. */
export function ReadPage() {
  const { cid = "" } = useParams();
  const go = useNavigate();
  // The draft that the text is for; a new one where none is named.
  const into = useSearchParams()[0].get("into");
  const pasted = (useLocation().state as { pasted?: boolean } | null)?.pasted === true;
  const kept = into ?? cid;
  const [text, setText] = useState(() => keptWords.of(kept));
  const [asked, setAsked] = useState(text);
  const [line, setLine] = useState(0);
  const [failed, setFailed] = useState<{ error: unknown; retry: (() => void) | undefined } | null>(null);
  const [before, setBefore] = useState<string[]>([]);
  const [part, setPart] = useState<number | null>(null);
  const [taking, setTaking] = useState<number | null>(null);
  const competition = useQuery(queries.competition(cid));
  const reads = (words: string) => ({
    ...queries.reading(cid, competition.data?.competition, words),
    enabled: !!competition.data && words.trim() !== "",
    placeholderData: keepPreviousData,
  });
  const whole = useQuery(reads(asked));
  const workouts = (text.trim() && whole.data?.workouts) || [];
  const one = part === null ? undefined : workouts[part];
  const reading = useQuery(reads(one ? sliced(asked, one) : asked));
  useEffect(() => {
    keptWords.keep(kept, text);
    const timer = setTimeout(() => setAsked(text), pause);
    return () => clearTimeout(timer);
  }, [kept, text]);

  // What was pasted into a draft and is in the notation already needs no page of its own.
  const plain = pasted && into !== null && reading.data !== undefined && text !== "" && reading.data.draft === text;
  useEffect(() => {
    if (!plain) return;
    keptWords.keep(kept, "");
    void go(`/c/${cid}/w/${into}`, { replace: true, state: { words: text, draft: text } });
  }, [plain, go, cid, into, kept, text]);

  if (competition.isPending) return <Loading what="the competition" />;
  const read = text.trim() ? reading.data : undefined;
  const shown = one ? sliced(text, one) : text;
  const put = (next: string) => setText(one ? spliced(text, one, next) : next);
  const change = (next: string) => {
    setBefore([...before, text]);
    put(next);
  };
  // What is typed after an answer is not lost by taking that back: then it can no longer be.
  const typed = (next: string) => {
    setBefore([]);
    put(next);
  };
  const open = (file: File) => {
    setFailed(null);
    textOf(file, file.name).then(
      (words) => {
        setPart(null);
        setBefore([...before, text]);
        setText(words);
      },
      (error: unknown) => setFailed({ error, retry: undefined }),
    );
  };
  const held = competition.data?.competition;
  const takeAll = async () => {
    if (!held) return;
    setFailed(null);
    // What has become a draft is taken out of the text, so that nothing is made twice where one of them fails.
    let rest = text;
    let first = "";
    // The first goes into the empty draft from which this page was opened, as one reading would.
    let state: { words: string; draft: string } | undefined;
    try {
      for (const [i, p] of workouts.entries()) {
        setTaking(i);
        const words = sliced(text, p);
        const made = await ask(api.POST("/api/read", { body: { competition: held, text: words } }));
        if (i === 0 && into) {
          state = { words, draft: made.draft || words };
          first = into;
        } else {
          const id = await addWorkout(cid, made.draft || words);
          first ||= id;
        }
        rest = text.split("\n").slice(p.to).join("\n");
      }
      keptWords.keep(kept, "");
      void go(`/c/${cid}/w/${first}`, { state });
    } catch (error) {
      setTaking(null);
      setPart(null);
      setText(rest);
      setFailed({ error, retry: undefined });
    }
  };
  const use = () => {
    if (!read?.draft) return;
    setFailed(null);
    const state = { words: shown, draft: read.draft };
    (into ? Promise.resolve(into) : addWorkout(cid, read.draft)).then(
      (id) => {
        // What else stands in the text waits for the next time.
        keptWords.keep(kept, one ? spliced(text, one, "") : "");
        void go(`/c/${cid}/w/${id}`, { state });
      },
      (error: unknown) => setFailed({ error, retry: use }),
    );
  };
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-4 border-b border-rule pb-3">
        <div>
          <h1>Read a text</h1>
          <p className="text-soft">Paste, type or open a workout the way you have it. Nothing is stored before you use the reading.</p>
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
              Take it back
            </button>
          )}
          <button className="press" disabled={!read?.draft || reading.isPlaceholderData || asked !== text} onClick={use}>
            Use this reading
          </button>
        </span>
      </div>
      {failed && <Message error={failed.error} retry={failed.retry} />}
      {reading.isError && <Message error={reading.error} retry={() => void reading.refetch()} />}
      {workouts.length > 0 && (
        <Several parts={workouts} chosen={one ? part : null} onChoose={setPart} onAll={() => void takeAll()} taking={taking} />
      )}
      <div className="mt-4 grid gap-x-8 gap-y-4 *:min-w-0 lg:grid-cols-2">
        <YourWords text={shown} onChange={typed} line={line} onLine={(place) => setLine(lineAt(shown, place))} onFile={open} />
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
      {read && <Open reading={read} text={shown} onLine={setLine} onAnswer={(edit) => change(answered(shown, edit))} />}
    </main>
  );
}
