# Sourced: runs a console command beside a Rigger that is running, or with its database started for as long as it takes.
. "$(dirname "${BASH_SOURCE[0]}")/setup.sh"

# A folder in the data folder that files are handed over in: the caller and the account need not be able to read each other's.
lend_folder() {
  [ -f "$data/rigger-data" ] || fail "There are no data in $data yet; bin/start makes them."
  lent="$(as_account mktemp -d "$data/run/lent-XXXXXX")"
  trap 'end_lending' EXIT
}
end_lending() { [ -z "${lent:-}" ] || { rm -f "$lent"/*; rmdir "$lent"; }; [ -z "${starter:-}" ] || { kill -TERM "$starter" 2>/dev/null; wait "$starter" 2>/dev/null || true; }; }

beside() {
  local command="$1" status=0; shift
  find_place
  [ -f "$data/rigger-data" ] || [ -n "${DATABASE_URL:-}" ] || fail "There are no data in $data yet; bin/start makes them."
  if [ -z "${DATABASE_URL:-}" ] && { [ ! -e "$data/run/lock" ] || flock -n "$data/run/lock" true; }; then
    "$here/bin/start" --only-database >/dev/null 2>"$data/run/beside.said" & starter=$!
    trap 'end_lending' EXIT
    for _ in $(seq 600); do [ -e "$data/run/ready" ] && break; kill -0 "$starter" 2>/dev/null || fail "The database could not be started."; sleep 0.1; done
  fi
  local pgbin; pgbin="$(ls -d /usr/lib/postgresql/"$(cat "$data/pg/PG_VERSION" 2>/dev/null || echo '*')"/bin 2>/dev/null | tail -n 1)"
  as_account env RIGGER_DATA="$data" RIGGER_CACHE_DIR="${RIGGER_CACHE_DIR:-$data/cache}" RIGGER_LOG=php://stderr PGBIN="$pgbin" APP_ENV="${APP_ENV:-prod}" APP_DEBUG=0 php "$code/bin/console" "$command" "$@" || status=$?
  return "$status"
}
