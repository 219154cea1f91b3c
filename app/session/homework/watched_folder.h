#pragma once

#include <QFileSystemWatcher>
#include <QObject>
#include <QTimer>
#include <filesystem>
#include <map>
#include <vector>

#include "app/work/pending.h"
#include "records/values/homework.h"

namespace calando {

class Studio;

/// Says which files have come into a folder once they are whole: they have not changed for a while, and a
/// sound can be read as far as it says that it goes. One that stays cut short for a minute is said as it is.
/// One whose content has changed is said again; what was said once is known for good, whichever program runs.
/// It is told of changes by the system; what comes by a network that tells of none is found once a minute.
class WatchedFolder : public QObject {
  Q_OBJECT

 public:
  WatchedFolder(Studio& studio, WorkQueue& work, int everyMs = 2000);
  /// Empty: none.
  void watch(const std::filesystem::path& folder);
  const std::filesystem::path& folder() const { return folder_; }

 signals:
  void came(const std::vector<std::filesystem::path>& files);

 private:
  struct Seen {
    WatchedFile as;
    int still = 0;        ///< for how many looks
    bool short_ = false;  ///< less of it is there than it says
  };
  void lookSoon();
  void look();
  void ripe(const std::vector<WatchedFile>& files);

  Studio& studio_;
  WorkQueue& work_;
  std::filesystem::path folder_;
  std::map<std::filesystem::path, Seen> seen_;
  std::map<std::filesystem::path, WatchedFile> known_;
  Pending reading_;
  QFileSystemWatcher changes_;
  QTimer timer_;
  int every_ms_;
};

}  // namespace calando
