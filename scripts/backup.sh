#!/usr/bin/env bash
# A backup of everything that is stored, in one file; works while the application runs.
#   scripts/backup.sh FILE [--data DIR]
set -euo pipefail
. "$(dirname "$0")/common.sh"
[ $# -ge 1 ] || die "say where to: scripts/backup.sh FILE [--data DIR]"
file=$(realpath -m "$1") data=$root/data
[ "${2:-}" != --data ] || data=$(realpath "${3:?--data needs a folder}")
[ -s "$data/pg/PG_VERSION" ] || die "there is nothing stored in $data."
need_postgres
pg_start "$data"
trap '[ "${PG_OURS:-0}" = 1 ] && pg_stop "$data"' EXIT
# Written beside and moved: a backup that was broken off never stands under the name of a whole one.
(umask 077; "$PG/pg_dump" -h 127.0.0.1 -p "$PGPORT_OWN" -U faircompass --format=custom --file="$file.part" faircompass) || die "the backup was not made."
mv "$file.part" "$file"
say "Backed up to $file ($(du -h "$file" | cut -f1)). It holds names and contacts: keep it as such."
