#!/usr/bin/env bash
# Serves the application for the browser tests on a port of its own, with chromedriver beside it, and stops both afterwards.
set -uo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"
. "$ROOT/bin/lib/env.sh"
cd "$ROOT"
test_env
export CHIRALEX_TEST_PORT=${CHIRALEX_TEST_PORT:-8190} CHIRALEX_DRIVER_PORT=${CHIRALEX_DRIVER_PORT:-9525} PHP_CLI_SERVER_WORKERS=4 CACHE_STORE=database QUEUE_CONNECTION=sync
export BROWSER_URL=http://127.0.0.1:$CHIRALEX_TEST_PORT DRIVER_URL=http://127.0.0.1:$CHIRALEX_DRIVER_PORT
php artisan db:seed --class='Database\Seeders\DemoSeeder' --force --quiet || exit 1
php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1]) ? 1 : 0);' "$CHIRALEX_TEST_PORT" || fail "port $CHIRALEX_TEST_PORT is taken; set CHIRALEX_TEST_PORT"
setsid php -d opcache.enable_cli=1 -d upload_max_filesize=32M -d post_max_size=40M -S "127.0.0.1:$CHIRALEX_TEST_PORT" -t public tests/Browser/router.php >"$VAR/browser-server.log" 2>&1 & server=$!
setsid php artisan chiralex:scale >"$VAR/scale.log" 2>&1 & scale=$!
setsid chromedriver --port="$CHIRALEX_DRIVER_PORT" >"$VAR/chromedriver.log" 2>&1 & driver=$!
trap 'kill -- -"$server" -"$driver" -"$scale" 2>/dev/null' EXIT
# chromedriver keeps connections open, and PHP's file functions would wait a minute for their end.
for _ in $(seq 300); do php -r 'foreach (array_slice($argv, 1) as $url) { $c = curl_init($url); curl_setopt_array($c, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 5]); if (curl_exec($c) === false || curl_getinfo($c, CURLINFO_RESPONSE_CODE) !== 200) exit(1); }' "$BROWSER_URL/health" "$DRIVER_URL/status" && break; sleep 0.1; done
php vendor/bin/phpunit --testsuite browser --log-junit "$VAR/browser.xml" ${CHIRALEX_FILTER:+--filter "$CHIRALEX_FILTER"} && exit 0
# A test that fails is tried once more, on a fresh demo; one that passes only then is named at the end of the run.
again=$(php -r '
    $cases = simplexml_load_file($argv[1])?->xpath("//testcase[failure or error]") ?: [];
    echo implode("|", array_unique(array_map(fn($each) => preg_quote(strrchr("\\$each[class]", "\\") . "::$each[name]", "/"), $cases)));
' "$VAR/browser.xml")
[ -n "$again" ] || exit 1
php artisan migrate:fresh --database=owner --force --quiet && php artisan db:seed --class='Database\Seeders\DemoSeeder' --force --quiet || exit 1
printf '\n-- once more: %s\n' "$again"
php vendor/bin/phpunit --testsuite browser --filter "/($again)\$/" || exit 1
printf '%s' "${again//\\/}" > "$VAR/test-unsteady"
