# Tables of an installation as this code wants them. What was broken off is put right here. Sourced by ops/start.sh and others.

# While tables change, a file says what to do should it be broken off: 'anew' (nothing was there to lose) or the backup to go back to.
CHANGING="$STATE/changing"

tables_anew() {
  printf 'anew\n' >"$CHANGING"
  rm -f "$STATE/seeded"
  artisan_as_owner db:wipe --force >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be emptied." "$STATE/log/migrate.log"
}

has_tables() { [ -n "$(sql -N -e "SELECT 1 FROM information_schema.tables WHERE table_schema = 'hovik' LIMIT 1")" ]; }

migrations_wait() { artisan_as_owner migrate:status --pending 2>/dev/null | grep -q Pending; }

# The backup that was made before what is about to happen; nothing when there is nothing to lose.
backup_before() { # WHAT
  has_tables || { printf 'anew\n' >"$CHANGING"; return 0; }
  local file
  file="$STATE/backup/before-$1-$(date -u +%Y%m%dT%H%M%SZ).hovik"
  step "Backup before the change"
  PROFILE=$PROFILE HOVIK_ALONE=yes bash "$ROOT/ops/backup.sh" "$file" >"$STATE/log/backup.log" 2>&1 || refuse "no backup could be made, so nothing is changed." "$STATE/log/backup.log"
  printf '%s\n' "$file" >"$CHANGING"
  ok
}

settle_tables() { # FRESH
  local code back
  back=$(cat "$CHANGING" 2>/dev/null || true)
  if [ "$back" = anew ]; then
    note "The last start was broken off before there was any data: its tables are made anew"
    rm -f "$STATE"/cache/*.php
    tables_anew
  elif [ -n "$back" ]; then
    note "A change of the tables was broken off: back to the data from before it"
    [ -r "$back" ] || refuse "the backup $back is not there; put it back, or restore another with bin/hovik restore FILE."
    HOVIK_ALONE=yes PROFILE=$PROFILE bash "$ROOT/ops/restore.sh" "$back" --as-it-was || refuse "the backup from before the change could not be restored; see above."
    rm -f "$CHANGING"
  fi
  if [ -n "$1" ] && has_tables; then
    [ "$PROFILE" != school ] || ask_for_the_name
    backup_before fresh
    rm -f "$STATE"/cache/*.php
    tables_anew
  fi
  # Settings and routes are cached; the cache is made anew whenever code, settings or the folder changed.
  code=$(cd "$ROOT" && { find app bootstrap/app.php config routes core/data/compiled database lang resources/views -type f -printf '%p %T@ %s\n' | sort; cat "$ENV_FILE" public/build/.hovik-stamp; echo "$STATE"; } | cksum)
  [ -e "$CHANGING" ] || [ "$(cat "$STATE/cache/code" 2>/dev/null)" != "$code" ] || return 0
  step "Tables"
  rm -f "$STATE"/cache/*.php "$STATE/cache/code"
  if ! has_tables || migrations_wait || [ -e "$CHANGING" ]; then
    ok "to be changed"
    [ -e "$CHANGING" ] || backup_before migration
    step "Tables"
    artisan_as_owner migrate --force >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be made." "$STATE/log/migrate.log"
  fi
  grant_rows hovik
  ok
  if [ "$PROFILE" = main ] && [ ! -f "$STATE/seeded" ]; then
    printf 'anew\n' >"$CHANGING"
    step "Demo school"
    artisan_as_owner db:seed --force >"$STATE/log/seed.log" 2>&1 || refuse "the demo data could not be stored." "$STATE/log/seed.log"
    date -u +%FT%TZ >"$STATE/seeded"
    ok
  fi
  rm -f "$CHANGING"
  artisan optimize >"$STATE/log/optimize.log" 2>&1 || refuse "the settings could not be cached." "$STATE/log/optimize.log"
  printf '%s\n' "$code" >"$STATE/cache/code"
  php_down
}

# Nothing of a school is thrown away by a slip of the fingers.
ask_for_the_name() {
  local name typed
  name=$(sql -N hovik -e "SELECT name FROM schools LIMIT 1" 2>/dev/null || true)
  [ -n "$name" ] || return 0
  printf 'This throws away everything of "%s". Type its name to go on: ' "$name"
  read -r typed || typed=""
  [ "$typed" = "$name" ] || refuse "that is not its name; nothing was changed."
}
