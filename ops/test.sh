#!/usr/bin/env bash
# bin/hovik test [core|feature|static|front|browser|quick] [options of that runner]: everything on a database and a stack of its own
# under var/test, never on the demo data. Ends with one line, `N passed, N failed`.
# quick: what each change needs, in less than a minute: the core's fast tests, front and static. It and runs with options install
# nothing.
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
part=${1:-all}
[ $# -gt 0 ] && shift
[ "${1:-}" = -- ] && shift
case $part in
  all | core | feature | static | front | browser | quick) ;;
  *) refuse "test knows core, feature, static, front, browser and quick, not '$part'." ;;
esac
[ "$part" = quick ] || [ $# -gt 0 ] || bash "$ROOT/ops/install.sh" test
PROFILE=test
. "$ROOT/ops/stack.sh"
cd "$ROOT"
passed=0 failed=0
out="$ROOT/var/log/test"
mkdir -p "$out"

# Checks that pass or fail as a whole. One takes little more than a processor, so as many run beside each other as there are; they are
# told in the order in which they began.
names=()
check() { # NAME COMMAND...
  local log="$out/check-${#names[@]}"
  rm -f "$log.status"
  while [ "$(jobs -rp | wc -l)" -ge "$PROCESSES" ]; do wait -n || true; done
  names+=("$1")
  shift
  (status=0; "$@" >"$log.log" 2>&1 || status=$?; echo "$status" >"$log.status") &
}
tell_checks() {
  local i
  wait
  for i in "${!names[@]}"; do
    step "${names[i]}"
    if [ "$(cat "$out/check-$i.status")" = 0 ]; then
      passed=$((passed + 1))
      ok
    else
      failed=$((failed + 1))
      ok failed
      cat "$out/check-$i.log"
    fi
  done
  names=()
}

# A test runner that counts its own: its machine-readable report is added to the sum.
pest() { # SUITE OPTION...
  local suite=$1 report="$out/$1.xml" status=0
  shift
  rm -f "$report"
  mkdir -p "$STATE/cache" "$STATE/ini" # tests beside each other boot the framework, the core's too
  # Tables of the reference are read again and again: parsed once a process. By a folder, so that processes beside each other have it, too.
  printf 'opcache.enable_cli=1\n' >"$STATE/ini/opcache.ini"
  echo "  Pest, $suite"
  HOVIK_STATE="$STATE" PHP_INI_SCAN_DIR=":$STATE/ini" php -d memory_limit=1G vendor/bin/pest --testsuite "$suite" --colors=never --compact --log-junit "$report" "$@" || status=$?
  if [ -s "$report" ]; then
    all=1 bad=1 # a report that cannot be read is no pass
    eval "$(php -r '$x = @simplexml_load_file($argv[1])->testsuite ?? exit; $bad = (int) $x["failures"] + (int) $x["errors"]; printf("bad=%d all=%d", $bad, $x["tests"]);' "$report")"
    passed=$((passed + all - bad)) failed=$((failed + bad))
    [ "$status" = 0 ] || [ "$bad" != 0 ] || failed=$((failed + 1))
  else
    failed=$((failed + 1))
  fi
}

# With nothing asked for in particular, one process a processor.
beside() { [ $# -gt 0 ] && printf '%s\n' "$@" || printf '%s\n' --parallel "--processes=$PROCESSES"; }
PROCESSES=$(nproc)

core() {
  local options
  mapfile -t options < <(beside "$@")
  pest Core "${options[@]}"
}

front() {
  local report="$out/front.json" status=0
  rm -f "$report"
  echo "  Vitest"
  npx --no-install vitest run --reporter=dot --reporter=json --outputFile.json="$report" "$@" || status=$?
  if [ -s "$report" ]; then
    eval "$(node -p 'const s = JSON.parse(require("fs").readFileSync(process.argv[1])); `good=${s.numPassedTests} bad=${s.numFailedTests}`' "$report")"
    passed=$((passed + good)) failed=$((failed + bad))
    [ "$status" = 0 ] || [ "$bad" != 0 ] || failed=$((failed + 1))
  else
    failed=$((failed + 1))
  fi
}

quick() {
  pest Core --parallel "--processes=$PROCESSES" --exclude-group=slow
  front
  static
}

static() {
  check "PHPStan, core at max" vendor/bin/phpstan analyse -c phpstan-core.neon --no-progress --memory-limit=1G
  check "PHPStan, application" vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=1G
  check "Pint" vendor/bin/pint --test
  check "No line over 140 characters" lines_hold
  # By version 7, which takes a quarter of the time; 5.9 stays for the tools that need its compiler from within.
  check "TypeScript" node node_modules/typescript-7/bin/tsc --noEmit
  check "Biome" npx --no-install biome ci --colors=off .
  check "React's rules" npx --no-install eslint resources/js
  check "No circles in the front end" npx --no-install madge --circular --extensions ts,tsx --ts-config tsconfig.json resources/js
  check "Nothing unused" npx --no-install knip
  check "OpenAPI file is current" php ops/make-openapi.php --check
  check "API types are current" types_are_current
  [ "$part" != all ] || check "An installation of its own, from nothing" bash tests/Ops/school.sh
  tell_checks
}
# Phrasebooks hold whole sentences, the reference its rows; Biome holds the front end's.
lines_hold() {
  ! git ls-files app core routes | grep -vE '^core/(Words/(en|es)\.|data/)' | LC_ALL=C.UTF-8 xargs grep -nE '^.{141,}'
}
types_are_current() {
  npx --no-install openapi-typescript docs/openapi.json -o "$out/schema.d.ts" && cmp "$out/schema.d.ts" resources/js/api/schema.d.ts
}

database() {
  may_pass
  make_folders
  make_secrets
  for switch in HOVIK_KIT HOVIK_WIDE_DOORS; do
    grep -q "^$switch=" "$ENV_FILE" || echo "$switch=true" >>"$ENV_FILE"
  done
  database_up
  trap 'stack_down >/dev/null || true' EXIT
  # shellcheck disable=SC2046 # a name each
  database_accounts hovik hovik_test hovik_test_upgrade $(seq -f 'hovik_test_test_%g' "$PROCESSES")
}

feature() {
  local options
  database
  mapfile -t options < <(beside "$@")
  # They make tables, too.
  DB_USERNAME=hovik_owner DB_PASSWORD=$(setting DB_PASSWORD "$OWNER_FILE") pest Feature "${options[@]}"
}

browser() {
  database
  step "A stack for the browser"
  rm -f "$STATE"/cache/*.php
  artisan_as_owner migrate:fresh --force --seed >"$STATE/log/migrate.log" 2>&1 || refuse "the tables could not be made." "$STATE/log/migrate.log"
  grant_rows hovik
  artisan optimize >"$STATE/log/optimize.log" 2>&1 || refuse "the settings could not be cached." "$STATE/log/optimize.log"
  PORT=$(free_port)
  php_down
  php_up
  web_up
  web_answers
  ok "on port $PORT"
  local report="$out/browser.json" status=0
  rm -f "$report"
  # The same lab in another language and by other hands is a bench's: bench rooms.
  [ $# -gt 0 ] || set -- --project="beside each other"
  HOVIK_URL="http://127.0.0.1:$PORT" PLAYWRIGHT_JSON_OUTPUT_NAME="$report" npx --no-install playwright test --reporter=list,json "$@" || status=$?
  if [ -s "$report" ]; then
    eval "$(node -p 'const s = JSON.parse(require("fs").readFileSync(process.argv[1])).stats; `good=${s.expected + s.flaky} bad=${s.unexpected} twice=${s.flaky}`' "$report")"
    [ "$twice" = 0 ] || echo "  $twice passed only at the second try: see 'flaky' above"
    passed=$((passed + good)) failed=$((failed + bad))
    [ "$status" = 0 ] || [ "$bad" != 0 ] || failed=$((failed + 1))
  else
    failed=$((failed + 1))
  fi
}

if [ "$part" = all ]; then
  core
  front
  static
  feature
  browser
else
  "$part" "$@"
fi
printf '\n%d passed, %d failed\n' "$passed" "$failed"
[ "$failed" = 0 ] && [ "$passed" -gt 0 ]
