#pragma once

#include <filesystem>
#include <functional>
#include <optional>
#include <string>
#include <tl/expected.hpp>
#include <variant>
#include <vector>

#include "audio/whole_file.h"

namespace calando {

/// A file in an archive: its text, or where its bytes are.
struct ArchiveEntry {
  std::string name;  ///< with slashes
  std::variant<std::string, std::filesystem::path> content;
};
/// Asked between blocks; false: no more is wanted, and nothing of it stays.
using GoOn = std::function<bool()>;

/// A ZIP archive, its files stored as they are; whole or not at all. Files that are to be packed must stay as
/// they are meanwhile.
tl::expected<void, WriteError> writeZip(const std::filesystem::path& archive,
                                        const std::vector<ArchiveEntry>& entries, const GoOn& goOn = {});

/// Reads an archive through to its end, each file against its sum; how many files there are. Nullopt where
/// anything is wrong.
std::optional<std::size_t> readThroughZip(const std::filesystem::path& archive);

/// Why an archive was not unpacked.
enum class ArchiveError { unreadable, noArchive, damaged, tooLarge, stranger, noRoom };
struct ArchiveLimits {
  std::size_t entries;
  std::size_t bytes;  ///< unpacked, of all of them
};
/// Unpacks a ZIP archive into a folder that is there; readable by the owner only. `mayBe` says which names
/// may be in it: with another one, a folder, a link or a name twice nothing of it counts. Nothing is written
/// outside the folder. What was unpacked before an error stays.
tl::expected<std::vector<std::string>, ArchiveError> unpackZip(
    const std::filesystem::path& archive, const std::filesystem::path& folder, const ArchiveLimits& limits,
    const std::function<bool(const std::string&)>& mayBe);

}  // namespace calando
