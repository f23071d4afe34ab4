# Shared by the commands beside it: what the machine needs, and a private MariaDB on loopback.
# Sourced, not run. Expects $root to be the checkout.

say() { printf '\033[1m%s\033[0m\n' "$*" >&2; }
fail() { printf 'Could not go on: %s\n' "$*" >&2; exit 1; }

# Says at once that a checkout cannot lie where it lies: what we build and serve with takes some signs in a path for its own.
expect_path() {
    case "$root" in
        *[]%#?\\[]*) fail "“$root” has one of % # [ ] ? \\ in it, which some of our tools take for signs of their own. Rename the folder, or clone into another" ;;
        *$'\n'*) fail "the checkout's path has a line break in it. Rename the folder, or clone into another" ;;
    esac
}

as_root() {
    if [ "$(id -u)" -eq 0 ]; then "$@"
    elif command -v sudo >/dev/null; then sudo -n "$@" || fail "installing packages needs root; run this once as root, or allow sudo"
    else fail "packages are missing and neither root nor sudo is at hand: $*"
    fi
}

# Names the Debian packages that are missing. $1: "browser" to ask for Chromium as well.
missing_packages() {
    command -v php >/dev/null || echo php-cli
    local pair modules
    modules=$(php -m 2>/dev/null || true)
    for pair in pdo_mysql:php-mysql mbstring:php-mbstring dom:php-xml curl:php-curl zip:php-zip intl:php-intl gd:php-gd; do
        grep -qix "${pair%%:*}" <<<"$modules" || echo "${pair##*:}"
    done
    [ -x /usr/sbin/mariadbd ] || command -v mariadbd >/dev/null || echo mariadb-server
    command -v mariadb-install-db >/dev/null || echo mariadb-server
    command -v mariadb-admin >/dev/null || echo mariadb-client
    command -v composer >/dev/null || echo composer
    command -v node >/dev/null || echo nodejs
    command -v npm >/dev/null || echo npm
    command -v setsid >/dev/null || echo util-linux
    if [ "${1:-}" = browser ]; then
        # All three at once, so that they are of one version.
        [ -x /usr/bin/chromium-headless-shell ] && [ -x /usr/bin/chromedriver ] || printf '%s\n' chromium chromium-driver chromium-headless-shell
    fi
    return 0
}

install_packages() {
    local wanted try
    for try in 1 2 3 4 5 6; do
        wanted=$(missing_packages "$@" | sort -u)
        [ -n "$wanted" ] || return 0
        if [ "$try" -gt 1 ]; then
            say "Another installation may be under way; trying again in 20 seconds"
            sleep 20
        fi
        say "Installing from Debian: $(echo $wanted)"
        # Debian's MariaDB package would start a server of its own where an init system runs; ours is private.
        as_root env DEBIAN_FRONTEND=noninteractive apt-get update -qq \
            && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq -o DPkg::Lock::Timeout=600 --no-install-recommends $wanted >/dev/null \
            || true
    done
    wanted=$(missing_packages "$@" | sort -u)
    [ -z "$wanted" ] || fail "these packages could not be installed: $(echo $wanted)"
}

expect_node() {
    node -e 'process.exit(parseInt(process.versions.node, 10) >= 20 ? 0 : 1)' \
        || fail "Node.js 20 or newer is needed to build the styles; this machine has $(node --version)"
}

fingerprint() { cat "$@" 2>/dev/null | sha1sum | cut -d' ' -f1; }
tree_fingerprint() { find "$@" -type f -print0 | sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1; }

# Runs a command unless what it depends on has not changed since it last went well. $1 name, $2 fingerprint, rest command.
once() {
    local mark="$root/.local/marks/$1" print=$2
    [ -f "$mark" ] && [ "$(cat "$mark")" = "$print" ] && return 0
    shift 2
    "$@" || return 1
    mkdir -p "$root/.local/marks"
    echo "$print" > "$mark"
}

# The packages that are installed, one a line with its version, as composer.versions has them.
installed_versions() {
    php -r '$all = json_decode(file_get_contents($argv[1]), true)["packages"];
        $lines = array_map(fn (array $one) => $one["name"]." ".ltrim($one["version"], "v"), $all);
        sort($lines);
        echo implode("\n", $lines), "\n";' "$root/vendor/composer/installed.json"
}
# Packages of packages too are asked for in the versions that are written down; where one cannot be had, the newest that fits is taken, and said.
composer_install() {
    say "Installing PHP packages"
    local name version written=()
    while read -r name version; do written+=(--with "$name:$version"); done < "$root/composer.versions"
    local update=(composer update --no-interaction --no-progress --quiet)
    if ! (cd "$root" && COMPOSER_ALLOW_SUPERUSER=1 "${update[@]}" "${written[@]}" 2>/dev/null); then
        say "Not every PHP package is to be had as it is written down; taking the newest that fit"
        (cd "$root" && COMPOSER_ALLOW_SUPERUSER=1 "${update[@]}") || return 1
    fi
    diff <(sort "$root/composer.versions") <(installed_versions | sort) | sed -n 's/^> /not as written down: /p' >&2 || true
}
npm_install() {
    say "Installing front-end packages"
    (cd "$root" && npm install --no-audit --no-fund --loglevel=error >/dev/null)
}
build_assets() {
    say "Building styles and scripts"
    (cd "$root" && npm run --silent build >"$root/.local/build.log" 2>&1) || { cat "$root/.local/build.log" >&2; return 1; }
}

