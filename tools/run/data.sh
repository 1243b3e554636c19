# Sourced by serve.sh, as the account: the data folder and the database cluster in it. No function here removes a data folder, or
# writes into one that is not known to be Rigger's own.
mark="$data/rigger-data"
layout=1
started="$(date +%FT%H%M%S)"

# What stands in the folder, or why it is refused.
check_data() {
  local owner foreign parent="$data"
  if [ -e "$data" ] || [ -L "$data" ]; then
    [ -d "$data" ] || fail "$data is no folder. Rigger keeps its data there: move it, or name another place with RIGGER_DATA."
    owner="$(owner_of "$data")"
    [ "$owner" = "$(id -un)" ] || fail "The data in $data belong to $owner, and this is $(id -un). Start Rigger as $owner, or as root, which runs it as $owner; or name another folder with RIGGER_DATA. Nothing was touched."
    { [ -r "$data" ] && [ -w "$data" ] && [ -x "$data" ]; } || fail "The folder $data is read-only for $(id -un). Make it writable, or name another with RIGGER_DATA."
    if [ ! -f "$mark" ]; then
      foreign="$(find "$data" -mindepth 1 -maxdepth 1 ! -name pg.adopting ! -name rigger-data.new -printf '%f, ' -quit 2>/dev/null)"
      [ -z "$foreign" ] || fail "$data holds something that is not Rigger's (${foreign%, }). Name an empty folder or a new one with RIGGER_DATA. Nothing was touched."
    fi
  else
    while [ ! -e "$parent" ]; do parent="$(dirname "$parent")"; done
    [ -w "$parent" ] || fail "The folder $parent is read-only for $(id -un), so there is no place for the data. Make it writable, or name another with RIGGER_DATA."
  fi
}

# The folder and its parts, private to the account.
make_data() {
  umask 077
  try "The data folder $data could not be made" mkdir -p "$data"
  chmod 700 "$data"
  # The mark comes first: a start that is broken off leaves a folder that the next one knows.
  if [ ! -f "$mark" ]; then
    try "The data folder $data could not be written" write_mark
    mv "$mark.new" "$mark"; sync "$data"
  fi
  try "The data folder $data could not be written" mkdir -p "$data/run/services" "$data/log" "$data/secrets" "$data/backups" "$data/cache"
  try "The data folder $data could not be written" write_something
  local found; found="$(sed -n 's/^layout //p' "$mark")"
  [ "$found" = "$layout" ] || fail "The data in $data were written by another Rigger (layout ${found:-unknown}; this one knows $layout). Start the newer one. Nothing was touched."
}

write_mark() { printf 'These are the data of Rigger: rigs, charts, desks and their history.\nlayout %s\nmade %s\n' "$layout" "$(date -u +%FT%TZ)" > "$mark.new" && sync "$mark.new"; }
write_something() { date > "$data/run/written"; }

# A password is made once, and only the owner of the folder can read it.
secret() {
  local file="$data/secrets/$1"
  if [ ! -s "$file" ]; then
    (umask 077; head -c 24 /dev/urandom | base64 | tr '+/' '-_' > "$file.new") && sync "$file.new" && mv "$file.new" "$file" && sync "$data/secrets" || fail "A password could not be kept in $data/secrets: is the disk full?"
  fi
  cat "$file"
}

# Programs of the PostgreSQL version that made the cluster; the newest one for a new cluster.
find_postgres() {
  local version
  if [ -s "$data/pg/PG_VERSION" ]; then
    version="$(cat "$data/pg/PG_VERSION")"; pgbin="/usr/lib/postgresql/$version/bin"
    [ -x "$pgbin/postgres" ] || fail "The database in $data/pg was made by PostgreSQL $version, which is not installed: apt-get install postgresql-$version. Nothing was touched."
  else
    pgbin="${PGBIN:-}"
    if [ -z "$pgbin" ]; then for version in 17 16 15; do [ -x "/usr/lib/postgresql/$version/bin/initdb" ] && { pgbin="/usr/lib/postgresql/$version/bin"; break; }; done; fi
    [ -n "$pgbin" ] || fail "PostgreSQL is not installed: apt-get install postgresql"
  fi
  export PGBIN="$pgbin"
}

# The cluster: made where there is none yet; what looks broken is left as it is, and said.
need_cluster() {
  local pg="$data/pg"
  if [ -e "$pg" ]; then
    if [ ! -s "$pg/PG_VERSION" ] || [ ! -f "$pg/global/pg_control" ]; then
      fail "The database in $pg looks damaged ($([ -s "$pg/PG_VERSION" ] && echo 'global/pg_control is missing' || echo 'PG_VERSION is missing or empty')). Nothing was touched. Look into it, or start with --fresh, which moves it aside, and bring back a backup from $data/backups with bin/restore."
    fi
    [ "$(owner_of "$pg")" = "$(id -un)" ] || fail "The database in $pg belongs to $(owner_of "$pg"), and this is $(id -un). Start Rigger as $(owner_of "$pg"). Nothing was touched."
    return 0
  fi
  grep -q '^database made ' "$mark" && fail "There was a database in $pg, and it is gone. Nothing was touched. Put it back, or start with --fresh and bring back a backup from $data/backups with bin/restore."
  # A first start that was broken off left this half-made; nobody's work is in it.
  [ ! -e "$pg.making" ] || mv "$pg.making" "$data/unfinished-$started"
  (umask 077; secret upkeep > "$data/run/first-password")
  try "The database could not be made in $pg" as_database "$pgbin/initdb" -D "$pg.making" -U rigger --pwfile="$data/run/first-password" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 --no-instructions
  rm -f "$data/run/first-password"
  mv "$pg.making" "$pg"; sync "$data"
  printf 'database made %s\n' "$(date -u +%FT%TZ)" >> "$mark"; sync "$mark"
}
as_database() { (cd / && exec env -u PGHOST -u PGPORT -u PGDATA -u PGUSER -u PGPASSWORD LC_ALL=C.UTF-8 "$@"); }

