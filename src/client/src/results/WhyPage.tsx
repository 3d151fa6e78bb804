import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";

/** Why an entry has its place: from its card to the overall table, every rule that moved it. */
export function WhyPage() {
  const { cid = "", workout = "", entry = "" } = useParams();
  const found = useQuery(queries.why(cid, workout, entry));
  const inside = location.pathname.startsWith("/c/");
  if (found.isPending) return <Loading what="why" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const { name, title, division, steps } = found.data;
  return (
    <main className="mx-auto max-w-[46rem] px-4 py-5">
      <p className="off-paper">
        <Link className="act" to={`${inside ? `/c/${cid}/results` : `/results/${cid}`}?of=${workout}`}>
          Results of <bdi>{title}</bdi>
        </Link>
      </p>
      <h1 className="mt-2">
        Why {name.bib} <bdi>{name.name}</bdi> stands there
      </h1>
      <p className="text-soft">
        <bdi>
          {title}, {division}
          {name.gym && `, ${name.gym}`}
        </bdi>
      </p>
      <ol className="mt-4">
        {steps.map((s) => (
          <li key={s.head} className="mt-4">
            <h2 className="section-head">
              <bdi>{s.head}</bdi>
            </h2>
            <ul className="mt-1">
              {s.sentences.map((t, i) => (
                <li key={i} className="py-0.5">
                  <bdi>{t}</bdi>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </main>
  );
}
