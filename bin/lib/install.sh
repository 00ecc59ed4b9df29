# What Chiralex needs on a Debian 12 machine; installs only what is missing. `install_all` for serving, `install_all test` for tests too.
PACKAGES="php8.2-cli php8.2-fpm php8.2-pgsql php8.2-mbstring php8.2-intl php8.2-xml php8.2-gd php8.2-zip php8.2-bcmath php8.2-curl php8.2-mailparse php8.2-imap nginx-light postgresql-15 unzip ca-certificates chromium qrencode poppler-utils fonts-liberation"
TEST_PACKAGES="chromium-driver dovecot-imapd gerbv glpk-utils procps python3-aiosmtpd python3-scipy zbar-tools"

missing_packages() {
  local name
  for name in "$@"; do
    [ "$(dpkg-query -W -f='${db:Status-Status}' "$name" 2>/dev/null)" = installed ] || printf '%s ' "$name"
  done
}

install_packages() {
  local missing; missing=$(missing_packages "$@")
  [ -n "$missing" ] || return 0
  [ "$(id -u)" = 0 ] || fail "these packages are missing and only root can install them: $missing"
  say "installing: $missing"
  [ -n "$(ls /var/lib/apt/lists/*Packages* 2>/dev/null)" ] || apt-get update -qq
  # shellcheck disable=SC2086
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends -o DPkg::Lock::Timeout=300 $missing >/dev/null \
    || { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends -o DPkg::Lock::Timeout=300 $missing >/dev/null; } \
    || fail "apt-get could not install: $missing"
}

node_is_new_enough() {
  command -v node >/dev/null && node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)'
}

install_tools() {
  command -v composer >/dev/null || install_packages composer
  if ! node_is_new_enough; then
    command -v npm >/dev/null || install_packages nodejs npm
    [ "$(id -u)" = 0 ] || fail "node 20.19 or newer is missing; run bin/start once as root"
    npm install -g --silent node@20.20.2 || fail "npm could not install node 20"
    hash -r
    node_is_new_enough || fail "node is still older than 20.19; remove the old one from PATH"
  fi
}

# Marks hold a checksum of what was asked for, so that a second start has nothing to do.
changed_since() { # MARK FILE...: true when the files differ from those of the last run
  local mark=$ROOT/var/marks/$1; shift
  [ "$(cat "$@" | sha256sum)" != "$(cat "$mark" 2>/dev/null)" ]
}
mark_done() { local mark=$ROOT/var/marks/$1; shift; mkdir -p "$ROOT/var/marks"; cat "$@" | sha256sum > "$mark"; }

install_php() {
  if [ ! -f "$ROOT/vendor/autoload.php" ] || changed_since composer "$ROOT/composer.json" "$ROOT/core/composer.json"; then
    say "installing PHP packages"
    (cd "$ROOT" && composer update --no-interaction --no-progress --quiet --prefer-dist) || fail "composer could not install the PHP packages"
    php "$ROOT/bin/lib/check-sums.php" "$ROOT" || fail "the installed PHP packages differ from composer.sums.json"
    chmod -R a+rX "$ROOT/vendor"
    mark_done composer "$ROOT/composer.json" "$ROOT/core/composer.json"
  fi
}

install_npm() {
  if [ ! -d "$ROOT/node_modules" ] || changed_since npm "$ROOT/package-lock.json"; then
    say "installing front-end packages"
    (cd "$ROOT" && npm ci --silent --no-audit --no-fund) || fail "npm could not install the front-end packages"
    mark_done npm "$ROOT/package-lock.json"
  fi
}

front_sources() { find "$ROOT/resources/js" "$ROOT/docs/schema" "$ROOT/app/Http/Requests" "$ROOT/routes" "$ROOT"/bin/lib/openapi*.php -type f | LC_ALL=C sort; echo "$ROOT/vite.config.ts"; echo "$ROOT/vite.folder.config.ts"; echo "$ROOT/vite.names.ts"; echo "$ROOT/package-lock.json"; }
build_front() {
  mapfile -t sources < <(front_sources)
  if [ ! -f "$ROOT/public/build/manifest.json" ] || [ ! -f "$ROOT/resources/built/page.js" ] || changed_since front "${sources[@]}"; then
    say "building the front end"
    php "$ROOT/bin/lib/kinds.php" && php "$ROOT/bin/lib/openapi.php" || fail "the API description could not be written"
    (cd "$ROOT" && npm run --silent types >/dev/null && npm run --silent build >"$VAR/build.log" 2>&1) || { tail -20 "$VAR/build.log" >&2; fail "the front end did not build"; }
    chmod -R a+rX "$ROOT/public/build" "$ROOT/resources/built"
    mark_done front "${sources[@]}"
  fi
}

# One line that changes whenever code that computes or draws changes; derived results are kept by it.
write_code_version() { find "$ROOT/core/src" "$ROOT/render" "$ROOT/app" -type f -name '*.php' | LC_ALL=C sort | xargs cat | sha256sum | cut -c1-16 > "$VAR/code-version"; }

install_all() {
  mkdir -p "$VAR" "$ROOT/var"
  # shellcheck disable=SC2086
  install_packages $PACKAGES
  # shellcheck disable=SC2086
  [ "${1:-}" = test ] && install_packages $TEST_PACKAGES
  install_tools; install_php; install_npm; build_front; write_code_version
}
