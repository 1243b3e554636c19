# Sourced by serve.sh: the processes that are watched, each by a runsv of its own (Debian's runit). A runsv starts its process again
# when it ends, and dies with bin/start; its process dies with it, so that nothing is left behind by anything.
services="$data/run/services"

# A process that is watched: its name, the signal that it dies by when its watcher does, and what to run (standard input).
service() {
  local name="$1" folder="$services/$1"
  mkdir -p "$folder/control"
  {
    cat <<RUN
#!/bin/sh
# Written by bin/start.
umask 077
exec >> '$data/log/$name.log' 2>&1
name=$name signal=$2
# What a killed predecessor has left running, by its session.
boot="\$(cat /proc/sys/kernel/random/boot_id)"
if [ -s '$data/run/session.$name' ]; then
  read -r session when < '$data/run/session.$name'
  [ "\$when" = "\$boot" ] && pkill -KILL -u "\$(id -u)" -s "\$session" 'nginx|php'
fi
printf '%s %s\n' "\$\$" "\$boot" > '$data/run/session.$name.new' && mv '$data/run/session.$name.new' '$data/run/session.$name'
watched="chpst -P setpriv --pdeathsig \$signal"
cd '$data/run' || exit 1
RUN
    cat
  } > "$folder/run.new"
  chmod 700 "$folder/run.new"; mv "$folder/run.new" "$folder/run"; rm -f "$folder/down"
}
control() { printf '#!/bin/sh\n%s\n' "$3" > "$services/$1/control/$2"; chmod 700 "$services/$1/control/$2"; }

define_database() {
  service database INT <<RUN
exec env -u PGHOST -u PGPORT -u PGDATA LC_ALL=C.UTF-8 \$watched '$pgbin/postgres' -D '$data/pg' -p $database_port \\
  -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c hba_file='$data/run/pg_hba.conf' -c password_encryption=scram-sha-256 \\
  -c fsync=on -c full_page_writes=on -c synchronous_commit=on -c max_connections=60 -c shared_buffers=128MB -c jit=off \\
  -c timezone=UTC -c log_timezone=UTC -c logging_collector=off -c log_destination=stderr ${RIGGER_PG_EXTRA:-}
RUN
  # Fast: windows wait for the database, so it need not wait for them.
  control database t "kill -INT \"\$(cat supervise/pid)\""
}

# Sockets have short names: a deep folder gets a private one elsewhere for them.
choose_sockets() {
  sockets="$data/run"
  if [ "${#sockets}" -gt 80 ]; then sockets="$(mktemp -d "${XDG_RUNTIME_DIR:-/tmp}/rigger-sockets-XXXXXXXX")"; fi
  printf '%s' "$sockets" > "$data/run/sockets"
}

define_web() {
  local fpm nginx flags
  fpm="$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)"; nginx="$(command -v nginx || echo /usr/sbin/nginx)"
  mkdir -p "$data/run/upload"
  flags="-d expose_php=off -d display_errors=off -d post_max_size=64M -d upload_max_filesize=60M -d max_file_uploads=60 -d upload_tmp_dir=$data/run/upload -d sys_temp_dir=$data/run/upload
    -d opcache.enable=1 -d opcache.max_accelerated_files=30000 -d realpath_cache_size=4096K -d realpath_cache_ttl=600"
  [ "$APP_ENV" != prod ] || flags="$flags -d opcache.validate_timestamps=0"
  local preload=""
  [ "$APP_ENV" != prod ] || [ "${RIGGER_PRELOAD:-1}" != 1 ] || preload="-d opcache.preload=$code/config/preload.php"
  workers php "${RIGGER_FPM_CHILDREN:-4}" 5000
  service php TERM <<RUN
$(application_environment)
rm -f '$sockets/php.sock'
exec \$watched '$fpm' -F -y '$data/run/php.conf' $(echo $flags) -d opcache.memory_consumption=192 -d opcache.interned_strings_buffer=16 $preload
RUN
  # Files that people bring are read by a few workers of their own, behind everybody else, so that a large one slows nobody.
  workers readers 2 200
  service readers TERM <<RUN
$(application_environment)
rm -f '$sockets/readers.sock'
exec \$watched nice -n 15 '$fpm' -F -y '$data/run/readers.conf' $(echo $flags)
RUN
  service desk TERM <<RUN
$(application_environment)
exec \$watched php '$code/bin/console' rigger:stand-in '$sockets/desk.sock'
RUN
  # What is played: one process that stays awake, so that a hand is answered within a frame.
  service play TERM <<RUN
$(application_environment)
exec \$watched php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M '$code/bin/console' rigger:play '$sockets/play.sock' '$sockets/desk.sock'
RUN
  service upkeep TERM <<RUN
$(application_environment)
exec \$watched php '$code/bin/console' rigger:upkeep
RUN
  write_nginx
  service nginx TERM <<RUN
exec \$watched '$nginx' -e stderr -c '$data/run/nginx.conf' -p '$data/run' -g 'daemon off;'
RUN
}

