# Everything that must hold, from style to a browser walking a whole case. PHPUnit comes last.

step() { printf '\n== %s\n' "$*"; }

run_checks() {
  step "Style"; php vendor/bin/php-cs-fixer check --quiet --show-progress=none || { php vendor/bin/php-cs-fixer check --diff --show-progress=none | head -60; exit 1; }
  step "Scripts"; npx --no-install biome check --error-on-warnings assets/scripts tests/browser bin/vendor-assets.mjs
  step "Types and architecture"; php vendor/bin/phpstan analyse --no-progress --memory-limit=1500M -q -c phpstan.core.neon || php vendor/bin/phpstan analyse --no-progress --memory-limit=1500M -c phpstan.core.neon
  php vendor/bin/phpstan analyse --no-progress --memory-limit=1500M -q || php vendor/bin/phpstan analyse --no-progress --memory-limit=1500M
  step "Books"; php bin/book check
  step "Core without kernel or database"; env -u DATABASE_URL php vendor/bin/phpunit --testsuite core --no-progress
  step "Server on a throwaway cluster"; throwaway_stack
  quietly php bin/console lint:container && quietly php bin/console lint:twig templates && quietly php bin/console lint:yaml --parse-tags config books
  echo "container, templates and YAML are sound"
  step "Migrations: up, down, up"
  make_database japhrex_test
  local owner; owner=$(database_url japhrex_test)
  migrate japhrex_test && DATABASE_URL=$owner quietly php bin/console doctrine:migrations:migrate first -n && migrate japhrex_test && DATABASE_URL=$owner quietly php bin/console doctrine:schema:validate && echo "in step with the entities"
  step "Browser"; npx --no-install playwright test -c tests/browser/playwright.config.mjs
  step "Application, on two databases"
  local lane; for lane in 1 2; do clone_database japhrex_test "japhrex_test_$lane"; done
  DATABASE_URL=$(app_database_url japhrex_test) DATABASE_OWNER_URL=$owner APP_ENV=test JAPHREX_STORE="$SCRATCH/test-store" php vendor/bin/paratest --processes=2 --testsuite app --no-progress
}

# run_bench [photos|chain|stories|recording]: the pages, the taking in of photos, the inference, failures whose origin is known, or a recording of the stand.
run_bench() {
  case "${1:-}" in
    chain | stories | recording) exec php -d memory_limit=1G -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d zend.enable_gc=0 "bin/bench-$1" "${@:2}" ;;
  esac
  throwaway_stack
  if [ "${1:-}" = photos ]; then
    export BENCH_PHOTO="$SCRATCH/photo.jpg"
    php -d opcache.enable_cli=1 bin/console app:bench:photos
    php bin/bench-photos "$BASE_URL"
  else php bin/bench "$BASE_URL"
  fi
}

run_shots() { throwaway_stack; node tests/browser/shots.mjs; }
