#!/usr/bin/env bash
# bin/hovik restore FILE [--identity F] [--demo]: puts a backup into an empty or a running installation. What was there is backed up first.
set -euo pipefail
umask 077
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
. "$ROOT/ops/stack/which.sh"
file="" identity="" as_it_was=""
while [ $# -gt 0 ]; do
  case $1 in
    --identity) identity=${2:-} && shift ;;
    --as-it-was) as_it_was=yes ;; # by ops/stack/tables.sh, after a change that was broken off
    -*) refuse "restore does not know '$1'; see bin/hovik help." ;;
    *) file=$1 ;;
  esac
  shift
done
[ -n "$file" ] || refuse "which file? bin/hovik restore FILE"
file=$(readlink -f "$file")
. "$ROOT/ops/stack.sh"
[ -f "$ENV_FILE" ] && [ -d "$STATE/db" ] || refuse "install the school first with bin/hovik school start; then restore into it, empty as it is."
. "$ROOT/ops/stack/archive.sh"
. "$ROOT/ops/stack/tables.sh"
[ -n "${HOVIK_ALONE:-}" ] || alone
began=$(date +%s)
database_up
step "Reading the backup"
unpack "$file" "$identity"
newest=$(sed -n 's/^migration //p' "$PACK/manifest")
[ -f "$ROOT/database/migrations/$newest.php" ] || refuse "this backup is of a newer version of Hovik; upgrade first, then restore it."
ok
ran=""
! pid_of nginx >/dev/null || ran=yes
if [ -z "$as_it_was" ]; then
  backup_before restore
  # Nobody writes into what is about to go.
  server_down tasks || true
  server_down nginx || true
fi
step "Restoring"
load hovik
compare hovik || refuse "what came back is not what was backed up."
if [ -z "$as_it_was" ]; then
  put_back_pictures
  # Tablets go on trusting a school that moved to another machine.
  if [ -d "$PACK/settings/certificate" ] && [ ! -d "$STATE/certificate" ]; then cp -r "$PACK/settings/certificate" "$STATE/"; fi
fi
ok
# Who was erased since stays erased: their ids are kept outside the database, those of the backup with them.
put_back_erased
[ -z "$as_it_was" ] || exit 0
rm -f "$CHANGING" "$STATE/cache/code"
[ "$PROFILE" != main ] || date -u +%FT%TZ >"$STATE/seeded"
settle_tables ""
artisan_as_owner school:erase-again
grant_rows hovik
if [ -n "$ran" ]; then
  php_up
  web_up
  server_up tasks
  web_answers
fi
echo "Restored: all as at $(sed -n 's/^made //p' "$PACK/manifest"), every table compared, in $(($(date +%s) - began)) s. Everybody signs in again."
