# Sourced after say.sh and with $here set: where the data stand, which account everything runs as, and which copy of the code it
# runs. Nothing here starts or changes anything but what its name says.
#
#   $data     the one data folder: database, backups, secrets, logs
#   $code     the code that runs: this checkout, or a copy of it where the account cannot reach the checkout
#   $account  the ordinary account that runs nginx, PHP and PostgreSQL; never root
library="${RIGGER_LIB:-/var/lib/rigger}"

owner_of() { stat -Lc %U -- "$1" 2>/dev/null; }

# as_account COMMAND…: the command as the account, from a folder that it can reach.
as_account() {
  if [ "$(id -un)" = "$account" ]; then "$@"; return; fi
  (cd / && exec setpriv --reuid="$account" --regid="$(id -g "$account")" --init-groups --no-new-privs env HOME="$(home_of "$account")" USER="$account" LOGNAME="$account" "$@")
}
home_of() { local home; home="$(getent passwd "$1" | cut -d: -f6)"; printf %s "${home:-/nonexistent}"; }

# Whether the account can read the code and write below var/.
reaches() { as_account test -r "$here/public/index.php" -a -x "$here/bin/console" 2>/dev/null; }

find_place() {
  local wished="${RIGGER_DATA:-}" owner
  if [ -n "$wished" ]; then case "$wished" in /*) ;; *) wished="$PWD/$wished" ;; esac; wished="$(realpath -ms -- "$wished")"; fi
  code="$here"; data="${wished:-$here/var/data}"; account="$(id -un)"
  if [ "$(id -u)" = 0 ]; then
    # Whoever owns the data, else the checkout, runs it: then no file is left that its owner cannot use again.
    owner=""; [ -d "$data" ] && owner="$(owner_of "$data")"
    { [ -z "$owner" ] || [ "$owner" = root ]; } && owner="$(owner_of "$here")"
    if [ -z "$owner" ] || [ "$owner" = root ] || [ "$owner" = UNKNOWN ]; then owner="${RIGGER_ACCOUNT:-rigger}"; fi
    account="$owner"
    if getent passwd "$account" >/dev/null && ! reaches; then
      code="$library/app"; [ -n "$wished" ] || data="$library/data"
    fi
  fi
}

# Root only: the service account, made where it is missing.
need_account() {
  [ "$(id -u)" = 0 ] || return 0
  if ! getent passwd "$account" >/dev/null; then
    try "The service account $account could not be made" useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$account"
    find_place
  fi
}

is_temporary() { case "$1/" in /tmp/*|/var/tmp/*|/dev/shm/*|/run/*) return 0 ;; *) return 1 ;; esac; }

# A data folder that somebody named must not be emptied at the next boot.
refuse_temporary() {
  if is_temporary "$data" && ! is_temporary "$here"; then
    fail "$data is a temporary folder, which is emptied at boot. Name another one with RIGGER_DATA."
  fi
  if is_temporary "$data"; then say "Take care: this checkout stands in a temporary folder, and its data with it. Move it, or name a lasting folder with RIGGER_DATA."; fi
}

# Root only: an empty data folder that the account owns. One that belongs to somebody is left to be refused.
own_data_folder() {
  if [ ! -e "$data" ]; then
    mkdir -p "$(dirname "$data")" && install -d -m 700 -o "$account" -g "$(id -gn "$account")" "$data" || fail "The data folder $data could not be made."
  elif [ "$(owner_of "$data")" = root ] && [ -z "$(ls -A "$data")" ]; then
    chown "$account:" "$data"; chmod 700 "$data"
  fi
}

# Root only: a copy of the built application where the account can read it, made anew when something in it has changed.
copy_code() {
  [ "$code" != "$here" ] || return 0
  local print; print="$(cd "$here" && find bin config core demo migrations public src templates tools vendor composer.json .env -type f -printf '%p %s %T@\n' | sort | sha1sum | cut -c1-40)"
  [ "$(cat "$code/.copied-from" 2>/dev/null)" = "$print" ] && return 0
  say "The account $account cannot read $here: copying the built application to $code"
  install -d -m 755 "$library"
  local new; new="$(mktemp -d "$library/app.new-XXXXXX")"; chmod 755 "$new"
  (cd "$here" && tar -cf - bin config core demo migrations public src templates tools vendor composer.json .env) | (umask 022 && cd "$new" && tar -xf - --no-same-owner) || fail "The copy in $new could not be written: is the disk full?"
  chmod -R go+rX "$new"
  printf %s "$print" > "$new/.copied-from"
  [ ! -e "$code" ] || mv "$code" "$(mktemp -d "$library/app.old-XXXXXX")/app"
  mv "$new" "$code"
  find "$library" -mindepth 1 -maxdepth 1 -type d \( -name 'app.old-*' -o -name 'app.new-*' \) -exec rm -r -- {} +
}
