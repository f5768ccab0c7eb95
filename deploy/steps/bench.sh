# Measurements. Those of the core run by themselves; those of the browser and the API on large worlds of their own.

# run_bench all|faults: what is killed and mutated is measured by itself, for it takes long.
run_bench() {
    prepare >/dev/null
    if [ "${1:-all}" = faults ]; then
        php "$ROOT/tools/bench/faults.php" "${2:-200}" "${3:-1000000}"
        return
    fi
    require_build >/dev/null
    # As the server runs it: with the compiler.
    php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M "$ROOT/tools/bench/run.php"
    require_test_packages >/dev/null
    bench_on_large_world press 6 400 1000
    bench_on_large_world search 20 500 60
    bench_agents
    bench_history
    already_running || stop_postgres
}

# A house with 500 suites: what their agents cost, and how soon a release is everywhere.
bench_agents() { bench_on_demo agents; }

# What people and agents ask on the first day, and with a year behind them.
bench_history() { bench_on_demo history; }

# bench_on_demo WHAT: on a server and a database of its own.
bench_on_demo() {
    (
        UNWATCHED=yes
        WEB_PORT=${ZEBRAFINCH_TEST_PORT:-8470} RUN=$VAR/run-bench DATABASE=zebrafinch_bench WORKSTATIONS=$VAR/bench/workstations SUITES=""
        require_free_port "$WEB_PORT" ZEBRAFINCH_TEST_PORT
        trap stop_web_services EXIT
        recreate_database "$DATABASE" >/dev/null 2>&1
        migrate_and_fill "$DATABASE" demo >/dev/null
        start_services
        # As the service user: what the server and the measurement remember of agents belongs to both.
        as_service env DB_PORT="$DB_PORT" DB_DATABASE="$DATABASE" \
            php -d opcache.enable_cli=1 "$ROOT/tools/bench/$1/measure.php" "http://127.0.0.1:$WEB_PORT"
    )
}

# bench_on_large_world WHAT APPLICATIONS COMMANDS BINDINGS
bench_on_large_world() {
    (
        UNWATCHED=yes
        WEB_PORT=${ZEBRAFINCH_TEST_PORT:-8470} RUN=$VAR/run-bench DATABASE=zebrafinch_bench WORKSTATIONS=$VAR/bench/workstations SUITES=""
        export ZEBRAFINCH_DATA=$VAR/bench/$1
        require_free_port "$WEB_PORT" ZEBRAFINCH_TEST_PORT
        trap stop_web_services EXIT
        rm -rf "$ZEBRAFINCH_DATA"
        mkdir -p "$ZEBRAFINCH_DATA"
        php "$ROOT/tools/bench/make-large-world.php" "$ZEBRAFINCH_DATA" "$2" "$3" "$4"
        chmod -R a+rX "$VAR/bench"
        recreate_database "$DATABASE" >/dev/null 2>&1
        migrate_and_fill "$DATABASE" demo >/dev/null
        start_services
        cd "$ROOT"
        node tools/bench/browser/measure.mjs "$1" "http://127.0.0.1:$WEB_PORT"
    )
}
