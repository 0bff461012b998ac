# Starts and stops the server with its database.

serve_up() {
  if serving; then fail "Civitane is running already: http://127.0.0.1:$(cat "$state/port")"; fi
  if port_taken "$port"; then fail "Port $port is taken. Stop what uses it, or choose another: CIVITANE_PORT=8421 ./civitane up"; fi
  build_app
  (need_tesseract) || say "Papers will not be read by machine until Tesseract is installed."
  trap 'serve_stop; exit 130' INT TERM
  cluster_start "$state/pg" 54320
  database_create civitane
  printf '%s' "$port" >"$state/port"
  secret "$state/register-key" >/dev/null
  secret "$state/signing-secret" >/dev/null
  serve_place
  serve_java &
  server_pid=$!
  printf '%s' "$server_pid" >"$state/server.pid"
  await_server
  say ""
  say "Civitane answers at http://127.0.0.1:$port"
  case ,${CIVITANE_PROFILES:-demo}, in *,demo,*) serve_accounts >&2 ;; esac
  say "Ctrl-C stops it, and so does ./civitane down."
  wait "$server_pid" || true
  serve_stop
}

serve_accounts() {
  cat <<E

  Demo accounts, all with the password  halvern-demo-2026
    caseworker   asa.mikkel@halvern.example      her own claims
    caseworker   joao.brattli@halvern.example    takes from the same office
    supervisor   sunniva.reis@halvern.example    may also hand claims over
    auditor      edda.holm@halvern.example       may only read; signs in with a second step, whose code the page says
    applicant    runa.ostby@post.example         one household's side

E
}

# serve_environment: what the server is told; secrets go by the environment, never by its arguments.
serve_environment() {
  export CIVITANE_DATABASE_URL="jdbc:postgresql://127.0.0.1:$db_port/civitane" CIVITANE_DATABASE_PASSWORD="$db_app_password"
  export CIVITANE_DATABASE_OWNER_PASSWORD="$db_password" CIVITANE_STORE="$serve_home/papers" CIVITANE_LOG="$serve_home/log/server.log"
  export CIVITANE_STANDINS_PORT CIVITANE_REGISTER_KEY CIVITANE_SIGNING_SECRET SERVER_PORT="$port" SPRING_PROFILES_ACTIVE="${CIVITANE_PROFILES:-demo}"
  CIVITANE_STANDINS_PORT=$(free_port $((port + 1)))
  CIVITANE_REGISTER_KEY=$(cat "$state/register-key")
  CIVITANE_SIGNING_SECRET=$(cat "$state/signing-secret")
}

serve_java() {
  local java=("$JAVA_HOME/bin/java" -Xmx1g "${quiet_java[@]}" -XX:+UseSerialGC -Dlogging.threshold.console=OFF -jar "$serve_app/server/civitane-server-app.jar")
  serve_environment
  umask 077
  if [ "$(id -u)" = 0 ]; then cd /; exec setpriv --reuid=civitane --regid=civitane --clear-groups "${java[@]}" >"$state/server.out" 2>&1; fi
  exec "${java[@]}" >"$state/server.out" 2>&1
}

# serve_place: where papers and the log lie, and the application. As root the server runs as the user civitane, which
# is made when it is not there; where that user may not enter the checkout, all of it lies elsewhere.
serve_place() {
  serve_home=$state serve_app=$app
  if [ "$(id -u)" != 0 ]; then
    (umask 077 && mkdir -p "$serve_home/papers" "$serve_home/log")
    return
  fi
  id -u civitane >/dev/null 2>&1 || useradd --system --user-group --no-create-home --shell /usr/sbin/nologin civitane
  if ! setpriv --reuid=civitane --regid=civitane --clear-groups test -x "$state" 2>/dev/null; then
    serve_home=/var/lib/civitane/$(printf '%s' "$state" | sha1sum | cut -c1-12)-server
    serve_app=$serve_home/app
    mkdir -p "$serve_home"
    rm -rf "$serve_app"
    cp -r "$app" "$serve_app"
  fi
  mkdir -p "$serve_home/papers" "$serve_home/log"
  chown -R civitane:civitane "$serve_home/papers" "$serve_home/log"
  chmod 700 "$serve_home/papers" "$serve_home/log"
}

await_server() {
  local waited=0
  until (exec 3<>"/dev/tcp/127.0.0.1/$port" && printf 'GET /api/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3 && head -1 <&3 | grep -q ' 200') 2>/dev/null; do
    if ! kill -0 "$server_pid" 2>/dev/null || [ "$waited" -ge 600 ]; then
      serve_why >&2
      serve_stop
      fail "The server did not start: see $serve_home/log/server.log and $state/server.out"
    fi
    sleep 0.2
    waited=$((waited + 1))
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
