#!/usr/bin/env python3
"""Replays runs of the demo workouts, event by event, and says where its own count, clock or score is another.

Shares no code with the program: what is counted is the walk over every unit in demo_workouts.py, the clock and the scores are
added up here with integers. Reads one run of one counter a line from standard input, as JSON:

    {"demo": "04", "piece": "0", "strand": "", "who": "man", "ends": 480000, "score": "54 of 66 at the cap", "scores": [...],
     "station": null, "group": null, "seat": null, "cycle": null, "turn": null, "choices": [[task, option, round], ...],
     "tries": [[piece, load or height, made], ...], "faults": [[piece, fault], ...], "events": [[at, units, counted, round, task], ...]}

at in milliseconds, units done at once, counted after them, round and task of the last of them. Prints each fault and ends with 1
where there is any; else prints how many events agreed. The lines of one run stand together, so that scores over several counters
are added up too.
"""
import collections
import itertools
import json
import sys

import demo_workouts as demo

WOMEN_CALORIES = {"01": 10, "06": 9}


# Who stands where in Tide Table: 1st and 3rd are men, 2nd and 4th women (common practice where a team is named man, woman).
BONUS_AT = {1: 15, 2: 11, 3: 15, 4: 11}
STATIONS = ("Row", "Bags", "Mat", "Bells")
# What a unit of Slack Water is worth by part and way taken.
WORTH = {("0", "0"): 3, ("0", "1"): 2, ("1", "0"): 3, ("1", "1"): 2, ("1", "2"): 1}


def way_of(run):
    """Which option was taken of a task in a round: what was said of that round, else of all, else the first."""
    said = {(task, round_): option for task, option, round_ in run["choices"]}
    return lambda round_, task: said.get((task, round_), said.get((task, None), 0))


def walk(run):
    """Every unit of a counter; None for one that is a plain count of one task."""
    which, woman = run["demo"], run["who"] == "woman"
    if which == "07":
        return demo.chandlery_ways(way_of(run))
    if which == "11":
        if run["station"].endswith("Row"):
            return demo.tide_table_row(BONUS_AT[run["seat"]])
        mat = "hand-release push-up" if run["station"].startswith("Last") else "sit-up"
        return demo.plain({"Bags": "sandbag step-over", "Mat": mat, "Bells": "kettlebell swing"}[run["station"].split(" ")[-1]])
    if which == "15":
        if run["station"] is None:
            return demo.swing_bridge()
        return demo.plain("front squat" if run["station"] == "Bar" else "air bike")
    if which == "17":
        return demo.plain(("kettlebell swing", "sandbag step-over", "sit-up", "air bike")[int(run["piece"])], WORTH.get((run["piece"], run["strand"]), 1))
    if which == "20":
        if run["piece"] == "0":
            return demo.harbour_odd() if int(run["strand"]) % 2 else demo.harbour_even()
        return demo.harbour_cycle() if run["cycle"] is not None else demo.task(0, "any-style clean", 1)
    if which == "21":
        return (demo.capstan, lambda: demo.plain("dead hang"), demo.capstan_load)[int(run["piece"])]()
    if which == "22":
        return demo.pilot_ladder() if run["piece"] == "0" else None
    if which == "23":
        return long_watch(run)
    if which == "01" and run["piece"] == "0":
        return demo.ferry_bell(WOMEN_CALORIES["01"] if woman else 14)
    if which == "06":
        return demo.signal_mast(WOMEN_CALORIES["06"] if woman else 12)
    if which == "09":
        return demo.twin_tides_first() if run["strand"] == "first" else demo.twin_tides_then()
    if which == "14":
        first = ("kettlebell swing", "kettlebell thruster", "kettlebell swing to eye level", "goblet squat")
        return demo.night_ferry(first[int(run["piece"])])
    if which == "16":
        return demo.three_bells(run["piece"] == "2")
    plain = {
        "02": demo.undertow,
        "03": demo.breakwater,
        "04": demo.cockle_row,
        "05": demo.lock_gates,
        "08": demo.long_reach,
        "10": demo.drying_out,
        "13": demo.ropewalk,
    }
    return plain[which]() if which in plain else None


