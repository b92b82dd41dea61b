#!/usr/bin/env bash
# ops/tasks.sh: what an installation does by itself, looked at each minute: the nightly backup of a school, what has reached its end,
# a certificate that runs out. supervisord keeps it running, through ops/serve.sh, with STATE and ROOT set.
set -uo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
PROFILE=${HOVIK_STATE##*/}
export PROFILE
. "$ROOT/ops/say.sh"
. "$ROOT/ops/stack.sh"

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
  done < <(ls -t "$STATE"/backup/nightly-*.hovik* 2>/dev/null)
  ls -t "$STATE"/backup/before-*.hovik 2>/dev/null | tail -n +6 | xargs -r rm -f
  find "$STATE/backup" -maxdepth 1 -name '.pack.*' -mmin +600 -exec rm -rf {} +
}

while :; do
  if [ "$PROFILE" = school ] && due "$STATE/backup/.nightly"; then
    if bash "$ROOT/ops/backup.sh" "$STATE/backup/nightly-$(date +%Y%m%d).hovik"; then touch "$STATE/backup/.nightly" && tidy_backups; fi
  fi
  if due "$STATE/tmp/.kept" && artisan_as_owner school:keep; then touch "$STATE/tmp/.kept"; fi
  sleep "${HOVIK_TASKS_EVERY:-60}" &
  wait $!
done
