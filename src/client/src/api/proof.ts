/** The header in which a page shows the proof of its session with everything that it writes. */
export const proofHeader = "Fair-Compass-Proof";

/** The proof that the server gave with the session; null where nobody is signed in. */
export const proofIn = (cookies: string): string | null => /(?:^|; )(?:__Host-)?fair-compass-proof=([\w-]+)/.exec(cookies)?.[1] ?? null;

/** Puts the proof of the session that this browser has now onto a request. */
export function show(headers: Headers): void {
  const proof = proofIn(document.cookie);
  if (proof) headers.set(proofHeader, proof);
}
