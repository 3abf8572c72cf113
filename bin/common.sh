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

# What raw and HEIF pictures are opened by: fetched at the first start, which needs a network anyway. Without it everything else goes on.
need_picture_tools() {
    local missing=()
    command -v exiftool >/dev/null || missing+=(libimage-exiftool-perl)
    command -v heif-convert >/dev/null || missing+=(libheif-examples)
    [ ${#missing[@]} -gt 0 ] || return 0
    { [ ! -f vendor/.installed ] && [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null && (need_debian "${missing[@]}"); } \
        || say "Raw and HEIF pictures, as cameras and phones write them, are taken in where these are installed: ${missing[*]}"
}

# Fetched once for what is asked for: with that in vendor/ nothing is asked of a network.
need_vendor() {
    local stamp=vendor/.installed asked
    asked=$({ cat composer.json; find packages -type f | LC_ALL=C sort | xargs -d '\n' cat; } | sha256sum | cut -c1-64)
    [ "$(cat "$stamp" 2>/dev/null)" != "$asked" ] || return 0
    say 'Fetching the PHP packages ...'
    if ! composer update --no-interaction --no-progress --no-scripts --quiet; then
        say 'The PHP packages could not be fetched; why stands above. Nothing was started: with a network, start again.'
        exit 1
    fi
    echo "$asked" >"$stamp"
}

# Tides and light go by the clock: one that is plainly wrong is said, and nothing else is made of it.
need_clock() {
    local made=0 migration
    for migration in database/migrations/*.php; do made=$(basename "$migration" | cut -c1-10 | tr -d _); done
    if [ "$(date -u +%Y%m%d)" -lt "$made" ] || [ "$(date -u +%Y)" -gt 2099 ]; then
        say "The clock of this machine says $(date -u +%Y-%m-%d): tides and light are worked out for that day. Set it, if that is not today."
    fi
}

need_env() {
    [ -f .env ] || cp .env.example .env
    chmod 600 .env
    grep -q '^APP_KEY=base64:' .env || php artisan key:generate --force --quiet
}

# What a file is: none (nothing in it), finished (by the mark that is set last of all), unmarked (of a version that set none), unreadable.
database_is() { # database_is FILE
    php -r '
        if (! is_file($argv[1]) || filesize($argv[1]) === 0) { exit("none"); }
        try {
            $file = new PDO("sqlite:".$argv[1]);
            $tables = $file->query("SELECT count(*) FROM sqlite_master WHERE type = \x27table\x27")->fetchColumn();
            echo (int) $tables === 0 ? "none" : ($file->query("PRAGMA user_version")->fetchColumn() > 0 ? "finished" : "unmarked");
        } catch (PDOException) { echo "unreadable"; }' "$1"
}

mark_finished() { # mark_finished FILE
    php -r '(new PDO("sqlite:".$argv[1]))->exec("PRAGMA user_version = 1");' "$1"
}

# A database that stands under its own name is whole: a new one is built beside it and moved into place when it is done; one that wants
# new tables is copied first (the last five copies are kept), and the copy is put back if that fails. One start at a time.
need_database() { # need_database FILE
    local file=$1 building=$1.building copy
    exec 9>"$file.lock"
    flock --nonblock 9 || { say 'Another start is preparing the database; waiting for it ...'; flock 9; }
    local state
    state=$(database_is "$file")
    if [ "$state" = none ]; then
        say 'Preparing the database with demo data ...'
        rm -f "$building"*
        (umask 077; : >"$building")
        if ! DB_DATABASE=$building php artisan migrate --force --quiet || ! DB_DATABASE=$building php artisan db:seed --force --quiet; then
            rm -f "$building"*
            say "The database could not be prepared; why stands above. Nothing is left of it: mend that, then start again."
            exit 1
        fi
        mark_finished "$building"
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
        # Never the one just made, whatever its date: the clock may be wrong.
        printf '%s\n' "$file".before-* | { grep -vxF "$copy" || true; } | sort | head -n -4 | while IFS= read -r copy; do rm -f "$copy"; done
        say "The database was brought up to date; as it was before: $copy"
    fi
    [ "$state" != unmarked ] || mark_finished "$file"
    chmod 600 "$file"
    exec 9>&-
}

# What PHP is given by either server: room for a backup, an end to what does not end, no name of itself.
limits=(-d memory_limit=256M -d max_execution_time=60 -d upload_max_filesize=64M -d post_max_size=200M -d max_file_uploads=60 -d expose_php=0 -d display_errors=0 -d log_errors=1
    -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.validate_timestamps=0 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing)

# What does not change while it runs is read once: settings, routes, events, views. In files of its own, so that nothing else meets them.
read_once() { # read_once NAME
    local keep="$root/storage/framework/cache/started-$1"
    export APP_CONFIG_CACHE="$keep-config.php" APP_ROUTES_CACHE="$keep-routes.php" APP_EVENTS_CACHE="$keep-events.php" VIEW_COMPILED_PATH="$keep-views"
    mkdir -p "$VIEW_COMPILED_PATH"
    php artisan optimize --quiet
    # What was worked out once and kept may be of another version's formulas.
    php artisan cache:clear --quiet
}

# Whoever is on the same network may ask; the passcode is what lets them in.
tell_the_house() { # tell_the_house ADDRESS
    local made
    made=$(php artisan pour:passcode | php -r 'echo json_decode(stream_get_contents(STDIN), true)["passcode"] ?? "";')
    echo "Gentle Pour, from any device on this network: $1"
    if [ -n "$made" ]; then
        echo "Passcode: $made   (shown this once; php artisan pour:passcode --new makes another)"
    else
        echo 'The passcode is the one that was shown at first; php artisan pour:passcode --new makes another.'
    fi
    command -v qrencode >/dev/null || { [ "$(id -u)" = 0 ] && need_debian qrencode; } || say 'With qrencode installed the address stands here as a code for phones.'
    ! command -v qrencode >/dev/null || qrencode -t ANSIUTF8 "$1"
}

is_port() { # is_port WORD
    case $1 in '' | *[!0-9]* | ??????*) ;; *) [ "$1" -ge 1 ] && [ "$1" -le 65535 ] && return 0 ;; esac
    say "A port is a number from 1 to 65535, not “$1”."
    exit 2
}

is_free() { # is_free HOST PORT
    ! php -r 'exit(@fsockopen($argv[1], (int) $argv[2], $e, $m, 0.3) ? 0 : 1);' "$1" "$2" || { say "Port $2 is taken; choose another with --port."; exit 1; }
}
