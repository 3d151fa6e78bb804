import type { Middleware } from "openapi-fetch";
import { show } from "./proof";

/**
 * What the server takes at once, in bytes; a larger body is refused by its length while it is still on its way,
 * which a browser reports as a lost connection.
 */
export const most = 512 * 1024;

/**
 * What is done with every body before it is sent: letters become composed (NFC), so that one name typed on two machines is
 * one name, and a body that is too large is answered here, in the server's own words.
 */
export async function prepared(request: Request): Promise<Request | Response> {
  if (request.method === "GET" || request.method === "HEAD") return request;
  show(request.headers);
  const typed = await request.clone().text();
  const text = typed.normalize("NFC");
  if (new TextEncoder().encode(text).length > most) {
    return Response.json({ title: `The request is too large: at most ${most / 1024} KiB.`, status: 413 }, { status: 413 });
  }
  return text === typed
    ? request
    : new Request(request.url, { method: request.method, headers: request.headers, body: text, signal: request.signal });
}

/** Sends a request after {@link prepared}. */
export async function send(request: Request): Promise<Response> {
  const ready = await prepared(request);
  return ready instanceof Response ? ready : fetch(ready);
}

export const sending: Middleware = { onRequest: ({ request }) => prepared(request) };
