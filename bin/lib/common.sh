# Shared by all commands: where things are, and how to run as another user.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd -P)
VAR=${CHIRALEX_VAR:-$ROOT/var}; export CHIRALEX_VAR=$VAR
export COMPOSER_ALLOW_SUPERUSER=1
say() { printf '%s\n' "$*"; }
fail() { printf 'chiralex: %s\n' "$*" >&2; exit 1; }

free_port() { # PORT: it, or the next one that nobody listens on
  local port=$1
  while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
  printf '%s' "$port"
}

# Under a folder that other users may not enter, nothing can run as www-data or postgres from here.
others_may_enter() {
  local folder=$1
  while [ "$folder" != / ]; do
    case $(stat -c %A "$folder") in *x|*t) ;; *) return 1 ;; esac
    folder=$(dirname "$folder")
  done
}

secret() { # NAME: a random word kept in var/secrets, made once
  local file=$VAR/secrets/$1
  mkdir -p "$VAR/secrets"; chmod 700 "$VAR/secrets"
  [ -s "$file" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=\n' > "$file")
  cat "$file"
}
