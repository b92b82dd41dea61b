#!/usr/bin/env bash
# ops/tasks.sh: what an installation does by itself, looked at each minute: the nightly backup of a school, what has reached its end,
# a certificate that runs out. supervisord keeps it running, through ops/serve.sh, with STATE and ROOT set.
set -uo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=${HOVIK_STATE##*/}
export PROFILE
. "$ROOT/ops/say.sh"
. "$ROOT/ops/stack.sh"

# Of a district's nodes one does what is done once (school:turn says which), into the folder that they share. Answers 0: this one;
# 3: another one is at it; 4: it has been done.
if [ -f "$STATE/../plan" ]; then
  DISTRICT=$(readlink -f "$STATE/..") NODE=${STATE##*/}
  . "$ROOT/ops/district/plan.sh"
  . "$ROOT/ops/district/node.sh"
  BACKUPS="$FILES/backup"
  turn() { artisan school:turn "$@" 2>/dev/null; }
  back_up() { (umask 077 && application_backup "$1"); }
else
  BACKUPS="$STATE/backup"
  turn() { true; }
  back_up() { bash "$ROOT/ops/backup.sh" "$1"; }
fi

age_of() { # FILE: in minutes; a file that is not there is as old as can be
  if [ -e "$1" ]; then echo $((($(date +%s) - $(stat -c %Y "$1")) / 60)); else echo 999999; fi
}

# Between two and three at night; a machine that is off at night does it when it is on, a day and a bit after the last.
due() { # STAMP
  local age
  age=$(age_of "$1")
  [ "$age" -ge 1200 ] && { [ "$(date +%H)" = 02 ] || [ "$age" -ge 1560 ]; }
}

# Of the nightly ones seven days' stay and, of those before, four weeks'; five of those made before a change.
tidy_backups() {
  local file week weeks="" kept=0
  while read -r file; do
    [ -n "$file" ] || continue
    kept=$((kept + 1))
    [ "$kept" -gt 7 ] || continue
    week=$(date -r "$file" +%G-%V)
    case " $weeks " in *" $week "*) rm -f "$file" && continue ;; esac
    weeks="$weeks $week"
    [ "$(wc -w <<<"$weeks")" -le 4 ] || rm -f "$file"
  done < <(ls -t "$BACKUPS"/nightly-*.hovik* 2>/dev/null)
  ls -t "$STATE"/backup/before-*.hovik 2>/dev/null | tail -n +6 | xargs -r rm -f
  find "$STATE/backup" "$BACKUPS" -maxdepth 1 -name '.pack.*' -mmin +600 -exec rm -rf {} +
}

# A job of the night, when it is due.
nightly() { # JOB STAMP COMMAND...
  local job=$1 stamp=$2 answer=0
  shift 2
  due "$stamp" || return 0
  turn "$job" || answer=$?
  case $answer in
    0) if "$@"; then touch "$stamp" && turn "$job" --done; else turn "$job" --back; fi ;;
    4) touch "$stamp" ;;
  esac
}
backup_of_the_night() { back_up "$BACKUPS/nightly-$(date +%Y%m%d).hovik" && tidy_backups; }

while :; do
  case $PROFILE in school | district) nightly backup "$STATE/backup/.nightly" backup_of_the_night ;; esac
  nightly keep "$STATE/tmp/.kept" artisan_as_owner school:keep
  sleep "${HOVIK_TASKS_EVERY:-60}" &
  wait $!
done
