# The running stack: MariaDB, php-fpm, nginx with nchan. One folder under var/ holds all of one installation: configs, data,
# logs, sockets, secrets. Sourced with PROFILE set (main, test, bench); start, stop, status, test and bench use it.

: "${ROOT:?}" "${PROFILE:=main}"
STATE="$ROOT/var/$PROFILE"
ENV_FILE="$STATE/app.env"
export HOVIK_STATE="$STATE"

# A socket's path has room for 107 letters: a deep checkout keeps its sockets in /tmp instead.
RUN="$STATE/run"
if [ ${#RUN} -gt 80 ]; then RUN="/tmp/hovik-$(printf '%s' "$STATE" | cksum | cut -d' ' -f1)"; fi
DB_SOCKET="$RUN/db/mariadb.sock"

WEB_USER=$(id -un)
DB_USER=$(id -un)
if [ "$(id -u)" = 0 ]; then WEB_USER=www-data DB_USER=mysql; fi

as() { # as USER COMMAND...: without leaving this user's rights to it
  local user=$1
  shift
  if [ "$user" = "$(id -un)" ]; then "$@"; else runuser -u "$user" -- "$@"; fi
}

artisan() { as "$WEB_USER" env HOVIK_STATE="$STATE" php "$ROOT/artisan" "$@"; }

setting() { sed -n "s/^$1=//p" "$ENV_FILE" 2>/dev/null; }

# ---- folders, rights, secrets --------------------------------------------------------------------------------------

# As root the servers run as www-data and mysql. They must be able to pass through the folders above the checkout; only
# that is granted, and only to them.
may_pass() {
  [ "$(id -u)" = 0 ] || return 0
  local user dir
  for user in "$WEB_USER" "$DB_USER"; do
    dir=$ROOT
    local above=()
    while [ "$dir" != / ]; do
      above=("$dir" "${above[@]}")
      dir=$(dirname "$dir")
    done
    for dir in "${above[@]}"; do
      as "$user" test -x "$dir" 2>/dev/null && continue
      setfacl -m "u:$user:--x" "$dir" 2>/dev/null ||
        refuse "the user $user cannot pass through $dir, so the servers cannot reach Hovik; clone it elsewhere, such as /srv."
      note "Let $user pass through $dir (no reading, no listing)"
    done
  done
  if ! as "$WEB_USER" test -r "$ROOT/public/index.php" || ! as "$WEB_USER" test -r "$ROOT/core/Ask/Ask.php"; then
    (cd "$ROOT" && chmod -R go+rX app bootstrap config core database lang packages public resources routes vendor artisan)
  fi
}

make_folders() {
  mkdir -p "$STATE"/{log,tmp,cache,db,storage/{logs,app,framework/{views,cache,sessions}}} "$RUN/db" ||
    refuse "the folder $ROOT/var cannot be written to."
  if [ "$(id -u)" = 0 ]; then
    chown -R "$WEB_USER:$WEB_USER" "$STATE/storage" "$STATE/cache" "$STATE/tmp"
    chown "$DB_USER:$WEB_USER" "$RUN/db"
    chown root:"$WEB_USER" "$RUN"
    chown "$DB_USER" "$STATE/db"
  fi
  chmod 750 "$STATE/db"
  chmod 751 "$RUN"
  chmod 750 "$RUN/db"
}

make_secrets() {
  [ -f "$ENV_FILE" ] && return 0
  local password key
  password=$(php -r 'echo bin2hex(random_bytes(18));')
  key=$(php -r 'echo base64_encode(random_bytes(32));')
  (
    umask 077
    cat >"$ENV_FILE.new" <<SETTINGS
# Made on first start. Secret: never commit, never share.
APP_KEY=base64:$key
DB_SOCKET=$DB_SOCKET
DB_DATABASE=hovik
DB_USERNAME=hovik
DB_PASSWORD=$password
HOVIK_LIVE_SOCKET=$RUN/live.sock
SETTINGS
  )
  [ "$(id -u)" = 0 ] && chown root:"$WEB_USER" "$ENV_FILE.new" && chmod 640 "$ENV_FILE.new"
  mv "$ENV_FILE.new" "$ENV_FILE"
}

# ---- processes -----------------------------------------------------------------------------------------------------

pid_file() {
  case $1 in
    mariadb) echo "$RUN/db/mariadb.pid" ;;
    php-fpm) echo "$RUN/php-fpm.pid" ;;
    nginx) echo "$RUN/nginx.pid" ;;
  esac
}

# The pid, if that process lives and is ours: pids are reused, so its command line must name our folder.
pid_of() {
  local file pid
  file=$(pid_file "$1")
  [ -s "$file" ] || return 1
  pid=$(tr -dc 0-9 <"$file")
  [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF "$STATE/" || return 1
  echo "$pid"
}

stop_one() { # NAME SIGNAL
  local pid i
  pid=$(pid_of "$1") || return 1
  kill "-$2" "$pid" 2>/dev/null || return 1
  for i in $(seq 1 150); do
    [ -d "/proc/$pid" ] || { rm -f "$(pid_file "$1")"; return 0; }
    sleep 0.1
  done
  kill -KILL "$pid" 2>/dev/null || true
  rm -f "$(pid_file "$1")"
}

# A server that was killed leaves its workers behind, on its port and sockets. They are of its process group, which nobody else has.
sweep() { # NAME
  local file pid stat
  file=$(pid_file "$1")
  [ -s "$file" ] || return 0
  pid=$(tr -dc 0-9 <"$file")
  [ -n "$pid" ] || return 0
  # It lives, or its number has gone to another program: nothing to sweep.
  [ ! -d "/proc/$pid" ] || grep -q '^State:.Z' "/proc/$pid/status" 2>/dev/null || return 0
  for stat in /proc/[0-9]*/stat; do
    # pid (name) state ppid pgrp: the name may hold anything but is in brackets.
    if grep -qE '\((nginx|php-fpm[0-9.]*)\)' "$stat" 2>/dev/null && sed -E 's/^[0-9]+ \(.*\) //' "$stat" 2>/dev/null | awk -v group="$pid" '{ exit !($3 == group) }'; then
      kill -KILL "$(basename "$(dirname "$stat")")" 2>/dev/null || true
    fi
  done
  rm -f "$file"
}

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }

