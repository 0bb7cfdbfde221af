# Shared by bin/start, bin/test, bin/stop and bin/screenshots. Sourced, not run.

set -euo pipefail
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
cd "$ROOT"
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '\033[36m»\033[0m %s\n' "$*"; }
die() { printf '\033[31m✗\033[0m %s\n' "$*" >&2; exit 1; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else
        die "Missing Debian packages and no sudo. As root: apt-get install ${MISSING[*]}"
    fi
}

# need_packages PROBE=PACKAGE ...   PROBE is a command, or ext:NAME for a PHP extension.
need_packages() {
    MISSING=()
    local modules
    modules="$(php -m | tr 'A-Z' 'a-z')"
    for pair in "$@"; do
        local probe="${pair%%=*}" package="${pair#*=}"
        case "$probe" in
            ext:*) grep -qx "${probe#ext:}" <<<"$modules" || MISSING+=("$package") ;;
            *) command -v "$probe" >/dev/null || [ -x "/usr/sbin/$probe" ] || MISSING+=("$package") ;;
        esac
    done
    [ "${#MISSING[@]}" = 0 ] && return
    say "Installing Debian packages: ${MISSING[*]}"
    as_root apt-get update -qq
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${MISSING[@]}" >/dev/null
}

base_packages() {
    command -v php >/dev/null || die "PHP 8.2 is needed: apt-get install php8.2-cli"
    command -v composer >/dev/null || die "Composer is needed: apt-get install composer"
    command -v npm >/dev/null || die "Node 20 with npm is needed."
    need_packages mariadbd=mariadb-server mariadb=mariadb-client ext:pdo_mysql=php8.2-mysql ext:mbstring=php8.2-mbstring \
        ext:xml=php8.2-xml ext:dom=php8.2-xml ext:curl=php8.2-curl ext:intl=php8.2-intl ext:zip=php8.2-zip setsid=util-linux
}

# artisan ARGS...   Quiet when it works, loud when it does not.
artisan() {
    local out
    out="$(php artisan "$@" --no-ansi 2>&1)" || { printf '%s\n' "$out" >&2; die "php artisan $* failed."; }
}

