#!/usr/bin/env bash
# bin/hovik status: what runs, and where. Exit status 0 when all of it does, 3 when not.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
PROFILE=main
. "$ROOT/ops/stack.sh"
all=0
for name in mariadb php-fpm nginx; do
  if pid=$(pid_of "$name"); then printf '%-8s runs, pid %s\n' "$name" "$pid"; else printf '%-8s is stopped\n' "$name" && all=3; fi
done
if [ $all = 0 ]; then
  PORT=$(cat "$STATE/port")
  printf 'address  http://127.0.0.1:%s  answers %s\n' "$PORT" "$(curl -s -o /dev/null -w '%{http_code}' --max-time 5 "http://127.0.0.1:$PORT/api/session" || true)"
fi
exit $all
