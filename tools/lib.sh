# What ./start and ./check share. Sourced with the project's root as the working directory.

set -euo pipefail
export LC_ALL=C.UTF-8
ROOT=$PWD
PACKAGES=()

say() { printf '  %s\n' "$*"; }
step() { printf '\n\033[1m%s\033[0m\n' "$*"; }
die() { printf '\n%s\n' "$*" >&2; exit 1; }

# need_command NAME PACKAGE: notes a Debian package that is missing.
need_command() { command -v "$1" >/dev/null 2>&1 || [ -x "/usr/sbin/$1" ] || PACKAGES+=("$2"); }

php_series() { php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;'; }

# apt COMMAND…: apt-get; while another program holds its lock it is named and waited for.
apt() {
    local waited=0 holder
    until apt-get "$@" > var/log/apt.log 2>&1; do
        grep -qE 'Could not get lock|Unable to (acquire|lock)' var/log/apt.log || return 1
        holder=$(grep -oE 'held by process [0-9]+ \([^)]*\)' var/log/apt.log | head -n 1)
        [ $waited != 0 ] || say "another program is installing packages (${holder:-it does not say which}); waiting until it is done"
        [ $waited -lt 900 ] || die "Another program has kept the packages locked for a quarter of an hour (${holder:-it does not say which})." \
            "When it is done, run this again."
        sleep 3; waited=$((waited + 3))
    done
}

install_packages() {
    [ ${#PACKAGES[@]} -gt 0 ] || return 0
    if [ "$(id -u)" != 0 ]; then
        die "These Debian packages are missing: ${PACKAGES[*]}
Ask somebody with root rights for:  apt-get install ${PACKAGES[*]}
Then run this again."
    fi
    say "installing ${PACKAGES[*]}"
    mkdir -p var/log
    # A package that brings a service is not to start it: we run private copies on loopback.
    local policy=/usr/sbin/policy-rc.d mine=0
    if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' > $policy; chmod +x $policy; mine=1; fi
    { apt update && DEBIAN_FRONTEND=noninteractive apt install -y --no-install-recommends "${PACKAGES[@]}"; } \
        || { [ $mine = 0 ] || rm -f $policy; die "The packages could not be installed; var/log/apt.log says why. With the network back, run this again."; }
    [ $mine = 0 ] || rm -f $policy
    PACKAGES=()
}

# once NAME HASH COMMAND…: runs the command unless it ran for the same hash; its output goes to var/log/NAME.log.
once() {
    local name=$1 hash=$2; shift 2
    if [ "$(cat "var/stamps/$name" 2>/dev/null)" = "$hash" ]; then return 0; fi
    say "$name …"
    local try
    for try in 1 2 3; do
        if "$@" > "var/log/$name.log" 2>&1; then mkdir -p var/stamps; printf '%s' "$hash" > "var/stamps/$name"; return 0; fi
        if [ $try != 3 ]; then say "$name did not work, trying again"; sleep $((3 * try)); fi
    done
    tail -n 15 "var/log/$name.log" >&2
    die "“$name” failed; var/log/$name.log has all of it."
}

hash_of() { find "$@" -type f -not -path '*/node_modules/*' -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-32; }

# install_libraries [--dev]: PHP and front end, and the PHP extensions that Composer finds missing for them.
install_libraries() {
    mkdir -p var/log var/stamps var/run
    [ -d vendor ] || rm -f var/stamps/php-libraries
    [ -d node_modules ] || rm -f var/stamps/web-libraries
    local hash; hash=$(hash_of composer.json composer.versions)
    # Who has the libraries for development has those for running too.
    if [ "$(cat var/stamps/php-libraries 2>/dev/null)" != "$hash--dev" ]; then
        once php-libraries "$hash$*" tools/libraries install "$@"
        if [ -s var/run/libraries-said ]; then cat var/run/libraries-said; fi
    fi
    local extension
    for extension in $(tools/libraries extensions "$@"); do PACKAGES+=("php$(php_series)-${extension//_/-}"); done
    install_packages
    once web-libraries "$(hash_of package.json package-lock.json)" npm ci --no-audit --no-fund
}

build_web() {
    [ -f public/build/.vite/manifest.json ] || rm -f var/stamps/web-build
    once web-build "$(hash_of web vite.config.ts package-lock.json tsconfig.json)" npm run build
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# secret NAME: a random word made once and kept.
secret() {
    mkdir -p var/secrets; chmod 700 var/secrets
    [ -s "var/secrets/$1" ] || php -r 'echo bin2hex(random_bytes(16));' > "var/secrets/$1"
    cat "var/secrets/$1"
}

# database_up FOLDER PORT: our own MariaDB over FOLDER on loopback; sets DATABASE_PID and DATABASE_SOCKET.
database_up() {
    local folder=$ROOT/$1 port=$2 waited=0 running
    mkdir -p "$folder"
    DATABASE_SOCKET=$folder/mariadb.sock
    [ ${#DATABASE_SOCKET} -lt 100 ] || DATABASE_SOCKET=/tmp/kindheel-$(printf '%s' "$folder" | sha256sum | cut -c1-12).sock
    running=$(cat "$folder/mariadb.pid" 2>/dev/null || true)
    if [ -n "$running" ] && kill -0 "$running" 2>/dev/null && grep -qa mariadbd "/proc/$running/cmdline" 2>/dev/null; then
        say "an earlier stop left the database running; it is taken down in good order first"
        kill "$(cat "$folder/mariadb.pid")"
        while kill -0 "$(cat "$folder/mariadb.pid" 2>/dev/null)" 2>/dev/null && [ $waited -lt 300 ]; do sleep 0.1; waited=$((waited + 1)); done
    fi
    port_is_free "$port" || die "Port $port is in use, so the database cannot listen there. Stop what uses it, or set KINDHEEL_DB_PORT to a free one."
    local user=(); [ "$(id -u)" != 0 ] || user=(--user=root)
    if [ ! -d "$folder/data/mysql" ]; then
        say "laying out the database"
        rm -rf "$folder/data"
        mariadb-install-db --no-defaults --datadir="$folder/data" --auth-root-authentication-method=normal --skip-test-db "${user[@]}" \
            > var/log/database-install.log 2>&1 \
            || die "The database could not be laid out; var/log/database-install.log says why."
    fi
    local server; server=$(command -v mariadbd || echo /usr/sbin/mariadbd)
    # Own process group: Ctrl-C reaches us, and we stop the database last and in order.
    setsid "$server" --no-defaults "${user[@]}" --datadir="$folder/data" --socket="$DATABASE_SOCKET" --port="$port" --bind-address=127.0.0.1 \
        --pid-file="$folder/mariadb.pid" --log-error="$ROOT/var/log/database.log" --skip-name-resolve \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --sql-mode=STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ENGINE_SUBSTITUTION \
        --innodb-flush-log-at-trx-commit=1 --innodb-buffer-pool-size=128M --max-connections=100 --performance-schema=OFF > /dev/null 2>&1 9>&- &
    DATABASE_PID=$!
    waited=0
    until mariadb-admin --no-defaults --socket="$DATABASE_SOCKET" -uroot ping > /dev/null 2>&1; do
        kill -0 $DATABASE_PID 2>/dev/null || die "The database did not start; the end of var/log/database.log:
$(tail -n 5 var/log/database.log)"
        waited=$((waited + 1)); [ $waited -lt 600 ] || die "The database did not answer within a minute; var/log/database.log says more."
        sleep 0.1
    done
}

# database_for NAME PASSWORD: an empty database unless it is there, and its user.
database_for() {
    mariadb --no-defaults --socket="$DATABASE_SOCKET" -uroot -e "
        CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
        CREATE USER IF NOT EXISTS kindheel@'127.0.0.1' IDENTIFIED BY '$2';
        ALTER USER kindheel@'127.0.0.1' IDENTIFIED BY '$2';
        GRANT ALL ON \`$1\`.* TO kindheel@'127.0.0.1';"
}

database_down() {
    [ -n "${DATABASE_PID:-}" ] || return 0
    kill "$DATABASE_PID" 2>/dev/null || true
    wait "$DATABASE_PID" 2>/dev/null || true
    DATABASE_PID=
}

# web_clear FOLDER: takes down what an earlier stop that was broken off left behind.
web_clear() {
    local name pid waited=0
    for name in nginx php-fpm; do
        pid=$(cat "$ROOT/$1/$name.pid" 2>/dev/null) || continue
        grep -qa "$name" "/proc/$pid/cmdline" 2>/dev/null || continue
        say "an earlier stop left $name running; it is taken down first"
        kill -QUIT "$pid" 2>/dev/null || true
        while kill -0 "$pid" 2>/dev/null && [ $waited -lt 100 ]; do sleep 0.1; waited=$((waited + 1)); done
    done
}

# web_up FOLDER PORT: PHP-FPM and nginx on loopback, with the environment of the caller; sets FPM_PID and NGINX_PID.
web_up() {
    local run=$ROOT/$1 port=$2 fpm
    mkdir -p "$run"
    port_is_free "$port" || die "Port $port is in use. Stop what uses it, or choose another:  ./start --port $((port + 1))"
    fpm=$(command -v "php-fpm$(php_series)" || echo "/usr/sbin/php-fpm$(php_series)")
    local socket=$run/php.sock
    [ ${#socket} -lt 100 ] || socket=/tmp/kindheel-$(printf '%s' "$run" | sha256sum | cut -c1-12)-php.sock
    local user='' nginx_user=''
    if [ "$(id -u)" = 0 ]; then user='user = root'; nginx_user='user root;'; fi
    sed -e "s|@ROOT@|$ROOT|g; s|@RUN@|$run|g; s|@SOCKET@|$socket|g; s|@PORT@|$port|g; s|@USER@|$nginx_user|" tools/nginx.conf > "$run/nginx.conf"
    sed -e "s|@ROOT@|$ROOT|g; s|@RUN@|$run|g; s|@SOCKET@|$socket|g; s|@USER@|$user|" tools/php-fpm.conf > "$run/php-fpm.conf"
    local root=(); [ "$(id -u)" != 0 ] || root=(-R)
    # What opcache shares between its processes is laid out before a pool's settings are read, so it is given here.
    local shared=(-d opcache.enable=1 -d opcache.memory_consumption=192 -d opcache.interned_strings_buffer=24 -d opcache.max_accelerated_files=20000
        -d opcache.validate_timestamps=0 -d realpath_cache_size=4M -d realpath_cache_ttl=3600)
    shared+=(-d "opcache.preload=$ROOT/config/preload.php" -d "opcache.preload_user=$(id -un)")
    setsid "$fpm" --nodaemonize --fpm-config "$run/php-fpm.conf" "${shared[@]}" "${root[@]}" > "$run/php-fpm.out" 2>&1 9>&- &
    FPM_PID=$!
    setsid "$(command -v nginx || echo /usr/sbin/nginx)" -e "$run/nginx-error.log" -c "$run/nginx.conf" -g 'daemon off;' > "$run/nginx.out" 2>&1 9>&- &
    NGINX_PID=$!
    local waited=0
    while port_is_free "$port" || [ ! -S "$socket" ]; do
        kill -0 $NGINX_PID 2>/dev/null && kill -0 $FPM_PID 2>/dev/null || die "The web server did not start:
$(cat "$run/nginx.out" "$run/php-fpm.out" "$run/nginx-error.log" 2>/dev/null | tail -n 5)"
        waited=$((waited + 1)); [ $waited -lt 200 ] || die "The web server did not answer within 20 seconds."
        sleep 0.1
    done
    php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://127.0.0.1:$port/api/session" \
        || die "The web server answers, but not as it should; $1/php-error.log, $1/nginx-error.log and var/log say why."
}

web_down() {
    local pid
    for pid in ${NGINX_PID:-} ${FPM_PID:-}; do kill -QUIT "$pid" 2>/dev/null || true; done
    for pid in ${NGINX_PID:-} ${FPM_PID:-}; do wait "$pid" 2>/dev/null || true; done
    NGINX_PID= FPM_PID=
}
