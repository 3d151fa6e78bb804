import { clear, keys } from "idb-keyval";
import { useState } from "react";
import { signOut } from "./session";

/** True where this browser keeps something that was typed and is not saved. */
const keepsSomething = () =>
  keys().then(
    (all) => all.length > 0,
    () => false,
  );

/** Signs out here; says so where that could not be done, for whoever leaves the machine must know. What was typed and is not saved stays
 * in the browser only where it is one's own: on a shared machine the next person would read it. */
export function SignOut() {
  const [failed, setFailed] = useState(false);
  const [asks, setAsks] = useState(false);
  const leave = (forget: boolean) =>
    void (forget ? clear() : Promise.resolve()).then(signOut).catch(() => {
      setAsks(false);
      setFailed(true);
    });
  if (asks)
    return (
      <span role="alert" className="block">
        Something that was typed here is not saved yet.{" "}
        <button className="act" onClick={() => leave(false)}>
          Sign out and keep it in this browser
        </button>{" "}
        <button className="act" onClick={() => leave(true)}>
          Sign out and throw it away
        </button>{" "}
        <button className="act !font-normal" onClick={() => setAsks(false)}>
          Stay
        </button>
      </span>
    );
  return (
    <>
      <button
        className="act"
        onClick={() => {
          setFailed(false);
          void keepsSomething().then((some) => (some ? setAsks(true) : leave(false)));
        }}
      >
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
