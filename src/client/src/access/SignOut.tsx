import { useState } from "react";
import { signOut } from "./session";

/** Signs out here; says so where that could not be done, for whoever leaves the machine must know. */
export function SignOut() {
  const [failed, setFailed] = useState(false);
  return (
    <>
      <button className="act" onClick={() => void signOut().catch(() => setFailed(true))}>
        Sign out
      </button>
      {failed && (
        <span role="alert" className="field-error block">
          You are still signed in: the application does not answer. Try again.
        </span>
      )}
    </>
  );
}
