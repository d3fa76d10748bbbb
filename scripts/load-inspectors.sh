#!/usr/bin/env bash
# N inspectors at work at once for some seconds, against a demo server of its own.
# Called by `./eskarn load --inspectors N SECONDS [DIR]`, which has built everything. A folder that is named is kept.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
many=$1
seconds=$2
port=18097
scratch=$(mktemp -d)
data=${3:-$scratch/data}
server=
finish() {
  [ -z "$server" ] || kill "$server" 2>/dev/null || true
  rm -rf "$scratch"
}
trap finish EXIT

export SERVER_TOMCAT_ACCESSLOG_ENABLED=true SERVER_TOMCAT_ACCESSLOG_DIRECTORY=$scratch/access
export SERVER_TOMCAT_ACCESSLOG_PATTERN='%m %U %s %D' SERVER_TOMCAT_ACCESSLOG_BUFFERED=false

mkdir -p "$data"
(cd "${ESKARN_RUN:-.run}" && exec java -XX:+UseParallelGC -XX:InitialRAMPercentage=5 -XX:NewRatio=1 -jar app.jar serve --demo --port $port --data "$data") >"$scratch/log" 2>&1 &
server=$!
until curl -s -o /dev/null "http://localhost:$port/sign-in"; do
  kill -0 "$server" 2>/dev/null || { cat "$scratch/log"; exit 1; }
  sleep 0.2
done

mvn -q -B -ntp compile -Dquick -pl eskarn-core,eskarn-benchmarks
java -Xss256k -XX:TieredStopAtLevel=1 -cp eskarn-benchmarks/target/classes \
  org.eskarn.benchmarks.InspectorsLoad "http://localhost:$port" "$many" "$seconds" | tee "$scratch/said"
timed=$(sed -n 's/.* s: \([0-9]*\) requests.*/\1/p' "$scratch/said")
# Of the server those that were timed: the last ones.
cat "$scratch"/access/* | tail -n "$timed" | awk '{ print $4, ($3 >= 500) }' | sort -n | awk '
  { t[NR] = $1 / 1000; wrong += $2 }
  END { printf "of that the server: p50 %.1f ms, p95 %.1f ms, p99 %.1f ms, longest %.1f ms; %d answers of 500 or more\n",
    t[int(NR * 0.5)], t[int(NR * 0.95)], t[int(NR * 0.99)], t[NR], wrong }'
grep -cE "ERROR|WARN" "$scratch/log" | sed 's/^/lines in its log: /' || true
