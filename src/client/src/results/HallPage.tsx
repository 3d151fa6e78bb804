import "../styles/hall.css";
import { useEffect, useState } from "react";
import { useParams } from "react-router";
import { Loading, Message } from "../ui/Message";
import { hallPages } from "./hallPages";
import { useResults } from "./useResults";

const seconds = 12;

/** The hall's screen: large, dark, a division after the other. Space stops it, the arrows turn it. */
export function HallPage() {
  const { cid = "" } = useParams();
  const { found } = useResults(cid);
  const [at, setAt] = useState(0);
  const [stopped, setStopped] = useState(false);
  const [size, setSize] = useState(() => rowsOf(window.innerHeight));
  useEffect(() => {
    const measure = () => setSize(rowsOf(window.innerHeight));
    window.addEventListener("resize", measure);
    return () => window.removeEventListener("resize", measure);
  }, []);
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (e.key === " ") setStopped((s) => !s);
      else if (e.key === "ArrowRight") setAt((n) => n + 1);
      else if (e.key === "ArrowLeft") setAt((n) => n - 1);
      else return;
      e.preventDefault();
    };
    document.addEventListener("keydown", key);
    return () => document.removeEventListener("keydown", key);
  }, []);
  useEffect(() => {
    if (stopped) return;
    const turn = setInterval(() => setAt((n) => n + 1), seconds * 1000);
    return () => clearInterval(turn);
  }, [stopped]);
  if (found.isPending) return <Loading what="the results" />;
  if (found.isError)
    return (
      <main className="hall">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const pages = hallPages(found.data, size);
  const page = pages[((at % pages.length) + pages.length) % pages.length];
  return (
    <main className="hall" aria-live="off">
      {page ? (
        <>
          <header className="flex items-baseline justify-between gap-8">
            <h1>
              <bdi>{page.division}</bdi>
            </h1>
            <p className="hall-soft">
              <bdi>{page.title}</bdi>, {page.state}
              {page.parts > 1 && `, ${page.part} of ${page.parts}`}
            </p>
          </header>
          <table className="hall-table">
            <thead className="sr-only">
              <tr>
                <th scope="col">Place</th>
                <th scope="col">Number</th>
                <th scope="col">Name</th>
                <th scope="col">Score</th>
              </tr>
            </thead>
            <tbody>
              {page.rows.map((r) => (
                <tr key={r.key}>
                  <td className="hall-place">{r.place}</td>
                  <td className="hall-soft mono">{r.bib}</td>
                  <td className="w-full">
                    <bdi>{r.name}</bdi>
                  </td>
                  <td className="mono whitespace-nowrap text-right">
                    {r.text} {r.more && <span className="hall-soft">{r.more}</span>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : (
        <p>No card is entered yet.</p>
      )}
      <footer className="hall-soft hall-foot">
        <span>
          <bdi>{found.data.competition}</bdi>
        </span>
        <span>{stopped ? "stopped; space goes on" : "space stops, arrows turn"}</span>
      </footer>
    </main>
  );
}

/** Lines that fit under the head, each a fourteenth of a tall screen. */
const rowsOf = (height: number) => Math.max(4, Math.min(12, Math.floor((height - 150) / 58)));
