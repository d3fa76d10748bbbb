#!/usr/bin/env bash
# Builds the style sheet and copies fonts and htmx to the folder named as first argument.
set -eu
out=$1
cd "$(dirname "$0")"
export NPM_CONFIG_UPDATE_NOTIFIER=false
# npm writes its own list of what it installed; only a newer lock file makes another install necessary.
if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --ignore-scripts --no-audit --no-fund --loglevel=error
  touch node_modules/.package-lock.json
fi
mkdir -p "$out"
./node_modules/.bin/tailwindcss --input eskarn.css --output "$out/eskarn.css" --minify 2>/dev/null
cp node_modules/htmx.org/dist/htmx.min.js "$out/"
for face in next mono; do
  for part in latin latin-ext; do
    cp "node_modules/@fontsource-variable/atkinson-hyperlegible-$face/files/atkinson-hyperlegible-$face-$part-wght-normal.woff2" "$out/"
  done
done
# For paper: the same faces in a form that PDF takes, and one that has every sign.
for weight in 400 700; do
  for face in next mono; do
    cp "node_modules/@fontsource/atkinson-hyperlegible-$face/files/atkinson-hyperlegible-$face-latin-$weight-normal.woff" "$out/"
  done
done
cp node_modules/dejavu-fonts-ttf/ttf/DejaVuSans.ttf node_modules/dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf "$out/"
