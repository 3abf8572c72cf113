# Sourced by bin/start and bin/test: what a fresh machine lacks, installed as root or named to the person.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"

say() { printf '%s\n' "$*" >&2; }

need_debian() { # need_debian PACKAGE...
    [ $# -eq 0 ] && return 0
    if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
        say "Installing: $*"
        apt-get update -qq >&2
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >&2
    else
        say "Please install these first, then run this again: $*"
        exit 1
    fi
}

need_php() {
    command -v php >/dev/null || { say 'Please install PHP 8.2 first.'; exit 1; }
    command -v composer >/dev/null || { say 'Please install Composer first.'; exit 1; }
    local version missing=() extension
    version=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;')
    for extension in mbstring:mbstring xml:xml intl:intl pdo_sqlite:sqlite3 curl:curl gd:gd zip:zip; do
        # PHP is asked itself: a search through its list may close the pipe before the list is written.
        php -r 'exit(extension_loaded($argv[1]) ? 0 : 1);' "${extension%%:*}" || missing+=("php$version-${extension##*:}")
    done
    command -v unzip >/dev/null || missing+=(unzip)
    need_debian "${missing[@]}"
}

need_vendor() {
    local stamp=vendor/.installed
    if [ ! -f "$stamp" ] || [ composer.json -nt "$stamp" ] || [ -n "$(find packages -newer "$stamp" -type f -print -quit)" ]; then
        say 'Fetching the PHP packages ...'
        composer update --no-interaction --no-progress --no-scripts --quiet
        touch "$stamp"
    fi
}

need_env() {
    [ -f .env ] || cp .env.example .env
    grep -q '^APP_KEY=base64:' .env || php artisan key:generate --force --quiet
}
