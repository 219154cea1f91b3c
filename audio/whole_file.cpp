#include "audio/whole_file.h"

#include <fcntl.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstdio>
#include <cstring>
#include <vector>

#include "audio/descriptor.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr std::string_view kBeside = ".calando-";

tl::unexpected<WriteError> failed(int error) { return tl::unexpected(writeErrorOf(error)); }

tl::expected<void, WriteError> writeAll(int fd, std::string_view bytes) {
  while (!bytes.empty()) {
    const ssize_t written = ::write(fd, bytes.data(), bytes.size());
    if (written < 0 && errno == EINTR) continue;
    if (written <= 0) return failed(written < 0 ? errno : ENOSPC);
    bytes.remove_prefix(static_cast<std::size_t>(written));
  }
  return {};
}

/// What is at a place where a file is to be: nothing or an ordinary file.
tl::expected<void, WriteError> fitFor(const fs::path& path) {
  struct stat status {};
  if (lstat(path.c_str(), &status) != 0) return {};
  if (S_ISLNK(status.st_mode)) return tl::unexpected(WriteError{false, Problem(FileFault::placeIsLink)});
  if (S_ISDIR(status.st_mode)) return tl::unexpected(WriteError{false, Problem(FileFault::placeIsFolder)});
  if (!S_ISREG(status.st_mode))
    return tl::unexpected(WriteError{false, Problem(FileFault::placeNotOrdinary)});
  return {};
}

int moveTo(const fs::path& from, const fs::path& to, Replace replace) {
  if (replace == Replace::yes) return std::rename(from.c_str(), to.c_str());
  if (renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_NOREPLACE) == 0) return 0;
  if (errno != EINVAL && errno != ENOSYS) return -1;
  // A file system that cannot: a second name fails where there is one already, too.
  if (link(from.c_str(), to.c_str()) != 0) return -1;
  return unlink(from.c_str());
}

mode_t modeFor(Access access) {
  if (access == Access::owner) return S_IRUSR | S_IWUSR;
  const mode_t mask = umask(0);
  umask(mask);
  return 0666 & ~mask;
}

void sync(const fs::path& folder) {
  const Descriptor fd(open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
  if (fd.good()) fsync(fd.get());
}

}  // namespace

WriteError writeErrorOf(int error) {
  switch (error) {
    case ENOSPC:
    case EDQUOT:
    case EFBIG:
      return {true, Problem(FileFault::diskFull)};
    case EACCES:
    case EPERM:
    case EROFS:
      return {false, Problem(FileFault::noPermission)};
    case ENOENT:
    case ENOTDIR:
      return {false, Problem(FileFault::noSuchFolder)};
    case EEXIST:
      return {false, Problem(FileFault::nameTaken)};
    default:
      return {false, Problem(FileFault::system, std::strerror(error))};
  }
}

tl::expected<void, WriteError> writeWhole(
    const fs::path& path, Access access, Replace replace,
    const std::function<tl::expected<void, WriteError>(const fs::path& beside)>& write) {
  if (auto fit = fitFor(path); !fit) return fit;
  const fs::path folder = path.has_parent_path() ? path.parent_path() : fs::path(".");
  std::string beside = (folder / (std::string(kBeside) + "XXXXXX")).string() + std::string(kUnfinished);
  const Descriptor made(mkostemps(beside.data(), static_cast<int>(kUnfinished.size()), O_CLOEXEC));
  if (!made.good()) return failed(errno);
  flock(made.get(), LOCK_EX | LOCK_NB);  // as long as it is being written
  const auto giveUp = [&](const WriteError& error) {
    unlink(beside.c_str());
    return tl::unexpected(error);
  };
  if (auto written = write(beside); !written) return giveUp(written.error());
  const Descriptor whole(open(beside.c_str(), O_RDONLY | O_CLOEXEC));
  if (!whole.good() || fchmod(whole.get(), modeFor(access)) != 0 || fsync(whole.get()) != 0 ||
      moveTo(beside, path, replace) != 0)
    return giveUp(writeErrorOf(errno));
  sync(folder);
  return {};
}

