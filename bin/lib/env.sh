# Environment of the application: `app_env` for serving, `test_env` for tests. bin/lib/release.sh says where it is served from.
base_env() {
  APP_KEY="base64:$(php -r 'echo base64_encode(hash("sha256", $argv[1], true));' "$(secret app-key)")"
  export APP_KEY
  # The code that this process runs; derived results are kept by it, whatever is written to the folder meanwhile.
  CHIRALEX_CODE=$(cat "$VAR/code-version" 2>/dev/null || echo none); export CHIRALEX_CODE
  CHIRALEX_COMMIT=$(git -C "$ROOT" rev-parse --short HEAD 2>/dev/null || echo unknown); export CHIRALEX_COMMIT
  export CHIRALEX_SCALE_PORT="${CHIRALEX_SCALE_PORT:-$((${PORT:-8080} + 10000))}"
  export DB_HOST=127.0.0.1 DB_DATABASE=chiralex DB_PASSWORD="$(secret db-app)" DB_OWNER_PASSWORD="$(secret db-owner)"
}
app_env() {
  base_env
  if [ -n "${CHIRALEX_INSTANCE:-}" ]; then bench_env "$CHIRALEX_INSTANCE"; return; fi
  export APP_ENV=production APP_DEBUG=false APP_URL="http://127.0.0.1:${PORT:-8080}" DB_PORT="${CHIRALEX_PG_PORT:-54329}"
  export CHIRALEX_FILES="${CHIRALEX_SHARED_FILES:-${HOME_DIR:-$VAR}/files}" CHIRALEX_PROXIES="${CHIRALEX_PROXIES:-}" CHIRALEX_HOSTS="${CHIRALEX_HOSTS:-}"
}
# An outside PostgreSQL: DATABASE_URL for serving, DATABASE_OWNER_URL for migrating and backups (docs/several-machines.md).
outside_database() { [ -n "${DATABASE_URL:-}" ]; }
# The owner's password is for migrating and backups only, and is never written into a cache.
owner_artisan() (
  mkdir -p "$VAR/owner-cache"; chmod 700 "$VAR/owner-cache"
  for each in CONFIG ROUTES EVENTS SERVICES PACKAGES; do export "APP_${each}_CACHE=$VAR/owner-cache/${each,,}.php"; done
  rm -f "$VAR/owner-cache/config.php"
  # A log file made by the owner would shut out the server, whose faults then go nowhere.
  LOG_CHANNEL=stderr php "$ROOT/artisan" "$@"
)
# What the flags of bin/start said last; a start without them goes on with that.
SETTINGS=$VAR/start-settings
keep_setting() { # NAME VALUE
  touch "$SETTINGS"; chmod 600 "$SETTINGS"; sed -i "/^$1=/d" "$SETTINGS"; printf '%s=%q\n' "$1" "$2" >> "$SETTINGS"
}
read_settings() {
  local line
  [ -f "$SETTINGS" ] || return 0
  while IFS= read -r line; do [[ "$line" =~ ^(LISTEN|CHIRALEX_PROXIES|CHIRALEX_HOSTS|BACKUP_EVERY)=[][A-Za-z0-9.,:/_\-]*$ ]] && eval "export $line"; done < "$SETTINGS"
  return 0
}
# An installation of its own beside the application's, for bin/bench --full: other database, files and caches.
bench_env() { # INSTANCE
  local home=$VAR/bench/$1
  mkdir -p "$home/cache"
  export APP_ENV=production APP_DEBUG=false APP_URL="http://127.0.0.1:$PORT" DB_PORT="${CHIRALEX_BENCH_PG_PORT:-54349}" DB_DATABASE="chiralex_$1" CHIRALEX_FILES="$home/files"
  export APP_CONFIG_CACHE=$home/cache/config.php APP_ROUTES_CACHE=$home/cache/routes.php APP_EVENTS_CACHE=$home/cache/events.php APP_SERVICES_CACHE=$home/cache/services.php APP_PACKAGES_CACHE=$home/cache/packages.php
}
test_env() {
  base_env
  export CHIRALEX_SCALE_PORT=$((${CHIRALEX_TEST_PORT:-8190} + 10000))
  export APP_ENV=testing APP_DEBUG=true APP_URL="http://127.0.0.1:${CHIRALEX_TEST_PORT:-8190}" DB_PORT="${CHIRALEX_TEST_PG_PORT:-54339}" CHIRALEX_FILES="$VAR/test-files" CHIRALEX_CONFINED=0 BCRYPT_ROUNDS=4 CACHE_STORE=array QUEUE_CONNECTION=sync SESSION_DRIVER=database LOG_CHANNEL=stderr
}
