#!/usr/bin/env bash
# bin/hovik district: a district on several machines, or all of it on one to try it (ops/district/small.plan).
#   start [NODE...] [--plan FILE] [--certificate F --key F] [--begin NODE]   the nodes of this machine (or those named)
#   stop [NODE...]       as it says       status   what runs, and what is wrong
#   add-school           a code with which a further school is set up
#   backup [FILE] [--key AGE-KEY], restore FILE [--identity F]
#   upgrade FOLDER       over to newer code, one half of the applications after the other
#   reset MAIL, artisan ...
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
# Where a district's nodes of this machine live; the code may lie elsewhere, and be changed for newer.
DISTRICT=${HOVIK_DISTRICT:-$ROOT/var/district}
DISTRICT=$(readlink -m "$DISTRICT")
. "$ROOT/ops/district/plan.sh"

# A command on a node, in a shell of its own that knows that node's settings.
node() { # NAME COMMAND...
  (
    NODE=$1
    shift
    . "$ROOT/ops/district/node.sh"
    cd "$ROOT"
    "$@"
  )
}

verb=${1:-}
[ $# -gt 0 ] && shift
case $verb in start | stop | status | add-school | backup | restore | upgrade | reset | artisan | seed-bench) ;; *) refuse "district knows start, stop, status, add-school, backup, restore, upgrade, reset MAIL and artisan, not '$verb'." ;; esac
if [ "$verb" = artisan ] || [ "$verb" = reset ]; then
  [ "$verb" = artisan ] || set -- school:reset "$@"
  first=$(first_of "$(here_of application)")
  [ -n "$first" ] || refuse "no application runs on this machine."
  node "$first" artisan "$@"
  exit
fi

plan_file="" certificate="" key="" begin="" identity="" words=()
while [ $# -gt 0 ]; do
  case $1 in
    --plan) plan_file=${2:-} && shift ;;
    --certificate) certificate=${2:-} && shift ;;
    --key) key=${2:-} && shift ;;
    --begin) begin=${2:-} && shift ;;
    --identity) identity=${2:-} && shift ;;
    --*) refuse "district does not know '$1'; see bin/hovik help." ;;
    *) words+=("$1") ;;
  esac
  shift
done

