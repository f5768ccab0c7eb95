# var/settings.env: what the web needs to know and what a house decides. Read by the application itself, so that no secret stands on a
# command line. var/owner.env: with what tables and roles are made; the web never knows it.

SETTINGS=$VAR/settings.env
OWNER_SETTINGS=$VAR/owner.env

settings_of() { case $1 in DB_OWNER_* | DB_ADMIN_* | DB_ROLES_*) echo "$OWNER_SETTINGS" ;; *) echo "$SETTINGS" ;; esac }

setting() {
    local file
    file=$(settings_of "$1")
    [ ! -f "$file" ] || sed -n "s/^$1=//p" "$file" | tail -n 1
}

# set_setting NAME VALUE: replaces the whole file at once, so that a stop in between leaves the old one.
set_setting() {
    local file
    file=$(settings_of "$1")
    (
        umask 077
        { grep -v "^$1=" "$file" 2>/dev/null || true; printf '%s=%s\n' "$1" "$2"; } >"$file.new"
        mv "$file.new" "$file"
    )
    give_settings_to_web
}

give_settings_to_web() {
    if [ -f "$SETTINGS" ] && is_root && id -u "$SERVICE_USER" >/dev/null 2>&1; then chown "$SERVICE_USER" "$SETTINGS"; fi
}

secret() { head -c 24 /dev/urandom | base64 | tr '+/' 'ab'; }

# A database password on loopback can be made anew. The application key never is unasked: what it has closed stays closed without it.
require_settings() {
    local name
    if [ -z "$(setting APP_KEY)" ]; then
        ! [ -f "$PG_DATA/PG_VERSION" ] || fail "the application key is gone: var/settings.env is lost, or only half of it is there." \
            "put the file back from a backup. If there is none, ./zebrafinch new-secret key makes a new key: second factors and signatures
              made with the old one are lost then, all else stays."
        set_setting APP_KEY "base64:$(head -c 32 /dev/urandom | base64)"
    fi
    for name in DB_PASSWORD DB_OWNER_PASSWORD DB_ADMIN_PASSWORD; do
        [ -n "$(setting $name)" ] || set_setting $name "$(secret)"
    done
    give_settings_to_web
    chmod 600 "$SETTINGS" "$OWNER_SETTINGS"
}

# new_secret key|database|metrics: changes a secret and starts again what knows the old one.
new_secret() {
    local old
    prepare_folders
    case ${1:-} in
        key)
            old=$(setting APP_KEY)
            # All before it as well: what each has closed can still be opened.
            [ -z "$old" ] || set_setting APP_PREVIOUS_KEYS "$old$(setting APP_PREVIOUS_KEYS | sed 's/^./,&/')"
            set_setting APP_KEY "base64:$(head -c 32 /dev/urandom | base64)"
            say "There is a new application key. What the one before has closed can still be opened; the house signs with a new key now." ;;
        database)
            for old in DB_PASSWORD DB_OWNER_PASSWORD; do set_setting $old "$(secret)"; done
            if postgres_running; then ensure_roles; fi
            say "The database has new passwords." ;;
        metrics)
            set_setting METRICS_TOKEN "$(secret)"
            say "/metrics is opened by this token: $(setting METRICS_TOKEN)" ;;
        *) fail "there is no secret \"${1:-}\"." "choose one of key, database, metrics." ;;
    esac
    if service_running php; then stop_web_services; start_services; say "Started again with it."; fi
}
