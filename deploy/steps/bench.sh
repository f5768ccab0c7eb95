# Measurements, each beside what it is compared to and its aim. Those of the core run by themselves; those of the browser and the API on
# worlds of their own.

BENCH_OF_CORE="across clashes first-screen harmonise learning look-up-table reading-key-files search-index settle"
BENCH_OF_HOUSE="start api remap load press search"
# Longer than a look at speed should take; only when they are named.
BENCH_BY_NAME="heavy-load agents history faults"

# run_bench [NAME...]
run_bench() {
    local name report=$VAR/bench/report.txt core='' house='' started=$SECONDS
    for name in "${@:-all}"; do
        case " all $BENCH_OF_CORE $BENCH_OF_HOUSE $BENCH_BY_NAME " in
            *" $name "*) ;;
            *) fail "there is no measurement \"$name\"." "choose some of: $BENCH_OF_CORE $BENCH_OF_HOUSE $BENCH_BY_NAME." ;;
        esac
        if [ "$name" = faults ]; then
            prepare >/dev/null
            php "$ROOT/tools/bench/faults.php" "${2:-200}" "${3:-1000000}"
            return
        fi
        case " $BENCH_OF_CORE " in *" $name "*) core="$core $name" ;; *) [ "$name" = all ] || house="$house $name" ;; esac
        if [ "$name" = all ]; then core=$BENCH_OF_CORE house=$BENCH_OF_HOUSE; fi
    done
    prepare >/dev/null
    require_build >/dev/null
    require_test_packages >/dev/null
    mkdir -p "$VAR/bench"
    {
        # As the server runs it: with the compiler.
        # shellcheck disable=SC2086
        [ -z "$core" ] || php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
            "$ROOT/tools/bench/run.php" $core
        for name in $house; do "bench_$(printf %s "$name" | tr - _)"; done
    } | tee "$report"
    already_running || stop_postgres
    say ""
    say "$(grep -c '^  met' "$report" || true) aims met, $(grep -c '^  missed' "$report" || true) missed, in $((SECONDS - started)) s."
    sed -n 's/^  missed  \([^:]*\):.*/  missed: \1/p' "$report"
}

bench_press() { bench_on_large_world press 6 400 1000; }
bench_search() { bench_on_large_world search 20 500 60; }
bench_remap() { bench_on_demo browser remap; }
bench_api() { bench_on_demo api; }
bench_load() { bench_on_demo load 100 30; }
# The promise for a large house.
bench_heavy_load() { bench_on_demo load 500 60 harmonise; }
# A house with 500 suites: what their agents cost, and how soon a release is everywhere.
bench_agents() { bench_on_demo agents; }
# What people and agents ask on the first day, and with a year behind them.
bench_history() { bench_on_demo history; }

# From `start` in a place that was started before to the first answer.
bench_start() {
    (
        own_bench_place
        start_for_bench
        local began
        stop_web_services
        began=$(date +%s%N)
        start_for_bench
        php "$ROOT/tools/bench/second-start.php" "$((($(date +%s%N) - began) / 1000000))"
    )
}

start_for_bench() {
    {
        require_packages
        require_composer_packages
        require_npm_packages
        ensure_database "$DATABASE"
        migrate_and_fill "$DATABASE" demo
        require_build
        start_services
    } >/dev/null 2>&1
}

own_bench_place() {
    UNWATCHED=yes
    WEB_PORT=${ZEBRAFINCH_TEST_PORT:-8470} RUN=$VAR/run-bench DATABASE=zebrafinch_bench WORKSTATIONS=$VAR/bench/workstations SUITES=""
    require_free_port "$WEB_PORT" ZEBRAFINCH_TEST_PORT
    trap stop_web_services EXIT
}

# bench_on_demo WHAT ARGUMENTS...: on a server and a database of its own.
bench_on_demo() {
    (
        own_bench_place
        recreate_database "$DATABASE" >/dev/null 2>&1
        migrate_and_fill "$DATABASE" demo >/dev/null
        start_services >/dev/null
        local what=$1
        shift
        cd "$ROOT"
        if [ "$what" = browser ]; then node tools/bench/browser/measure.mjs "$1" "http://127.0.0.1:$WEB_PORT"; return; fi
        # As the service user: what the server and the measurement remember of agents belongs to both.
        as_service env DB_PORT="$DB_PORT" DB_DATABASE="$DATABASE" \
            php -d opcache.enable_cli=1 "$ROOT/tools/bench/$what/measure.php" "http://127.0.0.1:$WEB_PORT" "$@"
    )
}

# bench_on_large_world WHAT APPLICATIONS COMMANDS BINDINGS
bench_on_large_world() {
    (
        own_bench_place
        export ZEBRAFINCH_DATA=$VAR/bench/$1
        rm -rf "$ZEBRAFINCH_DATA"
        mkdir -p "$ZEBRAFINCH_DATA"
        php "$ROOT/tools/bench/make-large-world.php" "$ZEBRAFINCH_DATA" "$2" "$3" "$4"
        chmod -R a+rX "$VAR/bench"
        recreate_database "$DATABASE" >/dev/null 2>&1
        migrate_and_fill "$DATABASE" demo >/dev/null
        start_services >/dev/null
        cd "$ROOT"
        node tools/bench/browser/measure.mjs "$1" "http://127.0.0.1:$WEB_PORT"
    )
}