# The configuration of a pool of PHP workers: name, number, requests until one is replaced.
workers() {
  cat > "$data/run/$1.conf" <<CONF
[global]
error_log = /proc/self/fd/2
log_limit = 8192
daemonize = no
[$1]
listen = $sockets/$1.sock
listen.mode = 0600
listen.backlog = 128
pm = static
pm.max_children = $2
pm.max_requests = $3
request_terminate_timeout = 120s
clear_env = no
catch_workers_output = yes
decorate_workers_output = no
php_admin_value[memory_limit] = 256M
CONF
}

application_environment() {
  local database="\"\$(cat '$data/secrets/database-url')\""
  [ -z "${DATABASE_URL:-}" ] || database="$(printf %q "$DATABASE_URL")"
  cat <<RUN
export APP_ENV=$APP_ENV APP_DEBUG=$APP_DEBUG RIGGER_DATA='$data' RIGGER_CACHE_DIR='$RIGGER_CACHE_DIR' RIGGER_LOG=php://stderr PGBIN='$pgbin'
export APP_SECRET="\$(cat '$data/secrets/signing')" DATABASE_URL=$database
${RIGGER_UPKEEP_URL:+export RIGGER_UPKEEP_URL=$(printf %q "$RIGGER_UPKEEP_URL")}
RUN
}

