# Shared by bin/demo and bin/test: installs what is missing, and says what it does. Safe to run again.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."

say() { printf '\033[1m== %s\033[0m\n' "$*"; }

# Debian packages that are missing, installed as root or through sudo.
need_packages() {
    local missing=() p
    for p in "$@"; do
        dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q 'install ok installed' || missing+=("$p")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    say "Installing ${missing[*]}"
    local as=()
    if [ "$(id -u)" -ne 0 ]; then
        if ! command -v sudo >/dev/null; then
            echo "Not root, and no sudo here. As root, type:" >&2
            echo "    apt-get update && apt-get install -y ${missing[*]}" >&2
            exit 1
        fi
        as=(sudo)
    fi
    "${as[@]}" apt-get update -qq
    DEBIAN_FRONTEND=noninteractive "${as[@]}" apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
}

need_php() {
    need_packages php8.2-cli php8.2-sqlite3 php8.2-gd php8.2-zip php8.2-curl php8.2-mbstring php8.2-xml php8.2-intl php8.2-bcmath composer ffmpeg
    if ! command -v node >/dev/null || [ "$(node -p 'process.versions.node.split(".")[0]')" -lt 20 ]; then
        echo "Node.js 20 or newer is missing. Install it, then run this again." >&2
        exit 1
    fi
}

# Composer and npm packages, when they are not there or the list has changed since.
need_libraries() {
    mkdir -p vendor
    if [ ! -f vendor/autoload.php ] || ! cmp -s composer.json vendor/.installed-from; then
        say "Installing PHP libraries"
        composer install --no-interaction --no-progress --quiet
        cp composer.json vendor/.installed-from
    fi
    if [ ! -d node_modules ] || ! cmp -s package-lock.json node_modules/.installed-from; then
        say "Installing front-end libraries"
        # Not npm ci: the registry lacks builds of optional packages for other machines, which npm ci calls a stale lock.
        # A registry that does not answer at once is asked a second time, and then says why.
        npm install --no-save --silent --no-audit --no-fund || npm install --no-save --no-audit --no-fund
        cp package-lock.json node_modules/.installed-from
    fi
}

need_front_end() {
    local stamp=public/build/.built
    if [ ! -f "$stamp" ] || [ -n "$(find resources/js resources/css package-lock.json vite.config.ts -newer "$stamp" -print -quit)" ]; then
        say "Building the front end"
        npx --no-install vite build --logLevel warn
        touch "$stamp"
    fi
}

need_environment() {
    [ -f .env ] || cp .env.example .env
    grep -q '^APP_KEY=base64' .env || php artisan key:generate --force --quiet
}
