# A PostgreSQL cluster of the project's own, on loopback and a port of its own. No other server is touched.
#
# Three roles: zebrafinch_admin makes databases and roles, zebrafinch_owner owns what migrations make, and zebrafinch, as which the web
# runs, reads and writes rows and can do nothing else.

PG_BIN=/usr/lib/postgresql/15/bin
PG_DATA=$VAR/postgres

postgres_running() { as_service "$PG_BIN/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1; }

start_postgres() {
    [ -x "$PG_BIN/postgres" ] || fail "PostgreSQL 15 is not installed." "run: apt-get install postgresql-15"
    if ! [ -f "$PG_DATA/PG_VERSION" ]; then
        rm -rf "$PG_DATA.new"
        step "New database server" create_cluster
        mv "$PG_DATA.new" "$PG_DATA"
    fi
    if ! postgres_running; then
        require_free_port "$DB_PORT" ZEBRAFINCH_DB_PORT
        step "Database server" serve_postgres
    fi
    [ -n "${UNWATCHED:-}" ] || ensure_roles
}

serve_postgres() {
    as_service "$PG_BIN/pg_ctl" -D "$PG_DATA" -w -t 60 -l "$VAR/log/postgres.log" \
        -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start
}

create_cluster() {
    local password=$VAR/run/password
    mkdir -p "$PG_DATA.new"
    chmod 700 "$PG_DATA.new"
    (umask 077; setting DB_ADMIN_PASSWORD >"$password")
    if is_root; then chown "$SERVICE_USER" "$PG_DATA.new" "$password"; fi
    as_service "$PG_BIN/initdb" -D "$PG_DATA.new" -U zebrafinch_admin -E UTF8 --locale=C.UTF-8 --auth=scram-sha-256 --pwfile="$password"
    rm -f "$password"
}

stop_postgres() {
    if [ -f "$PG_DATA/PG_VERSION" ] && postgres_running; then
        as_service "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null
    fi
}

# sql DATABASE TEXT: as the administrator; the password goes by the environment of psql alone, the text by its input.
sql() {
    PGPASSWORD=$(setting DB_ADMIN_PASSWORD) "$PG_BIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U zebrafinch_admin -d "$1" \
        -qAt -v ON_ERROR_STOP=1 <<<"$2"
}

grant_rights() { sql "$1" "$(cat "$ROOT/deploy/database/rights.sql")"; }

ensure_roles() {
    sql postgres 'select 1' >/dev/null 2>&1 || step "Database roles" take_over_old_cluster
    [ "$(setting DB_ROLES_SET)" = "$(roles_digest)" ] || step "Database roles" set_roles
}

roles_digest() { printf '%s' "$(setting DB_OWNER_PASSWORD)$(setting DB_PASSWORD)" | sha256sum | cut -c1-16; }

set_roles() {
    sql postgres "$(cat "$ROOT/deploy/database/roles.sql")
        alter role zebrafinch_owner password '$(setting DB_OWNER_PASSWORD)';
        alter role zebrafinch password '$(setting DB_PASSWORD)';"
    set_setting DB_ROLES_SET "$(roles_digest)"
}

# A cluster of an earlier version had one role, which could do everything; or its password was lost with var/settings.env.
# Whoever may read the files of the cluster may set passwords: the server is asked alone, without a network.
take_over_old_cluster() {
    stop_postgres
    {
        echo "do 'begin create role zebrafinch_admin; exception when duplicate_object then null; end';"
        echo "alter role zebrafinch_admin superuser login password '$(setting DB_ADMIN_PASSWORD)';"
    } | as_service "$PG_BIN/postgres" --single -D "$PG_DATA" postgres
    serve_postgres
    set_roles
    local database
    for database in $(sql postgres "select datname from pg_database where not datistemplate and datname like 'zebrafinch%'"); do
        sql "$database" "$(cat "$ROOT/deploy/database/hand-over.sql")"
    done
}

ensure_database() {
    [ "$(sql postgres "select 1 from pg_database where datname = '$1'")" = 1 ] || create_database "$1"
}

recreate_database() {
    sql postgres "drop database if exists $1 with (force)"
    create_database "$1"
}

create_database() {
    sql postgres "create database $1 owner zebrafinch_owner"
    grant_rights "$1"
}

# migrate_and_fill DATABASE [demo]: a demo is filled once, when it is new.
migrate_and_fill() {
    DB_DATABASE=$1 owner_artisan migrate --force --database=owner
    grant_rights "$1"
    DB_DATABASE=$1 artisan house:prepare ${2:+--demo}
}

# What makes tables, or reads all of them, is told the owner's password by its environment.
owner_artisan() { DB_OWNER_PASSWORD=$(setting DB_OWNER_PASSWORD) artisan "$@"; }

# Run as the service user, so that logs and caches belong to it; secrets are read from var/settings.env.
artisan() { as_service env DB_PORT="$DB_PORT" DB_DATABASE="${DB_DATABASE:-$DATABASE}" php "$ROOT/artisan" "$@"; }
