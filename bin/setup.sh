# Sourced by bin/start, bin/test and the other commands: everything they need, each step skipped when nothing changed.
# Functions only; "need_*" make sure of something, or say plainly what failed and stop.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root" || exit 1
stamps=$root/storage/stamps
mkdir -p "$stamps"
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_AUDIT=1
export DEBIAN_FRONTEND=noninteractive

# kept compiled; never with the JIT, which in 8.2 gets kitchen fractions wrong (tests/Browser finds out)
fast_php=(-d opcache.enable_cli=1 -d opcache.jit=disable)

say() { printf '%s\n' "$*"; }
stop() { printf 'Vinculum: %s\n' "$*" >&2; exit 1; }

# run WHAT COMMAND...: quiet when it works; when it fails, all it said and what was being done
run() {
  local what=$1 log
  shift
  say "… $what"
  log=$(mktemp)
  if ! "$@" >"$log" 2>&1 </dev/null; then
    cat "$log" >&2
    rm -f "$log"
    stop "could not finish: $what. What it said is above."
  fi
  rm -f "$log"
}

fingerprint() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }

# once NAME FINGERPRINT WHAT COMMAND...: run only where the fingerprint differs from the last time it worked
once() {
  local name=$1 print=$2
  shift 2
  if [ "$(cat "$stamps/$name" 2>/dev/null)" != "$print" ]; then
    run "$@"
    printf '%s' "$print" >"$stamps/$name"
  fi
}

# need_packages PACKAGE...: from Debian, through apt when root, else the exact command
need_packages() {
  [ $# -eq 0 ] && return
  if [ "$(id -u)" -ne 0 ]; then
    stop "these system packages are missing. Run: sudo apt-get update && sudo apt-get install -y $*"
  fi
  command -v apt-get >/dev/null || stop "these packages are missing and there is no apt-get to install them: $*"
  run "reading Debian's list of packages" apt-get update -qq
  run "installing $*" apt-get install -y -qq --no-install-recommends "$@"
}

need_php() {
  local missing=()
  command -v php >/dev/null || missing+=(php8.2-cli)
  local extensions
  extensions=$(php -m 2>/dev/null | tr '[:upper:]' '[:lower:]')
  local extension
  for extension in mbstring:mbstring dom:xml pdo_sqlite:sqlite3 curl:curl zip:zip gd:gd; do
    grep -qx "${extension%%:*}" <<<"$extensions" || missing+=("php8.2-${extension##*:}")
  done
  grep -qx 'zend opcache' <<<"$extensions" || missing+=(php8.2-opcache)
  command -v composer >/dev/null || missing+=(composer)
  command -v unzip >/dev/null || missing+=(unzip)
  command -v git >/dev/null || missing+=(git)
  command -v pgrep >/dev/null || missing+=(procps)
  need_packages "${missing[@]}"
  php -r 'exit(PHP_VERSION_ID >= 80200 && PHP_VERSION_ID < 80300 ? 0 : 1);' || stop "PHP 8.2 is needed; $(php -r 'echo PHP_VERSION;') is what \"php\" runs."
}

node_will_do() { node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>22||(a===22&&b>=12)||(a===20&&b>=19)?0:1)' 2>/dev/null && command -v npm >/dev/null; }

# Vite wants Node 20.19 or 22.12; Debian's own is older, so a newer one comes from the npm registry into storage/tools
need_node() {
  local tools=$root/storage/tools/node arch
  node_will_do && return
  case $(uname -m) in
    x86_64) arch=x64 ;;
    aarch64) arch=arm64 ;;
    *) stop "no Node for $(uname -m) is known here. Install Node 22 and run this again." ;;
  esac
  if [ ! -x "$tools/node_modules/node-linux-$arch/bin/node" ]; then
    command -v npm >/dev/null || need_packages nodejs npm
    mkdir -p "$tools"
    run "fetching a Node that Vite accepts" npm install --prefix "$tools" --no-save --no-audit --no-fund "node-linux-$arch@22" npm@11
  fi
  export PATH=$tools/node_modules/node-linux-$arch/bin:$tools/node_modules/.bin:$PATH
  node_will_do || stop "the Node in storage/tools does not run. Remove storage/tools and run this again."
}

