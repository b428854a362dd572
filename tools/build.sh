# Builds with Maven, but only when sources have changed since the last build.

sources_hash() {
  (cd "$root" && find "$@" \( -name node_modules -o -name target -o -name dist -o -name test \) -prune -o -type f -print0 \
    | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
}

# One build at a time in a checkout.
locked() {
  local code=0
  exec 8>"$home/build.lock"
  flock 8
  "$@" 8>&- || code=$?
  exec 8>&-
  return $code
}

maven() { (cd "$root" && mvn -q -B -DskipTests -Dstyle.color=never "$@"); }

cli_classpath() { echo "$root/cli/target/cli-0.1.0.jar$(printf ':%s' "$root"/cli/target/lib/*.jar)"; }

build_cli() { locked build_cli_now; }

build_cli_now() {
  local hash; hash=$(sources_hash pom.xml core paint cli)
  [ "$(cat "$home/cli.built" 2>/dev/null)" = "$hash" ] && [ -f "$home/cli.jsa" ] && return 0
  echo "knollwind: building the commands"
  rm -rf "$root/cli/target/lib"
  maven package -pl core,paint,cli || return 1
  java -XX:ArchiveClassesAtExit="$home/cli.jsa" -Xlog:disable -Xlog:all=off -cp "$(cli_classpath)" knollwind.cli.Main \
    frame "$root/demo/ternholm-night-ferry.json" --at 40 --out "$home/archive.png" >/dev/null
  echo "$hash" >"$home/cli.built"
}

build_server() { locked build_server_now; }

build_server_now() {
  local hash; hash=$(sources_hash pom.xml core paint web server)
  [ "$(cat "$home/server.built" 2>/dev/null)" = "$hash" ] && [ -d "$home/app" ] && return 0
  say "building (a first build takes a few minutes)"
  maven package -pl core,paint,web,server || return 1
  rm -rf "$home/app" "$home/app.jsa"
  java -Djarmode=tools -jar "$root/server/target/server-0.1.0-app.jar" extract --destination "$home/app" >/dev/null
  echo "$hash" >"$home/server.built"
}
