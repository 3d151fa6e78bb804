import { Navigate } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { NewCompetition } from "../competition/NewCompetition";
import { Loading, Message } from "../ui/Message";

/** Leads whoever comes to their place: the sign-in, the drafts, or what is published; asks for a competition when there is none yet. */
export function Start() {
  const here = useQuery(queries.me());
  if (here.isPending) return <Loading what="Fair Compass" />;
  if (here.isError)
    return (
      <main className="p-8">
        <Message error={here.error} retry={() => void here.refetch()} />
      </main>
    );
  const me = here.data.in;
  if (!me) return <Navigate to="/sign-in" replace />;
  const first = me.places.find((p) => p.rights.includes("Look")) ?? me.places[0];
  if (!first) return <NewCompetition />;
  return <Navigate to={first.rights.includes("Look") ? `/c/${first.competition}/workouts` : `/papers/${first.competition}`} replace />;
}
