#include "records/incoming.h"

#include "records/take.h"

namespace calando {

namespace fs = std::filesystem;

namespace {
fs::path placeIn(const fs::path& studio) { return studio / "incoming"; }
}  // namespace

Incoming::Incoming(const fs::path& studio) : folder_(placeIn(studio) / std::to_string(newId())) {
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
