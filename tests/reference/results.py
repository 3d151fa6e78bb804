#!/usr/bin/env python3
"""Computes the results of the demo's first day anew from the facts as they are exported, and says where they are others.

Shares no code with the program. What the four workouts score is written down here by hand from their texts:

  Twin Tides   the time; who is not done at the cap ranks behind, by calories on the machine
  Towline      the reps of each of four cycles, a score each
  Ferry Bell   A the time, behind it the reps at the cap; B the heaviest good lift, ties by score A, for who has finished A
  Undertow     reps; ties by the time at the last full round

Reads the export from standard input. Prints each fault and ends with 1 where there is any; else prints how many lines agreed.
"""
import collections
import json
import sys

LAST = 1 << 60


def clock(ms):
    seconds = ms // 1000
    return f"{seconds // 3600}:{seconds // 60 % 60:02}:{seconds % 60:02}" if seconds >= 3600 else f"{seconds // 60}:{seconds % 60:02}"


def piece(run, key):
    return next((p for p in run["pieces"] if p["piece"] == key), None)


def number(of):
    return next((of[k] for k in ("counted", "performed", "units") if of[k] is not None), 0)


def then(p):
    return next((number(c) for c in p["counts"] if c["strand"] == "then"), 0)


def finished(run, key):
    return piece(run, key) and piece(run, key)["finish"] is not None


def timed(run, key, count, whole):
    p = piece(run, key)
    if p and p["finish"] is not None:
        return (0, p["finish"]), clock(p["finish"])
    done = count(p) if p else 0
    return ((3, 0), None) if done == 0 else ((1, -done), f"{done} of {whole} at the cap")


def reps(run, key):
    done = number(piece(run, key)) if piece(run, key) else 0
    return ((0, -done), f"{done} reps") if done else ((3, 0), "0")


def lift(run):
    if not finished(run, "0"):
        return (4, 0), "not reached"
    tries = piece(run, "1")["tries"] if piece(run, "1") else []
    made = [t["load"] for t in tries if t["made"]]
    if made:
        return (0, -max(made)), f"{max(made):g} kg"
    return ((2, 0), None) if tries else ((3, 0), "0")


def adjusted(key, text, changes):
    """A score with what the head judge has added to a time, or to a count."""
    for c in changes:
        if key[0] == 0 and key[1] > 0 and c["time"]:
            value = max(0, key[1] + c["time"])
            key, text = (0, value) + key[2:], clock(value)
        elif c["units"] and key[1] < 0:
            key, text = (key[0], min(0, key[1] - c["units"])) + key[2:], None
    return key, text


def scored(title, run, penalty):
    """Each score of a run: its key, smaller is better, with ties behind it; and its text, None where it is not compared."""
    if run["status"] != "Ran":
        key = ((7 if run["status"] == "DidNotStart" else 6), 0)
        return [(key, None)] * {"Towline": 4, "Ferry Bell": 2}.get(title, 1)
    if title == "Twin Tides":
        return [adjusted(*timed(run, "0", then, 120), penalty("the score"))]
    if title == "Towline":
        return [adjusted(*reps(run, str(i)), penalty(f"score {n}")) for i, n in enumerate(("One", "Two", "Three", "Four"))]
    if title == "Ferry Bell":
        # A round has 16, 12 and 8 of two movements; calories of the bike are one number a round, and count one each.
        a, text = adjusted(*timed(run, "0", number, None), penalty("score A"))
        b, load = lift(run)
        return [(a, text if a[0] == 0 else None), adjusted(b + a, load, penalty("score B"))]
    key, text = adjusted(*reps(run, "0"), penalty("the score"))
    tie = piece(run, "0")["tieTime"] if piece(run, "0") else None
    return [(key + (LAST if tie is None else tie,), text)]


def ranked(keys):
    """1, 2, 2, 4."""
    return [1 + sum(1 for other in keys if other < k) for k in keys]


