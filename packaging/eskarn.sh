#!/bin/sh
# Eskarn with the Java it needs. `eskarn help` lists what it does.
here=$(cd "$(dirname "$(readlink -f "$0")")" && pwd)
case "${1:-help}" in
  serve | verify | backup | restore | password-link | move | new-key)
    exec "$here/runtime/bin/java" -XX:+UseParallelGC -XX:InitialRAMPercentage=5 -XX:NewRatio=1 -jar "$here/app/app.jar" "$@" ;;
  *)
    cat <<'TXT'
eskarn serve --data DIR [--port N] [--listen ADDRESS] [--https KEYSTORE] [--proxy ADDRESS,…]
             [--database ADDRESS]
eskarn backup FILE --data DIR [--database ADDRESS]
eskarn restore FILE --data DIR
eskarn verify --data DIR [--heads FILE] [--database ADDRESS]
eskarn password-link NAME --data DIR [--database ADDRESS]
eskarn move --data DIR --database ADDRESS
eskarn new-key --data DIR
TXT
    ;;
esac
