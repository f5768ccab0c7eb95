# The parts that run: the web server, PHP's processes, the queue worker, the workstation stand-ins of the demo, and a watcher that brings
# back whatever of them dies by itself. All are processes of the project, on loopback; no system service is touched and no root is needed.

WEB_WORKERS=6
QUEUE_WORKERS=${ZEBRAFINCH_QUEUE_WORKERS:-1}
DEMO_SUITES="avocet bittern curlew dunlin road-case"
RUN=${ZEBRAFINCH_RUN:-$VAR/run}
DATABASE=${ZEBRAFINCH_DATABASE:-zebrafinch}
WORKSTATIONS=${ZEBRAFINCH_WORKSTATIONS:-$VAR/workstations}
# A part that dies this often within a minute is brought back more slowly: every so many seconds.
MOST_RETURNS=6
SECONDS_BETWEEN=4

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

require_free_port() {
    ! port_is_taken "$1" || fail "port $1 on this machine is taken by another program." \
        "end that program, or choose another port: $2=$(($1 + 1)) ./zebrafinch start"
}

# When a process began, in ticks since the machine did: with its number it names one process for good. Nothing for one that is dead and
# only waits for somebody to take note of it.
began_at() { sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | awk '$1 != "Z" && $1 != "X" { print $20 }'; }

# A part is running while the process that was begun for it is: a number that another program has by now is not it.
service_running() {
    local pid began
    [ -f "$RUN/$1.pid" ] && read -r pid began <"$RUN/$1.pid" || return 1
    [[ $pid =~ ^[0-9]+$ && -n $began ]] && [ "$(began_at "$pid")" = "$began" ]
}

# Processes of a part whose first one was killed: they are in its group, and of this project.
orphans_of() {
    local pid member
    [ -f "$RUN/$1.pid" ] && read -r pid _ <"$RUN/$1.pid" || return 0
    [[ $pid =~ ^[0-9]+$ ]] || return 0
    for member in $(pgrep -g "$pid"); do
        case $(tr '\0' ' ' <"/proc/$member/cmdline" 2>/dev/null) in *"$ROOT/"* | php-fpm:* | nginx:*) echo "$member" ;; esac
    done
}

services() {
    local suite number
    echo php
    echo web
    echo scheduler
    for number in $(seq "$QUEUE_WORKERS"); do echo "queue-$number"; done
    for suite in $SUITES; do echo "workstation-$suite"; done
}

# The demo has five workstations that are simulated; a house has its own.
SUITES=${ZEBRAFINCH_SUITES-$([ "$(setting HOUSE_KIND)" = own ] || echo "$DEMO_SUITES")}

already_running() { service_running web && port_is_taken "$WEB_PORT"; }

all_running() {
    local name
    for name in $(services); do service_running "$name" || return 1; done
    postgres_running && port_is_taken "$WEB_PORT" && watcher_running
}

watcher_running() { [ -n "${UNWATCHED:-}" ] || service_running watcher; }

# run_service NAME COMMAND...: in a process group of its own, so that all of it can be ended.
run_service() {
    local name=$1
    shift
    service_running "$name" && return
    end_orphans "$name"
    mkdir -p "$RUN" "$VAR/log"
    setsid "${SERVICE_PREFIX[@]}" "$@" >>"$VAR/log/$name.log" 2>&1 </dev/null 9>&- &
    echo "$! $(began_at $!)" >"$RUN/$name.pid"
}

# Parts whose first process was killed still hold ports, and what they know may be old.
end_all_orphans() {
    local name
    for name in watcher $(services); do service_running "$name" || end_orphans "$name"; done
}

end_orphans() {
    local members
    members=$(orphans_of "$1")
    # shellcheck disable=SC2086
    [ -z "$members" ] || kill -KILL $members 2>/dev/null || true
}

