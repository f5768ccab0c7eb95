# The web server, the queue worker and the workstation stand-ins.
#
# PHP's own server with several workers serves the demo: it answers requests side by side, needs no system service and no root,
# and leaves any web server on the machine alone. Behind a real one, point it at public/index.php as with any Laravel application.

WEB_WORKERS=6
SUITES="avocet bittern curlew dunlin road-case"
RUN=${ZEBRAFINCH_RUN:-$VAR/run}
DATABASE=${ZEBRAFINCH_DATABASE:-zebrafinch}
WORKSTATIONS=${ZEBRAFINCH_WORKSTATIONS:-$VAR/workstations}

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

require_free_port() {
    ! port_is_taken "$1" || fail "port $1 on this machine is taken by another program." \
        "end that program, or choose another port: $2=$(($1 + 1)) ./zebrafinch start"
}

# A process id is only ours while the program behind it is.
service_running() {
    local pid
    pid=$(cat "$RUN/$1.pid" 2>/dev/null) && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$ROOT/"
}

already_running() { service_running web && port_is_taken "$WEB_PORT"; }

# run_service NAME COMMAND...: in a process group of its own, so that all of it can be ended.
run_service() {
    local name=$1
    shift
    service_running "$name" && return
    mkdir -p "$RUN" "$VAR/log"
    setsid "${SERVICE_PREFIX[@]}" "$@" >>"$VAR/log/$name.log" 2>&1 </dev/null &
    echo $! >"$RUN/$name.pid"
}

start_services() {
    local suite
    mkdir -p "$WORKSTATIONS"
    SERVICE_PREFIX=()
    if is_root; then
        chown -R "$SERVICE_USER" "$WORKSTATIONS" "$VAR/log" "$VAR/laravel"
        SERVICE_PREFIX=(setpriv --reuid "$SERVICE_USER" --regid "$(id -g "$SERVICE_USER")" --clear-groups)
    fi
    export APP_KEY DB_PASSWORD DB_PORT DB_DATABASE=$DATABASE APP_URL="http://127.0.0.1:$WEB_PORT"
    APP_KEY=$(setting APP_KEY) DB_PASSWORD=$(setting DB_PASSWORD)
    PHP_CLI_SERVER_WORKERS=$WEB_WORKERS run_service web php \
        -d upload_max_filesize=9M -d post_max_size=10M -d memory_limit=256M -d max_execution_time=60 \
        -d opcache.enable=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=2 \
        -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d expose_php=0 \
        -S "127.0.0.1:$WEB_PORT" -t "$ROOT/public" "$ROOT/deploy/web/router.php"
    # A worker ends by itself when a large search has left it with much memory; then the next one is begun.
    run_service queue bash -c 'while :; do "$@"; sleep 0.2; done' queue \
        php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d memory_limit=1G \
        "$ROOT/artisan" queue:work --sleep=0.2 --tries=3 --memory=384 --quiet
    for suite in $SUITES; do
        run_service "workstation-$suite" php "$ROOT/standins/workstation/run.php" --suite="$suite" --token="demo-token-of-$suite" \
            --server="http://127.0.0.1:$WEB_PORT" --folder="$WORKSTATIONS/$suite"
    done
    wait_for_web
}

wait_for_web() {
    local tries
    for tries in $(seq 100); do
        port_is_taken "$WEB_PORT" && return
        service_running web || break
        sleep 0.1
    done
    tail -n 5 "$VAR/log/web.log" >&2
    fail "the web server did not come up." "read var/log/web.log, then start again."
}

services() { echo "queue" "web"; for suite in $SUITES; do echo "workstation-$suite"; done; }

stop_web_services() {
    local name pid
    for name in $(services); do
        if service_running "$name"; then
            pid=$(cat "$RUN/$name.pid")
            kill -TERM -- "-$pid" 2>/dev/null || true
            for _ in $(seq 50); do kill -0 -- "-$pid" 2>/dev/null || break; sleep 0.1; done
            kill -KILL -- "-$pid" 2>/dev/null || true
        fi
        rm -f "$RUN/$name.pid"
    done
}

stop_services() {
    stop_web_services
    stop_postgres
    say "Stopped."
}

# Ends with a message when something that was started ends by itself.
watch_services() {
    local name
    while sleep 1; do
        for name in $(services); do
            if ! service_running "$name"; then
                [ -f "$RUN/$name.pid" ] || { say "Ended from another window."; exit 0; }
                stop_services
                fail "the service \"$name\" ended by itself." "read var/log/$name.log, then start again."
            fi
        done
    done
}

status() {
    local name
    for name in $(services); do printf '  %-20s %s\n' "$name" "$(service_running "$name" && echo running || echo 'not running')"; done
    printf '  %-20s %s\n' database "$([ -d "$PG_DATA" ] && postgres_running && echo running || echo 'not running')"
}

print_address() {
    cat <<TEXT

  Zebrafinch is at http://127.0.0.1:$WEB_PORT

  Demo accounts, all with the password night-train:
    picture@saltmarsh.example     sound@saltmarsh.example     motion@saltmarsh.example
    keeper@saltmarsh.example      assistant@saltmarsh.example

TEXT
}
