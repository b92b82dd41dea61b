#!/usr/bin/env bash
# ops/serve.sh STATE mariadb|php-fpm|live|teller|nginx|redis|haproxy|tasks: becomes one of the servers of an installation, in the foreground. supervisord starts it.
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/.." && pwd)
export HOVIK_STATE=$1
. "$ROOT/ops/say.sh"
. "$ROOT/ops/stack.sh"
umask 027
sweep "$2"
# supervisord gives each server a process group of its own, of this number.
echo $$ >"$RUN/$2.group"
as_web=()
[ "$(id -u)" != 0 ] || as_web=(setpriv --reuid "$WEB_USER" --regid "$WEB_USER" --clear-groups)
case $2 in
  mariadb)
    # Of a cluster one node begins; that was said for this start alone.
    begins=()
    [ ! -e "$STATE/begins" ] || begins=(--wsrep-new-cluster)
    rm -f "$STATE/begins"
    exec mariadbd --defaults-file="$STATE/mariadb.cnf" "${begins[@]}"
    ;;
  redis)
    umask 077
    exec "${as_web[@]}" redis-server "$STATE/redis.conf"
    ;;
  haproxy) exec haproxy -W -db -f "$STATE/haproxy.cfg" ;;
  php-fpm)
    # The opcode cache takes its size only here, before any pool is read.
    exec php-fpm8.2 -F -y "$STATE/php-fpm.conf" -c /etc/php/8.2/fpm/php.ini -d opcache.enable=1 -d opcache.memory_consumption=128 \
      -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=20000 \
      -d opcache.validate_timestamps=0 -d opcache.jit=tracing -d opcache.jit_buffer_size=48M \
      -d opcache.preload="$ROOT/bootstrap/preload.php" -d opcache.preload_user="${as_web:+$WEB_USER}"
    ;;
  live)
    rm -f "$RUN"/live/*.sock
    mkdir -p "$STATE/tmp/live"
    [ "$(id -u)" != 0 ] || chown "$WEB_USER" "$STATE/tmp/live"
    # Its sockets are for the servers alone; the folder they lie in lets nobody else through.
    umask 007
    exec "${as_web[@]}" nginx -c "$STATE/live.conf" -e stderr
    ;;
  teller)
    exec "${as_web[@]}" php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=32M "$ROOT/artisan" live:tell
    ;;
  nginx)
    exec nginx -c "$STATE/nginx.conf" -e "$STATE/log/nginx.log"
    ;;
  tasks) exec bash "$ROOT/ops/tasks.sh" ;;
esac
