#!/usr/bin/env bash
# bin/hovik school start|stop|status|reset MAIL|artisan ...|service install: a school's own installation, apart from the demo.
set -euo pipefail
ROOT=${ROOT:-$(cd "$(dirname "$0")/.." && pwd)}
. "$ROOT/ops/say.sh"
export PROFILE=school
verb=${1:-}
[ $# -gt 0 ] && shift
case $verb in
  start | stop | status | artisan) exec bash "$ROOT/ops/$verb.sh" "$@" ;;
  reset) exec bash "$ROOT/ops/artisan.sh" school:reset "$@" ;;
  service)
    [ "${1:-}" = install ] || refuse "the service can be installed: bin/hovik school service install"
    [ -d /run/systemd/system ] || refuse "this machine is not run by systemd; start the school from whatever starts things here: $ROOT/bin/hovik school start"
    [ "$(id -u)" = 0 ] || refuse "a service is installed by root; run this with sudo."
    sed "s|@ROOT@|$ROOT|g" "$ROOT/ops/templates/hovik-school.service" >/etc/systemd/system/hovik-school.service
    systemctl daemon-reload
    systemctl enable --now hovik-school.service
    echo "The school starts with this machine. Its state: systemctl status hovik-school"
    ;;
  *) refuse "school knows start, stop, status, reset MAIL, artisan and service install, not '$verb'." ;;
esac
