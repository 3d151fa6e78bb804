import { api, ask } from "../api/client";

/** Signs out here and shows the sign-in; the page is loaded anew, so that nothing of the account stays in it. */
export async function signOut() {
  await ask(api.DELETE("/api/session"));
  location.assign("/sign-in");
}

/** A path of this application; the start for anything that could lead elsewhere. */
export const ownPath = (to: string | null): string => {
  if (!to?.startsWith("/")) return "/";
  // The browser itself says where it would lead: “//elsewhere” and “/\\elsewhere” are addresses of others.
  const url = new URL(to, "https://here.invalid");
  return url.origin === "https://here.invalid" ? url.pathname + url.search + url.hash : "/";
};

/** Goes to where somebody wanted to go before the sign-in. */
export const goOn = (to: string | null) => location.assign(ownPath(to));

/** What stands behind the # of a link: its token, which no server and no log sees. */
export const tokenHere = () => location.hash.slice(1);
