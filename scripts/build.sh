#!/usr/bin/env bash
# Exports the web application into dist/.
set -euo pipefail
cd "$(dirname "$0")/.."
EXPO_NO_TELEMETRY=1 EXPO_OFFLINE=1 CI=1 npx expo export --platform web --output-dir dist
npx tsx scripts/shell.ts
npx tsx scripts/compileHint.ts
npx tsx scripts/door.ts
npx tsx scripts/book.ts
npx tsx scripts/offline.ts
npx tsx scripts/compress.ts
