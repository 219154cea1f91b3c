#pragma once

#include <cstdint>
#include <filesystem>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/base/day.h"
#include "core/homework/correction.h"
#include "records/values/take.h"

namespace calando {

/// A list of homework, as a studio keeps it.
struct Homework {
  std::int64_t id = 0;  ///< 0: not kept yet
  Day due{};
  std::string list;  ///< as parseHomework() reads it
};

/// What one student sent for a list. The recordings stay where they are.
struct SentHomework {
  std::int64_t student = 0;
  std::vector<std::filesystem::path> files;
  std::vector<Correction> pieces;  ///< what the teacher says of stretches, in the order in which it was said
  std::optional<std::string> answer;  ///< as the teacher changed it; nullopt: as it is made
  /// The best tries, once they are taken into the student's weeks, by item.
  std::map<std::size_t, std::int64_t> takes;
};
/// A best try on its way into the student's weeks. It is written down before anything is done, so that it is
/// finished whatever happens meanwhile, and once: the take has its id and its file's name already.
struct Intake {
  std::int64_t homework = 0;
  std::size_t item = 0;
  std::filesystem::path file;  ///< of which it is a stretch
  double from_s = 0.0;
  double to_s = 0.0;
  SoundNote note;  ///< whose it is, and the take to be
};

/// A file that came into the watched folder, as it was when it was taken.
struct WatchedFile {
  std::filesystem::path file;
  std::uintmax_t size = 0;
  std::int64_t changed_ms = 0;  ///< of Unix time
  bool operator==(const WatchedFile&) const = default;
};

std::string toText(const SentHomework& sent);
/// What cannot be is left out.
SentHomework sentFrom(std::string_view text);

}  // namespace calando
