# Messages. Every failure says what is wrong and what to do.

say() { printf '%s\n' "$*"; }

# fail WHAT WHAT_TO_DO
fail() {
    printf '\nZebrafinch cannot go on: %s\n  What to do: %s\n' "$1" "$2" >&2
    exit 1
}

# step NAME COMMAND...: runs it quietly, shows how long it took; on failure shows the end of what it printed.
step() {
    local name=$1 log started=$SECONDS
    shift
    mkdir -p "$VAR/log"
    log=$VAR/log/$(printf %s "$name" | tr -c 'A-Za-z0-9\n' '-' | tr 'A-Z' 'a-z').log
    printf '  %-22s' "$name"
    if "$@" >"$log" 2>&1 </dev/null 9>&-; then
        printf 'done (%ss)\n' $((SECONDS - started))
    else
        printf 'failed\n'
        tail -n 15 "$log" | sed 's/^/    | /' >&2
        fail "the step \"$name\" failed." \
            "read the lines above; all of it is in ${log#"$ROOT"/}. Then run the same command again: it goes on where it stopped."
    fi
}

# unchanged STAMP HASH: whether a step was finished for exactly this input before.
unchanged() { [ "$(cat "$VAR/stamps/$1" 2>/dev/null)" = "$2" ]; }

stamp() {
    mkdir -p "$VAR/stamps"
    printf '%s' "$2" >"$VAR/stamps/$1"
}

hash_of() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 -r sha256sum | sha256sum | cut -d' ' -f1; }
