# MariaDB of an installation: made, started, its accounts. Sourced by ops/stack.sh.

# How the scripts ask it: over its socket, as whoever runs them; a district's application node, as the tables' owner.
DB_CLIENT=(--no-defaults --socket="$DB_SOCKET" -u"$(id -un)")
sql() { mariadb "${DB_CLIENT[@]}" "$@"; }

# Its folder, empty at first.
database_folder() {
  local log="$STATE/log/mariadb.log" started=()
  [ ! -d "$STATE/db" ] || return 0
  [ "$DB_USER" = "$(id -un)" ] || started=(--user="$DB_USER")
  # In a folder of its own, named when it is whole: one that was broken off is made anew.
  rm -rf "$STATE/db.new"
  # Only the system user who runs this is the database's root; no password to leak.
  mariadb-install-db --no-defaults "${started[@]}" --datadir="$STATE/db.new" --auth-root-authentication-method=socket \
    --auth-root-socket-user="$(id -un)" --skip-test-db --skip-name-resolve >"$log" 2>&1 || refuse "the database could not be made." "$log"
  [ "$DB_USER" = "$(id -un)" ] || chown "$DB_USER" "$STATE/db.new"
  chmod 750 "$STATE/db.new"
  mv "$STATE/db.new" "$STATE/db"
}

database_up() {
  local i
  database_folder
  fill_in mariadb.cnf "$STATE/mariadb.cnf"
  supervisor_up
  server_up mariadb
  for i in $(seq 1 600); do
    sql -e 'SELECT 1' >/dev/null 2>&1 && return 0
    sleep 0.1
  done
  refuse "the database did not start." "$STATE/log/mariadb.log"
}

# Two accounts: the one that owns the tables, and the one the application runs with, which may read and write rows and nothing else.
database_accounts() { # DATABASE...
  local name statements=""
  statements="
    CREATE USER IF NOT EXISTS 'hovik'@'$DB_FROM'; ALTER USER 'hovik'@'$DB_FROM' IDENTIFIED BY '$(setting DB_PASSWORD)';
    CREATE USER IF NOT EXISTS 'hovik_owner'@'$DB_FROM'; ALTER USER 'hovik_owner'@'$DB_FROM' IDENTIFIED BY '$(setting DB_PASSWORD "$OWNER_FILE")';"
  for name in "$@"; do
    statements="$statements CREATE DATABASE IF NOT EXISTS \`$name\`; GRANT ALL ON \`$name\`.* TO 'hovik_owner'@'$DB_FROM';"
  done
  printf '%s\n' "$statements" | sql 2>"$STATE/log/accounts.log" || refuse "the database accounts could not be made." "$STATE/log/accounts.log"
}

# Laravel's console as the tables' owner: migrations, seeds, and what reaches its end by night. Not with the settings that were cached:
# the running application's account stands in those.
artisan_as_owner() {
  (umask 027 && export DB_USERNAME=hovik_owner DB_PASSWORD && DB_PASSWORD=$(setting DB_PASSWORD "$OWNER_FILE") &&
    as "$WEB_USER" env HOVIK_STATE="$STATE" APP_CONFIG_CACHE="$STATE/cache/none.php" php "$ROOT/artisan" "$@")
}

# What the running account may do, table by table: logs of adults are only added to. Given anew after each change of the tables.
ONLY_ADDED_TO="log_entries"
grant_rows() { # DATABASE
  local table rights
  {
    # From nothing: what it had once is not kept. Not where others of a district are at work meanwhile.
    [ "$PROFILE" = district ] || echo "REVOKE ALL PRIVILEGES, GRANT OPTION FROM 'hovik'@'$DB_FROM';"
    sql -N -e "SELECT table_name FROM information_schema.tables WHERE table_schema = '$1' AND table_type = 'BASE TABLE'" | while read -r table; do
      rights="SELECT, INSERT, UPDATE, DELETE"
      case " $ONLY_ADDED_TO " in *" $table "*) rights="SELECT, INSERT" ;; esac
      [ "$table" != migrations ] || rights="SELECT"
      echo "GRANT $rights ON \`$1\`.\`$table\` TO 'hovik'@'$DB_FROM';"
    done
  } | sql 2>"$STATE/log/accounts.log" || refuse "the database accounts could not be given their rights." "$STATE/log/accounts.log"
}
