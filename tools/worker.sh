# A worker: takes exports from the queue of a server, here or on another machine.

worker_usage() {
  cat <<'TEXT'
Usage: ./knollwind worker [--database URL] [--user NAME] [--password-file FILE] [--name NAME] [--at-once N] [--shared FOLDER]

Takes exports from the queue of a server until it is stopped (Ctrl C); what it has begun then goes to others.

  --database URL         the server's database, jdbc:postgresql://HOST:PORT/NAME; that of this checkout if left out
  --user NAME            its user; knollwind if left out
  --password-file FILE   a file with the user's password; else KNOLLWIND_DB_PASSWORD
  --name NAME            how it is shown; the name of this machine if left out
  --at-once N            exports that it makes at once; 1 if left out
  --shared FOLDER        where it puts files instead of into the database; the server sees the same folder
TEXT
}

run_worker() {
  local database="" user=knollwind secret="" name="" at_once=1 shared="${KNOLLWIND_SHARED:-}"
  while [ $# -gt 0 ]; do
    case "$1" in
      --help | -h) worker_usage; return 0 ;;
      --database | --user | --password-file | --name | --at-once | --shared)
        [ $# -ge 2 ] || fail "$1 needs a value; './knollwind worker --help' explains it"
        case "$1" in
          --database) database=$2 ;;
          --user) user=$2 ;;
          --password-file) secret=$2 ;;
          --name) name=$2 ;;
          --at-once) at_once=$2 ;;
          --shared) shared=$2 ;;
        esac
        shift 2
        ;;
      *) worker_usage >&2; fail "'$1' is not known" ;;
    esac
  done
  [[ "$name" =~ ^[A-Za-z0-9._-]{0,60}$ ]] || fail "--name is of letters, digits, dots and dashes, not '$name'"
  [[ "$at_once" =~ ^[1-9][0-9]?$ ]] || fail "--at-once is a number from 1 to 99, not '$at_once'"
  [ -z "$secret" ] || [ -r "$secret" ] || fail "the password file '$secret' cannot be read"
  [ -z "$shared" ] || [ -w "$shared" ] || fail "the shared folder '$shared' is not there, or cannot be written"
  case "$database" in
    "" | jdbc:postgresql://*) ;;
    postgresql://*) database="jdbc:$database" ;;
    *) fail "--database is an address like jdbc:postgresql://HOST:5432/knollwind, not '$database'" ;;
  esac
  build_server || fail "the build failed; what stands above says why"
  if [ -z "$database" ]; then
    database_runs database || fail "no database runs in this checkout; './knollwind start' starts one, --database names another"
    start_database database 8570
    database="jdbc:postgresql://127.0.0.1:$db_port/knollwind"
    export KNOLLWIND_DB_PASSWORD="$db_password"
  fi
  [ -z "$secret" ] || export KNOLLWIND_DB_PASSWORD="$(head -n 1 "$secret")"
  name="${name:-$(hostname)}"
  export KNOLLWIND_DB_URL="$database" KNOLLWIND_DB_USER="$user" KNOLLWIND_WORKER="$name" KNOLLWIND_AT_ONCE="$at_once"
  export KNOLLWIND_SHARED="$shared" KNOLLWIND_WORK="$home/worker-$name"
  say "the worker $name takes exports; Ctrl C stops it"
  exec java -XX:TieredStopAtLevel=1 -Xmx1g -jar "$home/app/server-0.1.0-app.jar" worker
}
