#!/usr/bin/env bash
# Installs what this machine lacks: Debian packages, Composer libraries, npm packages; builds the front end.
# Each part leaves a stamp, so a second run only compares stamps.
#   install.sh [libraries | serve | school | district | test | sheets | mutants]   (serve is the default; test adds what the tests need)
set -euo pipefail
umask 022
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
# shellcheck source=ops/say.sh
. "$ROOT/ops/say.sh"

want=${1:-serve}
LOG="$ROOT/var/log/install.log"
mkdir -p "$ROOT/var/log" 2>/dev/null || refuse "the folder $ROOT cannot be written to; clone Hovik where you may write."

NEED_CLI="php8.2-cli php8.2-mysql php8.2-apcu php8.2-mbstring php8.2-intl php8.2-xml php8.2-curl php8.2-zip php8.2-gd composer unzip ca-certificates"
NEED_SERVE="php8.2-fpm mariadb-server nginx libnginx-mod-nchan libnginx-mod-http-brotli-static supervisor acl procps curl openssl"
NEED_SCHOOL="mkcert age"
# A district's nodes of any kind: MariaDB's cluster and how its nodes copy each other, redis, the database's balancer.
NEED_DISTRICT="galera-4 mariadb-backup socat redis-server php8.2-redis haproxy"
NEED_TEST="chromium-headless-shell"
NEED_MUTANTS="php8.2-pcov"
NEED_SHEETS="libreoffice-calc-nogui"

debian_packages() {
  local missing="" p half
  for p in "$@"; do
    [ "$(dpkg-query -W -f='${db:Status-Abbrev}' "$p" 2>/dev/null | cut -c1-2)" = ii ] || missing="$missing $p"
  done
  [ -n "$missing" ] || return 0
  command -v apt-get >/dev/null || refuse "this machine has no apt-get; Hovik installs itself on Debian 12 only."
  half=$(dpkg --audit 2>/dev/null | head -n 1 || true)
  [ -z "$half" ] || refuse "some Debian packages are half installed; run 'dpkg --configure -a' as root, then start Hovik again."
  [ "$(id -u)" = 0 ] || refuse "installing$missing needs root; run this with sudo, or ask whoever looks after this machine."
  step "Installing Debian packages:$missing"
  # Installing a server must not start it: Hovik runs its own, under var/. Put back whatever rule was there.
  local rule=/usr/sbin/policy-rc.d made=""
  if [ ! -e $rule ]; then
    printf '#!/bin/sh\nexit 101\n' >$rule && chmod 755 $rule && made=yes
  fi
  trap '[ -z "${made:-}" ] || rm -f /usr/sbin/policy-rc.d' EXIT
  export DEBIAN_FRONTEND=noninteractive
  if ! { apt-get update -q && apt-get install -q -y --no-install-recommends $missing; } >"$LOG" 2>&1 </dev/null; then
    if grep -qiE 'could not resolve|temporary failure|failed to fetch|connection (failed|timed out|refused)|network is unreachable' "$LOG"; then
      refuse "Debian's packages could not be fetched; check this machine's network, then start Hovik again." "$LOG"
    fi
    refuse "Debian's packages could not be installed." "$LOG"
  fi
  [ -z "$made" ] || rm -f $rule
  trap - EXIT
  ok
}

node_is_right() {
  local v
  command -v node >/dev/null && command -v npm >/dev/null || refuse "Hovik needs Node 20.19 or later with npm, and this machine has none."
  v=$(node -p 'process.versions.node')
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
    refuse "Hovik needs Node 20.19 or later, and this machine has $v."
}

php_is_right() {
  command -v php >/dev/null || refuse "PHP 8.2 is missing and could not be installed."
  php -r 'exit(PHP_MAJOR_VERSION === 8 && PHP_MINOR_VERSION === 2 ? 0 : 1);' || refuse "Hovik needs PHP 8.2, and 'php' here is $(php -r 'echo PHP_VERSION;')."
}

