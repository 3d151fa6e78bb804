import { api, ask } from "../api/client";
import { changed } from "../api/queries";

/** Adds a draft, with only a title where none is given, and gives its id. */
export async function addWorkout(cid: string, body = "New workout\n"): Promise<string> {
  const made = await ask(api.POST("/api/competitions/{id}/workouts", { params: { path: { id: cid } }, body: { body } }));
  await changed.workouts(cid);
  return made.id;
}
