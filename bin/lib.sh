# Shared by the commands in this folder: checks the machine and builds the one executable jar.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
JAR="$ROOT/web/target/rustic-tangle.jar"
# One household does not need a parallel collector.
# What the application consists of was worked out when it was built.
JAVA=(java -XX:+UseSerialGC -Dspring.aot.enabled=true)

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

# lock FD FILE: waits until nobody else holds the file. Where the system has no flock, two at once are on their own.
lock() {
  eval "exec $1>\"\$2\""
  if command -v flock >/dev/null 2>&1; then flock "$1"; fi
}

# Builds only when a source is newer than the jar, and unpacks only what is not unpacked yet; sets RUN to the command that
# starts it. Safe beside another one that does the same, and beside instances that run.
build() {
  mkdir -p "$ROOT/web/target"
  lock 8 "$ROOT/web/target/building.lock"
  build_jar
  APP="$ROOT/web/target/app-$(cksum "$JAR" | cut -d ' ' -f 1,2 | tr ' ' -)"
  if [ ! -f "$APP/rustic-tangle.jar" ]; then unpack; fi
  if [ ! -f "$APP/classes.jsa" ]; then keep_classes; fi
  exec 8>&-
  # Held for as long as the instance runs: whoever clears away later leaves this folder alone.
  exec 9<"$APP/in-use"
  if command -v flock >/dev/null 2>&1; then
    flock -s 9
    clear_away
  fi
  RUN=("${JAVA[@]}" -XX:SharedArchiveFile="$APP/classes.jsa" -Xshare:auto -Xlog:disable -Xlog:all=error:stderr -jar "$APP/rustic-tangle.jar")
}

# Unpacks the jar beside, and puts it in place when it is whole.
unpack() {
  local beside
  beside="$(mktemp -d "$ROOT/web/target/unpacking-XXXXXX")"
  java -Djarmode=tools -jar "$JAR" extract --destination "$beside/app" >/dev/null
  touch "$beside/app/in-use"
  mv "$beside/app" "$APP"
  rmdir "$beside"
}

# Starts it once, up to where it would answer, to keep its classes as they are in memory then: half as long to wait at
# every start. Without them it still runs.
keep_classes() {
  local data
  data="$(mktemp -d)"
  "${JAVA[@]}" -XX:TieredStopAtLevel=1 -XX:ArchiveClassesAtExit="$APP/classes.jsa.new" -Dspring.context.exit=onRefresh \
    -jar "$APP/rustic-tangle.jar" --rustictangle.data="$data/none.db" --server.port=0 >/dev/null 2>&1 || true
  mv "$APP/classes.jsa.new" "$APP/classes.jsa" 2>/dev/null || true
  rm -rf "$data"
}

# Takes away what older builds left and no instance runs from.
clear_away() {
  local old
  for old in "$ROOT"/web/target/app-*; do
    if [ "$old" != "$APP" ] && [ -f "$old/in-use" ]; then
      (exec 7<"$old/in-use" && flock -xn 7 && rm -rf "$old") || true
    fi
  done
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
