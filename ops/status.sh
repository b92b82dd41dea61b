#!/usr/bin/env bash
# bin/hovik status and bin/hovik school status: what runs, where, and what is wrong, in words. Exit status 0 when all is well, 3 when not.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=${PROFILE:-main}
. "$ROOT/ops/say.sh"
start="bin/hovik$([ "$PROFILE" = school ] && echo ' school' || true) start"
if [ ! -d "${HOVIK_STATE:-$ROOT/var/$PROFILE}" ]; then echo "Nothing is installed yet; $start installs and starts it." && exit 3; fi
. "$ROOT/ops/stack.sh"

if ! supervisor_runs; then
  echo "Hovik is stopped. Start it with  $start"
  exit 3
fi
all=0
wrong() { printf '%s\n' "$1" && all=3; }
for name in $SERVERS; do
  case $(state_of "$name") in
    RUNNING) printf '%-8s runs, pid %s\n' "$name" "$(pid_of "$name")" ;;
    STARTING) wrong "$name     is starting; ask again in a moment" ;;
    BACKOFF) wrong "$name     ends as soon as it starts, and is tried again; its log says why: ${STATE#"$ROOT"/}/log/$name.log" ;;
    *) wrong "$name     is stopped; $start starts it again" ;;
  esac
done
case $(answers) in
  200) printf 'address  %s  answers\n' "$(address)" ;;
  507) wrong "address  $(address)  says that the disk is full: make room, and it goes on by itself" ;;
  000) wrong "address  $(address)  does not answer: no connection" ;;
  *) wrong "address  $(address)  answers with a fault; see ${STATE#"$ROOT"/}/storage/logs" ;;
esac
free=$(df -Pm "$STATE" | awk 'NR == 2 { print $4 }')
[ "$free" -gt 1024 ] || wrong "disk     only $free MB are free; below 64 MB nothing is stored any more"
[ ! -e "$STATE/changing" ] || wrong "tables   a change was broken off; $start puts it right"
if [ "$PROFILE" = school ]; then
  last=$(ls -t "$STATE"/backup/nightly-*.hovik* 2>/dev/null | head -n 1 || true)
  if [ -n "$last" ]; then printf 'backup   the last nightly one is of %s\n' "$(date -r "$last" '+%F %H:%M')"; else echo "backup   none by night yet"; fi
fi
exit $all
