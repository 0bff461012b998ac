# A private PostgreSQL cluster on 127.0.0.1. PostgreSQL refuses to run as root, so as root it runs as "postgres".

as_owner() { if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

# cluster_home FOLDER: where the cluster of that name lies; elsewhere when postgres may not enter the checkout.
cluster_home() {
  mkdir -p "$1"
  if [ "$(id -u)" = 0 ] && ! runuser -u postgres -- test -x "$1" 2>/dev/null; then
    local other
    other=/var/lib/civitane/$(printf '%s' "$1" | sha1sum | cut -c1-12)
    mkdir -p "$other"
    printf '%s' "$other"
  else
    printf '%s' "$1"
  fi
}

# cluster_start FOLDER FIRST_PORT: makes it when it is new, starts it; sets db_port, db_home, and the passwords of the
# role that owns the tables and of the role that the application runs as.
cluster_start() {
  need_postgres
  db_home=$(cluster_home "$1")
  db_password=$(secret "$1/password")
  db_app_password=$(secret "$1/app-password")
  if [ ! -f "$db_home/data/PG_VERSION" ]; then cluster_make; fi
  if as_owner "$pg_bin/pg_ctl" -D "$db_home/data" status >/dev/null 2>&1; then
    db_port=$(cat "$db_home/port")
    return
  fi
  db_port=$(free_port "$2")
  printf '%s' "$db_port" >"$db_home/port"
  as_owner "$pg_bin/pg_ctl" -D "$db_home/data" -l "$db_home/data/server.log" -o "$(cluster_options)" -w -t 60 start >/dev/null 2>&1 </dev/null \
    || fail "PostgreSQL did not start: see $db_home/data/server.log"
}

# Neither values of statements nor rows reach its log: they may be about a person.
cluster_options() {
  printf -- '-p %s -c log_error_verbosity=terse -c log_min_error_statement=panic -c log_parameter_max_length_on_error=0 %s' "$db_port" "${cluster_more:-}"
}

cluster_make() {
  say "Making the database …"
  local making=$db_home/making
  rm -rf "$making"
  mkdir "$making"
  (umask 077 && printf '%s' "$db_password" >"$making/secret")
  if [ "$(id -u)" = 0 ]; then chown -R postgres "$making"; fi
  as_owner "$pg_bin/initdb" -D "$making/data" -U civitane --pwfile="$making/secret" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 >"$db_home/initdb.log" 2>&1 \
    || fail "The database could not be made: see $db_home/initdb.log"
  cat >>"$making/data/postgresql.conf" <<'CONF'
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
shared_buffers = 256MB
max_connections = 160
CONF
  mv "$making/data" "$db_home/data"
  rm -r "$making"
}

restart_command() { # a script that restarts the running cluster at once, as a crash would
  printf '#!/usr/bin/env bash\ncd /\n'
  if [ "$(id -u)" = 0 ]; then printf 'runuser -u postgres -- '; fi
  printf '%q -D %q -l %q -o %q -m immediate -w -t 60 restart >/dev/null 2>&1 </dev/null\n' \
    "$pg_bin/pg_ctl" "$db_home/data" "$db_home/data/server.log" "$(cluster_options)"
}

cluster_stop() { # FOLDER
  db_home=$(cluster_home "$1")
  if [ -f "$db_home/data/postmaster.pid" ]; then
    need_postgres
    as_owner "$pg_bin/pg_ctl" -D "$db_home/data" -m fast -w -t 60 stop >/dev/null 2>&1 || true
  fi
}

cluster_remove() { # FOLDER
  cluster_stop "$1"
  rm -rf "$db_home" "$1"
}

database_sql() { # STATEMENT [DATABASE]
  PGPASSWORD="$db_password" "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d "${2:-postgres}" -qtA -v ON_ERROR_STOP=1 <<<"set client_min_messages = warning; $1"
}

database_create() { # NAME [TEMPLATE], unless it is there; and the role of the application, which owns nothing
  if [ -z "$(database_sql "select 1 from pg_database where datname = '$1'")" ]; then database_sql "create database $1 ${2:+template $2}"; fi
  if [ -z "$(database_sql "select 1 from pg_roles where rolname = 'civitane_app'")" ]; then database_sql "create role civitane_app"; fi
  database_sql "alter role civitane_app login password '$db_app_password'"
}

database_remove() { # NAME, if it is there
  database_sql "drop database if exists $1 with (force)"
}

database_prompt() {
  cluster_start "$state/pg" 54320
  PGPASSWORD=$db_password exec "$pg_bin/psql" -h 127.0.0.1 -p "$db_port" -U civitane -d civitane "$@"
}
