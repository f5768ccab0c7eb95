# Composer's and npm's packages, and the built front end. Each is done again only when what it depends on has changed.

prepare_folders() {
    mkdir -p "$VAR"/{run,log,stamps,cache} "$VAR"/laravel/{logs,framework/cache,framework/limits,views,app} \
        "$ROOT/bootstrap/cache" 2>/dev/null &&
        [ -w "$VAR" ] && [ -w "$VAR/run" ] && [ -w "$VAR/log" ] ||
        fail "a folder in $VAR cannot be written." "make $VAR and all in it writable for $(id -un), then start again."
}

require_composer_packages() {
    local hash
    hash=$(cat "$ROOT/composer.json" "$ROOT/core/composer.json" "$ROOT/deploy/packages/versions.txt" | sha256sum)
    if ! unchanged composer "$hash" || [ ! -f "$ROOT/vendor/autoload.php" ]; then
        step "PHP packages" install_composer_packages
        stamp composer "$hash"
    fi
}

# There is no lock file; the exact version of every package, those of packages too, is in deploy/packages/versions.txt, so that every house
# has the same. Some archives hold files that only their owner may read; the service user must read them too.
install_composer_packages() {
    local pins=()
    while read -r name version; do pins+=(--with "$name:$version"); done <"$ROOT/deploy/packages/versions.txt"
    COMPOSER_ALLOW_SUPERUSER=1 composer update --working-dir="$ROOT" --no-interaction --no-progress --optimize-autoloader "${pins[@]}"
    php "$ROOT/tools/package-versions.php" check
    chmod -R a+rX "$ROOT/vendor"
    # What the framework found of packages before.
    rm -f "$ROOT"/bootstrap/cache/{packages,services}.php
}

require_npm_packages() {
    local hash
    hash=$(cat "$ROOT/package-lock.json" "$ROOT/package.json" | sha256sum)
    if ! unchanged npm "$hash" || [ ! -d "$ROOT/node_modules" ]; then
        step "Front-end packages" env PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --prefix "$ROOT" --no-audit --no-fund
        stamp npm "$hash"
    fi
}

require_build() {
    local hash
    hash=$(hash_of "$ROOT/web" "$ROOT/tools/compress-build.mjs" "$ROOT/package-lock.json" "$ROOT/vite.config.ts" "$ROOT/docs/openapi.yaml")
    if ! unchanged build "$hash" || [ ! -f "$ROOT/public/build/manifest.json" ]; then
        step "Front end" npm run --prefix "$ROOT" build
        stamp build "$hash"
    fi
}
