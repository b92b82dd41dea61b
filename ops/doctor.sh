#!/usr/bin/env bash
# bin/hovik doctor [--demo]: looks at ports, rights, versions, disk, clock, certificate and backups, and says what is wrong and what to do.
# Exit status 0 when all is well, 3 when not.
set -uo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
. "$ROOT/ops/stack/which.sh"
. "$ROOT/ops/stack.sh"
bad=0
well() { printf '  well   %s\n' "$1"; }
ill() {
  printf '  WRONG  %s\n         %s\n' "$1" "$2"
  bad=3
}
start="bin/hovik$([ "$PROFILE" = school ] && echo ' school' || true) start"

# Versions
php -r 'exit(PHP_VERSION_ID >= 80200 && PHP_VERSION_ID < 80300 ? 0 : 1);' 2>/dev/null && well "PHP $(php -r 'echo PHP_VERSION;')" ||
  ill "PHP 8.2 is missing" "$start installs it"
v=$(node -p process.versions.node 2>/dev/null || echo none)
case $v in 20.19* | 20.[2-9][0-9]* | 2[1-9].* | [3-9][0-9].*) well "Node $v" ;; *) ill "Node is $v" "install Node 20.19 or later: the front end is built with it" ;; esac
for tool in mariadbd nginx php-fpm8.2 supervisord; do
  command -v "$tool" >/dev/null && well "$tool" || ill "$tool is missing" "$start installs it"
done
[ -f /usr/lib/nginx/modules/ngx_http_brotli_static_module.so ] && well "nginx has brotli" || ill "nginx has no brotli" "$start installs it"
[ -f /usr/lib/nginx/modules/ngx_nchan_module.so ] && well "nginx has nchan" || ill "nginx has no nchan" "$start installs it"

if [ ! -d "$STATE/db" ]; then
  ill "nothing is installed in ${STATE#"$ROOT"/}" "$start installs and starts it"
  exit $bad
fi

# Running, ports

if supervisor_runs; then
  for name in $SERVERS; do
    [ "$(state_of "$name")" = RUNNING ] && well "$name runs" || ill "$name is $(state_of "$name")" "look at ${STATE#"$ROOT"/}/log/$name.log"
  done
  [ "$(answers)" = 200 ] && well "$(address) answers" || ill "$(address) answers $(answers)" "look at ${STATE#"$ROOT"/}/storage/logs"
else
  ill "it does not run" "$start starts it"
  port_answers "$PORT" "$(room ADDRESS)" && ill "port $PORT is taken by another program" "stop that, or start with --port N"
fi

# Rights
for secret in "$ENV_FILE" "$OWNER_FILE" "$STATE/cache/config.php"; do
  [ -e "$secret" ] || continue
  case $(stat -c %a "$secret") in *0) well "only its servers read ${secret#"$ROOT"/}" ;; *) ill "anybody may read ${secret#"$ROOT"/}" "chmod o-rwx $secret" ;; esac
done
as "$WEB_USER" test -w "$STATE/storage/logs" && well "the application may write its logs" || ill "the application may not write its logs" "$start puts its rights right"
as "$WEB_USER" test -r "$ROOT/public/index.php" && well "the servers reach the code" || ill "the servers do not reach $ROOT" "clone it where $WEB_USER may pass, such as /srv"

# Disk, clock
free=$(df -Pm "$STATE" | awk 'NR == 2 { print $4 }')
[ "$free" -gt 2048 ] && well "$free MB of disk are free" || ill "only $free MB of disk are free" "make room; below 64 MB nothing is stored"
newest=$(stat -c %Y "$ROOT/public/build/.hovik-stamp" 2>/dev/null || echo 0)
[ "$(date +%s)" -ge "$newest" ] && well "the clock says $(date '+%F %H:%M %Z')" || ill "the clock says $(date +%F), before this version was built" "set this machine's clock"
if command -v timedatectl >/dev/null && [ -d /run/systemd/system ]; then
  [ "$(timedatectl show -p NTPSynchronized --value 2>/dev/null)" = yes ] && well "the clock follows the network" || ill "the clock follows nothing" "timedatectl set-ntp true"
fi

# Certificate
certificate=$(room CERTIFICATE)
if [ -n "$certificate" ]; then
  if [ ! -r "$certificate" ]; then
    ill "the certificate $certificate cannot be read" "start with --certificate and --key, or without them for one of its own"
  else
    openssl x509 -checkend 2592000 -noout -in "$certificate" >/dev/null && well "the certificate holds until $(openssl x509 -enddate -noout -in "$certificate" | cut -d= -f2)" ||
      ill "the certificate ends $(openssl x509 -enddate -noout -in "$certificate" | cut -d= -f2)" "$start makes its own anew; one that was given is renewed by who gave it"
    openssl x509 -noout -checkip "$(room ADDRESS)" -in "$certificate" | grep -q 'does match' && well "it is for $(room ADDRESS)" ||
      ill "it is not for $(room ADDRESS)" "tablets will not believe it; give one for that address"
    [ "$(openssl x509 -noout -pubkey -in "$certificate" | sha256sum)" = "$(openssl pkey -pubout -in "$(room KEY)" 2>/dev/null | sha256sum)" ] && well "its key is the right one" ||
      ill "its key is of another certificate" "start with the --certificate and --key that belong together"
  fi
elif [ -n "$(room ADDRESS)" ] && [ "$(room ADDRESS)" != 127.0.0.1 ]; then
  ill "tablets come without HTTPS" "work without the network, the screen that stays awake and reading a scale are off; start without --without-https"
fi

# Backups
if [ "$PROFILE" = school ]; then
  last=$(ls -t "$STATE"/backup/nightly-*.hovik* 2>/dev/null | head -n 1)
  if [ -z "$last" ]; then ill "there is no nightly backup yet" "one is made within a day while it runs; or now: bin/hovik backup"
  elif [ $(($(date +%s) - $(stat -c %Y "$last"))) -gt 172800 ]; then ill "the last nightly backup is of $(date -r "$last" +%F)" "look at ${STATE#"$ROOT"/}/log/tasks.log"
  else well "the last nightly backup is of $(date -r "$last" '+%F %H:%M')"; fi
fi
[ ! -e "$STATE/changing" ] || ill "a change of the tables was broken off" "$start puts it right"
[ $bad = 0 ] && echo "All is well." || echo "See above."
exit $bad
