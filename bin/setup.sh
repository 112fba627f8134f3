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
  for extension in mbstring:mbstring dom:xml pdo_sqlite:sqlite3 curl:curl zip:zip; do
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
  print=$(fingerprint resources/js resources/css vite.config.ts package-lock.json tsconfig.json)
  if [ "$(cat "$stamps/build" 2>/dev/null)" != "$print" ]; then
    need_modules
    once build "$print" "building the screens" npx --no-install vite build
  fi
}

need_catalogue() {
  [ -f bootstrap/cache/vinculum.php ] || rm -f "$stamps/catalogue"
  once catalogue "$(fingerprint database/pantry database/stand-ins.txt database/styles database/vocabulary.json core/Pantry core/Mixture app/Pantry)" "reading the catalogue" php artisan vinculum:compile
}

need_key() {
  grep -qs '^APP_KEY=base64:' .env || printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64)" >>.env
  chmod 600 .env
}

need_product() {
  need_vendor
  need_key
  need_catalogue
  need_build
}
