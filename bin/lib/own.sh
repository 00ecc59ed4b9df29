# Which processes are ours: those that stand in a folder of ours, which no other program does. A pid file says nothing.
own() { # FOLDER PROGRAM...: pids that run PROGRAM in FOLDER, this shell left out
  local folder=$1 each pid exe; shift
  for each in $(find /proc/[0-9]*/cwd -maxdepth 0 -lname "$folder" -printf '%h\n' 2>/dev/null); do
    pid=${each#/proc/}
    exe=$(readlink "$each/exe" 2>/dev/null) || continue
    exe=${exe##*/}; exe=${exe%% (deleted)}
    [ "$pid" != "$$" ] && [ "$pid" != "${BASHPID:-0}" ] || continue
    case " $* " in *" $exe "*) printf '%s\n' "$pid" ;; esac
  done
  return 0
}
says() { tr '\0' ' ' 2>/dev/null < "/proc/$1/cmdline"; } # PID: what it calls itself

end_own() { # SECONDS FOLDER PROGRAM...: asks them to end, then ends them
  local seconds=$1 left; shift
  left=$(own "$@"); [ -n "$left" ] || return 0
  # shellcheck disable=SC2086
  kill -TERM $left 2>/dev/null
  for _ in $(seq "$((seconds * 10))"); do left=$(own "$@"); [ -n "$left" ] || return 0; sleep 0.1; done
  # A stopped process hears nothing else.
  # shellcheck disable=SC2086
  kill -KILL $left 2>/dev/null
  for _ in $(seq 50); do [ -n "$(own "$@")" ] || return 0; sleep 0.1; done
  fail "these processes do not end: $(own "$@" | tr '\n' ' ')"
}
