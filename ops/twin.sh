#!/usr/bin/env bash
# ops/twin.sh [SCRIPT]: schools for the browser tests, on the test stack that runs; see tests/Browser/twin.php. Or another script there.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=test
. "$ROOT/ops/stack.sh"
cd "$ROOT"
as "$WEB_USER" env HOVIK_STATE="$STATE" php -d opcache.enable_cli=1 "tests/Browser/${1:-twin.php}"
