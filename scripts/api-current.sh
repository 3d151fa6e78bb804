#!/usr/bin/env bash
# The build writes docs/openapi.json; the client's types are made from it. Both are committed and must not lag behind.
set -euo pipefail
cd "$(dirname "$0")/.."
git diff --quiet -- docs/openapi.json 2>/dev/null || { echo "docs/openapi.json changed with this build: commit it."; git --no-pager diff --stat -- docs/openapi.json; exit 1; }
made=$(mktemp)
trap 'rm -f "$made"' EXIT
(cd src/client && npx --no-install openapi-typescript ../../docs/openapi.json -o "$made" >/dev/null)
diff -q "$made" src/client/src/api/schema.ts || { echo "Run npm run api in src/client and commit the types."; exit 1; }