def main():
    export = json.load(sys.stdin)
    faults, agreed = [], 0
    held = {}
    for fact in export["facts"]:
        if fact["kind"] != "Again":
            held[fact["card"]] = fact["run"]
    results = export["results"]
    changes = collections.defaultdict(list)
    for incident in export["incidents"]:
        last = incident["decisions"][-1]["decision"] if incident["decisions"] else None
        if last and last["outcome"] == "Adjusted":
            for entry in incident["report"]["entries"]:
                for change in last["changes"]:
                    changes[(incident["report"]["workout"], entry, change["score"])].append(change)

    earned = collections.defaultdict(dict)
    for workout in results["workouts"]:
        cards = {c["entry"]: c for c in export["cards"] if c["workout"] == workout["workout"] and c["state"] != "Replaced"}
        by_division = collections.defaultdict(list)
        for table in workout["tables"]:
            by_division[table["division"]].append(table)
        for division, tables in by_division.items():
            for s, table in enumerate(tables):
                lines = [line for line in table["lines"] if cards[line["entry"]]["id"] in held]
                keys, texts = [], []
                for line in lines:
                    # A tie by another score looks at that score with its penalties.
                    key, text = scored(
                        workout["title"],
                        held[cards[line["entry"]]["id"]],
                        lambda score, entry=line["entry"]: changes[(workout["workout"], entry, score)],
                    )[s]
                    keys.append(key)
                    texts.append(text)
                for line, place, text in zip(lines, ranked(keys), texts):
                    if line["place"] != place or (text is not None and line["text"].split(" (")[0] != text):
                        faults.append(f"{workout['title']}, {division}, {table['score']}: {line['place']} {line['text']}, not {place} {text}")
                    agreed += 1
                missing = len(table["lines"]) - len(lines)
                if missing != table["missing"]:
                    faults.append(f"{workout['title']}, {division}: {table['missing']} missing, not {missing}")
                if lines:
                    column = dict(zip((line["entry"] for line in lines), ranked(keys)))
                    absent = {line["entry"] for line, key in zip(lines, keys) if key[0] in (6, 7)}
                    everybody = [line["entry"] for line in table["lines"]]
                    earned[division][(workout["workout"], table["score"])] = (column, absent, everybody)

    points = {}
    for table in results["overall"]:
        columns = earned[table["division"]]
        entries = {e for _, _, everybody in columns.values() for e in everybody}
        sums = {e: sum(101 - c[e] for c, absent, _ in columns.values() if e in c and e not in absent) for e in entries}
        places = {e: sorted(c.get(e, LAST) for c, _, _ in columns.values()) for e in entries}
        order = {e: (-sums[e], places[e]) for e in entries}
        for row in table["rows"]:
            place = 1 + sum(1 for o in entries if order[o] < order[row["entry"]])
            if (row["place"], row["points"]) != (place, sums[row["entry"]]):
                faults.append(f"overall, {table['division']}: {row['place']} {row['points']}, not {place} {sums[row['entry']]}")
            agreed += 1
        points.update(sums)

    gyms = {n["entry"]: n["gym"] for n in results["names"]}
    clubs = collections.defaultdict(list)
    for entry, sum_ in points.items():
        if gyms[entry] and " / " not in gyms[entry]:
            clubs[gyms[entry]].append(sum_)
    best = {club: sum(sorted(all_, reverse=True)[: results["rules"]["clubBest"]]) for club, all_ in clubs.items()}
    for club in results["clubs"]:
        if club["points"] != best[club["club"]] or club["place"] != 1 + sum(1 for p in best.values() if p > club["points"]):
            faults.append(f"clubs, {club['club']}: {club['place']} {club['points']}, not {best[club['club']]}")
        agreed += 1

    for fault in faults:
        print(fault)
    print(f"{agreed} lines, {len(faults)} faults")
    sys.exit(1 if faults else 0)


main()
