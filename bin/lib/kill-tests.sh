#!/usr/bin/env bash
# Kills each process of an installation of its own in turn, then sets drawn at random, and looks whether bin/start brings it back, whole
# and once, without touching what belongs to somebody else.
set -uo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"
export CHIRALEX_VAR=$VAR/kill-test CHIRALEX_PG_PORT PORT
VAR=$CHIRALEX_VAR
CHIRALEX_PG_PORT=$(free_port 54379); PORT=$(free_port 8390)
rm -rf "$VAR"
. "$ROOT/bin/lib/release.sh"
. "$ROOT/bin/lib/own.sh"
DATA=$VAR/pg/data; others_may_enter "$VAR" || DATA=/var/lib/chiralex/$(printf '%s' "${VAR%/var}" | sha256sum | cut -c1-12)-app/data
trap '"$ROOT/bin/start" --stop >/dev/null 2>&1' EXIT
failed=0
tell() { printf '%-46s %s\n' "$1" "$2"; [ "$2" = back ] || failed=1; }
begin() { "$ROOT/bin/start" --no-demo --port "$PORT" >"$VAR/said" 2>&1; }
named() { local pid; for pid in $(own "$HOME_DIR/run" "$1"); do [[ "$(says "$pid")" == *"$2"* ]] && printf '%s\n' "$pid"; done; return 0; }
leader() { local pid; for pid in $(named bash /bin/worker); do [ "$(sed 's/^.*) //' "/proc/$pid/stat" | cut -d' ' -f4)" = "$pid" ] && printf '%s\n' "$pid"; done; return 0; }
whole() { # WHAT: everything is there, once
  "$ROOT/bin/serve" alive && [ "$(named nginx master | wc -l)" = 1 ] && [ "$(named php-fpm8.2 master | wc -l)" = 1 ] && [ "$(leader | wc -l)" = 1 ] || { tell "$1" "NOT BACK: $(tail -n 3 "$VAR/said" | tr '\n' ' ')"; return; }
  kill -0 "$stranger" 2>/dev/null || { tell "$1" "ENDED A STRANGER"; return; }
  tell "$1" back
}
pids() { # NAME
  case $1 in
  postmaster) head -n 1 "$DATA/postmaster.pid" ;;
  postgres-backend) own "$DATA" postgres | grep -vx "$(head -n 1 "$DATA/postmaster.pid")" | head -n 1 ;;
  fpm-master) named php-fpm8.2 master ;;
  fpm-child) named php-fpm8.2 pool | head -n 1 ;;
  nginx-master) named nginx master ;;
  nginx-worker) named nginx worker | head -n 1 ;;
  worker) leader ;;
  worker-half) named bash /bin/worker | grep -vx "$(leader)" | head -n 1 ;;
  queue) own "$HOME_DIR/run" php8.2 | head -n 1 ;;
  esac
}
ALL="postmaster postgres-backend fpm-master fpm-child nginx-master nginx-worker worker worker-half queue"
sleep 900 & stranger=$!
begin; whole 'started'
for each in $ALL; do
  for _ in $(seq 50); do [ -n "$(pids "$each")" ] && break; sleep 0.1; done
  # shellcheck disable=SC2046
  kill -KILL $(pids "$each") || tell "$each" 'NOT FOUND'
  begin; whole "kill -9 $each"
done
RANDOM=7
for _ in 1 2 3; do
  set_of=$(for each in $ALL; do [ $((RANDOM % 2)) = 0 ] || printf '%s ' "$each"; done)
  # shellcheck disable=SC2046
  kill -KILL $(for each in $set_of; do pids "$each"; done) 2>/dev/null
  begin; whole "kill -9 $set_of"
done
# shellcheck disable=SC2046
kill -STOP $(own "$HOME_DIR/run" php-fpm8.2); begin; whole 'stopped php-fpm'
kill -KILL "$(pids postmaster)"; sleep 0.5; sed -i "1s/.*/$stranger/" "$DATA/postmaster.pid"; echo "$stranger" > "$HOME_DIR/run/nginx.pid"
begin; whole 'pid files that name a stranger'
"$ROOT/bin/start" --stop >/dev/null; [ -z "$(own "$HOME_DIR/run" nginx php-fpm8.2 bash php8.2)$(own "$DATA" postgres)" ] && tell 'stopped, nothing left' back || tell 'stopped' 'SOMETHING LEFT'
kill "$stranger"
exit "$failed"
