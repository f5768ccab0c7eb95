# Debian's packages, and the user that services run as.

SERVICE_USER=zebrafinch
RUN_PACKAGES="php8.2-cli php8.2-fpm php8.2-apcu nginx php8.2-pgsql php8.2-mbstring php8.2-xml php8.2-curl php8.2-zip"
RUN_PACKAGES="$RUN_PACKAGES composer unzip postgresql-15 ca-certificates procps"
TEST_PACKAGES="chromium-headless-shell fonts-dejavu-core xkb-data libxkbcommon-tools libxkbcommon-dev usb.ids glpk-utils"
NODE_AT_LEAST=20019

is_root() { [ "$(id -u)" = 0 ]; }

as_root() {
    if is_root; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else return 126; fi
}

missing_packages() {
    local package
    for package in "$@"; do
        [ "$(dpkg-query -W -f '${db:Status-Status}' "$package" 2>/dev/null)" = installed ] || printf '%s ' "$package"
    done
}

require_packages() {
    # shellcheck disable=SC2086
    install_missing $(missing_packages $RUN_PACKAGES) $(command -v npm >/dev/null || echo nodejs npm)
    require_node
}

require_test_packages() {
    # shellcheck disable=SC2086
    install_missing $(missing_packages $TEST_PACKAGES)
}

install_missing() {
    [ $# -gt 0 ] || return 0
    command -v apt-get >/dev/null ||
        fail "this is not a Debian system (there is no apt-get)." "use Debian 12, or install these yourself: $*."
    is_root || command -v sudo >/dev/null ||
        fail "these Debian packages are missing and there is no sudo to install them: $*." "run as root: apt-get install $*"
    step "Debian packages" apt_install "$@"
}

# Debian starts a database server of its own when postgresql is installed for the first time;
# this project brings its own and wants no other.
apt_install() {
    local quiet=/etc/postgresql-common/createcluster.d/zebrafinch.conf policy=/usr/sbin/policy-rc.d ours=no status=0
    as_root apt-get update -q
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -qy --no-install-recommends postgresql-common
    # Nor does it want a web server or PHP's processes of the system's; they would be started as soon as they are installed.
    as_root mkdir -p "$(dirname "$policy")"
    if [ ! -e "$policy" ]; then
        printf '#!/bin/sh\nexit 101\n' | as_root tee "$policy" >/dev/null
        as_root chmod +x "$policy"
        ours=yes
    fi
    if [ ! -d /etc/postgresql/15 ]; then
        as_root mkdir -p "$(dirname "$quiet")"
        echo 'create_main_cluster = false' | as_root tee "$quiet" >/dev/null
    fi
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -qy --no-install-recommends "$@" || status=$?
    as_root rm -f "$quiet"
    [ "$ours" = no ] || as_root rm -f "$policy"
    return $status
}

node_number() { node --version 2>/dev/null | sed -E 's/^v([0-9]+)\.([0-9]+).*/\1 \2/' | awk '{ printf "%d%03d", $1, $2 }'; }

# Debian 12 has Node 18, which the build tools no longer run on; the npm registry has newer ones as packages.
require_node() {
    export PATH="$VAR/node/node_modules/.bin:$VAR/node/bin:$PATH"
    [ "$(node_number)" -ge "$NODE_AT_LEAST" ] 2>/dev/null || step "Node" install_node
}

install_node() {
    local arch
    case $(uname -m) in x86_64) arch=x64 ;; aarch64) arch=arm64 ;; *) echo "No Node package for $(uname -m)."; return 1 ;; esac
    npm install --prefix "$VAR/node" --no-audit --no-fund --no-save "node-linux-$arch@24.21.0"
    mkdir -p "$VAR/node/bin"
    ln -sf "$VAR/node/node_modules/node-linux-$arch/bin/node" "$VAR/node/bin/node"
}

# PostgreSQL refuses to run as root, and a web server should not: as root, services run as a user of their own.
require_service_user() {
    is_root || return 0
    id -u "$SERVICE_USER" >/dev/null 2>&1 || step "Service user" useradd --system --no-create-home --shell /usr/sbin/nologin "$SERVICE_USER"
    chown "$SERVICE_USER" "$VAR" "$VAR"/{run,log,laravel,cache} "$ROOT/bootstrap/cache"
    chown -R "$SERVICE_USER" "$VAR"/laravel "$VAR"/cache "$VAR"/log
    as_service test -r "$ROOT/zebrafinch" -a -w "$VAR/run" ||
        fail "the folder $ROOT cannot be entered by the user $SERVICE_USER, which the services run as." \
            "move the project to a folder that others may enter (such as /srv), or start it as a user who is not root."
}

as_service() {
    if is_root; then runuser -u "$SERVICE_USER" -- "$@"; else "$@"; fi
}

require_disk_space() {
    local free
    free=$(df -Pk "$ROOT" | awk 'NR == 2 { print int($4 / 1024) }')
    [ "$free" -ge 300 ] || fail "only $free MB are free on the disk that holds $ROOT." \
        "make room (a first start needs about 1.5 GB, a later one 300 MB) and start again; nothing was lost."
}
