# Starts and stops the server with its database.

serve_up() {
  if serving; then fail "Civitane is running already: http://127.0.0.1:$(cat "$state/port")"; fi
  if port_taken "$port"; then fail "Port $port is taken. Stop what uses it, or choose another: CIVITANE_PORT=8421 ./civitane up"; fi
  build_app
  (need_tesseract) || say "Papers will not be read by machine until Tesseract is installed."
  trap 'serve_stop; exit 130' INT TERM
  cluster_start "$state/pg" 54320
  database_create civitane
  serve_place
  secret "$serve_secrets/register-key" >/dev/null
  secret "$serve_secrets/signing-secret" >/dev/null
  archive_flags "$serve_app/server"
  if [ ! -f "$serve_app/server/$archive" ]; then serve_learn && archive_flags "$serve_app/server"; fi
  printf '%s' "$port" >"$state/port"
  serve_java civitane "$serve_home/papers" "$serve_home/log/server.log" "$port" "${CIVITANE_PROFILES:-demo}" "${archive_used[@]}" >"$state/server.out" 2>&1 &
  server_pid=$!
  printf '%s' "$server_pid" >"$state/server.pid"
  await_server "$port" "$server_pid" || { serve_why >&2; serve_stop; fail "The server did not start: see $serve_home/log/server.log and $state/server.out"; }
  say ""
  say "Civitane answers at http://127.0.0.1:$port"
  case ,${CIVITANE_PROFILES:-demo}, in *,demo,*) serve_accounts >&2 ;; esac
  say "Ctrl-C stops it, and so does ./civitane down."
  wait "$server_pid" || true
  serve_stop
}

serve_accounts() {
  cat <<A

  Demo accounts, all with the password  halvern-demo-2026
    caseworker   asa.mikkel@halvern.example      her own claims
    caseworker   joao.brattli@halvern.example    takes from the same office
    supervisor   sunniva.reis@halvern.example    may also hand claims over
    auditor      edda.holm@halvern.example       may only read; signs in with a second step, whose code the page says
    applicant    runa.ostby@post.example         one household's side

A
}