port_answers() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# ---- MariaDB -------------------------------------------------------------------------------------------------------

sql() { mariadb --no-defaults --socket="$DB_SOCKET" -u"$(id -un)" "$@"; }

database_up() {
  pid_of mariadb >/dev/null && return 0
  local log="$STATE/log/mariadb.log" started=() i
  [ "$DB_USER" = "$(id -un)" ] || started=(--user="$DB_USER")
  if [ ! -d "$STATE/db/mysql" ]; then
    # Only the system user who runs this is the database's root; no password to leak.
    mariadb-install-db --no-defaults "${started[@]}" --datadir="$STATE/db" --auth-root-authentication-method=socket \
      --auth-root-socket-user="$(id -un)" --skip-test-db --skip-name-resolve >"$log" 2>&1 || refuse "the database could not be made." "$log"
  fi
  setsid nohup mariadbd --no-defaults "${started[@]}" --datadir="$STATE/db" --socket="$DB_SOCKET" --pid-file="$(pid_file mariadb)" \
    --skip-networking --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 \
    --innodb-buffer-pool-size=128M --skip-log-bin --skip-name-resolve >>"$log" 2>&1 </dev/null &
  for i in $(seq 1 300); do
    sql -e 'SELECT 1' >/dev/null 2>&1 && return 0
    sleep 0.1
  done
  refuse "the database did not start." "$log"
}

# The application's own account, with rights to these databases only.
database_accounts() { # DATABASE...
  local password name statements
  password=$(setting DB_PASSWORD)
  statements="CREATE USER IF NOT EXISTS 'hovik'@'localhost' IDENTIFIED BY '$password'; ALTER USER 'hovik'@'localhost' IDENTIFIED BY '$password';"
  for name in "$@"; do
    statements="$statements CREATE DATABASE IF NOT EXISTS \`$name\`; GRANT ALL ON \`$name\`.* TO 'hovik'@'localhost';"
  done
  printf '%s\n' "$statements" | sql 2>"$STATE/log/accounts.log" || refuse "the database accounts could not be made." "$STATE/log/accounts.log"
}

# ---- php-fpm and nginx ---------------------------------------------------------------------------------------------

fill_in() { # TEMPLATE TARGET
  local user_line="" pool_user="" listen_user=""
  if [ "$(id -u)" = 0 ]; then
    user_line="user $WEB_USER;"
    pool_user="user = $WEB_USER\ngroup = $WEB_USER"
    listen_user="listen.owner = $WEB_USER\nlisten.group = $WEB_USER\nlisten.mode = 0660"
  fi
  sed -e "s|@ROOT@|$ROOT|g; s|@STATE@|$STATE|g; s|@RUN@|$RUN|g; s|@PORT@|${PORT:-0}|g" \
    -e "s|@USER_LINE@|$user_line|; s|@POOL_USER@|$pool_user|; s|@LISTEN_USER@|$listen_user|" "$ROOT/ops/templates/$1" >"$2"
}

# Writes a server's config; a server that runs on another one is stopped, to be started on this.
configure() { # NAME TEMPLATE
  fill_in "$2" "$STATE/$2.new"
  if ! cmp -s "$STATE/$2.new" "$STATE/$2"; then
    stop_one "$1" QUIT || true
    mv "$STATE/$2.new" "$STATE/$2"
  else
    rm "$STATE/$2.new"
  fi
}

php_up() {
  configure php-fpm php-fpm.conf
  pid_of php-fpm >/dev/null && return 0
  sweep php-fpm
  # The opcode cache takes its size only here, before any pool is read.
  php-fpm8.2 -y "$STATE/php-fpm.conf" -c /etc/php/8.2/fpm/php.ini -d opcache.enable=1 -d opcache.memory_consumption=128 \
    -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=20000 >>"$STATE/log/php-fpm.log" 2>&1 || refuse "php-fpm did not start." "$STATE/log/php-fpm.log"
}

web_up() {
  configure nginx nginx.conf
  pid_of nginx >/dev/null && return 0
  sweep nginx
  port_answers "$PORT" && refuse "port $PORT is taken by another program; stop that, or choose another with --port."
  rm -f "$RUN/live.sock"
  nginx -c "$STATE/nginx.conf" -e "$STATE/log/nginx.log" >>"$STATE/log/nginx.log" 2>&1 || refuse "nginx did not start." "$STATE/log/nginx.log"
  chmod 660 "$RUN/live.sock"
  [ "$(id -u)" != 0 ] || chown "$WEB_USER:$WEB_USER" "$RUN/live.sock"
}

web_answers() {
  local i
  for i in $(seq 1 100); do
    [ "$(curl -s -o /dev/null -w '%{http_code}' --max-time 5 "http://127.0.0.1:$PORT/api/session")" = 200 ] && return 0
    sleep 0.1
  done
  refuse "the application does not answer." "$STATE/log/php.log"
}

stack_down() {
  local any=1
  stop_one nginx QUIT && any=0
  stop_one php-fpm QUIT && any=0
  stop_one mariadb TERM && any=0
  return $any
}
