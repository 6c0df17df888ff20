#!/usr/bin/env bash
# Installs the packages of a directory, else of the pages, when its package-lock.json has changed since the last time.
set -euo pipefail
cd "${1:-$(dirname "$0")}"
now=$(sha256sum package-lock.json | cut -d' ' -f1)
if [ "$(cat .npm-installed 2>/dev/null || true)" != "$now" ] || [ ! -d node_modules ]; then
  npm ci --no-audit --no-fund --loglevel=error
  echo "$now" > .npm-installed
fi
