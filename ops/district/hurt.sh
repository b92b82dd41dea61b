#!/usr/bin/env bash
# ops/district/hurt.sh NODE [PROGRAM|worker]: kills a node of the bench's district as a dying machine would, with what keeps it alive, so that it stays
# dead; or one of its programs, which comes back by itself; or a worker of its nginx and of its haproxy. Never of a district that is used.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/../.." && pwd)}
. "$ROOT/ops/say.sh"
DISTRICT=$(readlink -f "${HOVIK_DISTRICT:?}")
[ "$(basename "$DISTRICT")" = bench-district ] || refuse "only the bench's district is hurt."
. "$ROOT/ops/district/plan.sh"
NODE=$1
. "$ROOT/ops/district/node.sh"
case ${2:-} in
  "")
    kill -KILL "$(cat "$RUN/supervisor.pid")"
    for name in $PROGRAMS; do sweep "$name"; done
    ;;
  worker) for name in nginx haproxy; do pkill -KILL -P "$(pid_of "$name")"; done ;;
  *) kill -KILL "$(pid_of "$2")" ;;
esac
date +%s%3N
