# Builds with Maven, but only when sources have changed since the last build.

# What the build itself writes into the sources does not count, or the next start would build all of it again.
sources_hash() {
  (cd "$root" && find "$@" \( -name node_modules -o -name target -o -name dist -o -name test -o -path web/src/api/generated.ts \) \
    -prune -o -type f -print0 \
    | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
}

# One build at a time in a checkout; whoever waits says for what.
locked() {
  local code=0
  exec 8>"$home/build.lock"
  flock -n 8 || { say "a build or a test run is going on in this checkout; waiting for it" >&2; flock 8; }
  "$@" 8>&- || code=$?
  exec 8>&-
  return $code
}

maven() { (cd "$root" && mvn -q -B -DskipTests -Dstyle.color=never "$@"); }

cli_classpath() { echo "$root/cli/target/cli-0.1.0.jar$(printf ':%s' "$root"/cli/target/lib/*.jar)"; }

cli_is_built() {
  [ "$(cat "$home/cli.built" 2>/dev/null)" = "$(sources_hash pom.xml core paint voice cli)" ] && [ -f "$home/cli.jsa" ]
}

# What is built already is used at once, also while tests run.
build_cli() { cli_is_built || locked build_cli_now; }

build_cli_now() {
  cli_is_built && return 0
  local hash; hash=$(sources_hash pom.xml core paint voice cli)
  echo "knollwind: building the commands"
  rm -rf "$root/cli/target/lib"
  maven package -pl core,paint,voice,cli || return 1
  java -XX:ArchiveClassesAtExit="$home/cli.jsa" -Xlog:disable -Xlog:all=off -cp "$(cli_classpath)" knollwind.cli.Main \
    frame "$root/demo/ternholm-night-ferry.json" --at 40 --out "$home/archive.png" >/dev/null
  echo "$hash" >"$home/cli.built"
}

build_server() { locked build_server_now; }

build_server_now() {
  local hash; hash=$(sources_hash pom.xml core paint voice web server)
  [ "$(cat "$home/server.built" 2>/dev/null)" = "$hash" ] && [ -d "$home/app" ] && return 0
  say "building (a first build takes a few minutes)"
  maven package -pl core,paint,voice,web,server || return 1
  rm -rf "$home/app" "$home/app.jsa"
  java -Djarmode=tools -jar "$root/server/target/server-0.1.0-app.jar" extract --destination "$home/app" >/dev/null
  echo "$hash" >"$home/server.built"
}
