#!/usr/bin/env bash
# bin/hovik bench [core|diagnosis [seed]|period|misses|http|lab|board|rooms|transfer|fuzz|backup|term|csv|district|mutants [--one-in N] [FOLDER...]]: the figures of
# docs/performance.md, on a stack and data of their own under var/bench. Mutants take hours and are no part of 'all'.
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
part=${1:-all}
case $part in
  all | core | diagnosis | period | misses | http | lab | board | rooms | transfer | fuzz | backup | term | csv | district | mutants) ;;
  *) refuse "bench knows core, diagnosis, period, misses, http, lab, board, rooms, transfer, fuzz, backup, term, csv, district and mutants, not '$part'." ;;
esac
bash "$ROOT/ops/install.sh" test
PROFILE=bench
. "$ROOT/ops/stack.sh"
cd "$ROOT"

core() {
  echo "Core, in process:"
  php -d opcache.enable_cli=1 tests/Bench/core.php
}

diagnosis() {
  echo "Diagnosis, against mishaps of other figures than its own:"
  php -d opcache.enable_cli=1 tests/Bench/diagnosis.php "$@"
}

period() {
  echo "Periods planned, against the lower bound:"
  php -d opcache.enable_cli=1 tests/Bench/period.php
}

misses() {
  echo "Who makes the miss, in process:"
  php -d opcache.enable_cli=1 tests/Bench/misses.php
}

