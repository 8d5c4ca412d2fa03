# The demo shop as tests and pictures find it, with the papers that the worker makes of it: loaded once for a state of the
# sources and a day, since its cases are so many days old; then kept beside the other caches.

kept_demo_key() {
  (
    cd "$ROOT"
    date +%F
    find src core config templates assets books demo migrations vendor/.made-from -type f -print0 | sort -z | xargs -0 sha256sum
  ) | sha256sum | cut -c1-32
}

# Messages that the worker has not taken yet.
messages_left() {
  "$PGBIN/psql" -h 127.0.0.1 -p "$PGPORT" -U japhrex -d "$1" -Atqc "SELECT count(*) FROM messenger_messages WHERE queue_name = 'default'"
}

# Does what waits for the worker, on both cores; ended as soon as nothing waits, which one that counts its own cannot know.
work_off() {
  local pids=() i left=1
  for _ in 1 2; do
    php bin/console messenger:consume work --time-limit=600 --sleep=0.2 -q & pids+=($!)
  done
  for ((i = 0; i < 1200; i++)); do
    left=$(messages_left "$1")
    [ "$left" != 0 ] || break
    sleep 0.5
  done
  kill "${pids[@]}" 2>/dev/null || true
  wait "${pids[@]}" || true
  [ "$left" = 0 ] || { echo "japhrex: the papers of the demo are not made" >&2; return 1; }
}

# kept_demo DATABASE: fills an empty, migrated database and the store of this run. Who comes while it is made waits for it.
kept_demo() (
  mkdir -p "$VAR/cache"
  exec 9>"$VAR/cache/demo.lock"
  flock 9
  database=$1
  kept="$VAR/cache/demo/$(kept_demo_key)"
  if [ -f "$kept/shop.sql" ]; then
    "$PGBIN/dropdb" -h 127.0.0.1 -p "$PGPORT" -U japhrex "$database"
    make_database "$database"
    quietly "$PGBIN/psql" -h 127.0.0.1 -p "$PGPORT" -U japhrex -d "$database" -qX -v ON_ERROR_STOP=1 -f "$kept/shop.sql"
    grant_app "$database"
    # The folder may be there already, empty.
    mkdir -p "$JAPHREX_STORE"
    cp -a "$kept/store/." "$JAPHREX_STORE/"
    return 0
  fi
  quietly php bin/console app:demo
  work_off "$database"
  quietly php bin/console app:remember
  rm -rf "$VAR/cache/demo"
  mkdir -p "$kept"
  cp -a "$JAPHREX_STORE" "$kept/store"
  "$PGBIN/pg_dump" -h 127.0.0.1 -p "$PGPORT" -U japhrex --no-owner --no-privileges "$database" >"$kept/shop.sql.part"
  mv "$kept/shop.sql.part" "$kept/shop.sql"
)
