#!/usr/bin/env bash
# bin/hovik upgrade FOLDER: goes over to the newer code in FOLDER, a clone beside this one: prepared while the old one serves, backed up,
#   migrated, switched. What fails goes back by itself.
# bin/hovik upgrade --back: to the code that was before; what was stored since is lost where the tables have changed.
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=school
. "$ROOT/ops/say.sh"
to=${1:-}
[ -n "$to" ] || refuse "where is the newer code? bin/hovik upgrade FOLDER"
[ -d "$ROOT/var/school/db" ] || refuse "there is no school in this folder$([ -f "$ROOT/var/school.moved" ] && echo "; it is in $(cat "$ROOT/var/school.moved") now")."
. "$ROOT/ops/stack.sh"
newest_migration() { basename "$(ls "$1/database/migrations" | tail -n 1)" .php; }

# All of the installation, from one folder of code to another.
move() { # FROM TO
  mkdir -p "$2/var"
  mv "$1/var/school" "$2/var/school"
  echo "$2" >"$1/var/school.moved"
  rm -f "$2/var/school.moved" "$2/var/school/run.at"
}
# A backup's place goes with it.
moved() { echo "$2${1#"$3"}"; }

if [ "$to" = --back ]; then
  [ -f "$STATE/came-from" ] || refuse "this school was not upgraded from anywhere."
  { read -r old && read -r backup; } <"$STATE/came-from"
  [ -x "$old/bin/hovik" ] || refuse "the code that was before is not there any more: $old"
  changed=""
  [ "$(newest_migration "$old")" = "$(newest_migration "$ROOT")" ] || changed=yes
  if [ -n "$changed" ]; then
    printf 'The tables have changed: what was stored since %s is lost. Type back to go on: ' "$(date -r "$backup" '+%F %H:%M')"
    read -r typed || typed=""
    [ "$typed" = back ] || refuse "nothing was changed."
  fi
  stack_down || true
  rm -f "$STATE/came-from"
  move "$ROOT" "$old"
  [ -z "$changed" ] || moved "$backup" "$old/var/school" "$ROOT/var/school" >"$old/var/school/changing"
  exec env -u ROOT -u HOVIK_STATE -u PROFILE "$old/bin/hovik" school start
fi

new=$(readlink -f "$to")
[ -x "$new/bin/hovik" ] && [ -d "$new/database/migrations" ] || refuse "there is no Hovik in $to."
[ "$new" != "$(readlink -f "$ROOT")" ] || refuse "that is this very folder; clone the newer code beside it."
[ ! -d "$new/var/school" ] || refuse "there is a school in $to already."
[ ! "$(newest_migration "$new")" \< "$(newest_migration "$ROOT")" ] || refuse "the code in $to is older than this one."

note "Preparing the newer code; the school goes on meanwhile"
env -u HOVIK_STATE ROOT="$new" bash "$new/ops/install.sh" school
backup="$STATE/backup/before-upgrade-$(date -u +%Y%m%dT%H%M%SZ).hovik"
step "Backup"
PROFILE=school bash "$ROOT/ops/backup.sh" "$backup" >/dev/null
ok
stack_down >/dev/null || true
move "$ROOT" "$new"
printf '%s\n%s\n' "$ROOT" "$(moved "$backup" "$new/var/school" "$ROOT/var/school")" >"$new/var/school/came-from"
if env -u ROOT -u HOVIK_STATE -u PROFILE "$new/bin/hovik" school start; then
  echo "Upgraded: the school is in $new now. Back, should it be needed: $new/bin/hovik upgrade --back"
  [ ! -f /etc/systemd/system/hovik-school.service ] || echo "It starts with this machine from there after:  $new/bin/hovik school service install"
  exit 0
fi
note "The newer code did not start: back to this one"
env -u ROOT -u HOVIK_STATE -u PROFILE "$new/bin/hovik" school stop >/dev/null || true
rm -f "$new/var/school/came-from"
move "$new" "$ROOT"
echo "$backup" >"$ROOT/var/school/changing"
env -u ROOT -u HOVIK_STATE -u PROFILE "$ROOT/bin/hovik" school start || refuse "and this one did not start either; see above. The backup is $backup."
refuse "the upgrade did not succeed; the school goes on as it was."
