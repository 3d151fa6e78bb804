import { useRef, useState } from "react";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { sendFile } from "../api/files";
import { changed } from "../api/queries";
import { when } from "../ui/days";
import { FileButton } from "../ui/FileButton";
import { Message } from "../ui/Message";

/** Photographs that are kept with a card. */
export function Photos({ cid, card }: { cid: string; card: Schemas["DeskCard"] }) {
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<Refused | null>(null);
  const saveId = useRef(crypto.randomUUID());
  const id = card.line.card.id;
  const at = `/api/competitions/${cid}/desk/${id}/photos`;
  const run = async (work: () => Promise<unknown>) => {
    setBusy(true);
    setFailed(null);
    try {
      await work();
      saveId.current = crypto.randomUUID();
      await changed.deskCard(cid, id);
    } catch (e) {
      setFailed(e as Refused);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className="mt-6" aria-label="Photographs of the card">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className="font-semibold">Photographs of the card</span>
        <FileButton
          label="Add one"
          accept="image/jpeg,image/png,image/webp"
          onFile={(file) => void run(() => sendFile(`${at}?saveId=${saveId.current}`, file))}
        />
        {busy && <span role="status">Storing it…</span>}
        <span className="text-soft">At most 10 MB. What the camera wrote beside it, such as the place, is left out.</span>
      </p>
      {failed && <Message error={failed} />}
      <ul className="mt-2 flex flex-wrap gap-4">
        {card.photos.map((p, i) => (
          <li key={p.id}>
            {p.isThere ? (
              <>
                <a href={`${at}/${p.id}`} target="_blank" rel="noreferrer">
                  <img src={`${at}/${p.id}`} alt={`Card, photograph ${i + 1}`} className="h-40 border border-rule" />
                </a>
                <button
                  className="act"
                  disabled={busy}
                  onClick={() =>
                    void run(() =>
                      ask(
                        api.DELETE("/api/competitions/{id}/desk/{card}/photos/{photo}", {
                          params: { path: { id: cid, card: id, photo: p.id } },
                        }),
                      ),
                    )
                  }
                >
                  Take it away<span className="sr-only">, photograph {i + 1}</span>
                </button>
              </>
            ) : (
              <span className="text-soft">taken away</span>
            )}
            <p className="text-[0.9rem] text-soft">
              <bdi>{p.by ?? "somebody"}</bdi>, {when(p.at)}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
