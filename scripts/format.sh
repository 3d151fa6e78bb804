#!/usr/bin/env bash
# Lays out the C# and the client; with --check it only says what is not laid out yet, and that no line is over the width.
set -euo pipefail
cd "$(dirname "$0")/.."
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1
dotnet tool restore >/dev/null
if [ "${1:-}" = --check ]; then
  dotnet csharpier check .
  # Neither formatter breaks a string or a comment: those are cut by hand.
  long=$(git ls-files 'src/*.cs' 'tests/*.cs' 'src/client/*.ts' 'src/client/*.tsx' | grep -v '/api/schema.ts$' \
    | LC_ALL=C.UTF-8 xargs grep -nE '^.{141,}$' || true)
  if [ -n "$long" ]; then echo "Over 140 characters:"; echo "$long" | cut -c1-200; exit 1; fi
else
  dotnet csharpier format .
  npm --prefix src/client run --silent format
fi
