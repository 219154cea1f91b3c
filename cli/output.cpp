#include "cli/output.h"

#include <fcntl.h>
#include <unistd.h>

#include <cerrno>
#include <cstdio>
#include <cstring>

#include "audio/sound_file.h"

namespace calando {

namespace {
constexpr std::size_t kLongestLine = 300;  // bytes

bool writeAll(int fd, std::string_view text) {
  while (!text.empty()) {
    const ssize_t written = ::write(fd, text.data(), text.size());
    if (written < 0 && errno == EINTR) continue;
    if (written < 0) return false;
    text.remove_prefix(static_cast<std::size_t>(written));
  }
  return true;
}
}  // namespace

void holdStandardStreams() {
  for (int fd = 0; fd <= STDERR_FILENO; ++fd)
    if (fcntl(fd, F_GETFD) < 0) (void)open("/dev/null", O_RDONLY);  // the lowest free number: this one
}

void print(const std::string& text) {
  if (!writeAll(STDOUT_FILENO, text))
    throw OutputLost("standard output cannot be written (" + std::string(std::strerror(errno)) +
                     "); make room, or send it elsewhere");
}

void complain(const std::string& what) {
  const std::string_view name = "calando-cli: ";
  writeAll(STDERR_FILENO, std::string(name) + printable(what, kLongestLine - name.size() - 1) + "\n");
}

LibrariesQuiet::LibrariesQuiet() {
  std::fflush(nullptr);
  const int nowhere = open("/dev/null", O_WRONLY | O_CLOEXEC);
  for (int i = 0; i < 2; ++i) {
    streams_[i] = fcntl(STDOUT_FILENO + i, F_DUPFD_CLOEXEC, STDERR_FILENO + 1);
    if (nowhere >= 0) dup2(nowhere, STDOUT_FILENO + i);
  }
  if (nowhere >= 0) close(nowhere);
}

LibrariesQuiet::~LibrariesQuiet() {
  std::fflush(nullptr);
  for (int i = 0; i < 2; ++i) {
    if (streams_[i] < 0) continue;
    dup2(streams_[i], STDOUT_FILENO + i);
    close(streams_[i]);
  }
}

}  // namespace calando
