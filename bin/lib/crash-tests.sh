#!/usr/bin/env bash
# Kills server, worker and database of the test cluster while they work, and looks whether anything was lost.
set -uo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"
. "$ROOT/bin/lib/env.sh"
cd "$ROOT"
test_env
# What is confirmed must have left the process: the cluster's own setting gives that up for speed.
export CHIRALEX_CRASH_PORT=${CHIRALEX_CRASH_PORT:-8191} PGOPTIONS='-c synchronous_commit=on' CACHE_STORE=database QUEUE_CONNECTION=database
php artisan db:seed --class='Database\Seeders\PeopleSeeder' --force --quiet || exit 1
php vendor/bin/phpunit --testsuite crash
