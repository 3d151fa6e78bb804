import { api, ask } from "../api/client";
import { changed } from "../api/queries";

/** Adds a draft with only a title and gives its id. */
export async function addWorkout(cid: string): Promise<string> {
  const made = await ask(api.POST("/api/competitions/{id}/workouts", { params: { path: { id: cid } }, body: { body: "New workout\n" } }));
  await changed.workouts(cid);
  return made.id;
}
