# The tests. What takes long is cut into jobs, and as many jobs run at once as there are processors; each line says how long its job took.

JOBS_AT_ONCE=${ZEBRAFINCH_TEST_JOBS:-$(nproc)}
TEST_PORT=${ZEBRAFINCH_TEST_PORT:-8470}
FILTER=

run_tests() {
    local group=${1:-all} started=$SECONDS
    [ $# = 0 ] || shift
    case $group in
        core | http | web | browser | slow | all) ;;
        *) fail "there is no test group \"$group\"." "choose one of core, http, web, browser, slow, all." ;;
    esac
    while [ $# -gt 0 ]; do
        case $1 in
            --filter=?*) FILTER=${1#--filter=} ;;
            *) fail "test knows no \"$1\"." "write ./zebrafinch test $group --filter=WORDS" ;;
        esac
        shift
    done
    prepare
    require_test_packages
    # A test that lacks a package is passed over when somebody runs it alone; here all are there, so that it fails.
    export ALL_TEST_PACKAGES=yes
    [ "$group" = core ] || [ "$group" = http ] || [ "$group" = slow ] || require_build
    rm -rf "$VAR/log/jobs"
    mkdir -p "$VAR/log/jobs"
    if [ -n "$FILTER" ]; then
        [ "$group" != all ] || fail "a filter needs a group." "write ./zebrafinch test core|http|web|browser --filter=…"
        "run_filtered_$group"
    else
        # The longest first, so that no processor is left with a long one at the end.
        # shellcheck disable=SC2046
        run_jobs $(jobs_of "$group")
    fi
    already_running || stop_postgres
    sum_up $((SECONDS - started))
}

# Names of jobs, each a function below.
jobs_of() {
    case $1 in
        core) echo core_formats core_rules agent phpstan_core form style width ;;
        http) echo http_first http_second house phpstan_app faults ;;
        browser) echo browser_second browser_first browser_looks ;;
        web) echo "$(jobs_of browser)" page types api typescript eslint prettier ;;
        slow) echo every_seat ;;
        all)
            echo browser_second browser_first core_formats browser_looks house http_first page core_rules eslint http_second phpstan_app \
                style typescript phpstan_core faults agent prettier form types api width
            ;;
    esac
}

