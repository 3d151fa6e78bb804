import { useState } from "react";
import { api, ask } from "../api/client";
import { Message } from "../ui/Message";
import { Door } from "./Door";
import { goOn, tokenHere } from "./session";

/** Opens a link that stands in place of an account. It is bound to the first device, so it is opened by a press and not by looking. */
export function OpenPage() {
  const [token] = useState(tokenHere);
  const [error, setError] = useState<unknown>(null);
  const open = () => {
    setError(null);
    ask(api.POST("/api/link", { body: { token } })).then(() => goOn(null), setError);
  };
  return (
    <Door title="Your papers">
      <p className="mt-2">This link is yours alone. Once opened it works on this device and on no other, until it is over or taken back.</p>
      <p className="mt-4">
        <button className="press" onClick={open}>
          Open on this device
        </button>
      </p>
      {error !== null && (
        <div className="mt-4">
          <Message error={error} />
        </div>
      )}
    </Door>
  );
}
