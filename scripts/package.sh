#!/usr/bin/env bash
# Puts the program, a Java trimmed to what it needs, and a list of its parts into one archive that runs with nothing installed.
# Called by `./eskarn package`, which has built everything into the folder named.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
built=$1
version=$2
name=eskarn-$version
modules=java.base,java.desktop,java.instrument,java.logging,java.management,java.naming,java.net.http,java.prefs,java.rmi,java.scripting
modules=$modules,java.security.jgss,java.sql,java.transaction.xa,java.xml,jdk.crypto.ec,jdk.management,jdk.unsupported,jdk.zipfs

rm -rf dist
mkdir -p "dist/$name/app"
jlink --add-modules "$modules" --strip-debug --no-header-files --no-man-pages --compress=2 --output "dist/$name/runtime"
cp -r "$built/app.jar" "$built/lib" "dist/$name/app/"
cp packaging/eskarn.sh "dist/$name/eskarn"
cp packaging/eskarn.service THIRD-PARTY.md docs/OPERATION.md "dist/$name/"
# Core and application each write theirs to the same place; the last is the application's, with all that it needs.
mvn -q -B -ntp compile org.cyclonedx:cyclonedx-maven-plugin:2.9.1:makeBom -Dquick -pl eskarn-core,eskarn-app -DschemaVersion=1.6 -DoutputFormat=json \
  -DincludeTestScope=false -DoutputDirectory="$PWD/dist/$name" -DoutputName=bom >&2
tar -C dist -czf "dist/$name-linux-$(uname -m).tar.gz" "$name"
printf 'eskarn: dist/%s-linux-%s.tar.gz, %s\n' "$name" "$(uname -m)" "$(du -h "dist/$name-linux-$(uname -m).tar.gz" | cut -f1)" >&2
