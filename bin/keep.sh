#!/usr/bin/env bash
# keep.sh PARENT LOG COMMAND…: runs a command again whenever it ends, until it is told to end or its parent is gone.
# It has to be started as a group of its own (setsid): what it runs ends with it, children and all.
parent=$1 log=$2
shift 2

end() {
  trap '' TERM
  kill -TERM 0
  wait
  exit 0
}
trap end TERM

while true; do
  "$@" >> "$log" 2>&1 &
  child=$!
  while kill -0 "$child" 2> /dev/null; do
    sleep 1 &
    wait -n "$child" $! 2> /dev/null || true
    # A parent that was killed cannot say so.
    kill -0 "$parent" 2> /dev/null || end
  done
  sleep 0.5
done
