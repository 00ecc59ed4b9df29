# Environment of the application: `app_env` for serving, `test_env` for tests.
base_env() {
  APP_KEY="base64:$(php -r 'echo base64_encode(hash("sha256", $argv[1], true));' "$(secret app-key)")"
  export APP_KEY
  # The code that this process runs; derived results are kept by it, whatever is written to the folder meanwhile.
  CHIRALEX_CODE=$(cat "$VAR/code-version" 2>/dev/null || echo none); export CHIRALEX_CODE
  export DB_HOST=127.0.0.1 DB_DATABASE=chiralex DB_PASSWORD="$(secret db-app)" DB_OWNER_PASSWORD="$(secret db-owner)"
}
app_env() {
  base_env
  if [ -n "${CHIRALEX_INSTANCE:-}" ]; then bench_env "$CHIRALEX_INSTANCE"; return; fi
  export APP_ENV=production APP_DEBUG=false APP_URL="http://127.0.0.1:${PORT:-8080}" DB_PORT="${CHIRALEX_PG_PORT:-54329}" CHIRALEX_FILES="$VAR/files"
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
  export APP_ENV=testing APP_DEBUG=true APP_URL="http://127.0.0.1:${CHIRALEX_TEST_PORT:-8190}" DB_PORT="${CHIRALEX_TEST_PG_PORT:-54339}" CHIRALEX_FILES="$VAR/test-files" CHIRALEX_CONFINED=0 BCRYPT_ROUNDS=4 CACHE_STORE=array QUEUE_CONNECTION=sync SESSION_DRIVER=database LOG_CHANNEL=stderr
}
