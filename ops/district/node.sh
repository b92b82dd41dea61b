# One node of a district: what it runs, from what settings. Sourced by ops/district.sh in a shell of its own, with NODE set.

ROLE=$(role_of "$NODE")
ADDRESS=$(address_of "$NODE")
PORT=$(port_of "$NODE")
PROFILE=district
HOVIK_STATE="$DISTRICT/$NODE"
# The database sees whoever asks it through the balancer.
DB_FROM=$(address_of "$(the balancer)")
case $ROLE in
  database) PROGRAMS=mariadb ;;
  redis) PROGRAMS=redis ;;
  balancer) PROGRAMS="haproxy nginx" ;;
  application) PROGRAMS="php-fpm live teller nginx tasks" ;;
esac
. "$ROOT/ops/stack.sh"
. "$ROOT/ops/stack/tables.sh"
OWNER_FILE="$DISTRICT/owner.env"
DATABASE_PORT=$(($(port_of "$(the balancer)") + 1))
LIVE_PORT=$((DATABASE_PORT + 1))
FILES=$(set_to files)
FILES=${FILES:-$DISTRICT/files}
PICTURES="$FILES/pictures" ERASED="$FILES/people/erased"
secret() { setting "$1" "$DISTRICT/secrets"; }

FILL[NODE]=$NODE
FILL[ADDRESS]=$ADDRESS
FILL[NODE_PORT]=$PORT
FILL[DATABASE_PORT]=$DATABASE_PORT
FILL[LIVE_PORT]=$LIVE_PORT
FILL[REDIS]="$(address_of "$(the redis)"):$(port_of "$(the redis)")"

node_folders() {
  make_folders
  printf 'ADDRESS=%s\nBEHIND=%s\n' "$ADDRESS" "$(address_of "$(the balancer)")" >"$ROOM"
  # A database's server and redis write their own logs.
  case $ROLE in
    database) [ "$DB_USER" = "$(id -un)" ] || setfacl -m "u:$DB_USER:rwx" "$STATE/log" "$STATE/tmp" ;;
    redis)
      mkdir -p "$STATE/data"
      chmod 750 "$STATE/data"
      [ "$(id -u)" != 0 ] || { chown -R "$WEB_USER" "$STATE/data" && setfacl -m "u:$WEB_USER:rwx" "$STATE/log" "$RUN"; }
      ;;
  esac
}

# --- database ---------------------------------------------------------------------------------------------------------------------------

is_synced() { [ "$(sql -N -e "SELECT variable_value FROM information_schema.global_status WHERE variable_name = 'wsrep_local_state_comment'" 2>/dev/null)" = Synced ]; }

# How far this node had come when it ended: 'UUID:NUMBER', or nothing.
recovered() {
  local log="$STATE/log/recover.log"
  rm -f "$log"
  mariadbd --defaults-file="$STATE/mariadb.cnf" --wsrep-recover --log-error="$log" >/dev/null 2>&1 || true
  sed -nE 's/.*WSREP: Recovered position:? *([0-9a-f-]+:-?[0-9]+).*/\1/p' "$log" 2>/dev/null | tail -n 1
}
# How far it says it had come, a clean end's number, or -1; and whether it was the last to go.
kept_state() { sed -nE "s/^$1:[[:space:]]*//p" "$STATE/db/grastate.dat" 2>/dev/null; }
position() {
  local at
  at=$(kept_state seqno)
  [ -n "$at" ] || { echo -1 && return 0; }
  [ "$at" != -1 ] || at=$(recovered | cut -d: -f2)
  echo "${at:--1}"
}
was_last() { [ "$(kept_state safe_to_bootstrap)" = 1 ]; }

database_config() {
  local name group=()
  for name in $(nodes database); do group+=("$(address_of "$name"):$(($(port_of "$name") + 1))"); done
  FILL[GROUP]=$(IFS=,; echo "${group[*]}")
  FILL[GROUP_PORT]=$((PORT + 1)) FILL[IST_PORT]=$((PORT + 2)) FILL[SST_PORT]=$((PORT + 3))
  FILL[DB_USER]=$DB_USER FILL[BUFFER]=${HOVIK_DATABASE_MEMORY:-128M}
  fill_in ../district/mariadb.cnf "$STATE/mariadb.cnf"
  [ "$(id -u)" != 0 ] || { chown "root:$DB_USER" "$STATE/mariadb.cnf" && chmod 640 "$STATE/mariadb.cnf"; }
}

database_start() { # [begins]
  node_folders
  database_folder
  database_config
  supervisor_up
  if [ "${1:-}" = begins ]; then
    [ ! -f "$STATE/db/grastate.dat" ] || sed -i 's/^safe_to_bootstrap:.*/safe_to_bootstrap: 1/' "$STATE/db/grastate.dat"
    : >"$STATE/begins"
  else
    rm -f "$STATE/begins"
  fi
  server_up mariadb
}
database_wait() {
  local i
  for i in $(seq 1 1200); do
    is_synced && return 0
    sleep 0.1
  done
  refuse "the database node $NODE did not come in." "$STATE/log/mariadb.log"
}

