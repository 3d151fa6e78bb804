#!/usr/bin/env python3
"""Replays runs of the demo workouts, event by event, and says where its own count, clock or score is another.

Shares no code with the program: what is counted is the walk over every unit in demo_workouts.py, the clock and the scores are
added up here with integers. Reads one run of one counter a line from standard input, as JSON:

    {"demo": "04", "piece": "0", "strand": "", "who": "man", "ends": 480000, "score": "54 of 66 at the cap",
     "events": [[at, units, counted, round, task], ...]}

at in milliseconds, units done at once, counted after them, round and task of the last of them. Prints each fault and ends with 1
where there is any; else prints how many events agreed.
"""
import json
import sys

import demo_workouts as demo

WOMEN_CALORIES = {"01": 10, "06": 9}


def walk(run):
    """Every unit of a counter; None for one that is a plain count of one task."""
    which, woman = run["demo"], run["who"] == "woman"
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


# Counts that open the clock, with how much longer it then runs, in milliseconds: from the texts.
GATES = {"05": [(40, 180_000), (82, 150_000), (126, 120_000)], "10": [(144, 120_000)]}
STARTS_WITH = {"05": 270_000, "10": 600_000}


def faults(run):
    units, credit, last, rest_from = 0, 0, -1, None
    steps = walk(run)
    cap = STARTS_WITH.get(run["demo"], run["ends"])
    gates = list(GATES.get(run["demo"], []))
    for at, done, counted, round_, task in run["events"]:
        if at < last:
            yield f"{at} after {last}"
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
        if run["demo"] != "09" and counted != credit:
            yield f"counted {counted} at unit {units}, here {credit}"
        if run["demo"] == "09" and run["strand"] == "then" and counted != units:
            yield f"counted {counted}, here {units}"
        while gates and credit >= gates[0][0]:
            cap += gates.pop(0)[1]
        if run["demo"] == "08" and credit == 95 and unit[0] == 5 and unit[2] == 200:
            rest_from = at
        last = at
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
    if which in ("05", "06", "12") and score.split(" ")[0] != str(credit):
        yield f"{credit}, scored {score}"


def clock(ms):
    """Whole seconds off the shared clock: the second that has been reached."""
    seconds = ms // 1000
    return f"{seconds // 60}:{seconds % 60:02}"


def main():
    agreed, wrong = 0, 0
    for line in sys.stdin:
        run = json.loads(line)
        for fault in faults(run):
            wrong += 1
            print(f"{run['demo']} {run['who']} {run['piece']}{run['strand']} seed {run['seed']}: {fault}")
        agreed += len(run["events"])
    print(f"{agreed} events, {wrong} faults")
    sys.exit(1 if wrong else 0)


main()
