#include <QDateTime>
#include <QThreadPool>

#include "app/session/session.h"
#include "records/backup.h"

// The studio's own files, out and in.

namespace calando {

namespace {
constexpr double kOwed_s = 30.0 * 86400.0;
}  // namespace

bool Session::writePack(PackKind kind, const std::filesystem::path& file) {
  const Student* student = roster_.chosen();
  if (!student) return false;
  const Homework* list = kind == PackKind::home ? post_.chosen() : nullptr;
  if (!notices_.worked(calando::writePack(studio_, student->id, kind, file,
                                          list ? std::optional(list->id) : std::nullopt)))
    return false;
  notices_.say(tr("Written: %1").arg(words::plain(file.string())));
  return true;
}

bool Session::takePackIn(const std::filesystem::path& file) {
  const auto taken = calando::takePackIn(studio_, file);
  if (!notices_.worked(taken)) return false;
  roster_.load();
  lesson_.reload();
  if (roster_.chosen()->id != taken->student.id) roster_.choose(taken->student.id);
  post_.load();
  notices_.say(taken->kind != PackKind::answer
                   ? tr("%1 is here now, with running order, plan and what came with it.")
                         .arg(words::plain(taken->student.name))
                   : tr("From %1: takes %2, entries by hand %3. What was there already is left as it is.")
                         .arg(words::plain(taken->student.name), QString::number(taken->takes),
                              QString::number(taken->practices)));
  return true;
}

void Session::backUp(const std::filesystem::path& file) {
  const auto plan = planBackup(studio_);
  if (!notices_.worked(plan)) return;
  notices_.say(tr("The studio is being backed up…"));
  filing_.start([this, plan = *plan, file] {
    const auto files = writeBackup(plan, file);
    QMetaObject::invokeMethod(this, [this, files, file] {
      if (!notices_.worked(files)) return;
      notices_.worked(
          studio_.keep(settings::backedUp, static_cast<double>(QDateTime::currentSecsSinceEpoch())));
      notices_.say(tr("Backed up and read back: %1 files in %2")
                       .arg(QString::number(*files), words::plain(file.string())));
    });
  });
}

void Session::restore(const std::filesystem::path& file, const std::filesystem::path& folder) {
  notices_.say(tr("The backup is being unpacked…"));
  filing_.start([this, file, folder] {
    const auto restored = restoreBackup(file, folder);
    QMetaObject::invokeMethod(this, [this, restored, folder] {
      if (notices_.worked(restored))
        notices_.say(tr("The studio is in %1 now. Open it with: calando --studio %1")
                         .arg(words::plain(folder.string())));
    });
  });
}

bool Session::owesBackup() const {
  const auto& takes = roster_.takes();
  double since = studio_.get(settings::backedUp);
  if (since <= 0.0 && !takes.empty()) since = static_cast<double>(takes.back().made_unix_s);
  return since > 0.0 && static_cast<double>(QDateTime::currentSecsSinceEpoch()) - since > kOwed_s;
}

}  // namespace calando
