# Runs the tests, against databases of their own that are made and removed here, and counts them.

all_parts=(format core exchange cli web server browser)

# What the parts are made of is built once, then they run in two lanes: the server's tests take about as long as all
# others; the demo for the browser's is told beside them. Every part runs and tells how it went, also when another failed.
verify() { # [PART[=TEST,…]…]: of a part those tests alone
  local parts=("${@%%=*}") part started=$SECONDS status=0
  declare -A only=()
  for part in "$@"; do case $part in *=*) only[${part%%=*}]=${part#*=} ;; esac; done
  if [ ${#parts[@]} = 0 ]; then parts=("${all_parts[@]}"); fi
  for part in "${parts[@]}"; do
    case " ${all_parts[*]} " in *" $part "*) ;; *) fail "There is no part \"$part\": ${all_parts[*]}." 2 ;; esac
  done
  need_build_tools
  test_home=$state/test-$$
  mkdir -p "$test_home"
  trap verify_clear EXIT
  rm -f "$root"/{server,browser-tests}/target/*-tests.log*
  find "$root" -path '*/node_modules' -prune -o -path '*/target/surefire-reports/*' -name '*.xml' -exec rm {} +
  if verify_part build "${parts[@]}"; then
    {
      if with_server && { [ ${#only[@]} = 0 ] || [ "${kills:-}" ]; }; then verify_part learn || true; fi
      touch "$test_home/learned"
      case " ${parts[*]} " in *' server '*) verify_part server || true ;; esac
    } &
    case " ${parts[*]} " in *' browser '*) { wait_for learned && if [ ${#only[@]} = 0 ]; then verify_part demo; fi; touch "$test_home/demo-told"; } & ;; esac
    for part in "${parts[@]}"; do
      if [ "$part" = browser ]; then wait_for demo-told; fi
      if [ "$part" != server ]; then verify_part "$part" || true; fi
    done
    wait
  fi
  if [ -n "$(ls "$test_home"/failed-* 2>/dev/null)" ]; then status=1; fi
  slowest_tests || true
  closing_line $((SECONDS - started))
  return $status
}

verify_clear() {
  local cluster
  for cluster in "$test_home"/pg*; do if [ -d "$cluster" ]; then cluster_remove "$cluster"; fi; done
  rm -rf "$test_home"
}

verify_part() { # PART [ARGUMENT…]: runs it and tells how it went; all it said when it failed
  local part=$1 began=$SECONDS
  if (
    "verify_$part" "${@:2}" && ran=0 || ran=$?
    times >"$test_home/$part.times"
    exit "$ran"
  ) >"$test_home/$part.log" 2>&1; then
    say "— $part: $((SECONDS - began)) s, $(processor_time "$test_home/$part.times") s of processors"
  else
    touch "$test_home/failed-$part"
    say "— $part FAILED after $((SECONDS - began)) s:"$'\n'"$(what_failed "$test_home/$part.log")"
    return 1
  fi
}

# What the programs it ran used, and those they ran; not what PostgreSQL did for them.
processor_time() { # FILE that times wrote
  awk 'END { for (i = 1; i <= NF; i++) { split($i, at, /[ms]/); s += at[1] * 60 + at[2] } printf "%d", s }' "$1"
}

with_server() { case " ${parts[*]} " in *' server '* | *' browser '*) true ;; *) false ;; esac; }

wait_for() { until [ -f "$test_home/$1" ]; do sleep 0.5; done; } # FILE that another lane leaves

what_failed() { # LOG: how it ended, without where in the code each failure came through
  grep -av '^[[:space:]]*at \|^[[:space:]]*\.\.\. [0-9]\|^$\|^\[ERROR\] *$\|-> \[Help\|Re-run Maven\|To see the full\|For more info' "$1" | cut -c1-500 | tail -n 80
}

verify_build() { # PART…: all that these stand on, in one build
  local modules=.,core,exchange,cli # the first is what all of them have in common
  if with_server; then modules=.,core,exchange,cli,web,server,browser-tests && need_tesseract && need_postgres || return 1; fi
  case " $* " in *' browser '*) need_chromium || return 1 ;; esac
  case "$modules $* " in *web*) web_install || return 1 ;; esac
  maven -T2 install -DskipTests -pl "$modules" || return 1
  if with_server; then test_cluster; fi
}

# A cluster for databases, and what makes the application as it is shipped start quickly: learned once for all servers.
verify_learn() {
  test_servers
  printf tests >"$test_home/register-key"
  printf tests >"$test_home/signing-secret"
  test_cluster && take_apart "$serve_app/server" && serve_learn
}

# The demo, told once, and its papers read once: every other database with the demo is a copy of this.
verify_demo() {
  local at pid
  test_servers
  test_cluster && database_create civitane_demo || return 1
  archive_flags "$serve_app/server"
  at=$(free_port 8640)
  serve_java civitane_demo "$test_home/demo-papers" "$test_home/demo.log" "$at" demo "${archive_used[@]}" &
  pid=$!
  await_server "$at" "$pid" || { cat "$test_home/demo.log"; return 1; }
  until [ "$(database_sql "select count(*) from paper_reading where state = 'WAITING'" civitane_demo)" = 0 ]; do
    kill -0 "$pid" || return 1
    sleep 0.5
  done
  kill "$pid"
  wait "$pid" || true
}

test_servers() { serve_home=$test_home serve_app=$test_home/app serve_secrets=$test_home serve_as=(); }

verify_format() { maven spotless:check; }
verify_core() { surefire core; }
verify_exchange() { surefire exchange; }
verify_cli() { surefire cli; }

# Named tests need not be in every group that the part is run in.
surefire() { # PART [MODULE [EXECUTION]]
  maven "surefire:test${3:+@$3}" -pl "${2:-$1}" ${only[$1]:+"-Dtest=${only[$1]}" -DfailIfNoTests=false -Dsurefire.failIfNoSpecifiedTests=false} ${kills:+"-Dcivitane.kills=$kills" -Dlongest.test.run=7200}
}

verify_web() {
  (cd "$root/web" && npm run --silent lint && npm run --silent test -- --reporter=default --reporter=junit --outputFile=target/surefire-reports/TEST-web.xml)
}

# Two at a time, each on a database of its own; then those that end servers, the last on a cluster that it may end too.
verify_server() {
  local status=0
  test_cluster && test_database civitane_server_1 && database_create civitane_server_2 || return 1
  surefire server || status=1
  if [ "${only[server]:-}" ] && ! grep -rlE 'groups = "alone"' "$root/server/src/test" | grep -E "/(${only[server]//,/|})\.java" >/dev/null; then return $status; fi
  test_cluster alone && test_database civitane_server_1 || return 1
  surefire server server alone || status=1
  return $status
}

verify_browser() {
  local demo=civitane_demo
  # where nobody has told the demo, each server tells its own
  test_cluster && if [ ! -d "$test_home/demo-papers" ]; then demo=; fi
  test_database civitane_browser_1 $demo && database_create civitane_browser_2 $demo || return 1
  surefire browser browser-tests
}

test_cluster() { cluster_more='-c fsync=off -c full_page_writes=off' && cluster_start "$test_home/pg${1:+-$1}" 54420; } # [NAME]

test_database() { # NAME [TEMPLATE]: makes it, and tells the tests of it; each of several adds its number to the name
  database_create "$1" "${2:-}"
  restart_command >"$test_home/restart-$1"
  chmod +x "$test_home/restart-$1"
  export CIVITANE_TEST_DATABASE="jdbc:postgresql://127.0.0.1:$db_port/${1%_1}" CIVITANE_TEST_DATABASE_PASSWORD="$db_password"
  export CIVITANE_TEST_DATABASE_APP_PASSWORD="$db_app_password" CIVITANE_TEST_DATABASE_LOGS="${CIVITANE_TEST_DATABASE_LOGS:+$CIVITANE_TEST_DATABASE_LOGS:}$db_home/data/server.log"
  export CIVITANE_TEST_DATABASE_RESTART="$test_home/restart-$1" 
  if [ -d "$test_home/demo-papers" ]; then export CIVITANE_TEST_STORE="$test_home/demo-papers"; fi
  if [ -d "$test_home/app" ]; then
    archive_flags "$test_home/app/server"
    export CIVITANE_TEST_APP="$test_home/app/server/civitane-server-app.jar" CIVITANE_TEST_APP_FLAGS="${archive_used[*]}"
  fi
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
}

test_reports() { find "$root" -path '*/node_modules' -prune -o -path '*/target/surefire-reports/TEST-*.xml' -print0; }

slowest_tests() {
  say $'\nThe slowest tests:'
  test_reports | xargs -0 -r grep -ho '<testcase [^>]*' \
    | sed -n 's/.* name="\([^"]*\)".* classname="\([^"]*\)".* time="\([0-9.]*\)".*/\3 s  \2 \1/p' | sort -rn | sed -n '1,10s/^/  /p' >&2
}

closing_line() {
  test_reports | xargs -0 -r cat \
    | awk -v seconds="$1" '/<testsuite / {
        match($0, / tests="[0-9]+"/); t += substr($0, RSTART + 8, RLENGTH - 9)
        match($0, / errors="[0-9]+"/); e += substr($0, RSTART + 9, RLENGTH - 10)
        match($0, / failures="[0-9]+"/); f += substr($0, RSTART + 11, RLENGTH - 12)
        match($0, / skipped="[0-9]+"/); s += substr($0, RSTART + 10, RLENGTH - 11)
      } END { printf "\nTests took %d s.\n%d passed, %d failed, %d skipped\n", seconds, t - e - f - s, e + f, s }'
}

bench() {
  need_build_tools
  case ${1:-core} in
    core)
      maven package -DskipTests -pl bench -am
      "$JAVA_HOME/bin/java" "${quiet_java[@]}" -cp "$root/bench/target/civitane-bench.jar:$root/bench/target/lib/*" org.openjdk.jmh.Main -prof gc "${@:2}" ;;
    lines) . "$root/bench/lines.sh" ;;
    server) . "$root/bench/server.sh"; bench_server "${@:2}" ;;
    uploads) . "$root/bench/server.sh"; bench_uploads ;;
    browser) . "$root/bench/server.sh"; bench_browser ;;
    kills)
      local kills=${2:-100} status=0
      verify server=KillsTest || status=1
      grep -a "^kill" "$test_home/server.log"
      return $status ;;
    documents)
      need_tesseract
      maven install -DskipTests -pl server -am && maven surefire:test -pl server -Dtest=MadeDocumentsTest -Dcivitane.documents="${2:-500}" | grep -v "^$" ;;
    *) fail "There is no benchmark \"$1\": core, lines, server, uploads, browser, documents, kills." 2 ;;
  esac
}
