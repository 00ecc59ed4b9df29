#!/usr/bin/env bash
# An installation of its own behind a TLS proxy, and a second server and worker beside it on the same database: what customers and
# makers see through both. The proxy is docs/examples/proxy.nginx.conf with other ports.
set -uo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/common.sh"
BASE=$VAR; ONE=$BASE/reach-test/one; TWO=$BASE/reach-test/two
PG=$(free_port 54389); A=$(free_port 8490); B=$(free_port $((A + 1))); TLS=$(free_port $((B + 1)))
first() { CHIRALEX_VAR=$ONE CHIRALEX_PG_PORT=$PG PORT=$A "$@"; }
second() {
  CHIRALEX_VAR=$TWO PORT=$B DATABASE_URL="postgresql://chiralex_app:$(cat "$ONE/secrets/db-app")@127.0.0.1:$PG/chiralex" CHIRALEX_SHARED_FILES=$ONE/files \
    DATABASE_OWNER_URL="postgresql://chiralex_owner:$(cat "$ONE/secrets/db-owner")@127.0.0.1:$PG/chiralex" "$@"
}
proxy=
finish() { [ -z "$proxy" ] || kill "$proxy" 2>/dev/null; [ ! -d "$TWO" ] || second "$ROOT/bin/start" --stop >/dev/null 2>&1; first "$ROOT/bin/start" --stop >/dev/null 2>&1; }
trap finish EXIT
rm -rf "$BASE/reach-test"; mkdir -p "$ONE" "$TWO/secrets"; chmod 755 "$BASE/reach-test"
first "$ROOT/bin/start" --port "$A" --proxy 127.0.0.1 >"$ONE/said" 2>&1 || { cat "$ONE/said"; exit 1; }
printf 'a word of my own\n' | first "$ROOT/bin/artisan" chiralex:person owner@saltmarsh.example 'Owner' >/dev/null || exit 1
first "$ROOT/bin/artisan" chiralex:shop publicAddress "https://kits.example:$TLS" >/dev/null || exit 1
# One secret for both: a session that began here goes on there.
cp "$ONE/secrets/app-key" "$TWO/secrets/app-key"; chmod 700 "$TWO/secrets"
second "$ROOT/bin/start" --port "$B" --no-demo >"$TWO/said" 2>&1 || { cat "$TWO/said"; exit 1; }
CERT=$BASE/reach-test/tls
php -r '$key = openssl_pkey_new(["private_key_bits" => 2048]); $ask = openssl_csr_new(["commonName" => "kits.example"], $key); $cert = openssl_csr_sign($ask, null, $key, 2); openssl_x509_export_to_file($cert, "$argv[1].pem"); openssl_pkey_export_to_file($key, "$argv[1].key");' "$CERT"
{
  printf 'pid %s.pid; error_log %s.log; daemon off; events { } http { access_log off;' "$CERT" "$CERT"
  for each in client_body proxy fastcgi uwsgi scgi; do printf '%s_temp_path %s-%s;' "$each" "$CERT" "$each"; done
  sed -e "s#443#$TLS#; s#127.0.0.1:8080#127.0.0.1:$A#; s#/etc/ssl/kits.example#$CERT#" "$ROOT/docs/examples/proxy.nginx.conf"
  echo '}'
} > "$CERT.conf"
nginx -c "$CERT.conf" -p "$BASE/reach-test" & proxy=$!
for _ in $(seq 50); do [ -s "$CERT.pid" ] && break; sleep 0.1; done
PGPASSWORD=$(cat "$ONE/secrets/db-owner") REACH_DB="host=127.0.0.1 port=$PG dbname=chiralex user=chiralex_owner" \
  php "$ROOT/bin/lib/reach-tests.php" "https://kits.example:$TLS" "http://127.0.0.1:$A" "http://127.0.0.1:$B" "$CERT.pem"
