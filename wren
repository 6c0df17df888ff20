#!/usr/bin/env bash
# Wren Lane: build, start, test. `./wren help` lists what it does.
set -euo pipefail
CALLER=$PWD
cd "$(dirname "${BASH_SOURCE[0]}")"

JAR=server/target/wren-lane.jar
APP=server/target/app
MVN=(mvn -B -q --no-transfer-progress)

help() {
  cat <<'TEXT'
./wren demo          build what is missing and start with the demo day, in a throw-away data folder
./wren run           build what is missing and start with your own data
./wren backup FILE   write a copy of your data to a file, also while the app runs
./wren restore FILE  put a copy in the place of your data, which is kept as a copy itself
./wren passphrase    set the passphrase for phones and tablets anew, which signs them all out
./wren build         build one runnable jar: server/target/wren-lane.jar
./wren test          run every test: core, server, web, browser (installs Chromium through apt where it is missing)
./wren test LAYER    run one layer: core, server, web or browser; options of its runner follow, such as -Dtest=LadderTest
./wren dev           start server and pages with the demo day; what is edited shows at once, or after a restart by itself
./wren bench         run the benchmarks of the core, and a load on the server
./wren bench WHAT    one of them: core, load, logging, memory, scale (a thousand riders, a million runs), readings
                     (a settled course of every kind), drag (from pointer to drawing, in the browser),
                     pages (every stop by Lighthouse, on a desk and a slow phone), or an attack on a server of its own: fuzz, crash,
                     full-disk (mounts a small one in memory), attack (slow strangers, floods and guesses beside devices that log);
                     courses [N]: so many drawn at random (2000), each that is said to fit ridden again;
                     peaks [N]: so many (300), the easiest line against a finer reference; lessons: the planner
                     against a solver library (3 min); or progress,
                     which writes docs/measured/progress.md anew: what estimates of simulated riders are worth
./wren screenshots   make the pictures in docs/screenshots anew from the demo day
./wren openapi       write server/openapi.json anew from the running code
./wren format        format all code

demo and run take:   --port N   listen on that port of this machine (8787)
                     --lan      let phones and tablets of the network in too, over TLS and by passphrase
                     --lan-port N   on that port (8788)
run, backup, restore and passphrase take: --data DIR keep the data there (~/.local/share/wren-lane)
TEXT
}

# The Maven of this machine; else one that the wrapper fetches.
mvn() {
  if type -P mvn >/dev/null; then command mvn "$@"; else bash ./mvnw "$@"; fi
}

fail() {
  echo "wren: $1" >&2
  exit 1
}

# The first number in what a tool says of its version.
major() {
  "$@" 2>&1 | grep -oE '[0-9]+' | head -n 1 || true
}

need() {
  command -v javac >/dev/null || fail "a JDK 17 or newer is missing (Debian: apt install openjdk-17-jdk-headless)"
  [ "$(major javac -version)" -ge 17 ] || fail "the JDK is older than 17"
  command -v npm >/dev/null || fail "Node 20 or newer with npm is missing"
  [ "$(major node --version)" -ge 20 ] || fail "Node is older than 20"
}

# Whether the jar is older than any source it is made of.
stale() {
  [ ! -f "$JAR" ] || [ -n "$(find pom.xml core/pom.xml core/src/main web/pom.xml web/src web/public \
    web/index.html web/package-lock.json web/vite.config.ts web/pages-ahead.ts web/src/routes.ts \
    server/pom.xml server/src/main server/openapi.json \
    -newer "$JAR" -type f ! -name schema.d.ts -print -quit)" ]
}

build() {
  need
  if stale; then
    echo "Building Wren Lane; the first time takes a few minutes." >&2
    "${MVN[@]}" package -DskipTests -pl server -am
  fi
  # Tests make the jar anew too: what is started is what was built last.
  if [ ! -d "$APP" ] || [ "$JAR" -nt "$APP" ]; then train; fi
}

# Unpacks the jar and trains an archive of loaded classes, which halves the time to start.
train() {
  local scratch
  scratch=$(mktemp -d)
  rm -rf "$APP"
  java -Djarmode=tools -jar "$JAR" extract --destination "$APP" >/dev/null
  java -XX:ArchiveClassesAtExit="$APP/wren-lane.jsa" -Dspring.context.exit=onRefresh -jar "$APP/wren-lane.jar" \
    --wren.data="$scratch" --server.port=0 >/dev/null 2>&1 || true
  rm -rf "$scratch"
}

