#include <QDateTime>

#include "app/session/session.h"
#include "records/backup.h"

// The studio's own files, out and in.

namespace calando {

namespace {
constexpr double kOwed_s = 30.0 * 86400.0;
}  // namespace

/// Something with files, away from the interface's thread; what follows of it is on that again.
template <class Work, class Then>
void Session::file(Work work, Then then) {
  ++filings_;
  filing_.start([this, work = std::move(work), then = std::move(then)] {
    auto result = work();
    QMetaObject::invokeMethod(this, [this, then, result = std::move(result)] {
      --filings_;
      then(result);
    });
  });
}

void Session::writePack(PackKind kind, const std::filesystem::path& file) {
  const Student* student = roster_.chosen();
  if (!student) return;
  const Homework* list = kind == PackKind::home ? post_.chosen() : nullptr;
  const auto entries = planPack(studio_, student->id, kind, list ? std::optional(list->id) : std::nullopt);
  if (!notices_.worked(entries)) return;
  this->file([entries = *entries, file] { return calando::writePack(entries, file); },
             [this, file](const Studio::Result<void>& written) {
               if (notices_.worked(written)) notices_.say(tr("Written: %1").arg(words::plain(file.string())));
             });
}

void Session::takePackIn(const std::filesystem::path& file) {
  this->file([file, folder = studio_.folder()] { return unpackPack(file, folder); },
             [this](const Studio::Result<UnpackedPack>& unpacked) {
               if (notices_.worked(unpacked)) takeIn(*unpacked);
             });
}

void Session::takeIn(const UnpackedPack& pack) {
  const auto taken = calando::takePackIn(studio_, pack);
  if (!notices_.worked(taken)) return;
  roster_.load();
  lesson_.reload();
  roster_.choose(taken->student.id);
  post_.load();
  const QString name = words::plain(taken->student.name);
  notices_.say(taken->kind != PackKind::answer
                   ? tr("%1 is here now, with running order, plan and what came with it.").arg(name)
                   : tr("From %1: takes %2, entries by hand %3. What was there already is left as it is.")
                         .arg(name, QString::number(taken->takes), QString::number(taken->practices)));
}

void Session::playPart(const std::filesystem::path& file, Span part) {
  if (run_.phase() != TakeRun::Phase::ready) return;
  this->file([file, part] { return readPart(file.string(), part.start_s, part.end_s); },
             [this](const tl::expected<Sound, SoundError>& sound) {
               if (!sound) return notices_.sayLoss(words::said(sound.error().what));
               if (!sound->samples.empty() && run_.phase() == TakeRun::Phase::ready)
                 play(sound->samples, sound->info.rate_hz, 0.0, kToTheEnd_s, false);
             });
}

void Session::backUp(const std::filesystem::path& file) {
  const auto plan = planBackup(studio_);
  if (!notices_.worked(plan)) return;
  notices_.say(tr("The studio is being backed up…"));
  this->file(
      [plan = *plan, file] { return writeBackup(plan, file); },
      [this, file](const Studio::Result<int>& files) {
        if (!notices_.worked(files)) return;
        const auto now = static_cast<double>(QDateTime::currentSecsSinceEpoch());
        notices_.worked(studio_.keep(settings::backedUp, now));
        notices_.say(
            tr("Backed up and read back: %n files in %1", nullptr, *files).arg(words::plain(file.string())));
      });
}

void Session::restore(const std::filesystem::path& file, const std::filesystem::path& folder) {
  notices_.say(tr("The backup is being unpacked…"));
  this->file([file, folder] { return restoreBackup(file, folder); },
             [this, folder](const Studio::Result<void>& restored) {
               if (notices_.worked(restored))
                 notices_.say(tr("The studio is in %1 now. Open it with: calando --studio %1")
                                  .arg(words::plain(folder.string())));
             });
}

bool Session::owesBackup() const {
  const auto& takes = roster_.takes();
  double since = studio_.get(settings::backedUp);
  if (since <= 0.0 && !takes.empty()) since = static_cast<double>(takes.back().made_unix_s);
  return since > 0.0 && static_cast<double>(QDateTime::currentSecsSinceEpoch()) - since > kOwed_s;
}

}  // namespace calando
