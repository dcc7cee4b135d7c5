#!/usr/bin/env bash
# Serves the demo program from a database of its own for the browser tests.
set -euo pipefail
cd "$(dirname "$0")/../.."
export DB_DATABASE="$PWD/database/e2e.sqlite" PHP_INI_SCAN_DIR=":$PWD/config/php" PHP_CLI_SERVER_WORKERS=4 QUEUE_CONNECTION=database
rm -f "$DB_DATABASE"*
touch "$DB_DATABASE"
php artisan migrate --seed --force --quiet
php artisan queue:work --tries=2 --sleep=1 --quiet &
worker=$!
trap 'kill $worker 2>/dev/null' EXIT TERM INT
php artisan serve --no-reload --host=127.0.0.1 --port="$1"
