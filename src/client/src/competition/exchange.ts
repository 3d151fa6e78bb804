import { Refused } from "../api/client";
import { changed } from "../api/queries";
import { heard, named } from "../api/once";
import { send } from "../api/sending";

/** Sends a file of this program to be imported and gives the new id. The server says where it is wrong. */
async function hand(address: string, file: string): Promise<string> {
  const request = await named(new Request(address, { method: "POST", headers: { "Content-Type": "application/json" }, body: file }));
  const answer = await send(request).catch(() => null);
  if (answer) await heard(request);
  if (!answer) throw new Refused(0, "The application does not answer.", undefined, {}, {});
  const body = (await answer.json().catch(() => ({}))) as { id?: string; title?: string; errors?: Record<string, string[]> };
  if (!answer.ok || !body.id) {
    const where = Object.entries(body.errors ?? {})
      .map(([path, why]) => `${path}: ${why.join(" ")}`)
      .join(" ");
    throw new Refused(answer.status, `${body.title ?? "This file cannot be read."} ${where}`, undefined, body.errors ?? {}, {});
  }
  return body.id;
}

/** Adds a workout from a file. */
export async function importWorkout(cid: string, file: string): Promise<string> {
  const id = await hand(`/api/competitions/${cid}/import`, file);
  await changed.workouts(cid);
  return id;
}

/** Creates a competition from a file. */
export async function importCompetition(file: string): Promise<string> {
  const id = await hand("/api/import", file);
  await changed.competitions();
  return id;
}
