import { Refused } from "../api/client";

/** Says that something failed, and the way out. */
export function Message({ error, retry }: { error: unknown; retry?: () => void }) {
  const refused = error instanceof Refused ? error : null;
  return (
    <div role="alert" className="max-w-prose border-l-4 border-brick bg-sheet px-4 py-3">
      <p className="font-bold">{refused?.title ?? "Something went wrong in this window."}</p>
      {refused?.detail && <p>{refused.detail}</p>}
      {retry &&
        Object.entries(refused?.errors ?? {}).map(([at, why]) => (
          // Where nothing was typed there is no field beside which they could stand.
          <p key={at}>{why.join(" ")}</p>
        ))}
      {retry && (
        <button className="act" onClick={retry}>
          Try again
        </button>
      )}
    </div>
  );
}

/** Keeps the place while something loads, without jumping. */
export const Loading = ({ what }: { what: string }) => (
  <p className="p-6 text-quiet" aria-busy="true">
    Loading {what} …
  </p>
);
