#!/usr/bin/env bash
# keep.sh PARENT LOG COMMAND…: runs a command again whenever it ends, until it is told to end or its parent is gone.
# The command is a group of its own, children and all: what is left of it is ended before it is run again.
parent=$1 log=$2
shift 2
child=

end() {
  trap '' TERM
  if [ -n "$child" ]; then
    kill -TERM -- "-$child" 2> /dev/null
    local wait; for wait in $(seq 90); do
      kill -0 -- "-$child" 2> /dev/null || break
      sleep 0.1
    done
    kill -KILL -- "-$child" 2> /dev/null
  fi
  exit 0
}
trap end TERM

while true; do
  began=$SECONDS
  setsid "$@" >> "$log" 2>&1 &
  child=$!
  while kill -0 "$child" 2> /dev/null; do
    sleep 1 &
    wait -n "$child" $! 2> /dev/null || true
    # A parent that was killed cannot say so.
    kill -0 "$parent" 2> /dev/null || end
  done
  kill -KILL -- "-$child" 2> /dev/null
  # At once; but what cannot begin is not begun all the time.
  if [ $((SECONDS - began)) -lt 2 ]; then sleep 0.5; else sleep 0.1; fi
done
