#!/usr/bin/env python3
"""Expected figures of the demo workouts, worked out rep by rep.

Shares no code with the program: each workout is written down here by hand as a plain walk over every unit, and times and
scores are added up with integers. Rerun by hand (python3 demo_workouts.py > demo_workouts.json) when a demo workout changes.
"""
import itertools
import json
from fractions import Fraction
from math import floor


def task(round_, name, amount, credit=lambda done, amount: done):
    """All units of one task in one round: (round, name, unit, credit gained by this unit)."""
    for unit in range(1, amount + 1):
        yield round_, name, unit, credit(unit, amount) - credit(unit - 1, amount)


def share(worth):
    return lambda done, amount: floor(Fraction(done * worth, amount))


def groups(size, worth):
    return lambda done, amount: done // size * worth


def ferry_bell(cal=14):
    for r, n in enumerate((16, 12, 8), 1):
        yield from task(r, "dumbbell hang clean and jerk", n)
        yield from task(r, "sit-up", n)
        yield from task(r, "air bike", cal)


def undertow():
    for r in itertools.count(1):
        yield from task(r, "sandbag step-over", 2 * r)
        yield from task(r, "bar muscle-up", 2 * r)


def breakwater():
    for name, n in (("wall walk", 8), ("wall-ball shot", 60), ("power clean", 24), ("box jump-over", 36), ("toes-to-bar", 28), ("wall walk", 8)):
        yield from task(0, name, n)


def cockle_row():
    for r, (a, b) in enumerate(((20, 10), (16, 6), (12, 2)), 1):
        yield from task(r, "deadlift", a)
        yield from task(r, "burpee over the bar", b)


def lock_gates():
    for name, n in (("box step-over", 30), ("hang power clean", 10), ("sit-up", 30), ("hang power clean", 12), ("hand-release push-up", 30), ("hang power clean", 14), ("bar-facing burpee", 10**6)):
        yield from task(0, name, n)


def signal_mast(cal=12):
    for r in itertools.count(1):
        yield from task(r, "deadlift", 1)
        yield from task(r, "hang power snatch", 1)
        yield from task(r, "overhead squat", 2)
        if r % 2 == 0:
            yield from task(r, "rowing machine", cal)


def chandlery():
    for r in itertools.count(1):
        yield from task(r, "front-rack lunge", 12)
        yield from task(r, "rope climb", 2, share(5))
        yield from task(r, "double-under", 40)


def chandlery_light():
    """The lightest options throughout: 22 lunges credited 12, 5 wall walks, 80 single-unders worth a half."""
    for r in itertools.count(1):
        yield from task(r, "front-rack lunge", 22, share(12))
        yield from task(r, "rope climb", 5)
        yield from task(r, "double-under", 80, groups(2, 1))


def chandlery_ways(way):
    """Chandlery by ways that were taken: way(round, task) is which of the task's options, from 0."""
    lunges = ((12, share(12)), (16, share(12)), (22, share(12)))
    climbs = ((2, share(5)), (5, share(5)))
    skips = ((40, groups(1, 1)), (80, groups(2, 1)))
    for r in itertools.count(1):
        for index, (name, ways) in enumerate((("front-rack lunge", lunges), ("rope climb", climbs), ("double-under", skips))):
            amount, credit = ways[way(r, index)]
            yield from task(r, name, amount, credit)


def tide_table_row(target):
    """Calories count nothing; the one that reaches the target brings six."""
    yield from task(0, "rowing machine", 10**4, lambda done, amount: 6 if done >= target else 0)


def plain(name, worth=1):
    yield from task(0, name, 10**6, lambda done, amount: done * worth)


def long_reach():
    for r in range(1, 6):
        yield from task(r, "strict handstand push-up", 9)
        yield from task(r, "rowing machine", 200, share(10))
    for r in range(1, 4):
        yield from task(r, "bench press", 12)
        yield from task(r, "handstand walk", 8)


def twin_tides_first():
    for r in range(1, 9):
        yield from task(r, "burpee to the target", 3 + r, lambda done, amount: 0)


def twin_tides_then():
    yield from task(0, "rowing machine", 120)


def drying_out():
    for r in range(1, 6):
        yield from task(r, "walking lunge", 10)
        yield from task(r, "chest-to-bar pull-up", 20)
        yield from task(r, "team-bag clean-and-over", 18)


def ropewalk():
    yield from task(0, "hand-release push-up", 72)
    yield from task(0, "ring muscle-up", 36)


