#!/usr/bin/env bash
# bin/hovik start and bin/hovik school start: install what is missing, start, say where.
#   start [--fresh] [--port N]                     the demo school, for this machine only
#   school start [--address A] [--port N] [--certificate F --key F | --without-https] [--behind PROXY] [--fresh]
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=${PROFILE:-main}
. "$ROOT/ops/say.sh"
fresh="" port="" address="" certificate="" key="" plain="" proxy=""
while [ $# -gt 0 ]; do
  case $1 in *=*) set -- "${1%%=*}" "${1#*=}" "${@:2}" ;; esac
  option=$1
  case "$PROFILE $option" in
    *" --fresh") fresh=yes && shift && continue ;;
    "school --without-https") plain=yes && shift && continue ;;
    *" --port") port=${2:-} ;;
    "school --address") address=${2:-} ;;
    "school --certificate") certificate=${2:-} ;;
    "school --key") key=${2:-} ;;
    "school --behind") proxy=${2:-} ;;
    *) refuse "start does not know '$option'; see bin/hovik help." ;;
  esac
  [ -n "${2:-}" ] || refuse "$option needs a value."
  shift 2
done
[ -z "$certificate$key" ] || { [ -r "$certificate" ] && [ -r "$key" ]; } || refuse "--certificate and --key are two files that can be read, given together."

bash "$ROOT/ops/install.sh" "$([ "$PROFILE" = school ] && echo school || echo serve)"
. "$ROOT/ops/stack.sh"

may_pass
make_folders
alone
. "$ROOT/ops/stack/room.sh"
settle_room
make_secrets
case $PROFILE in
  main) say_setting HOVIK_DEMO true ;;
  *) say_setting HOVIK_SIMULATED_SCALE false ;;
esac
say_setting APP_URL "$(address)"
say_setting SESSION_SECURE_COOKIE "$([ -n "$(room CERTIFICATE)" ] && echo true || echo false)"
say_setting HOVIK_DOOR "$([ ! -e "$STATE/door/hovik-school.crt" ] || [ -z "$(room CERTIFICATE)" ] || echo "http://$(room ADDRESS):$((PORT + 1))")"
say_setting HOVIK_TRUSTED_PROXIES "$(room BEHIND)"

step "Database"
database_up
database_accounts hovik
ok
. "$ROOT/ops/stack/tables.sh"
settle_tables "$fresh"

step "Web"
php_up
web_up
server_up tasks
echo "$PORT" >"$STATE/port"
web_answers
ok

if [ "$PROFILE" = school ]; then
  artisan school:welcome
  cat <<TEXT

How tablets find and trust it:  $(address)/trust$([ -z "$(room CERTIFICATE)" ] || echo "  or, before they trust it,  http://$(room ADDRESS):$((PORT + 1))")
Stop it with  bin/hovik school stop
TEXT
else
  cat <<TEXT

Hovik's demo school is at  $(address)   (this machine only: anybody knows its passwords)

  Teacher   /sign-in   achter-lind@tarnvalley.example   password: flour-and-water
  Student   /join      class code BUNSON, any name, PIN 2468
  Station   /station   Hazel's card: HAZEL234

Stop it with  bin/hovik stop.  A school of your own:  bin/hovik school start
TEXT
fi
