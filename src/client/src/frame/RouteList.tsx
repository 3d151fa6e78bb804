import { useState } from "react";
import { Link, NavLink, useLocation, useNavigate } from "react-router";
import type { StoredCompetition } from "../api/client";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { addWorkout } from "../drafting/addWorkout";
import { days } from "../ui/days";
import { samePage, stepOf } from "./pages";
import { WhoIsHere } from "./WhoIsHere";

const count = (n: number, one: string, many = one + "s") => `${n} ${n === 1 ? one : many}`;

/** The steps of the work in the order people do them, each with its state in words; under them the workouts. */
export function RouteList({
  cid,
  competition,
  openPalette,
  openKeys,
}: {
  cid: string;
  competition: StoredCompetition;
  openPalette: () => void;
  openKeys: () => void;
}) {
  const overview = useQuery(queries.overview(cid)).data;
  const go = useNavigate();
  const [failed, setFailed] = useState("");
  // On a phone the route is one line until it is asked for, and again when it led somewhere.
  const [unfoldedAt, setUnfoldedAt] = useState("");
  const here = useLocation().pathname;
  const unfolded = unfoldedAt === here;
  const setUnfolded = (on: boolean) => setUnfoldedAt(on ? here : "");
  const workouts = overview?.workouts ?? [];
  const open = workouts.reduce((n, w) => n + w.mustFix, 0);
  const published = overview?.published ?? 0;
  const asked = overview?.asked ?? 0;
  const day = overview?.day;
  const c = competition.competition;
  const steps = [
    {
      to: "",
      name: "Competition",
      state: count(c.divisions.length, "division"),
      warn: c.divisions.length === 0,
      active: here === `/c/${cid}`,
    },
    {
      to: "workouts",
      name: "Workouts",
      state: workouts.length ? count(workouts.length, "draft") : "none yet",
      warn: false,
      active: here.includes("/w/") || here.endsWith("/workouts"),
    },
    {
      to: "standards",
      name: "Standards",
      state: overview?.movementsWithoutStandard
        ? `${count(overview.movementsWithoutStandard, "movement")} without one`
        : `${overview?.movements ?? 0} in use`,
      warn: !!overview?.movementsWithoutStandard,
      active: here.includes("/standards"),
    },
    {
      to: "scoring",
      name: "Scoring",
      state: `stated for ${workouts.filter((w) => w.scored).length} of ${workouts.length}`,
      warn: workouts.some((w) => !w.scored),
      active: here.includes("/scoring"),
    },
    {
      to: "checks",
      name: "Checks",
      state: open ? `${open} must be settled` : "nothing open",
      warn: open > 0,
      active: here.includes("/checks"),
    },
    {
      to: "dry-run",
      name: "Dry run",
      state: workouts.length ? "played from the drafts" : "needs a workout",
      warn: false,
      active: here.includes("/dry-run"),
    },
    {
      to: "publish",
      name: "Publish",
      state: published ? `${published} published${asked ? `, ${count(asked, "question")} open` : ""}` : "nothing published",
      warn: asked > 0,
      active: here.includes("/publish"),
    },
    {
      to: "briefs",
      name: "Briefs",
      state: !workouts.length ? "need a workout" : published ? `${published} of ${workouts.length} published` : "all from drafts",
      warn: false,
      active: here.includes("/briefs") || here.endsWith("/pack"),
    },
    {
      to: "entries",
      name: "Athletes",
      state: day?.entries ? `${day.entries} entered` : "nobody entered",
      warn: false,
      active: here.endsWith("/entries"),
    },
    {
      to: "judges",
      name: "Judges",
      state: day?.judges ? count(day.judges, "judge") : "none named",
      warn: false,
      active: here.endsWith("/judges"),
    },
    { to: "training", name: "Training", state: "of judges", warn: false, active: here.endsWith("/training") || here.endsWith("/slips") },
    {
      to: "days",
      name: "Days",
      state: day?.heats ? count(day.heats, "heat") : "not planned",
      warn: false,
      active: here.endsWith("/days"),
    },
    {
      to: "cards",
      name: "Cards",
      state: day?.cards ? `${day.cards} not back` : "none out",
      warn: false,
      active: here.includes("/cards"),
    },
    {
      to: "desk",
      name: "Score desk",
      state: day?.entered ? `${count(day.entered, "card")} typed` : "nothing typed",
      warn: false,
      active: here.includes("/desk"),
    },
    { to: "incidents", name: "Incidents", state: "", warn: false, active: here.endsWith("/incidents") },
    {
      to: "results",
      name: "Results",
      state: day?.entered ? "as they stand" : "none yet",
      warn: false,
      active: here.endsWith("/results") || here.includes("/why/"),
    },
    { to: "drift", name: "Drift", state: "judges and lanes", warn: false, active: here.endsWith("/drift") || here.endsWith("/statement") },
  ];
  return (
    <nav
      aria-label="Route"
      className="off-paper border-rule px-5 py-4 max-md:border-b md:sticky md:top-0 md:h-screen md:overflow-y-auto md:border-r"
    >
      <div className="flex items-center justify-between gap-4">
        <Link to={`/c/${cid}/workouts`} className="flex items-center gap-2.5 text-[1.1rem] font-bold">
          <svg viewBox="0 0 32 32" fill="none" className="size-7 shrink-0" aria-hidden="true">
            <circle cx="16" cy="16" r="13" stroke="var(--color-ink)" strokeWidth="2" />
            <path d="M5 18h22" stroke="var(--color-spruce)" strokeWidth="3" />
            <path d="M16 3v6M16 23v6" stroke="var(--color-ink)" strokeWidth="2" />
          </svg>
          Fair Compass
        </Link>
        <button className="act md:hidden" aria-expanded={unfolded} aria-controls="route" onClick={() => setUnfolded(!unfolded)}>
          {steps.find((s) => s.active)?.name ?? "Route"} <span aria-hidden="true">{unfolded ? "▴" : "▾"}</span>
        </button>
      </div>
      <div id="route" className={unfolded ? "" : "max-md:hidden"}>
        <p className="mt-5 font-bold leading-tight">
          <bdi>{c.name}</bdi>
        </p>
        <p className="text-[0.9rem] text-soft">
          {days(c.starts, c.ends)}
          {c.place && (
            <>
              {" "}
              · <bdi>{c.place}</bdi>
            </>
          )}
        </p>
        <ol className="relative mt-4 max-md:flex max-md:flex-wrap max-md:gap-x-5">
          {steps.map((s) => (
            <li key={s.name} className="relative pb-2">
              <NavLink to={stepOf(here, cid, s.to)} end aria-current={s.active ? "page" : undefined} className="block pl-6">
                <svg viewBox="0 0 16 16" className="absolute left-0 top-1 size-4" aria-hidden="true">
                  <path
                    d="M8 1l7 7-7 7-7-7z"
                    fill={s.active ? "var(--color-spruce)" : "var(--color-paper)"}
                    stroke={s.active ? "var(--color-spruce)" : "var(--color-quiet)"}
                    strokeWidth="1.3"
                  />
                </svg>
                <span className={s.active ? "font-bold" : ""}>{s.name}</span>
                <span className={`block text-[0.87rem] leading-tight ${s.warn ? "text-ochre" : "text-soft"}`}>
                  {overview || s.to === "" ? s.state : " "}
                </span>
              </NavLink>
            </li>
          ))}
        </ol>
        <WhoIsHere cid={cid} />
        <div className="mt-3 border-t border-rule pt-3">
          <h2 className="text-[0.9rem] text-soft">Workouts</h2>
          <ul className="mt-1 max-md:max-h-32 max-md:overflow-y-auto">
            {workouts.map((w) => (
              <li key={w.id}>
                <NavLink
                  to={samePage(here, cid, w.id)}
                  className={({ isActive }) => `flex justify-between gap-2 py-0.5 ${isActive ? "font-bold" : ""}`}
                >
                  <bdi className="min-w-0 truncate" title={w.title}>
                    {w.title || "Untitled"}
                  </bdi>
                  <span className={`shrink-0 text-[0.87rem] ${w.mustFix ? "font-semibold text-ochre" : "font-normal text-soft"}`}>
                    {w.mustFix + w.others ? count(w.mustFix + w.others, "note") : "clear"}
                  </span>
                </NavLink>
              </li>
            ))}
          </ul>
          <button
            className="act mt-1"
            onClick={() => {
              setFailed("");
              addWorkout(cid).then(
                (id) => go(`/c/${cid}/w/${id}`),
                (e: unknown) => setFailed(e instanceof Error ? e.message : "It could not be made."),
              );
            }}
          >
            New workout
          </button>
          <NavLink className="act mt-1 ml-4" to={`/c/${cid}/read`}>
            Read a text
          </NavLink>
          {failed && (
            <p role="alert" className="field-error">
              {failed}
            </p>
          )}
        </div>
        <div className="mt-3 flex gap-4 border-t border-rule pt-2 text-[0.9rem]">
          <button className="act" onClick={openPalette}>
            Find <kbd className="font-normal text-soft">Ctrl K</kbd>
          </button>
          <button className="act" onClick={openKeys}>
            Keys <kbd className="font-normal text-soft">?</kbd>
          </button>
        </div>
      </div>
    </nav>
  );
}
