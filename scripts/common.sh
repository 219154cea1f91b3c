# Shared by the scripts: what Calando needs of Debian 12, and how it is built. Sourced, not run.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

BUILD_PACKAGES=(build-essential cmake ninja-build ccache pkg-config
  qt6-base-dev qt6-multimedia-dev qt6-svg-dev qt6-l10n-tools libfftw3-dev libsndfile1-dev libflac-dev libical-dev libarchive-dev libcsv-dev
  libexpected-dev nlohmann-json3-dev libsqlite3-dev libsqlitecpp-dev libcli11-dev libreaderwriterqueue-dev libgtest-dev)
RUN_PACKAGES=(libqt6multimedia6 qt6-qpa-plugins)
# Sound servers of the tests' own, for the real recording path.
TEST_PACKAGES=(locales poppler-utils pulseaudio pulseaudio-utils pipewire pipewire-pulse wireplumber dbus-daemon)

# Installs what is missing of the packages named; asks for nothing when all is there.
ensure_packages() {
  local missing=()
  for package in "$@"; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
  done
  [ ${#missing[@]} -eq 0 ] && return
  echo "Installing: ${missing[*]}"
  local root=()
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null || { echo "These packages are missing and need root or sudo to install: ${missing[*]}" >&2; exit 1; }
    root=(sudo)
  fi
  "${root[@]}" apt-get update -q
  "${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "${missing[@]}"
}

# build PRESET [options of cmake --build]
build() {
  local preset=$1
  shift
  cmake --preset "$preset" -DCALANDO_TESTS=ON >/dev/null
  cmake --build --preset "$preset" "$@"
}
