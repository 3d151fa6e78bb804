#!/usr/bin/env bash
# Brings a backup back into an empty folder of data; nothing that is stored elsewhere is touched.
#   scripts/restore.sh FILE --data DIR        then: ./run --data DIR
# Rights of the application’s role are given anew when it starts.
set -euo pipefail
. "$(dirname "$0")/common.sh"
[ $# -eq 3 ] && [ "$2" = --data ] || die "say from where and to where: scripts/restore.sh FILE --data DIR"
[ -r "$1" ] || die "$1 cannot be read."
file=$(realpath "$1") data=$(realpath -m "$3")
[ ! -e "$data/pg" ] || die "$data has a database already; give an empty folder, so that nothing is written over."
mkdir -p "$data"
need_postgres
pg_start "$data"
trap '[ "${PG_OURS:-0}" = 1 ] && pg_stop "$data"' EXIT
"$PG/pg_restore" -h 127.0.0.1 -p "$PGPORT_OWN" -U faircompass --dbname=faircompass --no-privileges --exit-on-error --single-transaction "$file" \
  || die "the backup could not be brought back; $data is not to be used."
say "Restored into $data. Start it with: ./run --data $data"
