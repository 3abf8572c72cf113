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
    chmod 600 .env
    grep -q '^APP_KEY=base64:' .env || php artisan key:generate --force --quiet
}

# A database that stands under its own name is whole: a new one is built beside it and moved into place when it is done; one that wants
# new tables is copied first (the last five copies are kept), and the copy is put back if that fails. One start at a time.
need_database() { # need_database FILE
    local file=$1 building=$1.building copy
    exec 9>"$file.lock"
    flock --nonblock 9 || { say 'Another start is preparing the database; waiting for it ...'; flock 9; }
    if [ ! -s "$file" ]; then
        say 'Preparing the database with demo data ...'
        rm -f "$building"*
        (umask 077; : >"$building")
        if ! DB_DATABASE=$building php artisan migrate --force --quiet || ! DB_DATABASE=$building php artisan db:seed --force --quiet; then
            rm -f "$building"*
            say "The database could not be prepared; why stands above. Nothing is left of it: mend that, then start again."
            exit 1
        fi
        mv "$building" "$file"
    elif ! DB_DATABASE=$file php artisan migrate:status --pending=1 --quiet >/dev/null 2>&1; then
        copy=$file.before-$(date -u +%Y%m%dT%H%M%SZ)
        if ! (umask 077; rm -f "$copy"; php -r '
            try { (new PDO("sqlite:".$argv[1]))->exec("VACUUM INTO \x27".str_replace("\x27", "\x27\x27", $argv[2])."\x27"); }
            catch (PDOException $e) { fwrite(STDERR, $e->getMessage()."\n"); exit(1); }' "$file" "$copy"); then
            say "The database $file cannot be read, so it was left as it is."
            exit 1
        fi
        if ! DB_DATABASE=$file php artisan migrate --force --quiet; then
            rm -f "$file-wal" "$file-shm"
            cp -p "$copy" "$copy.back" && mv "$copy.back" "$file"
            say "The database could not be brought up to date; why stands above. It was put back as it was (a copy: $copy)."
            exit 1
        fi
        printf '%s\n' "$file".before-* | sort | head -n -5 | while IFS= read -r copy; do rm -f "$copy"; done
        say "The database was brought up to date; as it was before: $copy"
    fi
    chmod 600 "$file"
    exec 9>&-
}