# Told by one node; the others learn it from there.
district_accounts() {
  ENV_FILE="$DISTRICT/secrets" database_accounts hovik
  {
    # The balancer's look at a node: may sign in, and nothing else.
    echo "CREATE USER IF NOT EXISTS 'check'@'$DB_FROM';"
    # It gives the application its rights after each change of the tables.
    echo "GRANT ALL ON \`hovik\`.* TO 'hovik_owner'@'$DB_FROM' WITH GRANT OPTION; GRANT CREATE USER ON *.* TO 'hovik_owner'@'$DB_FROM';"
    [ "$DB_USER" = "$(id -un)" ] || echo "CREATE USER IF NOT EXISTS '$DB_USER'@'localhost' IDENTIFIED VIA unix_socket;
      GRANT RELOAD, PROCESS, LOCK TABLES, BINLOG MONITOR, REPLICA MONITOR ON *.* TO '$DB_USER'@'localhost';"
  } | sql 2>"$STATE/log/accounts.log" || refuse "the database accounts could not be made." "$STATE/log/accounts.log"
}

# --- redis ------------------------------------------------------------------------------------------------------------------------------

redis_start() {
  node_folders
  FILL[REDIS_PASSWORD]=$(secret REDIS_PASSWORD)
  configure redis ../district/redis.conf
  [ "$(id -u)" != 0 ] || { chown "root:$WEB_USER" "$STATE/redis.conf" && chmod 640 "$STATE/redis.conf"; }
  supervisor_up
  server_up redis
}

# --- balancer ---------------------------------------------------------------------------------------------------------------------------

# Applications that are to get nothing now, while they are changed.
OUT="$DISTRICT/out"

balancer_config() {
  local name lines="" backup=""
  for name in $(nodes database); do
    lines="$lines    server $name $(address_of "$name"):$(port_of "$name") check$backup
"
    backup=" backup"
  done
  FILL[DATABASES]=$lines
  FILL[HAPROXY_USER]=$([ "$(id -u)" != 0 ] || printf 'user %s\n    group %s' "$WEB_USER" "$WEB_USER")
  lines=""
  for name in $(nodes application); do
    lines="$lines        server $(address_of "$name"):$(port_of "$name") max_fails=1 fail_timeout=2s$(! grep -qx "$name" "$OUT" 2>/dev/null || echo ' down');
"
  done
  FILL[APPLICATIONS]=$lines
  printf 'ADDRESS=%s\nCERTIFICATE=%s\nKEY=%s\n' "$ADDRESS" "$DISTRICT/certificate/district.crt" "$DISTRICT/certificate/district.key" >"$ROOM"
}
balancer_start() {
  node_folders
  balancer_config
  configure haproxy ../district/haproxy.cfg
  configure nginx ../district/nginx.conf
  supervisor_up
  server_up haproxy
  server_up nginx
}
# Which applications get something has changed: nobody's connection is cut for it.
balancer_again() {
  balancer_config
  fill_in ../district/nginx.conf "$STATE/nginx.conf"
  kill -HUP "$(pid_of nginx)"
}

# --- application ------------------------------------------------------------------------------------------------------------------------

application_settings() {
  local redis
  redis=$(the redis)
  (
    umask 077
    cat >"$ENV_FILE.new" <<SETTINGS
# Made by bin/hovik district on each start. Secret: never commit, never share.
APP_KEY=$(secret APP_KEY)
APP_URL=$(public_address)
HOVIK_NODE=$NODE
HOVIK_TRUSTED_PROXIES=$(address_of "$(the balancer)")
SESSION_SECURE_COOKIE=true
DB_HOST=$(address_of "$(the balancer)")
DB_PORT=$DATABASE_PORT
DB_DATABASE=hovik
DB_USERNAME=hovik
DB_PASSWORD=$(secret DB_PASSWORD)
REDIS_HOST=$(address_of "$redis")
REDIS_PORT=$(port_of "$redis")
REDIS_PASSWORD=$(secret REDIS_PASSWORD)
CACHE_STORE=redis
SESSION_DRIVER=hashed-cache
HOVIK_LIVE_SOCKET=$RUN/live/live.sock
HOVIK_TELLER_SOCKET=$RUN/teller/teller.sock
HOVIK_PICTURES=$PICTURES
HOVIK_ERASED=$ERASED
HOVIK_SIMULATED_SCALE=false
SETTINGS
    [ ! -f "$DISTRICT/more.env" ] || cat "$DISTRICT/more.env" >>"$ENV_FILE.new"
  )
  [ "$(id -u)" = 0 ] && chown root:"$WEB_USER" "$ENV_FILE.new" && chmod 640 "$ENV_FILE.new"
  mv "$ENV_FILE.new" "$ENV_FILE"
  # What the applications share; backups lie beside it, which they may not read.
  mkdir -p "$PICTURES" "$(dirname "$ERASED")" "$FILES/backup"
  chmod 751 "$FILES"
  chmod 750 "$PICTURES" "$(dirname "$ERASED")"
  chmod 700 "$FILES/backup"
  [ "$(id -u)" != 0 ] || { chown -R "$WEB_USER:$WEB_USER" "$PICTURES" "$(dirname "$ERASED")" && chown -R root:root "$FILES/backup"; }
  # The tables' owner, for whoever runs this: by the same door as the application.
  (umask 077 && printf '[client]\nhost = %s\nport = %s\nuser = hovik_owner\npassword = %s\n' \
    "$(address_of "$(the balancer)")" "$DATABASE_PORT" "$(setting DB_PASSWORD "$OWNER_FILE")" >"$STATE/owner.cnf")
}
if [ "$ROLE" = application ]; then DB_CLIENT=(--defaults-file="$STATE/owner.cnf"); fi