def long_watch(run):
    if run["group"] is not None:
        return demo.task(0, "hand-release push-up", 40)
    if run["cycle"] is not None:
        return demo.plain("burpee")
    if run["strand"] == "Oars":
        return demo.plain("rowing machine")
    if run["strand"] == "Deck":
        return demo.long_watch_deck()
    return itertools.islice(demo.long_watch_relay(), run["from"], None)


# Counts that open the clock, with how much longer it then runs, in milliseconds: from the texts.
GATES = {"05": [(40, 180_000), (82, 150_000), (126, 120_000)], "10": [(144, 120_000)]}
STARTS_WITH = {"05": 270_000, "10": 600_000}


def window(run):
    """When the work of this counter may be done, in milliseconds."""
    which = run["demo"]
    if which == "11":
        # Two laps of four turns of 1:10, a rest of 1:45, and a third lap; member m begins at station m and moves on by one.
        lap, turn = (2 if run["cycle"] is None else run["cycle"] - 1), run["turn"] - 1
        start = (lap * 4 + turn) * 70_000 + (105_000 if lap == 2 else 0)
        return start, start + 70_000
    if which == "20":
        if run["cycle"] is not None:
            start = 600_000 + (run["cycle"] - 1) * 150_000
            return start, start + 150_000
        start = (int(run["strand"]) - 1) * 60_000 + (0 if run["piece"] == "0" else 1_320_000)
        return start, start + 60_000
    if which == "21":
        return ((0, 720_000), (840_000, 960_000), (1_020_000, 1_260_000))[int(run["piece"])]
    if which == "23":
        if run["group"] is not None:
            return 0, 360_000
        if run["cycle"] is not None:
            start = 1_410_000 + (run["cycle"] - 1) * 120_000
            return start, start + 90_000
        if run["strand"]:
            return 1_050_000, 1_350_000
        start = 420_000 + (run["seat"] - 1) * 150_000
        return start, start + 120_000
    if which == "15":
        if run["station"] is None:
            return 0, 360_000
        # One group is a turn behind the other; each goes from the bar to the bike.
        turn = {("One", "Bar"): 0, ("One", "Bike"): 1, ("Two", "Bar"): 1, ("Two", "Bike"): 2}[run["group"], run["station"]]
        start = 420_000 + turn * (135_000 + 40_000)
        return start, start + 135_000
    if which == "17":
        start = int(run["piece"]) * (110_000 + 50_000)
        return start, start + 110_000
    return 0, STARTS_WITH.get(which, run["ends"])


def place(run):
    """Faults of who stands where."""
    if run["demo"] == "11":
        # The member at a station in a turn: everybody moves on by one station each turn, over the laps.
        lap = 2 if run["cycle"] is None else run["cycle"] - 1
        seat = demo.rota(4)[run["turn"] - 1][STATIONS.index(run["station"].split(" ")[-1])]
        if seat != run["seat"]:
            yield f"member {run['seat']} at {run['station']} in lap {lap + 1}, turn {run['turn']}, here {seat}"


