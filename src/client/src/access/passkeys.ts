import { api, ask, asJson, Refused } from "../api/client";

/** Why a passkey cannot be used in this window; null where it can. */
export function whyNone(): string | null {
  if (!window.isSecureContext) return "Passkeys need an encrypted page; this one is not.";
  if (typeof PublicKeyCredential === "undefined" || !("parseRequestOptionsFromJSON" in PublicKeyCredential))
    return "This browser has no passkeys, or is too old for them.";
  // WebAuthn binds a key to a name, and an address in numbers is none.
  if (/^[\d.]+$|^\[/.test(location.hostname))
    return "Passkeys need the name of a host, and this address has numbers. On this machine open localhost instead.";
  return null;
}

/** What the browser says when its owner closes the question, in a sentence. */
async function answered<T>(asked: Promise<T | null>): Promise<T> {
  try {
    const credential = await asked;
    if (credential) return credential;
  } catch (e) {
    const known = e instanceof DOMException && e.name === "InvalidStateError";
    throw known
      ? new Refused(0, "This device has a passkey of this account already.", undefined, {}, {})
      : new Refused(0, "No passkey was used.", "The question was closed, or the device has none for this address.", {}, {});
  }
  throw new Refused(0, "No passkey was used.", "The question was closed, or the device has none for this address.", {}, {});
}

/** Makes a passkey on this device and keeps its public half. */
export async function makePasskey(name: string): Promise<void> {
  const { token, options } = await ask(api.POST("/api/passkeys/question", asJson));
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(options as PublicKeyCredentialCreationOptionsJSON);
  const credential = await answered(navigator.credentials.create({ publicKey }) as Promise<PublicKeyCredential | null>);
  await ask(api.POST("/api/passkeys", { body: { token, credential: credential.toJSON(), name } }));
}

/** Signs in with a passkey of this device. */
export async function signInByPasskey(): Promise<void> {
  const { token, options } = await ask(api.POST("/api/session/passkey/question", asJson));
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(options as PublicKeyCredentialRequestOptionsJSON);
  const credential = await answered(navigator.credentials.get({ publicKey }) as Promise<PublicKeyCredential | null>);
  await ask(api.POST("/api/session/passkey", { body: { token, credential: credential.toJSON(), name: null } }));
}
