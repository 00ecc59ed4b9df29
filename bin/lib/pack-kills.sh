#!/usr/bin/env bash
# Two packers at two runs, pressing as fast as the server answers, while its processes are killed twenty times and the line is down for a
# minute; then every confirmed key has to be in the book once, and nothing else. A killed browser: tests/Browser/KilledBrowserTest.php.
set -uo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"
export CHIRALEX_VAR=$VAR/pack-kills CHIRALEX_PG_PORT PORT
VAR=$CHIRALEX_VAR
CHIRALEX_PG_PORT=$(free_port 54389); PORT=$(free_port 8490)
rm -rf "$VAR"
. "$ROOT/bin/lib/release.sh"
. "$ROOT/bin/lib/own.sh"
DATA=$VAR/pg/data; others_may_enter "$VAR" || DATA=/var/lib/chiralex/$(printf '%s' "${VAR%/var}" | sha256sum | cut -c1-12)-app/data
trap '"$ROOT/bin/start" --stop >/dev/null 2>&1' EXIT
begin() { "$ROOT/bin/start" --port "$PORT" >"$VAR/said" 2>&1; }
begin || { tail -n 5 "$VAR/said"; exit 1; }
for name in packer maker; do
  php "$ROOT/bin/lib/pack-kills.php" press "http://127.0.0.1:$PORT" "$name@saltmarsh.example" "$VAR/$name.keys" & packers="${packers:-} $!"
done
RANDOM=11
kinds=(postgres php-fpm8.2 nginx php8.2 bash)
for kill in $(seq 20); do
  sleep 0.$((RANDOM % 9))
  kind=${kinds[RANDOM % ${#kinds[@]}]}
  where=$HOME_DIR/run; [ "$kind" = postgres ] && where=$DATA
  mapfile -t there < <(own "$where" "$kind")
  [ "${#there[@]}" = 0 ] || kill -KILL "${there[RANDOM % ${#there[@]}]}"
  printf 'kill %2d: %s\n' "$kill" "$kind"
  begin || { tail -n 5 "$VAR/said"; exit 1; }
done
# The line is down for a minute: the server takes calls and answers none.
mapfile -t there < <(own "$HOME_DIR/run" nginx)
kill -STOP "${there[@]}"; sleep 60; kill -CONT "${there[@]}"
printf 'the line was down for 60 s\n'
failed=0
for packer in $packers; do wait "$packer" || failed=1; done
begin
php "$ROOT/bin/lib/pack-kills.php" count "http://127.0.0.1:$PORT" maker@saltmarsh.example "$VAR/packer.keys" "$VAR/maker.keys" || failed=1
exit "$failed"
