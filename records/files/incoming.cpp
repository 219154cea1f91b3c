#include "records/files/incoming.h"

#include <algorithm>
#include <vector>

#include "records/values/take.h"

namespace calando {

namespace fs = std::filesystem;

fs::path Incoming::placeIn(const fs::path& studio) { return studio / "incoming"; }

/// A folder of ours, "takes" and a name.
bool Incoming::isPlace(const fs::path& place) {
  const std::vector<fs::path> parts(place.begin(), place.end());
  return place.is_relative() && parts.size() == 3 && parts[1] == "takes" &&
         std::ranges::none_of(parts, [](const fs::path& part) { return part.string().starts_with('.'); });
}

Incoming::Incoming(const fs::path& studio) : folder_(placeIn(studio) / newFileStem(0)) {
  std::error_code ignored;
  fs::create_directories(folder_, ignored);
  for (const fs::path& folder : {folder_.parent_path(), folder_})
    fs::permissions(folder, fs::perms::owner_all, ignored);
}

Incoming::~Incoming() {
  std::error_code ignored;
  fs::remove_all(folder_, ignored);
  fs::remove(folder_.parent_path(), ignored);  // unless there is another one
}

void Incoming::tidy(const fs::path& studio) {
  std::error_code ignored;
  fs::remove_all(placeIn(studio), ignored);
}

}  // namespace calando