start() {
  local archive=()
  [ -f "$APP/wren-lane.jsa" ] && archive=(-XX:SharedArchiveFile="$APP/wren-lane.jsa" -Xshare:auto)
  # The optimising compiler waits until code is really hot: on two cores it would hold up the start. Room for classes is
  # there from the first, for each time it grew all memory was looked through.
  exec java "${archive[@]}" -Xmx512m -XX:+UseSerialGC -XX:MetaspaceSize=160m -XX:Tier4InvocationThreshold=50000 \
    -XX:Tier4MinInvocationThreshold=10000 -XX:Tier4CompileThreshold=100000 -XX:Tier4BackEdgeThreshold=400000 \
    -jar "$APP/wren-lane.jar" --spring.main.lazy-initialization=true "$@"
}

# Deletes what demos left behind that ended without being asked to.
sweep() {
  local left pid
  for left in "${TMPDIR:-/tmp}"/wren-lane-demo.*.*; do
    pid=${left##*/wren-lane-demo.}
    pid=${pid%%.*}
    [ -O "$left" ] && ! kill -0 "$pid" 2>/dev/null && rm -rf "$left"
  done
  return 0
}

demo() {
  build
  local data
  sweep
  # Named after this process, which becomes the app: the next start knows whether it still runs.
  data=$(mktemp -d "${TMPDIR:-/tmp}/wren-lane-demo.$$.XXXXXX")
  start --wren.data="$data" --wren.temporary=true --wren.demo="$PWD/demo/ferry-apron.json" --server.port="$PORT" "${LAN[@]}"
}

# Where a person's own data lies.
own_data() {
  echo "${DATA:-${XDG_DATA_HOME:-$HOME/.local/share}/wren-lane}"
}

run() {
  build
  start --wren.data="$(own_data)" --server.port="$PORT" "${LAN[@]}"
}

passphrase() {
  build
  java -Xmx512m -jar "$APP/wren-lane.jar" --wren.data="$(own_data)" --passphrase=new
}

# A path as the person who called means it.
meant() {
  case "$1" in /*) echo "$1" ;; *) echo "$CALLER/$1" ;; esac
}

# Copies the data, or puts a copy in its place.
copying() {
  [ $# -eq 2 ] || fail "say which file: ./wren $1 FILE"
  build
  java -Xmx512m -jar "$APP/wren-lane.jar" --wren.data="$(own_data)" "--$1=$(meant "$2")"
}

# The Chromium without windows; a whole one does where it cannot be had, at twice the time.
chromium() {
  command -v chromium-headless-shell >/dev/null && return
  echo "Installing Chromium through apt." >&2
  local sudo=()
  [ "$(id -u)" -eq 0 ] || sudo=(sudo)
  if ! { "${sudo[@]}" apt-get update -qq && "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive \
    apt-get install -y -qq --no-install-recommends chromium-headless-shell >/dev/null; }; then
    command -v chromium >/dev/null || fail "Chromium is missing (Debian: apt install chromium-headless-shell)"
  fi
}

tests() {
  need
  local layer=${1:-}
  case "$layer" in
    core | server | web | browser) shift && "test_$layer" "$@" ;;
    '' | -*)
      chromium
      # The pages are checked while the core is tested; server and browser wait for both.
      mvn -B --no-transfer-progress -T 2 verify "$@"
      ;;
    *) fail "there is no layer '$layer': core, server, web or browser" ;;
  esac
}

test_core() {
  mvn -B --no-transfer-progress test -pl core "$@"
}

# All of the server where no test is named. Its pages are not made anew.
test_server() {
  local named=-Dtest=wrenlane/server/**
  case " $*" in *" -Dtest="*) named=-DfailIfNoTests=false ;; esac
  mvn -B --no-transfer-progress test -pl server -am -Dexec.skip=true -Dsurefire.failIfNoSpecifiedTests=false "$named" "$@"
}

test_web() {
  (cd web && bash install.sh && npm run --silent types && npm run --silent test -- "$@")
}

# The app is built first. One class: -Dit.test=RangeIT.
test_browser() {
  chromium
  build
  "${MVN[@]}" install -DskipTests -pl server -am
  mvn -B --no-transfer-progress verify -pl e2e "$@"
}

# Server and pages from the sources: Vite shows edited pages at once, and edited Java starts the server again.
dev() {
  build
  (cd web && bash install.sh)
  local data classes="server/target/classes:core/target/classes:web/target/classes:$APP/lib/*"
  data=$(mktemp -d "${TMPDIR:-/tmp}/wren-lane-demo.$$.XXXXXX")
  local server="" pages="" stamp="$data/started"
  (cd web && WREN_PORT="$PORT" exec node_modules/.bin/vite --port "$((PORT + 1))" --strictPort) &
  pages=$!
  trap 'kill "$server" "$pages" 2>/dev/null; rm -rf "$data"' EXIT
  while kill -0 "$pages" 2>/dev/null; do
    if [ ! -f "$stamp" ] || [ -n "$(find core/src/main server/src/main -newer "$stamp" -type f -print -quit)" ]; then
      touch "$stamp"
      if "${MVN[@]}" compile -pl server -am -Dexec.skip=true -Dcheck.skip=true; then
        [ -n "$server" ] && kill "$server" && wait "$server" || true
        java -Xmx512m -XX:TieredStopAtLevel=1 -cp "$classes" wrenlane.server.WrenLane --wren.data="$data/data" \
          --wren.demo="$PWD/demo/ferry-apron.json" --server.port="$PORT" &
        server=$!
        echo "Pages with live reload: http://127.0.0.1:$((PORT + 1))" >&2
      fi
    fi
    sleep 1
  done
}

screenshots() {
  build
  in_browser Screenshots
}

# Runs a class of the browser tests that is no test.
in_browser() {
  chromium
  "${MVN[@]}" -DskipTests install -pl server -am
  "${MVN[@]}" test-compile exec:java -pl e2e -Dexec.classpathScope=test -Dexec.mainClass="wrenlane.e2e.$1" \
    -Dwren.root="$PWD"
}

# One benchmark by its name, or those of the core and the loads; what follows the name is handed on.
bench() {
  local what=${1:-all}
  [ $# -gt 0 ] && shift
  build
  case "$what" in
    all) core_bench && of_server load && of_server logging ;;
    core) core_bench "$@" ;;
    courses) of_core RandomCoursesTest wren.courses "${1:-2000}" ;;
    peaks) of_core EasiestPeakTest wren.peaks "${1:-300}" ;;
    drag) in_browser DragTimes ;;
    pages) chromium && bash web/install.sh bench && of_server pages "$@" ;;
    lessons) of_bench wrenlane.bench.lesson.LessonSolvers ;;
    progress) of_bench wrenlane.bench.ProgressReport docs/measured/progress.md ;;
    load | logging | fuzz | crash | full-disk | attack | memory | readings | scale) of_server "$what" "$@" ;;
    *) fail "there is no benchmark '$what'; ./wren help lists them" ;;
  esac
}

core_bench() {
  of_bench org.openjdk.jmh.Main "$@"
  of_bench wrenlane.bench.DerivativeFree
}

# A test of the core on many more courses drawn at random than the suite draws: the test, its property, how many.
of_core() {
  mvn -B --no-transfer-progress test -pl core -Dtest="$1" -DargLine="-D$2=$3 -Djunit.jupiter.execution.timeout.mode=disabled"
}

# Runs a class of the benchmarks, built first.
of_bench() {
  "${MVN[@]}" -DskipTests package -pl core,bench -am
  java -cp "bench/target/wren-bench-0.1.0.jar:bench/target/lib/*" "$@"
}

of_server() {
  local name=$1
  shift
  node "bench/$name.mjs" "$APP/wren-lane.jar" "$PWD/demo/ferry-apron.json" "$@"
}

openapi() {
  need
  # The pages wait for their types to be made from it, so they are left out.
  "${MVN[@]}" test -pl server -am -Dexec.skip=true -Dcheck.skip=true -DargLine=-Dopenapi.write=true -Dtest=OpenApiDocumentTest \
    -Dsurefire.failIfNoSpecifiedTests=false
}

format() {
  need
  "${MVN[@]}" spotless:apply
  (cd web && bash install.sh && npm run --silent format)
}

# Refuses what is no number.
number() {
  case "$2" in '' | *[!0-9]*) fail "$1 wants a number, not '$2'" ;; esac
}

PORT=8787
LAN=()
DATA=""
COMMAND=${1:-help}
[ $# -gt 0 ] && shift
REST=()
while [ $# -gt 0 ]; do
  case "$1" in
    --port) PORT=${2:?--port wants a number}; shift 2 ;;
    --lan) LAN+=(--wren.lan=true); shift ;;
    --lan-port) number --lan-port "${2:-}"; LAN+=(--wren.lan-port="$2"); shift 2 ;;
    --data) DATA=$(case "${2:?--data wants a folder}" in /*) echo "$2" ;; *) echo "$CALLER/$2" ;; esac); shift 2 ;;
    *) REST+=("$1"); shift ;;
  esac
done
number --port "$PORT"

case "$COMMAND" in
  demo | dev | run | passphrase | build | screenshots | openapi | format) "$COMMAND" ;;
  backup | restore) copying "$COMMAND" "${REST[@]}" ;;
  bench) bench "${REST[@]}" ;;
  test) tests "${REST[@]}" ;;
  help | -h | --help) help ;;
  *) fail "'$COMMAND' is not known; ./wren help lists what is" ;;
esac
