# Who keeps the servers alive: supervisord, with a config, socket and folder of this installation. Sourced by ops/stack.sh.

# Those that somebody waits for: not what is done by night.
SERVERS=$(printf '%s\n' $PROGRAMS | grep -v '^tasks$' | tr '\n' ' ')
last_first() { printf '%s\n' $PROGRAMS | tac; }

# A call of supervisord over its socket; prints what it answers.
call_supervisor() { # METHOD [NAME [wait: 0 or 1]]
  local parameters=""
  [ -z "${2:-}" ] || parameters="<param><value><string>$2</string></value></param>"
  [ -z "${3:-}" ] || parameters="$parameters<param><value><boolean>$3</boolean></value></param>"
  curl -s --max-time 90 --unix-socket "$RUN/supervisor.sock" -H 'Content-Type: text/xml' \
    -d "<?xml version='1.0'?><methodCall><methodName>supervisor.$1</methodName><params>$parameters</params></methodCall>" http://localhost/RPC2
}

supervisor_runs() { call_supervisor getState 2>/dev/null | grep -q '<string>RUNNING</string>'; }

# The pid of a server that runs.
pid_of() { # NAME
  call_supervisor getProcessInfo "$1" 2>/dev/null | tr -d '\n' |
    sed -nE 's#.*<name>statename</name>\s*<value><string>(RUNNING|STARTING)</string>.*<name>pid</name>\s*<value><int>([1-9][0-9]*)</int>.*#\2#p' | grep .
}

# How a server is, as supervisord says: RUNNING, STARTING, BACKOFF (it ends as soon as it starts), STOPPED, FATAL.
state_of() { # NAME
  call_supervisor getProcessInfo "$1" 2>/dev/null | tr -d '\n' | sed -nE 's#.*<name>statename</name>\s*<value><string>([A-Z]+)</string>.*#\1#p'
}

# Servers that were killed leave workers behind, on their ports and sockets. They are of a process group that nobody else has, and its
# number stands in a file.
sweep() { # NAME
  local group
  group=$(cat "$RUN/$1.group" 2>/dev/null) || return 0
  [ -n "$group" ] && pkill -KILL -g "$group" '^(nginx|php-fpm|mariadbd|php|redis-server|haproxy)' 2>/dev/null || true
  rm -f "$RUN/$1.group"
}

supervisor_up() {
  supervisor_runs && return 0
  local name
  for name in $PROGRAMS; do sweep "$name"; done
  rm -f "$RUN/supervisor.sock" "$RUN/supervisor.pid"
  fill_in supervisord.conf "$STATE/supervisord.conf"
  # Its servers need no lock of ours, and nothing of this terminal.
  (umask 077 && cd "$STATE" && setsid supervisord -c "$STATE/supervisord.conf" >"$STATE/log/supervisor-start.log" 2>&1 9>&- </dev/null) ||
    refuse "supervisord, which keeps the servers alive, did not start." "$STATE/log/supervisor-start.log"
  local i
  for i in $(seq 1 100); do
    supervisor_runs && return 0
    sleep 0.05
  done
  refuse "supervisord, which keeps the servers alive, does not answer." "$STATE/log/supervisor.log"
}

server_up() { # NAME
  case $(state_of "$1") in RUNNING | STARTING) return 0 ;; esac
  call_supervisor startProcess "$1" 0 >/dev/null
}

server_down() { # NAME
  case $(state_of "$1") in "" | STOPPED | EXITED | FATAL) return 1 ;; esac
  call_supervisor stopProcess "$1" 1 >/dev/null
}

# All of it ends, and nothing is left: no server, no worker, no socket.
stack_down() {
  local pid name i ended=1
  if supervisor_runs; then
    ended=0
    pid=$(cat "$RUN/supervisor.pid" 2>/dev/null || true)
    for name in $(last_first); do server_down "$name" || true; done
    call_supervisor shutdown >/dev/null
    for i in $(seq 1 600); do
      [ -n "$pid" ] && [ -d "/proc/$pid" ] || break
      sleep 0.1
    done
  fi
  for name in $(last_first); do sweep "$name"; done
  rm -f "$RUN"/*.sock "$RUN"/*.pid "$RUN"/{db,live,teller}/*.sock "$RUN"/{db,live,teller}/*.pid
  return $ended
}
