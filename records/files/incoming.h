#pragma once

#include <filesystem>

namespace calando {

/// A folder of its own beside the takes of a studio, where packs are unpacked and backups prepared; readable
/// by the owner only. It goes with the object, and what a crash leaves of it at the studio's next start.
class Incoming {
 public:
  explicit Incoming(const std::filesystem::path& studio);
  ~Incoming();
  Incoming(const Incoming&) = delete;
  Incoming& operator=(const Incoming&) = delete;
  const std::filesystem::path& folder() const { return folder_; }

  /// The folder of all of them in a studio, and whether this is the place of a sound in one of them.
  static std::filesystem::path placeIn(const std::filesystem::path& studio);
  static bool isPlace(const std::filesystem::path& place);

  /// Of a studio that nobody else has open.
  static void tidy(const std::filesystem::path& studio);

 private:
  std::filesystem::path folder_;
};

}  // namespace calando
