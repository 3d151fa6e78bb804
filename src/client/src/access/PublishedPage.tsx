import { Link, useParams } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { days } from "../ui/days";
import { Loading, Message } from "../ui/Message";
import { useRights } from "../day/useRights";
import { Door } from "./Door";
import { SignOut } from "./SignOut";

/** What is published in a competition, for those who only read. */
export function PublishedPage() {
  const { cid = "" } = useParams();
  const found = useQuery(queries.publishedHere(cid));
  const me = useQuery(queries.me()).data?.in;
  const may = useRights(cid);
  if (found.isPending) return <Loading what="the papers" />;
  if (found.isError)
    return (
      <main className="p-8">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const { competition: c, workouts } = found.data;
  return (
    <Door title={c.name}>
      <p className="text-soft">
        {days(c.starts, c.ends)}
        {c.place && (
          <>
            {" "}
            · <bdi>{c.place}</bdi>
          </>
        )}
      </p>
      {workouts.length === 0 && <p className="mt-4">Nothing is published yet.</p>}
      <ul className="mt-4">
        {workouts.map((w) => (
          <li key={w.code} className="border-b border-rule py-2">
            <Link to={`/p/${w.code}`} className="flex justify-between gap-4">
              <b>
                <bdi>{w.title}</bdi>
              </b>
              <span className="text-soft">version {w.number}</span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-5 flex flex-wrap gap-x-5">
        <Link className="act" to={`/results/${cid}`}>
          Results
        </Link>
        <Link className="act" to={`/times/${cid}`}>
          When and where somebody runs
        </Link>
        {may("Train") && (
          <Link className="act" to={`/train/${cid}`}>
            Train my eyes
          </Link>
        )}
      </p>
      {me && (
        <p className="mt-6 text-soft">
          <bdi>{me.name}</bdi> <SignOut />
        </p>
      )}
    </Door>
  );
}
