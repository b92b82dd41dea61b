# How the scripts speak: one line a step, one clear sentence when something is wrong. Sourced by the others.

step() { printf '  %s ... ' "$1"; }
ok() { printf '%s\n' "${1:-done}"; }
note() { printf '  %s\n' "$1"; }
# One sentence, a non-zero exit; the log's last lines when there is a log.
refuse() {
  printf '\nHovik stopped here: %s\n' "$1" >&2
  if [ -n "${2:-}" ] && [ -s "${2:-}" ]; then
    printf 'The end of %s:\n' "${2#"$ROOT"/}" >&2
    tail -n 12 "$2" | sed 's/^/  | /' >&2
  fi
  exit 1
}
