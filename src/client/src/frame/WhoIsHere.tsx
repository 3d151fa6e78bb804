import { Link } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { SignOut } from "../access/SignOut";

/** Who is signed in, and the pages for the people of the competition. */
export function WhoIsHere({ cid }: { cid: string }) {
  const me = useQuery(queries.me()).data?.in;
  if (!me) return null;
  const rights = me.places.find((p) => p.competition === cid)?.rights ?? [];
  return (
    <div className="mt-3 border-t border-rule pt-2 text-[0.9rem]">
      <p>
        {me.byLink ? (
          <bdi>{me.name}</bdi>
        ) : (
          <Link to="/account">
            <bdi>{me.name}</bdi>
          </Link>
        )}{" "}
        <SignOut />
      </p>
      {(rights.includes("Manage") || rights.includes("GiveLinks")) && (
        <p className="flex gap-4">
          <Link className="act" to={`/c/${cid}/people`}>
            People
          </Link>
          {rights.includes("Manage") && (
            <Link className="act" to={`/c/${cid}/log`}>
              What was done
            </Link>
          )}
        </p>
      )}
    </div>
  );
}