# serve_java DATABASE STORE LOG PORT PROFILES [FLAG…]: becomes the server. Secrets go by the environment, never by its
# arguments. As root it runs as the user that serve_place made, if that was asked for.
serve_java() {
  export CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/$1" CIVITANE_DATABASE_PASSWORD="$db_app_password"
  export CIVITANE_DATABASE_OWNER_PASSWORD="$db_password" CIVITANE_STORE="$2" CIVITANE_LOG="$3" SERVER_PORT="$4" SPRING_PROFILES_ACTIVE="$5"
  export CIVITANE_STANDINS_PORT CIVITANE_REGISTER_KEY CIVITANE_SIGNING_SECRET
  CIVITANE_STANDINS_PORT=$(free_port $(($4 + 1)))
  CIVITANE_REGISTER_KEY=$(cat "$serve_secrets/register-key")
  CIVITANE_SIGNING_SECRET=$(cat "$serve_secrets/signing-secret")
  umask 077
  if [ ${#serve_as[@]} -gt 0 ]; then cd /; fi
  exec "${serve_as[@]}" "$JAVA_HOME/bin/java" -Xmx1g "${quiet_java[@]}" -XX:+UseSerialGC "${@:6}" -Dlogging.threshold.console=OFF -jar "$serve_app/server/civitane-server-app.jar"
}

# serve_learn: starts the server once on a database that is thrown away; what the virtual machine learned of its classes
# makes every later start several times quicker. Where that fails, starts stay as slow as they are.
serve_learn() {
  say "Learning to start quickly …"
  local home=$serve_home/learning at pid
  at=$(free_port $((port + 10)))
  database_remove civitane_learning
  database_create civitane_learning
  rm -rf "$home"
  serve_folder "$home" "$home/papers" "$home/log"
  archive_flags "$serve_app/server" "$home"
  serve_java civitane_learning "$home/papers" "$home/log/server.log" "$at" standins "${archive_made[@]}" >"$state/learning.log" 2>&1 &
  pid=$!
  if await_server "$at" "$pid"; then ask "$at" /; ask "$at" /api/programmes; fi >/dev/null
  kill "$pid" 2>/dev/null || true
  wait "$pid" || true
  mv "$home/$archive" "$serve_app/server/" 2>/dev/null || true
  rm -rf "$home"
  database_remove civitane_learning
}

# serve_place: where papers and the log lie, and the application. As root the server runs as the user civitane, which
# is made when it is not there; where that user may not enter the checkout, all of it lies elsewhere.
serve_place() {
  serve_home=$state serve_app=$app serve_secrets=$state serve_as=()
  if [ "$(id -u)" = 0 ]; then
    id -u civitane >/dev/null 2>&1 || useradd --system --user-group --no-create-home --shell /usr/sbin/nologin civitane
    serve_as=(setpriv --reuid=civitane --regid=civitane --clear-groups)
    if ! "${serve_as[@]}" test -x "$state" 2>/dev/null; then
      serve_home=/var/lib/civitane/$(printf '%s' "$state" | sha1sum | cut -c1-12)-server
      serve_app=$serve_home/app
      mkdir -p "$serve_home"
      if ! cmp -s "$app/print" "$serve_app/print"; then
        rm -rf "$serve_app"
        cp -r "$app" "$serve_app"
      fi
    fi
  fi
  serve_folder "$serve_home/papers" "$serve_home/log"
}

serve_folder() { # FOLDER…: for the server alone
  (umask 077 && mkdir -p "$@")
  if [ ${#serve_as[@]} -gt 0 ]; then chown -R civitane:civitane "$@" && chmod 700 "$@"; fi
}

ask() { # PORT PATH: what the server answers, with its status
  (exec 3<>"/dev/tcp/127.0.0.1/$1" && printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' "$2" >&3 && tr -d '\0' <&3) 2>/dev/null
}

# await_server PORT PID: until it answers, however long it takes, as long as it gets on: as long as it says so, or works.
await_server() {
  local answer said= step shown= cpu used=0 moved=$SECONDS told=$SECONDS
  while true; do
    answer=$(ask "$1" /api/health | sed -n '1p; $p') || true
    case $answer in *' 200'*) return 0 ;; esac
    cpu=$(awk '{ print int(($14 + $15) / 100) }' "/proc/$2/stat" 2>/dev/null) || return 1
    if [ "$answer" != "$said" ] || [ "$cpu" != "$used" ]; then said=$answer used=$cpu moved=$SECONDS; fi
    step=$(sed -n 's/.*"step":\([0-9]*\),"of":\([0-9]*\).*/\1 of \2/p' <<<"$answer")
    if [ -n "$step" ] && [ "$step" != "$shown" ] && [ $((SECONDS - told)) -ge 5 ]; then
      say "  $step …"
      shown=$step told=$SECONDS
    fi
    if [ $((SECONDS - moved)) -ge 180 ]; then return 1; fi
    sleep 0.2
  done
}

# serve_why: what the server said last, or why it says it could not start
serve_why() {
  cat "$state/server.out" "$serve_home/log/server.log" 2>/dev/null | grep -A8 "^Description:" || tail -n 5 "$serve_home/log/server.log" 2>/dev/null || true
}

serving() { [ -f "$state/server.pid" ] && kill -0 "$(cat "$state/server.pid")" 2>/dev/null; }

serve_stop() {
  if serving; then
    local pid waited=0
    pid=$(cat "$state/server.pid")
    kill "$pid" 2>/dev/null || true
    while kill -0 "$pid" 2>/dev/null && [ "$waited" -lt 150 ]; do sleep 0.2; waited=$((waited + 1)); done
  fi
  rm -f "$state/server.pid"
  cluster_stop "$state/pg"
}

serve_down() {
  serve_stop
  say "Civitane is stopped; its data is kept."
}

serve_reset() {
  serve_stop
  cluster_remove "$state/pg"
  rm -rf "$state/papers" "/var/lib/civitane/$(printf '%s' "$state" | sha1sum | cut -c1-12)-server"
  say "The data is gone. ./civitane up starts afresh."
}
