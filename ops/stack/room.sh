# Address, ports and certificate of an installation: as start was told now or the last time. Sourced by ops/start.sh.

valid_port() {
  case $1 in *[!0-9]* | "") refuse "a port is a number from 1024 to 65534, not '$1'." ;; esac
  [ "$1" -ge 1024 ] && [ "$1" -le 65534 ] || refuse "a port is a number from 1024 to 65534, not '$1'."
}

here() { # ADDRESS: is it one of this machine's?
  php -r '$s = @stream_socket_server("tcp://".(str_contains($argv[1], ":") ? "[$argv[1]]" : $argv[1]).":0"); exit($s === false ? 1 : 0);' "$1"
}

settle_room() {
  local usual=8484 was own=""
  [ "$PROFILE" != school ] || usual=8480
  was=$(cat "$STATE/port" 2>/dev/null || true)
  PORT=${port:-${was:-$usual}}
  valid_port "$PORT"
  if [ "$PROFILE" = school ]; then
    address=${address:-$(room ADDRESS)}
    [ -n "$plain" ] || plain=$(room WITHOUT_HTTPS)
    [ -z "$certificate" ] || plain=""
    # Its own moves with it; one that was given stays where it is.
    if [ -z "$certificate" ] && [ "$(room OWN)" != yes ]; then certificate=$(room CERTIFICATE) key=$(room KEY); fi
    proxy=${proxy:-$(room BEHIND)}
    address=${address:-127.0.0.1}
    here "$address" || refuse "this machine has no address $address; its own are $(hostname -I 2>/dev/null || echo 127.0.0.1)"
    # On this machine alone browsers trust plain HTTP.
    if [ -n "$plain" ] || { [ "$address" = 127.0.0.1 ] && [ -z "$certificate" ]; }; then
      certificate="" key=""
    elif [ -z "$certificate" ]; then
      own=yes
      own_certificate
    fi
    (umask 022 && printf 'ADDRESS=%s\nCERTIFICATE=%s\nKEY=%s\nOWN=%s\nWITHOUT_HTTPS=%s\nBEHIND=%s\n' "$address" "$certificate" "$key" "$own" "$plain" "$proxy" >"$ROOM.new")
    mv "$ROOM.new" "$ROOM"
  fi
  [ "$was" = "$PORT" ] || server_down nginx || true
  if ! pid_of nginx >/dev/null; then
    sweep nginx
    port_answers "$PORT" "$(room ADDRESS)" && refuse "port $PORT is taken by another program; stop that, or choose another with --port."
    if [ -n "$(room CERTIFICATE)" ] && port_answers "$((PORT + 1))" "$(room ADDRESS)"; then
      refuse "port $((PORT + 1)), where tablets learn to trust this school, is taken by another program; choose another with --port."
    fi
  fi
}

# A certificate authority of this school's own, and a certificate by it for the address, made anew before it runs out.
own_certificate() {
  local folder="$STATE/certificate" names
  certificate="$folder/school.crt" key="$folder/school.key"
  names="$address $(hostname) $(hostname).local"
  if [ -f "$certificate" ] && [ "$(cat "$folder/names" 2>/dev/null)" = "$names" ] && openssl x509 -checkend 2592000 -noout -in "$certificate" >/dev/null; then
    return 0
  fi
  step "Certificate"
  mkdir -p "$folder" "$STATE/door"
  chmod 700 "$folder"
  # shellcheck disable=SC2086 # a name each
  CAROOT="$folder" mkcert -cert-file "$certificate" -key-file "$key" $names >"$STATE/log/certificate.log" 2>&1 ||
    refuse "no certificate could be made." "$STATE/log/certificate.log"
  echo "$names" >"$folder/names"
  cp "$folder/rootCA.pem" "$STATE/door/hovik-school.crt"
  chmod 755 "$STATE/door"
  chmod 644 "$STATE/door/hovik-school.crt"
  ok
}
