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

# socket_in FOLDER NAME: a socket in a folder below that nobody else may enter; where the path would be too long for one, in /tmp.
socket_in() {
    local folder=$1/sockets
    [ $((${#folder} + ${#2})) -lt 100 ] || folder=/tmp/kindheel-$(printf '%s' "$1" | sha256sum | cut -c1-12)
    mkdir -p "$folder"
    [ "$(id -u)" != 0 ] || chown -h 0 "$folder"
    [ -O "$folder" ] || die "$folder belongs to somebody else. Look what it is and remove it, then run this again."
    chmod 700 "$folder"
    printf '%s/%s' "$folder" "$2"
}

# worker: as whom everything runs that root starts: whom the folder belongs to, or www-data; root only where nobody else may enter the folder.
worker() {
    local name
    for name in "$(stat -c %U .)" www-data; do
        [ "$name" != root ] && id "$name" > /dev/null 2>&1 || continue
        if (become "$name" test -r "$ROOT/start"); then printf '%s' "$name"; return; fi
    done
    printf root
}
# become NAME COMMAND…: goes on as that user, for good.
become() {
    local name=$1; shift
    export HOME=$ROOT/var/run USER=$name LOGNAME=$name
    exec setpriv --reuid="$name" --regid="$(id -g "$name")" --clear-groups --no-new-privs "$@"
}

# hand_to NAME PATH…: what is written while it runs belongs to whoever runs it; what is run may be read by them.
hand_to() {
    local name=$1; shift
    find "$@" ! -user "$name" -exec chown -h "$name:" {} +
    # Some libraries come for their owner alone.
    find . -mindepth 1 \( -path ./var -o -path ./.git -o -path ./node_modules -o -name '.env*.local' \) -prune -o ! -perm -a=r -exec chmod a+rX {} +
}

# clear_group PID-FILE NAME [SECONDS]: ends what is left of a server that was killed or cut off: its whole process group, in order when it has SECONDS.
clear_group() {
    local group member waited=0
    group=$(cat "$1" 2>/dev/null) || return 0
    case $group in ''|*[!0-9]*) return 0 ;; esac
    [ "$group" != "$$" ] || return 0
    for member in $(members_of "$group" "$2"); do
        if [ -n "${3:-}" ] && [ "$member" = "$group" ]; then
            kill -TERM "$member" 2>/dev/null || continue
            while kill -0 "$member" 2>/dev/null && [ $waited -lt $(($3 * 10)) ]; do sleep 0.1; waited=$((waited + 1)); done
        fi
        kill -KILL "$member" 2>/dev/null || true
    done
}

# members_of GROUP [NAME]: what lives of that process group with a name that begins with NAME, the leader first.
members_of() {
    local stat line name state group _
    for stat in "/proc/$1/stat" /proc/[0-9]*/stat; do
        read -r line 2>/dev/null < "$stat" || continue
        name=${line#*(}; name=${name%%)*}
        read -r state _ group _ <<< "${line##*) }"
        [ "$group" = "$1" ] && [ "$state" != Z ] || continue
        case $name in "${2:-}"*) printf '%s\n' "${line%% *}" ;; esac
    done | awk '!seen[$0]++'
}

# clear_leftovers [now]: ends what an earlier ./start of this folder left running, the database in order unless it has to be now.
clear_leftovers() {
    local environ pid
    # Who was started from here says so in its environment; the servers rub that out and are found by their groups.
    for environ in /proc/[0-9]*/environ; do
        pid=${environ#/proc/}; pid=${pid%/environ}
        [ "$pid" != "$$" ] && [ "$pid" != "$BASHPID" ] || continue
        grep -qzx "KINDHEEL_STARTED=$ROOT" "$environ" 2>/dev/null || continue
        case $(cat "/proc/$pid/comm" 2>/dev/null) in mariadbd|'') continue ;; esac
        is_child_of_ours "$pid" || kill -KILL "$pid" 2>/dev/null || true
    done
    clear_group var/web/nginx.pid nginx
    clear_group var/web/php-fpm.pid php-fpm
    if [ "${1:-}" = now ]; then clear_group var/database/mariadb.pid mariadbd; else clear_group var/database/mariadb.pid mariadbd 8; fi
}

# is_child_of_ours PID: a helper of this very script, such as the substitution that runs this loop.
is_child_of_ours() { [ "$(awk '{print $4}' "/proc/$1/stat" 2>/dev/null)" = "$$" ]; }

# database_laid_out FOLDER: an empty MariaDB in it unless one is there.
database_laid_out() {
    local folder=$ROOT/$1
    mkdir -p "$folder"
    [ ! -d "$folder/data/mysql" ] || return 0
    say "laying out the database"
    local user=(); [ "$(id -u)" != 0 ] || user=(--user=root)
    rm -rf "$folder/data"; mkdir -p "$folder/tmp"
    mariadb-install-db --no-defaults --datadir="$folder/data" --tmpdir="$folder/tmp" --skip-test-db "${user[@]}" > var/log/database-install.log 2>&1 \
        || die "The database could not be laid out; var/log/database-install.log says why."
}

# sql [ARGUMENTS…]: as whoever started the server, whom its socket lets in.
sql() { mariadb --no-defaults --socket="$DATABASE_SOCKET" -u"$(id -un)" "$@"; }

# database_answers FOLDER [PID]: waits until it does, while that process lives; sets DATABASE_SOCKET.
database_answers() {
    local waited=0
    DATABASE_SOCKET=$(socket_in "$ROOT/$1" mariadb.sock)
    until sql -e 'SELECT 1' > /dev/null 2>&1; do
        [ -z "${2:-}" ] || kill -0 "$2" 2>/dev/null || die "The database did not start; the end of var/log/database.log:
$(tail -n 5 var/log/database.log)"
        waited=$((waited + 1)); [ $waited -lt 600 ] || die "The database did not answer within a minute; var/log/database.log says more."
        sleep 0.1
    done
}

# database_up FOLDER [PORT]: our own MariaDB over FOLDER, at a socket, and on loopback where a port is given; sets DATABASE_PID and DATABASE_SOCKET.
database_up() {
    database_laid_out "$1"
    clear_group "$ROOT/$1/mariadb.pid" mariadbd 30
    # Own process group: Ctrl-C reaches us, and we stop the database last and in order.
    setsid tools/serve database "$1" ${2:+"$2"} > /dev/null 2>&1 9>&- &
    DATABASE_PID=$!
    database_answers "$1" $DATABASE_PID
}

# What the application needs while it works; laying out tables takes more.
WORKING_RIGHTS='SELECT, INSERT, UPDATE, DELETE'
# database_for NAME PASSWORD RIGHTS: an empty database unless it is there, and the application’s account with those rights and no other.
database_for() {
    local host
    for host in localhost 127.0.0.1; do
        sql -e "
            CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
            CREATE USER IF NOT EXISTS kindheel@'$host' IDENTIFIED BY '$2';
            ALTER USER kindheel@'$host' IDENTIFIED BY '$2';
            GRANT ALL ON \`$1\`.* TO kindheel@'$host';
            REVOKE ALL ON \`$1\`.* FROM kindheel@'$host';
            GRANT $3 ON \`$1\`.* TO kindheel@'$host';"
    done
}
# database_url ACCOUNT NAME: where it is, for the application; the account may bring a password after a colon.
database_url() { printf 'mysql://%s@localhost/%s?unix_socket=%s&serverVersion=10.11.0-MariaDB&charset=utf8mb4' "$1" "$2" "$DATABASE_SOCKET"; }

database_down() {
    [ -n "${DATABASE_PID:-}" ] || return 0
    kill "$DATABASE_PID" 2>/dev/null || true
    wait "$DATABASE_PID" 2>/dev/null || true
    DATABASE_PID=
}

# supervisor_settings RUN LOG WEB AUTOSTART [MORE…]: what the supervisor of a machine is told, as RUN/supervisor.conf; MORE is for sed.
supervisor_settings() {
    local run=$1 log=$2 web=$3 autostart=$4; shift 4
    if [ "${WORKSHOP:-}" = many ]; then
        set -- "$@" -e 's|^programs=plan-ahead.*|programs=workshops|; /^\[program:\(plan-ahead\|air-watch\|housekeeping\|post\)\]/,/^$/d'
    else
        set -- "$@" -e '/^\[program:workshops\]/,/^$/d'
    fi
    sed -e "s|@ROOT@|$ROOT|g; s|@RUN@|$run|g; s|@LOG@|$log|g; s|@WEB@|$web|g; s|@AUTOSTART@|$autostart|g" \
        -e "s|@CONTROL@|$(socket_in "$run" supervisor.sock)|g; s|@USER@|$([ "$(id -u)" != 0 ] || printf 'user=root')|" "$@" tools/supervisor.conf > "$run/supervisor.conf"
}

# web_settings FOLDER PORT: what PHP-FPM and nginx are told, under FOLDER.
web_settings() {
    local run=$ROOT/$1 port=$2 user='' nginx_user='' name
    mkdir -p "$run"
    if [ "$(id -u)" = 0 ]; then user='user = root'; nginx_user='user root;'; fi
    for name in nginx php-fpm; do
        sed -e "s|@ROOT@|$ROOT|g; s|@RUN@|$run|g; s|@SOCKET@|$(socket_in "$run" php.sock)|g; s|@PORT@|$port|g" \
            -e "s|@USER@|$([ $name = nginx ] && printf '%s' "$nginx_user" || printf '%s' "$user")|" tools/$name.conf > "$run/$name.conf"
    done
}

# web_answers FOLDER PORT [PID…]: waits until the application answers as it should, while those processes live.
web_answers() {
    local run=$1 port=$2 waited=0 pid; shift 2
    # Where several workshops are kept, there is none by the name of the machine itself.
    until php -r '@file_get_contents($argv[1], context: stream_context_create(["http" => ["ignore_errors" => true]])); exit((int) preg_match("/ (200|404) /", $http_response_header[0] ?? "") ^ 1);' \
        "http://127.0.0.1:$port/api/session"; do
        for pid in "$@"; do
            kill -0 "$pid" 2>/dev/null || die "The web server did not start:
$(cat "$run/nginx.out" "$run/php-fpm.out" "$run/nginx-error.log" 2>/dev/null | tail -n 5)"
        done
        waited=$((waited + 1))
        [ $waited -lt 150 ] || die "The web server does not answer as it should; $run/php-error.log, $run/nginx-error.log and var/log say why."
        sleep 0.1
    done
}

# web_up FOLDER PORT: PHP-FPM and nginx on loopback, with the environment of the caller; sets FPM_PID and NGINX_PID.
web_up() {
    web_settings "$1" "$2"
    clear_group "$1/nginx.pid" nginx
    clear_group "$1/php-fpm.pid" php-fpm
    port_is_free "$2" || die "Port $2 is in use. Stop what uses it, or choose another:  ./start --port $(($2 + 1))"
    setsid tools/serve php "$1" > "$1/php-fpm.out" 2>&1 9>&- &
    FPM_PID=$!
    setsid tools/serve nginx "$1" > "$1/nginx.out" 2>&1 9>&- &
    NGINX_PID=$!
    web_answers "$1" "$2" $FPM_PID $NGINX_PID
}

web_down() {
    local pid
    for pid in ${NGINX_PID:-} ${FPM_PID:-}; do kill -QUIT "$pid" 2>/dev/null || true; done
    for pid in ${NGINX_PID:-} ${FPM_PID:-}; do wait "$pid" 2>/dev/null || true; done
    NGINX_PID= FPM_PID=
}
