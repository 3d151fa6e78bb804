import { get, set as keep } from "idb-keyval";
import { useCallback, useEffect, useReducer, useRef, useState } from "react";
import { api, ask, Refused, type Movement, type Schemas } from "../api/client";
import { changed } from "../api/queries";
import { Steps } from "../document/steps";

export type Place = { phase: "Start" | "Through" | "Finish"; breaks: string | null };
type Change = Pick<Schemas["PoseChange"], "turn" | "drag" | "reach">;

/** A change of the position at a place, or none, to be looked at by the core. */
interface Asked {
  change: Change;
  place: Place;
  stature: number;
}

const isNone = (c: Change) => !c.turn && !c.drag && !c.reach;

/** True when one takes the place of the other: the same joint turned on, the same part dragged on. */
const goesOn = (a: Asked, b: Asked) =>
  a.place === b.place &&
  ((a.change.turn && b.change.turn && a.change.turn.joint === b.change.turn.joint && a.change.turn.side === b.change.turn.side) ||
    (a.change.drag && b.change.drag && a.change.drag.part === b.change.drag.part && a.change.drag.side === b.change.drag.side));

/** What waits to be asked. A look without a change comes last, once; a joint that is turned on is asked about once. */
function queued(waiting: Asked[], next: Asked): Asked[] {
  const changes = waiting.filter((w) => !isNone(w.change));
  const last = changes.at(-1);
  return last && goesOn(last, next) ? [...changes.slice(0, -1), next] : [...changes, next];
}

/**
 * A standard that is being written: undo and redo, kept in this browser until it is put into the book, and looked at by
 * the core after every change. One question is on its way at a time; the others wait in their order, and none is lost.
 */
export function useWriting(cid: string, key: string, begun: Movement) {
  const [movement, setMovement] = useState(begun);
  const [steps] = useState(() => new Steps<Movement>());
  const [, stepped] = useReducer((n: number) => n + 1, 0);
  const [looked, setLooked] = useState<Schemas["Looked"] | null>(null);
  const [failed, setFailed] = useState<Refused | null>(null);
  const [place, setPlace] = useState<Place>({ phase: "Finish", breaks: null });
  const [stature, setStature] = useState(1750);
  const now = useRef({ movement: begun, place, stature });
  const asking = useRef(false);
  const waiting = useRef<Asked[]>([]);
  /** Counts what was undone or redone: an answer to a question from before it is of a standard that stands no more. */
  const turned = useRef(0);

  const put = useCallback(
    (m: Movement) => {
      now.current = { ...now.current, movement: m };
      setMovement(m);
      void keep(`writing/${cid}/${key}`, m);
    },
    [cid, key],
  );

  const question = useCallback(
    async ({ change, place, stature }: Asked) => {
      const since = turned.current;
      try {
        const answer = await ask(
          api.POST("/api/competitions/{id}/standards/look", {
            params: { path: { id: cid } },
            body: { movement: now.current.movement, pose: { phase: place.phase, breaks: place.breaks, stature, ...change } },
          }),
        );
        if (since !== turned.current) return;
        setFailed(null);
        if (place === now.current.place) setLooked(answer);
        if (answer.pose && (change.turn || change.drag || change.reach)) {
          const { movement } = now.current;
          const rest = (movement.poses ?? []).filter((p) => p.phase !== place.phase || (p.breaks ?? null) !== place.breaks);
          put({ ...movement, poses: [...rest, { phase: place.phase, breaks: place.breaks, angles: answer.pose.angles }] });
        }
      } catch (e) {
        setFailed(e instanceof Refused ? e : null);
      }
    },
    [cid, put],
  );

  const look = useCallback(
    async (change: Change) => {
      waiting.current = queued(waiting.current, { change, place: now.current.place, stature: now.current.stature });
      if (asking.current) return;
      asking.current = true;
      for (let next = waiting.current.shift(); next; next = waiting.current.shift()) await question(next);
      asking.current = false;
    },
    [question],
  );

  // The first question is asked when the page stands; later ones follow changes.
  useEffect(() => {
    const timer = setTimeout(() => void look({}), 0);
    return () => clearTimeout(timer);
  }, [look]);

  const remember = useCallback(
    (field: string) => {
      steps.before(now.current.movement, field);
      stepped();
    },
    [steps],
  );

  /** Changes the text of the standard; typing in one field is one step of undo. */
  const change = useCallback(
    (m: Movement, field: string) => {
      remember(field);
      put(m);
      void look({});
    },
    [look, put, remember],
  );

  /** Changes the position that is shown; a drag is one step of undo. */
  const pose = useCallback(
    (c: Change, field: string) => {
      remember(field);
      void look(c);
    },
    [look, remember],
  );

  const show = useCallback(
    (p: Place, s: number) => {
      now.current = { ...now.current, place: p, stature: s };
      setPlace(p);
      setStature(s);
      void look({});
    },
    [look],
  );

  const step = useCallback(
    (which: "undo" | "redo") => {
      const to = steps[which](now.current.movement);
      if (!to) return;
      turned.current++;
      waiting.current = [];
      put(to);
      void look({});
    },
    [look, put, steps],
  );
  const undo = useCallback(() => step("undo"), [step]);
  const redo = useCallback(() => step("redo"), [step]);

  return { movement, looked, failed, place, stature, change, pose, show, undo, redo, canUndo: steps.canUndo, canRedo: steps.canRedo };
}

/** What was left unfinished in this browser; undefined when there is nothing. */
export const unfinished = (cid: string, key: string) => get<Movement>(`writing/${cid}/${key}`);

export const forget = (cid: string, key: string) => keep(`writing/${cid}/${key}`, undefined);

/** Puts a standard into the competition's book, over whatever else was changed there meanwhile. */
export async function putIntoBook(cid: string, written: Movement, was: string | null): Promise<Refused | null> {
  const movement = { ...written, synonyms: written.synonyms.map((s) => s.trim()).filter((s) => s !== "") };
  for (let attempt = 0; attempt < 4; attempt++) {
    try {
      const stored = await ask(api.GET("/api/competitions/{id}", { params: { path: { id: cid } } }));
      const own = stored.competition.ownMovements ?? [];
      const at = own.findIndex((m) => m.id === (was ?? movement.id));
      const answer = await ask(
        api.PUT("/api/competitions/{id}", {
          params: { path: { id: cid } },
          body: {
            baseRevision: stored.revision,
            saveId: crypto.randomUUID(),
            competition: {
              ...stored.competition,
              ownMovements: at < 0 ? [...own, movement] : own.map((m, i) => (i === at ? movement : m)),
            },
          },
        }),
      );
      void changed.competition(answer);
      return null;
    } catch (e) {
      const refused = e instanceof Refused ? e : new Refused(0, "Something went wrong in this window.", undefined, {}, {});
      if (refused.status !== 409 || attempt === 3) return refused;
    }
  }
  return null;
}
