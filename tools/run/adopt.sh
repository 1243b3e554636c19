# Sourced by bin/start: data of an earlier Rigger (var/pg, or the system's temporary folder behind it) come to the one data folder.
# They are moved, or copied where they stood on another disk; nothing is removed.

adopt_earlier_data() {
  local old="$here/var/pg" real owner
  [ -e "$old" ] || return 0
  { [ -n "${RIGGER_DATA:-}" ] || [ -e "$data/pg" ]; } && return 0
  real="$(realpath -m -- "$old")"
  [ -s "$real/data/PG_VERSION" ] || return 0
  if [ -s "$real/data/postmaster.pid" ] && kill -0 "$(head -n 1 "$real/data/postmaster.pid")" 2>/dev/null; then
    fail "The database of an earlier Rigger is still running (process $(head -n 1 "$real/data/postmaster.pid"), $real). Stop that Rigger, then start again."
  fi
  owner="$(owner_of "$real/data")"
  if [ "$owner" != "$account" ] && [ "$(id -u)" != 0 ]; then
    fail "The data in $real belong to $owner, for Rigger was started as root before. Start it as root once more: that hands them over to $account. Nothing was touched."
  fi
  say "Bringing the data of the earlier Rigger to $data"
  as_account mkdir -p -m 700 "$data"
  if [ "$(stat -c %d "$real")" = "$(stat -c %d "$data")" ] && ! [ -L "$old" ]; then
    mv "$real/data" "$data/pg.adopting"
  else
    try "The earlier data could not be copied from $real" cp -a "$real/data" "$data/pg.adopting.part"
    sync -f "$data"; mv "$data/pg.adopting.part" "$data/pg.adopting"
  fi
  [ "$(id -u)" != 0 ] || chown -R "$account:" "$data/pg.adopting"
  mv "$old" "$old.taken-over-$(date +%FT%H%M%S)"
}

# As the account: the roles of the earlier cluster get passwords, while nobody but us can reach it.
finish_adopting() {
  local pg="$data/pg.adopting"
  [ -d "$pg" ] && [ ! -e "$data/pg" ] || return 0
  local version; version="$(cat "$pg/PG_VERSION")"
  [ -x "/usr/lib/postgresql/$version/bin/postgres" ] || fail "The earlier database was made by PostgreSQL $version, which is not installed: apt-get install postgresql-$version. It stands in $pg; nothing is lost."
  rm -f "$pg/postmaster.pid"
  try "The earlier database could not be given its password" set_first_password "/usr/lib/postgresql/$version/bin/postgres" "$pg"
  mv "$pg" "$data/pg"; sync "$data"
  printf 'database made %s\n' "$(date -u +%FT%TZ)" >> "$mark"; sync "$mark"
}
set_first_password() { printf "ALTER ROLE rigger PASSWORD '%s'\n" "$(secret upkeep)" | as_database "$1" --single -D "$2" postgres; }
