#pragma once

#include <QObject>
#include <QTimer>
#include <filesystem>
#include <map>
#include <set>
#include <vector>

namespace calando {

/// Says which files have come into a folder, once they do not grow any more. Those that were there are not
/// said again while it is watched.
class WatchedFolder : public QObject {
  Q_OBJECT

 public:
  explicit WatchedFolder(int everyMs = 2000);
  /// Empty: none.
  void watch(const std::filesystem::path& folder);
  const std::filesystem::path& folder() const { return folder_; }

 signals:
  void came(const std::vector<std::filesystem::path>& files);

 private:
  void look();

  std::filesystem::path folder_;
  std::map<std::filesystem::path, std::uintmax_t> growing_;  ///< with their size at the last look
  std::set<std::filesystem::path> known_;
  QTimer timer_;
};

}  // namespace calando
