# Which installation a command is about: the school's when there is one, the demo's when not or when --demo is said. Sourced before the
# command reads its options; PROFILE may have been set by whoever called.
rest=()
for one in "$@"; do
  if [ "$one" = --demo ]; then PROFILE=main; else rest+=("$one"); fi
done
set -- "${rest[@]}"
if [ -z "${PROFILE:-}" ]; then
  PROFILE=main
  [ ! -d "$ROOT/var/school" ] || PROFILE=school
fi
