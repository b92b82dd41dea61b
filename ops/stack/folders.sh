# Folders, rights and secrets of an installation. Sourced by ops/stack.sh.

# A socket's path has room for 107 letters: a deep checkout keeps its sockets elsewhere, in a folder that nobody else could have made first.
socket_folder() {
  local near="$STATE/run" at
  if [ ${#near} -le 80 ]; then
    echo "$near"
    return 0
  fi
  at=$(cat "$STATE/run.at" 2>/dev/null || true)
  if [ -z "$at" ] || [ ! -d "$at" ] || [ -L "$at" ] || [ ! -O "$at" ]; then
    mkdir -p "$STATE" || refuse "the folder $STATE cannot be written to."
    if [ "$(id -u)" = 0 ]; then at=$(mktemp -d /run/hovik.XXXXXXXX); else at=$(mktemp -d "${XDG_RUNTIME_DIR:-/tmp}/hovik.XXXXXXXX"); fi
    echo "$at" >"$STATE/run.at"
  fi
  echo "$at"
}
RUN=$(socket_folder)
DB_SOCKET="$RUN/db/mariadb.sock"

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

# Nobody but whoever runs it, and its servers, looks in: settings hold the key, logs say who did what.
make_folders() {
  mkdir -p "$STATE"/{log,tmp,cache,backup,storage/{logs,app,framework/{views,cache,sessions}}} "$RUN"/{db,live,teller} ||
    refuse "the folder $ROOT/var cannot be written to."
  chmod 750 "$STATE" "$STATE"/{log,tmp,cache,storage,storage/logs,storage/framework,storage/app} "$RUN" "$RUN"/{db,live,teller}
  chmod 700 "$STATE/backup"
  find "$STATE/cache" "$STATE/storage/logs" -type f -perm /o+r -exec chmod o-rwx {} + 2>/dev/null || true
  if [ "$(id -u)" = 0 ]; then
    chown "root:$WEB_USER" "$STATE" "$STATE/log" "$RUN"
    chown -R "$WEB_USER:$WEB_USER" "$STATE/storage" "$STATE/cache" "$STATE/tmp"
    chown "$DB_USER:$WEB_USER" "$RUN/db"
    chown "$WEB_USER:$WEB_USER" "$RUN"/{live,teller}
    setfacl -m "u:$DB_USER:--x" "$STATE" "$RUN" || refuse "rights cannot be given to $DB_USER on $STATE; the file system must know access lists."
  fi
}

random_hex() { php -r 'echo bin2hex(random_bytes((int) $argv[1]));' "$1"; }

make_secrets() {
  if [ ! -f "$ENV_FILE" ]; then
    local key
    key=$(php -r 'echo base64_encode(random_bytes(32));')
    (
      umask 077
      cat >"$ENV_FILE.new" <<SETTINGS
# Made on first start. Secret: never commit, never share.
APP_KEY=base64:$key
DB_SOCKET=$DB_SOCKET
DB_DATABASE=hovik
DB_USERNAME=hovik
DB_PASSWORD=$(random_hex 18)
HOVIK_LIVE_SOCKET=$RUN/live/live.sock
HOVIK_TELLER_SOCKET=$RUN/teller/teller.sock
SETTINGS
    )
    [ "$(id -u)" = 0 ] && chown root:"$WEB_USER" "$ENV_FILE.new" && chmod 640 "$ENV_FILE.new"
    mv "$ENV_FILE.new" "$ENV_FILE"
  fi
  # The account that makes and changes tables: the running application does not know it.
  if [ ! -f "$OWNER_FILE" ]; then
    (umask 077 && printf '# Made on first start. Secret: never commit, never share.\nDB_PASSWORD=%s\n' "$(random_hex 18)" >"$OWNER_FILE.new")
    mv "$OWNER_FILE.new" "$OWNER_FILE"
  fi
  # A folder of sockets that had to be made anew.
  say_setting DB_SOCKET "$DB_SOCKET"
  say_setting HOVIK_LIVE_SOCKET "$RUN/live/live.sock"
  say_setting HOVIK_TELLER_SOCKET "$RUN/teller/teller.sock"
}

# A line of the settings file as it should be; the file is only touched when it is not.
say_setting() { # NAME VALUE
  [ "$(setting "$1")" != "$2" ] || return 0
  local kept
  kept=$(grep -v "^$1=" "$ENV_FILE")
  printf '%s\n%s=%s\n' "$kept" "$1" "$2" >"$ENV_FILE.new"
  chmod --reference="$ENV_FILE" "$ENV_FILE.new"
  chown --reference="$ENV_FILE" "$ENV_FILE.new"
  mv "$ENV_FILE.new" "$ENV_FILE"
}