# Small changes of the core, folder by folder, each against the tests that are about that folder: which are found out? A folder that has
# been tried since it or the tests changed is told from then, so that a run that was broken off goes on where it was. A folder that takes
# too long is tried by a sample: `--one-in 8` tries those whose changed file's sum is a multiple of 8, the same ones everywhere.
tests_about() { # FOLDER
  local names
  case $1 in
    Quantity) names="QuantityTables Policy Conformance QuantityProperty" ;;
    Weighing) names="WeighingTables MoreWeighing JudgeProperty Policy Conformance AnswersKept WeightModel" ;;
    Plan) names="PlanTables AnswersKept Policy Conformance Supply ToolPlanner" ;;
    Recipe) names="RecipeTables ReaderCorners OpenQuestions LineParts WayBack Directions ReaderLanguages HandlingDegrees Recipe Policy AnswersKept Conformance Supply" ;;
    Diagnosis) names="AnswersKept Conformance Diagnosis" ;;
    *) ls tests/Core/*Test.php && return ;;
  esac
  printf 'tests/Core/%sTest.php\n' $names # quick ones first: most mutants do not live to see the slow ones
}
mutants() {
  local folder out sum about one_in=1 tried untested kept="$ROOT/var/bench/mutants" own="$STATE/ini"
  if [ "${1:-}" = --one-in ]; then
    [[ "${2:-}" =~ ^[1-9][0-9]{0,3}$ ]] || refuse "--one-in takes a whole number."
    one_in=$2
    shift 2
  fi
  bash "$ROOT/ops/install.sh" mutants
  mkdir -p "$kept" "$STATE/cache" "$own" vendor/pestphp/pest-plugin-mutate/.temp/mutations
  printf 'extension=pcov\npcov.directory=%s\n' "$ROOT/core" >"$own/pcov.ini"
  # Lines are counted once; each mutant's own run, which the library starts as `php`, counts none: half the time. One that is not in the
  # sample fails at once and is not written down: the library takes it for found out, and only the untested ones of its sum are used. One
  # that runs for ever ends by itself, whoever has broken the run off.
  cat >"$own/php" <<MUTANT
#!/usr/bin/env bash
[ -n "\${PEST_MUTATION_TESTING:-}" ] || exec $(command -v php) "\$@"
changed=\$(basename "\$PEST_MUTATION_FILE")
[ \$((16#\${changed: -6} % \${HOVIK_ONE_IN:-1})) -eq 0 ] || exit 1
echo "\$PEST_MUTATION_TESTING" >>"\$HOVIK_SAMPLED"
for one in "\$@"; do
  shift
  case \$one in --coverage-php=*) ;; *) set -- "\$@" "\$one" ;; esac
done
exec timeout 120 env -u PHP_INI_SCAN_DIR $(command -v php) -d memory_limit=1G "\$@"
MUTANT
  chmod +x "$own/php"
  [ $# -gt 0 ] || set -- Quantity Weighing Plan Recipe Diagnosis
  echo "Mutants found out:"
  for folder in "$@"; do
    [ -d "core/$folder" ] || refuse "the core has no folder '$folder'."
    out="$kept/$folder"
    mapfile -t about < <(tests_about "$folder")
    sum="$(git ls-files -s "core/$folder" tests/Core | sha256sum | cut -c1-16) 1 in $one_in"
    if [ "$(cat "$out.sum" 2>/dev/null)" != "$sum" ]; then
      # Never --processes: it would be handed to each mutant's own run, which does not know it, fails, and counts as found out.
      : >"$out.tried"
      HOVIK_STATE="$STATE" HOVIK_ONE_IN=$one_in HOVIK_SAMPLED="$out.tried" PATH="$own:$PATH" PHP_INI_SCAN_DIR=":$own" php -d memory_limit=2G vendor/bin/pest "${about[@]}" \
        --exclude-group=slow --mutate --everything --covered-only --path="core/$folder" --colors=never >"$out.log" 2>&1 || true
      grep -q 'Score:' "$out.log" || refuse "the mutants of $folder could not be tried." "$out.log"
      echo "$sum" >"$out.sum"
    fi
    tried=$(wc -l <"$out.tried")
    untested=$(grep 'Mutations:' "$out.log" | grep -oE '[0-9]+ untested' | cut -d' ' -f1) || untested=0
    printf '  %-10s %s tried (1 in %s), %s found out: %s %%\n' "$folder" "$tried" "$one_in" $((tried - untested)) \
      "$(awk -v t="$tried" -v u="$untested" 'BEGIN { printf "%.1f", 100 * (t - u) / t }')"
  done
}

served() {
  may_pass
  make_folders
  make_secrets
  for switch in HOVIK_BENCH HOVIK_WIDE_DOORS; do
    grep -q "^$switch=" "$ENV_FILE" || echo "$switch=true" >>"$ENV_FILE"
  done
  trap 'stack_down >/dev/null || true' EXIT
  database_up
  database_accounts hovik
  rm -f "$STATE"/cache/*.php
  artisan_as_owner migrate:fresh --force --seed --seeder='Database\Seeders\BenchSchool' >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be made." "$STATE/log/migrate.log"
  grant_rows hovik
  artisan optimize >"$STATE/log/optimize.log" 2>&1 || refuse "the settings could not be cached." "$STATE/log/optimize.log"
  PORT=$(free_port)
  echo "$PORT" >"$STATE/port"
  php_down
  php_up
  web_up
  web_answers
  export HOVIK_URL="http://127.0.0.1:$PORT"
}
http() {
  served
  echo "Over HTTP:"
  node tests/Bench/load.mjs
}
lab() {
  export HOVIK_BENCH_LABS=${HOVIK_BENCH_LABS:-40} HOVIK_BENCH_STATIONS=${HOVIK_BENCH_STATIONS:-12}
  served
  export HOVIK_RUN="$RUN"
  echo "Lab day:"
  node tests/Bench/lab.mjs
}
board() {
  export HOVIK_BENCH_LABS=1 HOVIK_BENCH_STATIONS=12 HOVIK_BENCH_LINES=14
  served
  echo "A large board:"
  node tests/Bench/board.mjs
}
fuzz() {
  served
  echo "Odd requests:"
  node tests/Bench/fuzz.mjs
}
# A school of 200 classes that have weighed: backed up, looked at, thrown away, restored; each table's checksum before and after.
backup() {
  export HOVIK_BENCH_LABS=${HOVIK_BENCH_LABS:-200} HOVIK_BENCH_STATIONS=6 HOVIK_BENCH_LINES=8
  local file="$STATE/backup/bench.hovik" before after start
  served
  sums() { sql -N hovik -e "CHECKSUM TABLE $(sql -N -e "SELECT GROUP_CONCAT(table_name) FROM information_schema.tables WHERE table_schema = 'hovik' AND table_name NOT IN ('sessions', 'cache', 'cache_locks')")"; }
  artisan_as_owner db:seed --force --class='Database\Seeders\BenchWeighings' >"$STATE/log/seed.log" 2>&1 || refuse "the weighings could not be stored." "$STATE/log/seed.log"
  echo "Backup and restore:"
  echo "  $(sql -N hovik -e 'SELECT COUNT(*) FROM sections') classes, $(sql -N hovik -e 'SELECT COUNT(*) FROM students') students, $(sql -N hovik -e 'SELECT COUNT(*) FROM weighings') weighings"
  before=$(sums)
  PROFILE=bench bash "$ROOT/ops/backup.sh" "$file" | sed 's/^/  /'
  PROFILE=bench bash "$ROOT/ops/backup.sh" verify "$file" | tail -n 1 | sed 's/^/  /'
  sql hovik -e 'DELETE FROM weighings; UPDATE students SET name = "gone"'
  PROFILE=bench bash "$ROOT/ops/restore.sh" "$file" | tail -n 1 | sed 's/^/  /'
  after=$(sums)
  [ "$before" = "$after" ] || refuse "not every table is as it was: $(diff <(echo "$before") <(echo "$after") | head -n 4)"
  echo "  $(wc -l <<<"$after") tables, each with the checksum it had"
}
# A class's term of thirty labs: its page, its files, a lab marked; and the files opened by a spreadsheet program.
with_a_term() {
  export HOVIK_BENCH_LABS=1
  served
  artisan_as_owner db:seed --force --class='Database\Seeders\BenchTerm' >"$STATE/log/seed.log" 2>&1 || refuse "the term could not be stored." "$STATE/log/seed.log"
}
term() {
  with_a_term
  echo "A term looked back on:"
  node tests/Bench/term.mjs
}
csv() {
  bash "$ROOT/ops/install.sh" sheets
  with_a_term
  echo "Tables in a spreadsheet program:"
  node tests/Bench/csv.mjs
}
# A whole lab in a real browser, in English and by mouse; bin/hovik test has the same in Spanish and by keys.
rooms() {
  bash "$ROOT/ops/test.sh" browser room.spec.ts --project=rooms --no-deps
}

# A small district of its own, with labs at work, whose nodes are killed; beside one machine with the same data.
district() {
  export HOVIK_BENCH_LABS=${HOVIK_BENCH_LABS:-20} HOVIK_BENCH_STATIONS=${HOVIK_BENCH_STATIONS:-12}
  bash "$ROOT/ops/install.sh" district
  served
  export HOVIK_ONE_MACHINE=$HOVIK_URL HOVIK_STATE_ONE=$STATE HOVIK_DISTRICT="$ROOT/var/bench-district" HOVIK_NEWER="$ROOT/var/bench-next"
  trap 'HOVIK_DISTRICT="$ROOT/var/bench-district" bash "$ROOT/ops/district.sh" stop >/dev/null 2>&1 || true; stack_down >/dev/null || true; rm -rf "$ROOT/var/bench-next"' EXIT
  rm -rf "$HOVIK_DISTRICT"
  mkdir -p "$HOVIK_DISTRICT"
  printf 'HOVIK_BENCH=true\nHOVIK_WIDE_DOORS=true\n' >"$HOVIK_DISTRICT/more.env"
  sed -E 's/ 85([0-9]{2})/ 86\1/' "$ROOT/ops/district/small.plan" >"$HOVIK_DISTRICT/bench.plan"
  bash "$ROOT/ops/district.sh" start --plan "$HOVIK_DISTRICT/bench.plan"
  step "Labs"
  bash "$ROOT/ops/district.sh" seed-bench
  ok
  # The newer code of the rolling upgrade: this one, cloned, with what is installed.
  rm -rf "$HOVIK_NEWER"
  git clone -q "$ROOT" "$HOVIK_NEWER"
  cp -r vendor "$HOVIK_NEWER/"
  cp -r public/build "$HOVIK_NEWER/public/"
  ln -s "$ROOT/node_modules" "$HOVIK_NEWER/node_modules"
  ulimit -n 16384
  export HOVIK_URL="https://127.0.0.1:8600" NODE_EXTRA_CA_CERTS="$HOVIK_DISTRICT/certificate/rootCA.pem"
  node tests/Bench/district.mjs
}

transfer() {
  [ -n "${HOVIK_URL:-}" ] || served
  echo "First load:"
  node tests/Bench/transfer.mjs
}

if [ "$part" = all ]; then
  core
  diagnosis
  period
  misses
  http
  transfer
else
  shift
  "$part" "$@"
fi
