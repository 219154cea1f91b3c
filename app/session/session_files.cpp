#include "app/session/session.h"
#include "records/packs/backup.h"

// The studio's own files, out and in.

namespace calando {

namespace {
constexpr double kOwed_s = 30.0 * 86400.0;
}  // namespace

/// Something with files, away from the interface's thread; what follows of it is on that again.
template <class Work, class Then>
void Session::file(Work work, Then then, WorkQueue::AtTheEnd atTheEnd) {
  std::erase_if(files_, [](const Pending& one) { return !one; });
  const auto urgency =
      atTheEnd == WorkQueue::AtTheEnd::waitedFor ? WorkQueue::Urgency::later : WorkQueue::Urgency::now;
  files_.push_back(work_.ask(
      urgency, std::move(work),
      [this, then = std::move(then)](const auto& result) {
        then(result);
        emit filesThrough();
      },
      atTheEnd));
}

Session::Promises Session::promises() const {
  const TakeIntake::Progress taking = intake_.progress();
  const bool files = std::ranges::any_of(files_, &Pending::underWay);
  return {taking, files, taking.done < taking.of || files};
}

void Session::giveUp() {
  files_.clear();
  intake_.giveUp();
}

void Session::writePack(PackKind kind, const std::filesystem::path& file) {
  const Student* student = book_.chosen();
  if (!student) return;
  const Homework* list = kind == PackKind::home ? post_.chosen() : nullptr;
  const auto entries = planPack(studio_, student->id, kind, list ? std::optional(list->id) : std::nullopt);
  if (!notices_.worked(entries)) return;
  if (studio_.holds(file))
    return notices_.sayLoss(words::said(Problem(StudioFault::insideStudio, printable(file.string()))));
  notices_.worked(studio_.settings.keep(settings::writingTo, file.parent_path().string()));
  this->file(
      [entries = *entries, file](const std::stop_token& stop) {
        return calando::writePack(entries, file, [&] { return !stop.stop_requested(); });
      },
      [this, file](const Studio::Result<void>& written) {
        notices_.worked(studio_.settings.keep(settings::writingTo, std::string()));
        if (notices_.worked(written)) notices_.say(tr("Written: %1").arg(words::plain(file.string())));
      });
}

void Session::takePackIn(const std::filesystem::path& file) {
  this->file([file, folder = studio_.folder()](std::stop_token) { return unpackPack(file, folder); },
             [this](const Studio::Result<UnpackedPack>& pack) {
               if (notices_.worked(pack)) unpacked(*pack);
             });
}

/// What would be replaced is asked for; nothing of it is done before the answer.
void Session::unpacked(const UnpackedPack& pack) {
  const auto what = replacedBy(studio_, pack);
  if (!notices_.worked(what)) return;
  if (what->any()) return emit replacingAsked(pack, *what);
  takePackIn(pack, Replacing::takeThere);
}

void Session::takePackIn(const UnpackedPack& pack, Replacing replacing) {
  const auto taken = calando::takePackIn(studio_, pack, replacing);
  if (!notices_.worked(taken)) return;
  book_.load();
  lesson_.reload();
  // Whoever plays now stays here until that is done.
  if (run_.phase() == TakeRun::Phase::ready) book_.choose(taken->student.id);
  post_.load();
  const QString name = words::plain(taken->student.name);
  notices_.say(taken->kind != PackKind::answer
                   ? tr("%1 is here now, with running order, plan and what came with it.").arg(name)
                   : tr("From %1: takes %2, entries by hand %3. What was there already is left as it is.")
                         .arg(name, QString::number(taken->takes), QString::number(taken->practices)));
}

void Session::playPart(const std::filesystem::path& file, Span part) {
  if (run_.phase() != TakeRun::Phase::ready) return;
  this->file([file, part](std::stop_token) { return readPart(file.string(), part.start_s, part.end_s); },
             [this](const tl::expected<Sound, SoundError>& sound) {
               if (!sound) return notices_.sayLoss(words::said(sound.error().what));
               if (!sound->samples.empty() && run_.phase() == TakeRun::Phase::ready)
                 play(sound->samples, sound->info.rate_hz, 0.0, kToTheEnd_s, false);
             },
             WorkQueue::AtTheEnd::givenUp);
}

void Session::backUp(const std::filesystem::path& file) {
  const auto plan = planBackup(studio_);
  if (!notices_.worked(plan)) return;
  notices_.say(tr("The studio is being backed up…"));
  notices_.worked(studio_.settings.keep(settings::writingTo, file.parent_path().string()));
  this->file(
      [plan = *plan, file](const std::stop_token& stop) {
        return writeBackup(plan, file, [&] { return !stop.stop_requested(); });
      },
      [this, file](const Studio::Result<int>& files) {
        notices_.worked(studio_.settings.keep(settings::writingTo, std::string()));
        if (!notices_.worked(files)) return;
        const auto now = static_cast<double>(clock().now_unix_s());
        notices_.worked(studio_.settings.keep(settings::backedUp, now));
        notices_.say(
            tr("Backed up and read back: %n files in %1", nullptr, *files).arg(words::plain(file.string())));
      });
}

void Session::restore(const std::filesystem::path& file, const std::filesystem::path& folder) {
  notices_.say(tr("The backup is being unpacked…"));
  this->file([file, folder](std::stop_token) { return restoreBackup(file, folder); },
             [this, folder](const Studio::Result<void>& restored) {
               if (notices_.worked(restored))
                 notices_.say(tr("The studio is in %1 now. Open it with: calando --studio %1")
                                  .arg(words::plain(folder.string())));
             });
}

bool Session::owesBackup() const {
  const auto& takes = book_.takes();
  double since = studio_.settings.get(settings::backedUp);
  if (since <= 0.0 && !takes.empty()) since = static_cast<double>(takes.back().made_unix_s);
  return since > 0.0 && static_cast<double>(clock().now_unix_s()) - since > kOwed_s;
}

}  // namespace calando
