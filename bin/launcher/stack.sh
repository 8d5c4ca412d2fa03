# nginx, php-fpm and the worker: started here, ended here, nothing else touched.

VAR="$ROOT/var"
STACK_PIDS=()
STACK_TMP=""
STACK_CLUSTER=""

# Ends what this run started, the last first.
end_stack() {
  local i
  trap '' INT TERM
  for ((i = ${#STACK_PIDS[@]} - 1; i >= 0; i--)); do kill "${STACK_PIDS[i]}" 2>/dev/null || true; done
  for ((i = ${#STACK_PIDS[@]} - 1; i >= 0; i--)); do wait "${STACK_PIDS[i]}" 2>/dev/null || true; done
  STACK_PIDS=()
  [ -z "$STACK_CLUSTER" ] || stop_cluster "$STACK_CLUSTER"
  [ -z "$STACK_TMP" ] || rm -rf "$STACK_TMP"
  STACK_CLUSTER="" STACK_TMP=""
}

# Runs a command and shows what it said only if it fails.
quietly() {
  local said
  said=$("$@" 2>&1) || { printf '%s\n' "$said" | tail -30 >&2; return 1; }
}

# The environment of the application. `$1` is the database.
app_env() {
  mkdir -p "$VAR"
  [ -f "$VAR/secret" ] || (umask 077; php -r 'echo bin2hex(random_bytes(24));' >"$VAR/secret")
  export APP_SECRET APP_ENV=prod APP_DEBUG=0 DATABASE_URL DATABASE_OWNER_URL
  APP_SECRET=$(cat "$VAR/secret")
  DATABASE_URL=$(app_database_url "$1")
  DATABASE_OWNER_URL=$(database_url "$1")
}

# Compiles the container when a file that it is made of has changed since.
warm() {
  local stamp="$VAR/cache/prod/.warm"
  if [ -f "$stamp" ] &&
    [ -z "$(find src core config templates books vendor/.made-from .env -newer "$stamp" -print -quit)" ]; then return 0; fi
  rm -rf "$VAR/cache/prod"
  quietly php bin/console cache:warmup --env=prod
  touch "$stamp"
}

worker() {
  local child=""
  trap 'trap "" TERM; [ -z "$child" ] || kill "$child" 2>/dev/null; wait; exit 0' TERM INT
  while :; do
    php bin/console messenger:consume work --time-limit=3600 --memory-limit=256M --sleep=0.3 -q & child=$!
    wait "$child" || true
    sleep 1
  done
}

# Takes what lands in the inbox folder; begun anew every hour, as the worker is.
inbox() {
  local child=""
  trap 'trap "" TERM; [ -z "$child" ] || kill "$child" 2>/dev/null; wait; exit 0' TERM INT
  mkdir -p "${JAPHREX_INBOX:-$VAR/inbox}"
  while :; do
    php bin/console app:inbox --watch & child=$!
    wait "$child" || true
    sleep 2
  done
}

# Checks everything that carries a digest at three in the morning; what it finds wrong stands on the floor and over the case. What was
# kept and is kept no longer is cleared away first.
nightly() {
  local child=""
  trap 'trap "" TERM; [ -z "$child" ] || kill "$child" 2>/dev/null; wait; exit 0' TERM INT
  while :; do
    sleep $(($(date -d 'tomorrow 03:00' +%s) - $(date +%s))) & child=$!
    wait "$child" || true
    php bin/console cache:pool:prune -q & child=$!
    wait "$child" || true
    php bin/console app:verify & child=$!
    wait "$child" || true
  done
}

# Remembers what an update, an import or a command has changed; what is done on a page is remembered with it.
remembering() {
  local child=""
  trap 'trap "" TERM; [ -z "$child" ] || kill "$child" 2>/dev/null; wait; exit 0' TERM INT
  while :; do
    php bin/console app:remember -q & child=$!
    wait "$child" || true
    sleep 120 & child=$!
    wait "$child" || true
  done
}

# serve PORT: nginx and php-fpm in front of the application, and the worker behind it.
serve() {
  local port=$1 who; who=$(id -un)
  STACK_TMP=$(mktemp -d /tmp/japhrex.XXXXXX)
  mkdir -p "$STACK_TMP/nginx" "$VAR/log"
  cat >"$STACK_TMP/fpm.conf" <<CONF
[global]
error_log = $VAR/log/php-fpm.log
daemonize = no
[japhrex]
$([ "$(id -u)" != 0 ] || printf 'user = %s\ngroup = %s\n' "$who" "$(id -gn)")
listen = $STACK_TMP/fpm.sock
listen.mode = 0600
pm = static
pm.max_children = 6
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[upload_max_filesize] = 60M
php_admin_value[post_max_size] = 600M
php_admin_value[max_file_uploads] = 200
php_admin_value[upload_tmp_dir] = $STACK_TMP
php_admin_value[memory_limit] = 256M
; Pages that wait for a gauge hold a worker each; they have workers of their own, so that they cannot use up the others.
[streams]
$([ "$(id -u)" != 0 ] || printf 'user = %s\ngroup = %s\n' "$who" "$(id -gn)")
listen = $STACK_TMP/streams.sock
listen.mode = 0600
pm = ondemand
pm.max_children = 24
pm.process_idle_timeout = 20s
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 128M
CONF
  cat >"$STACK_TMP/nginx.conf" <<CONF
daemon off;
pid $STACK_TMP/nginx.pid;
error_log $VAR/log/nginx.log warn;
worker_processes 2;
$([ "$(id -u)" != 0 ] || echo "user $who $(id -gn);")
events { worker_connections 256; }
http {
  types { text/css css; application/javascript js mjs; image/svg+xml svg; font/woff2 woff2; text/plain txt; }
  default_type application/octet-stream;
  access_log off;
  sendfile on;
  server_tokens off;
  gzip on; gzip_types text/css application/javascript image/svg+xml application/json; gzip_min_length 600; gzip_comp_level 6;
  client_max_body_size 600m;
  client_body_temp_path $STACK_TMP/nginx/body;
  proxy_temp_path $STACK_TMP/nginx/proxy;
  fastcgi_temp_path $STACK_TMP/nginx/fastcgi;
  uwsgi_temp_path $STACK_TMP/nginx/uwsgi;
  scgi_temp_path $STACK_TMP/nginx/scgi;
  server {
    listen ${LISTEN:-127.0.0.1}:$port;
    root $ROOT/public;
    # The one script that is ever executed; whatever else is asked for is a route of the application.
    include /etc/nginx/fastcgi_params;
    fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
    fastcgi_param SCRIPT_NAME /index.php;
    fastcgi_param HTTP_HOST \$host:\$server_port;
    fastcgi_param HTTP_PROXY "";
    fastcgi_read_timeout 120s;
    # The folder of a version changes when any file does (decision 0022); the service worker in it is for all pages.
    location ~ ^/assets/v-[0-9a-f]+/(.+)\$ {
      alias $ROOT/assets/\$1;
      expires 1y;
      add_header Cache-Control "public, immutable";
      add_header Service-Worker-Allowed /;
      add_header X-Content-Type-Options nosniff;
    }
    location = /gauges/stream {
      fastcgi_pass unix:$STACK_TMP/streams.sock;
      fastcgi_buffering off;
      gzip off;
    }
    location / {
      fastcgi_pass unix:$STACK_TMP/fpm.sock;
      fastcgi_buffers 16 32k;
      fastcgi_buffer_size 64k;
    }
  }
}
CONF
  local root_too=(); [ "$(id -u)" != 0 ] || root_too=(-R)
  /usr/sbin/php-fpm8.2 "${root_too[@]}" -y "$STACK_TMP/fpm.conf" -d opcache.enable=1 -d opcache.memory_consumption=192 \
    -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d realpath_cache_size=4M -d expose_php=0 \
    -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
    >>"$VAR/log/php-fpm.log" 2>&1 & STACK_PIDS+=($!)
  /usr/sbin/nginx -c "$STACK_TMP/nginx.conf" -e "$VAR/log/nginx.log" >>"$VAR/log/nginx.log" 2>&1 & STACK_PIDS+=($!)
  worker >>"$VAR/log/worker.log" 2>&1 & STACK_PIDS+=($!)
  inbox >>"$VAR/log/inbox.log" 2>&1 & STACK_PIDS+=($!)
  nightly >>"$VAR/log/verify.log" 2>&1 & STACK_PIDS+=($!)
  remembering >>"$VAR/log/remember.log" 2>&1 & STACK_PIDS+=($!)
  local i
  for ((i = 0; i < 100; i++)); do
    php -r 'exit(@file_get_contents($argv[1]) === "" ? 0 : 1);' "http://127.0.0.1:$port/empty" 2>/dev/null && return 0
    sleep 0.1
  done
  tail -5 "$VAR/log/nginx.log" "$VAR/log/php-fpm.log" >&2; echo "The server did not come up; see var/log." >&2; exit 1
}

# migrate DATABASE: as the owner of the tables; the application then gets its rights.
migrate() {
  DATABASE_URL=$(database_url "$1") quietly php bin/console doctrine:migrations:migrate -n --allow-no-migration && grant_app "$1"
}

# A new shop gets the demo.
fill() { quietly php bin/console app:demo --if-empty; }

# start_stack FILL CLUSTER DATABASE PORT [PostgreSQL options]: everything up to a page that answers; FILL puts the demo into an
# empty shop.
start_stack() {
  local fill=$1 cluster=$2 database=$3 port=$4; shift 4
  trap end_stack EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM
  make_cluster "$cluster"
  STACK_CLUSTER=$cluster
  start_cluster "$cluster" "$@"
  make_database "$database"
  make_app_role "$cluster"
  app_env "$database"
  warm
  migrate "$database"
  "$fill" "$database"
  serve "$port"
}

port_is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"; }

start_shop() {
  mkdir -p "$VAR"
  if [ -f "$VAR/running" ] && kill -0 "$(head -1 "$VAR/running")" 2>/dev/null &&
    grep -q japhrex "/proc/$(head -1 "$VAR/running")/cmdline" 2>/dev/null; then
    echo "Already running: $(sed -n 2p "$VAR/running"). Stop it with ./japhrex stop."; exit 0
  fi
  local port=${PORT:-8470}
  port_is_free "$port" || port=$(free_port)
  export JAPHREX_STORE="${JAPHREX_STORE:-$VAR/store}"
  # Phones come over the shop's network; the code that they scan holds the address by which they reach this machine.
  if [ -n "${LISTEN:-}" ]; then
    export JAPHREX_ADDRESS="${JAPHREX_ADDRESS:-http://$([ "$LISTEN" = 0.0.0.0 ] && hostname -I | cut -d' ' -f1 || echo "$LISTEN"):$port}"
  fi
  start_stack fill "$VAR/pg" japhrex "$port"
  (umask 077; printf '%s\nhttp://127.0.0.1:%s/\n%s\n%s\n' "$$" "$port" "$DATABASE_URL" "$JAPHREX_STORE" >"$VAR/running")
  trap 'rm -f "$VAR/running"; end_stack' EXIT
  local reach="Only this machine reaches it. LISTEN=0.0.0.0 ./japhrex start opens it to phones in the shop's network."
  [ -z "${JAPHREX_ADDRESS:-}" ] || reach="Phones reach it at $JAPHREX_ADDRESS"
  cat <<TEXT

  Japhrex is open at  http://127.0.0.1:$port/

  desk      service desk: takes units in         bench     bench 2: strips, photographs, measures
  analyst   analyst 1: judges and signs          second    analyst 2: the second pair of eyes
  viewer    looks                                password of all demo log-ins: ostrey-quay

  $reach

  Ctrl-C ends everything it started.
TEXT
  # The parts restart themselves where they can; if the server itself dies, say so and end.
  wait -n "${STACK_PIDS[@]}" || true
  echo "A part of the server ended by itself; see var/log." >&2
  exit 1
}

stop_shop() {
  if [ -f "$VAR/running" ] && kill -0 "$(head -1 "$VAR/running")" 2>/dev/null; then
    local pid; pid=$(head -1 "$VAR/running")
    kill -TERM "$pid"
    while kill -0 "$pid" 2>/dev/null; do sleep 0.2; done
    echo "Stopped."
  else
    echo "Nothing is running from this folder."
  fi
}

# Runs a command with the environment of the running shop.
with_running_shop() {
  [ -f "$VAR/running" ] || { echo "Start the shop first: ./japhrex start" >&2; exit 1; }
  export APP_SECRET APP_ENV=prod APP_DEBUG=0 DATABASE_URL JAPHREX_STORE
  APP_SECRET=$(cat "$VAR/secret")
  DATABASE_URL=$(sed -n 3p "$VAR/running")
  JAPHREX_STORE=$(sed -n 4p "$VAR/running")
  "$@"
}

# A whole stack on a throwaway cluster; sets BASE_URL. Used by tests, the benchmark and the pictures.
# throwaway_stack [options of PostgreSQL]
throwaway_stack() {
  SCRATCH=$(mktemp -d)
  export JAPHREX_STORE="$SCRATCH/store" BASE_URL
  local port; port=$(free_port)
  BASE_URL="http://127.0.0.1:$port"
  start_stack kept_demo "$SCRATCH/pg" japhrex "$port" -c fsync=off -c synchronous_commit=off "$@"
  trap 'end_stack; rm -rf "$SCRATCH"' EXIT
}
