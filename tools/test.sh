# Everything that is checked before a change goes in.

test_environment() {
  start_database test-database 8670
  export KNOLLWIND_TEST_DB_PORT="$db_port" KNOLLWIND_TEST_DB_PASSWORD="$db_password"
}

# run_tests [MAVEN ARGUMENT ...]: without arguments all of it; with some, the Java tests they choose (-Dtest=NAME).
run_tests() {
  say "starting the tests' database"
  test_environment
  local code=0
  locked check_all "$@" || code=$?
  stop_database test-database
  [ $code -eq 0 ] && say "all checks and tests passed" || say "something failed; what stands above says what"
  return $code
}

check_all() {
  if [ $# -eq 0 ]; then
    say "building, formatting and lint of the pages"
    (cd "$root/web" && bash build.sh && npm run --silent check) || return 1
    say "tests of the pages"
    (cd "$root/web" && npm test --silent) || return 1
    say "formatting of the Java code"
    (cd "$root" && mvn -q -B -ntp -Dstyle.color=never spotless:check) || return 1
  fi
  say "tests of core, paint, commands, server and the whole application in a browser"
  (cd "$root" && mvn -B -ntp -Dstyle.color=never test "$@")
}

# run_bench: the figures, measured on a database and server of their own.
run_bench() {
  build_server || return 1
  test_environment
  local code=0 classpath="$home/bench.classpath"
  locked maven test-compile org.apache.maven.plugins:maven-dependency-plugin:3.9.0:build-classpath \
    -pl e2e -am -Dmdep.outputFile="$classpath" -DincludeScope=test >/dev/null || return 1
  (cd "$root/e2e" && java -Xmx3g -Dknollwind.test.jit=4 -cp "$root/e2e/target/test-classes:$(cat "$classpath")" knollwind.bench.Bench "$@") || code=$?
  stop_database test-database
  return $code
}
