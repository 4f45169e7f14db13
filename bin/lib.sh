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
  # nginx and PHP-FPM are wanted, but not as services of this system: bin/start runs its own.
  local policy=/usr/sbin/policy-rc.d
  if [ -e "$policy" ]; then policy=; else printf '#!/bin/sh\nexit 101\n' > "$policy" && chmod +x "$policy"; fi
  local status=0
  { apt-get update && apt-get install -y --no-install-recommends "$@"; } > "$log" 2>&1 || status=$?
  [ -z "$policy" ] || rm -f "$policy"
  if [ "$status" != 0 ]; then
    tail -n 15 "$log" >&2
    stop "apt-get could not install: $*."
  fi
  rm -f "$log"
}

# sbin NAME: where a server's program is, which is not on everybody's path.
sbin() {
  command -v "$1" 2> /dev/null || { [ ! -x "/usr/sbin/$1" ] || echo "/usr/sbin/$1"; }
}

# PHP-FPM of the PHP that is on the path: under its plain name, or with its version.
fpm() {
  local version; version=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;' 2> /dev/null)
  local found; found=$(sbin "php-fpm$version")
  [ -n "$found" ] || found=$(sbin php-fpm)
  echo "$found"
}

need_system() {
  local missing=()
  command -v php > /dev/null || missing+=(php-cli)
  local modules; modules=$(php -m 2> /dev/null || true)
  local wanted=(pdo_sqlite:php-sqlite3 mbstring:php-mbstring dom:php-xml zip:php-zip curl:php-curl ffi:php-common)
  # For tests alone: pictures are looked at.
  [ "${1:-}" = tests ] && wanted+=(gd:php-gd)
  local pair
  for pair in "${wanted[@]}"; do
    grep -qix "${pair%%:*}" <<< "$modules" || missing+=("${pair##*:}")
  done
  command -v composer > /dev/null || missing+=(composer)
  [ -n "$(fpm)" ] || missing+=(php-fpm)
  [ -n "$(sbin nginx)" ] || missing+=(nginx)
  command -v curl > /dev/null || missing+=(curl)
  command -v unzip > /dev/null || missing+=(unzip)
  command -v node > /dev/null || missing+=(nodejs)
  command -v npm > /dev/null || missing+=(npm)
  command -v ffmpeg > /dev/null || missing+=(ffmpeg)
  # Its library is what reads lines aloud; the scratch voice and finding words in a recording need it.
  command -v espeak-ng > /dev/null || missing+=(espeak-ng)
  if [ "${1:-}" = tests ]; then
    # Films are made on several machines by its queue.
    command -v redis-server > /dev/null || missing+=(redis-server)
    # A server has a certificate.
    command -v openssl > /dev/null || missing+=(openssl)
    # Reads the pages of a proof.
    command -v pdftotext > /dev/null || missing+=(poppler-utils)
    [ -x /usr/bin/chromium-headless-shell ] || [ -x /usr/bin/chromium ] || missing+=(chromium-headless-shell)
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
    need_room
    say "Installing the PHP packages"
    local log; log=$(mktemp)
    export COMPOSER_ALLOW_SUPERUSER=1
    if ! composer update --no-interaction --no-progress > "$log" 2>&1; then
      tail -n 20 "$log" >&2
      stop "Composer could not install the packages."
    fi
    # Laravel lists the packages that it finds; the list is made anew.
    rm -f "$log" bootstrap/cache/packages.php bootstrap/cache/services.php
    # Some archives let their owner alone read what is in them; whoever runs Lupine may be somebody else.
    chmod -R go+rX vendor
    touch vendor/.made
  fi
  if ! newer node_modules/.made package.json package-lock.json; then
    need_room
    say "Installing the JavaScript packages"
    local log; log=$(mktemp)
    # “npm ci” installs what the lock file says, and never writes it.
    if ! npm ci --no-audit --no-fund > "$log" 2>&1; then
      tail -n 20 "$log" >&2
      stop "npm could not install the packages."
    fi
    rm -f "$log"
    touch node_modules/.made
  fi
}

