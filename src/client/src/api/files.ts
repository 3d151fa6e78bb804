import { ask, Refused } from "./client";
import { show } from "./proof";

/** What the server takes of a file, in bytes; a larger one is refused by its length, which a browser reports as a lost connection. */
const most = 10 * 1024 * 1024;

/** Sends the bytes of a file; what the server objects to in it is thrown as a sentence. */
export async function sendFile<T>(address: string, file: Blob): Promise<T> {
  if (file.size > most) {
    throw new Refused(
      413,
      `This file has ${Math.round(file.size / 1024 / 1024)} MB; at most ${most / 1024 / 1024} MB are read.`,
      undefined,
      {},
      {},
    );
  }
  const headers = new Headers({ "Content-Type": "application/octet-stream" });
  show(headers);
  const sent = fetch(address, { method: "POST", headers, body: file }).then(async (response) => {
    const body: unknown = await response.json().catch(() => ({}));
    return response.ok ? { data: body as T, response } : { error: body, response };
  });
  try {
    return (await ask(sent)) as T;
  } catch (e) {
    // The reason stands at the field; for a file it is all there is to say.
    throw e instanceof Refused && e.at("file") ? new Refused(e.status, e.at("file")!, undefined, {}, {}) : e;
  }
}
