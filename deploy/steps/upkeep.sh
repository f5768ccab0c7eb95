# Looking after a place: what is wrong with it, and taking it elsewhere.

backup() {
    local file=${1:-} folder=$VAR/backup check=zebrafinch_backup_check
    [ -n "$file" ] || fail "backup needs to know where to write." "name a file that is not there yet: ./zebrafinch backup house.backup"
    [ ! -e "$file" ] || fail "$file is there already." "name a file that is not there yet; nothing was written."
    : >"$file" 2>/dev/null || fail "$file cannot be written." "name a file in a folder that you may write to."
    rm -f "$file"
    prepare_folders
    start_postgres
    rm -rf "$folder"
    (umask 077; mkdir -p "$folder")
    if is_root; then chown "$SERVICE_USER" "$folder"; fi
    step "Backup" owner_artisan house:backup "$folder"
    # A backup is one once it was restored.
    sql postgres "drop database if exists $check with (force)" 2>/dev/null
    create_database "$check"
    step "Check" restored_alike "$check" "$folder"
    sql postgres "drop database $check with (force)"
    (umask 077; tar cf "$file" -C "$folder" manifest.json database.dump settings.env)
    rm -rf "$folder"
    say "$file holds the database, the settings and the keys of this place. It was restored once and compared row by row."
    say "Whoever has it can open all of it: keep it where only the house can read it."
    all_running || already_running || stop_postgres
}

# restored_alike DATABASE FOLDER: brings a dump into an empty database, and compares it with its manifest.
restored_alike() {
    PGPASSWORD=$(setting DB_OWNER_PASSWORD) "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$DB_PORT" -U zebrafinch_owner -d "$1" \
        --no-owner --no-privileges --exit-on-error "$2/database.dump" || return 1
    DB_DATABASE=$1 owner_artisan house:prove-backup "$2/manifest.json"
}

restore() {
    local file=${1:-} folder=$VAR/restore name line
    [ -f "$file" ] || fail "there is no file ${file:-to restore}." "name a file that ./zebrafinch backup has made."
    ! service_running web || fail "Zebrafinch is running." "end it first: ./zebrafinch stop"
    prepare_folders
    require_packages
    require_service_user
    rm -rf "$folder"
    (umask 077; mkdir -p "$folder")
    tar xf "$file" -C "$folder" manifest.json database.dump settings.env 2>/dev/null ||
        fail "$file is no backup of Zebrafinch, or only half of one." "take another; nothing was changed."
    for name in database.dump settings.env; do
        grep -q "$(sha256sum "$folder/$name" | cut -d' ' -f1)" "$folder/manifest.json" ||
            fail "$name in $file is not what was written into it." "take another backup; nothing was changed."
    done
    [ ! -f "$PG_DATA/PG_VERSION" ] || require_settings
    if [ -f "$PG_DATA/PG_VERSION" ]; then
        start_postgres
        if [ "$(sql zebrafinch 'select count(*) from users' 2>/dev/null || echo 0)" != 0 ]; then
            stop_postgres
            fail "this place is not empty: there are people in it." \
                "restore into an empty place, such as a fresh copy of Zebrafinch; nothing was changed."
        fi
    fi
    # The keys and what the house decided come from the backup; the passwords of this machine's database stay its own.
    while read -r line; do
        case $line in '' | '#'* | DB_*) ;; *) set_setting "${line%%=*}" "${line#*=}" ;; esac
    done <"$folder/settings.env"
    require_settings
    require_composer_packages
    start_postgres
    if is_root; then chown -R "$SERVICE_USER" "$folder"; fi
    step "Empty database" recreate_database zebrafinch
    step "Restore" restored_alike zebrafinch "$folder"
    grant_rights zebrafinch
    rm -rf "$folder"
    stop_postgres
    say "Everything is as in the backup; every table was compared row by row. Start it: ./zebrafinch start"
}

doctor() {
    local status=0
    say "Parts"
    status
    say ""
    say "The house"
    artisan house:doctor || status=1
    say ""
    say "Packages with known faults (asked of the registries)"
    ask_registry "PHP" env COMPOSER_ALLOW_SUPERUSER=1 composer audit --working-dir="$ROOT" --no-interaction --format=plain || status=1
    ask_registry "front end" npm audit --prefix "$ROOT" --omit=dev || status=1
    return $status
}

# ask_registry NAME COMMAND...: a registry that does not answer is no fault of the house.
ask_registry() {
    local name=$1 log
    shift
    log=$VAR/log/audit.log
    if "$@" >"$log" 2>&1; then
        say "  well     $name"
    elif grep -qE 'vulnerabilit(y|ies)|advisor(y|ies) affecting' "$log"; then
        say "  NOT SO   $name"
        sed 's/^/           /' "$log" | head -n 40
        return 1
    else
        say "  unknown  $name: the registry did not answer; see var/log/audit.log"
    fi
}
