#!/usr/bin/env bash
# Tests for hours what `npm test` tests for seconds: everything, or the parts that are named.
set -euo pipefail
cd "$(dirname "$0")/.."

properties="calendar/rule calendar/dense vendorZones track/seen state/manyTabs state/homes state/firstPart core/requests/requests"

soak() {
  case "$1" in
    files) npx tsx scripts/soak/files.ts ;;
    worst) npx tsx scripts/soak/worst.ts ;;
    # rules, zones, clocks, crossing tabs and their timers against the disk, homes that are lost
    properties) TIMES="${TIMES:-100}" npx jest $properties ;;
    full) npm run --silent build && npx tsx scripts/soak/fullDevice.ts ;;
    crash) npm run --silent build && ROUNDS=100 SAFE_AFTER=500 npm run --silent e2e crash ;;
    *) echo "There is no soak of $1: files, worst, properties, full, crash." >&2; exit 1 ;;
  esac
}

for part in "${@:-files worst properties full crash}"; do
  for one in $part; do soak "$one"; done
done
