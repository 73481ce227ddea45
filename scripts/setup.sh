# Sourced by ./demo, ./test and ./bench: installs what is missing from Debian's packages and builds.
# The working directory is the project's root.

UPBEAT_BUILD_PACKAGES="build-essential cmake ninja-build pkg-config qt6-base-dev qt6-svg-dev libqt6sql6-sqlite
    libjack-jackd2-dev libpipewire-0.3-dev libpulse-dev librubberband-dev libsndfile1-dev libavformat-dev libavcodec-dev libswresample-dev libflac-dev libfmt-dev libcli11-dev libpugixml-dev libzip-dev libqcustomplot-dev nlohmann-json3-dev libexpected-dev libutfcpp-dev"
UPBEAT_TEST_PACKAGES="ffmpeg jackd2 pipewire pipewire-bin pulseaudio xvfb universal-ctags qt6-l10n-tools poppler-utils"

upbeat_install() {
    local missing=""
    local package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q "install ok installed" || missing="$missing $package"
    done
    [ -z "$missing" ] && return 0
    local root=""
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || { echo "These packages are missing:$missing. Install them as root and try again." >&2; return 1; }
        root="sudo"
    fi
    echo "Installing:$missing" >&2
    $root apt-get -o DPkg::Lock::Timeout=400 update -q >&2 || true
    $root env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=400 install -q -y --no-install-recommends $missing >&2
}

# upbeat_build PRESET [TARGET...]: everything, or only what is asked for.
upbeat_build() {
    local preset="$1"
    shift
    cmake --preset "$preset" >"/tmp/upbeat-configure.$$" 2>&1 || { cat "/tmp/upbeat-configure.$$" >&2; return 1; }
    rm -f "/tmp/upbeat-configure.$$"
    if [ $# -gt 0 ]; then
        cmake --build --preset "$preset" --target "$@"
    else
        cmake --build --preset "$preset"
    fi
}
