#!/usr/bin/env bash
# bin/hovik stop and bin/hovik school stop: end what start started, and nothing else.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=${PROFILE:-main}
. "$ROOT/ops/say.sh"
if [ ! -d "${HOVIK_STATE:-$ROOT/var/$PROFILE}" ]; then echo "Hovik was not running." && exit 0; fi
. "$ROOT/ops/stack.sh"
if stack_down; then echo "Hovik is stopped."; else echo "Hovik was not running."; fi
