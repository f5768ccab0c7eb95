# A PostgreSQL cluster of the project's own, on loopback and a port of its own. No other server is touched.

PG_BIN=/usr/lib/postgresql/15/bin
PG_DATA=$VAR/postgres

setting() { sed -n "s/^$1=//p" "$VAR/settings.env"; }

postgres_running() { as_service "$PG_BIN/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1; }

start_postgres() {
    [ -x "$PG_BIN/postgres" ] || fail "PostgreSQL 15 is not installed." "run: apt-get install postgresql-15"
    if ! [ -f "$PG_DATA/PG_VERSION" ]; then
        rm -rf "$PG_DATA.new"
        step "New database server" create_cluster
        mv "$PG_DATA.new" "$PG_DATA"
    fi
    postgres_running && return
    require_free_port "$DB_PORT" ZEBRAFINCH_DB_PORT
    step "Database server" as_service "$PG_BIN/pg_ctl" -D "$PG_DATA" -w -t 60 -l "$VAR/log/postgres.log" \
        -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start
}

create_cluster() {
    local password=$VAR/run/password
    mkdir -p "$PG_DATA.new"
    chmod 700 "$PG_DATA.new"
    (umask 077; setting DB_PASSWORD >"$password")
    if is_root; then chown "$SERVICE_USER" "$PG_DATA.new" "$password"; fi
    as_service "$PG_BIN/initdb" -D "$PG_DATA.new" -U zebrafinch -E UTF8 --locale=C.UTF-8 --auth=scram-sha-256 --pwfile="$password"
    rm -f "$password"
}

stop_postgres() {
    if [ -f "$PG_DATA/PG_VERSION" ] && postgres_running; then
        as_service "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null
    fi
}

sql() { PGPASSWORD=$(setting DB_PASSWORD) "$PG_BIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U zebrafinch -d "$1" -qAt -v ON_ERROR_STOP=1 -c "$2"; }

ensure_database() { [ "$(sql postgres "select 1 from pg_database where datname = '$1'")" = 1 ] || sql postgres "create database $1"; }

recreate_database() {
    sql postgres "drop database if exists $1 with (force)"
    sql postgres "create database $1"
}

migrate_and_seed() {
    DB_DATABASE=$1 artisan migrate --force
    DB_DATABASE=$1 artisan db:seed --force --class=Database\\Seeders\\DemoWorld
    DB_DATABASE=$1 artisan model:prune --model=App\\Models\\Keymap
}

# Run as the service user, so that logs and caches belong to it; settings come from var/settings.env.
artisan() {
    as_service env APP_KEY="$(setting APP_KEY)" DB_PASSWORD="$(setting DB_PASSWORD)" DB_PORT="$DB_PORT" \
        DB_DATABASE="${DB_DATABASE:-zebrafinch}" php "$ROOT/artisan" "$@"
}
