# The plan of a district (ops/district/small.plan says how it is written). Sourced by ops/district.sh.

PLAN="$DISTRICT/plan"
plan() { sed 's/#.*//' "$PLAN" | awk 'NF'; }

# Names of the nodes of a role, in the plan's order; all, without one.
nodes() { plan | awk -v role="${1:-}" '$1 != "set" && (role == "" || $2 == role) { print $1 }'; }
role_of() { plan | awk -v name="$1" '$1 == name { print $2 }'; }
address_of() { plan | awk -v name="$1" '$1 == name { print $3 }'; }
port_of() { plan | awk -v name="$1" '$1 == name { print $4 }'; }
set_to() { plan | awk -v what="$1" '$1 == "set" && $2 == what { print $3 }'; }
first_of() { echo "${1%%$'\n'*}"; } # LINES
the() { first_of "$(nodes "$1")"; } # ROLE

# Is it one of this machine's?
here() { php -r '$s = @stream_socket_server("tcp://".$argv[1].":0"); exit($s === false ? 1 : 0);' "$(address_of "$1")"; }
here_of() { # ROLE: its nodes on this machine
  local name
  for name in $(nodes "${1:-}"); do ! here "$name" || echo "$name"; done
}

# Whether something listens at a node's port, or the one so many after it.
answers_at() { # NAME [OFFSET]
  local port=$(($(port_of "$1") + ${2:-0}))
  (exec 3<>"/dev/tcp/$(address_of "$1")/$port") 2>/dev/null
}

check_plan() {
  local name role address port rest ports=""
  while read -r name role address port rest; do
    [ "$name" != set ] || continue
    [[ $name =~ ^[a-z][a-z0-9-]{0,30}$ ]] || refuse "the plan: '$name' is no name of a node; small letters and digits."
    case $role in balancer | application | redis | database) ;; *) refuse "the plan: $name is to be a balancer, an application, redis or a database, not '$role'." ;; esac
    [[ $address =~ ^[0-9.]+$ ]] || refuse "the plan: $name needs an address such as 10.1.0.11."
    [[ $port =~ ^[0-9]+$ ]] && [ "$port" -ge 1024 ] && [ "$port" -le 65530 ] || refuse "the plan: the port of $name is a number from 1024 to 65530."
    [ -z "$rest" ] || refuse "the plan: what is '$rest' beside $name?"
    case "$ports " in *" $address:$port "*) refuse "the plan: $name has the port of another." ;; esac
    ports="$ports $address:$port"
    [ "$(nodes | grep -cx "$name")" = 1 ] || refuse "the plan: there are two of the name $name."
  done < <(plan)
  [ "$(nodes balancer | wc -l)" = 1 ] || refuse "the plan needs one balancer."
  [ "$(nodes redis | wc -l)" = 1 ] || refuse "the plan needs one redis."
  [ -n "$(the application)" ] || refuse "the plan needs an application."
  [ -n "$(set_to files)" ] || [ "$(for name in $(nodes application); do address_of "$name"; done | sort -u | wc -l)" = 1 ] ||
    refuse "the plan: applications are on several machines, so it must say which folder they share: set files /PATH"
  [ $(($(nodes database | wc -l) % 2)) = 1 ] || refuse "the plan needs three databases (or one, or five): an even number cannot tell which half is right when they are cut apart."
}

# What browsers type.
public_address() {
  local name balancer
  balancer=$(the balancer)
  name=$(set_to name)
  echo "https://${name:-$(address_of "$balancer")}:$(port_of "$balancer")"
}