# A database of the run before may still be ending. What a halted machine left behind names a process that is somebody else by now.
await_earlier_database() {
  local file="$data/pg/postmaster.pid" process
  [ -s "$file" ] || return 0
  process="$(head -n 1 "$file")"
  if [ "$(readlink "/proc/$process/cwd" 2>/dev/null)" = "$(realpath "$data/pg")" ]; then
    say "The database of the run before is still ending; waiting for it."
    for _ in $(seq 300); do [ -s "$file" ] || return 0; sleep 0.1; done
  elif kill -0 "$process" 2>/dev/null; then
    mv "$file" "$data/run/postmaster.pid.stale"
  fi
}

# Whether somebody listens there already.
is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Whether a server may listen there: nobody does yet, and no outgoing connection, be it a closed one, holds the port as its own.
is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' -- "$1"; }

# The database's port is nobody's business but ours: the first free one.
choose_database_port() {
  local wished="${RIGGER_PG_PORT:-54329}" port
  for port in $(seq "$wished" $((wished + 40))); do if is_free "$port"; then database_port="$port"; return 0; fi; done
  fail "No free port for the database between $wished and $((wished + 40))."
}

write_database_config() {
  umask 077
  printf 'host all all 127.0.0.1/32 scram-sha-256\n' > "$data/run/pg_hba.conf" || fail "$data/run could not be written: is the disk full?"
  printf 'postgresql://rigger_app:%s@127.0.0.1:%s/rigger?serverVersion=%s' "$(secret app)" "$database_port" "$(cat "$data/pg/PG_VERSION")" > "$data/secrets/database-url.new"
  printf 'postgresql://rigger:%s@127.0.0.1:%s/postgres?serverVersion=%s' "$(secret upkeep)" "$database_port" "$(cat "$data/pg/PG_VERSION")" > "$data/secrets/upkeep-url.new"
  local one; for one in database-url upkeep-url; do sync "$data/secrets/$one.new"; mv "$data/secrets/$one.new" "$data/secrets/$one"; done
}

upkeep_sql() { PGPASSWORD="$(secret upkeep)" as_psql -d "${1:-postgres}"; }
as_psql() { (cd / && exec env PGCONNECT_TIMEOUT=5 PGOPTIONS='-c client_min_messages=warning' "$pgbin/psql" -XqtA -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$database_port" -U rigger "$@"); }

# Waits for the database, which may have a crash to recover from.
await_database() {
  local turn
  for turn in $(seq 1 3000); do
    if [ "$(echo 'SELECT 1' | upkeep_sql 2>/dev/null)" = 1 ]; then return 0; fi
    [ "$turn" != 100 ] || say "The database is recovering from a crash; this may take a while."
    if [ "$((turn % 20))" = 0 ] && ! sv status "$data/run/services/database" 2>/dev/null | grep -q '^run:'; then
      if [ "$turn" -ge 60 ]; then fail "The database does not start: $(tail -n 3 "$data/log/database.log" 2>/dev/null | tr '\n' ' ')"; fi
    fi
    sleep 0.1
  done
  fail "The database did not answer within five minutes; $data/log/database.log says why."
}

# Two roles: "rigger" keeps the cluster up, "rigger_app" owns its schema and nothing else. The same statements on every start.
provision() {
  local app; app="$(secret app)"
  {
    echo "DO \$\$ BEGIN IF NOT EXISTS (SELECT 1 FROM pg_roles WHERE rolname = 'rigger_app') THEN CREATE ROLE rigger_app LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE; END IF; END \$\$;"
    echo "ALTER ROLE rigger_app PASSWORD '$app';"
    echo "SELECT 'CREATE DATABASE rigger' WHERE NOT EXISTS (SELECT 1 FROM pg_database WHERE datname = 'rigger') \\gexec"
    echo "REVOKE CONNECT, TEMPORARY ON DATABASE rigger FROM PUBLIC; GRANT CONNECT, TEMPORARY ON DATABASE rigger TO rigger_app;"
    echo "REVOKE CONNECT ON DATABASE postgres FROM PUBLIC;"
  } | try "The database's roles could not be set up" upkeep_sql
  try "The database's schema could not be set up" upkeep_sql rigger < "$code/tools/run/schema.sql"
}