def faults(run):
    units, credit, last, rest_from = run["from"], run["from"], -1, None
    steps = walk(run)
    opens, cap = window(run)
    yield from place(run)
    gates = list(GATES.get(run["demo"], []))
    for at, done, counted, round_, task in run["events"]:
        if at < last:
            yield f"{at} after {last}"
        if at < opens:
            yield f"a unit at {at}, before its window opens at {opens}"
        if at > cap:
            yield f"a unit at {at}, after the clock ended at {cap}"
        if rest_from is not None and at < rest_from + 50_000:
            yield f"work at {at}, in the rest of 50 s from {rest_from}"
        rest_from = None
        for _ in range(done):
            units += 1
            if steps is None:
                credit += 1
                continue
            unit = next(steps, None)
            if unit is None:
                yield f"unit {units} after all are done"
                return
            credit += unit[3]
        if steps is not None:
            if (unit[0] or None) != (round_ or None) and unit[0] != 0:
                yield f"round {round_}, here {unit[0]}"
            if unit[1] != task:
                yield f"{task}, here {unit[1]}"
        # A machine whose calories earn nothing one by one is read in calories, and a lone count as it is seen.
        seen = run["demo"] in ("09", "17") or (run["demo"] == "11" and run["station"].endswith("Row"))
        box = units if seen else credit
        if run["strand"] != "first" and counted != box:
            yield f"counted {counted} at unit {units}, here {box}"
        while gates and credit >= gates[0][0]:
            cap += gates.pop(0)[1]
        if run["demo"] == "08" and credit == 95 and unit[0] == 5 and unit[2] == 200:
            rest_from = at
        last = at
    run["units"], run["credit"], run["last"] = units, credit, last
    yield from scored(run, units, credit, last, steps)


def scored(run, units, credit, last, steps):
    which, score = run["demo"], run["score"]
    if which in ("03", "04", "08", "10", "13"):
        whole = steps is not None and next(steps, None) is None
        if whole != (" " not in score):
            yield f"all done {whole}, scored {score}"
        elif whole and score != clock(last):
            yield f"done at {last}, scored {score}"
        elif not whole and which == "04":
            time = clock((480 + 66 - credit) * 1000)
            if not score.startswith(time):
                yield f"{credit} at the cap is {time}, scored {score}"
        elif not whole and not score.startswith(f"{credit} of "):
            yield f"{credit} at the cap, scored {score}"
    if which in ("05", "06", "07", "12") and score.split(" ")[0] != str(credit):
        yield f"{credit}, scored {score}"


def together(runs):
    """Faults of the scores that several counters of one run feed."""
    which, scores = runs[0]["demo"], runs[0]["scores"]
    if which == "11":
        yield from same(scores[0], f"{sum(r['credit'] for r in runs)} reps")
        yield from same(scores[1], f"{sum(r['units'] for r in runs if r['station'].endswith('Row'))} calories")
    if which == "15":
        for place_, group in enumerate(("One", "Two")):
            raced = [r for r in runs if r["station"] is None and r["group"] == group]
            if raced:
                done, last = raced[0]["credit"], raced[0]["last"]
                yield from same(scores[place_], clock(last) if done == 90 else f"{done} of 90 at the cap")
        yield from same(scores[2], f"{sum(r['credit'] for r in runs if r['station'] is not None)} reps")
    if which == "17":
        yield from same(scores[0], f"{sum(r['credit'] for r in runs)} points")
    if which == "20":
        yield from harbour(runs, scores)
    if which == "21":
        yield from capstan(runs, scores)
    if which == "22":
        done = runs[0]
        yield from same(scores[0], clock(done["last"]) if done["credit"] == 198 else f"{done['credit']} of 198 at the cap")
    if which == "23":
        yield from watch(runs, scores)


def harbour(runs, scores):
    for place_, piece in ((0, "0"), (2, "5")):
        whole = [r for r in runs if r["piece"] == piece and r["credit"] == (1 if piece == "5" else 10 if int(r["strand"]) % 2 else 12)]
        begun = [r for r in runs if r["piece"] == piece]
        if whole or begun:
            yield from same(scores[place_], f"{len(whole)} full interval{'' if len(whole) == 1 else 's'}" if whole else "0")
    cycles = [r for r in runs if r["cycle"] is not None]
    times = [r["last"] - (600_000 + (r["cycle"] - 1) * 150_000) for r in cycles if r["credit"] == 18]
    yield from same(scores[1], clock(max(times)) if len(times) == 4 else f"{sum(r['credit'] for r in cycles)} of 72 at the cap")


