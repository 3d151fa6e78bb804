import { useEffect, useRef, useState } from "react";
import { useSearchParams } from "react-router";

/**
 * What is chosen on a page stands behind the question mark of its address, so that a reload, a bookmark, and a link keep it;
 * an empty value takes its key away. This is the address as it was last chosen: the browser's own follows only when the page
 * has been drawn anew, which takes seconds for a pack of some hundred papers, and a second choice meanwhile must neither
 * wait nor undo the first.
 */
export function useAddress() {
  const [address, setAddress] = useSearchParams();
  const [chosen, setChosen] = useState(address.toString());
  const latest = useRef(chosen);
  const ours = useRef<string[]>([]);
  const there = address.toString();
  useEffect(() => {
    const sent = ours.current.indexOf(there);
    if (sent >= 0) {
      ours.current = ours.current.slice(sent + 1);
      return;
    }
    // Somebody else changed it: back, forward, or a link.
    latest.current = there;
    setChosen(there);
  }, [there]);
  const set = (key: string, value: string) => {
    const next = new URLSearchParams(latest.current);
    if (value) next.set(key, value);
    else next.delete(key);
    const text = next.toString();
    if (text === latest.current) return;
    latest.current = text;
    ours.current = [...ours.current, text];
    setChosen(text);
    setAddress(next, { replace: true });
  };
  const search = new URLSearchParams(chosen);
  return { search, set, get: (key: string) => search.get(key) ?? "" };
}
