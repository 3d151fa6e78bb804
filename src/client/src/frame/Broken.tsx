import { Message } from "../ui/Message";

/** Shown when a page fails; drafts are kept in this browser. */
export function Broken() {
  return (
    <main className="p-8">
      <Message error={null} retry={() => location.reload()} />
      <p className="mt-3">
        <a className="act" href="/">
          Back to the start
        </a>
      </p>
    </main>
  );
}