# Those that were named, or all of this machine, of a role.
chosen() { # ROLE
  local name
  for name in $(here_of "$1"); do
    if [ ${#words[@]} = 0 ] || [[ " ${words[*]} " = *" $name "* ]]; then echo "$name"; fi
  done
}
all_here() { [ "$(here_of | wc -l)" = "$(nodes | wc -l)" ]; }

secrets() {
  mkdir -p "$DISTRICT"
  chmod 751 "$DISTRICT"
  if [ ! -f "$DISTRICT/secrets" ]; then
    all_here || [ -n "$begin" ] || refuse "this machine lacks the district's secrets: copy secrets, owner.env and certificate from the first machine's $DISTRICT to this one's."
    local random='echo bin2hex(random_bytes(18));'
    (
      umask 077
      printf '# Made on first start, the same on each machine. Secret: never commit, never share.\nAPP_KEY=base64:%s\nDB_PASSWORD=%s\nREDIS_PASSWORD=%s\n' \
        "$(php -r 'echo base64_encode(random_bytes(32));')" "$(php -r "$random")" "$(php -r "$random")" >"$DISTRICT/secrets.new"
      printf '# The tables'"'"' owner: the running application does not know it.\nDB_PASSWORD=%s\n' "$(php -r "$random")" >"$DISTRICT/owner.env"
    )
    mv "$DISTRICT/secrets.new" "$DISTRICT/secrets"
  fi
}

# One that was given, or one of its own, by an authority of its own, made anew before it runs out.
certificates() {
  local folder="$DISTRICT/certificate" names
  mkdir -p "$folder"
  chmod 700 "$folder"
  if [ -n "$certificate" ]; then
    [ -r "$certificate" ] && [ -r "$key" ] || refuse "--certificate and --key are two files that can be read, given together."
    cp "$certificate" "$folder/district.crt" && cp "$key" "$folder/district.key" && : >"$folder/given"
    return 0
  fi
  [ ! -e "$folder/given" ] || return 0
  names="$(address_of "$(the balancer)") $(set_to name)"
  if [ "$(cat "$folder/names" 2>/dev/null)" = "$names" ] && openssl x509 -checkend 2592000 -noout -in "$folder/district.crt" >/dev/null; then return 0; fi
  # shellcheck disable=SC2086 # a name each
  CAROOT="$folder" mkcert -cert-file "$folder/district.crt" -key-file "$folder/district.key" $names >"$folder/log" 2>&1 || refuse "no certificate could be made." "$folder/log"
  echo "$names" >"$folder/names"
}

# The cluster: one node begins, when none is there; the others come in to it. Two that began would be two truths, so none begins while
# another answers, and where some are on other machines it must be said who.
databases_start() {
  local name mine runs=""
  mine=$(chosen database)
  [ -n "$mine" ] || return 0
  for name in $(nodes database); do ! answers_at "$name" 1 || runs="$runs $name"; done
  if [ -n "$runs" ]; then
    [ -z "$begin" ] || refuse "there is a cluster already, of$runs: nobody begins another."
  elif [ -z "$begin" ]; then
    [ "$mine" = "$(nodes database)" ] || refuse "no database node runs. Start all of them at once; where they are on several machines, say which begins: the one that had come furthest, with --begin NODE."
    begin=$(who_begins)
  fi
  [ -z "$begin" ] || mine="$begin $(grep -vx "$begin" <<<"$mine" || true)"
  for name in $mine; do
    step "Database $name$([ "$name" != "$begin" ] || echo ', which begins')"
    if node "$name" is_synced; then ok "runs" && continue; fi
    if [ "$name" = "$begin" ]; then node "$name" database_start begins; else node "$name" database_start; fi
    node "$name" database_wait
    # Before another copies it: the account by which it is copied is in it.
    [ "$name" != "$begin" ] || node "$name" district_accounts
    ok
  done
}

# Who was the last to go, or had come furthest. The order of the plan decides between equals.
who_begins() {
  local name at first="" furthest=-2
  for name in $(nodes database); do
    node "$name" node_folders >/dev/null
    node "$name" database_config
    if node "$name" was_last; then echo "$name" && return 0; fi
  done
  for name in $(nodes database); do
    at=$(node "$name" position)
    [ "$at" -le "$furthest" ] || { furthest=$at && first=$name; }
  done
  echo "$first"
}

start() {
  local name first
  if [ -n "$plan_file" ]; then
    [ -r "$plan_file" ] || refuse "the plan $plan_file cannot be read."
    mkdir -p "$DISTRICT"
    cp "$plan_file" "$DISTRICT/plan"
  elif [ ! -f "$PLAN" ]; then
    mkdir -p "$DISTRICT"
    cp "$ROOT/ops/district/small.plan" "$PLAN"
  fi
  check_plan
  for name in "${words[@]}" ${begin:+"$begin"}; do [ -n "$(role_of "$name")" ] || refuse "the plan has no node '$name'."; done
  [ -z "$begin" ] || [ "$(role_of "$begin")" = database ] || refuse "a database begins, not $begin."
  secrets
  certificates
  node "$(the balancer)" may_pass
  databases_start
  for name in $(chosen redis) ; do step "Redis" && node "$name" redis_start && ok; done
  for name in $(chosen balancer); do step "Balancer" && node "$name" balancer_start && ok; done
  first=$(first_of "$(chosen application)")
  [ -z "$first" ] || { node "$first" application_prepare && node "$first" application_tables; }
  for name in $(chosen application); do
    step "Application $name"
    [ "$name" = "$first" ] || node "$name" application_prepare
    node "$name" application_start
    ok
  done
  [ -z "$first" ] || node "$first" artisan school:welcome
}

stop() {
  local name
  # Applications first; of the databases the one that is written to last, so that it knows that it had all.
  for name in $(chosen application) $(chosen balancer) $(chosen redis) $(chosen database | tac); do
    [ -d "$DISTRICT/$name" ] || continue
    node "$name" node_stop && echo "$name is stopped." || true
  done
}

status() {
  local name all=0
  for name in $(here_of); do node "$name" node_status || all=3; done
  # The balancer itself, whatever name leads to it.
  printf 'address  %s  answers %s\n' "$(public_address)" \
    "$(curl -sk -o /dev/null -w '%{http_code}' --max-time 5 "https://$(address_of "$(the balancer)"):$(port_of "$(the balancer)")/api/session" || true)"
  return $all
}

# Newer code, one half of the applications after the other: whoever works is served by the other half, and each device changes over once.
upgrade() {
  local new name half first second some
  new=$(readlink -f "${words[0]:-}") || true
  [ -n "$new" ] && [ -x "$new/bin/hovik" ] && [ -d "$new/database/migrations" ] || refuse "where is the newer code? bin/hovik district upgrade FOLDER"
  [ "$new" != "$ROOT" ] || refuse "that is this very folder; clone the newer code beside it."
  [ "$(here_of application)" = "$(nodes application)" ] && [ -n "$(here_of balancer)" ] || refuse "applications are on other machines, too: docs/running.md says how they are changed one by one."
  words=()
  note "Preparing the newer code; labs go on meanwhile"
  ROOT="$new" bash "$new/ops/install.sh" district
  # Pages of the older code find their parts for as long as they are open, and of the newer ones too.
  cp -rn "$ROOT/public/build/assets/." "$new/public/build/assets/"
  some=$(nodes application)
  half=$((($(wc -l <<<"$some") + 1) / 2))
  first=$(head -n "$half" <<<"$some") second=$(tail -n "+$((half + 1))" <<<"$some")
  [ -n "$second" ] || refuse "there is one application; with two, one serves while the other is changed."
  out "$first"
  [ -e "$new/var/district" ] || { mkdir -p "$new/var" && ln -s "$DISTRICT" "$new/var/district"; }
  # In the newer code's shell: tables first, which the older code must live with for a moment; then the node.
  if ! newer "$new" tables "$(head -n 1 <<<"$first")"; then
    name=$(head -n 1 <<<"$first")
    node "$name" application_prepare && node "$name" application_start
    out ""
    refuse "nothing was changed; labs go on with this version."
  fi
  for name in $first; do
    newer "$new" go "$name" && continue
    note "The newer code did not start: back to this one"
    for name in $first; do
      node "$name" node_stop || true
      node "$name" application_prepare && node "$name" application_start
    done
    out ""
    refuse "the upgrade did not succeed; labs went on with this version."
  done
  out "$second"
  for name in $second; do newer "$new" go "$name"; done
  out ""
  echo "Upgraded, with no lab closed: the applications run from $new. Start the others from there, too, one after the other: $new/bin/hovik district start NODE"
}
# Applications that are to get nothing now: what they have begun they end.
out() { # NAMES
  printf '%s\n' "$1" >"$DISTRICT/out"
  node "$(the balancer)" balancer_again
  sleep 2
}
newer() { HOVIK_DISTRICT="$DISTRICT" ROOT="$1" HOVIK_UPGRADE=$2 bash "$1/ops/district.sh" upgrade "$3"; }

case $verb in
  start)
    bash "$ROOT/ops/install.sh" district
    mkdir -p "$DISTRICT"
    exec 8>"$DISTRICT/lock"
    flock -w 600 8
    start 8>&-
    ;;
  stop) [ ! -f "$PLAN" ] && echo "There is no district here." || stop ;;
  status) [ ! -f "$PLAN" ] && echo "There is no district here; bin/hovik district start makes one." && exit 3 || status ;;
  add-school) node "$(first_of "$(here_of application)")" artisan school:add ;;
  backup)
    began=$(date +%s)
    first=$(first_of "$(here_of application)")
    file=${words[0]:-$DISTRICT/$first/backup/backup-$(date -u +%Y%m%dT%H%M%SZ).hovik}
    (umask 077 && node "$first" application_backup "$(readlink -f "$file")" "$key") | while read -r sealed; do
      echo "Backed up: $sealed, $(du -h "$sealed" | cut -f1), in $(($(date +%s) - began)) s."
    done
    ;;
  restore)
    file=$(readlink -f "${words[0]:-}") || refuse "which file? bin/hovik district restore FILE"
    words=()
    first=$(first_of "$(here_of application)")
    kept="$DISTRICT/$first/backup/before-restore-$(date -u +%Y%m%dT%H%M%SZ).hovik"
    (umask 077 && node "$first" application_backup "$kept" >/dev/null) && note "What was there is in $kept"
    for name in $(here_of application); do node "$name" server_down nginx || true; done
    node "$first" application_restore "$file" "$identity"
    for name in $(here_of application); do node "$name" application_start; done
    echo "Restored: every table compared. Everybody signs in again."
    ;;
  seed-bench) # labs of the bench, and nowhere else
    [ "$(basename "$DISTRICT")" = bench-district ] || refuse "only the bench's district is filled."
    node "$(first_of "$(here_of application)")" bench_labs
    ;;
  upgrade)
    case ${HOVIK_UPGRADE:-} in
      tables) node "${words[0]}" application_prepare && node "${words[0]}" application_beside_older && node "${words[0]}" application_tables ;;
      go) node "${words[0]}" server_down nginx || true; node "${words[0]}" application_prepare && node "${words[0]}" node_stop && node "${words[0]}" application_start && ok "$(note "${words[0]} runs from $ROOT")" ;;
      *) upgrade ;;
    esac
    ;;
esac