front_end() {
    once npm "$(fingerprint "$root/package.json" "$root/package-lock.json")" npm_install \
        && once assets "$(tree_fingerprint "$root/resources/scss" "$root/resources/js" "$root/vite.config.js" "$root/package.json")" build_assets
}

# Compiled views name classes of the program that compiled them.
forget_views() {
    find "$root/storage/framework/views" -name '*.php' -delete
}

install_project() {
    expect_node
    mkdir -p "$root/.local"
    [ -f "$root/.env" ] || cp "$root/.env.example" "$root/.env"
    exec 9>"$root/.local/install.lock"
    flock 9
    [ -f "$root/vendor/autoload.php" ] || rm -f "$root/.local/marks/composer"
    [ -d "$root/node_modules/vite" ] || rm -f "$root/.local/marks/npm"
    [ -f "$root/public/build/manifest.json" ] || rm -f "$root/.local/marks/assets"
    # PHP's packages and the front end's know nothing of each other.
    once composer "$(fingerprint "$root/composer.json" "$root/composer.versions")" composer_install &
    local composer=$! front=0
    front_end || front=$?
    wait "$composer" || fail "composer could not install the PHP packages"
    [ "$front" -eq 0 ] || fail "the front-end packages could not be installed, or the styles and scripts not built"
    once views "$(tree_fingerprint "$root/app/Providers")" forget_views || fail "compiled views of an older program could not be removed"
    flock -u 9
    exec 9>&-
}

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'
}
port_is_free() {
    php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"
}

# PHP as a web server of ours: its limits fit ours, and it does not say what it is.
PHP_WEB=(php -d variables_order=EGPCS -d upload_max_filesize=24M -d post_max_size=26M -d max_input_vars=5000 -d expose_php=0)

# A folder of our own for what lives as long as this process, with who made it. $1 a name, $2 where, if not among temporary things.
# The path stays short enough for a socket to lie in it.
own_folder() {
    local where=${2:-${TMPDIR:-/tmp}} folder
    [ -d "$where" ] && [ -w "$where" ] && [ "${#where}" -le 60 ] || where=/tmp
    clean_folders "$1" "$where"
    folder=$(mktemp -d "$where/$1.XXXXXX") || fail "no folder could be made in $where"
    echo $$ > "$folder/made-by"
    printf '%s' "$folder"
}

# Removes what starts that were killed have left behind. $1 the name, $2 where.
clean_folders() {
    local folder by
    for folder in "$2/$1".??????; do
        [ -O "$folder" ] && [ -f "$folder/made-by" ] || continue
        by=$(cat "$folder/made-by")
        kill -0 "$by" 2>/dev/null || rm -rf "$folder"
    done
}

# Ids of processes that an earlier start from this checkout has left behind: they carry its mark, or work in its data folder.
left_behind() {
    {
        grep -lzxF -e "SPINDLE_STARTED_IN=$root" /proc/[0-9]*/environ 2>/dev/null || true
        grep -lzxF -e "--datadir=$root/.local/db" /proc/[0-9]*/cmdline 2>/dev/null || true
    } | cut -d/ -f3 | sort -un | while read -r id; do
        [ "$id" != "$$" ] && kill -0 "$id" 2>/dev/null && echo "$id"
    done
    return 0
}

end_left_behind() {
    local ids i
    ids=$(left_behind)
    [ -n "$ids" ] || return 0
    say "An earlier start was cut off; ending what it left behind: $(echo $ids)"
    kill -TERM $ids 2>/dev/null || true
    for i in $(seq 1 200); do
        [ -n "$(left_behind)" ] || return 0
        sleep 0.1
    done
    kill -KILL $(left_behind) 2>/dev/null || true
    sleep 0.5
    [ -z "$(left_behind)" ] || fail "what an earlier start left behind cannot be ended: $(left_behind)"
}

