# What must hold: all of it in two lanes for two cores, or a part of it for who works on that part.

# The engine counts for minutes: compiled, it counts for half as many.
TEST_JIT="'-d' 'opcache.enable_cli=1' '-d' 'opcache.jit=function' '-d' 'opcache.jit_buffer_size=64M'"

step() { printf '\n== %s\n' "$*"; }

# Runs a check quietly; what it has to say is shown only when it fails.
holds() {
  local said
  said=$("$@" 2>&1) || { printf '%s\n' "$said" | tail -60; return 1; }
}

stan() { php vendor/bin/phpstan analyse --no-progress --memory-limit=1500M "$@"; }

test_style() {
  step "Style"
  holds php vendor/bin/php-cs-fixer check --diff --show-progress=none
  php bin/columns
  npx --no-install biome check --error-on-warnings assets/scripts tests/browser tests/attack tests/faults tests/nodes bin/vendor-assets.mjs
  node bin/vendor-assets.mjs --check
  if [ -f vendor/.ranges ]; then echo "packages are not those of composer.versions.json"; else php bin/versions check; fi
  audit
  step "Types and architecture"
  holds stan -c phpstan.core.neon
  holds stan
  holds stan -c phpstan.bin.neon
}

# Known weaknesses of the packages, where the registries answer; where they do not, it says so and goes on.
audit() {
  step "Known weaknesses of packages"
  local said rc
  for tool in "composer audit --no-dev --no-interaction" "npm audit --audit-level=high"; do
    rc=0; said=$(timeout 40 $tool 2>&1) || rc=$?
    if [ "$rc" = 0 ]; then echo "${tool%% *}: none is known"
    elif grep -qE 'Found [0-9]+ security|# npm audit report' <<<"$said"; then printf '%s\n' "$said" | tail -40; return 1
    else echo "${tool%% *}: the registry does not answer"; fi
  done
}

# test_core [options of PHPUnit]
test_core() {
  step "Books"; php bin/book check
  step "Core without kernel or database"
  env -u DATABASE_URL php vendor/bin/paratest --processes=2 --passthru-php="$TEST_JIT" --testsuite core --no-progress "$@"
}

# A cluster that ends with this run, with an empty database of the tests.
test_cluster() {
  SCRATCH=$(mktemp -d)
  export JAPHREX_STORE="$SCRATCH/store"
  trap 'end_stack; rm -rf "$SCRATCH"' EXIT
  make_cluster "$SCRATCH/pg" --no-sync; STACK_CLUSTER=$SCRATCH/pg
  start_cluster "$SCRATCH/pg" -c fsync=off -c synchronous_commit=off
  make_app_role "$SCRATCH/pg"
}

test_migrations() {
  step "Migrations: up, down, up"
  make_database japhrex_test
  local owner; owner=$(database_url japhrex_test)
  migrate japhrex_test
  JAPHREX_STEP_DOWN=yes DATABASE_URL=$owner quietly php bin/console doctrine:migrations:migrate first -n
  migrate japhrex_test
  DATABASE_URL=$owner quietly php bin/console doctrine:schema:validate
  echo "in step with the entities"
}

# The container of the tests is kept until something that goes into it changes.
fresh_container() {
  local cache=var/cache/test
  if [ -f "$cache/.made" ] &&
    [ -z "$(find src core config templates books composer.json -newer "$cache/.made" -print -quit)" ]; then return 0; fi
  rm -rf "$cache"
  APP_ENV=test APP_DEBUG=0 APP_SECRET=test DATABASE_URL=$(app_database_url japhrex_test) quietly php bin/console cache:warmup
  touch "$cache/.made"
}

# The demo in a database of its own, for the tests that look at it.
demo_beside() (
  export JAPHREX_STORE="$SCRATCH/demo-store"
  app_env japhrex_demo
  warm
  make_database japhrex_demo
  migrate japhrex_demo
  kept_demo japhrex_demo
)

# test_app [options of PHPUnit, or one file]
test_app() {
  step "Application, on two databases"
  fresh_container
  local lane suite=(--testsuite app)
  for lane in 1 2; do clone_database japhrex_test "japhrex_test_$lane"; done
  case "${1:-DemoShop}" in *DemoShop* | *Backup*) demo_beside ;; esac
  case "${1:-}" in *.php) suite=() ;; esac
  DEMO_DATABASE_URL=$(app_database_url japhrex_demo) DEMO_JAPHREX_STORE="$SCRATCH/demo-store" \
    DATABASE_URL=$(app_database_url japhrex_test) DATABASE_OWNER_URL=$(database_url japhrex_test) \
    APP_ENV=test JAPHREX_STORE="$SCRATCH/test-store" \
    php vendor/bin/paratest --processes=2 --passthru-php="$TEST_JIT" "${suite[@]}" --no-progress "$@"
}

