#!/usr/bin/env bash
# The running part of bin/start, as an ordinary account: data folder, database, migrations, web, and watching over all of it.
# Called by bin/start with what it found out in the environment; not meant to be typed.
set -euo pipefail
here="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd -P)"
export PATH="$PATH:/usr/sbin:/sbin"
. "$here/tools/run/say.sh"; . "$here/tools/run/place.sh"
[ "$(id -u)" != 0 ] || fail "Rigger does not run as root; use bin/start."
code="$here"; data="$RIGGER_DATA"; account="$(id -un)"; port="$RIGGER_PORT"
. "$here/tools/run/data.sh"; . "$here/tools/run/adopt.sh"; . "$here/tools/run/services.sh"
umask 077

check_data
if [ "$RIGGER_FRESH" = 1 ] && [ -e "$data" ]; then
  if [ -e "$data/run/lock" ] && ! flock -n "$data/run/lock" true; then fail "Rigger is running in $data ($(cat "$data/run/where" 2>/dev/null)). Stop it first."; fi
  mv "$data" "$data.aside-$started"
  say "The data until now stand in $data.aside-$started"
fi
make_data
secret app >/dev/null; secret upkeep >/dev/null; secret signing >/dev/null

exec 9>>"$data/run/lock"
if ! flock -n 9; then fail "Rigger is running in this folder already: $(cat "$data/run/where" 2>/dev/null || echo 'it is just starting'). One is enough; bin/stop stops it."; fi
printf 'process %s, started %s, http://127.0.0.1:%s' "$$" "$(date '+%F %H:%M')" "$port" > "$data/run/where.new" && mv "$data/run/where.new" "$data/run/where"
printf '%s' "$$" > "$data/run/pid"
rm -f "$data/run/ready"
if [ "$RIGGER_ONLY" != database ] && is_taken "$port"; then fail "Port $port is taken by another program. Start with another one: bin/start --port $((port + 1))"; fi

# Whatever ends this ends all of it: Ctrl+C, kill, a closed terminal, an error.
finish() { local status=$?; trap '' EXIT INT TERM HUP; rm -f "$data/run/ready"; say; say "Stopping"; stop_services; case "${sockets:-}" in */rigger-sockets-*) rm -f "$sockets"/*.sock; rmdir "$sockets" 2>/dev/null || true ;; esac; exit "$status"; }
trap finish EXIT
trap 'exit 130' INT; trap 'exit 143' TERM; trap 'exit 129' HUP; trap '' PIPE

# A former run that was killed outright takes a moment to be gone: what it watched dies with it.
for _ in $(seq 100); do
  left=0; for one in "$services"/*/; do [ -e "$one/supervise/lock" ] && ! flock -n "$one/supervise/lock" true 2>/dev/null && left=1; done
  [ "$left" = 1 ] || break; sleep 0.1
done

if [ -z "${DATABASE_URL:-}" ]; then
  finish_adopting
  find_postgres
  need_cluster
  await_earlier_database
  choose_database_port
  write_database_config
  define_database
  watch database
  await_database
  provision
else
  pgbin="${PGBIN:-$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | tail -n 1)}"
  say "Using the database that DATABASE_URL names; its backups are its owner's business too."
fi
if [ "$RIGGER_ONLY" = database ]; then
  touch "$data/run/ready"
  while :; do sleep 1 & wait $! || true; keep_watching; done
fi

export APP_ENV APP_DEBUG RIGGER_CACHE_DIR="$data/cache" RIGGER_LOG=php://stderr
console() { php "$code/bin/console" "$@"; }
print="$(cd "$code" && find src core/src config templates migrations composer.json -type f -print0 | sort -z | xargs -0 sha1sum | sha1sum | cut -c1-40)"
if [ "$(cat "$data/cache/made-from" 2>/dev/null)" != "$print" ] || [ ! -d "$data/cache/$APP_ENV" ]; then
  say "Preparing the application"
  rm -f "$data/cache/made-from"
  try "The application could not be prepared" console cache:clear --quiet
  printf %s "$print" > "$data/cache/made-from"
fi
try "The database could not be brought up to date" console rigger:migrate
[ "$RIGGER_DEMO" = 0 ] || try "The demo could not be loaded" console rigger:demo --once
choose_sockets
define_web
for one in php readers desk play upkeep nginx; do watch "$one"; done
for _ in $(seq 300); do
  if is_taken "$port" && [ -S "$sockets/php.sock" ] && [ -S "$sockets/readers.sock" ]; then touch "$data/run/ready"; break; fi
  sleep 0.1
done
[ -e "$data/run/ready" ] || fail "The web server does not start: $(tail -qn 2 "$data/log/nginx.log" "$data/log/php.log" 2>/dev/null | tr '\n' ' ')"
echo "Rigger is at http://127.0.0.1:$port (Ctrl+C stops it)" || true
[ "$code" = "${RIGGER_CHECKOUT:-$code}" ] || say "It runs from a copy in $code, because $account cannot read $RIGGER_CHECKOUT."
say "Its data stand in $data$([ -z "${DATABASE_URL:-}" ] || echo ' (backups and logs; the database is your own)')"
while :; do sleep 1 & wait $! || true; keep_watching; done
