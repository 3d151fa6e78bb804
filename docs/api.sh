#!/usr/bin/env bash
# Each call for other programs, with curl. Start the application first; its address may be given: docs/api.sh http://127.0.0.1:5080
# Times are whole milliseconds. The address takes no other page's calls, so nothing here works from a browser elsewhere.
set -euo pipefail
cd "$(dirname "$0")/examples"
base=${1:-http://127.0.0.1:5080}
post() { printf '\n# POST %s < %s\n' "$1" "$2"; curl -fsS -H 'Content-Type: application/json' --data-binary "@$2" "$base$1"; printf '\n'; }

# What the program understands of a draft: every rep, the clock, prescriptions, findings.
post /api/explain explain.json

# Observations of several entries into scores, tie-break values, reasoning and places; "before" lists who moves and why.
post /api/score score.json

# Results into places, points, the overall table and the club table.
post /api/rank rank.json

# Plates for the bars of a lane: the cheapest changes, inner plates staying on; what cannot be made, and what is lacking.
post /api/plates plates.json

# The structures with which a workout can begin, and a draft with one of them; "places" is what is to be filled in.
curl -fsS "$base/api/structures"; printf '\n'
curl -fsS -H 'Content-Type: application/json' --data-binary '{"text":"","name":"falling sets"}' "$base/api/structures"; printf '\n'

# A workout as coaches write it into a draft: where each line comes from, what is open, what was kept and what was not understood.
post /api/read read.json

# The text of a file, which can then be read: spreadsheets, documents, PDF, web pages, tables with commas, plain text.
printf '\n# POST /api/read/file < loads.csv\n'
curl -fsS -H 'Content-Type: application/octet-stream' --data-binary @loads.csv "$base/api/read/file?name=loads.csv"
printf '\n'

# One made-up run of an entry: its events, what would have been seen of it, its card, and its score. The same seed, the same run.
post /api/play play.json

# From here on things are stored, so somebody must be signed in: here the demo’s organiser. The cookies are kept for the calls after it;
# the one that is called proof goes back as a header with whatever writes.
jar=$(mktemp)
trap 'rm -f "$jar"' EXIT
curl() { command curl -b "$jar" -c "$jar" -H "Fair-Compass-Proof: $(awk '$6 ~ /fair-compass-proof$/ { print $7 }' "$jar")" "$@"; }
printf '\n# POST /api/session < sign-in.json\n'
curl -fsS -H 'Content-Type: application/json' --data-binary @sign-in.json "$base/api/session"

# A competition from a file, and out again as a file.
made=$(post /api/import competition-file.json | sed -nE 's/.*"id":"([^"]+)".*/\1/p')
printf '\n# GET /api/competitions/%s/export\n' "$made"
curl -fsS "$base/api/competitions/$made/export"; printf '\n'

# A workout from a file into that competition, out again as a file, and its prescriptions as CSV.
workout=$(post "/api/competitions/$made/import" workout-file.json | sed -nE 's/.*"id":"([^"]+)".*/\1/p')
printf '\n# GET /api/workouts/%s/export\n' "$workout"
curl -fsS "$base/api/workouts/$workout/export"; printf '\n'
printf '\n# GET /api/workouts/%s/prescriptions.csv\n' "$workout"
curl -fsS "$base/api/workouts/$workout/prescriptions.csv"

# A change of a text by command: edits in UTF-16 offsets, with the hash of the text that they hold for. Nothing is stored.
printf '\n# POST /api/competitions/%s/edit < edit.json\n' "$made"
curl -fsS -H 'Content-Type: application/json' --data-binary @edit.json "$base/api/competitions/$made/edit"; printf '\n'