# need_renderer: what films and pages are made with.
need_renderer() {
  node fonts/shipped.mjs > /dev/null || stop "The font packs could not be made."
  if ! newer renderer/dist/film.js renderer/src renderer/vite.config.ts painter contracts package.json; then
    need_room
    say "Building the renderer"
    npx vite build --config renderer/vite.config.ts --logLevel error || stop "The renderer could not be built."
  fi
  if ! newer player/dist/player.js player/src player/vite.config.ts web/scene painter contracts package.json; then
    need_room
    say "Building the player of pages"
    npx vite build --config player/vite.config.ts --logLevel error || stop "The player could not be built."
  fi
}

need_build() {
  need_renderer
  if ! newer public/build/manifest.json web painter contracts vite.config.ts package.json; then
    need_room
    say "Building the interface"
    npx vite build --logLevel error || stop "The interface could not be built."
    # Beside each file its compressed self, so that no request has to compress it.
    find public/build -type f \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -9 -k -f {} +
  fi
}

# How PHP runs everywhere: compiled once, the hot parts as machine code, and silent about itself. What is compiled is
# counted, and the counts that PHP comes with are used up by a part of core: from then on the rest would stay slow.
php_flags=(-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M
  -d opcache.jit_max_root_traces=65000 -d opcache.jit_max_side_traces=65000 -d opcache.jit_max_exit_counters=65000
  -d expose_php=0)

# use_data FOLDER: everything that is kept, and what Laravel derives from it, stands in this folder.
use_data() {
  export LUPINE_DATA="$1" LUPINE_PICTURES="$1/app/pictures"
  export APP_CONFIG_CACHE="$1/framework/derived/config.php" APP_ROUTES_CACHE="$1/framework/derived/routes.php"
  export APP_EVENTS_CACHE="$1/framework/derived/events.php"
}

