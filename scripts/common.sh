# Shared by ./run and ./test: what a fresh machine needs, and the project's own PostgreSQL cluster.
# shellcheck shell=bash

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1

say() { printf '%s\n' "$*"; }
die() { printf 'Fair Compass: %s\n' "$*" >&2; exit 1; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else die "these packages are missing and need an administrator: $*"; fi
}

install_packages() {
  say "Installing $* …"
  as_root env DEBIAN_FRONTEND=noninteractive apt-get update -qq >/dev/null 2>&1 || true
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null || die "apt-get could not install $*"
}

need_tools() {
  command -v dotnet >/dev/null || die "the .NET 10 SDK is missing; install it first (it is not among Debian's packages)."
  dotnet --list-sdks | grep -q '^10\.' || die "the .NET SDK here is not version 10."
  command -v node >/dev/null || die "Node.js 20 or later is missing; install it first."
  [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] || die "Node.js 20 or later is needed; this is $(node --version)."
}

pg_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

need_postgres() {
  if [ -z "$(pg_bin)" ] || [ ! -x "$(pg_bin)/initdb" ]; then
    # Debian would start a cluster of its own on 5432; ours is enough.
    as_root mkdir -p /etc/postgresql-common/createcluster.d
    printf 'create_main_cluster = false\n' | as_root tee /etc/postgresql-common/createcluster.d/fair-compass.conf >/dev/null
    install_packages postgresql
  fi
  PG=$(pg_bin)
}

# A script that shares no code with the program checks it.
need_python() { command -v python3 >/dev/null || install_packages python3; }

need_chromium() {
  command -v chromium >/dev/null && command -v chromedriver >/dev/null && command -v pdftoppm >/dev/null || install_packages chromium chromium-driver poppler-utils
}

# PostgreSQL refuses to run as root; everything of the cluster then belongs to the user postgres.
as_pg() { if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else (cd / && "$@"); fi; }

free_port() { # first free port from $1
  local port=$1
  while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
  echo "$port"
}

pg_listen() { # pg_listen FOLDER PORT
  as_pg "$PG/pg_ctl" -D "$1/pg" -l "$1/pg/server.log" -w -t 60 -o "-c unix_socket_directories='' -c listen_addresses=127.0.0.1 -p $2" start >/dev/null 2>&1
}

# pg_start FOLDER: makes the cluster if needed and starts it; sets PGPORT_OWN and PGPASSWORD.
pg_start() {
  local data=$1 fresh=0
  mkdir -p "$data"
  if [ "$(id -u)" = 0 ]; then
    chown postgres "$data"
    as_pg test -w "$data" || die "PostgreSQL's user cannot reach $data; choose a folder outside with --data."
  fi
  if [ ! -s "$data/pg/PG_VERSION" ]; then
    fresh=1
    (umask 077; head -c 24 /dev/urandom | base64 | tr -d '+/=' > "$data/password")
    [ "$(id -u)" = 0 ] && chown postgres "$data/password"
    as_pg "$PG/initdb" -D "$data/pg" -U faircompass --auth-host=scram-sha-256 --auth-local=reject --pwfile="$data/password" \
      --locale=C.UTF-8 -E UTF8 >"$data/initdb.log" 2>&1 || { tail -n 5 "$data/initdb.log" >&2; die "the database could not be made."; }
  fi
  PGPASSWORD=$(cat "$data/password"); export PGPASSWORD
  # Below the range from which the system gives ports to connections that go out: there somebody may hold a port on which nobody listens.
  PGPORT_OWN=$(cat "$data/port" 2>/dev/null || echo 25432)
  if as_pg "$PG/pg_ctl" -D "$data/pg" status >/dev/null 2>&1 && "$PG/pg_isready" -q -h 127.0.0.1 -p "$PGPORT_OWN"; then
    PG_OURS=0
  else
    local tries=0
    PGPORT_OWN=$(free_port "$PGPORT_OWN")
    until pg_listen "$data" "$PGPORT_OWN"; do
      # A port can be lost between looking and listening; anything else would fail again.
      as_pg tail -n 5 "$data/pg/server.log" | grep -q "could not create any TCP/IP sockets" && [ $((tries += 1)) -lt 20 ] \
        || { as_pg tail -n 5 "$data/pg/server.log" >&2; die "PostgreSQL did not start."; }
      PGPORT_OWN=$(free_port $((PGPORT_OWN + 1)))
    done
    echo "$PGPORT_OWN" > "$data/port"
    PG_OURS=1
  fi
  if [ "$fresh" = 1 ]; then "$PG/createdb" -h 127.0.0.1 -p "$PGPORT_OWN" -U faircompass faircompass || die "the database could not be created."; fi
}

pg_stop() { as_pg "$PG/pg_ctl" -D "$1/pg" -m fast -w stop >/dev/null 2>&1 || true; }

# pg_daily FOLDER: a role that owns nothing, for the application’s every day; both connection strings in files that only their owner reads.
pg_daily() {
  local data=$1 daily
  [ -s "$data/daily-password" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -d '+/=' > "$data/daily-password")
  daily=$(cat "$data/daily-password")
  "$PG/psql" -h 127.0.0.1 -p "$PGPORT_OWN" -U faircompass -d postgres -qv ON_ERROR_STOP=1 >/dev/null <<SQL || die "the application's role could not be made."
do \$\$ begin if not exists (select from pg_roles where rolname = 'faircompass_daily') then create role faircompass_daily login; end if; end \$\$;
alter role faircompass_daily password '$daily';
SQL
  (umask 077
    connection > "$data/owner-connection"
    connection | sed "s/Username=faircompass;Password=[^;]*/Username=faircompass_daily;Password=$daily/" > "$data/connection")
}

connection() { echo "Host=127.0.0.1;Port=$PGPORT_OWN;Username=faircompass;Password=$PGPASSWORD;Database=${1:-faircompass};Timeout=5;Command Timeout=15"; }

# newer STAMP PATHS…: true when any source file is newer than the stamp.
newer() {
  local stamp=$1; shift
  [ ! -e "$stamp" ] || [ -n "$(find "$@" -type f -newer "$stamp" -not -path '*/node_modules/*' -not -path '*/bin/*' -not -path '*/obj/*' -not -path '*/dist/*' -print -quit 2>/dev/null)" ]
}

build_client() {
  local client=$root/src/client
  if newer "$client/node_modules/.stamp" "$client/package.json" "$client/package-lock.json"; then
    say "Fetching the client's packages …"
    (cd "$client" && npm ci --no-audit --no-fund --loglevel=error) || die "npm ci failed."
    touch "$client/node_modules/.stamp"
  fi
  if newer "$client/dist/.stamp" "$client"; then
    say "Building the client …"
    (cd "$client" && npm run --silent build) || die "the client could not be built."
    touch "$client/dist/.stamp"
  fi
}
