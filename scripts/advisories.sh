#!/usr/bin/env bash
# Known faults of the packages that the application is made of, as far as the sources of packages here tell them. Where none answers it says
# so and is no failure; where one is known it is.
#   scripts/advisories.sh
set -uo pipefail
. "$(dirname "$0")/common.sh"
cd "$root"
known=0

told=$(dotnet list FairCompass.slnx package --vulnerable --include-transitive 2>&1)
if grep -q 'has the following vulnerable packages' <<<"$told"; then
  grep -E 'Project|>' <<<"$told"; known=1
elif grep -qiE 'error|unable|vulnerability data' <<<"$told" || ! grep -q 'has no vulnerable packages' <<<"$told"; then
  say "C#: the source of packages here tells no advisories."
else
  say "C#: no advisory is known."
fi

if told=$(npm --prefix src/client audit --json 2>/dev/null); then
  say "Client: no advisory is known."
elif grep -q '"vulnerabilities"' <<<"$told"; then
  printf '%s\n' "$told" | sed -nE 's/^ +"(name|severity|title|url)": (.*),?$/\1: \2/p'; known=1
else
  say "Client: the source of packages here tells no advisories."
fi
exit $known
