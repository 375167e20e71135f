#!/usr/bin/env bash
# Builds the pages into the folder named: install (only if the lock changed), types from the API's description
# and the catalogue, checks, bundle. Called by Maven, with target/openapi.json already written.
set -euo pipefail
cd "$(dirname "$0")"
out=${1:?usage: build.sh OUTPUT-FOLDER}
if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --no-audit --no-fund
  touch node_modules/.package-lock.json
fi
npm run --silent types >/dev/null
npm run --silent words
# Beside each other, since each uses one core: what checks, and what tests and bundles.
npm run --silent check &
checks=$!
npm run --silent test -- --reporter=dot
npm run --silent build -- --outDir "$out" --logLevel warn
wait "$checks"
