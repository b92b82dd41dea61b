#!/usr/bin/env bash
# ops/hurt.sh PROFILE SERVER PORT: kills a server of a test or bench stack as a crash would, and starts it again. Never of the one that is used.
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
PROFILE=$1 server=$2 PORT=$3
case $PROFILE in test | bench) ;; *) refuse "only test and bench stacks are hurt, not '$PROFILE'." ;; esac
. "$ROOT/ops/stack.sh"
pid=$(pid_of "$server") || refuse "$server does not run."
kill -KILL "$pid"
for _ in $(seq 1 100); do
  [ -d "/proc/$pid" ] || break
  sleep 0.05
done
case $server in
  mariadb) database_up ;;
  php-fpm) php_up ;;
  nginx) web_up ;;
esac
web_answers
