# Shared by bin/start, bin/test and bin/check: what must be installed, and the servers of one instance.
# An instance lives in a folder of its own ($INSTANCE): its database, its .env, its sockets, logs and process ids.

set -euo pipefail

CALLED_FROM=$PWD
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$ROOT"
PIDS=()

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# --- what must be there ---------------------------------------------------------------------------------------------

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"
    elif command -v sudo >/dev/null; then sudo "$@"
    else fail "Some Debian packages are missing, and installing them needs root. Run this once as root: apt-get install $*"
    fi
}

# need_packages PACKAGE...: installs the Debian packages that are not there yet.
need_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    say "Installing from Debian: ${missing[*]}"
    mkdir -p var
    local log="$ROOT/var/apt.log" policy=/usr/sbin/policy-rc.d placed=
    # Keeps Debian from starting system-wide servers: this project starts its own, on loopback.
    if [ ! -e "$policy" ]; then
        printf '#!/bin/sh\nexit 101\n' | as_root tee "$policy" >/dev/null && as_root chmod +x "$policy" && placed=1
    fi
    if ! { as_root apt-get update && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
        [ -z "$placed" ] || as_root rm -f "$policy"
        fail "Debian could not install ${missing[*]}. The reason is at the end of $log."
    fi
    [ -z "$placed" ] || as_root rm -f "$policy"
}

SERVER_PACKAGES=(php-cli php-fpm php-mysql php-curl php-zip php-xml php-mbstring php-intl php-apcu composer unzip mariadb-server-core mariadb-client nginx-light curl)
BROWSER_PACKAGES=(chromium chromium-driver libreoffice-writer-nogui poppler-utils)

digest() { cat "$@" 2>/dev/null | sha256sum | cut -c1-16; }

# once NAME DIGEST COMMAND...: runs the command unless it ran for this digest already.
once() {
    local stamp="var/stamps/$1" wanted=$2 name=$1 log="var/$1.log"
    shift 2
    mkdir -p var/stamps
    [ "$(cat "$stamp" 2>/dev/null)" != "$wanted" ] || return 0
    "$@" >"$log" 2>&1 || fail "The step “$name” failed. The reason is at the end of $ROOT/$log."
    printf '%s' "$wanted" >"$stamp"
}

composer_install() {
    # Composer refuses to run plugins as root without this; the project has none.
    COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --optimize-autoloader
}

build_interface() { npm run build; }

