import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { resultsAre } from "../api/resultQueries";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Loading, Message } from "../ui/Message";
import { namesOf, Who } from "./Boards";

/** What another version of the rules would do to the cards of a workout: who moves and why; then it is done, or not. */
export function UnderLeaf({
  cid,
  results,
  workout,
  onClose,
}: {
  cid: string;
  results: Schemas["ResultsOf"];
  workout: Schemas["WorkoutResults"];
  onClose: () => void;
}) {
  const [version, setVersion] = useState(0);
  const [reason, setReason] = useState("");
  const [failed, setFailed] = useState<Refused | null>(null);
  const [saveId] = useState(() => crypto.randomUUID());
  const found = useQuery(queries.under(cid, workout.workout, version));
  const names = namesOf(results);
  const store = async () => {
    setFailed(null);
    try {
      resultsAre(
        cid,
        await ask(
          api.POST("/api/competitions/{id}/results/under", {
            params: { path: { id: cid } },
            body: { saveId, workout: workout.workout, version, reason },
          }),
        ),
      );
      onClose();
    } catch (e) {
      setFailed(e as Refused);
    }
  };
  return (
    <Leaf
      open
      wide
      onClose={onClose}
      title={`${workout.title} under other rules`}
      lead="Each card is scored by the version it was printed from. This is what another one would make of it; nothing is stored yet."
    >
      <label className="block max-w-80">
        <span className="block font-semibold">Rules of</span>
        <select className="mt-0.5 w-full" value={version} onChange={(e) => setVersion(Number(e.target.value))}>
          <option value={0}>the version of each card</option>
          {(found.data?.versions ?? []).map((v) => (
            <option key={v} value={v}>
              version {v}, for all cards
            </option>
          ))}
        </select>
      </label>
      {found.isPending && <Loading what="what would move" />}
      {found.isError && <Message error={found.error} retry={() => void found.refetch()} />}
      {found.data && (
        <>
          <p className="mt-3 font-semibold">
            {found.data.moves.length === 0
              ? "No place and no score would be another one."
              : `${found.data.moves.length} ${found.data.moves.length === 1 ? "line would be another one." : "lines would be other ones."}`}
          </p>
          {found.data.cannotTake.length > 0 && (
            <ul className="mt-1 text-ochre">
              {found.data.cannotTake.map((t) => (
                <li key={t}>
                  <bdi>{t}</bdi>
                </li>
              ))}
            </ul>
          )}
          {found.data.moves.length > 0 && (
            <table className="ruled mt-2">
              <thead>
                <tr>
                  <th scope="col">Who</th>
                  <th scope="col">Now</th>
                  <th scope="col">Then</th>
                  <th scope="col">How it would come about</th>
                </tr>
              </thead>
              <tbody>
                {found.data.moves.map((m) => (
                  <tr key={m.division + m.score + m.entry}>
                    <td>
                      <Who names={names} entry={m.entry} />
                      <span className="block text-soft">
                        <bdi>
                          {m.division}, {m.score}
                        </bdi>
                      </span>
                    </td>
                    <td className="mono">
                      {m.place || "no place"}
                      <span className="block">{m.text}</span>
                    </td>
                    <td className="mono font-semibold">
                      {m.thenPlace || "no place"}
                      <span className="block">{m.thenText}</span>
                    </td>
                    <td className="text-soft">{m.reasons.join(" ")}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          <form
            className="mt-4"
            onSubmit={(e) => {
              e.preventDefault();
              void store();
            }}
          >
            <Field label="Reason" className="max-w-xl" value={reason} onChange={setReason} error={failed?.at("reason")} />
            {failed && !failed.at("reason") && <Message error={failed} />}
            <button className="press mt-3">
              {version === 0 ? "Score each card by its own version" : `Score all cards by version ${version}`}
            </button>
          </form>
        </>
      )}
    </Leaf>
  );
}
