# nginx, php-fpm and the worker: started here, ended here, nothing else touched.

# Several nodes of one folder each have a place of their own.
VAR="${JAPHREX_VAR:-$ROOT/var}"
STACK_PIDS=()
STACK_PARTS=()
STACK_TMP=""
STACK_CLUSTER=""
# What PHP runs under; the tests give it another clock.
UNDER=()

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
  export APP_SECRET APP_ENV=prod APP_DEBUG=0 DATABASE_URL DATABASE_OWNER_URL JAPHREX_TOOL_LIMITS
  APP_SECRET=$(cat "$VAR/secret")
  JAPHREX_TOOL_LIMITS=$(tool_limits)
  DATABASE_URL=$(app_database_url "$1")
  DATABASE_OWNER_URL=$(database_url "$1")
}

# What is run before each tool that reads what came from outside: four gigabytes, two minutes, files of one gigabyte, no network.
tool_limits() {
  local limits="prlimit --as=4294967296 --cpu=120 --fsize=1073741824 --core=0 --nofile=256"
  if unshare --map-current-user --net true 2>/dev/null; then limits="unshare --map-current-user --net $limits"; fi
  echo "$limits"
}

# Compiles the container when a file that it is made of has changed since.
warm() {
  local stamp="$ROOT/var/cache/prod/.warm"
  if [ -f "$stamp" ] &&
    [ -z "$(find src core config templates books vendor/.made-from .env -newer "$stamp" -print -quit)" ]; then return 0; fi
  rm -rf "$ROOT/var/cache/prod"
  quietly php bin/console cache:warmup --env=prod
  touch "$stamp"
}

# stays PAUSE command…: runs it, and again so many seconds after it ends by itself, until this is ended. It has a group of its own:
# what a killed master has left behind, and would hold its port, goes before the next one comes.
stays() {
  local pause=$1 child=""; shift
  trap 'trap "" TERM; [ -z "$child" ] || kill "$child" 2>/dev/null; wait; exit 0' TERM INT
  while :; do
    setsid "$@" & child=$!
    wait "$child" || true
    kill -KILL -- "-$child" 2>/dev/null || true
    sleep "$pause" & child=$!
    wait "$child" || true
  done
}

# keep NAME PAUSE command…: a part of the stack that stays, with its own log.
keep() {
  local name=$1; shift
  stays "$@" >>"$VAR/log/$name.log" 2>&1 & STACK_PIDS+=($!)
  STACK_PARTS+=("$name=$!")
}

scheme() { echo "http${JAPHREX_TLS_CERT:+s}"; }

# serve PORT: nginx and php-fpm in front of the application, the worker behind it, and its own database watched.
serve() {
  web "$1"
  workers
  watch_cluster "$STACK_CLUSTER" >>"$VAR/log/database.log" 2>&1 & STACK_PIDS+=($!)
  answers "$1"
}

