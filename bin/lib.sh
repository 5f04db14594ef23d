# Shared by the commands in this folder: checks the machine and builds the one executable jar.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
JAR="$ROOT/web/target/rustic-tangle.jar"
# The same, unpacked, with the classes as they are in memory once it has started: half as long to wait.
UNPACKED="$ROOT/web/target/unpacked"
# One household does not need a parallel collector.
RUN=(java -XX:+UseSerialGC -XX:SharedArchiveFile="$UNPACKED/classes.jsa" -Xlog:cds=off -Xlog:class+path=off
  -jar "$UNPACKED/rustic-tangle.jar")

# need COMMAND "what it is" "debian package"
need() {
  command -v "$1" >/dev/null 2>&1 && return
  echo "Missing: $2 ($1)." >&2
  echo "Get it from your system's packages, for example: apt-get install $3" >&2
  exit 1
}

check_machine() {
  need java "a Java development kit, 17 or newer" default-jdk
  need javac "a Java development kit, 17 or newer" default-jdk
  need mvn "Apache Maven" maven
  need node "Node.js, 20.19 or newer" nodejs
  need npm "npm, which comes with Node.js" npm
  local jdk
  jdk="$(javac -version 2>&1 | sed -E 's/[^0-9]*([0-9]+).*/\1/')"
  if [ "${jdk:-0}" -lt 17 ]; then
    echo "Java $jdk is too old; Rustic Tangle needs 17 or newer." >&2
    exit 1
  fi
  if ! node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'; then
    echo "Node.js $(node --version) is too old; Rustic Tangle needs 20.19 or newer." >&2
    exit 1
  fi
}

# Unpacks the jar and starts it once, up to where it would answer, to keep its classes.
unpack() {
  rm -rf "$UNPACKED"
  java -Djarmode=tools -jar "$JAR" extract --destination "$UNPACKED" >/dev/null
  local data
  data="$(mktemp -d)"
  # Without the archive it still runs, only slower to start.
  java -XX:ArchiveClassesAtExit="$UNPACKED/classes.jsa" -Dspring.context.exit=onRefresh -XX:+UseSerialGC \
    -jar "$UNPACKED/rustic-tangle.jar" --rustictangle.data="$data/none.db" --server.port=0 >/dev/null 2>&1 || true
  rm -rf "$data"
}

# Builds only when a source is newer than the jar.
build() {
  build_jar
  if [ ! "$UNPACKED/rustic-tangle.jar" -nt "$JAR" ]; then
    unpack
  fi
}

build_jar() {
  if [ -f "$JAR" ] && [ -z "$(find "$ROOT/pom.xml" "$ROOT"/core/src/main "$ROOT"/server/src/main "$ROOT"/web/src \
      "$ROOT"/web/*.* "$ROOT"/*/pom.xml -newer "$JAR" -print -quit)" ]; then
    return
  fi
  check_machine
  echo "Building Rustic Tangle (the first time also fetches what it needs) …"
  local log
  log="$(mktemp)"
  if ! (cd "$ROOT" && mvn -B -q -DskipTests -pl core,server,web package) >"$log" 2>&1; then
    cat "$log" >&2
    rm -f "$log"
    echo "The build failed; see above." >&2
    exit 1
  fi
  rm -f "$log"
}
