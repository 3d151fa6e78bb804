import { useCallback, useEffect, useRef, useState } from "react";
import { api, ask, Refused, type Competition, type StoredCompetition } from "../api/client";
import { queryClient } from "../api/queries";

export type DocumentState = "saved" | "changed" | "saving" | "waiting" | "refused" | "conflict";

/** A competition being edited: saved by itself when typing pauses, with undo and redo of whole steps. */
export function useDocument(stored: StoredCompetition) {
  const [value, setValue] = useState(stored.competition);
  const [state, setState] = useState<DocumentState>("saved");
  const [error, setError] = useState<Refused | null>(null);
  const [past, setPast] = useState<Competition[]>([]);
  const [future, setFuture] = useState<Competition[]>([]);
  const base = useRef(stored.revision);
  const saveId = useRef<{ id: string; of: Competition } | null>(null);
  const latest = useRef(value);
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const lastEdit = useRef({ field: "", at: 0 });
  const saveRef = useRef<() => Promise<void>>(async () => undefined);

  const later = useCallback((ms: number) => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void saveRef.current(), ms);
  }, []);

  const save = useCallback(async () => {
    clearTimeout(timer.current);
    if (busy.current) return;
    busy.current = true;
    const sent = latest.current;
    if (saveId.current?.of !== sent) saveId.current = { id: crypto.randomUUID(), of: sent };
    setState("saving");
    try {
      const answer = await ask(
        api.PUT("/api/competitions/{id}", {
          params: { path: { id: stored.id } },
          body: { baseRevision: base.current, saveId: saveId.current.id, competition: sent },
        }),
      );
      base.current = answer.revision;
      setError(null);
      queryClient.setQueryData(["competition", stored.id], answer);
      for (const key of ["overview", "book", "policies"]) void queryClient.invalidateQueries({ queryKey: [key, stored.id] });
      setState(latest.current === sent ? "saved" : "changed");
      if (latest.current !== sent) later(300);
    } catch (e) {
      const refused = e instanceof Refused ? e : null;
      setError(refused);
      setState(refused?.passing ? "waiting" : refused?.status === 409 ? "conflict" : "refused");
      if (refused?.passing) later(2000);
    } finally {
      busy.current = false;
    }
  }, [later, stored.id]);

  useEffect(() => {
    saveRef.current = save;
  }, [save]);

  const put = useCallback(
    (next: Competition) => {
      latest.current = next;
      setValue(next);
      setState((s) => (s === "conflict" ? s : "changed"));
      later(600);
    },
    [later],
  );

  /** Changes the document. Typing in one field is one step of undo. */
  const change = useCallback(
    (next: Competition, field: string) => {
      const now = Date.now();
      const sameStep = lastEdit.current.field === field && now - lastEdit.current.at < 1500;
      lastEdit.current = { field, at: now };
      const before = latest.current;
      if (!sameStep) setPast((p) => [...p.slice(-99), before]);
      setFuture([]);
      put(next);
    },
    [put],
  );

  const undo = useCallback(() => {
    const last = past[past.length - 1];
    if (!last) return;
    setPast(past.slice(0, -1));
    setFuture([latest.current, ...future]);
    lastEdit.current = { field: "", at: 0 };
    put(last);
  }, [past, future, put]);

  const redo = useCallback(() => {
    const next = future[0];
    if (!next) return;
    setFuture(future.slice(1));
    setPast([...past, latest.current]);
    put(next);
  }, [past, future, put]);

  /** Settles a conflict: with one's own document, or with the stored one. */
  const settle = useCallback(
    (mine: boolean) => {
      const current = error?.body.current as StoredCompetition | undefined;
      if (!current) return;
      base.current = current.revision;
      saveId.current = null;
      setError(null);
      if (mine) {
        setState("changed");
        later(0);
      } else {
        setPast([...past, latest.current]);
        latest.current = current.competition;
        setValue(current.competition);
        setState("saved");
        queryClient.setQueryData(["competition", stored.id], current);
      }
    },
    [error, later, past, stored.id],
  );

  useEffect(
    () => () => {
      clearTimeout(timer.current);
    },
    [],
  );

  return { value, state, error, change, undo, redo, settle, canUndo: past.length > 0, canRedo: future.length > 0, retry: () => later(0) };
}