# web PORT: nginx and php-fpm.
web() {
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
php_admin_value[upload_max_filesize] = 600M
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
; So has what comes into a page once it is worked out: asked for again and again while it is, it holds up no page.
[behind]
$([ "$(id -u)" != 0 ] || printf 'user = %s\ngroup = %s\n' "$who" "$(id -gn)")
listen = $STACK_TMP/behind.sock
listen.mode = 0600
pm = ondemand
pm.max_children = 4
pm.process_idle_timeout = 60s
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 256M
CONF
  cat >"$STACK_TMP/program.conf" <<CONF
fastcgi_pass unix:$STACK_TMP/fpm.sock;
fastcgi_buffers 16 32k;
fastcgi_buffer_size 64k;
CONF
  cat >"$STACK_TMP/nginx.conf" <<CONF
daemon off;
pid $STACK_TMP/nginx.pid;
error_log $VAR/log/nginx.log warn;
worker_processes 2;
$([ "$(id -u)" != 0 ] || echo "user $who $(id -gn);")
events { worker_connections 256; }
http {
  types { text/html html; text/css css; application/javascript js mjs; image/svg+xml svg; font/woff2 woff2; text/plain txt; }
  default_type application/octet-stream;
  access_log off;
  sendfile on;
  # A whole page: the program is free for the next, and nothing goes over the disk, however slow a phone takes it.
  fastcgi_buffers 32 16k; fastcgi_buffer_size 16k;
  server_tokens off;
  gzip on; gzip_types text/css application/javascript image/svg+xml application/json; gzip_min_length 600; gzip_comp_level 6;
  # What is sent is small, except where files come in.
  client_max_body_size 2m;
  client_body_temp_path $STACK_TMP/nginx/body;
  proxy_temp_path $STACK_TMP/nginx/proxy;
  fastcgi_temp_path $STACK_TMP/nginx/fastcgi;
  uwsgi_temp_path $STACK_TMP/nginx/uwsgi;
  scgi_temp_path $STACK_TMP/nginx/scgi;
  server {
    listen ${LISTEN:-127.0.0.1}:$port${JAPHREX_TLS_CERT:+ ssl};
    ${JAPHREX_TLS_CERT:+ssl_certificate $JAPHREX_TLS_CERT; ssl_certificate_key $VAR/tls/key.pem; ssl_protocols TLSv1.2 TLSv1.3;}
    # Who asks in the clear is led to where it is not.
    error_page 497 =301 https://\$host:\$server_port\$request_uri;
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
    location ~ ^/cases/[^/]+/(chain/candidates|like)\$ {
      fastcgi_pass unix:$STACK_TMP/behind.sock;
      fastcgi_buffer_size 64k;
    }
    location ~ ^/(cases|phone|uploads|exchange)/ { client_max_body_size 600m; include $STACK_TMP/program.conf; }
    location ~ ^/(aftercare|settings|prices|library|proof|stands)(/|\$) { client_max_body_size 64m; include $STACK_TMP/program.conf; }
    location ~ ^/(login|welcome|begin) { client_max_body_size 64k; include $STACK_TMP/program.conf; }
    location / { include $STACK_TMP/program.conf; }
    # The program is starting again: said without it.
    error_page 502 504 =503 /away.html;
    location = /away.html { internal; add_header Retry-After 5 always; }
  }
}
CONF
  local root_too=(); [ "$(id -u)" != 0 ] || root_too=(-R -d opcache.preload_user="$who")
  # What every page is made of is linked once, when the server starts. Nothing is compiled to machine code: that brought the pages
  # nothing, and once a wrong zero (decision 0057).
  keep php-fpm 0.2 "${UNDER[@]}" /usr/sbin/php-fpm8.2 "${root_too[@]}" -y "$STACK_TMP/fpm.conf" -d opcache.enable=1 \
    -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 \
    -d realpath_cache_size=4M -d expose_php=0 -d opcache.jit=off -d memory_limit=512M \
    -d opcache.preload="$ROOT/var/cache/prod/App_KernelProdContainer.preload.php"
  keep nginx 0.2 /usr/sbin/nginx -c "$STACK_TMP/nginx.conf" -e "$VAR/log/nginx.log"
}

# What is done behind the pages. Each is begun anew every hour, or when it ends: what it held is given back.
workers() {
  mkdir -p "$VAR/log" "${JAPHREX_INBOX:-$VAR/inbox}"
  keep worker 1 "${UNDER[@]}" php bin/console messenger:consume work --time-limit=3600 --memory-limit=256M --sleep=0.3 -q
  keep inbox 2 php bin/console app:inbox --watch
  keep night 1 php bin/console app:night
  # What an update, an import or a command has changed; what is done on a page is remembered with it.
  keep remember 120 php bin/console app:remember -q
}

# answers PORT: waits for the first page.
answers() {
  local i
  for ((i = 0; i < 100; i++)); do
    php -r '$any = stream_context_create(["ssl" => ["verify_peer" => false, "verify_peer_name" => false]]);
      exit(@file_get_contents($argv[1], context: $any) === "" ? 0 : 1);' "$(scheme)://127.0.0.1:$1/empty" 2>/dev/null && return 0
    sleep 0.1
  done
  tail -5 "$VAR/log/nginx.log" "$VAR/log/php-fpm.log" >&2; echo "The server did not come up; see var/log." >&2; exit 1
}

# migrate DATABASE: as the owner of the tables; the application then gets its rights.
migrate() {
  DATABASE_URL=$(database_url "$1") quietly php bin/console doctrine:migrations:migrate -n --allow-no-migration && grant_app "$1"
}

# start_stack FILL CLUSTER DATABASE PORT [PostgreSQL options]: everything up to a page that answers; FILL puts the demo into an
# empty shop.
start_stack() {
  local fill=$1 cluster=$2 database=$3 port=$4; shift 4
  trap end_stack EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM
  make_cluster "$cluster" ${INITDB:-}
  STACK_CLUSTER=$cluster
  start_cluster "$cluster" "$@"
  make_database "$database"
  make_app_role "$cluster"
  app_env "$database"
  warm
  update "$database"
  "$fill" "$database"
  serve "$port"
}

# A whole stack on a throwaway cluster; sets BASE_URL. Used by tests, the benchmark and the pictures.
# throwaway_stack [options of PostgreSQL]
throwaway_stack() {
  SCRATCH=$(mktemp -d) INITDB=--no-sync
  export JAPHREX_STORE="$SCRATCH/store" BASE_URL
  local port; port=$(free_port)
  BASE_URL="http://127.0.0.1:$port"
  start_stack kept_demo "$SCRATCH/pg" japhrex "$port" -c fsync=off -c synchronous_commit=off "$@"
  trap 'end_stack; rm -rf "$SCRATCH"' EXIT
}