need_vendor() {
  need_php
  [ -f vendor/autoload.php ] || rm -f "$stamps/vendor"
  once vendor "$(fingerprint composer.json)" "installing PHP libraries" composer install --no-interaction --no-progress --prefer-dist
  # classes may have moved since
  once autoload "$(find core app database tests -name '*.php' | sort | sha256sum)$(cat "$stamps/vendor")" "listing classes" composer dump-autoload --optimize --no-interaction
}

need_modules() {
  need_node
  [ -d node_modules/vite ] || rm -f "$stamps/modules"
  once modules "$(fingerprint package-lock.json)" "installing front-end libraries" npm ci --no-audit --no-fund
}

need_build() {
  [ -f public/build/manifest.json ] || rm -f "$stamps/build"
  local print
  print=$(fingerprint resources/js resources/css bin/compressed.mjs bin/docs-page.mjs vite.config.ts package-lock.json tsconfig.json)
  if [ "$(cat "$stamps/build" 2>/dev/null)" != "$print" ]; then
    need_modules
    once build "$print" "building the screens" npx --no-install vite build
  fi
}

need_catalogue() {
  [ -f bootstrap/cache/vinculum.php ] || rm -f "$stamps/catalogue"
  once catalogue "$(fingerprint database/pantry database/stand-ins.txt database/styles database/words database/vocabulary.json core/Pantry core/Mixture app/Pantry)" "reading the catalogue" php artisan vinculum:compile
}

# What every request would put together again, put together once; and the classes that are loaded before the first
need_served() {
  served=$root/storage/framework/served
  [ -f "$served/preload.php" ] || rm -f "$stamps/served"
  mkdir -p "$served"
  chmod 700 "$served"
  served_env=(APP_CONFIG_CACHE="$served/config.php" APP_ROUTES_CACHE="$served/routes.php" APP_EVENTS_CACHE="$served/events.php")
  # where what is kept lies is said when it is served, and is nothing to be remembered here
  once served "$root $(fingerprint .env bin/setup.sh config routes app core composer.json vendor/composer/installed.json)" "putting together what every request needs" \
    env -u VINCULUM_DATABASE -u VINCULUM_COMPILED -u VINCULUM_BACKUPS -u VINCULUM_HOUSE "${served_env[@]}" php artisan vinculum:served "$served/preload.php"
  served_php=("${fast_php[@]}" -d opcache.preload="$served/preload.php")
  # root says for whom, anybody else may not
  [ "$(id -u)" -ne 0 ] || served_php+=(-d opcache.preload_user=root)
}

# For --house only: a server in front and PHP behind it, from Debian, and a certificate of our own
need_house() {
  local missing=()
  command -v caddy >/dev/null || missing+=(caddy)
  command -v php-fpm8.2 >/dev/null || missing+=(php8.2-fpm)
  command -v openssl >/dev/null || missing+=(openssl)
  need_packages "${missing[@]}"
  house_folder=$root/storage/house
  mkdir -p "$house_folder"
  chmod 700 "$house_folder"
  house_names=$(printf '%s\n' localhost "$(hostname)" "$(hostname).local" $(hostname -I 2>/dev/null | tr ' ' '\n' | grep -v ':') | sort -u | tr '\n' ' ')
  house_names=${house_names% }
  # the certificate names the machine by what it is called and where it is: when that changes, it is made anew
  if [ "$(cat "$house_folder/names" 2>/dev/null)" != "$house_names" ] || ! openssl x509 -in "$house_folder/cert.pem" -checkend 2592000 -noout >/dev/null 2>&1; then
    local also='' name
    for name in $house_names; do
      case $name in *[!0-9.]*) also="$also,DNS:$name" ;; *) also="$also,IP:$name" ;; esac
    done
    run "making a certificate for the house network" openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 820 \
      -subj "/CN=Vinculum in this house" -addext "subjectAltName=${also#,}" -addext 'basicConstraints=critical,CA:FALSE' -addext 'extendedKeyUsage=serverAuth' \
      -keyout "$house_folder/key.pem" -out "$house_folder/cert.pem"
    chmod 600 "$house_folder/key.pem"
    printf '%s' "$house_names" >"$house_folder/names"
  fi
}

