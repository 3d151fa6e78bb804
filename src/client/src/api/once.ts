import type { Middleware } from "openapi-fetch";

/** The header that names a request, so that the same one sent again after a lost answer makes nothing twice. */
export const header = "Idempotency-Key";

/** Requests whose answer was lost, by address and body: sent again they keep their key. */
const unheard = new Map<string, string>();
const most = 50;

const nameOf = async (request: Request) => `${request.url} ${await request.clone().text()}`;

/** Gives a request that makes something its key. */
export async function named(request: Request, newKey: () => string = () => crypto.randomUUID()): Promise<Request> {
  if (request.method !== "POST") return request;
  const name = await nameOf(request);
  const key = unheard.get(name) ?? newKey();
  unheard.set(name, key);
  if (unheard.size > most) unheard.delete(unheard.keys().next().value!);
  request.headers.set(header, key);
  return request;
}

/** The request was answered: the same one, sent again, is another. */
export async function heard(request: Request): Promise<void> {
  const key = request.headers.get(header);
  for (const [name, of] of unheard) if (of === key) unheard.delete(name);
}

export const once: Middleware = {
  onRequest: ({ request }) => named(request),
  onResponse: async ({ request, response }) => {
    // An answer of a gateway, or of a server whose database is away, does not say whether anything was made.
    if (![502, 503, 504].includes(response.status)) await heard(request);
  },
};
