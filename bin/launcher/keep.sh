# Backups, what comes back from them, and how the shop is.

# The key to encrypt to; made the first time. Whoever holds its other half opens the backups, and nobody else.
backup_key() {
  export JAPHREX_BACKUP_KEYS="${JAPHREX_BACKUP_KEYS:-$VAR/backup-key.pub}"
  [ ! -f "$JAPHREX_BACKUP_KEYS" ] || return 0
  (umask 077; age-keygen -o "$VAR/backup-key.txt" 2>/dev/null)
  age-keygen -y "$VAR/backup-key.txt" >"$JAPHREX_BACKUP_KEYS"
  cat <<TEXT
  The key that opens your backups is now in $VAR/backup-key.txt.
  Keep a copy of it away from this machine, printed too: without it nobody opens a backup, we included.

TEXT
}

# make_backup [TO] [--nightly]: with --nightly there every night from now on.
make_backup() {
  local to="" nightly="" word
  for word in "$@"; do
    case "$word" in --nightly) nightly=yes ;; *) to=$word ;; esac
  done
  if [ -z "$to" ] && [ -f "$VAR/backup-to" ]; then to=$(cat "$VAR/backup-to"); fi
  [ -n "$to" ] || { echo "japhrex: ./japhrex backup TO [--nightly], TO a folder or s3://KEY:SECRET@host/bucket/folder" >&2; exit 2; }
  case "$to" in s3://* | /*) ;; *) to=$PWD/$to ;; esac
  backup_key
  case "$to" in
    /*)
      [ -d "$to" ] || { mkdir -p "$to" && { [ "$(id -u)" != 0 ] || chown "$(stat -c %U "$VAR/running")" "$to"; }; }
      as_shop test -w "$to" || { echo "The shop, which runs as $(stat -c %U "$VAR/running"), may not write into $to." >&2; exit 1; }
      ;;
  esac
  with_running_shop php bin/console app:backup "$to"
  if [ -n "$nightly" ]; then
    (umask 077; printf '%s\n' "$to" >"$VAR/backup-to")
    echo "From now on there every night at three."
  fi
}

# restore_shop FROM [--at TIME] [--key FILE]: into this folder, which must have no shop; or with --list, --check or
# --to-folder DIR beside any.
restore_shop() {
  [ $# -gt 0 ] || { echo "japhrex: ./japhrex restore FROM [--at TIME] [--key FILE] [--list | --check | --to-folder DIR]" >&2; exit 2; }
  case " $* " in *" --key"*) ;; *) set -- "$@" --key "$VAR/backup-key.txt" ;; esac
  mkdir -p "$VAR"
  export JAPHREX_STORE="${JAPHREX_STORE:-$VAR/store}"
  case " $* " in
    *" --list "* | *" --check "* | *" --to-folder"*)
      APP_ENV=prod APP_DEBUG=0 APP_SECRET=none php bin/console app:restore "$@"
      return
      ;;
  esac
  [ ! -e "$VAR/pg" ] || { echo "There is a shop in this folder already; a backup is restored into an empty one only." >&2; exit 1; }
  trap 'stop_cluster "$VAR/pg"; rm -rf "$VAR/pg" "$VAR/pg.log" "$VAR/secret"; [[ $JAPHREX_STORE = s3://* ]] || rm -rf "$JAPHREX_STORE"' EXIT
  make_cluster "$VAR/pg"
  start_cluster "$VAR/pg"
  make_database japhrex
  make_app_role "$VAR/pg"
  app_env japhrex
  warm
  php bin/console app:restore "$@" --secret "$VAR/secret.back"
  mv -f "$VAR/secret.back" "$VAR/secret"
  app_env japhrex
  migrate japhrex
  php bin/console app:verify
  trap - EXIT
  stop_cluster "$VAR/pg"
  echo "It is here. ./japhrex start opens it."
}

# mend FROM [HASH]: what is missing or damaged in the store comes back from a backup.
mend() {
  [ -n "${1:-}" ] || { echo "japhrex: ./japhrex mend FROM [SHA-256] [--key FILE]" >&2; exit 2; }
  local from=$1 key=$VAR/backup-key.txt hashes="" hash failed=0
  shift
  while [ $# -gt 0 ]; do
    case "$1" in --key) key=$2; shift 2 ;; *) hashes="$hashes $1"; shift ;; esac
  done
  if [ -z "$hashes" ]; then
    hashes=$(with_running_shop php bin/console app:verify | grep -v '^orphaned' | grep -oE '\b[0-9a-f]{64}\b' | sort -u || true)
  fi
  [ -n "$hashes" ] || { echo "Nothing is missing or damaged."; return 0; }
  for hash in $hashes; do
    with_running_shop php bin/console app:restore "$from" --key "$key" --file "$hash" || failed=1
  done
  with_running_shop php bin/console app:verify || failed=1
  return "$failed"
}

# empty_shop [--yes]: the demo goes, with everything that was tried in it.
empty_shop() {
  [ -f "$VAR/pg/data/PG_VERSION" ] || { echo "There is nothing here. ./japhrex start --shop begins a shop."; return 0; }
  if is_running; then echo "It is running. ./japhrex stop ends it." >&2; exit 1; fi
  not_as_root empty "$@"
  STACK_CLUSTER=$VAR/pg
  trap end_stack EXIT
  start_cluster "$VAR/pg"
  make_app_role "$VAR/pg"
  app_env japhrex
  warm
  migrate japhrex
  if [ "$(shop_kind)" != demo ]; then echo "This is a shop and not the demo: it stays. Restore or move it by hand." >&2; exit 1; fi
  if [ "${1:-}" != --yes ]; then
    printf 'The demo goes, with everything that was tried in it. Type "empty" to do that: '
    local answer=""
    read -r answer || true
    [ "$answer" = empty ] || { echo "Nothing was done."; exit 1; }
  fi
  end_stack
  trap - EXIT
  rm -rf "$VAR/pg" "$VAR/pg.log" "$VAR/secret" "$VAR/uploads" "$VAR/inbox" "${JAPHREX_STORE:-$VAR/store}"
  echo "Empty. ./japhrex start --shop begins a shop."
}
