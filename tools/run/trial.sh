# Sourced after setup.sh: a Rigger of its own for tests, trials and benchmarks, in a folder that carries the mark of this run. Only such a
# folder is ever removed.
trial_mark="$(date +%s)-$$-$RANDOM"

# begin_trial NAME: where the trial's data stand ($trial), and what bin/start needs to be told to use them.
begin_trial() {
  find_place; need_account
  mkdir -p "$here/var"
  if [ "$code" = "$here" ]; then trial="$here/var/trial-$1-$trial_mark"; else trial="/var/lib/rigger-trial-$1-$trial_mark"; export RIGGER_LIB="$trial/library"; fi
  mkdir -m 755 "$trial"
  printf %s "$trial_mark" > "$trial/of-this-run"
  [ "$(id -u)" != 0 ] || chown "$account:" "$trial"
  export RIGGER_DATA="$trial/data"
  data="$RIGGER_DATA"
}

# start_trial OPTIONS…: bin/start in the background, until it is ready.
start_trial() {
  "$here/bin/start" "$@" >> "$trial/start.log" 2>&1 & trial_process=$!
  local turn
  for turn in $(seq 1200); do
    [ -e "$data/run/ready" ] && return 0
    kill -0 "$trial_process" 2>/dev/null || { say "The trial's Rigger did not start:"; cat "$trial/start.log" >&2; return 1; }
    sleep 0.1
  done
  say "The trial's Rigger is not ready after two minutes:"; cat "$trial/start.log" >&2; return 1
}

stop_trial() {
  [ -n "${trial_process:-}" ] || return 0
  kill -TERM "$trial_process" 2>/dev/null || true
  wait "$trial_process" 2>/dev/null || true
  trial_process=""
}

end_trial() {
  stop_trial
  [ -n "${trial:-}" ] && [ "$(cat "$trial/of-this-run" 2>/dev/null)" = "$trial_mark" ] || return 0
  find "$trial" -mindepth 1 -maxdepth 1 ! -name of-this-run -exec rm -r -- {} + || true
  rm -f "$trial/of-this-run"; rmdir "$trial" 2>/dev/null || true
}

# The trial's database, for programs that run beside it.
trial_url() { cat "$data/secrets/database-url"; }
