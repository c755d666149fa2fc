# Shared by bin/start, bin/test and bin/bench: installs what is missing and says so in one line.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

say() { printf '%s\n' "$*"; }
fail() { printf 'All Square: %s\n' "$*" >&2; exit 1; }
needs() { command -v "$1" >/dev/null 2>&1 || fail "$1 is missing. Install $2."; }

# The Debian packages that are not there yet, of those named.
missing_packages() {
    local name
    for name in "$@"; do
        dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'install ok installed' || printf '%s ' "$name"
    done
}

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null 2>&1; then sudo "$@"; else return 1; fi
}

install_packages() {
    local missing log
    command -v dpkg-query >/dev/null 2>&1 || return 0
    missing=$(missing_packages "$@")
    [ -n "$missing" ] || return 0
    say "Installing Debian packages: $missing"
    log=$(mktemp)
    # shellcheck disable=SC2086
    { as_root env DEBIAN_FRONTEND=noninteractive apt-get update && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends $missing; } >"$log" 2>&1 \
        || { tail -5 "$log" >&2; rm -f "$log"; fail "these Debian packages could not be installed: $missing"; }
    rm -f "$log"
}

# Runs a step only when what it depends on has changed since it last succeeded.
once() {
    local mark="$root/bootstrap/cache/$1.done" stamp log
    shift
    stamp=$(cat "${depends[@]}" | sha256sum)
    [ -f "$mark" ] && [ "$(cat "$mark")" = "$stamp" ] && return 0
    log=$(mktemp)
    "$@" >"$log" 2>&1 || { tail -20 "$log" >&2; rm -f "$log"; fail "this step failed: $*"; }
    rm -f "$log"
    printf '%s\n' "$stamp" >"$mark"
}

runtime_packages() {
    local version
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    printf '%s ' "php$version-sqlite3" "php$version-zip" "php$version-gd" "php$version-curl" "php$version-mbstring" "php$version-xml" "php$version-intl" librsvg2-bin imagemagick optipng
}

install_all() {
    needs php "php-cli 8.2 or newer"
    needs composer composer
    needs node "Node.js 20 or newer"
    needs npm npm
    # shellcheck disable=SC2046
    install_packages $(runtime_packages) "$@"
    mkdir -p "$root/bootstrap/cache"
    [ -d "$root/vendor" ] || rm -f "$root/bootstrap/cache/composer.done"
    [ -d "$root/node_modules" ] || rm -f "$root/bootstrap/cache/npm.done"
    [ -f "$root/public/build/manifest.json" ] || rm -f "$root/bootstrap/cache/build.done"
    [ -f "$root/bootstrap/cache/icons/icons.php" ] || rm -f "$root/bootstrap/cache/fonts.done"
    [ -f "$root/bootstrap/cache/fonts/index.php" ] || rm -f "$root/bootstrap/cache/fonts.done"
    (
        cd "$root" || exit 1
        # The two registries are asked at once.
        (depends=(composer.json); once composer composer install --no-interaction --no-progress) &
        composer=$!
        depends=(package-lock.json package.json); once npm npm ci --no-audit --no-fund
        mapfile -t depends < <(git ls-files -co --exclude-standard resources schema vite.config.ts tsconfig.json package-lock.json bin/generate-types.mjs 2>/dev/null || find resources schema vite.config.ts -type f)
        once build npm run build
        wait "$composer" || exit 1
        mapfile -t depends < <(find resources/fonts core/Text core/Path core/Svg app/Icons package-lock.json -type f | sort)
        once fonts php artisan allsquare:compile
    ) || exit 1
}
