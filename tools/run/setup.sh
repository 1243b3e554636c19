# Sourced by the commands in bin/: everything that this checkout needs, installed only where it is missing.
here="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd -P)"
export PATH="$PATH:/usr/sbin:/sbin"
. "$here/tools/run/say.sh"
. "$here/tools/run/place.sh"

missing_packages() {
  local need=()
  command -v php8.2 >/dev/null || command -v php >/dev/null || need+=(php8.2-cli)
  command -v php-fpm8.2 >/dev/null || need+=(php8.2-fpm)
  # Asked once and kept: a pipe into grep -q may break off and look like a missing module.
  local module modules; modules=" $(php -m 2>/dev/null | tr '\n' ' ' | tr '[:upper:]' '[:lower:]') "
  for module in mbstring intl gd zip curl apcu; do [[ "$modules" == *" $module "* ]] || need+=("php8.2-$module"); done
  [[ "$modules" == *" pdo_pgsql "* ]] || need+=(php8.2-pgsql)
  [[ "$modules" == *" dom "* ]] || need+=(php8.2-xml)
  command -v nginx >/dev/null || need+=(nginx-light)
  ls /usr/lib/postgresql/*/bin/initdb >/dev/null 2>&1 || need+=(postgresql)
  command -v runsv >/dev/null || need+=(runit)
  command -v logrotate >/dev/null || need+=(logrotate)
  command -v composer >/dev/null || need+=(composer)
  command -v node >/dev/null || need+=(nodejs)
  command -v npm >/dev/null || need+=(npm)
  [ "${1:-}" != tests ] || command -v chromium >/dev/null || need+=(chromium)
  # Reads the text of PDFs; without it the paste sheet says so, which is no reason to turn an ordinary user away.
  if [ "${1:-}" = tests ] || [ "$(id -u)" = 0 ]; then command -v pdftotext >/dev/null || need+=(poppler-utils); fi
  command -v pkill >/dev/null || need+=(procps)
  printf '%s\n' "${need[@]}"
}

install_packages() {
  local need; mapfile -t need < <(missing_packages "${1:-}" | sed '/^$/d')
  [ ${#need[@]} -eq 0 ] && return 0
  if [ "$(id -u)" != 0 ]; then
    say "These Debian packages are missing; install them as root, then start again:"; say "  apt-get install -y --no-install-recommends ${need[*]}"; exit 1
  fi
  say "Installing from Debian: ${need[*]}"
  apt-get update -qq >/dev/null
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${need[@]}" >/dev/null
}

# A stamp holds the fingerprint of what a step was made from, so that a second run skips it.
fresh() { [ -f "$here/var/stamps/$1" ] && [ "$(cat "$here/var/stamps/$1")" = "$2" ]; }
stamp() { mkdir -p "$here/var/stamps"; printf '%s' "$2" > "$here/var/stamps/$1"; }
fingerprint() { (cd "$here" && find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha1sum | sha1sum | cut -c1-40); }

install_dependencies() {
  local php_print npm_print
  php_print="$(fingerprint composer.json tools/symfony/composer.json tools/locked tools/locked-dev)"
  if ! { [ -f "$here/vendor/autoload.php" ] && fresh composer "$php_print"; }; then
    say "Installing PHP packages"
    (cd "$here" && COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet)
    stamp composer "$php_print"
    rm -f "$here/var/stamps/classes"
  fi
  # The optimised class map names files: moved ones must not be looked for where they were.
  local classes; classes="$(cd "$here" && find src core/src -name '*.php' | sort | sha1sum | cut -c1-40)"
  if ! fresh classes "$classes"; then
    (cd "$here" && COMPOSER_ALLOW_SUPERUSER=1 composer dump-autoload --optimize --quiet)
    stamp classes "$classes"
  fi
  npm_print="$(fingerprint package.json package-lock.json)"
  if ! { [ -d "$here/node_modules" ] && fresh npm "$npm_print"; }; then
    say "Installing front-end packages"
    (cd "$here" && npm ci --no-audit --no-fund --silent)
    stamp npm "$npm_print"
  fi
}

build_front_end() {
  local print; print="$(fingerprint assets package-lock.json vite.config.ts svelte.config.js)"
  if ! { [ -f "$here/public/build/manifest.json" ] && fresh build "$print"; }; then
    say "Building the front end"
    (cd "$here" && npx --no-install vite build --logLevel warn)
    stamp build "$print"
  fi
}
