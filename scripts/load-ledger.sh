#!/usr/bin/env bash
# Makes N synthetic signed dockets in a demo folder of its own and times the pages that read them.
# Called by `./eskarn load --ledger N [DIR]`, which has built everything. A folder that is named is kept, and made once.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
many=$1
port=18098
times=40
scratch=$(mktemp -d)
data=${2:-$scratch/data}
server=
finish() {
  [ -z "$server" ] || kill "$server" 2>/dev/null || true
  rm -rf "$scratch"
}
trap finish EXIT

export ESKARN_LOAD=$many
export SERVER_TOMCAT_ACCESSLOG_ENABLED=true SERVER_TOMCAT_ACCESSLOG_DIRECTORY=$scratch/access
export SERVER_TOMCAT_ACCESSLOG_PATTERN='%r %D' SERVER_TOMCAT_ACCESSLOG_BUFFERED=false

mkdir -p "$data"
made=$([ -e "$data/eskarn.mv.db" ] && echo kept || echo made)
begun=$(date +%s)
(cd .run && exec java -XX:+UseParallelGC -XX:InitialRAMPercentage=5 -XX:NewRatio=1 -jar app.jar serve --demo --port $port --data "$data") >"$scratch/log" 2>&1 &
server=$!
address=http://localhost:$port
until curl -s -o /dev/null "$address/sign-in"; do
  kill -0 "$server" 2>/dev/null || { cat "$scratch/log"; exit 1; }
  sleep 0.2
done
printf '%d synthetic dockets %s, up in %d s, file %d MB\n' "$many" "$made" $(($(date +%s) - begun)) $(($(stat -c %s "$data/eskarn.mv.db") >> 20))

jar=$scratch/cookies
token() { curl -s -b "$jar" -c "$jar" "$address/sign-in" | sed -n 's/.*name="_csrf" value="\([^"]*\)".*/\1/p' | head -1; }
curl -s -o /dev/null -b "$jar" -c "$jar" --data-urlencode "_csrf=$(token)" -d 'login=m.quill&password=vellmere' "$address/sign-in"

newest=$(curl -s -b "$jar" "$address/ledger" | sed -n 's|.*href="/ledger/\([0-9][0-9]*\)".*|\1|p' | head -1)
for path in / "/dockets/214/1" /ledger "/ledger?from=$((many / 2))" "/ledger/$newest" /parts/1 /gauges/1 \
  "/gauges/1/trace?error=8&since=2020-01-01"; do
  # The first ones warm up.
  for _ in $(seq $((times + 10))); do curl -s -o /dev/null -b "$jar" "$address$path"; done
  awk -v path="$path" '$2 == path { print $4 }' "$scratch"/access/* | tail -n $times | sort -n | awk -v path="$path" '
    { t[NR] = $1 / 1000 }
    END { printf "%-48s p50 %7.1f ms   p95 %7.1f ms\n", path, t[int(NR * 0.5)], t[int(NR * 0.95)] }'
done