# Jobs wait in a row; whichever lane is free takes the next.
run_jobs() {
    local lane next=$VAR/log/jobs/next
    echo 1 >"$next"
    for lane in $(seq "$JOBS_AT_ONCE"); do
        (
            while true; do
                exec 8>"$next.lock"
                flock 8
                place=$(cat "$next")
                echo $((place + 1)) >"$next"
                exec 8>&-
                [ "$place" -le $# ] || exit 0
                LANE=$lane "job_${!place}"
            done
        ) &
    done
    wait
}

sum_up() {
    local passed failed
    passed=$(cat "$VAR"/log/jobs/*.passed 2>/dev/null | awk '{ sum += $1 } END { print sum + 0 }')
    failed=$(cat "$VAR"/log/jobs/*.failed 2>/dev/null | awk '{ sum += $1 } END { print sum + 0 }')
    say ""
    say "$passed passed, $failed failed, $(in_minutes "$1")"
    [ "$failed" = 0 ] && [ "$passed" != 0 ]
}

in_minutes() { printf '%d min %02d s' $(($1 / 60)) $(($1 % 60)); }

# told NAME PASSED FAILED SECONDS LOG: a line for a job, and the end of what it said where something failed.
told() {
    echo "$2" >"$5.passed"
    echo "$3" >"$5.failed"
    exec 7>"$VAR/log/jobs/say.lock"
    flock 7
    printf '  %-46s %6s passed %4s failed %5ss\n' "$1" "$2" "$3" "$4"
    [ "$3" = 0 ] || tail -n 150 "$5"
    exec 7>&-
}

# check NAME COMMAND...: passes or fails as a whole.
check() {
    local name=$1 log started=$SECONDS
    shift
    log=$VAR/log/jobs/$(printf %s "$name" | tr -c 'A-Za-z0-9\n' '-').log
    if "$@" >"$log" 2>&1; then told "$name" 1 0 $((SECONDS - started)) "$log"; else told "$name" 0 1 $((SECONDS - started)) "$log"; fi
}

# suite NAME COMMAND...: a runner that counts its own tests.
suite() {
    local name=$1 log status=0 passed failed started=$SECONDS
    shift
    log=$VAR/log/jobs/$(printf %s "$name" | tr -c 'A-Za-z0-9\n' '-').log
    "$@" >"$log" 2>&1 || status=$?
    passed=$(grep -oE '[0-9]+ passed' "$log" | tail -n 1 | cut -d' ' -f1) || true
    failed=$(grep -oE '[0-9]+ failed' "$log" | tail -n 1 | cut -d' ' -f1) || true
    # A runner that broke off, or found nothing to run, has failed.
    [ "$status" = 0 ] || [ "${failed:-0}" != 0 ] || failed=1
    [ "${passed:-0}${failed:-0}" != 00 ] || failed=1
    told "$name" "${passed:-0}" "${failed:-0}" $((SECONDS - started)) "$log"
}

pest() {
    PHP_INI_SCAN_DIR=:$ROOT/deploy/test-php php "$ROOT/vendor/bin/pest" --configuration="$ROOT/phpunit.xml" --colors=never "$@"
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

# The core: those of its folders that read and write files, and the others.
core_folders() {
    local path name
    for path in "$ROOT"/core/tests/*; do
        name=$(basename "$path")
        case "$1 $name" in
            'formats Dialect' | 'formats Standins' | 'formats Text') echo "$path" ;;
            'rules Dialect' | 'rules Standins' | 'rules Text') ;;
            rules*) [ -d "$path" ] && echo "$path" || case $name in *Test.php) echo "$path" ;; esac ;;
        esac
    done
}

# shellcheck disable=SC2046
job_core_formats() { suite "core: key files and stand-ins" pest $(core_folders formats); }
# shellcheck disable=SC2046
job_core_rules() { suite "core: rules and computation" pest $(core_folders rules); }
job_form() { suite "layers, words and names" pest --testsuite=form; }
job_agent() { suite "the agent, killed at every step" pest --testsuite=agent; }
phpstan() { php "$ROOT/vendor/bin/phpstan" analyse -c "$ROOT/$1" --no-progress --memory-limit=1G; }
job_phpstan_core() { check "PHPStan, core, highest level" phpstan core/phpstan.neon; }
job_phpstan_app() { check "PHPStan, application" phpstan phpstan.neon; }
job_style() { check "code style" php "$ROOT/vendor/bin/pint" --test --config="$ROOT/pint.json" "$ROOT"; }
job_width() { check "width of lines" php "$ROOT/tools/check-width.php"; }

# Every board, layout and system, where the other groups take a fixed tenth of them.
job_every_seat() {
    suite "offers at every seat" env EVERY_SEAT=yes PHP_INI_SCAN_DIR=":$ROOT/deploy/test-php" php "$ROOT/vendor/bin/pest" \
        --configuration="$ROOT/phpunit.xml" --testsuite=core --colors=never --group=sampled --parallel --processes="$JOBS_AT_ONCE"
}

# http_part NAME NUMBER: every second file of the requests' tests, on a database of its own.
http_part() {
    recreate_database "zebrafinch_test_$2" >/dev/null 2>&1
    # shellcheck disable=SC2046
    TEST_TOKEN=$2 suite "$1" on_test_database pest $(printf '%s\n' "$ROOT"/tests/Http/*Test.php | awk "NR % 2 == $2 % 2")
}

job_http_first() { http_part "requests on PostgreSQL, first half" 1; }
job_http_second() { http_part "requests on PostgreSQL, second half" 2; }
job_house() { suite "a place of its own: started, killed, restored" pest --testsuite=house; }

job_faults() {
    recreate_database zebrafinch_test_faults >/dev/null 2>&1
    suite "a house whose server is killed" on_test_database pest --testsuite=faults
}

job_api() { check "the API description, by a validator of others" node "$ROOT/tools/check-api-description.mjs"; }
job_types() { check "types follow the API description" types_are_current; }
job_typescript() { check "TypeScript" npm run --prefix "$ROOT" typecheck; }
job_eslint() { check "ESLint" npm run --prefix "$ROOT" lint; }
job_prettier() { check "Prettier" npm run --prefix "$ROOT" format:check; }
job_page() { suite "logic of the page" npm run --prefix "$ROOT" test -- --reporter=default --no-color --maxWorkers=1; }

types_are_current() {
    (
        cd "$ROOT"
        npx openapi-typescript docs/openapi.yaml --output "$VAR/cache/schema.d.ts" && diff -u web/api/schema.d.ts "$VAR/cache/schema.d.ts"
    )
}

job_browser_first() {
    suite "Chromium: looking up, comparing, clashes" browser_tests 1 "$TEST_PORT" \
        across applications captured clashes keyboard-alone sizes
}
job_browser_second() {
    suite "Chromium: journeys, learning, suites" browser_tests 2 $((TEST_PORT + 2)) journeys keyboards learn suites trouble whole-way
}
# What only looks at pages, and the first visit of an empty house.
job_browser_looks() { suite "Chromium: accessibility, an empty house" browser_tests 3 $((TEST_PORT + 4)) accessibility house; }

# browser_tests NUMBER PORT SPECS...: on an instance with its own port, database and workstation folders; a running demo is left alone.
browser_tests() {
    (
        number=$1
        # Three suites are enough, and each workstation takes its share of the processor.
        SUITES="avocet bittern dunlin" QUEUE_WORKERS=1
        WEB_PORT=$2 RUN=$VAR/run-web-tests-$number DATABASE=zebrafinch_web_$number WORKSTATIONS=$VAR/web-tests/workstations-$number
        UNWATCHED=yes
        shift 2
        # Where the tests say how far ahead learning's clock is.
        export CLOCK_AHEAD_FILE=$VAR/web-tests/clock-ahead-$number
        rm -f "$CLOCK_AHEAD_FILE"
        trap 'stop_web_services; end_empty_house' EXIT
        stop_web_services
        require_free_port "$WEB_PORT" ZEBRAFINCH_TEST_PORT
        rm -rf "$WORKSTATIONS"
        recreate_database "$DATABASE"
        migrate_and_fill "$DATABASE" demo
        start_services
        cd "$ROOT"
        export ZEBRAFINCH_URL=http://127.0.0.1:$WEB_PORT ZEBRAFINCH_WORKSTATIONS=$WORKSTATIONS
        case " $* " in *' house '*) begin_empty_house ;; esac
        # shellcheck disable=SC2046
        npx playwright test $(printf 'e2e/%s ' "$@") --output="$VAR/web-tests/results-$number" ${FILTER:+-g "$FILTER"}
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

# One group, and of it the tests whose names have some words.
run_filtered_core() { suite "core" pest --testsuite=core --filter="$FILTER"; }
run_filtered_web() { suite "logic of the page" npm run --prefix "$ROOT" test -- --reporter=default --no-color -t "$FILTER"; }
run_filtered_slow() { EVERY_SEAT=yes suite "offers at every seat" pest --testsuite=core --group=sampled --filter="$FILTER"; }
run_filtered_browser() {
    suite "Chromium" browser_tests 1 "$TEST_PORT" \
        accessibility across applications captured clashes house journeys keyboard learn sizes suites trouble whole-way
}
run_filtered_http() {
    recreate_database zebrafinch_test_1 >/dev/null 2>&1
    TEST_TOKEN=1 suite "requests on PostgreSQL" on_test_database pest --testsuite=http --filter="$FILTER"
}