# Says at once, and in words, that a file is another user's.
expect_ours() {
    local foreign
    foreign=$(find "$root/.local" "$root/.env" "$root/storage" "$root/bootstrap/cache" "$root/vendor" "$root/node_modules" "$root/public" \
        \( ! -writable ! -type l -o ! -readable \) -print -quit 2>/dev/null || true)
    [ -n "$foreign" ] || { [ -w "$root" ] || foreign=$root; }
    [ -z "$foreign" ] || fail "“$foreign” belongs to $(stat -c %U "$foreign") and $(id -un) cannot write to it. Start as that user, or hand the checkout over: sudo chown -R $(id -un) \"$root\""
}

# Starts MariaDB on loopback. $1 data folder, $2 run folder for the socket, rest more flags.
# With DB_PORT_KEPT it listens where it did before. Sets DB_PID and exports DB_HOST, DB_PORT, DB_DATABASE, DB_USERNAME, DB_PASSWORD, DB_CONNECTION.
start_database() {
    local data=$1 run=$2 user=() mariadbd
    shift 2
    mariadbd=$(command -v mariadbd || echo /usr/sbin/mariadbd)
    [ "$(id -u)" -eq 0 ] && user=(--user=root)
    if [ ! -d "$data/mysql" ]; then
        mkdir -p "$data"
        # Its installer cannot bear a blank in a path.
        ln -sfn "$data" "$run/laid-out"
        mariadb-install-db --no-defaults "${user[@]}" --datadir="$run/laid-out" --auth-root-authentication-method=normal \
            --skip-test-db --innodb-log-file-size=16M >"$run/install.log" 2>&1 \
            || { cat "$run/install.log" >&2; fail "the database could not be laid out in $data"; }
    fi
    DB_SOCKET="$run/db.sock"
    local attempt
    for attempt in 1 2 3; do
        DB_PORT=${DB_PORT_KEPT:-$(free_port)}
        SPINDLE_STARTED_IN="${STARTED_IN:-}" setsid "$mariadbd" --no-defaults "${user[@]}" --datadir="$data" --port="$DB_PORT" --socket="$DB_SOCKET" \
            --pid-file="$run/db.pid" --bind-address=127.0.0.1 --skip-name-resolve --skip-log-bin \
            --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --innodb-log-file-size=16M \
            --log-error="$run/db.log" "$@" </dev/null >/dev/null 2>&1 &
        DB_PID=$!
        wait_for_database && break
        [ "$attempt" -lt 3 ] || { tail -n 20 "$run/db.log" >&2; fail "the database did not start"; }
    done
    DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_DATABASE=neat_spindle DB_USERNAME=neat DB_PASSWORD=neat
    mariadb --no-defaults -S "$DB_SOCKET" -uroot -e "
        create database if not exists neat_spindle;
        create user if not exists neat@'127.0.0.1' identified by 'neat';
        grant all on \`neat_spindle\`.* to neat@'127.0.0.1';
        grant all on \`neat\\_spindle\\_%\`.* to neat@'127.0.0.1';" || fail "the database refused its first statements"
    export DB_CONNECTION DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD
}

wait_for_database() {
    local i
    for i in $(seq 1 600); do
        kill -0 "$DB_PID" 2>/dev/null || return 1
        [ -S "$DB_SOCKET" ] && mariadb-admin --no-defaults -S "$DB_SOCKET" -uroot ping >/dev/null 2>&1 && return 0
        sleep 0.05
    done
    return 1
}

# What the environment, or else .env, says. $1 the name.
setting() {
    if [ -n "${!1:-}" ]; then printf '%s' "${!1}"; return; fi
    sed -n "s/^$1=//p" "$root/.env" 2>/dev/null | tail -n 1 | sed -e 's/^"\(.*\)"$/\1/' -e "s/^'\(.*\)'$/\1/"
}

# Runs a client of MariaDB against the application's database; its password is on no command line. $1 the client, rest its words.
with_database() {
    local client=$1
    shift
    "$client" --defaults-extra-file=<(printf '[client]\nhost=%s\nport=%s\nuser=%s\npassword="%s"\n' \
        "$(setting DB_HOST)" "$(setting DB_PORT)" "$(setting DB_USERNAME)" "$(setting DB_PASSWORD)") --default-character-set=utf8mb4 "$@"
}

# Ends a process group we started, by its leader's id.
stop_group() {
    [ -n "${1:-}" ] || return 0
    kill -TERM -- "-$1" 2>/dev/null || return 0
    wait "$1" 2>/dev/null || true
}

# An application of its own on a throw-away database in folder $1, its tables made; sets DB_PID.
throwaway_app() {
    start_database "$1/data" "$1"
    export APP_ENV=local APP_DEBUG=false APP_KEY="base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    export LARAVEL_STORAGE_PATH="$1/storage"
    mkdir -p "$1"/storage/{logs,app,framework/{views,sessions,cache/data}}
    php -d variables_order=EGPCS artisan migrate --force --quiet
}
