# The tests, and the one line that sums them up.

PASSED=0
FAILED=0

run_tests() {
    case $1 in core | http | web | all) ;; *) fail "there is no test group \"$1\"." "choose one of core, http, web, all." ;; esac
    prepare
    require_test_packages
    [ "$1" = http ] || [ "$1" = web ] || core_tests
    [ "$1" = core ] || [ "$1" = web ] || http_tests
    [ "$1" = core ] || [ "$1" = http ] || web_tests
    already_running || stop_postgres
    say ""
    say "$PASSED passed, $FAILED failed"
    [ "$FAILED" = 0 ]
}

# check NAME COMMAND...: one check that passes or fails as a whole.
check() {
    local name=$1 log
    shift
    log=$VAR/log/check-$(printf %s "$name" | tr -c 'A-Za-z0-9\n' '-').log
    printf '  %-42s' "$name"
    if "$@" >"$log" 2>&1; then
        PASSED=$((PASSED + 1))
        printf 'passed\n'
    else
        FAILED=$((FAILED + 1))
        printf 'FAILED\n'
        tail -n 80 "$log"
    fi
}

# suite NAME LOG COMMAND...: a runner that counts its own tests; prints its failures.
suite() {
    local name=$1 log=$VAR/log/$2.log status=0 passed failed
    shift 2
    printf '  %-42s' "$name"
    "$@" >"$log" 2>&1 || status=$?
    passed=$(grep -oE '[0-9]+ passed' "$log" | tail -n 1 | cut -d' ' -f1) || true
    failed=$(grep -oE '[0-9]+ failed' "$log" | tail -n 1 | cut -d' ' -f1) || true
    [ "$status" = 0 ] || [ "${failed:-0}" != 0 ] || failed=1
    [ "${passed:-0}${failed:-0}" != 00 ] || failed=1
    PASSED=$((PASSED + ${passed:-0}))
    FAILED=$((FAILED + ${failed:-0}))
    printf '%s passed, %s failed\n' "${passed:-0}" "${failed:-0}"
    [ "$status" = 0 ] && [ "${failed:-0}" = 0 ] || tail -n 150 "$log"
}

# Tests run beside each other, one process for each processor.
side_by_side() { echo --parallel --processes="$(nproc)"; }

pest() {
    local group=$1
    php "$ROOT/vendor/bin/pest" --configuration="$ROOT/phpunit.xml" --testsuite="$group" --colors=never $(side_by_side)
}

# Tests make and empty databases of their own, so they come as the role that may.
on_test_database() {
    (
        export APP_ENV=testing APP_URL=http://127.0.0.1 DB_PORT DB_DATABASE=zebrafinch_test DB_USERNAME=zebrafinch_admin \
            CACHE_STORE=array QUEUE_CONNECTION=sync HASH_KIBIBYTES=1024 HASH_PASSES=1 MAIL_MAILER=array LOG_CHANNEL=null \
            SHIPPED_APPLICATIONS=true
        DB_PASSWORD=$(setting DB_ADMIN_PASSWORD)
        export DB_PASSWORD
        "$@"
    )
}

core_tests() {
    say "Core"
    suite "layers, words and names" form-tests pest form
    suite "rules and computation" core-tests pest core
    suite "the agent, killed at every step" agent-tests pest agent
    check "PHPStan, highest level" php "$ROOT/vendor/bin/phpstan" analyse -c "$ROOT/core/phpstan.neon" --no-progress --memory-limit=1G
    check "code style" php "$ROOT/vendor/bin/pint" --test --config="$ROOT/pint.json" "$ROOT"
    check "width of lines" php "$ROOT/tools/check-width.php"
}

http_tests() {
    say "HTTP"
    for process in $(seq "$(nproc)"); do recreate_database "zebrafinch_test_$process" >/dev/null 2>&1; done
    suite "requests on PostgreSQL" http-tests on_test_database pest http
    recreate_database zebrafinch_test_faults >/dev/null 2>&1
    suite "a house whose server is killed" fault-tests on_test_database php "$ROOT/vendor/bin/pest" \
        --configuration="$ROOT/phpunit.xml" --testsuite=faults --colors=never
    suite "a place of its own: started, killed, restored" house-tests php "$ROOT/vendor/bin/pest" \
        --configuration="$ROOT/phpunit.xml" --testsuite=house --colors=never
    check "PHPStan, application" php "$ROOT/vendor/bin/phpstan" analyse -c "$ROOT/phpstan.neon" --no-progress --memory-limit=1G
}