# Called by bin/start once the machine itself is served: PHP behind a socket, and the server in front of it
start_house() {
  local me
  me=$(id -un)
  cat >"$house_folder/fpm.conf" <<CONF
[global]
error_log = $root/storage/logs/house.log
daemonize = no
[house]
$([ "$me" = root ] && printf 'user = root\ngroup = root\n')
listen = $house_folder/php.sock
listen.mode = 0600
pm = static
pm.max_children = 4
pm.max_requests = 2000
request_terminate_timeout = 20s
env[VINCULUM_DATABASE] = $database
$(printf 'env[%s\n' "${served_env[@]/=/] = }")
php_admin_flag[expose_php] = off
CONF
  # what tells the house network from the machine itself is said here, where no visitor can say it
  cat >"$house_folder/Caddyfile" <<CONF
{
	admin off
	auto_https off
	log {
		output file $root/storage/logs/house-front.log {
			roll_size 5MiB
			roll_keep 3
		}
	}
}
https://:$house_port {
	tls $house_folder/cert.pem $house_folder/key.pem
	root * $root/public
	encode gzip
	header -Server
	request_body {
		max_size 8MB
	}
	@worker path /sw.js
	handle @worker {
		header X-Content-Type-Options nosniff
		header Cache-Control no-cache
		header Content-Security-Policy "default-src 'none'; connect-src 'self'; frame-ancestors 'none'"
		file_server
	}
	@built path /build/assets/* /fonts/* /sounds/* /icon.svg /app.webmanifest
	handle @built {
		header X-Content-Type-Options nosniff
		header Referrer-Policy no-referrer
		header Cross-Origin-Resource-Policy same-origin
		header Content-Security-Policy "default-src 'none'; frame-ancestors 'none'"
		file_server {
			precompressed br gzip
		}
	}
	handle {
		rewrite * /index.php
		php_fastcgi unix/$house_folder/php.sock {
			env VINCULUM_AT house
			env VINCULUM_HOSTS "$house_names"
		}
	}
}
CONF
  php-fpm8.2 "${served_php[@]}" $([ "$me" = root ] && printf -- '-R') -y "$house_folder/fpm.conf" >>storage/logs/house.log 2>&1 &
  house_servers=$!
  XDG_DATA_HOME=$house_folder XDG_CONFIG_HOME=$house_folder caddy run --config "$house_folder/Caddyfile" --adapter caddyfile >>storage/logs/house.log 2>&1 &
  house_servers="$house_servers $!"
  # PHP behind it loads its classes first: until then the front answers that there is nobody
  for _ in $(seq 200); do
    curl -skf -o /dev/null "https://localhost:$house_port/sign-in" && return
    sleep 0.1
  done
  tail -qn 5 storage/logs/house.log storage/logs/house-front.log >&2 2>/dev/null
  stop "the house network is not served. What was said last is above."
}

say_house() {
  local name
  say "On the house network it is at:"
  for name in $house_names; do
    [ "$name" = localhost ] || say "  https://$name:$house_port"
  done
  say "A phone will warn of the certificate, which is this machine's own. Before you accept it, compare its SHA-256 fingerprint:"
  say "  $(openssl x509 -in "$house_folder/cert.pem" -noout -fingerprint -sha256 | cut -d= -f2)"
  say "Set the household's passphrase, or let one phone in by six digits, on this machine: Shelf, at the bottom, “The house network”."
}

need_key() {
  grep -qs '^APP_KEY=base64:' .env || printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64)" >>.env
  chmod 600 .env
}

need_product() {
  need_vendor
  need_key
  need_catalogue
  need_served
  need_build
}
