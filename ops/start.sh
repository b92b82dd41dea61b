#!/usr/bin/env bash
# bin/hovik start [--fresh] [--port N]: install what is missing, start, seed, say where.
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
fresh="" chosen=""
while [ $# -gt 0 ]; do
  case $1 in
    --fresh) fresh=yes ;;
    --port)
      shift
      chosen=${1:-}
      ;;
    --port=*) chosen=${1#--port=} ;;
    *) refuse "start knows --fresh and --port N, not '$1'." ;;
  esac
  shift
done

bash "$ROOT/ops/install.sh" serve
PROFILE=main
. "$ROOT/ops/stack.sh"

may_pass
make_folders
was=$(cat "$STATE/port" 2>/dev/null || true)
PORT=${chosen:-${was:-8484}}
case $PORT in *[!0-9]* | "") refuse "a port is a number from 1024 to 65535, not '$PORT'." ;; esac
[ "$PORT" -ge 1024 ] && [ "$PORT" -le 65535 ] || refuse "a port is a number from 1024 to 65535, not '$PORT'."
if [ "$was" != "$PORT" ]; then stop_one nginx QUIT || true; fi
sweep nginx
if ! pid_of nginx >/dev/null && port_answers "$PORT"; then
  refuse "port $PORT is taken by another program; stop that, or choose another with --port."
fi
make_secrets

step "Database"
database_up
database_accounts hovik
ok

# Settings and routes are cached; the cache is made anew whenever code, settings or the folder changed.
code=$(cd "$ROOT" && { find app bootstrap/app.php config routes core/data/compiled database lang resources/views -type f -printf '%p %T@ %s\n' | sort; cat "$ENV_FILE"; echo "$STATE"; } | cksum)
if [ -n "$fresh" ] || [ ! -f "$STATE/cache/code" ] || [ "$(cat "$STATE/cache/code")" != "$code" ]; then
  step "Tables"
  rm -f "$STATE"/cache/*.php
  if [ -n "$fresh" ]; then
    artisan migrate:fresh --force >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be made." "$STATE/log/migrate.log"
    rm -f "$STATE/seeded"
  else
    artisan migrate --force >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be made." "$STATE/log/migrate.log"
  fi
  ok
  if [ ! -f "$STATE/seeded" ]; then
    step "Demo school"
    artisan db:seed --force >"$STATE/log/seed.log" 2>&1 || refuse "the demo data could not be stored." "$STATE/log/seed.log"
    date -u +%FT%TZ >"$STATE/seeded"
    ok
  fi
  artisan optimize >"$STATE/log/optimize.log" 2>&1 || refuse "the settings could not be cached." "$STATE/log/optimize.log"
  printf '%s\n' "$code" >"$STATE/cache/code"
  stop_one php-fpm QUIT || true
fi

step "Web"
php_up
web_up
echo "$PORT" >"$STATE/port"
web_answers
ok

cat <<TEXT

Hovik is at  http://127.0.0.1:$PORT

  Teacher   /sign-in   achter-lind@tarnvalley.example   password: flour-and-water
  Student   /join      class code BUNSON, any name, PIN 2468
  Station   /station   Hazel's card: HAZEL234

Stop it with  bin/hovik stop
TEXT
