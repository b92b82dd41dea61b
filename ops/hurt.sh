#!/usr/bin/env bash
# ops/hurt.sh PROFILE SERVER PORT: kills a server of a test or bench stack as a crash would, and waits until all is answered again: nobody
# starts it but supervisord. Prints after how many milliseconds. Never of the one that is used.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
PROFILE=$1 server=$2 PORT=$3
case $PROFILE in test | bench) ;; *) refuse "only test and bench stacks are hurt, not '$PROFILE'." ;; esac
. "$ROOT/ops/stack.sh"
pid=$(pid_of "$server") || refuse "$server does not run."
before=$(date +%s%3N)
kill -KILL "$pid"
while [ -d "/proc/$pid" ]; do sleep 0.01; done
web_answers
echo $(($(date +%s%3N) - before))
