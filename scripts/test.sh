#!/usr/bin/env bash
# All checks: types, lint with the layering rules, unit tests, browser tests on the exported application.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/setup.sh --browser
bash scripts/build.sh
npm run --silent types &
types=$!
npm run --silent lint
wait "$types"
npm run --silent unit
npm run --silent e2e
