# Checks that what Knollwind needs is on the machine, and installs it from Debian's packages when it may.

# Each need: a check, and the packages that meet it.
have() {
  case "$1" in
    java) command -v javac >/dev/null 2>&1 ;;
    mvn) command -v mvn >/dev/null 2>&1 ;;
    node) command -v node >/dev/null 2>&1 && [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] ;;
    npm) command -v npm >/dev/null 2>&1 ;;
    ffmpeg) command -v "${KNOLLWIND_FFMPEG:-ffmpeg}" >/dev/null 2>&1 ;;
    postgres) [ -x /usr/lib/postgresql/15/bin/initdb ] ;;
    # Not piped into grep: with pipefail the early end of grep would count as a failure of ldconfig.
    graphics) local libraries; libraries=$(ldconfig -p 2>/dev/null || /sbin/ldconfig -p)
      [[ "$libraries" == *libGL.so.1* && "$libraries" == *libEGL.so.1* && "$libraries" == *libfontconfig.so.1* ]] ;;
    chromium) [ -x /usr/bin/chromium ] ;;
    voices) local makers; makers=$(ldconfig -p 2>/dev/null || /sbin/ldconfig -p)
      [[ "$makers" == *libflite.so.1* && "$makers" == *libespeak-ng.so.1* ]] ;;
  esac
}

packages_for() {
  case "$1" in
    java) echo openjdk-17-jdk-headless ;;
    mvn) echo maven ;;
    node) echo nodejs ;;
    npm) echo npm ;;
    ffmpeg) echo ffmpeg ;;
    postgres) echo postgresql-15 ;;
    graphics) echo libgl1 libegl1 libfontconfig1 libstdc++6 ;;
    chromium) echo chromium ;;
    voices) echo flite espeak-ng ;;
  esac
}

need_packages() {
  local missing=() need
  for need in "$@"; do
    have "$need" || missing+=($(packages_for "$need"))
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  local command="apt-get update && apt-get install -y --no-install-recommends ${missing[*]}"
  if [ "$(id -u)" -ne 0 ] || ! command -v apt-get >/dev/null 2>&1; then
    echo "knollwind: these packages are missing: ${missing[*]}" >&2
    echo "knollwind: install them with: sudo sh -c '$command'" >&2
    exit 1
  fi
  echo "knollwind: installing ${missing[*]}" >&2
  (apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}") \
    >"$home/packages.log" 2>&1 || { tail -n 20 "$home/packages.log" >&2; echo "knollwind: the packages could not be installed" >&2; exit 1; }
  for need in "$@"; do
    have "$need" || { echo "knollwind: $need is still missing or too old after installing $(packages_for "$need"); Node must be 20 or newer" >&2; exit 1; }
  done
}
