# The running stack: MariaDB, php-fpm, the teller, nginx, nchan, kept alive by supervisord. One folder under var/ holds all of one installation:
# configs, data, logs, secrets, backups. Sourced with PROFILE set (main: the demo, school, test, bench); the other scripts use it.

: "${ROOT:?}" "${PROFILE:=main}"
STATE=${HOVIK_STATE:-$ROOT/var/$PROFILE}
ENV_FILE="$STATE/app.env"
OWNER_FILE="$STATE/owner.env"
export HOVIK_STATE="$STATE"
# What this installation runs, in the order in which it starts; a district's nodes run a part of it each (ops/district.sh).
: "${PROGRAMS:=mariadb php-fpm live teller nginx tasks}"
PORT=${PORT:-$(cat "$STATE/port" 2>/dev/null || echo 0)}

WEB_USER=$(id -un)
DB_USER=$(id -un)
if [ "$(id -u)" = 0 ]; then WEB_USER=www-data DB_USER=mysql; fi

as() { # as USER COMMAND...: without leaving this user's rights to it
  local user=$1
  shift
  if [ "$user" = "$(id -un)" ]; then "$@"; else runuser -u "$user" -- "$@"; fi
}

# Laravel's console with the running application's rights: what it writes is for nobody else's eyes.
artisan() { (umask 027 && as "$WEB_USER" env HOVIK_STATE="$STATE" php "$ROOT/artisan" "$@"); }

# Who of the database are let in, and as whom this script asks it: over its socket, or as a district's node does.
: "${DB_FROM:=localhost}"

setting() { [ ! -r "${2:-$ENV_FILE}" ] || sed -n "s/^$1=//p" "${2:-$ENV_FILE}"; }

# One at a time: a second start, backup or restore waits until the first is done.
alone() {
  exec 9>"$STATE/lock"
  flock -n 9 && return 0
  note "Another command is at work on this installation; waiting for it"
  flock -w 600 9 || refuse "another command has been at work for ten minutes; see what it is, then try again."
}

. "$ROOT/ops/stack/folders.sh"
. "$ROOT/ops/stack/supervisor.sh"
. "$ROOT/ops/stack/database.sh"
. "$ROOT/ops/stack/web.sh"