# $1: nodev or dev. Development libraries serve production too, so a 'dev' stamp satisfies both.
composer_libraries() {
  local kind=$1 sum stamp="$ROOT/vendor/.hovik-stamp" have="" flags=""
  sum=$(cat "$ROOT/composer.json" "$ROOT/packages/registry-gaps/composer.json" | sha256sum | cut -c1-16)
  [ -f "$stamp" ] && have=$(cat "$stamp")
  if [ -f "$ROOT/vendor/autoload.php" ] && { [ "$have" = "$sum dev" ] || [ "$have" = "$sum $kind" ]; }; then return 0; fi
  step "Installing PHP libraries"
  [ "$kind" = dev ] || flags=--no-dev
  if ! (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress $flags) >"$LOG" 2>&1 </dev/null; then
    if grep -qiE 'could not (be )?resolve|curl error|timed out|failed to open stream|network is unreachable' "$LOG"; then
      refuse "the PHP libraries could not be fetched; check this machine's network, then start Hovik again." "$LOG"
    fi
    refuse "the PHP libraries could not be installed." "$LOG"
  fi
  chmod -R go+rX "$ROOT/vendor" # some archives keep their files to their owner; the servers must read them
  echo "$sum $kind" >"$stamp"
  ok
}

# Classes that came since the libraries did are found without a list too, only slower, and are not loaded before.
class_list() {
  local sum stamp="$ROOT/vendor/.hovik-classes"
  sum=$(cd "$ROOT" && find app core database packages -name '*.php' | LC_ALL=C sort | sha256sum | cut -c1-16)
  [ "$(cat "$stamp" 2>/dev/null)" = "$sum" ] && return 0
  (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer dump-autoload --no-interaction) >>"$LOG" 2>&1 </dev/null || return 0
  chmod -R go+rX "$ROOT/vendor/composer"
  echo "$sum" >"$stamp"
}

npm_packages() {
  local sum stamp="$ROOT/node_modules/.hovik-stamp"
  sum=$(cat "$ROOT/package.json" "$ROOT/package-lock.json" | sha256sum | cut -c1-16)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return 0
  # Not `npm ci`: a registry may lack the optional packages of other platforms, and ci then refuses the whole lock file.
  step "Installing front-end packages"
  if ! (cd "$ROOT" && npm install --no-save --no-audit --no-fund) >"$LOG" 2>&1 </dev/null; then
    if grep -qiE 'ENOTFOUND|ECONNREFUSED|ETIMEDOUT|EAI_AGAIN|network' "$LOG"; then
      refuse "the front-end packages could not be fetched; check this machine's network, then start Hovik again." "$LOG"
    fi
    refuse "the front-end packages could not be installed." "$LOG"
  fi
  echo "$sum" >"$stamp"
  ok
}

front_end() {
  local sum stamp="$ROOT/public/build/.hovik-stamp"
  sum=$(cd "$ROOT" && { find resources/js resources/css -type f -print0 | sort -z | xargs -0 sha256sum; sha256sum package-lock.json vite.config.ts; } | sha256sum | cut -c1-16)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return 0
  step "Building the front end"
  (cd "$ROOT" && HOVIK_BUILD="$sum" npm run build) >"$LOG" 2>&1 </dev/null || refuse "the front end could not be built." "$LOG"
  echo "$sum" >"$stamp"
  ok
}

case $want in
  libraries)
    debian_packages $NEED_CLI
    php_is_right
    composer_libraries nodev
    class_list
    ;;
  serve | school | district | test)
    node_is_right # before anything is changed: this is the one thing Debian 12 cannot give
    case $want in
      test) debian_packages $NEED_CLI $NEED_SERVE $NEED_SCHOOL $NEED_TEST ;;
      district) debian_packages $NEED_CLI $NEED_SERVE $NEED_SCHOOL $NEED_DISTRICT ;;
      school) debian_packages $NEED_CLI $NEED_SERVE $NEED_SCHOOL ;;
      serve) debian_packages $NEED_CLI $NEED_SERVE ;;
    esac
    php_is_right
    if [ "$want" = test ]; then composer_libraries dev; else composer_libraries nodev; fi
    class_list
    npm_packages
    front_end
    ;;
  sheets) debian_packages $NEED_SHEETS ;;
  mutants)
    debian_packages $NEED_MUTANTS
    # Counting lines halves the speed of all else: only those who ask for it load it.
    [ "$(php -m | grep -c '^pcov$')" = 0 ] || phpdismod -v 8.2 pcov
    ;;
  *) refuse "install.sh knows 'libraries', 'serve', 'school', 'district', 'test', 'sheets' and 'mutants', not '$want'." ;;
esac
