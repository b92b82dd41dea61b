#!/usr/bin/env bash
# bin/hovik artisan ...: Laravel's console on the running data, as the web user.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
PROFILE=${PROFILE:-main}
. "$ROOT/ops/stack.sh"
pid_of mariadb >/dev/null || refuse "Hovik is not running; start it with bin/hovik start."
cd "$ROOT"
artisan "$@"