write_nginx() {
  cat > "$data/run/headers.conf" <<'CONF'
add_header X-Content-Type-Options nosniff always;
add_header Content-Security-Policy "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;
add_header Referrer-Policy same-origin always;
add_header Permissions-Policy "midi=(self), microphone=(self), screen-wake-lock=(self), camera=(), geolocation=(), payment=(), usb=(), serial=(), bluetooth=(), display-capture=()" always;
add_header Cross-Origin-Opener-Policy same-origin always;
add_header Cross-Origin-Resource-Policy same-origin always;
CONF
  cat > "$data/run/php-request.conf" <<'CONF'
include /etc/nginx/fastcgi_params;
fastcgi_param SCRIPT_FILENAME $document_root/index.php;
fastcgi_param SCRIPT_NAME /index.php;
# Debian's own file drops the port, by which the application knows its own pages.
fastcgi_param HTTP_HOST $host:$server_port;
fastcgi_param HTTP_PROXY "";
fastcgi_buffering on;
CONF
  cat > "$data/run/nginx.conf" <<CONF
worker_processes 1;
pid $data/run/nginx.pid;
error_log stderr warn;
events { worker_connections 512; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  sendfile on; tcp_nodelay on; keepalive_timeout 30; keepalive_requests 100000; server_tokens off;
  client_max_body_size 64m; client_body_buffer_size 128k; large_client_header_buffers 4 16k;
  gzip on; gzip_comp_level 5; gzip_min_length 1024; gzip_types text/css application/javascript application/json image/svg+xml;
  client_body_temp_path $data/run/upload/body; proxy_temp_path $data/run/upload/proxy; fastcgi_temp_path $data/run/upload/fcgi;
  uwsgi_temp_path $data/run/upload/uwsgi; scgi_temp_path $data/run/upload/scgi;
  upstream play { server unix:$sockets/play.sock; keepalive 32; }
  # Reached by another name, it is somebody's trick.
  server { listen 127.0.0.1:$port default_server; include $data/run/headers.conf; return 421; }
  server {
    listen 127.0.0.1:$port;
    server_name 127.0.0.1 localhost;
    root $code/public;
    include $data/run/headers.conf;
    location ^~ /build/ { gzip_static on; expires 1y; include $data/run/headers.conf; add_header Cache-Control "public, immutable" always; try_files \$uri =404; }
    # The stand-in for the real desk: windows follow what it sends.
    location ^~ /stream/ { limit_except GET { deny all; } proxy_pass http://unix:$sockets/desk.sock:; proxy_http_version 1.1; proxy_set_header X-Client "\$remote_addr \$http_user_agent"; proxy_buffering off; proxy_read_timeout 1h; gzip off; }
    # The playback process: commands in, frames out.
    location ^~ /play/ {
      client_max_body_size 1m; proxy_pass http://play; proxy_http_version 1.1; proxy_set_header Connection ""; proxy_set_header X-Page-Origin "\$scheme://\$http_host";
      proxy_buffering off; proxy_read_timeout 1h; error_page 502 504 = @away; error_page 413 = @large;
    }
    # What people bring is read by workers of its own.
    location ~ ^/api/(charts/text|imports?|backups/upload|rigs/[^/]+/patch-list(/preview)?)\$ {
      include $data/run/php-request.conf; fastcgi_read_timeout 100s; fastcgi_pass unix:$sockets/readers.sock;
      error_page 500 = @full; error_page 502 504 = @away; error_page 413 = @large;
    }
    location / { try_files \$uri /index.php\$is_args\$args; error_page 500 = @full; error_page 413 = @large; }
    location = /index.php {
      internal;
      include $data/run/php-request.conf; fastcgi_read_timeout 120s; fastcgi_pass unix:$sockets/php.sock;
      error_page 500 = @full; error_page 502 504 = @away;
    }
    # nginx itself fails so when it cannot keep what is sent to it.
    location @full {
      include $data/run/headers.conf; default_type application/problem+json;
      return 507 '{"type":"disk_full","title":"The disk is full","status":507,"detail":"The disk of this machine is full, so nothing was changed. Make room on it, then try again.","violations":[]}';
    }
    location @away {
      include $data/run/headers.conf; add_header Retry-After 1 always; default_type application/problem+json;
      return 503 '{"type":"away","title":"Rigger does not answer","status":503,"detail":"Rigger does not answer for a moment. Nothing is lost; trying again by itself.","violations":[]}';
    }
    location @large {
      include $data/run/headers.conf; default_type application/problem+json;
      return 413 '{"type":"too_large","title":"Too large","status":413,"detail":"That is too large: at most 64 MB are taken.","violations":[]}';
    }
    location ~ \.php\$ { return 404; }
  }
}
CONF
}

# watch NAME: a runsv for the service, out of reach of the terminal's signals.
declare -A watchers=()
watch() { setsid setpriv --pdeathsig TERM runsv "$services/$1" </dev/null >/dev/null 2>&1 9>&- & watchers[$1]=$!; }

# Starts again whoever watches, when that one has died itself.
keep_watching() {
  local name
  for name in "${!watchers[@]}"; do kill -0 "${watchers[$name]}" 2>/dev/null || { say "The watcher of $name had died; it is back."; watch "$name"; }; done
}

stop_services() {
  local name; local -a others=()
  for name in "${!watchers[@]}"; do [ "$name" = database ] || others+=("$services/$name"); done
  [ ${#others[@]} -eq 0 ] || sv -w 10 force-shutdown "${others[@]}" >/dev/null 2>&1 || true
  [ -z "${watchers[database]:-}" ] || sv -w 60 shutdown "$services/database" >/dev/null 2>&1 || true
  wait "${watchers[@]}" 2>/dev/null || true
}
