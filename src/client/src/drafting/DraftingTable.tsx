import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { Link, useLocation, useNavigate, useParams, useSearchParams } from "react-router";
import { api, ask as answerOf, Refused, type Explanation, type Schemas, type StoredDraft } from "../api/client";
import { changed, queries } from "../api/queries";
import { Choice } from "../ui/Choice";
import { FileButton } from "../ui/FileButton";
import { SignInAgain } from "../ui/SignInAgain";
import { Loading, Message } from "../ui/Message";
import { moved, offsets, type Edit } from "../document/edits";
import { keptWords } from "../document/words";
import { ConflictLeaf } from "./ConflictLeaf";
import { DraftSession, useDraft, type SaveState } from "./draftSession";
import type { EditorHandle } from "./Editor";
import { LedgerPane } from "./LedgerPane";
import { NotationHelp } from "./NotationHelp";
import { NotesMargin } from "./NotesMargin";
import { PrescriptionGrid } from "./PrescriptionGrid";
import { Ribbon } from "./Ribbon";
import { Structures } from "./Structures";

const Editor = lazy(() => import("./Editor"));

/** The drafting table: the text on the left, what the program understood on the right and below, notes in the margin. */
export function DraftingTable() {
  const { wid = "" } = useParams();
  const stored = useQuery({
    ...queries.workout(wid),
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (stored.isPending) return <Loading what="the draft" />;
  if (stored.isError)
    return (
      <main className="p-6">
        <Message error={stored.error} retry={() => void stored.refetch()} />
      </main>
    );
  return <Table key={wid} stored={stored.data} />;
}

function Table({ stored }: { stored: StoredDraft }) {
  const editor = useRef<EditorHandle>(null);
  const [session] = useState(() => new DraftSession(stored));
  const draft = useDraft(session);
  const { cid = "" } = useParams();
  const go = useNavigate();
  const words = useQuery(queries.words(cid)).data;
  const competition = useQuery(queries.competition(cid)).data?.competition;
  // A finding on another page leads to its line.
  const asked = Number(useSearchParams()[0].get("line"));
  const [line, setLine] = useState(1);
  const [division, setDivision] = useState("");
  const [duty, setDuty] = useState("");
  const [help, setHelp] = useState(false);
  const [folded, setFolded] = useState(false);
  const [asking, setAsking] = useState(true);
  const [removing, setRemoving] = useState(false);
  const [sheetError, setSheetError] = useState<string | null>(null);
  const [late, setLate] = useState(false);
  const [lately, setLately] = useState("");
  // A text that was read for this draft: it is taken once, and not again when the page is loaded anew.
  const location = useLocation();
  const [read] = useState(() => location.state as { words: string; draft: string } | null);
  useEffect(() => {
    if (location.state) void go(`${location.pathname}${location.search}`, { replace: true, state: null });
  }, [go, location]);

  useEffect(() => {
    void session.open((text) => editor.current?.replace(text));
    return () => session.close();
  }, [session]);

  const x = draft.explanation;
  const columns = x?.grid.columns ?? [];
  const divisions = [...new Set(columns.map((c) => c.division))];
  const chosenDivision = divisions.includes(division) ? division : (divisions[0] ?? "");
  const duties = columns.filter((c) => c.division === chosenDivision).map((c) => c.duty);
  const chosenDuty = duties.includes(duty) ? duty : (duties[0] ?? "");
  const column = Math.max(
    0,
    columns.findIndex((c) => c.division === chosenDivision && c.duty === chosenDuty),
  );
  /** Edits that were worked out for a text are moved along with what was typed since, or not made at all. */
  const make = (edits: readonly Edit[] | null, madeFor: string) => {
    const now = edits && moved(edits, madeFor, session.snapshot().text);
    setLate(!now);
    if (now) editor.current?.apply(now);
    return now !== null;
  };
  const mend = (m: Schemas["Mend"]) => {
    const { explained } = session.snapshot();
    const edits = [m.edit, ...(m.more ?? [])].map((e) => offsets(explained, e));
    const all = edits.filter((e) => e !== null).sort((a, b) => a.from - b.from);
    make(all.length === edits.length ? all : null, explained);
  };
  const ask = async (body: string, from: number, to: number) =>
    (
      await answerOf(
        api.POST("/api/competitions/{id}/edit", { params: { path: { id: cid } }, body: { body, command: { kind: "read", from, to } } }),
      )
    ).edits;
  /** A whole text is read on a page of its own, beside the words. */
  const readAll = (text: string, pasted = false) => {
    keptWords.keep(stored.id, text);
    void go(`/c/${cid}/read?into=${stored.id}`, { state: { pasted } });
  };
  const command = async (of: Schemas["Command"], body: string) => {
    const answer = await answerOf(api.POST("/api/competitions/{id}/edit", { params: { path: { id: cid } }, body: { body, command: of } }));
    return make(answer.edits, body);
  };
  const setCell = async (row: Schemas["GridRow"], col: number, value: string) => {
    try {
      // The row's line belongs to the text that was explained.
      const { explained } = session.snapshot();
      const { division, duty } = columns[col]!;
      const done = await command({ kind: "cell", line: row.line, aspect: row.aspect, division, duty, value: value.trim() }, explained);
      if (!done) return "The text was changed here meanwhile; type it once more.";
      return null;
    } catch (e) {
      return e instanceof Refused ? (e.at("command.value") ?? e.title) : "This could not be set.";
    }
  };
  const waive = async (rule: string, reason: string | null) => {
    try {
      const done = await command({ kind: "waive", rule, reason }, session.snapshot().text);
      return done ? null : "The text was changed here meanwhile; say it once more.";
    } catch (e) {
      return e instanceof Refused ? (e.at("command.reason") ?? e.at("command.rule") ?? e.title) : "This could not be said.";
    }
  };
  const readSheet = async (csv: string) => {
    setSheetError(null);
    try {
      const body = session.snapshot().text;
      const answer = await answerOf(
        api.POST("/api/competitions/{id}/prescriptions", { params: { path: { id: cid } }, body: { body, csv } }),
      );
      make(answer.edits, body);
    } catch (e) {
      setSheetError(
        e instanceof Refused
          ? [e.title, ...Object.entries(e.errors).map(([at, why]) => `${at}: ${why.join(" ")}`)].join("\n")
          : "This file could not be read.",
      );
    }
  };
  const remove = async () => {
    await answerOf(api.PUT("/api/workouts/{id}/removed", { params: { path: { id: stored.id } }, body: { removed: true } }));
    await changed.workouts(cid);
    sessionStorage.setItem("removed", JSON.stringify({ id: stored.id, title: x?.title ?? "the workout" }));
    void go(`/c/${cid}/checks`);
  };
  const conflict = draft.save.kind === "conflict" ? draft.save.conflict : null;

  return (
    <div className={`xl:grid ${folded ? "xl:grid-cols-[minmax(0,1fr)_56px]" : "xl:grid-cols-[minmax(0,1fr)_236px]"}`}>
      <main className="min-w-0 px-6 py-4">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
          <div className="flex min-w-0 flex-wrap items-baseline gap-x-3">
            <h1>
              <bdi>{x?.title || "Untitled"}</bdi>
            </h1>
            <Status save={draft.save} recovered={draft.recovered} onAsk={() => setAsking(true)} />
          </div>
          {columns.length > 0 && (
            <div className="flex flex-wrap gap-x-7">
              <Choice label="Division" value={chosenDivision} of={divisions} onChange={setDivision} />
              <Choice label="Duty" value={chosenDuty} of={duties} onChange={setDuty} />
            </div>
          )}
        </div>
        <div className="mt-3">{x ? <Ribbon explanation={x} column={column} /> : <div className="h-24" />}</div>
        {late && (
          <p role="alert" className="mt-1 text-ochre">
            The text was changed just there since this was worked out, so nothing was done. Look at it again in a moment.
          </p>
        )}
        {draft.stale && (
          <p role="status" className="mt-1 text-ochre">
            What you see beside the text is {draft.stale}.
          </p>
        )}
        <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-5 lg:grid-cols-[minmax(0,1.12fr)_minmax(0,1fr)]">
          <section aria-labelledby="draft">
            <div className="section-head">
              <h2 id="draft">Draft</h2>
              <button className="act !font-normal text-[0.9rem]" onClick={() => setHelp(true)}>
                notation help
              </button>
            </div>
            <Suspense
              fallback={
                <pre className="mono overflow-x-auto py-1.5 pl-8 leading-[1.43] whitespace-pre-wrap" aria-label="Draft text">
                  {draft.text}
                </pre>
              }
            >
              <Editor
                handle={editor}
                initial={draft.text}
                at={asked >= 1 ? Math.floor(asked) : null}
                onChange={(t) => session.change(t)}
                onLine={setLine}
                onMend={(at) => {
                  const near = [...(session.snapshot().explanation?.findings ?? [])]
                    .filter((f) => f.mends.length > 0)
                    .sort((a, b) => Math.abs(a.at.line - at) - Math.abs(b.at.line - at))[0];
                  if (near) mend(near.mends[0]!);
                }}
                onAsk={ask}
                onRead={setLately}
                onSheet={(text) => readAll(text, true)}
                read={read}
                latest={{
                  explanation: x,
                  explained: draft.explained,
                  names: competition?.divisions.map((d) => d.name) ?? [],
                  movements: words ?? [],
                }}
              />
            </Suspense>
            <p role="status" className="min-h-6 text-[0.9rem] text-soft">
              {lately && (
                <>
                  Read <q className="break-words">{lately.split("\n")[0]}</q> as it stands above. Ctrl Z brings your words back.
                </>
              )}
            </p>
          </section>
          {x && (
            <div className="min-w-0 space-y-6">
              {x.pieces.length === 0 ? (
                <Structures text={() => session.snapshot().text} onBegin={(b) => editor.current?.begin(b.text, b.places)} />
              ) : (
                <LedgerPane explanation={x} column={column} />
              )}
              <Rules explanation={x} to={`/c/${cid}/scoring/${stored.id}`} />
            </div>
          )}
        </div>
        <div className="mt-6">{x && <PrescriptionGrid explanation={x} column={column} onSet={setCell} />}</div>
        <p className="mt-6 flex flex-wrap gap-x-6 border-t border-rule pt-2 text-[0.9rem] text-soft">
          {x && (
            <span>
              Fingerprint <span className="mono">{x.fingerprint}</span>
            </span>
          )}
          <Link className="act" to={`/c/${cid}/briefs/${stored.id}/judge`}>
            Judge brief
          </Link>
          <Link className="act" to={`/c/${cid}/briefs/${stored.id}/athlete`}>
            Athlete brief
          </Link>
          <a className="act" href={`/api/workouts/${stored.id}/export`} download>
            Export as JSON
          </a>
          {(["docx", "md", "txt"] as const).map((ending) => (
            <a key={ending} className="act" href={`/api/workouts/${stored.id}/draft.${ending}`} download>
              Draft as .{ending}
            </a>
          ))}
          <a className="act" href={`/api/workouts/${stored.id}/draft.xlsx`} download>
            Loads as .xlsx
          </a>
          <a className="act" href={`/api/workouts/${stored.id}/prescriptions.csv`} download>
            Prescriptions as CSV
          </a>
          <FileButton label="Read a CSV" accept=".csv,text/csv" onText={(t) => void readSheet(t)} />
          {removing ? (
            <span>
              Remove this workout?{" "}
              <button className="act" onClick={() => void remove()}>
                Remove it
              </button>{" "}
              ·{" "}
              <button className="act" onClick={() => setRemoving(false)}>
                Keep it
              </button>
            </span>
          ) : (
            <button className="act !font-normal" onClick={() => setRemoving(true)}>
              Remove this workout
            </button>
          )}
        </p>
        {sheetError && (
          <p role="alert" className="field-error whitespace-pre-line">
            {sheetError}
          </p>
        )}
      </main>
      <NotesMargin
        cid={cid}
        findings={x?.findings ?? []}
        text={draft.explained}
        line={line}
        folded={folded}
        onFold={() => setFolded(!folded)}
        onGoto={(f) => editor.current?.goto(f.at.line, f.at.column)}
        onMend={mend}
        onKit={() => session.again()}
        onWaive={waive}
        onRead={() => readAll(session.snapshot().text)}
      />
      <NotationHelp open={help} onClose={() => setHelp(false)} />
      {conflict && (
        <ConflictLeaf
          conflict={conflict}
          mine={draft.text}
          open={asking}
          onClose={() => setAsking(false)}
          onSettle={(t) => {
            setAsking(true);
            session.settle(t);
          }}
        />
      )}
    </div>
  );
}

function Rules({ explanation: x, to }: { explanation: Explanation; to: string }) {
  return (
    <section aria-labelledby="rule">
      <div className="section-head">
        <h2 id="rule">Scoring in sentences</h2>
        <Link className="act text-[0.9rem]" to={to}>
          Try a result
        </Link>
      </div>
      {x.scores.length === 0 && (
        <p className="py-2 text-soft">
          No score is computed yet. Write <span className="mono">score: reps</span> at the left edge.
        </p>
      )}
      {x.scores.map((s) => (
        <p key={s.line} className="border-b border-rule py-1.5 text-[0.94rem]">
          {s.sentences.slice(0, -1).join(" ")}
        </p>
      ))}
      {x.rulings.map((r) => (
        <p key={r} className="py-1.5 text-[0.94rem]">
          {r}
        </p>
      ))}
    </section>
  );
}

function Status({ save, recovered, onAsk }: { save: SaveState; recovered: boolean; onAsk: () => void }) {
  const time = (d: Date) => d.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
  return (
    <span
      role="status"
      className={save.kind === "saved" || save.kind === "saving" || save.kind === "changed" ? "text-soft" : "font-semibold text-brick"}
    >
      {save.kind === "saved" && `draft · saved ${time(save.at)}`}
      {save.kind === "saving" && "draft · saving"}
      {save.kind === "changed" && "draft · changed"}
      {save.kind === "waiting" && `not saved: ${save.reason} It is kept in this browser and saved as soon as that is possible.`}
      {save.kind === "refused" && `not saved: ${whole(save.why)} `}
      {save.kind === "refused" && save.why instanceof Refused && save.why.status === 401 && <SignInAgain />}
      {save.kind === "conflict" && (
        <>
          saved elsewhere since.{" "}
          <button className="act" onClick={onAsk}>
            See what changed
          </button>
        </>
      )}
      {recovered && save.kind !== "conflict" && " · restored from this browser"}
    </span>
  );
}

const whole = (why: Error) => (why instanceof Refused ? [why.title, ...Object.values(why.errors).flat()].join(" ") : why.message);