web_tests() {
    say "Web"
    check "types follow the API description" types_are_current
    check "TypeScript" npm run --prefix "$ROOT" typecheck
    check "ESLint" npm run --prefix "$ROOT" lint
    check "Prettier" npm run --prefix "$ROOT" format:check
    suite "logic of the page" unit-tests npm run --prefix "$ROOT" test -- --reporter=default --no-color
    require_build
    suite "real interface in Chromium" web-tests browser_tests
}

types_are_current() {
    (
        cd "$ROOT"
        npx openapi-typescript docs/openapi.yaml --output "$VAR/cache/schema.d.ts" && diff -u web/api/schema.d.ts "$VAR/cache/schema.d.ts"
    )
}

# An empty house beside it, for its first visit; it has the demo's applications and none of its people.
begin_empty_house() {
    HOUSE_PORT=$((WEB_PORT + 1))
    require_free_port "$HOUSE_PORT" ZEBRAFINCH_TEST_PORT
    recreate_database zebrafinch_house
    migrate_and_fill zebrafinch_house
    (
        WEB_PORT=$HOUSE_PORT RUN=$VAR/run-house-tests DATABASE=zebrafinch_house WEB_WORKERS=2 SUITES="" WORKSTATIONS=$VAR/web-tests/house
        start_services
    )
    export ZEBRAFINCH_HOUSE_URL=http://127.0.0.1:$HOUSE_PORT
    ZEBRAFINCH_HOUSE_CODE=$(DB_DATABASE=zebrafinch_house artisan house:setup-code)
    export ZEBRAFINCH_HOUSE_CODE
}

end_empty_house() { (RUN=$VAR/run-house-tests SUITES=""; stop_web_services); }

# A second instance with its own ports, database and workstation folders, so that a running demo is left alone.
browser_tests() {
    (
        # Three suites are enough, and each workstation takes its share of the processor.
        SUITES="avocet bittern dunlin"
        WEB_PORT=${ZEBRAFINCH_TEST_PORT:-8470} RUN=$VAR/run-web-tests DATABASE=zebrafinch_web WORKSTATIONS=$VAR/web-tests/workstations
        UNWATCHED=yes
        # Where the tests say how far ahead learning's clock is.
        export CLOCK_AHEAD_FILE=$VAR/web-tests/clock-ahead
        rm -f "$CLOCK_AHEAD_FILE"
        require_free_port "$WEB_PORT" ZEBRAFINCH_TEST_PORT
        trap stop_web_services EXIT
        stop_web_services
        rm -rf "$WORKSTATIONS"
        recreate_database "$DATABASE"
        migrate_and_fill "$DATABASE" demo
        start_services
        cd "$ROOT"
        export ZEBRAFINCH_URL=http://127.0.0.1:$WEB_PORT ZEBRAFINCH_WORKSTATIONS=$WORKSTATIONS
        begin_empty_house
        trap 'stop_web_services; end_empty_house' EXIT
        # What only looks at pages runs beside what changes the world.
        looked=$VAR/log/looked-tests.log changed=$VAR/log/changed-tests.log status=0
        npx playwright test accessibility house --output="$VAR/web-tests/looked" >"$looked" 2>&1 &
        looking=$!
        find e2e -name '*.spec.ts' ! -name 'accessibility*' ! -name 'house*' -print0 |
            xargs -0 npx playwright test >"$changed" 2>&1 || status=1
        wait "$looking" || status=1
        cat "$looked" "$changed"
        for word in passed failed; do
            grep -hoE "^ +[0-9]+ $word" "$looked" "$changed" | awk -v word="$word" '{ sum += $1 } END { print sum + 0, word }'
        done
        exit "$status"
    )
}
