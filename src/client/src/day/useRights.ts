import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";

/** What who is signed in may do in a competition; nothing while that is not known. */
export function useRights(cid: string): (right: Schemas["Right"]) => boolean {
  const rights = useQuery(queries.me()).data?.in?.places.find((p) => p.competition === cid)?.rights ?? [];
  return (right) => rights.includes(right);
}
