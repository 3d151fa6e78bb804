import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";

export type Plan = Schemas["Plan"];
export type Heat = Schemas["Heat"];
export type Session = Schemas["Session"];
type Sending = (baseRevision: number, saveId: string) => Promise<Schemas["PlanShown"]>;
type Edit = Schemas["EditPlan"]["edit"];

/** The plan of a competition with what can be done to it, one thing after the other; somebody else's change is shown, never overwritten. */
export function usePlan(cid: string) {
  const found = useQuery(queries.plan(cid));
  const [failed, setFailed] = useState<Refused | null>(null);
  const [busy, setBusy] = useState("");
  const client = useQueryClient();
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const step = async (what: string, send: Sending): Promise<boolean> => {
    const now = client.getQueryData(queries.plan(cid).queryKey);
    if (!now) return false;
    setFailed(null);
    setBusy(what);
    try {
      await changed.plan(cid, await send(now.revision, crypto.randomUUID()));
      return true;
    } catch (e) {
      setFailed(e as Refused);
      if (e instanceof Refused && e.status === 409) await found.refetch();
      return false;
    } finally {
      setBusy("");
    }
  };
  // A second step waits for the first, so that it is done over what the first has made.
  const run = (what: string, send: Sending): Promise<boolean> => {
    const next = last.current.then(() => step(what, send));
    last.current = next;
    return next;
  };
  const params = { path: { id: cid } };
  return {
    found,
    failed,
    busy,
    make: (what: Schemas["MakeWhat"], words: string) =>
      run(words, (baseRevision, saveId) =>
        ask(api.POST("/api/competitions/{id}/plan/make", { params, body: { baseRevision, saveId, what } })),
      ),
    edit: (edit: Edit) =>
      run("Changing the plan", (baseRevision, saveId) =>
        ask(api.POST("/api/competitions/{id}/plan/edit", { params, body: { baseRevision, saveId, edit } })),
      ),
    /** Unlike a step by hand, this is a whole: it goes over the revision that was edited, or is refused. */
    set: (now: Pick<Plan, "zone" | "rules" | "draw" | "sessions" | "measuring">, baseRevision: number) =>
      run("Saving", (_, saveId) => ask(api.PUT("/api/competitions/{id}/plan", { params, body: { baseRevision, saveId, ...now } }))),
  };
}
