# What is in a backup, and how it is taken apart again. Sourced by ops/backup.sh and ops/restore.sh.

# Who is signed in, and what is only remembered for a while, is in no backup.
PASSING="sessions cache cache_locks"

# Where pictures are, and the list of who was erased: a district has them in a folder that its machines share.
: "${PICTURES:=$STATE/storage/app/pictures}" "${ERASED:=$STATE/storage/erased}"

# The dump of a database, in an order that is the same each time.
dump() { # DATABASE
  local table skip=()
  for table in $PASSING; do skip+=("--ignore-table-data=$1.$table"); done
  mariadb-dump "${DB_CLIENT[@]}" --single-transaction --quick --order-by-primary --hex-blob \
    --skip-comments --skip-tz-utc "${skip[@]}" "$1"
}

# A checksum a table, of its shape and its rows, from a dump that passes through; where the next row would be counted from is no part of it.
table_sums() { # FILE
  awk -v dir="$1.d" '
    BEGIN { system("rm -rf \"" dir "\" && mkdir -p \"" dir "\"") }
    { print }
    /^CREATE TABLE `/ { split($0, part, "`"); table = part[2]; sum = "sha256sum > \"" dir "/" table "\"" }
    table != "" { line = $0; sub(/ AUTO_INCREMENT=[0-9]+/, "", line); print line | sum }
    /^UNLOCK TABLES/ { close(sum); table = "" }
    END { if (table != "") close(sum) }
  '
  (cd "$1.d" && for table in *; do printf '%s %s\n' "$(cut -c1-64 "$table")" "$table"; done) >"$1"
  rm -rf "$1.d"
}

pack() {
  PACK=$(mktemp -d "$STATE/backup/.pack.XXXXXX")
  # shellcheck disable=SC2064 # now, not then
  trap "rm -rf '$PACK'" EXIT
  dump hovik 2>"$STATE/log/dump.log" | table_sums "$PACK/tables" | gzip >"$PACK/database.sql.gz" || refuse "the database could not be read." "$STATE/log/dump.log"
  mkdir "$PACK/settings"
  cp "$ENV_FILE" "$PACK/settings/app.env"
  for one in room port backup.recipients certificate; do
    [ ! -e "$STATE/$one" ] || cp -r "$STATE/$one" "$PACK/settings/"
  done
  [ ! -e "$ERASED" ] || cp "$ERASED" "$PACK/settings/erased"
  mkdir "$PACK/photos"
  [ ! -d "$PICTURES" ] || cp -r "$PICTURES" "$PACK/photos/pictures"
  {
    echo "hovik backup 1"
    echo "made $(date -u +%FT%TZ)"
    echo "build $(cat "$ROOT/public/build/.hovik-stamp")"
    echo "migration $(sql -N hovik -e 'SELECT MAX(migration) FROM migrations')"
    echo "profile $PROFILE"
  } >"$PACK/manifest"
  (cd "$PACK" && find . -type f ! -name sums -print0 | sort -z | xargs -0 sha256sum >sums)
}

# What was packed as one file, encrypted when there is whom for.
seal() { # FILE [AGE-KEY]
  local file=$1 recipients=()
  [ -z "${2:-}" ] || recipients=(-r "$2")
  [ -n "${2:-}" ] || [ ! -s "$STATE/backup.recipients" ] || recipients=(-R "$STATE/backup.recipients")
  if [ ${#recipients[@]} -gt 0 ]; then
    command -v age >/dev/null || bash "$ROOT/ops/install.sh" school >&2
    case $file in *.age) ;; *) file="$file.age" ;; esac
    tar -C "$PACK" -cf - . | age "${recipients[@]}" -o "$file.part" || refuse "the backup could not be encrypted; is the key an age key?"
  else
    tar -C "$PACK" -cf "$file.part" .
  fi
  rm -rf "$PACK"
  sync "$file.part"
  mv "$file.part" "$file"
  SEALED=$file
}

# The pictures of what was unpacked, in the place of those that are there; and of those who were erased, all that either knows.
put_back_pictures() {
  rm -rf "$PICTURES"
  mkdir -p "$PICTURES"
  [ ! -d "$PACK/photos/pictures" ] || cp -r "$PACK/photos/pictures/." "$PICTURES/"
  [ "$(id -u)" != 0 ] || chown -R "$WEB_USER:$WEB_USER" "$PICTURES"
}
put_back_erased() {
  [ -e "$ERASED" ] || [ -e "$PACK/settings/erased" ] || return 0
  cat "$ERASED" "$PACK/settings/erased" 2>/dev/null | sort -u >"$ERASED.new" || true
  mv "$ERASED.new" "$ERASED"
  [ "$(id -u)" != 0 ] || chown "$WEB_USER" "$ERASED"
}

# Into $PACK, or refused in words: nothing is touched before all of it is known to be whole.
unpack() { # FILE IDENTITY
  [ -r "$1" ] || refuse "the file $1 cannot be read."
  PACK=$(mktemp -d "$STATE/backup/.pack.XXXXXX")
  # shellcheck disable=SC2064 # now, not then
  trap "rm -rf '$PACK'" EXIT
  if head -c 64 "$1" | grep -aq '^age-encryption.org/'; then
    [ -n "$2" ] || refuse "this backup is encrypted; give the age identity file that opens it: --identity FILE"
    age -d -i "$2" -o "$PACK.tar" "$1" 2>/dev/null || { rm -f "$PACK.tar"; refuse "this key does not open that backup."; }
    tar -C "$PACK" -xf "$PACK.tar" 2>/dev/null || { rm -f "$PACK.tar"; refuse "the file $1 is broken, or no backup of Hovik."; }
    rm -f "$PACK.tar"
  else
    tar -C "$PACK" -xf "$1" 2>/dev/null || refuse "the file $1 is broken, or no backup of Hovik."
  fi
  grep -q '^hovik backup 1$' "$PACK/manifest" 2>/dev/null || refuse "the file $1 is no backup of Hovik that this version reads."
  (cd "$PACK" && sha256sum --quiet --strict -c sums >/dev/null 2>&1) || refuse "the file $1 is broken: what is in it is not what was put in."
}

load() { # DATABASE
  {
    echo "DROP DATABASE IF EXISTS \`$1\`; CREATE DATABASE \`$1\`; USE \`$1\`;"
    # Triggers are whose they are made by now: elsewhere there is another account.
    gzip -dc "$PACK/database.sql.gz" | sed 's~^/\*!50003 CREATE\*/ /\*!50017 DEFINER=[^*]*\*/~/*!50003 CREATE*/~'
  } | sql 2>"$STATE/log/restore.log" || refuse "the data could not be put back." "$STATE/log/restore.log"
}

# Each table of a database against the sums of the backup; tells those that differ.
compare() { # DATABASE
  dump "$1" | table_sums "$PACK/tables.now" >/dev/null
  diff "$PACK/tables" "$PACK/tables.now" >"$PACK/different" || {
    echo "Not as it was: $(awk '/^[<>]/ { print $3 }' "$PACK/different" | sort -u | tr '\n' ' ')" >&2
    return 1
  }
}
