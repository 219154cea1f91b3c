#include "app/session/homework/watched_folder.h"

#include <QFile>

#include "app/session/homework/owners.h"
#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "audio/sound_file.h"
#include "records/studio.h"
#include "records/values/homework.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr int kStill = 2;          // looks without a change
constexpr int kUntold_ms = 60000;  // nothing is known to change
constexpr int kPatience = 30;      // so many, and what is not whole will not be any more

std::int64_t milliseconds(fs::file_time_type time) {
  using namespace std::chrono;
  return duration_cast<std::chrono::milliseconds>(file_clock::to_sys(time).time_since_epoch()).count();
}

QString pathOf(const fs::path& path) { return QFile::decodeName(path.c_str()); }

/// The files that can be seen in a folder, as they are now.
std::vector<WatchedFile> filesNow(const fs::path& folder) {
  std::vector<WatchedFile> files;
  std::error_code error;
  for (fs::directory_iterator at(folder, fs::directory_options::skip_permission_denied, error), end;
       !error && at != end; at.increment(error)) {
    std::error_code unknown;
    if (at->path().filename().string().starts_with('.') || !at->is_regular_file(unknown)) continue;
    const WatchedFile file{at->path(), at->file_size(unknown), milliseconds(at->last_write_time(unknown))};
    if (!unknown && file.size > 0) files.push_back(file);
  }
  std::ranges::sort(files, {}, &WatchedFile::file);
  return files;
}

}  // namespace

WatchedFolder::WatchedFolder(Studio& studio, WorkQueue& work, int everyMs)
    : studio_(studio), work_(work), every_ms_(everyMs) {
  connect(&timer_, &QTimer::timeout, this, &WatchedFolder::look);
  connect(&changes_, &QFileSystemWatcher::directoryChanged, this, &WatchedFolder::lookSoon);
  connect(&changes_, &QFileSystemWatcher::fileChanged, this, &WatchedFolder::lookSoon);
}

/// Something has changed: it is looked at until all of it is still.
void WatchedFolder::lookSoon() {
  if (timer_.interval() == every_ms_ && timer_.isActive()) return;
  timer_.start(every_ms_);
  look();
}

void WatchedFolder::watch(const fs::path& folder) {
  folder_ = folder;
  seen_.clear();
  known_.clear();
  reading_.cancel();
  if (const auto files = studio_.homework.watchedFiles())
    for (const WatchedFile& file : *files) known_[file.file] = file;
  for (const QStringList& paths : {changes_.directories(), changes_.files()})
    if (!paths.isEmpty()) changes_.removePaths(paths);
  if (folder_.empty()) return timer_.stop();
  changes_.addPath(pathOf(folder_));
  timer_.stop();
  lookSoon();
}

void WatchedFolder::look() {
  if (reading_ || studio_.readOnly()) return;
  std::map<fs::path, Seen> seen;
  std::vector<WatchedFile> still, given;
  for (const WatchedFile& file : filesNow(folder_)) {
    changes_.addPath(pathOf(file.file));
    if (const auto known = known_.find(file.file); known != known_.end() && known->second == file) continue;
    const auto before = seen_.find(file.file);
    Seen& now = seen[file.file];
    now.as = file;
    if (before == seen_.end() || before->second.as != file) continue;
    now.still = before->second.still + 1;
    now.short_ = before->second.short_;
    if (now.still >= kStill && !now.short_) still.push_back(file);
    if (now.still == kPatience && now.short_) given.push_back(file);
  }
  seen_ = std::move(seen);
  timer_.start(seen_.empty() ? kUntold_ms : every_ms_);
  ripe(given);
  if (still.empty()) return;
  reading_ = work_.ask(
      WorkQueue::Urgency::later,
      [still](const std::stop_token& stop) {
        std::vector<WatchedFile> whole;
        for (const WatchedFile& file : still)
          if (isTable(file.file) ||
              !isCutShort(file.file.string(), [&] { return !stop.stop_requested(); }).value_or(true))
            whole.push_back(file);
        return whole;
      },
      [this, still](const std::vector<WatchedFile>& whole) {
        for (const WatchedFile& file : still) seen_[file.file].short_ = true;  // until it changes
        ripe(whole);
      });
}

/// Those that have not changed while they were read.
void WatchedFolder::ripe(const std::vector<WatchedFile>& files) {
  if (files.empty()) return;
  std::vector<fs::path> whole;
  const std::vector<WatchedFile> now = filesNow(folder_);
  for (const WatchedFile& file : files) {
    if (std::ranges::find(now, file) == now.end()) continue;
    if (!studio_.homework.keepWatchedFile(file)) continue;
    known_[file.file] = file;
    seen_.erase(file.file);
    whole.push_back(file.file);
  }
  if (!whole.empty()) emit came(whole);
}

}  // namespace calando
