# What the machine must have, and how it gets there.

has() { command -v "$1" >/dev/null 2>&1 || [ -x "/usr/sbin/$1" ] || [ -x "/usr/lib/postgresql/15/bin/$1" ]; }

# Prints the Debian packages that are missing for core, serve or test.
missing_packages() {
  local out=() ext=" "
  if has php; then ext=" $(php -m 2>/dev/null | tr '[:upper:]\n' '[:lower:] ') "; else out+=(php8.2-cli); fi
  case "$ext" in *" mbstring "*) ;; *) out+=(php8.2-mbstring) ;; esac
  case "$ext" in *" dom "*) ;; *) out+=(php8.2-xml) ;; esac
  case "$ext" in *" intl "*) ;; *) out+=(php8.2-intl) ;; esac
  has composer || out+=(composer)
  has unzip || out+=(unzip)
  if [ "$1" != core ]; then
    case "$ext" in *" pdo_pgsql "*) ;; *) out+=(php8.2-pgsql) ;; esac
    case "$ext" in *" zend opcache "*) ;; *) out+=(php8.2-opcache) ;; esac
    case "$ext" in *" zip "*) ;; *) out+=(php8.2-zip) ;; esac
    case "$ext" in *" apcu "*) ;; *) out+=(php8.2-apcu) ;; esac
    has php-fpm8.2 || out+=(php8.2-fpm)
    has nginx || out+=(nginx-light)
    has initdb && [ -x /usr/lib/postgresql/15/bin/initdb ] || out+=(postgresql-15)
    has vips || out+=(libvips-tools)
    has dot || out+=(graphviz)
    has weasyprint || out+=(weasyprint)
    has qrencode || out+=(qrencode)
    has ffprobe || out+=(ffmpeg)
    has age || out+=(age)
  fi
  if [ "$1" = test ]; then
    has chromium-headless-shell || has chromium || out+=(chromium)
    has pdftotext || out+=(poppler-utils)
    has node || out+=(nodejs)
    has npm || out+=(npm)
  fi
  echo "${out[*]:-}"
}

need_packages() {
  local missing; missing=$(missing_packages "$1")
  [ -n "$missing" ] || return 0
  if [ "$(id -u)" != 0 ]; then
    echo "These Debian packages are missing. Run this line, then try again:" >&2
    echo "  sudo apt-get install --no-install-recommends $missing" >&2
    exit 1
  fi
  echo "Installing $missing" >&2
  # The packages must not start servers of their own: this copy runs private ones.
  local policy=/usr/sbin/policy-rc.d made=""
  if [ ! -e "$policy" ]; then printf '#!/bin/sh\nexit 101\n' >"$policy"; chmod +x "$policy"; made=yes; fi
  local done=yes log; log=$(mktemp)
  # shellcheck disable=SC2086
  { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing; } \
    >"$log" 2>&1 </dev/null || done=""
  [ -z "$made" ] || rm -f "$policy"
  if [ -z "$done" ] || [ -n "$(missing_packages "$1")" ]; then
    tail -20 "$log" >&2; echo "Could not install: $(missing_packages "$1")" >&2; exit 1
  fi
  rm -f "$log"
}

# The browser without its windows takes half the time; where it is not to be had, the whole one does as well.
want_quick_browser() {
  if has chromium-headless-shell || [ "$(id -u)" != 0 ]; then return 0; fi
  local get=(apt-get install -y -qq --no-install-recommends chromium-headless-shell)
  { timeout 60 apt-get update -qq && timeout 180 "${get[@]}" --download-only && DEBIAN_FRONTEND=noninteractive "${get[@]}"; } \
    >/dev/null 2>&1 </dev/null || true
}

# A stamp keeps what a folder was made from; it is made again when that changes.
fresh() { [ -f "$1" ] && [ "$(cat "$1")" = "$2" ]; }

# fetch_vendor MANIFEST
fetch_vendor() {
  COMPOSER=$1 COMPOSER_ALLOW_SUPERUSER=1 composer update --ignore-platform-req=ext-pdo_pgsql --ignore-platform-req=ext-zip \
    --no-interaction --no-progress --quiet </dev/null
}

# The packages of PHP in the versions that are written down in composer.versions.json.
need_vendor() {
  local sum; sum=$(cat composer.json composer.versions.json | sha256sum | cut -c1-64)-$(php -r 'echo PHP_VERSION_ID;')
  fresh vendor/.made-from "$sum" && return 0
  echo "Fetching PHP packages" >&2
  php bin/versions manifest >composer.pinned.json
  if fetch_vendor composer.pinned.json; then
    rm -f vendor/.ranges
  else
    echo "Not every version that is written down is to be had; taking the newest that composer.json allows." >&2
    fetch_vendor composer.json || { rm -f composer.pinned.*; echo "Composer could not fetch the packages." >&2; exit 1; }
    touch vendor/.ranges
  fi
  rm -f composer.pinned.*
  echo "$sum" >vendor/.made-from
}

need_node_modules() {
  local sum; sum=$(sha256sum package-lock.json | cut -c1-64)
  fresh node_modules/.made-from "$sum" && return 0
  echo "Fetching test packages" >&2
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --ignore-scripts --no-audit --no-fund --silent </dev/null ||
    { echo "npm could not fetch the packages." >&2; exit 1; }
  echo "$sum" >node_modules/.made-from
}
