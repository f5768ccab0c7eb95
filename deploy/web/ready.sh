#!/usr/bin/env bash
# ready.sh FOLDER: settings and routes as PHP's processes read them fastest, and the classes of packages that each request needs, for
# `preload.php`. The folder is made anew; what var/settings.env holds is in it, so only whoever runs this may read it.
set -Eeuo pipefail
umask 077

root=$(cd "$(dirname "$(readlink -f "$0")")/../.." && pwd)
rm -rf "$1"
mkdir -p "$1"
export APP_CONFIG_CACHE=$1/config.php APP_ROUTES_CACHE=$1/routes.php APP_EVENTS_CACHE=$1/events.php
php "$root/artisan" config:cache
php "$root/artisan" route:cache
php "$root/artisan" event:cache
php "$root/deploy/web/needed-classes.php" >"$1/classes"
