# Where the application is served from. Nothing that customers reach runs as root: where other users may enter the checkout, it is
# served from there as www-data; elsewhere a copy under /var/lib/chiralex serves, renewed by each start.
mkdir -p "$VAR"
INSTANCE=$(printf '%s' "$VAR" | sha256sum | cut -c1-12)
HOME_DIR=$VAR; SERVED=$ROOT; SERVES_AS=
if [ "$(id -u)" = 0 ]; then
  SERVES_AS=www-data
  if ! others_may_enter "$VAR" || ! others_may_enter "$ROOT"; then HOME_DIR=/var/lib/chiralex/$INSTANCE; SERVED=$HOME_DIR/release; fi
fi
export CHIRALEX_CACHE=$HOME_DIR/cache
caches() { local name; for name in CONFIG ROUTES EVENTS SERVICES PACKAGES; do export "APP_${name}_CACHE=$CHIRALEX_CACHE/${name,,}.php"; done; export CHIRALEX_STORAGE="$HOME_DIR/storage"; }
as_server() { if [ -n "$SERVES_AS" ]; then runuser -u "$SERVES_AS" --preserve-environment -- "$@"; else "$@"; fi; }

copy_release() {
  [ "$SERVED" != "$ROOT" ] || return 0
  local next=$HOME_DIR/release.next
  mkdir -p "$HOME_DIR"; rm -rf "$next"; mkdir "$next"
  tar -C "$ROOT" --exclude=./var --exclude=./.git --exclude=./node_modules --exclude=./tests --exclude=./core/tests --exclude=./docs/screenshots \
    --exclude=./storage -cf - . | tar -C "$next" -xf -
  mkdir -p "$next/node_modules"
  cp -a "$ROOT"/node_modules/@fontsource* "$next/node_modules/"
  cp "$VAR/code-version" "$next/code-version"
  chown -R root: "$next"; chmod -R a+rX,go-w "$next"
  rm -rf "$HOME_DIR/release.old"; [ ! -d "$SERVED" ] || mv "$SERVED" "$HOME_DIR/release.old"
  mv "$next" "$SERVED"; rm -rf "$HOME_DIR/release.old"
}

# Folders that the serving user writes, and nobody else reads.
open_home() {
  mkdir -p "$HOME_DIR"; chmod a+x "$HOME_DIR"; [ "$HOME_DIR" = "$VAR" ] || chmod 711 "$HOME_DIR" /var/lib/chiralex
  mkdir -p "$CHIRALEX_CACHE" "$HOME_DIR/storage/logs" "$HOME_DIR/storage/framework/views" "$HOME_DIR/tmp" "$CHIRALEX_FILES"
  # Files of an installation that was served from the checkout until now.
  if [ "$CHIRALEX_FILES" != "$VAR/files" ] && [ -d "$VAR/files" ] && [ -z "$(ls -A "$CHIRALEX_FILES")" ]; then cp -a "$VAR/files/." "$CHIRALEX_FILES/"; fi
  chmod 700 "$CHIRALEX_CACHE" "$HOME_DIR/tmp" "$HOME_DIR/storage" "$CHIRALEX_FILES"
  if [ -n "$SERVES_AS" ]; then
    for each in "$CHIRALEX_CACHE" "$HOME_DIR/storage" "$HOME_DIR/tmp" "$CHIRALEX_FILES"; do
      [ "$(stat -c %U "$each")" = "$SERVES_AS" ] || chown -R "$SERVES_AS:" "$each"
    done
  fi
}
