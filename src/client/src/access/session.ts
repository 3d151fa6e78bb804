import { api, ask } from "../api/client";

/** Signs out here and shows the sign-in; the page is loaded anew, so that nothing of the account stays in it. */
export async function signOut() {
  await ask(api.DELETE("/api/session"));
  location.assign("/sign-in");
}

/** Goes to where somebody wanted to go; only to a path of this application. */
export function goOn(to: string | null) {
  location.assign(to && to.startsWith("/") && !to.startsWith("//") && !to.startsWith("/\\") ? to : "/");
}

/** What stands behind the # of a link: its token, which no server and no log sees. */
export const tokenHere = () => location.hash.slice(1);
