#!/usr/bin/env bash
# bin/hovik backup [FILE] [--key AGE-KEY] [--demo]: all of an installation in one file: data, settings, certificate, photos. Consistent
#   while it is used, compressed, each table with its checksum; encrypted with age for a key (or for those in backup.recipients).
# bin/hovik backup verify FILE [--identity F] [--demo]: restores into a scratch database, and compares every table.
set -euo pipefail
umask 077
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
. "$ROOT/ops/stack/which.sh"
verify="" file="" key="" identity=""
[ "${1:-}" != verify ] || { verify=yes && shift; }
while [ $# -gt 0 ]; do
  case $1 in
    --key) key=${2:-} && shift ;;
    --identity) identity=${2:-} && shift ;;
    -*) refuse "backup does not know '$1'; see bin/hovik help." ;;
    *) file=$1 ;;
  esac
  shift
done
. "$ROOT/ops/stack.sh"
. "$ROOT/ops/stack/archive.sh"
[ -d "$STATE/db" ] || refuse "there is nothing to back up: nothing was installed here."
[ -n "${HOVIK_ALONE:-}" ] || alone
pid_of mariadb >/dev/null || refuse "Hovik is not running; start it first, then back it up."

if [ -n "$verify" ]; then
  [ -n "$file" ] || refuse "which file? bin/hovik backup verify FILE"
  began=$(date +%s)
  unpack "$file" "$identity"
  step "Restoring into a scratch database"
  scratch=hovik_verify
  trap 'sql -e "DROP DATABASE IF EXISTS hovik_verify" || true; rm -rf "$PACK"' EXIT
  load "$scratch"
  ok
  compare "$scratch" || exit 1
  echo "Whole: $(wc -l <"$PACK/tables") tables as they were at $(sed -n 's/^made //p' "$PACK/manifest"), in $(($(date +%s) - began)) s."
  exit 0
fi

[ -n "$file" ] || file="$STATE/backup/backup-$(date -u +%Y%m%dT%H%M%SZ).hovik"
began=$(date +%s)
pack
seal "$file" "$key"
echo "Backed up: $SEALED, $(du -h "$SEALED" | cut -f1), in $(($(date +%s) - began)) s."
