#!/usr/bin/env bash
# Installs, builds and serves the application with the demo data. PORT changes the port.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/setup.sh
bash scripts/build.sh >/tmp/sprindle-build.log 2>&1 || { cat /tmp/sprindle-build.log; exit 1; }
exec npx tsx server/main.ts --demo
