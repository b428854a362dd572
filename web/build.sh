#!/usr/bin/env bash
# Builds the web pages into dist/. Does nothing when what they are made of has not changed since the last build.
set -euo pipefail
cd "$(dirname "$0")"

hash_of() { find "$@" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }

locked=$(hash_of package.json package-lock.json)
if [ ! -d node_modules ] || [ "$(cat node_modules/.locked 2>/dev/null || true)" != "$locked" ]; then
  echo "web: installing packages"
  npm ci --no-audit --no-fund --loglevel=error
  echo "$locked" > node_modules/.locked
fi

# While the server's description is being renewed the pages may not fit it yet; the last build will do.
if [ -n "${KNOLLWIND_WRITE_OPENAPI:-}" ] && [ -f dist/index.html ]; then
  exit 0
fi

made_of=$(hash_of src index.html openapi.json package.json package-lock.json vite.config.ts tsconfig.json build.sh)
if [ -f dist/index.html ] && [ "$(cat dist/.made-of 2>/dev/null || true)" = "$made_of" ]; then
  exit 0
fi
echo "web: building"
npm run --silent build
find dist/assets -type f \( -name '*.wasm' -o -name '*.js' -o -name '*.css' \) -print0 | xargs -0 -n1 gzip -9 -k -f
echo "$made_of" > dist/.made-of
