#!/usr/bin/env bash
# An installation of its own from nothing, as a school has it: starts empty, comes back when killed, is backed up and restored, goes back
# after a change that was broken off, and stops without leaving anything. Says what is wrong, and exits with 1.
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/../.." && pwd)
export HOVIK_STATE="$ROOT/var/try" PROFILE=school
unset PORT
wrong() {
  echo "WRONG: $1"
  exit 1
}
try() { bash "$ROOT/ops/$1.sh" "${@:2}"; }
trap 'try stop >/dev/null 2>&1 || true; rm -rf "$HOVIK_STATE"' EXIT
try stop >/dev/null 2>&1 || true
rm -rf "$HOVIK_STATE"
port=$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];')
session() { curl -s --max-time 5 "http://127.0.0.1:$port/api/session" || true; }

try start --port "$port" >"$ROOT/var/log/try.log" 2>&1 || { cat "$ROOT/var/log/try.log"; wrong "it does not start"; }
grep -qE 'works once: +[A-Z0-9]{4}-[A-Z0-9]{4}-[A-Z0-9]{4}' "$ROOT/var/log/try.log" || wrong "it tells no set-up code"
session | grep -q '"to_set_up":true' || wrong "it is not empty: $(session)"
[ "$(stat -c %a "$HOVIK_STATE")" = 750 ] || wrong "anybody looks into its folder"
try start >/dev/null 2>&1 || wrong "it does not start twice"

for server in mariadb php-fpm live teller nginx; do
  kill -KILL "$(cat "$HOVIK_STATE/run/$server.group")"
  sleep 0.2
  for _ in $(seq 1 100); do
    session | grep -q to_set_up && continue 2
    sleep 0.1
  done
  wrong "$server was killed, and nobody answers"
done

sql() { mariadb --no-defaults --socket="$HOVIK_STATE/run/db/mariadb.sock" -u"$(id -un)" -N hovik -e "$1"; }
sql "INSERT INTO schools (name, time_zone) VALUES ('Kept', 'UTC')"
try backup "$HOVIK_STATE/one.hovik" >/dev/null || wrong "it cannot be backed up"
try backup verify "$HOVIK_STATE/one.hovik" >/dev/null || wrong "its backup is not whole"
sql "UPDATE schools SET name = 'Lost'"
try restore "$HOVIK_STATE/one.hovik" >/dev/null || wrong "it cannot be restored"
[ "$(sql 'SELECT name FROM schools')" = Kept ] || wrong "what was backed up is not what came back"

# What has reached its end goes by night: the log's too, which the running application may only add to.
sql "INSERT INTO log_entries (school_id, who, act, about, at) SELECT id, 'Somebody', 'set-up', '{}', NOW() - INTERVAL 4 YEAR FROM schools"
(. "$ROOT/ops/say.sh" && . "$ROOT/ops/stack.sh" && artisan_as_owner school:keep) >"$ROOT/var/log/try.log" 2>&1 || { cat "$ROOT/var/log/try.log"; wrong "what has reached its end does not go"; }
[ "$(sql 'SELECT COUNT(*) FROM log_entries')" = 0 ] || wrong "an old entry of the log stayed"

# A change of the tables that was broken off.
sql "SET FOREIGN_KEY_CHECKS = 0; DROP TABLE guesses"
echo "$HOVIK_STATE/one.hovik" >"$HOVIK_STATE/changing"
! try status >/dev/null || wrong "a change that was broken off is not told"
try start >/dev/null 2>&1 || wrong "it does not go back after a change that was broken off"
[ "$(sql 'SELECT COUNT(*) FROM guesses')" = 0 ] && [ ! -e "$HOVIK_STATE/changing" ] || wrong "it did not go back"

try stop >/dev/null || wrong "it does not stop"
sleep 0.3
for process in /proc/[0-9]*; do
  [ "$(readlink "$process/cwd" 2>/dev/null || true)" != "$HOVIK_STATE" ] || wrong "stop left $(tr '\0' ' ' <"$process/cmdline")"
done
[ -z "$(ls "$HOVIK_STATE"/run/*.sock "$HOVIK_STATE"/run/db/*.sock 2>/dev/null || true)" ] || wrong "stop left a socket"
