# What is measured, and the pictures: each on a throwaway stack or on none.

JIT="-d memory_limit=1G -d opcache.enable_cli=1 -d opcache.jit=function -d opcache.jit_buffer_size=64M -d zend.enable_gc=0"

# run_bench [scale [CASES]|photos|chain|stories|told|recording]: the pages, the pages of a shop of many years, the taking in of photos,
# the inference, failures whose origin is known, or a recording of the stand.
run_bench() {
  case "${1:-}" in
    # shellcheck disable=SC2086
    chain | stories | told | alike | recording) exec php $JIT "bin/bench-$1" "${@:2}" ;;
  esac
  if [ "${1:-}" = scale ]; then
    throwaway_stack -c shared_preload_libraries=pg_stat_statements -c shared_buffers=512MB
    php bin/bench-scale "$BASE_URL" "${2:-20000}"
    return
  fi
  throwaway_stack
  if [ "${1:-}" = photos ]; then
    export BENCH_PHOTO="$SCRATCH/photo.jpg"
    php -d opcache.enable_cli=1 bin/console app:bench:photos
    php bin/bench-photos "$BASE_URL"
  else php bin/bench "$BASE_URL"
  fi
}

run_shots() { throwaway_stack; node tests/browser/shots.mjs; }
