#!/usr/bin/env bash
# Installs what is missing: npm packages always, Chromium (Debian's package) when asked with --browser.
set -euo pipefail
cd "$(dirname "$0")/.."

stamp=node_modules/.sprindle-installed
if ! cmp -s package-lock.json "$stamp" 2>/dev/null; then
  echo "Installing npm packages"
  # not `npm ci`: it insists on optional packages for other platforms, which a registry need not have
  npm install --no-save --no-audit --no-fund --loglevel=error
  cp package-lock.json "$stamp"
fi

# the same browser without its windows: it takes a quarter less of the processor; where it is not to be had, the whole one does
if [ "${1:-}" = "--browser" ] && ! command -v chromium-headless-shell >/dev/null; then
  echo "Installing Chromium"
  as_root=""; [ "$(id -u)" = 0 ] || as_root=sudo
  $as_root apt-get update -qq
  export DEBIAN_FRONTEND=noninteractive
  $as_root apt-get install -y -qq chromium-headless-shell >/dev/null ||
    command -v chromium >/dev/null ||
    $as_root apt-get install -y -qq chromium >/dev/null
fi