fingerprint() { cat "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }

stamp_differs() { [ "$(cat "$1" 2>/dev/null || true)" != "$2" ]; }

php_packages() {
    local want
    want="$(fingerprint composer.json)"
    if [ ! -f vendor/autoload.php ] || stamp_differs vendor/.stamp "$want"; then
        say "Composer packages"
        rm -f bootstrap/cache/packages.php bootstrap/cache/services.php
        # No lock file is written on purpose (versions are pinned in composer.json), and composer says so in red.
        local out
        out="$(composer update --no-progress --no-ansi --no-scripts --no-audit --prefer-dist 2>&1)" || { printf '%s\n' "$out" >&2; die "Composer could not install the packages."; }
        echo "$want" > vendor/.stamp
    fi
    artisan package:discover
}

node_packages() {
    local want
    want="$(fingerprint package-lock.json)"
    if stamp_differs node_modules/.stamp "$want"; then
        say "Front-end packages"
        npm ci --no-audit --no-fund --silent
        echo "$want" > node_modules/.stamp
    fi
}

build_pages() {
    local want
    want="$(find resources bin/lib/worker.mjs vite.config.ts tsconfig.json package-lock.json -type f ! -name samples.check.ts -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)"
    if stamp_differs public/build/.stamp "$want"; then
        say "Building the pages"
        npx vite build --logLevel warn
        node bin/lib/worker.mjs
        echo "$want" > public/build/.stamp
    fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'
}

# only_ours PATH...   Nobody but the account that runs this may look inside.
only_ours() { chmod -R go= "$@"; }

# db_start HOME PORT NAME PASSWORD [fast]   A MariaDB of our own below HOME, on loopback only. Its root has a password of its
# own, kept beside it, and its socket lies in a folder that nobody else can enter.
db_start() {
    local home="$1" port="$2" name="$3" password="$4" fast="${5:-}"
    mkdir -p "$home"
    chmod 700 "$home"
    [ -f "$home/root-password" ] || (umask 077; php -r 'echo bin2hex(random_bytes(16));' > "$home/root-password")
    local socket="$home/db.sock"
    # A Unix socket path holds 107 characters at most; a deep checkout needs a shorter one.
    [ "${#socket}" -le 100 ] || { socket="$(mktemp -d)/db.sock"; echo "$(dirname "$socket")" > "$home/socketdir"; }
    (umask 077; : > "$home/init.sql")
    cat > "$home/init.sql" <<SQL
CREATE DATABASE IF NOT EXISTS \`$name\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'buoyant'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'buoyant'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON \`${name//_/\\_}%\`.* TO 'buoyant'@'127.0.0.1';
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
FLUSH PRIVILEGES;
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(cat "$home/root-password")';
SQL
    chmod 600 "$home/init.sql"
    cat > "$home/my.cnf" <<CNF
[mariadbd]
datadir=$home/data
port=$port
bind-address=127.0.0.1
socket=$socket
pid-file=$home/db.pid
log-error=$home/db.log
init-file=$home/init.sql
skip-name-resolve
skip-log-bin
log_bin_trust_function_creators=1
character-set-server=utf8mb4
collation-server=utf8mb4_unicode_ci
innodb_buffer_pool_size=96M
performance_schema=OFF
CNF
    [ -n "$fast" ] && printf 'innodb_flush_log_at_trx_commit=0\ninnodb_doublewrite=0\n' >> "$home/my.cnf"
    local user=()
    [ "$(id -u)" = 0 ] && user=(--user=root)
    if [ ! -d "$home/data/mysql" ]; then
        mariadb-install-db --defaults-file="$home/my.cnf" "${user[@]}" --datadir="$home/data" \
            --auth-root-authentication-method=normal --skip-test-db >"$home/install.log" 2>&1 || { tail -5 "$home/install.log" >&2; die "MariaDB could not set up $home/data"; }
    fi
    port_is_free "$port" || die "Port $port is taken. Choose another: BUOYANT_DB_PORT=33321 bin/start"
    local mariadbd
    mariadbd="$(command -v mariadbd || echo /usr/sbin/mariadbd)"
    setsid "$mariadbd" --defaults-file="$home/my.cnf" "${user[@]}" >/dev/null 2>&1 </dev/null &
    for _ in $(seq 150); do
        if [ -f "$home/db.pid" ] && ! port_is_free "$port"; then return; fi
        sleep 0.1
    done
    tail -5 "$home/db.log" >&2
    die "MariaDB did not start; its log is $home/db.log"
}

stop_pid_file() {
    local file="$1" pid
    [ -f "$file" ] || return 0
    pid="$(cat "$file")"
    if [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null; then
        kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null || true
        for _ in $(seq 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    fi
    rm -f "$file"
}

db_stop() {
    local home="$1"
    [ -f "$home/db.pid" ] && { local pid; pid="$(cat "$home/db.pid")"; kill -TERM "$pid" 2>/dev/null || true; for _ in $(seq 150); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done; }
    [ -f "$home/socketdir" ] && { rm -rf "$(cat "$home/socketdir")"; rm -f "$home/socketdir"; }
    return 0
}

# serve PORT PIDFILE LOG   PHP's own server with four workers; see docs/production.md for a real one.
serve() {
    local port="$1" pidfile="$2" log="$3"
    (umask 077; cd public && PHP_CLI_SERVER_WORKERS=4 exec setsid php -q -d expose_php=0 -d opcache.validate_timestamps=0 -d opcache.interned_strings_buffer=16 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d realpath_cache_ttl=600 -S "127.0.0.1:$port" \
        ../bin/lib/server.php >"$log" 2>&1 </dev/null) &
    # setsid makes the server the leader of its own group, so this pid is also the group to stop.
    echo $! > "$pidfile"
    for _ in $(seq 100); do
        port_is_free "$port" || return 0
        sleep 0.1
    done
    tail -5 "$log" >&2
    die "The web server did not start; its log is $log"
}

# demo_server WORK NAME   A throw-away database with the demo in it and a web server on it; sets HTTP_PORT. Caches and
# sessions go below WORK, so that a running bin/start is not disturbed.
demo_server() {
    local work="$1" name="$2"
    export DB_PASSWORD="${DB_PASSWORD:-testing}"
    if [ -z "${DB_PORT:-}" ]; then
        export DB_PORT
        DB_PORT="$(free_port)"
        db_start "$work/db" "$DB_PORT" "$name" "$DB_PASSWORD" fast
    fi
    mkdir -p "$work/views"
    export HTTP_PORT
    HTTP_PORT="$(free_port)"
    export APP_ENV=testing APP_KEY=base64:dGVzdGluZy10ZXN0aW5nLXRlc3RpbmctdGVzdGluZy0= APP_DEBUG=false APP_CONFIG_CACHE="$work/none.php" APP_ROUTES_CACHE="$work/none.php" \
        APP_EVENTS_CACHE="$work/none.php" DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_DATABASE="$name" DB_USERNAME=buoyant CACHE_STORE=file \
        VIEW_COMPILED_PATH="$work/views" INERTIA_DEVTOOLS_ENABLED=false LOG_CHANNEL=stderr BCRYPT_ROUNDS=4 SESSION_DRIVER=file
    artisan migrate:fresh --force
    artisan db:seed --force
    serve "$HTTP_PORT" "$work/web.pid" "$work/web.log"
}
