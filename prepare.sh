# Sourced by start, test and porch: installs and builds what is missing, and nothing when nothing changed.

need_node() {
  local version
  version=$(node -p 'process.versions.node' 2>/dev/null) || { echo "Tin Porch needs Node 20 (https://nodejs.org)." >&2; exit 1; }
  [ "${version%%.*}" -ge 20 ] || { echo "Tin Porch needs Node 20 or newer; this is $version." >&2; exit 1; }
}

# need_debian PACKAGE PATH …: installs Debian packages whose file (a glob) is not there
need_debian() {
  local missing=()
  while [ $# -gt 0 ]; do
    compgen -G "$2" >/dev/null || missing+=("$1")
    shift 2
  done
  [ ${#missing[@]} -eq 0 ] && return
  echo "Installing ${missing[*]} …"
  local sudo=()
  [ "$(id -u)" -eq 0 ] || sudo=(sudo)
  "${sudo[@]}" apt-get update -qq
  # Debian would start a cluster of its own beside ours; it is told not to.
  "${sudo[@]}" mkdir -p /etc/postgresql-common
  [ -e /etc/postgresql-common/createcluster.conf ] || echo 'create_main_cluster = false' | "${sudo[@]}" tee /etc/postgresql-common/createcluster.conf >/dev/null
  # So is its web server: each hosting server runs one with a prefix of its own.
  if [ ! -e /usr/sbin/nginx ] && [ ! -e /etc/systemd/system/nginx.service ]; then
    "${sudo[@]}" mkdir -p /etc/systemd/system
    "${sudo[@]}" ln -s /dev/null /etc/systemd/system/nginx.service
  fi
  "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null 2>&1 ||
    { echo "apt-get could not install ${missing[*]}." >&2; exit 1; }
}

# What some folders hold, but for what is made from it
fingerprint() {
  find "$@" \( -name node_modules -o -name dist -o -name .angular \) -prune -o \
    -type f ! -name '*.gen.ts' ! -name '*.tsbuildinfo' -printf '%p %s %T@\n' | sort | sha256sum | cut -c1-32
}

# stale NAME FINGERPRINT: true where what NAME stamps was made from something else
stale() { [ "$(cat ".stamps/$1" 2>/dev/null)" != "$2" ]; }
stamp() { mkdir -p .stamps && echo "$2" >".stamps/$1"; }

# quietly COMMAND …: shows what a command printed only where it failed
quietly() {
  local log status=0
  log=$(mktemp)
  "$@" >"$log" 2>&1 || status=$?
  [ $status -eq 0 ] || cat "$log" >&2
  rm -f "$log"
  return $status
}

# prepare engine|all: Node packages and the build; `all` with the interface and PostgreSQL
prepare() {
  need_node
  [ "$1" = all ] && need_debian postgresql '/usr/lib/postgresql/*/bin/initdb' libjemalloc2 '/usr/lib/*/libjemalloc.so.2' \
    restic /usr/bin/restic rclone /usr/bin/rclone chromium-headless-shell /usr/lib/chromium/chromium-headless-shell \
    nginx-light /usr/sbin/nginx libnginx-mod-http-brotli-static /usr/lib/nginx/modules/ngx_http_brotli_static_module.so
  mkdir -p .stamps
  exec 9>.stamps/lock
  flock 9
  local lock node_now library_now web_now desk_now
  lock=$(sha256sum package-lock.json | cut -c1-32)
  if [ ! -d node_modules ] || stale packages "$lock"; then
    echo 'Installing packages …'
    quietly npm ci --no-audit --no-fund --loglevel error
    stamp packages "$lock"
  fi
  node_now=$lock$(fingerprint core surface contract press mail sign-in cms host standins server e2e tsconfig.base.json)
  if stale node "$node_now"; then
    echo 'Building …'
    node core/registries.mjs
    quietly node_modules/.bin/tsc -b
    node bundle.mjs
    node surface/bundle.mjs
    stamp node "$node_now"
  fi
  if [ "$1" = all ]; then
    # None of the three waits for another.
    local library_at='' desk_at=''
    library_now=$lock$(fingerprint core/src/look core/src/ground standins/make-library.mjs)
    if stale library "$library_now"; then
      echo 'Drawing the picture library …'
      quietly node standins/make-library.mjs 9>&- &
      library_at=$!
    fi
    desk_now=$lock$(fingerprint surface/src desk/src desk/public desk/angular.json desk/tsconfig.json desk/tsconfig.app.json)
    if stale desk "$desk_now"; then
      echo 'Building the desk …'
      (cd desk && quietly ../node_modules/.bin/ng build --progress=false) 9>&- &
      desk_at=$!
    fi
    web_now=$lock$(fingerprint core/src contract/src surface/src web/src web/public web/angular.json web/tsconfig.json web/tsconfig.app.json web/tsconfig.worker.json)
    if stale web "$web_now"; then
      echo 'Building the interface …'
      (cd web && quietly ../node_modules/.bin/ng build --progress=false)
      stamp web "$web_now"
    fi
    [ -z "$library_at" ] || { wait "$library_at"; stamp library "$library_now"; }
    [ -z "$desk_at" ] || { wait "$desk_at"; stamp desk "$desk_now"; }
  fi
  exec 9>&-
}