application_prepare() {
  node_folders
  application_settings
  rm -f "$STATE"/cache/*.php
}

# Tables as this code wants them; of several nodes that start one changes them (Laravel's --isolated).
application_tables() {
  local i
  for i in $(seq 1 300); do
    sql -e 'SELECT 1' >/dev/null 2>&1 && break
    sleep 0.1
  done
  # Tables that were broken off before there was any data are made anew.
  has_tables || : >"$DISTRICT/anew"
  if [ -e "$DISTRICT/anew" ]; then
    sql -e 'DROP DATABASE IF EXISTS hovik; CREATE DATABASE hovik' 2>"$STATE/log/migrate.log" || refuse "the tables could not be emptied." "$STATE/log/migrate.log"
  elif migrations_wait; then
    step "Backup before the tables change"
    application_backup "$STATE/backup/before-migration-$(date -u +%Y%m%dT%H%M%SZ).hovik" >/dev/null
    ok
  fi
  step "Tables"
  artisan_as_owner migrate --force --isolated >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be made." "$STATE/log/migrate.log"
  rm -f "$DISTRICT/anew"
  grant_rows hovik
  ok
}

bench_labs() {
  artisan_as_owner db:seed --force --class='Database\Seeders\BenchSchool' >"$STATE/log/seed.log" 2>&1 || refuse "the labs could not be stored." "$STATE/log/seed.log"
  grant_rows hovik
}

# Whether the code that runs now lives with the tables that this one wants.
application_beside_older() {
  artisan_as_owner school:beside || refuse "this upgrade changes tables in a way that needs a pause: bin/hovik district stop, and start from $ROOT."
}

application_start() {
  artisan optimize >"$STATE/log/optimize.log" 2>&1 || refuse "the settings could not be cached." "$STATE/log/optimize.log"
  FILL[LIVE_BY]="            nchan_redis_pass live;"
  FILL[LIVE_STORE]="    upstream live {
        nchan_redis_server redis://:$(secret REDIS_PASSWORD)@$(address_of "$(the balancer)"):$LIVE_PORT;
        nchan_redis_connect_timeout 20s; # as long as the balancer holds on to it
    }"
  php_down # other code, or other settings
  php_up
  live_up
  configure nginx headers.conf
  configure nginx nginx.conf
  server_up nginx
  server_up tasks
  application_answers
}
application_answers() {
  local i
  for i in $(seq 1 300); do
    [ "$(curl -s -o /dev/null -w '%{http_code}' --max-time 5 "http://$ADDRESS:$PORT/api/session" || true)" = 200 ] && return 0
    sleep 0.1
  done
  refuse "the application node $NODE does not answer." "$STATE/log/php.log"
}

application_backup() { # FILE [AGE-KEY]
  # shellcheck source=ops/stack/archive.sh
  . "$ROOT/ops/stack/archive.sh"
  pack
  seal "$1" "${2:-}"
  echo "$SEALED"
}

# All of a district from a file; of one machine's school, too: so a school moves in. Nobody works meanwhile.
application_restore() { # FILE IDENTITY
  . "$ROOT/ops/stack/archive.sh"
  step "Reading the backup"
  unpack "$1" "$2"
  [ -f "$ROOT/database/migrations/$(sed -n 's/^migration //p' "$PACK/manifest").php" ] || refuse "this backup is of a newer version of Hovik; upgrade first, then restore it."
  ok
  step "Restoring"
  load hovik
  compare hovik || refuse "what came back is not what was backed up."
  put_back_pictures
  put_back_erased
  ok
  application_tables
  artisan_as_owner school:erase-again
  artisan cache:clear >/dev/null # who was signed in, and what was remembered of other data
}

# --- any --------------------------------------------------------------------------------------------------------------------------------

node_stop() { stack_down; }

node_status() {
  local name all=0
  if [ ! -d "$STATE" ] || ! supervisor_runs; then
    printf '%-10s %-12s stopped\n' "$NODE" "$ROLE"
    return 3
  fi
  for name in $SERVERS; do
    printf '%-10s %-12s %s %s%s\n' "$NODE" "$ROLE" "$name" "$(state_of "$name" | tr 'A-Z' 'a-z')" \
      "$([ "$name" != mariadb ] || { is_synced && echo ', in the cluster' || echo ', not in the cluster'; })"
    [ "$(state_of "$name")" = RUNNING ] || all=3
  done
  [ "$ROLE" != database ] || is_synced || all=3
  return $all
}
