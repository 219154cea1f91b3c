#pragma once

#include <cstddef>
#include <filesystem>
#include <functional>
#include <span>
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "audio/file_fault.h"

/// Files that are there whole or not at all: written beside their place, synced, and put there in one step.
namespace calando {

/// Who may read what is written.
enum class Access { owner, umask };
/// What may happen to a file that is there already.
enum class Replace { yes, never };

/// Why something could not be written: a clause with the remedy.
struct WriteError {
  bool full;  ///< there is no room, as against no permission or no such folder
  Problem why;
};
/// The clause for an errno.
WriteError writeErrorOf(int error);

/// `write` fills the file whose name it gets, which is there and empty, and may replace it. When anything
/// fails, what was at `path` stays as it was and nothing else is left. Links, folders and devices are no
/// place for a file and are refused.
tl::expected<void, WriteError> writeWhole(
    const std::filesystem::path& path, Access access, Replace replace,
    const std::function<tl::expected<void, WriteError>(const std::filesystem::path& beside)>& write);
tl::expected<void, WriteError> writeWhole(const std::filesystem::path& path, Access access,
                                          std::string_view bytes);
/// A copy of a file's bytes.
tl::expected<void, WriteError> copyWhole(const std::filesystem::path& from, const std::filesystem::path& to,
                                         Access access);

/// The ending of files that are being written; one that is found was never finished.
inline constexpr std::string_view kUnfinished = ".part";

/// Removes what writeWhole() left unfinished in a folder because the program was ended; what is being written
/// there now stays.
void tidyUnfinished(const std::filesystem::path& folder);

/// True where both names lead to one file, or will once it is made.
bool sameFile(const std::filesystem::path& a, const std::filesystem::path& b);

/// The bytes of an ordinary file of at most `most` bytes. The problem is a clause: "is a folder".
tl::expected<std::string, Problem> readSmall(const std::filesystem::path& path, std::size_t most);

/// Opens an ordinary file for reading; never waits, whatever it is. The problem is a clause with the remedy.
tl::expected<int, Problem> openOrdinary(const std::filesystem::path& path);

}  // namespace calando