def night_ferry(first):
    for r in itertools.count(1):
        yield from task(r, first, 10)
        yield from task(r, "bear crawl", 2)
        yield from task(r, "double-under", 14)


def swing_bridge():
    yield from task(0, "box step-over", 40)
    yield from task(0, "hand-release push-up", 50)


def three_bells(last):
    for r in itertools.count(1):
        yield from task(r, "one-arm dumbbell snatch", 8)
        yield from task(r, "box jump-over", 6)
        if last:
            yield from task(r, "hand-release push-up", 4)


def harbour_odd():
    yield from task(0, "kettlebell thruster", 10)


def harbour_even():
    yield from task(0, "sit-up", 12)


def harbour_cycle():
    yield from task(0, "back squat", 8)
    yield from task(0, "box jump-over", 10)


def capstan():
    for r, n in enumerate((15, 12, 9), 1):
        yield from task(r, "rowing machine", n)
        yield from task(r, "hang power clean", n)
    yield from task(0, "power clean", 10)
    for r in range(1, 4):
        yield from task(r, "wall walk", 4)
        yield from task(r, "handstand walk", 8)


def capstan_load():
    for r in itertools.count(1):
        yield from task(r, "back squat", 5)
        yield from task(r, "burpee", 5)


def pilot_ladder():
    """Four sections of 10 m for each of two; the rest is the pair's together."""
    yield from task(0, "farmer's carry", 2 * 4)
    yield from task(0, "sit-up", 60)
    yield from task(0, "burpee over the bar", 30)
    for r in range(1, 3):
        yield from task(r, "wall-ball shot", 30)
        yield from task(r, "toes-to-bar", 20)


def long_watch_relay():
    for r in itertools.count(1):
        yield from task(r, "deadlift", 8)
        yield from task(r, "burpee over the bar", 10)


def long_watch_deck():
    for r in itertools.count(1):
        yield from task(r, "wall-ball shot", 20)


LOOK = (1, 2, 7, 16, 17, 33, 40, 41, 54, 57, 66, 82, 83, 100, 113, 126, 127, 143, 144, 145, 163, 207, 239, 240, 500, 777, 1046, 1104, 1105, 2500)


def walk(units, look=LOOK, endless=False):
    total, credit, places = 0, 0, []
    for round_, name, unit, gained in units:
        total += 1
        credit += gained
        if total in look:
            places.append({"units": total, "round": round_, "task": name, "unit": unit, "credit": credit})
        if endless and total >= max(look):
            return {"units": None, "credit": None, "places": places}
    return {"units": total, "credit": credit, "places": places}


def clock(*parts):
    """(kind, seconds) one after the other: start and end of each, in seconds."""
    at, spans = 0, []
    for kind, seconds in parts:
        spans.append([kind, at, at + seconds])
        at += seconds
    return spans


def rota(turns):
    """Who of four is at station 0..3 in each turn: member m begins at station m and moves on by one."""
    return [[(s - t) % 4 + 1 for s in range(4)] for t in range(turns)]