def capstan(runs, scores):
    of = {r["piece"]: r for r in runs}
    # Five seconds for each dropped bar, at most thirty; who is stopped has no time to add them to.
    added = min(5 * sum(fault == "dropped bar" for piece, fault in runs[0]["faults"] if piece == "0"), 30) * 1000
    yield from same(scores[0], clock(of["0"]["last"] + added) if of["0"]["credit"] == 118 else f"{of['0']['credit']} of 118 at the cap")
    if "1" in of:
        yield from same(scores[1], f"{of['1']['credit']} second{'' if of['1']['credit'] == 1 else 's'}")
    if "2" in of:
        # Of each ten, five are squats; of what is begun, up to five.
        rounds, rest = divmod(of["2"]["units"], 10)
        yield from same(scores[2], f"{(rounds * 5 + min(rest, 5)) * (60 if runs[0]['who'] == 'man' else 45)} kilograms")
    tries = [(height, made) for piece, height, made in runs[0]["tries"] if piece == "3"]
    if not tries:
        return
    first, row, misses = (80 if runs[0]["who"] == "man" else 65), [], 0
    for height, made in tries:
        if misses == 3:
            yield f"tried {height} after three misses in a row"
        if height < first or (height - first) % 5 or (row and height < row[-1]):
            yield f"tried {height} after {row}"
        row.append(height)
        misses = 0 if made else misses + 1
    best = max((height for height, made in tries if made), default=None)
    yield from same(scores[3], "no height made" if best is None else f"{best:g} cm")


def watch(runs, scores):
    for place_, group in enumerate(("One", "Two")):
        raced = [r for r in runs if r["group"] == group]
        if raced:
            yield from same(scores[place_], clock(raced[0]["last"]) if raced[0]["credit"] == 40 else f"{raced[0]['credit']} of 40 at the cap")
    chain = [r for r in runs if r["group"] is None and r["cycle"] is None and not r["strand"]]
    yield from same(scores[2], f"{max(r['units'] for r in chain)} reps")
    oars = [r for r in runs if r["strand"] == "Oars"]
    deck = [r for r in runs if r["strand"] == "Deck"]
    if oars:
        yield from same(scores[3], f"{oars[0]['units']} m")
    if deck:
        yield from same(scores[4], f"{deck[0]['units'] // 20} + {deck[0]['units'] % 20}")
    cycles = sorted((r["units"] for r in runs if r["cycle"] is not None), reverse=True)
    yield from same(scores[5], f"{sum(cycles[:2])} reps")


def same(said, here):
    if said != here:
        yield f"scored {said}, here {here}"


def clock(ms):
    """Whole seconds off the shared clock: the second that has been reached."""
    seconds = ms // 1000
    return f"{seconds // 60}:{seconds % 60:02}"


def main():
    agreed, wrong = 0, 0
    runs = map(json.loads, sys.stdin)
    for _, lines in itertools.groupby(runs, lambda r: (r["demo"], r["entry"], r["seed"])):
        lines, found = list(lines), collections.deque()
        chained = 0
        for run in lines:
            # A member of a relay that goes on begins where the one before stopped.
            goes_on = run["demo"] == "23" and run["group"] is None and run["cycle"] is None and not run["strand"]
            run["from"] = chained if goes_on else 0
            found.extend((run, fault) for fault in faults(run))
            agreed += len(run["events"])
            chained = run["units"] if goes_on and "units" in run else chained
        if not found:
            found.extend((lines[0], fault) for fault in together(lines))
        wrong += len(found)
        for run, fault in found:
            print(f"{run['demo']} {run['entry']} {run['piece']}{run['strand']} seed {run['seed']}: {fault}")
    print(f"{agreed} events, {wrong} faults")
    sys.exit(1 if wrong else 0)


main()
