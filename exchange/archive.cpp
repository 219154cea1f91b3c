#include "exchange/archive.h"

#include <archive.h>
#include <archive_entry.h>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <memory>
#include <set>

#include "audio/descriptor.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr std::size_t kBlock = 1 << 16;

struct Freed {
  void operator()(archive* a) const { archive_free(a); }
  void operator()(archive_entry* e) const { archive_entry_free(e); }
};
using Archive = std::unique_ptr<archive, Freed>;

/// Bytes of an entry into the archive; false when anything fails.
bool put(archive* zip, const std::string& name, std::size_t size, const GoOn& goOn,
         const std::function<la_ssize_t(char*, std::size_t)>& next) {
  const std::unique_ptr<archive_entry, Freed> entry(archive_entry_new());
  archive_entry_set_pathname(entry.get(), name.c_str());
  archive_entry_set_size(entry.get(), static_cast<la_int64_t>(size));
  archive_entry_set_filetype(entry.get(), AE_IFREG);
  archive_entry_set_perm(entry.get(), S_IRUSR | S_IWUSR);
  if (archive_write_header(zip, entry.get()) != ARCHIVE_OK) return false;
  std::array<char, kBlock> block;
  for (std::size_t left = size; left > 0;) {
    if (goOn && !goOn()) return false;
    const la_ssize_t got = next(block.data(), std::min(left, block.size()));
    if (got <= 0 || archive_write_data(zip, block.data(), static_cast<std::size_t>(got)) != got) return false;
    left -= static_cast<std::size_t>(got);
  }
  return archive_write_finish_entry(zip) == ARCHIVE_OK;
}

bool put(archive* zip, const ArchiveEntry& entry, const GoOn& goOn) {
  if (const auto* text = std::get_if<std::string>(&entry.content)) {
    std::size_t at = 0;
    return put(zip, entry.name, text->size(), goOn, [&](char* to, std::size_t most) {
      const std::size_t part = text->copy(to, most, at);
      at += part;
      return static_cast<la_ssize_t>(part);
    });
  }
  const auto opened = openOrdinary(std::get<fs::path>(entry.content));
  if (!opened) return false;
  const Descriptor in(*opened);
  struct stat about {};
  if (fstat(in.get(), &about) != 0) return false;
  return put(zip, entry.name, static_cast<std::size_t>(about.st_size), goOn,
             [&](char* to, std::size_t most) { return static_cast<la_ssize_t>(read(in.get(), to, most)); });
}

}  // namespace

tl::expected<void, WriteError> writeZip(const fs::path& path, const std::vector<ArchiveEntry>& entries,
                                        const GoOn& goOn) {
  tidyUnfinished(path.has_parent_path() ? path.parent_path() : fs::path("."));
  return writeWhole(path, Access::owner, Replace::yes,
                    [&](const fs::path& beside) -> tl::expected<void, WriteError> {
                      const Archive zip(archive_write_new());
                      archive_write_set_format_zip(zip.get());
                      archive_write_zip_set_compression_store(zip.get());
                      errno = 0;
                      bool good = archive_write_open_filename(zip.get(), beside.c_str()) == ARCHIVE_OK;
                      for (const ArchiveEntry& entry : entries) good = good && put(zip.get(), entry, goOn);
                      good = archive_write_close(zip.get()) == ARCHIVE_OK && good;
                      if (good) return {};
                      return tl::unexpected(writeErrorOf(errno != 0 ? errno : EIO));
                    });
}

std::optional<std::size_t> readThroughZip(const fs::path& path) {
  const Archive zip(archive_read_new());
  archive_read_support_format_zip(zip.get());
  if (archive_read_open_filename(zip.get(), path.c_str(), kBlock) != ARCHIVE_OK) return std::nullopt;
  std::array<char, kBlock> block;
  archive_entry* entry = nullptr;
  for (std::size_t files = 0;; ++files) {
    const int next = archive_read_next_header(zip.get(), &entry);
    if (next == ARCHIVE_EOF) return files;
    if (next != ARCHIVE_OK) return std::nullopt;
    la_ssize_t got = 0;
    while ((got = archive_read_data(zip.get(), block.data(), block.size())) > 0) {
    }
    if (got < 0) return std::nullopt;
  }
}

namespace {

/// One entry's bytes into a new file.
tl::expected<void, ArchiveError> unpack(archive* zip, const fs::path& to, std::size_t& left) {
  std::error_code ignored;
  fs::create_directories(to.parent_path(), ignored);
  const Descriptor out(
      open(to.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, S_IRUSR | S_IWUSR));
  if (!out.good()) return tl::unexpected(errno == EEXIST ? ArchiveError::damaged : ArchiveError::noRoom);
  std::array<char, kBlock> block;
  while (true) {
    const la_ssize_t got = archive_read_data(zip, block.data(), block.size());
    if (got < 0) return tl::unexpected(ArchiveError::damaged);
    if (got == 0) return {};
    if (static_cast<std::size_t>(got) > left) return tl::unexpected(ArchiveError::tooLarge);
    left -= static_cast<std::size_t>(got);
    for (la_ssize_t at = 0; at < got;) {
      const ssize_t wrote = write(out.get(), block.data() + at, static_cast<std::size_t>(got - at));
      if (wrote <= 0) return tl::unexpected(ArchiveError::noRoom);
      at += wrote;
    }
  }
}

}  // namespace

tl::expected<std::vector<std::string>, ArchiveError> unpackZip(
    const fs::path& path, const fs::path& folder, const ArchiveLimits& limits,
    const std::function<bool(const std::string&)>& mayBe) {
  const auto opened = openOrdinary(path);
  if (!opened) return tl::unexpected(ArchiveError::unreadable);
  const Descriptor in(*opened);
  const Archive zip(archive_read_new());
  archive_read_support_format_zip_seekable(zip.get());
  if (archive_read_open_fd(zip.get(), in.get(), kBlock) != ARCHIVE_OK)
    return tl::unexpected(ArchiveError::noArchive);
  std::vector<std::string> names;
  std::set<std::string> seen;
  std::size_t left = limits.bytes;
  archive_entry* entry = nullptr;
  while (true) {
    const int next = archive_read_next_header(zip.get(), &entry);
    if (next == ARCHIVE_EOF) return names;
    if (next != ARCHIVE_OK)
      return tl::unexpected(names.empty() ? ArchiveError::noArchive : ArchiveError::damaged);
    const char* name = archive_entry_pathname(entry);
    if (!name || archive_entry_filetype(entry) != AE_IFREG || archive_entry_is_encrypted(entry) ||
        !mayBe(name))
      return tl::unexpected(ArchiveError::stranger);
    if (!seen.insert(name).second) return tl::unexpected(ArchiveError::damaged);
    if (names.size() == limits.entries) return tl::unexpected(ArchiveError::tooLarge);
    if (const auto unpacked = unpack(zip.get(), folder / name, left); !unpacked)
      return tl::unexpected(unpacked.error());
    names.emplace_back(name);
  }
}

}  // namespace calando
