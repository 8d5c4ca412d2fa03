# A shop that people work in: what it is for, as whom it runs, where it listens, and what is done beside it.

# update DATABASE: says what this version changes in the tables of a shop, keeps them as they were, and goes back if it fails.
update() {
  local steps before
  steps=$(DATABASE_URL=$(database_url "$1") php bin/console app:steps)
  if [ -z "$steps" ]; then migrate "$1"; return; fi
  before="$VAR/before-update/$(date +%Y%m%dT%H%M%S).dump"
  mkdir -p "$VAR/before-update"
  printf 'This version changes the tables:\n%s\nAs they were before they are kept in %s.\n' "${steps//$'\n'/$'\n'  }" "$before"
  (umask 077; "$PGBIN/pg_dump" -h 127.0.0.1 -p "$PGPORT" -U japhrex --format=custom --no-owner --no-privileges "$1" >"$before")
  # shellcheck disable=SC2012
  ls -t "$VAR"/before-update/*.dump | tail -n +4 | xargs -r rm -f
  if migrate "$1"; then return 0; fi
  echo "The update has failed; the tables are put back as they were. Start the version before again, and report what it said." >&2
  "$PGBIN/dropdb" -h 127.0.0.1 -p "$PGPORT" -U japhrex --force "$1"
  make_database "$1"
  "$PGBIN/pg_restore" -h 127.0.0.1 -p "$PGPORT" -U japhrex --no-owner --no-privileges --exit-on-error -d "$1" "$before"
  # The version before gives the application its rights as it starts.
  grant_app "$1" 2>/dev/null || true
  exit 1
}

# What the database is for: new, demo or shop.
shop_kind() { php bin/console app:shop | head -1; }

# A new database gets the demo, unless it was begun as a shop.
fill() { quietly php bin/console app:demo --if-empty; guard_demo; }

# `start --shop`: nothing goes into it, now or later.
fill_own() { php bin/console app:shop --own || exit 1; }

# Whoever opens the demo to others is told what that means, and says so.
guard_demo() {
  case "${LISTEN:-127.0.0.1}" in 127.* | localhost | ::1) return 0 ;; esac
  if [ "${DEMO_OPEN:-}" = yes ] || [ "$(shop_kind)" != demo ]; then return 0; fi
  cat >&2 <<'TEXT'

  This is the demo: everybody knows the passwords of its people. Whoever reaches this machine could sign in, and change and
  see whatever is put into it. For a shop of your own: ./japhrex empty, then ./japhrex start --shop.

TEXT
  local answer=""
  [ ! -t 0 ] || { printf '  Open the demo to the network all the same? Type "open": ' >&2; read -r answer || true; }
  [ "$answer" = open ] || { echo "  Not started. DEMO_OPEN=yes says so beforehand." >&2; exit 1; }
}

port_is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"; }

# As root, the shop runs as a user of its own, whom everything under var/ then belongs to; nothing that serves is root.
# not_as_root WORDS…: begins `./japhrex WORDS` again as that user.
not_as_root() {
  [ "$(id -u)" = 0 ] || return 0
  id japhrex >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin japhrex
  local as=(setpriv --reuid=japhrex --regid=japhrex --clear-groups --no-new-privs)
  if ! "${as[@]}" test -r "$ROOT/japhrex"; then
    echo "The folder $ROOT lies below one that only root may enter, so the shop would have to run as root. Move it, to /srv for one." >&2
    exit 1
  fi
  # Some archives of packages are readable for whoever unpacked them only.
  chmod -R a+rX "$ROOT"/{assets,bin,books,config,core,demo,migrations,public,src,templates,vendor}
  mkdir -p "$VAR" "$ROOT/var/cache"
  tls
  local place
  for place in "$VAR" "$ROOT/var/cache" "${JAPHREX_STORE:-$VAR}" "${JAPHREX_INBOX:-$VAR}"; do
    [ ! -d "$place" ] || find "$place" -not -user japhrex -not -name backup-key.txt -exec chown -h japhrex:japhrex {} +
  done
  [ "${PORT:-8470}" -ge 1024 ] || as=("${as[@]/--no-new-privs/--inh-caps=+net_bind_service}" --ambient-caps=+net_bind_service)
  cd "$ROOT"
  exec "${as[@]}" env HOME=/nonexistent ./japhrex "$@"
}

# TLS=CERT:KEY takes the shop's certificate, TLS=self makes one for its network, for two years, which browsers ask about once.
# Either is kept under var/tls, where the shop may read it.
tls() {
  [ -n "${TLS:-}" ] || return 0
  local folder=$VAR/tls names=IP:127.0.0.1,DNS:localhost name
  mkdir -p "$folder"
  if [ "$TLS" != self ]; then
    (umask 077; cp "${TLS%%:*}" "$folder/cert.pem"; cp "${TLS#*:}" "$folder/key.pem")
    export JAPHREX_HSTS=yes
  elif ! openssl x509 -checkend 2592000 -noout -in "$folder/cert.pem" >/dev/null 2>&1; then
    for name in $(hostname -I); do names="$names,IP:$name"; done
    (umask 077; openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 730 -keyout "$folder/key.pem" \
      -out "$folder/cert.pem" -subj "/CN=$(hostname)" -addext "subjectAltName=$names,DNS:$(hostname)" 2>/dev/null)
  fi
  export JAPHREX_TLS_CERT=$folder/cert.pem
}

# Whatever is done beside a running shop is done as whoever it runs as.
as_shop() {
  local who; who=$(stat -c %U "$VAR/running")
  if [ "$(id -u)" != 0 ] || [ "$who" = root ]; then "$@"; return; fi
  setpriv --reuid="$who" --regid="$who" --clear-groups env HOME=/nonexistent "$@"
}

# By which names the shop may be asked for, as regular expressions: a link that it makes never leads to another.
trusted_hosts() {
  local names=(localhost 127.0.0.1) name
  # shellcheck disable=SC2207
  [ -z "${LISTEN:-}" ] || names+=($(hostname -I) "$(hostname)" "$(hostname -f 2>/dev/null || hostname)")
  [ -z "${JAPHREX_ADDRESS:-}" ] || names+=("$(php -r 'echo parse_url($argv[1], PHP_URL_HOST);' "$JAPHREX_ADDRESS")")
  for name in "${names[@]}"; do printf '^%s$,' "${name//./\\.}"; done | sed 's/,$//'
}

is_running() {
  [ -f "$VAR/running" ] && kill -0 "$(head -1 "$VAR/running")" 2>/dev/null &&
    grep -q japhrex "/proc/$(head -1 "$VAR/running")/cmdline" 2>/dev/null
}

# start_shop [--shop]
start_shop() {
  local with=fill
  case "${1:-}" in
    --shop) with=fill_own ;;
    ?*) echo "japhrex: ./japhrex start [--shop]" >&2; exit 2 ;;
  esac
  if is_running; then
    echo "Already running: $(sed -n 2p "$VAR/running"). Stop it with ./japhrex stop."; exit 0
  fi
  not_as_root start "$@"
  [ -n "${JAPHREX_TLS_CERT:-}" ] || tls
  mkdir -p "$VAR"
  local port=${PORT:-8470}
  port_is_free "$port" || port=$(free_port)
  export JAPHREX_STORE="${JAPHREX_STORE:-$VAR/store}" SYMFONY_TRUSTED_HOSTS
  # Phones come over the shop's network; the code that they scan holds the address by which they reach this machine.
  if [ -n "${LISTEN:-}" ]; then
    local host=$LISTEN
    [ "$LISTEN" != 0.0.0.0 ] || host=$(hostname -I | cut -d' ' -f1)
    export JAPHREX_ADDRESS="${JAPHREX_ADDRESS:-$(scheme)://$host:$port}"
  fi
  SYMFONY_TRUSTED_HOSTS="${SYMFONY_TRUSTED_HOSTS:-$(trusted_hosts)}"
  start_stack "$with" "$VAR/pg" japhrex "$port"
  (umask 077; printf '%s\n' "$$" "$(scheme)://127.0.0.1:$port/" "$DATABASE_URL" "$JAPHREX_STORE" "$DATABASE_OWNER_URL" >"$VAR/running")
  trap 'rm -f "$VAR/running"; end_stack' EXIT
  local reach="Only this machine reaches it. LISTEN=0.0.0.0 ./japhrex start opens it to phones in the shop's network."
  [ -z "${JAPHREX_ADDRESS:-}" ] || reach="Phones reach it at $JAPHREX_ADDRESS"
  local told key
  told=$(php bin/console app:shop)
  key=$(sed -n 2p <<<"$told")
  printf '\n  Japhrex is open at  %s://127.0.0.1:%s/\n\n' "$(scheme)" "$port"
  if [ "$(head -1 <<<"$told")" = demo ]; then
    cat <<TEXT
  desk      service desk: takes units in         bench     bench 2: strips, photographs, measures
  analyst   analyst 1: judges and signs          second    analyst 2: the second pair of eyes
  viewer    looks                                password of all demo log-ins: ostrey-quay

TEXT
  elif [ -n "$key" ]; then
    printf '  It is empty. Begin it here:  %s://127.0.0.1:%s/begin?key=%s\n\n' "$(scheme)" "$port" "$key"
  fi
  cat <<TEXT
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
  export APP_SECRET APP_ENV=prod APP_DEBUG=0 DATABASE_URL DATABASE_OWNER_URL JAPHREX_STORE
  APP_SECRET=$(cat "$VAR/secret")
  DATABASE_URL=$(sed -n 3p "$VAR/running")
  DATABASE_OWNER_URL=$(sed -n 5p "$VAR/running")
  JAPHREX_STORE=$(sed -n 4p "$VAR/running")
  case "$(sed -n 2p "$VAR/running")" in https:*) export JAPHREX_TLS_CERT=$VAR/tls/cert.pem ;; esac
  as_shop "$@"
}