# test_browser [files or options of Playwright]
test_browser() {
  step "Container, templates, configuration"
  quietly php bin/console lint:container
  quietly php bin/console lint:twig templates
  quietly php bin/console lint:yaml --parse-tags config books
  echo "sound"
  step "Browser"
  npx --no-install playwright test -c tests/browser/playwright.config.mjs "$@"
}

# What strangers and roles beyond their rights could try; every answer is looked at.
test_attack() {
  step "Attack"
  php bin/console debug:router --format=json >"$SCRATCH/routes.json"
  ROUTES="$SCRATCH/routes.json" node tests/attack/attack.mjs
}

# A disk of its own in memory, which can be filled; for root only.
small_disk() {
  [ "$(id -u)" = 0 ] || { echo "The full disk is left out: only root makes one." >&2; return 0; }
  SMALL=$(mktemp -d)
  mount -t tmpfs -o size="$1",mode=1777 tmpfs "$SMALL"
  export SMALL TMPDIR=$SMALL
}

# A clock of PHP alone, moved by what stands in a file, as that of a node that is wrong.
moved_clock() {
  local lib; lib=/usr/lib/$(uname -m)-linux-gnu/faketime/libfaketime.so.1
  [ -f "$lib" ] || { [ "$(id -u)" = 0 ] && quietly apt-get install -y --no-install-recommends libfaketime; } ||
    { echo "The clock is not moved: libfaketime is not here." >&2; return 0; }
  CLOCK=$(mktemp); export CLOCK
  echo +0 >"$CLOCK"
  UNDER=(env LD_PRELOAD="$lib" FAKETIME_TIMESTAMP_FILE="$CLOCK" FAKETIME_CACHE_DURATION=1 FAKETIME_DONT_FAKE_MONOTONIC=1)
}

# test_faults [KILLS of each part]: on disks that are trusted only when they say so, as in a shop.
test_faults() {
  step "Faults"
  KILLS="${1:-100}" FOLDER="$SCRATCH/pg" PARTS="${STACK_PARTS[*]}" node tests/faults/faults.mjs
  php bin/console app:verify
}

# Two web nodes and two workers of one shop behind a balancer, one of each killed at work.
test_nodes() {
  test_cluster
  step "Nodes"
  app_env japhrex_nodes
  make_database japhrex_nodes
  migrate japhrex_nodes
  node tests/nodes/nodes.mjs
}

# run_tests [core|app|browser|style|quick] [what to run of it]
run_tests() {
  local part=${1:-all}; [ $# = 0 ] || shift
  case "$part" in
    style) test_style ;;
    core) test_core "$@" ;;
    # What a change needs at once: style, types and the rules of the trade, without the long runs of the engine.
    quick) test_style; test_core --exclude-group slow ;;
    app) test_cluster; app_env japhrex_test; make_database japhrex_test; migrate japhrex_test; test_app "$@" ;;
    browser) throwaway_stack; test_browser "$@" ;;
    attack) throwaway_stack; test_attack ;;
    nodes) test_nodes ;;
    faults)
      small_disk 1500m
      moved_clock
      throwaway_stack -c fsync=on -c synchronous_commit=on
      trap 'end_stack; rm -rf "$SCRATCH"; [ -z "${SMALL:-}" ] || umount -l "$SMALL"' EXIT
      test_faults "$@"
      ;;
    all) test_all ;;
    *) echo "japhrex: ./japhrex test [core|app|browser|style|quick|attack|nodes|faults]" >&2; exit 2 ;;
  esac
}

# Two lanes for two cores: one checks what needs no server, and then the application on a cluster of its own; the other walks the shop in
# a browser. Who waits for a page leaves its core to the other.
test_all() {
  local said; said=$(mktemp)
  (set -e; test_style; test_core; test_cluster; app_env japhrex_test; test_migrations; test_app) >"$said" 2>&1 &
  LANE=$!
  step "Server on a throwaway cluster"; throwaway_stack
  # Where this lane fails there is nothing to wait for in the other.
  trap 'kill $LANE 2>/dev/null || true; end_stack; rm -rf "$SCRATCH"' EXIT
  test_browser
  wait "$LANE" || { cat "$said"; exit 1; }
  LANE=
  cat "$said"; rm -f "$said"
}