# need_folder FOLDER: it is there with its parts, and can be written to.
need_folder() {
  # Sockets stand in it, and systems take no longer a path for one.
  [ ${#1} -le 84 ] || stop "The path $1 is ${#1} characters long; 84 are the limit. Choose a folder nearer to the top."
  local app=("$1"/app/{hand-offs,pictures,rendering,sounds,stills,uploads})
  local framework=("$1"/framework/{cache/data,derived,sessions,views,web})
  mkdir -p "${app[@]}" "${framework[@]}" "$1/logs" 2> /dev/null ||
    stop "The folder $1 cannot be made. Make its parent writable for $(id -un)."
  [ -w "$1" ] || stop "The folder $1 cannot be written to. Make it writable for $(id -un)."
}

# need_key: what cookies are sealed with, from the environment or else in .env.
need_key() {
  [ -z "${APP_KEY:-}" ] || return 0
  [ -f .env ] || cp .env.example .env || stop "The file $PWD/.env cannot be made. Make it, or set APP_KEY."
  grep -q '^APP_KEY=base64' .env || php artisan key:generate --force --quiet
}

# need_data FOLDER: its database, up to date and with the demo, and what Laravel derives from its configuration.
need_data() {
  need_key
  [ -f "$1/lupine.sqlite" ] || : > "$1/lupine.sqlite"
  # What was derived or drawn by an older Lupine is made anew.
  rm -rf "$1"/framework/derived/*.php "$1"/framework/{letters,reels}
  php artisan optimize --quiet || stop "Lupine's configuration could not be prepared in $1."
  php artisan migrate --force --quiet || stop "The database in $1 could not be brought up to date."
  php artisan lupine:demo
}

# keep_until_end: from here on “keep” begins processes that go on until this one ends, however it ends.
keep_until_end() {
  started=()
  trap end EXIT
  trap 'end; exit 0' INT TERM HUP
}

# keep LOG COMMAND…: as a group of its own, again whenever it ends, until this process ends.
keep() {
  local log="$data/logs/$1.log"; shift
  setsid bash bin/keep.sh $$ "$log" "$@" &
  started+=($!)
}

end() {
  trap - EXIT INT TERM
  local group; for group in "${started[@]}"; do kill -TERM -- "-$group" 2> /dev/null || true; done
  # A film that is being made is put back to wait; whoever does not end in time is ended.
  local left; for left in $(seq 100); do
    local alive=0; for group in "${started[@]}"; do kill -0 -- "-$group" 2> /dev/null && alive=1; done
    [ "$alive" = 1 ] || break
    sleep 0.1
  done
  for group in "${started[@]}"; do kill -KILL -- "-$group" 2> /dev/null || true; done
  wait 2> /dev/null || true
  [ -z "${throwaway:-}" ] || rm -rf "$throwaway"
}

# keep_makers NUMBER: processes that make films, those that are waited for at a desk before others.
keep_makers() {
  local of; for of in $(seq "$1"); do
    # The desk goes before films where both want the processor.
    keep worker nice -n 5 php "${php_flags[@]}" -d memory_limit=1G artisan queue:work --queue=soon,first,default \
      --sleep=1 --timeout=0 --memory=192
  done
}

need_number_of_workers() {
  [[ $1 =~ ^[0-9]{1,2}$ ]] && [ "$1" -ge 1 ] && [ "$1" -le 16 ] ||
    stop "“$1” is not a number of workers; take one from 1 to 16."
}

# need_shared REDIS DISK: what the machines share can be meant by these. Whether it is there is seen later.
need_shared() {
  [[ $1 =~ ^(redis|rediss):// ]] || stop "“$1” is no address of Redis; it is written redis://HOST:PORT/NUMBER."
  [[ $2 =~ ^(/|s3://[^/]+) ]] ||
    stop "“$2” is no disk; take a folder that all machines mount, from the top, or s3://BUCKET/FOLDER."
  [[ $2 != /* ]] || { [ -d "$2" ] && [ -w "$2" ]; } || stop "The folder $2 is not there, or cannot be written to."
}

# use_shared REDIS DISK: films are made by whoever works this queue.
use_shared() {
  export QUEUE_CONNECTION=redis CACHE_STORE=redis LUPINE_REDIS="$1" LUPINE_DISK="$2"
}

# setting NAME: from the environment, or else from .env.
setting() {
  local value=${!1:-}
  [ -n "$value" ] || value=$(sed -n "s/^$1=//p" .env 2> /dev/null | sed -e '$!d' -e 's/^"\(.*\)"$/\1/')
  printf '%s' "$value"
}

# use_build: the fingerprint of what a film is made by. Machines that make films for one desk have the same.
use_build() {
  local sources=(app core/src compat/src config resources/fontpacks resources/views fonts renderer/dist player/dist)
  LUPINE_BUILD=$(find "${sources[@]}" -type f | LC_ALL=C sort | xargs -d '\n' sha256sum | sha256sum | cut -c1-16)
  export LUPINE_BUILD
}

# holder PORT: who listens on a port, as “by Lupine, process 123” or “by process 123 (its command)”, where that is told.
holder() {
  local inode process command
  local listening='$4 == "0A" && $2 ~ port "$" { print $10; exit }'
  inode=$(awk -v port="$(printf ':%04X' "$1")" "$listening" /proc/net/tcp 2> /dev/null)
  [ -n "$inode" ] || return 0
  # A socket is held by all who were started with it open, this shell among them: the one that began first opened it.
  # Its number does not tell, since numbers start again from the beginning; field 22 of its stat does.
  process=$(find /proc/[0-9]*/fd -lname "socket:\\[$inode\\]" 2> /dev/null | cut -d/ -f3 | sort -un |
    while read -r process; do
      sed -n 's/.*) //p' "/proc/$process/stat" 2> /dev/null | awk -v process="$process" '{ print $20, process }'
    done | sort -n | head -n 1 | cut -d' ' -f2)
  [ -n "$process" ] || return 0
  command=$(tr '\0' ' ' < "/proc/$process/cmdline")
  case "$command" in
    '') ;; # It is ending just now.
    *framework/web/nginx.conf*) printf ' by Lupine, process %s' "$process" ;;
    *) printf ' by process %s (%s)' "$process" "$(cut -c1-60 <<< "${command% }")" ;;
  esac
}
