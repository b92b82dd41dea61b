#!/usr/bin/env bash
# bin/hovik stop: ends what start started, by pid, and nothing else.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
PROFILE=main
. "$ROOT/ops/stack.sh"
if stack_down; then echo "Hovik is stopped."; else echo "Hovik was not running."; fi
