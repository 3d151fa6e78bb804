import { ask, Refused, type Schemas } from "../api/client";
import { show } from "../api/proof";

/** What the server takes of a file, in bytes; a larger one is refused by its length, which a browser reports as a lost connection. */
const most = 10 * 1024 * 1024;

/** The text of a file, as the server gets it out of it. */
export async function textOf(file: Blob, name: string): Promise<string> {
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
  const sent = fetch(`/api/read/file?name=${encodeURIComponent(name)}`, {
    method: "POST",
    headers,
    body: file,
  }).then(async (response) => {
    const body: unknown = await response.json().catch(() => ({}));
    return response.ok ? { data: body as Schemas["FileRead"], response } : { error: body, response };
  });
  try {
    return (await ask(sent)).text;
  } catch (e) {
    // The reason stands at the field; for a file it is all there is to say.
    throw e instanceof Refused && e.at("file") ? new Refused(e.status, e.at("file")!, undefined, {}, {}) : e;
  }
}

/** True for a clipboard whose page has a table or a list that its plain text lost. */
export const hasStructure = (html: string, plain: string): boolean => /<(table|li)[\s>]/i.test(html) && !plain.includes("\t");
