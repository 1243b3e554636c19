# Sourced: a small disk that can be filled, where this machine lets us mount one (as root).
small_disk() {
  [ "$(id -u)" = 0 ] || return 0
  mkdir -p "$trial/disk"
  mount -t tmpfs -o size=120m,mode=700 tmpfs "$trial/disk" 2>/dev/null || return 0
  chown "$account:" "$trial/disk"
  disk="$trial/disk"
}
release_disk() { [ -z "${disk:-}" ] || umount "$disk" 2>/dev/null || umount -l "$disk" 2>/dev/null || true; }
