#include "app/session/watched_folder.h"

namespace calando {

namespace fs = std::filesystem;

WatchedFolder::WatchedFolder(int everyMs) {
  timer_.setInterval(everyMs);
  connect(&timer_, &QTimer::timeout, this, &WatchedFolder::look);
}

void WatchedFolder::watch(const fs::path& folder) {
  folder_ = folder;
  growing_.clear();
  known_.clear();
  if (folder_.empty()) return timer_.stop();
  timer_.start();
}

void WatchedFolder::look() {
  std::vector<fs::path> whole;
  std::map<fs::path, std::uintmax_t> growing;
  std::error_code error;
  for (fs::directory_iterator at(folder_, fs::directory_options::skip_permission_denied, error), end;
       !error && at != end; at.increment(error)) {
    const fs::path file = at->path();
    std::error_code unknown;
    if (known_.contains(file) || file.filename().string().starts_with('.') || !at->is_regular_file(unknown))
      continue;
    const std::uintmax_t size = at->file_size(unknown);
    const auto before = growing_.find(file);
    if (unknown || size == 0 || before == growing_.end() || before->second != size) {
      growing[file] = size;
      continue;
    }
    known_.insert(file);
    whole.push_back(file);
  }
  growing_ = std::move(growing);
  if (whole.empty()) return;
  std::ranges::sort(whole);
  emit came(whole);
}

}  // namespace calando
