# Shared by install and update; sourced after lib.sh.

build_jar() {
  local stamp
  stamp=$(sources_stamp)
  if [ ! -f web/target/mischung.jar ] || [ "$(cat web/target/mischung.stamp 2>/dev/null || true)" != "$stamp" ]; then
    need_build_tools
    say "Building (a few minutes the first time)"
    mvn --batch-mode --no-transfer-progress -q -DskipTests -pl core,server,web package
    echo "$stamp" >web/target/mischung.stamp
  fi
}

# lay_version ROOT: unpacks the program into a folder named by what is in it, with an archive of its classes for a quick start; says which.
lay_version() {
  local home=$1/opt/mischung name
  name=versions/$(sha256sum web/target/mischung.jar | cut -c1-12)
  if [ ! -f "$home/$name/classes.jsa" ]; then
    rm -rf "${home:?}/$name"
    mkdir -p "$home/$name"
    java -Djarmode=tools -jar web/target/mischung.jar extract --force --destination "$home/$name" >/dev/null
    # An archive counts only for the very path it was made for, so that it is started by its real one.
    java -XX:ArchiveClassesAtExit="$home/$name/classes.jsa" -Dspring.context.exit=onRefresh \
      -jar "$home/$name/mischung.jar" --mischung.data="$home/$name/warm-up" --mischung.port=0 >/dev/null 2>&1 || true
    cat >"$home/$name/start" <<'START'
#!/bin/sh
here=$(dirname "$(readlink -f "$0")")
exec java -XX:SharedArchiveFile="$here/classes.jsa" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off \
  -jar "$here/mischung.jar" "$@"
START
    chmod +x "$home/$name/start"
    rm -rf "$home/$name/warm-up"
    chmod -R go+rX "$home"
  fi
  echo "$name"
}

# set_current ROOT VERSION: in one step, so that there is always one.
set_current() {
  ln -sfn "$2" "$1/opt/mischung/current.new"
  mv -T "$1/opt/mischung/current.new" "$1/opt/mischung/current"
}

# answers PORT: within a minute and a half.
answers() {
  local i
  for i in $(seq 90); do
    if curl -sf -o /dev/null "http://localhost:$1/actuator/health"; then return 0; fi
    sleep 1
  done
  return 1
}
