# Starting, stopping and looking after the server of this checkout.

server_pid() {
  local pid; pid=$(cat "$home/server.pid" 2>/dev/null) || return 1
  [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null && [[ "$(tr '\0' ' ' <"/proc/$pid/cmdline")" == *"$home/app"* ]] && echo "$pid"
}

healthy() { curl -fsS --noproxy '*' -m 2 "http://127.0.0.1:$1/api/health" >/dev/null 2>&1; }

start_all() {
  exec 9>"$home/start.lock"
  flock -n 9 || { say "another start is going on in this checkout; waiting for it"; flock 9; }
  local pid port
  if pid=$(server_pid); then
    port=$(cat "$home/server.port")
    if healthy "$port"; then
      say "already running at http://127.0.0.1:$port"
      [ "$(cat "$home/server.built" 2>/dev/null)" = "$(sources_hash pom.xml core paint web server)" ] ||
        say "the sources have changed since; './knollwind stop' and 'start' bring the new ones"
      return 0
    fi
    say "stopping the running server, which does not answer"
    stop_server
  fi
  build_server || fail "the build failed; what stands above says why"
  start_database database 8570
  export KNOLLWIND_DB_URL="jdbc:postgresql://127.0.0.1:$db_port/knollwind" KNOLLWIND_DB_USER=knollwind
  export KNOLLWIND_DB_PASSWORD="$db_password" KNOLLWIND_DEMO="$root/demo" KNOLLWIND_WORK="$home/work"
  port=$(free_port "$(cat "$home/server.port" 2>/dev/null || echo "${KNOLLWIND_FIRST_PORT:-8470}")")
  export KNOLLWIND_PORT="$port"
  local jar="$home/app/server-0.1.0-app.jar"
  if [ ! -f "$home/app.jsa" ]; then
    say "preparing for quick starts"
    java -XX:ArchiveClassesAtExit="$home/app.jsa" -Dspring.context.exit=onRefresh -jar "$jar" >"$home/archive.log" 2>&1 9>&- || true
  fi
  say "starting the server"
  setsid nohup java -XX:SharedArchiveFile="$home/app.jsa" -Xshare:auto -Xmx2g -jar "$jar" >"$home/server.log" 2>&1 </dev/null 9>&- &
  echo $! >"$home/server.pid"
  echo "$port" >"$home/server.port"
  for _ in $(seq 1 240); do
    if healthy "$port"; then
      say "ready at http://127.0.0.1:$port"
      return 0
    fi
    server_pid >/dev/null || { tail -n 20 "$home/server.log" >&2; fail "the server ended; its log is .knollwind/server.log"; }
    sleep 0.25
  done
  tail -n 20 "$home/server.log" >&2
  fail "the server did not become healthy within a minute; its log is .knollwind/server.log"
}

stop_server() {
  local pid
  pid=$(server_pid) || return 0
  kill "$pid" 2>/dev/null || true
  for _ in $(seq 1 40); do kill -0 "$pid" 2>/dev/null || break; sleep 0.25; done
  kill -9 "$pid" 2>/dev/null || true
  rm -f "$home/server.pid"
}

stop_all() {
  stop_server
  [ -x "$pg_bin/pg_ctl" ] && stop_database database
  say "stopped"
}

show_status() {
  local pid port
  if pid=$(server_pid); then
    port=$(cat "$home/server.port")
    if healthy "$port"; then say "the server runs at http://127.0.0.1:$port (process $pid)"; else say "the server runs (process $pid) but does not answer"; fi
  else
    say "the server is not running"
  fi
  if database_runs database; then say "the database runs"; else say "the database is not running"; fi
}
