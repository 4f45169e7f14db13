# Shared by bin/start and bin/test: what has to be there, and what is made of it. Every step is skipped where its result
# is newer than its sources.

say() { printf '%s\n' "$*"; }
stop() { printf '%s\n' "$*" >&2; exit 1; }

# apt_install PACKAGE…: as root; otherwise says exactly what to install.
apt_install() {
  if [ "$(id -u)" != 0 ]; then
    stop "Missing: $*. Install it once with: sudo apt-get install $*"
  fi
  command -v apt-get > /dev/null || stop "Missing: $*. Install it with this system's package manager."
  say "Installing $*"
  local log; log=$(mktemp)
  export DEBIAN_FRONTEND=noninteractive
  if ! { apt-get update && apt-get install -y --no-install-recommends "$@"; } > "$log" 2>&1; then
    tail -n 15 "$log" >&2
    stop "apt-get could not install: $*."
  fi
  rm -f "$log"
}

need_system() {
  local missing=()
  command -v php > /dev/null || missing+=(php-cli)
  local modules; modules=$(php -m 2> /dev/null || true)
  local pair; for pair in pdo_sqlite:php-sqlite3 mbstring:php-mbstring dom:php-xml zip:php-zip curl:php-curl "${@:+gd:php-gd}"; do
    grep -qix "${pair%%:*}" <<< "$modules" || missing+=("${pair##*:}")
  done
  command -v composer > /dev/null || missing+=(composer)
  command -v unzip > /dev/null || missing+=(unzip)
  command -v node > /dev/null || missing+=(nodejs)
  command -v npm > /dev/null || missing+=(npm)
  command -v ffmpeg > /dev/null || missing+=(ffmpeg)
  if [ "${1:-}" = tests ]; then
    [ -x /usr/bin/chromium ] || missing+=(chromium)
  fi
  [ ${#missing[@]} = 0 ] || apt_install "${missing[@]}"
  php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' ||
    stop "Lupine needs PHP 8.2 or newer; this is $(php -r 'echo PHP_VERSION;')."
  node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' ||
    stop "Lupine needs Node.js 20 or newer; this is $(node --version)."
}

need_room() {
  local folder; for folder in . bootstrap/cache public "$@"; do
    mkdir -p "$folder" 2> /dev/null ||
      stop "The folder $PWD/$folder cannot be made. Make its parent writable for $(id -un)."
    [ -w "$folder" ] || stop "The folder $(realpath "$folder") cannot be written to. Make it writable for $(id -un)."
  done
}

# newer RESULT SOURCE…: is the result there, and newer than every source?
newer() {
  local result=$1; shift
  [ -e "$result" ] && [ -z "$(find "$@" -newer "$result" -type f -print -quit 2> /dev/null)" ]
}

need_packages() {
  if ! newer vendor/.made composer.json core/composer.json compat/composer.json; then
    say "Installing the PHP packages"
    local log; log=$(mktemp)
    export COMPOSER_ALLOW_SUPERUSER=1
    if ! composer update --no-interaction --no-progress > "$log" 2>&1; then
      tail -n 20 "$log" >&2
      stop "Composer could not install the packages."
    fi
    # Laravel lists the packages that it finds; the list is made anew.
    rm -f "$log" bootstrap/cache/packages.php bootstrap/cache/services.php
    touch vendor/.made
  fi
  if ! newer node_modules/.made package.json package-lock.json; then
    # Not “npm ci”: it insists on optional packages of other systems, which not every registry carries.
    say "Installing the JavaScript packages"
    local log; log=$(mktemp)
    if ! npm install --no-audit --no-fund > "$log" 2>&1; then
      tail -n 20 "$log" >&2
      stop "npm could not install the packages."
    fi
    rm -f "$log"
    touch node_modules/.made
  fi
}

need_build() {
  node bin/fontpacks.mjs > /dev/null || stop "The font packs could not be made."
  if ! newer renderer/dist/film.js renderer/src renderer/vite.config.ts painter package.json; then
    say "Building the renderer"
    npx vite build --config renderer/vite.config.ts --logLevel error || stop "The renderer could not be built."
  fi
  if ! newer public/build/manifest.json web painter vite.config.ts package.json; then
    say "Building the interface"
    npx vite build --logLevel error || stop "The interface could not be built."
  fi
}

# need_data FOLDER: the folder that keeps everything, its database, and the key.
need_data() {
  # What a stop left half-written.
  rm -rf "$1"/app/rendering 2> /dev/null || true
  mkdir -p "$1"/{app/hand-offs,app/rendering,framework/cache/data,framework/views,logs} 2> /dev/null ||
    stop "The folder $1 cannot be made. Make its parent writable for $(id -un)."
  [ -w "$1" ] || stop "The folder $1 cannot be written to. Make it writable for $(id -un)."
  [ -f .env ] || cp .env.example .env
  grep -q '^APP_KEY=base64' .env || php artisan key:generate --force --quiet
  [ -f "$1/lupine.sqlite" ] || : > "$1/lupine.sqlite"
  php artisan migrate --force --quiet || stop "The database in $1 could not be brought up to date."
  # What was drawn by an older Lupine is drawn anew.
  php artisan cache:clear --quiet || true
  php artisan lupine:demo
}
