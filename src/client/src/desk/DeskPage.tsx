import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { CardForm } from "./CardForm";
import { kept, type Half } from "./kept";
import { lineOf } from "./words";

const Scan = lazy(() => import("./Scan").then((m) => ({ default: m.Scan })));

/** The score desk: find a card by its number, by scanning its code, or by name, and type it. */
export function DeskPage() {
  const { cid = "", card = "" } = useParams();
  return <main className="px-6 py-4">{card ? <OneCard key={card} cid={cid} card={card} /> : <Find cid={cid} />}</main>;
}

function Find({ cid }: { cid: string }) {
  const [words, setWords] = useState("");
  const [asked, setAsked] = useState("");
  const [camera, setCamera] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const go = useNavigate();
  const found = useQuery({ ...queries.deskFind(cid, asked), enabled: asked !== "" });
  useEffect(() => field.current?.focus(), []);
  // A scanner types a code and ends it with Enter; one card that it names is opened at once.
  useEffect(() => {
    if (asked && found.data?.length === 1) void go(`/c/${cid}/desk/${found.data[0]!.card.id}`);
  }, [asked, found.data, cid, go]);
  return (
    <>
      <h1>Score desk</h1>
      <form
        className="mt-4 max-w-xl"
        onSubmit={(e) => {
          e.preventDefault();
          setAsked(words.trim());
        }}
      >
        <label htmlFor="find" className="block font-semibold">
          Card: its number with the code, scanned; the athlete’s number; or a name
        </label>
        <div className="mt-1 flex gap-3">
          <input
            id="find"
            ref={field}
            className="w-full text-lg"
            value={words}
            autoComplete="off"
            onChange={(e) => setWords(e.target.value)}
          />
          <button className="press" disabled={!words.trim()}>
            Find
          </button>
        </div>
        {!camera && (
          <button type="button" className="act mt-2" onClick={() => setCamera(true)}>
            Scan with the camera
          </button>
        )}
      </form>
      {camera && (
        <Suspense fallback={<Loading what="the camera" />}>
          <Scan
            onRead={(text) => {
              setCamera(false);
              setWords(text);
              setAsked(text.trim());
            }}
            onClose={() => setCamera(false)}
          />
        </Suspense>
      )}
      {asked && found.isPending && <Loading what="the card" />}
      {found.isError && <Message error={found.error} retry={() => void found.refetch()} />}
      {asked && found.data && found.data.length !== 1 && (
        <ul className="mt-4 max-w-3xl" aria-label="Cards found">
          {found.data.length === 0 && <li>No card is called so. Cards are made under “Cards”; one that was never made cannot be typed.</li>}
          {found.data.map((l) => (
            <li key={l.card.id} className="border-b border-rule">
              <Link className="block py-2" to={`/c/${cid}/desk/${l.card.id}`}>
                <span className="mono">{l.bib}</span> <bdi className="font-semibold">{l.name}</bdi>{" "}
                <span className="text-soft">
                  <bdi>{lineOf(l)}</bdi>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

function OneCard({ cid, card }: { cid: string; card: string }) {
  const [start, setStart] = useState<Half | null>(null);
  const [level, setLevel] = useState("");
  const found = useQuery(queries.deskCard(cid, card, level));
  useEffect(() => {
    void kept(card).then((half) => {
      setStart(half);
      setLevel(half.level);
    });
  }, [card]);
  if (found.isPending || !start) return <Loading what="the card" />;
  if (found.isError) return <Message error={found.error} retry={() => void found.refetch()} />;
  return <CardForm cid={cid} card={found.data} start={start} onLevel={setLevel} />;
}