# A path to a socket has room for 107 characters.
php_socket() {
    local path=$RUN/php.sock
    if [ ${#path} -gt 100 ]; then path=/tmp/zebrafinch-$(printf %s "$RUN" | sha256sum | cut -c1-12).sock; fi
    echo "$path"
}

filled() {
    sed -e "s|@ROOT@|$ROOT|g" -e "s|@LOG@|$VAR/log|g" -e "s|@RUN@|$RUN|g" -e "s|@PORT@|$WEB_PORT|g" -e "s|@SOCKET@|$(php_socket)|g" \
        -e "s|@WORKERS@|$WEB_WORKERS|g" "$ROOT/deploy/web/$1" >"$RUN/$1"
}

# What deploy/web/ready.sh makes is made anew when anything has changed that it is made from.
require_ready() {
    local digest
    digest=$({
        printf '%s\n' "$ROOT" "$DB_PORT"
        values_of_settings
        cat "$SETTINGS" "$ROOT"/{composer.json,deploy/packages/versions.txt,bootstrap/app.php} \
            "$ROOT"/{config,deploy/web,app/Http,app/Http/Middleware,app/Providers}/*.php "$ROOT"/app/*/Http/*routes.php
    } | sha256sum)
    [ "$(cat "$READY/digest" 2>/dev/null)" != "$digest" ] || return 0
    step "Settings and routes" as_service "$ROOT/deploy/web/ready.sh" "$READY"
    as_service bash -c 'printf %s "$1" >"$2"' - "$digest" "$READY/digest"
}

values_of_settings() {
    local name
    for name in $(grep -ohE "env\('[A-Z_]+" "$ROOT"/config/*.php | cut -d"'" -f2 | sort -u); do printf '%s=%s\n' "$name" "${!name:-}"; done
}

begin_services() {
    READY=$RUN/ready
    mkdir -p "$WORKSTATIONS" "$RUN/nginx"
    filled nginx.conf
    filled php-fpm.conf
    SERVICE_PREFIX=()
    if is_root; then
        chown -R "$SERVICE_USER" "$WORKSTATIONS" "$VAR/log" "$VAR/laravel" "$RUN/nginx"
        chown "$SERVICE_USER" "$RUN"
        SERVICE_PREFIX=(setpriv --reuid "$SERVICE_USER" --regid "$(id -g "$SERVICE_USER")" --clear-groups)
    fi
    # Secrets are read from var/settings.env by whoever needs them; nothing here has them.
    export DB_PORT DB_DATABASE=$DATABASE
    APP_URL=$(setting APP_URL)
    export APP_URL=${APP_URL:-http://127.0.0.1:$WEB_PORT}
    require_ready
    local name
    for name in $(services); do begin_service "$name"; done
}

begin_service() {
    local suite=${1#workstation-}
    case $1 in
        php) run_service php env APP_CONFIG_CACHE="$READY/config.php" APP_ROUTES_CACHE="$READY/routes.php" \
            APP_EVENTS_CACHE="$READY/events.php" PRELOADED_CLASSES="$READY/classes" \
            /usr/sbin/php-fpm8.2 -y "$RUN/php-fpm.conf" -c /etc/php/8.2/fpm/php.ini -d apc.shm_size=64M \
            -d opcache.preload="$ROOT/deploy/web/preload.php" \
            -d opcache.enable=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=2 \
            -d opcache.jit=tracing -d opcache.jit_buffer_size=64M ;;
        web) run_service web /usr/sbin/nginx -p "$RUN/nginx" -e stderr -c "$RUN/nginx.conf" ;;
        # What comes with time: sittings end, rollouts begin, what is over goes (bootstrap/app.php has the schedule).
        scheduler) run_service scheduler env -C "$ROOT" php "$ROOT/artisan" schedule:work --whisper ;;
        # Long work gives way to short. A worker ends by itself when a large search has left it with much memory, and once an hour; then
        # the next one is begun.
        queue-*) run_service "$1" nice -n 19 php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
            -d memory_limit=1G "$ROOT/artisan" queue:work --sleep=0.2 --tries=3 --memory=384 --max-time=3600 --quiet ;;
        workstation-*) run_service "$1" php "$ROOT/standins/workstation/run.php" --suite="$suite" --token="demo-token-of-$suite" \
            --server="http://127.0.0.1:$WEB_PORT" --folder="$WORKSTATIONS/$suite" ;;
    esac
}

start_services() {
    begin_services
    wait_for_web
    # The watcher brings back what belongs to the service user, so it is whoever started all this.
    SERVICE_PREFIX=()
    [ -n "${UNWATCHED:-}" ] || run_service watcher "$ROOT/zebrafinch" watch
}

# Up is what answers, with its database.
wait_for_web() {
    local tries
    for tries in $(seq 150); do
        if php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://127.0.0.1:$WEB_PORT/up?ready" 2>/dev/null; then return; fi
        service_running web && service_running php || [ "$tries" -lt 20 ] || break
        sleep 0.1
    done
    tail -n 5 "$VAR/log/php.log" "$VAR/log/web.log" >&2
    fail "the web server did not come up." "read var/log/php.log, var/log/web.log and var/laravel/logs, then start again."
}

stop_web_services() {
    local name
    # The web server first: it holds connections to PHP open.
    for name in watcher web $(services); do end_service "$name"; done
}

# What is under way may end: ten seconds at most.
end_service() {
    local pid
    if service_running "$1"; then
        read -r pid _ <"$RUN/$1.pid"
        # PHP's processes and the web server take QUIT for "end what you have begun".
        case $1 in php | web) kill -QUIT "$pid" 2>/dev/null || true ;; *) kill -TERM -- "-$pid" 2>/dev/null || true ;; esac
        for _ in $(seq 100); do pgrep -g "$pid" -r D,R,S,T >/dev/null || break; sleep 0.1; done
        kill -KILL -- "-$pid" 2>/dev/null || true
    fi
    end_orphans "$1"
    rm -f "$RUN/$1.pid"
}

stop_services() {
    stop_web_services
    stop_postgres
    say "Stopped."
}

# Brings back whatever dies by itself, and once a day takes away what is over. Ends when `stop` takes its number away.
watch() {
    local name now tidied=0
    declare -A returns=() last=()
    exec 9>&-
    while sleep 1; do
        service_running watcher || exit 0
        if ! postgres_running; then
            say "$(date '+%F %T') the database server is gone; bringing it back."
            (UNWATCHED=1 start_postgres) || true
        fi
        for name in $(services); do
            service_running "$name" && continue
            [ -f "$RUN/$name.pid" ] || exit 0
            now=$((SECONDS / 60))
            if [ "${returns[$name]:-}" = "$now-$MOST_RETURNS" ] && [ $((SECONDS - ${last[$name]:-0})) -lt $SECONDS_BETWEEN ]; then
                continue
            fi
            last[$name]=$SECONDS
            case ${returns[$name]:-} in
                "$now-$MOST_RETURNS") ;;
                "$now"-*) returns[$name]=$now-$((${returns[$name]#*-} + 1)) ;;
                *) returns[$name]=$now-1 ;;
            esac
            case $name in queue-*) ;; *) say "$(date '+%F %T') $name ended by itself; bringing it back." ;; esac
            begin_services
        done
        if [ $((SECONDS / 86400)) -ge "$tidied" ]; then
            tidied=$((SECONDS / 86400 + 1))
            find "$VAR/log" -name '*.log' -size +20M -exec truncate -s 0 {} + 2>/dev/null || true
        fi
    done
}

status() {
    local name
    for name in watcher $(services); do
        printf '  %-20s %s\n' "$name" "$(service_running "$name" && echo running || echo 'not running')"
    done
    printf '  %-20s %s\n' database "$([ -d "$PG_DATA" ] && postgres_running && echo running || echo 'not running')"
}

print_address() {
    say ""
    say "  Zebrafinch is at http://127.0.0.1:$WEB_PORT"
    say ""
    if [ "$(setting HOUSE_KIND)" = own ]; then print_setup_code; else print_accounts; fi
}

print_accounts() {
    cat <<'TEXT'
  Demo accounts, all with the password night-train:
    picture@saltmarsh.example     sound@saltmarsh.example     motion@saltmarsh.example
    keeper@saltmarsh.example      assistant@saltmarsh.example

TEXT
}

# Nothing once the house has its keeper. A code that was printed before is no longer good.
print_setup_code() {
    local code
    code=$(artisan house:setup-code)
    [ -z "$code" ] || cat <<TEXT
  This house is empty. Open the address above and show this code; it names the house and makes its first keeper:

    $code

TEXT
}
