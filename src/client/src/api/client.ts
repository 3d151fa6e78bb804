import createClient from "openapi-fetch";
import type { components, paths } from "./schema";
import { once } from "./once";
import { sending } from "./sending";

export type Schemas = components["schemas"];
export type Explanation = Schemas["Explanation"];
export type Finding = Schemas["Finding"];
export type Competition = Schemas["Competition"];
export type StoredCompetition = Schemas["StoredCompetition"];
export type StoredDraft = Schemas["StoredDraft"];
export type Overview = Schemas["Overview"];
export type Movement = Schemas["Movement"];
export type Brief = Schemas["Brief"];

export const api = createClient<paths>({ baseUrl: "" });
api.use(sending, once);

/** Whatever writes says what it sends, also where that is nothing: a form of another page could not. */
export const asJson = { headers: { "Content-Type": "application/json" } };

/** An answer that is not what was asked for, as the server explains it (RFC 9457). */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string | undefined,
    readonly errors: Record<string, string[]>,
    readonly body: Record<string, unknown>,
  ) {
    super(title);
  }

  /** The server cannot be reached, its database does not answer, or its disk is full: worth trying again. */
  get passing(): boolean {
    return [0, 502, 503, 504, 507].includes(this.status);
  }

  /** The objections to a field and everything below it. */
  at(path: string): string | undefined {
    return this.errors[path]?.join(" ");
  }
}

/** Waits for an answer; every failure, a lost connection included, becomes a {@link Refused}. */
export async function ask<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result;
  try {
    result = await answer;
  } catch {
    throw new Refused(0, "The application does not answer.", "Is it still running? What you typed stays in this window.", {}, {});
  }
  if (!result.response.ok) {
    const body = (typeof result.error === "object" && result.error !== null ? result.error : {}) as Record<string, unknown>;
    throw new Refused(
      result.response.status,
      typeof body.title === "string" ? body.title : `The server answered ${result.response.status}.`,
      typeof body.detail === "string" ? body.detail : undefined,
      (body.errors as Record<string, string[]> | undefined) ?? {},
      body,
    );
  }
  return result.data as T;
}

/** Every part of a list that comes in several answers: each names the next in its Link header (RFC 8288). */
export async function askAll<T>(first: Promise<{ data?: T[]; error?: unknown; response: Response }>): Promise<T[]> {
  const head = await first.catch(() => null);
  const all = [...(await ask(head ? Promise.resolve(head) : Promise.reject(new Error())))];
  for (let next = nextOf(head!.response); next;) {
    const address = next;
    const part = fetch(address).then(async (response) => {
      const body: unknown = await response.json().catch(() => ({}));
      return response.ok ? { data: body as T[], response } : { error: body, response };
    });
    all.push(...(await ask(part)));
    next = nextOf((await part).response);
  }
  return all;
}

export const nextOf = (response: Response): string | null =>
  /<([^>]+)>;\s*rel="next"/.exec(response.headers.get("Link") ?? "")?.[1] ?? null;
