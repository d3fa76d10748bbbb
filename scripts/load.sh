#!/usr/bin/env bash
# Measures a server of its own on a scratch folder: the second start to its first page, then 500 readings.
# Called by `./eskarn load`, which has built everything.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
port=18099
scratch=$(mktemp -d)
server=
finish() {
  [ -z "$server" ] || kill "$server" 2>/dev/null || true
  rm -rf "$scratch"
}
trap finish EXIT

# The server writes how long it took over each request, in µs.
export SERVER_TOMCAT_ACCESSLOG_ENABLED=true SERVER_TOMCAT_ACCESSLOG_DIRECTORY=$scratch/access
export SERVER_TOMCAT_ACCESSLOG_PATTERN='%m %U %D' SERVER_TOMCAT_ACCESSLOG_BUFFERED=false

start_server() {
  ./eskarn demo --port $port --data "$scratch" >"$scratch/log" 2>&1 &
  server=$!
  until curl -s -o /dev/null "http://localhost:$port/sign-in"; do
    kill -0 "$server" 2>/dev/null || { cat "$scratch/log"; exit 1; }
    sleep 0.05
  done
}

start_server # the first start fills the demo
kill "$server"
wait "$server" 2>/dev/null || true
for run in 1 2 3; do
  begun=$(date +%s%N)
  start_server
  printf 'start %d to the first page: %d ms\n' $((run + 1)) $((($(date +%s%N) - begun) / 1000000))
  if [ $run -lt 3 ]; then
    kill "$server"
    wait "$server" 2>/dev/null || true
  fi
done

mvn -q -B -ntp compile -pl eskarn-core,eskarn-benchmarks
count=${1:-500}
# Twice: a server that has just started, and one that has been at work for a while.
for pass in "just started" "at work for a while"; do
  java -XX:TieredStopAtLevel=1 -cp eskarn-benchmarks/target/classes \
    org.eskarn.benchmarks.ReadingLoad "http://localhost:$port" "$count"
  grep -h 'POST .*/readings ' "$scratch"/access/* | tail -n "$count" | awk '{print $3}' | sort -n | awk -v pass="$pass" '
    { t[NR] = $1 / 1000 }
    END { printf "  of that the server, %s: p50 %.1f ms, p95 %.1f ms, longest %.1f ms\n", pass, t[int(NR * 0.5)], t[int(NR * 0.95)], t[NR] }'
done

count=${2:-60}
java -XX:TieredStopAtLevel=1 -cp eskarn-benchmarks/target/classes org.eskarn.benchmarks.AnswerLoad "http://localhost:$port" "$count"
# Of each calculator as many as were timed, without those that only warmed up.
grep -h 'GET /tables/..* ' "$scratch"/access/* | tail -n $((count * 40)) | awk '{print $3}' | sort -n | awk '
  { t[NR] = $1 / 1000 }
  END { printf "  of that the server: p50 %.1f ms, p95 %.1f ms, longest %.1f ms\n", t[int(NR * 0.5)], t[int(NR * 0.95)], t[NR] }'
