# PostgreSQL in a data folder of the project's own, on loopback.

pg_bin=/usr/lib/postgresql/15/bin

# PostgreSQL refuses to run as root; its folders then belong to the user postgres.
as_postgres() {
  if [ "$(id -u)" -eq 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# The data folder called NAME: inside the project, or where the user postgres can reach it.
database_folder() {
  local folder="$home/$1"
  if [ "$(id -u)" -eq 0 ]; then
    mkdir -p "$folder"
    if ! as_postgres test -x "$home" 2>/dev/null; then
      rmdir "$folder" 2>/dev/null || true
      folder="/var/tmp/knollwind-$(echo "$root" | sha256sum | cut -c1-12)/$1"
      mkdir -p "$folder"
      chmod 711 "$(dirname "$folder")"
    fi
    chown postgres "$folder"
  else
    mkdir -p "$folder"
  fi
  chmod 700 "$folder"
  echo "$folder"
}

free_port() {
  local port=$1
  while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
  echo "$port"
}

# start_database NAME: makes it if need be, starts it, and sets db_port and db_password.
start_database() {
  local folder; folder=$(database_folder "$1")
  local secret="$home/$1.password"
  if [ ! -f "$folder/made" ] 2>/dev/null && ! as_postgres test -f "$folder/made"; then
    echo "knollwind: making the database folder"
    find "$folder" -mindepth 1 -delete
    (umask 077; head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9' >"$secret")
    local pwfile; pwfile=$(mktemp /tmp/knollwind-pw.XXXXXX)
    cp "$secret" "$pwfile"
    [ "$(id -u)" -eq 0 ] && chown postgres "$pwfile"
    as_postgres "$pg_bin/initdb" -D "$folder/data" -U knollwind -A scram-sha-256 --pwfile="$pwfile" -E UTF8 --locale=C.UTF-8 \
      >"$home/initdb.log" 2>&1 || { rm -f "$pwfile"; tail -n 5 "$home/initdb.log" >&2; echo "knollwind: the database could not be made" >&2; exit 1; }
    rm -f "$pwfile"
    as_postgres touch "$folder/made"
  fi
  db_password=$(cat "$secret")
  if as_postgres "$pg_bin/pg_ctl" -D "$folder/data" status >/dev/null 2>&1; then
    db_port=$(as_postgres sed -n 4p "$folder/data/postmaster.pid")
  else
    db_port=$(free_port "${2:-8570}")
    as_postgres "$pg_bin/pg_ctl" -w -D "$folder/data" -l "$folder/log" \
      -o "-p $db_port -c listen_addresses=127.0.0.1 -c unix_socket_directories=$folder -c max_connections=80" start >/dev/null 9>&- \
      || { echo "knollwind: the database did not start; its log is $folder/log" >&2; exit 1; }
  fi
  export PGPASSWORD="$db_password"
  if ! as_postgres env PGPASSWORD="$db_password" psql -h 127.0.0.1 -p "$db_port" -U knollwind -d postgres -tAc \
    "select 1 from pg_database where datname = 'knollwind'" | grep -q 1; then
    as_postgres env PGPASSWORD="$db_password" createdb -h 127.0.0.1 -p "$db_port" -U knollwind knollwind
  fi
}

stop_database() {
  local folder; folder=$(database_folder "$1")
  as_postgres "$pg_bin/pg_ctl" -D "$folder/data" -m fast stop >/dev/null 2>&1 || true
}

database_runs() {
  local folder; folder=$(database_folder "$1")
  as_postgres "$pg_bin/pg_ctl" -D "$folder/data" status >/dev/null 2>&1
}
