#include "app/session/studio_files.h"

#include "app/session/common/notices.h"
#include "app/session/ears/ear_training.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/keeping.h"
#include "app/session/take/take_intake.h"
#include "app/session/take/take_run.h"
#include "app/words/words.h"
#include "records/packs/backup.h"
#include "records/packs/pack.h"
#include "records/studio.h"

namespace calando {

namespace {
constexpr double kOwed_s = 30.0 * 86400.0;
}  // namespace

/// Something with files, away from the interface's thread; what follows of it is on that again.
template <class Work, class Then>
void StudioFiles::file(Work work, Then then) {
  std::erase_if(files_, [](const Pending& one) { return !one; });
  files_.push_back(parts_.work.ask(
      WorkQueue::Urgency::later, std::move(work),
      [this, then = std::move(then)](const auto& result) {
        then(result);
        emit filesThrough();
      },
      WorkQueue::AtTheEnd::waitedFor));
}

bool StudioFiles::mayEnd() const { return parts_.work.mayEnd(); }

StudioFiles::Promises StudioFiles::promises() const {
  const TakeProgress taking = parts_.intake.progress();
  const bool files = std::ranges::any_of(files_, &Pending::underWay);
  return {taking, files, taking.done < taking.of || files};
}

void StudioFiles::giveUp() {
  files_.clear();
  parts_.intake.giveUp();
}

void StudioFiles::writePack(PackKind kind, const std::filesystem::path& file) {
  const Student* student = parts_.book.chosen();
  if (!student) return;
  const Homework* list = kind == PackKind::home ? parts_.lists.chosen() : nullptr;
  const auto entries =
      planPack(parts_.studio, student->id, kind, list ? std::optional(list->id) : std::nullopt);
  if (!parts_.notices.worked(entries)) return;
  if (parts_.studio.holds(file))
    return parts_.notices.sayLoss(words::said(Problem(StudioFault::insideStudio, printable(file.string()))));
  parts_.notices.worked(parts_.studio.settings.keep(settings::writingTo, file.parent_path().string()));
  this->file(
      [entries = *entries, file](const std::stop_token& stop) {
        return calando::writePack(entries, file, [&] { return !stop.stop_requested(); });
      },
      [this, file](const Studio::Result<void>& written) {
        parts_.notices.worked(parts_.studio.settings.keep(settings::writingTo, std::string()));
        if (parts_.notices.worked(written))
          parts_.notices.say(tr("Written: %1").arg(words::plain(file.string())));
      });
}

void StudioFiles::takePackIn(const std::filesystem::path& file) {
  this->file([file, folder = parts_.studio.folder()](std::stop_token) { return unpackPack(file, folder); },
             [this](const Studio::Result<UnpackedPack>& pack) {
               if (parts_.notices.worked(pack)) unpacked(*pack);
             });
}

/// What would be replaced is asked for; nothing of it is done before the answer.
void StudioFiles::unpacked(const UnpackedPack& pack) {
  const auto what = replacedBy(parts_.studio, pack);
  if (!parts_.notices.worked(what)) return;
  if (what->any()) return emit replacingAsked(pack, *what);
  takePackIn(pack, Replacing::takeThere);
}

void StudioFiles::takePackIn(const UnpackedPack& pack, Replacing replacing) {
  const auto taken = calando::takePackIn(parts_.studio, pack, replacing);
  if (!parts_.notices.worked(taken)) return;
  parts_.book.load();
  parts_.deck.reload();
  // Whoever plays now stays here until that is done.
  if (parts_.run.phase() == TakeRun::Phase::ready) parts_.book.choose(taken->student.id);
  parts_.lists.load();
  const QString name = words::plain(taken->student.name);
  parts_.notices.say(
      taken->kind != PackKind::answer
          ? tr("%1 is here now, with running order, plan and what came with it.").arg(name)
          : tr("From %1: takes %2, entries by hand %3. What was there already is left as it is.")
                .arg(name, QString::number(taken->takes), QString::number(taken->practices)));
}

void StudioFiles::backUp(const std::filesystem::path& file) {
  const auto plan = planBackup(parts_.studio);
  if (!parts_.notices.worked(plan)) return;
  parts_.notices.say(tr("The studio is being backed up…"));
  parts_.notices.worked(parts_.studio.settings.keep(settings::writingTo, file.parent_path().string()));
  this->file(
      [plan = *plan, file](const std::stop_token& stop) {
        return writeBackup(plan, file, [&] { return !stop.stop_requested(); });
      },
      [this, file](const Studio::Result<int>& files) {
        parts_.notices.worked(parts_.studio.settings.keep(settings::writingTo, std::string()));
        if (!parts_.notices.worked(files)) return;
        const auto now = static_cast<double>(parts_.clock.now_unix_s());
        parts_.notices.worked(parts_.studio.settings.keep(settings::backedUp, now));
        parts_.notices.say(
            tr("Backed up and read back: %n files in %1", nullptr, *files).arg(words::plain(file.string())));
      });
}

void StudioFiles::restore(const std::filesystem::path& file, const std::filesystem::path& folder) {
  parts_.notices.say(tr("The backup is being unpacked…"));
  this->file([file, folder](std::stop_token) { return restoreBackup(file, folder); },
             [this, folder](const Studio::Result<void>& restored) {
               if (parts_.notices.worked(restored))
                 parts_.notices.say(tr("The studio is in %1 now. Open it with: calando --studio %1")
                                        .arg(words::plain(folder.string())));
             });
}

const std::filesystem::path& StudioFiles::folder() const { return parts_.studio.folder(); }

bool StudioFiles::owesBackup() const {
  const auto& takes = parts_.takes.all();
  double since = parts_.studio.settings.get(settings::backedUp);
  if (since <= 0.0 && !takes.empty()) since = static_cast<double>(takes.back().made_unix_s);
  return since > 0.0 && static_cast<double>(parts_.clock.now_unix_s()) - since > kOwed_s;
}

}  // namespace calando