W, R, C = "Work", "Rest", "Change"
out = {
    "01": {"strands": {"0": {"man": walk(ferry_bell(14)), "woman": walk(ferry_bell(10))}}, "clock": clock((W, 660))},
    "02": {"strands": {"0": {"man": walk(undertow(), endless=True)}}, "clock": clock((W, 840))},
    "03": {"strands": {"0": {"man": walk(breakwater())}}, "clock": clock((W, 780))},
    "04": {"strands": {"0": {"man": walk(cockle_row())}}, "clock": clock((W, 480))},
    "05": {"strands": {"0": {"man": walk(lock_gates(), endless=True)}}, "clock": clock((W, 270 + 180 + 150 + 120)),
           "gates": [[30 + 10, 270, 450], [30 + 10 + 30 + 12, 450, 600], [30 + 10 + 30 + 12 + 30 + 14, 600, 720]]},
    "06": {"strands": {"0": {"man": walk(signal_mast(12), endless=True), "woman": walk(signal_mast(9), endless=True)}}, "clock": clock((W, 600)),
           "bars": {"man": ["40", "45", "50", "55", "60", "65", "70", "75", "80", "85", "85", "85"], "woman": ["35", "37.5", "40", "42.5", "45", "47.5", "50", "52.5", "55", "57.5", "57.5", "57.5"]}},
    "07": {"strands": {"0": {"man": walk(chandlery(), endless=True)}}, "clock": clock((W, 780)), "options": walk(chandlery_light(), endless=True)},
    "08": {"strands": {"0": {"man": walk(long_reach())}}, "clock": clock((W, 990))},
    "09": {"strands": {"0": {"first": walk(twin_tides_first()), "then": walk(twin_tides_then())}}, "clock": clock((W, 720)),
           "intervals": [[90 * (m - 1), 3 + m] for m in range(1, 9)]},
    "10": {"strands": {"0": {"pair": walk(drying_out())}}, "clock": clock((W, 720)), "gates": [[3 * (10 + 20 + 18), 600, 720]]},
    "11": {"clock": clock(*[(W, 70)] * 8, (R, 105), *[(W, 70)] * 4), "rota": rota(4) + rota(4) + rota(4), "judges": 4},
    "12": {"clock": clock((W, 135), (C, 30), (W, 135), (C, 30), (W, 135), (C, 30), (W, 135))},
    "13": {"strands": {"0": {"team": walk(ropewalk())}}, "clock": clock((W, 660))},
    "14": {"strands": {str(k): {"team": walk(night_ferry(m), endless=True)} for k, m in enumerate(("kettlebell swing", "kettlebell thruster", "kettlebell swing to eye level", "goblet squat"))},
           "clock": clock((W, 210), (C, 40), (W, 240), (C, 40), (W, 240), (C, 40), (W, 270))},
    "15": {"strands": {"0": {"team": walk(swing_bridge())}, "1": {"team": walk(swing_bridge())}},
           "clock": clock((W, 360), (C, 60), (W, 135), (C, 40), (W, 135), (C, 40), (W, 135)), "judges": 2},
    "16": {"strands": {"0": {"man": walk(three_bells(False), endless=True)}, "1": {"man": walk(three_bells(False), endless=True)}, "2": {"man": walk(three_bells(True), endless=True)}},
           "clock": clock((W, 60), (C, 40), (W, 120), (C, 40), (W, 180))},
    "20": {"clock": clock((W, 480), (R, 120), *[(W, 150)] * 4, (R, 120), (W, 480)),
           "strands": {str(k): {"man": walk(harbour_cycle())} for k in range(1, 5)}},
    "21": {"clock": clock((W, 720), (R, 120), (W, 120), (R, 60), (W, 240), (R, 60), (W, 360)),
           "strands": {"0": {"man": walk(capstan())}, "2": {"man": walk(capstan_load(), endless=True)}}},
    "22": {"clock": clock((W, 720)), "strands": {"0": {"pair": walk(pilot_ladder())}}},
    "23": {"clock": clock((W, 360), (C, 60), *[(W, 120), (C, 30)] * 3, (W, 120), (C, 60), (W, 300), (C, 60), *[(W, 90), (C, 30)] * 2, (W, 90)),
           "strands": {str(k): {"team": walk(long_watch_relay(), endless=True)} for k in range(2, 6)}},
    "17": {"clock": clock((W, 110), (C, 50), (W, 110), (C, 50), (W, 110), (C, 50), (W, 110))},
}

# Scores of given cards, added up here; the card of each is in the test.
bonus = lambda cals, target: 6 if cals >= target else 0
rows = [(16, 15), (11, 11), (14, 15), (12, 11)] * 3
out["scores"] = {
    # 113 of 114 with a penalty of one second each under 8:00: 8:00 + (66 - 58).
    "04": {"at 58 reps": 480 + (66 - 58)},
    # 143 misses the gate; counted from the longest cap 12:00, and from the own cap 10:00.
    "10": {"143 from the longest cap": 720 + (240 - 143), "143 from the own cap": 600 + (240 - 143), "144 from the longest cap": 720 + (240 - 144)},
    # Three laps of four turns: 20 step-overs, 25 sit-ups or push-ups, 22 swings in each; the rowing earns only the bonus.
    "11": {"A": 12 * (20 + 25 + 22) + sum(bonus(c, t) for c, t in rows), "B": sum(c for c, _ in rows)},
    "14": {"sum": 61 + 70 + 66 + 78, "lowest": min(61, 70, 66, 78)},
    "15": {"three": 31 + 40 + 28 + 37},
    "17": {"points": 20 * 3 + 12 * 2 + 15 * 3 + 4 * 2 + 6 * 1 + 41 + 33},
}
if __name__ == "__main__":
    print("{\n" + ",\n".join(f"{json.dumps(k)}: {json.dumps(v)}" for k, v in out.items()) + "\n}")
