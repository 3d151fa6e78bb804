import { Link, Navigate, useNavigate, useParams } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { addWorkout } from "./addWorkout";

/** Opens the first workout, or says what to do when there is none. */
export function WorkoutsPage() {
  const { cid = "" } = useParams();
  const overview = useQuery(queries.overview(cid));
  const go = useNavigate();
  if (overview.isPending) return <Loading what="the workouts" />;
  if (overview.isError)
    return (
      <main className="p-6">
        <Message error={overview.error} retry={() => void overview.refetch()} />
      </main>
    );
  const first = overview.data.workouts[0];
  if (first) return <Navigate to={`/c/${cid}/w/${first.id}`} replace />;
  return (
    <main className="max-w-prose p-6">
      <h1>Workouts</h1>
      <p className="mt-2">
        There is no workout yet. Paste what you have, from a sheet, a message or a table, and see how it is read; or begin with an empty
        draft.
      </p>
      <Link className="press mt-4 mr-4 inline-block" to={`/c/${cid}/read`}>
        Read a text
      </Link>
      <button className="press mt-4" onClick={() => void addWorkout(cid).then((id) => go(`/c/${cid}/w/${id}`))}>
        New workout
      </button>
    </main>
  );
}
