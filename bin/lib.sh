# Shared by the commands in this folder: checks the machine and builds the one executable jar.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
JAR="$ROOT/web/target/rustic-tangle.jar"
# One household does not need the slow compiler or a parallel collector; a quarter less to wait at the start.
JVM=(-XX:TieredStopAtLevel=1 -XX:+UseSerialGC)

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

# Builds only when a source is newer than the jar.
build() {
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
