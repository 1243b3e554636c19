# Sourced: what the commands say, and how they fail: one sentence, and a status that is not 0.
say() { printf '%s\n' "$*" >&2 2>/dev/null || true; }
fail() { say "$*"; exit 1; }

# try WORDS COMMAND…: runs a step whose own chatter nobody needs; when it fails, WORDS and the reason in plain words.
try() {
  local words="$1" said; shift
  said="$("$@" 2>&1)" && return 0
  local status=$?
  case "$said" in
    *'No space left on device'*) fail "$words: the disk is full. Make room, then start again; nothing was removed." ;;
    *'Read-only file system'*) fail "$words: the folder is read-only. Make it writable, or name another with RIGGER_DATA." ;;
    *'Permission denied'*) fail "$words: $(id -un) may not write there. $(printf '%s' "$said" | grep -m1 'Permission denied')" ;;
  esac
  say "$words. It said (status $status):"; printf '%s\n' "$said" | tail -n 12 >&2; exit 1
}
