# php-fpm, the teller, nginx and the live server of an installation: their configs, and whether they answer. Sourced by ops/stack.sh.

# Where the school's address, ports and certificate stand, as the last start was told: NAME=value a line.
ROOM="$STATE/room"
room() { setting "$1" "$ROOM"; }

# What is special about this installation, in a template's place for it.
programs() {
  local name
  for name in $PROGRAMS; do
    case $name in
      php-fpm) program "$name" QUIT 15 ;;
      nginx) program "$name" QUIT 5 ;;
      *) program "$name" TERM 60 ;;
    esac
  done
}
program() { # NAME STOP-SIGNAL SECONDS
  printf '[program:%s]\ncommand = bash "%s/ops/serve.sh" "%s" %s\nautostart = false\nautorestart = true\nstartsecs = 1\nstartretries = 100000\n' "$1" "$ROOT" "$STATE" "$1"
  printf 'stopsignal = %s\nstopwaitsecs = %s\nkillasgroup = true\nstopasgroup = %s\nredirect_stderr = true\nstdout_logfile = %s/log/%s.log\n' "$2" "$3" "$([ "$1" = tasks ] && echo true || echo false)" "$STATE" "$1"
  printf 'stdout_logfile_maxbytes = 1MB\nstdout_logfile_backups = 2\n\n'
}

# What else a template has places for, by name: a district's node fills them.
declare -A FILL=([LIVE_BY]="" [LIVE_STORE]="")
fill_in() { # TEMPLATE TARGET
  local text place as_root="" address listen secure="" door="" scheme=http
  text=$(cat "$ROOT/ops/templates/$1")
  [ "$(id -u)" = 0 ] && as_root=yes
  address=$(room ADDRESS)
  address=${address:-127.0.0.1}
  listen="listen $address:${PORT:-0};"
  if [ -n "$(room CERTIFICATE)" ]; then
    scheme=https
    listen="listen $address:${PORT:-0} ssl;"
    secure=$(sed "s|@CERTIFICATE@|$(room CERTIFICATE)|; s|@KEY@|$(room KEY)|" "$ROOT/ops/templates/nginx.https.conf")
    door=$(sed "s|@ADDRESS@|$address|; s|@DOOR_PORT@|$((PORT + 1))|" "$ROOT/ops/templates/nginx.door.conf")
  fi
  text=${text//@SECURE@/$secure}
  text=${text//@DOOR@/$door}
  text=${text//@LISTEN@/$listen}
  text=${text//@HSTS@/$([ $scheme = http ] || echo 'add_header Strict-Transport-Security "max-age=31536000" always;')}
  text=${text//@USER_LINE@/${as_root:+user $WEB_USER;}}
  text=${text//@POOL_USER@/${as_root:+user = $WEB_USER
group = $WEB_USER}}
  text=${text//@LISTEN_USER@/${as_root:+listen.owner = $WEB_USER
listen.group = $WEB_USER
listen.mode = 0660}}
  text=${text//@SUPERVISOR_USER@/${as_root:+user = root}}
  text=${text//@DB_USER_LINE@/${as_root:+user = $DB_USER}}
  text=${text//@PROGRAMS@/$(programs)}
  for place in "${!FILL[@]}"; do text=${text//@$place@/${FILL[$place]}}; done
  text=${text//@ROOT@/$ROOT}
  text=${text//@STATE@/$STATE}
  text=${text//@RUN@/$RUN}
  printf '%s\n' "$text" >"$2"
}

# Writes a server's config; a server that runs on another one is stopped, to be started on this.
configure() { # NAME TEMPLATE
  local config
  config="$STATE/$(basename "$2")"
  (umask 027 && fill_in "$2" "$config.new")
  if cmp -s "$config.new" "$config"; then
    rm "$config.new"
  else
    mv "$config.new" "$config"
    server_down "$1" || true
  fi
}

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }

port_answers() { (exec 3<>"/dev/tcp/${2:-127.0.0.1}/$1") 2>/dev/null; }

php_up() {
  supervisor_up
  configure php-fpm php-fpm.conf
  server_up php-fpm
  server_up teller
}

# What has read code and settings: it takes others when it starts again.
php_down() {
  server_down php-fpm || true
  server_down teller || true
}

live_up() {
  configure live live.conf
  [ "$(id -u)" != 0 ] || chgrp "$WEB_USER" "$STATE/live.conf" # it starts as who it is
  server_up live
}

web_up() {
  supervisor_up
  live_up
  configure nginx headers.conf
  configure nginx nginx.conf
  if ! pid_of nginx >/dev/null; then
    sweep nginx
    port_answers "$PORT" "$(room ADDRESS)" && refuse "port $PORT is taken by another program; stop that, or choose another with --port."
  fi
  server_up nginx
}

# The address a browser goes to.
address() {
  local at scheme=http
  at=$(room ADDRESS)
  [ -z "$(room CERTIFICATE)" ] || scheme=https
  echo "$scheme://${at:-127.0.0.1}:$PORT"
}

# Whether the certificate is to be believed is the doctor's question: here it is whether somebody answers.
answers() { curl -sk -o /dev/null -w '%{http_code}' --max-time 5 "$(address)/api/session" || true; }

web_answers() {
  local i
  for i in $(seq 1 150); do
    [ "$(answers)" = 200 ] && return 0
    sleep 0.1
  done
  refuse "the application does not answer." "$STATE/log/php.log"
}