need_dependencies() {
    command -v node >/dev/null || fail "Node.js is missing. Install Node.js 20 or newer and run this again."
    [ -d vendor ] || rm -f var/stamps/composer
    [ -d node_modules ] || rm -f var/stamps/npm
    [ -f public/sw.js ] && [ -d public/build ] || rm -f var/stamps/interface
    local php_packages
    php_packages=$(digest composer.json core/composer.json packages/*/composer.json)
    [ "$(cat var/stamps/composer 2>/dev/null)" = "$php_packages" ] || say "Installing PHP packages …"
    once composer "$php_packages" composer_install
    local js_packages
    js_packages=$(digest package.json package-lock.json)
    [ "$(cat var/stamps/npm 2>/dev/null)" = "$js_packages" ] || say "Installing interface packages …"
    once npm "$js_packages" npm ci --no-audit --no-fund
    local interface
    interface=$(find resources/js vite.config.ts vite.worker.config.ts package-lock.json -type f -print0 | sort -z | xargs -0 cat | sha256sum | cut -c1-16)
    [ "$(cat var/stamps/interface 2>/dev/null)" = "$interface" ] || say "Building the interface …"
    once interface "$interface" build_interface
}

# --- one instance ---------------------------------------------------------------------------------------------------

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

need_port() { port_is_free "$1" || fail "Port $1 is taken by another program. Choose another one: $2"; }

# wait_for WHAT LOG COMMAND...: until the command succeeds, or for 30 seconds.
wait_for() {
    local what=$1 log=$2 i
    shift 2
    for i in $(seq 300); do
        "$@" >/dev/null 2>&1 && return 0
        sleep 0.1
    done
    fail "$what did not start. The reason is at the end of $log."
}

answers() { ! port_is_free "$1"; }

# Sockets have short paths by law; the instance's folder may have a long one.
socket_of() { printf '/tmp/bibrel-%s-%s.sock' "$(printf '%s' "$INSTANCE" | sha256sum | cut -c1-10)" "$1"; }

sql() { mariadb --no-defaults --socket="$(socket_of db)" -u root "$@"; }

# serve NAME LOG COMMAND...: starts a server in a process group of its own, so that it ends when we say, with its children.
declare -A SERVED_NAME SERVED_LOG SERVED_COMMAND SERVED_SINCE ENDED_EARLY
serve() {
    local name=$1 log=$2
    shift 2
    setsid "$@" >>"$log" 2>&1 </dev/null 9>&- &
    PIDS+=($!)
    SERVED_NAME[$!]=$name
    SERVED_LOG[$!]=$log
    SERVED_COMMAND[$!]=$(printf '%q ' "$@")
    SERVED_SINCE[$!]=$SECONDS
    printf '%s\n' "$!" >>"$INSTANCE/pids"
}

# Starts every server again that ends by itself, and says so. Never returns.
keep_alive() {
    local ended
    while true; do
        ended=
        wait -n -p ended "${PIDS[@]}" || true
        [ -n "$ended" ] && serve_again "$ended" || sleep 1
    done
}

# serve_again PID: starts the server again that had this process id. One that ends as soon as it is started begins with a
# growing pause, which no other server waits for.
serve_again() {
    local ended=$1 pid pids=() pause=
    local name=${SERVED_NAME[$ended]} log=${SERVED_LOG[$ended]} command=${SERVED_COMMAND[$ended]} since=${SERVED_SINCE[$ended]}
    # Children of a server that was killed would hold its port and its socket.
    kill -KILL -- "-$ended" 2>/dev/null || true
    for pid in "${PIDS[@]}"; do [ "$pid" = "$ended" ] || pids+=("$pid"); done
    PIDS=("${pids[@]}")
    unset "SERVED_NAME[$ended]" "SERVED_LOG[$ended]" "SERVED_COMMAND[$ended]" "SERVED_SINCE[$ended]"
    if ((SECONDS - since < 10)); then
        ENDED_EARLY[$name]=$((${ENDED_EARLY[$name]:-0} + 1))
        ((ENDED_EARLY[$name] < 2)) || pause=$((ENDED_EARLY[$name] < 6 ? ENDED_EARLY[$name] - 1 : 5))
    else
        ENDED_EARLY[$name]=0
    fi
    say "$name had ended; it is started again. ($(date '+%H:%M:%S'))"
    [ "$name" != PHP ] || rm -f "$(socket_of fpm)"
    if [ -z "$pause" ]; then eval "serve $(printf '%q %q' "$name" "$log") $command"
    else eval "serve $(printf '%q %q' "$name" "$log") bash -c 'sleep $pause; exec \"\$@\"' waiting $command"
        SERVED_COMMAND[${PIDS[-1]}]=$command
    fi
}

# Logs that have grown large make room for new ones.
rotate_logs() {
    local log
    for log in "$INSTANCE"/*.log "$INSTANCE"/*.out; do
        [ -f "$log" ] && [ "$(stat -c %s "$log")" -gt 1000000 ] && mv -f "$log" "$log.1"
    done
    return 0
}

# Servers of this instance that a killed run left behind.
end_leftovers() {
    local pid
    [ -f "$INSTANCE/pids" ] || return 0
    while read -r pid; do
        if tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qE "$INSTANCE|standins/router.php|queue:work|schedule:work|chromedriver|php-fpm: master|nginx: master"; then
            kill -TERM -- "-$pid" 2>/dev/null || true
            for _ in $(seq 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
        fi
    done <"$INSTANCE/pids"
    rm -f "$INSTANCE/pids"
}

start_mariadb() {
    local data="$INSTANCE/mariadb" log="$INSTANCE/mariadb.log"
    mkdir -p "$INSTANCE"
    if [ ! -d "$data/mysql" ]; then
        rm -rf "$data"
        mariadb-install-db --no-defaults --datadir="$data" --user="$(id -un)" --auth-root-authentication-method=normal --skip-test-db >"$log" 2>&1 \
            || fail "MariaDB could not set up its data folder. The reason is at the end of $log."
    fi
    # Reachable by network from this machine only; root by its socket only.
    serve MariaDB "$log" mariadbd --no-defaults --datadir="$data" --user="$(id -un)" --bind-address=127.0.0.1 --port="$DB_PORT" \
        --socket="$(socket_of db)" --pid-file="$INSTANCE/mariadb.pid" --skip-name-resolve \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_uca1400_ai_ci --innodb-flush-log-at-trx-commit=1 \
        --max-connections=200 --max-allowed-packet=64M
    wait_for MariaDB "$log" sql -e 'select 1'
    local password
    password=$(sed -n 's/^DB_PASSWORD=//p' "$INSTANCE/.env")
    sql -e "create database if not exists bibrel; create user if not exists 'bibrel'@'127.0.0.1'; alter user 'bibrel'@'127.0.0.1' identified by '$password'; grant all on bibrel.* to 'bibrel'@'127.0.0.1';"
}

# write_env: the instance's settings; the key and the password stay once they are made.
write_env() {
    mkdir -p "$INSTANCE/cache" "$INSTANCE/storage/framework/views" "$INSTANCE/storage/framework/cache/data" "$INSTANCE/storage/framework/sessions" "$INSTANCE/storage/logs" "$INSTANCE/storage/app"
    local key password
    key=$(sed -n 's/^APP_KEY=//p' "$INSTANCE/.env" 2>/dev/null || true)
    password=$(sed -n 's/^DB_PASSWORD=//p' "$INSTANCE/.env" 2>/dev/null || true)
    [ -n "$key" ] || key="base64:$(head -c 32 /dev/urandom | base64 -w0)"
    [ -n "$password" ] || password=$(head -c 18 /dev/urandom | base64 -w0 | tr '+/' 'ab')
    (umask 077; cat >"$INSTANCE/.env" <<ENV
APP_NAME=Bibrel
APP_ENV=${APP_ENV:-local}
APP_KEY=$key
APP_DEBUG=false
APP_URL=http://127.0.0.1:$PORT
DB_CONNECTION=mariadb
DB_HOST=127.0.0.1
DB_PORT=$DB_PORT
DB_DATABASE=bibrel
DB_USERNAME=bibrel
DB_PASSWORD=$password
SESSION_DRIVER=cookie
SESSION_LIFETIME=525600
SESSION_COOKIE=bibrel_session
CACHE_STORE=file
QUEUE_CONNECTION=database
LOOKUP_REMEMBERED_MINUTES=${LOOKUP_REMEMBERED_MINUTES:-15}
LOG_CHANNEL=daily
MAIL_MAILER=${MAIL_MAILER:-standin}
CATALOGUE_URL=https://catalogue.northmere.example/sru
DOI_URL=https://doi.northmere.example
DOI_SEARCH_URL=https://doi.northmere.example/works
BIBREL_EXTENSIONS='Bibrel\\Standins\\StandinsProvider'
STANDINS_PORT=$STANDINS_PORT
DEMO=${DEMO:-true}
ENV
    )
}

# setting NAME: what the instance's settings say.
setting() { sed -n "s/^$1=//p" "$INSTANCE/.env" | tail -n 1 | sed "s/^[\"']//; s/[\"']$//"; }

# How the database's own programs reach it, as an option file: a password has no place on a command line.
database_options() {
    printf '[client]\nhost=%s\nport=%s\nuser=%s\npassword="%s"\n' \
        "$(setting DB_HOST)" "$(setting DB_PORT)" "$(setting DB_USERNAME)" "$(setting DB_PASSWORD)"
}

php_in_instance() { BIBREL_INSTANCE="$INSTANCE" php "$@"; }

start_standins() {
    PHP_CLI_SERVER_WORKERS=24 serve "The stand-in world" "$INSTANCE/standins.log" php -q -d zend.assertions=-1 -S "127.0.0.1:$STANDINS_PORT" standins/router.php
    wait_for "The stand-in world" "$INSTANCE/standins.log" answers "$STANDINS_PORT"
}

start_application() {
    local fpm_socket user fpm
    fpm_socket=$(socket_of fpm)
    user=$(id -un)
    fpm=$(command -v php-fpm || ls /usr/sbin/php-fpm* 2>/dev/null | head -n 1)
    cat >"$INSTANCE/fpm.conf" <<CONF
[global]
error_log = $INSTANCE/fpm.log
daemonize = no
[bibrel]
listen = $fpm_socket
$([ "$(id -u)" = 0 ] && printf 'user = %s\ngroup = %s' "$user" "$(id -gn)")
pm = static
pm.max_children = ${WORKERS:-8}
pm.max_requests = 5000
clear_env = no
catch_workers_output = yes
php_admin_value[opcache.interned_strings_buffer] = 16
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[opcache.revalidate_freq] = 1
php_admin_value[realpath_cache_ttl] = 600
php_admin_value[expose_php] = 0
php_admin_value[display_errors] = 0
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 32M
php_admin_value[upload_max_filesize] = 32M
CONF
    local root_flag=()
    [ "$(id -u)" != 0 ] || root_flag=(--allow-to-run-as-root)
    BIBREL_INSTANCE="$INSTANCE" serve PHP "$INSTANCE/fpm.out" "$fpm" --nodaemonize --fpm-config "$INSTANCE/fpm.conf" "${root_flag[@]}"
    wait_for PHP "$INSTANCE/fpm.log" test -S "$fpm_socket"

    mkdir -p "$INSTANCE/nginx"
    sed -e "s|@ROOT@|$ROOT|g; s|@INSTANCE@|$INSTANCE|g; s|@PORT@|$PORT|g; s|@FPM@|$fpm_socket|g" \
        -e "s|@USER@|$([ "$(id -u)" = 0 ] && printf 'user %s;' "$user")|" bin/support/nginx.conf >"$INSTANCE/nginx.conf"
    serve "The web server" "$INSTANCE/nginx.out" nginx -e "$INSTANCE/nginx.log" -c "$INSTANCE/nginx.conf" -p "$INSTANCE/nginx"
    wait_for "The web server" "$INSTANCE/nginx.log" answers "$PORT"
}

# The workers that look things up, apart from all requests, and what clears away once an hour.
start_workers() {
    local i
    for i in $(seq "${LOOKUP_WORKERS:-4}"); do
        BIBREL_INSTANCE="$INSTANCE" serve "Look-up worker $i" "$INSTANCE/worker.log" \
            php artisan queue:work database --quiet --sleep=0.2 --tries=1 --timeout=50 --memory=256
    done
    BIBREL_INSTANCE="$INSTANCE" serve "The scheduler" "$INSTANCE/scheduler.log" php artisan schedule:work --quiet
}

# Ends what this script started, last first, by its own process ids.
stop_all() {
    local i pid
    trap - EXIT INT TERM
    for ((i = ${#PIDS[@]} - 1; i >= 0; i--)); do
        kill -TERM -- "-${PIDS[$i]}" 2>/dev/null || true
    done
    for pid in "${PIDS[@]}"; do
        wait "$pid" 2>/dev/null || true
    done
    rm -f "${INSTANCE:-/nowhere}/pids"
    [ -z "${INSTANCE:-}" ] || rm -f "$(socket_of db)" "$(socket_of fpm)"
}
