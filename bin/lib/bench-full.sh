#!/usr/bin/env bash
# Serves a small shop (the demo) and a full one side by side and measures them; called by bin/bench --full.
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"
. "$ROOT/bin/lib/env.sh"
cd "$ROOT"
SMALL=$(free_port 8180); FULL=$(free_port $((SMALL + 1)))
stop_all() { for each in small full; do CHIRALEX_INSTANCE=$each "$ROOT/bin/serve" stop || true; done; "$ROOT/bin/pg" stop bench || true; }
trap stop_all EXIT
CHIRALEX_BENCH_PG_PORT=$(free_port 54349); export CHIRALEX_BENCH_PG_PORT
"$ROOT/bin/pg" start bench
made() { # INSTANCE SEEDER: data as this code makes it, kept for repeats
  local mark=$VAR/bench/$1/made now
  now="$(cat "$VAR/code-version") $(cat database/migrations/*.php database/seeders/*.php | sha256sum | cut -c1-16)"
  CACHE_STORE=array php artisan optimize:clear --quiet
  if [ "$now" != "$(cat "$mark" 2>/dev/null)" ]; then
    local began=$SECONDS
    rm -rf "${CHIRALEX_FILES:?}"
    php artisan migrate:fresh --database=owner --force --quiet
    php -d memory_limit=1G artisan db:seed --class="Database\\Seeders\\$2" --force --quiet
    say "$1 shop made in $((SECONDS - began)) s"
    printf '%s' "$now" > "$mark"
  fi
  php artisan optimize --quiet
}
for pair in "small DemoSeeder $SMALL" "full FullShopSeeder $FULL"; do
  read -r instance seeder port <<< "$pair"
  (
    export CHIRALEX_INSTANCE=$instance PORT=$port QUEUE_CONNECTION=sync CHIRALEX_CONFINED=0
    app_env
    made "$instance" "$seeder"
    # What it serves with is what a shop serves with, and its files are the serving user's.
    [ "$(id -u)" != 0 ] || chown -R www-data: "$CHIRALEX_FILES"
    export QUEUE_CONNECTION=database CHIRALEX_CONFINED=1
    "$ROOT/bin/serve" start
  )
done
php bin/lib/bench-full.php "http://127.0.0.1:$SMALL" "http://127.0.0.1:$FULL"