tl::expected<void, WriteError> writeWhole(const fs::path& path, Access access, std::string_view bytes) {
  return writeWhole(path, access, Replace::yes,
                    [&](const fs::path& beside) -> tl::expected<void, WriteError> {
                      const Descriptor out(open(beside.c_str(), O_WRONLY | O_CLOEXEC));
                      if (!out.good()) return failed(errno);
                      return writeAll(out.get(), bytes);
                    });
}

tl::expected<void, WriteError> copyWhole(const fs::path& from, const fs::path& to, Access access) {
  auto opened = openOrdinary(from);
  if (!opened)
    return tl::unexpected(WriteError{false, Problem(FileFault::originalUnreadable, opened.error())});
  const Descriptor in(*opened);
  return writeWhole(to, access, Replace::yes, [&](const fs::path& beside) -> tl::expected<void, WriteError> {
    const Descriptor out(open(beside.c_str(), O_WRONLY | O_CLOEXEC));
    if (!out.good()) return failed(errno);
    std::array<char, 65536> block;
    while (true) {
      const ssize_t got = read(in.get(), block.data(), block.size());
      if (got < 0) return failed(errno);
      if (got == 0) return {};
      if (auto written = writeAll(out.get(), std::string_view(block.data(), static_cast<std::size_t>(got)));
          !written)
        return written;
    }
  });
}

void tidyUnfinished(const fs::path& folder) {
  std::vector<fs::path> found;
  std::error_code error;
  for (fs::directory_iterator at(folder, error), end; !error && at != end; at.increment(error)) {
    const std::string name = at->path().filename().string();
    if (name.size() == kBeside.size() + 6 + kUnfinished.size() && name.starts_with(kBeside) &&
        name.ends_with(kUnfinished))
      found.push_back(at->path());
  }
  for (const fs::path& file : found) {
    const Descriptor fd(open(file.c_str(), O_RDONLY | O_NOFOLLOW | O_NONBLOCK | O_CLOEXEC));
    struct stat about {};
    if (fd.good() && fstat(fd.get(), &about) == 0 && S_ISREG(about.st_mode) && about.st_uid == geteuid() &&
        flock(fd.get(), LOCK_EX | LOCK_NB) == 0)
      unlink(file.c_str());
  }
}

bool sameFile(const fs::path& a, const fs::path& b) {
  std::error_code error;
  if (fs::equivalent(a, b, error)) return true;
  // Names of files that are not there yet stay as they are written unless they begin at the root.
  const auto whole = [&](const fs::path& name) {
    return fs::weakly_canonical(fs::absolute(name, error), error);
  };
  const fs::path wholeA = whole(a);
  return !error && wholeA == whole(b) && !error;
}

tl::expected<int, Problem> openOrdinary(const fs::path& path) {
  const int fd = open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC | O_NOCTTY);
  if (fd < 0) {
    if (errno == EACCES || errno == EPERM) return tl::unexpected(Problem(FileFault::mayNotBeRead));
    if (errno == ELOOP) return tl::unexpected(Problem(FileFault::leadsNowhere));
    if (errno == ENXIO) return tl::unexpected(Problem(FileFault::notOrdinary));
    return tl::unexpected(Problem(FileFault::noSuchFile));
  }
  struct stat status {};
  if (fstat(fd, &status) == 0 && S_ISREG(status.st_mode)) return fd;
  close(fd);
  return tl::unexpected(Problem(S_ISDIR(status.st_mode) ? FileFault::isFolder : FileFault::notOrdinary));
}

tl::expected<std::string, Problem> readSmall(const fs::path& path, std::size_t most) {
  auto opened = openOrdinary(path);
  if (!opened) return tl::unexpected(opened.error());
  const Descriptor in(*opened);
  std::string bytes;
  std::array<char, 65536> block;
  while (true) {
    const ssize_t got = read(in.get(), block.data(), block.size());
    if (got < 0) return tl::unexpected(Problem(FileFault::diskFails));
    if (got == 0) return bytes;
    bytes.append(block.data(), static_cast<std::size_t>(got));
    if (bytes.size() > most) return tl::unexpected(Problem(FileFault::tooLarge, most / 1000000));
  }
}

}  // namespace calando
