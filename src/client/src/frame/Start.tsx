import { Navigate } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { NewCompetition } from "../competition/NewCompetition";
import { Loading, Message } from "../ui/Message";

/** Opens the competition; asks for one when there is none yet. */
export function Start() {
  const all = useQuery(queries.competitions());
  if (all.isPending) return <Loading what="competitions" />;
  if (all.isError)
    return (
      <main className="p-8">
        <Message error={all.error} retry={() => void all.refetch()} />
      </main>
    );
  const first = all.data[0];
  return first ? <Navigate to={`/c/${first.id}/workouts`} replace /> : <NewCompetition />;
}
