#include <QFileInfo>
#include <algorithm>

#include "app/session/common/notices.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/homework/marked.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_intake.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/base/plain_text.h"
#include "core/ears/threshold.h"
#include "core/homework/list.h"
#include "core/homework/marking.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "records/values/clock.h"

// What came in, into the weeks; and what comes into the watched folder.

namespace calando {

namespace fs = std::filesystem;

namespace {

/// When a file was made, as far as that is known.
std::int64_t madeAt(const fs::path& file, const Clock& clock) {
  const qint64 at = QFileInfo(QString::fromStdString(file.string())).lastModified().toSecsSinceEpoch();
  return at > 0 ? at : clock.now_unix_s();
}

Take takeOf(const MarkedAttempt& best, const HomeworkItem& item, const Student& student, const fs::path& file,
            const Clock& clock) {
  Take take;
  take.student = student.id;
  take.made_unix_s = madeAt(file, clock) + static_cast<std::int64_t>(best.from_s);
  take.source = visibleLine(printable(file.filename().string()));
  take.asked.instrument = student.instrument;
  take.asked.range = best.context.range;
  take.asked.exercise = item.exercise->id;
  if (!findExercise(item.exercise->id) || item.highest) take.asked.card = toText(*best.context.exercise);
  if (!best.context.asked.empty()) take.asked.note = best.context.asked.front();
  take.asked.tempo_bpm = best.context.tempo_bpm;
  take.asked.start_s = best.context.start_s;
  return take;
}

}  // namespace

void HomeworkInbox::keepBest(std::int64_t student) {
  const auto found = sent_.find(student);
  const Student* who = book_.find(student);
  if (!who || listId() == 0 || found == sent_.end() || !found->second.marked || studio_.readOnly()) return;
  if (intake_.running(listId(), student)) return;
  const Submission& sent = found->second;
  std::vector<Intake> intakes;
  for (std::size_t i = 0; i < sent.marked->marking.items.size(); ++i) {
    const MarkedAttempt* best = sent.marked->marking.items[i].bestTry();
    if (!best || sent.kept.takes.contains(i)) continue;
    const fs::path& file = sent.kept.files[best->file];
    Intake intake{
        listId(),   i,
        file,       best->from_s,
        best->to_s, {*who, takeOf(*best, sent.marked->heard->list.items[i], *who, file, studio_.clock())}};
    studio_.takes.name(intake.note.take);
    intakes.push_back(std::move(intake));
  }
  if (intake_.begin(intakes)) emit sentChanged(student);
}

bool HomeworkInbox::isKept(std::int64_t student) const {
  const Submission* sent = sentOf(student);
  if (!sent || !sent->marked || sent->kept.takes.empty()) return false;
  const auto& items = sent->marked->marking.items;
  for (std::size_t i = 0; i < items.size(); ++i)
    if (items[i].bestTry() && !sent->kept.takes.contains(i)) return false;
  return true;
}

/// The studio has it already; what is in memory of its list has it too.
void HomeworkInbox::attemptTaken(const Intake& intake) {
  const std::int64_t student = intake.note.student.id;
  std::erase_if(known_, [&](const Known& known) { return known.homework == intake.homework; });
  const auto found = sent_.find(student);
  if (intake.homework != listId() || found == sent_.end()) return;
  const auto all = studio_.homework.sent(intake.homework);
  if (!notices_.worked(all)) return;
  for (const SentHomework& one : *all)
    if (one.student == student) found->second.kept.takes = one.takes;
  emit sentChanged(student);
}

/// What came into the watched folder: new, or another sound under a name that was there.
void HomeworkInbox::cameIn(const std::vector<fs::path>& files) {
  if (!lists_.chosen()) return;
  for (const fs::path& file : files)
    for (auto& [student, sent] : sent_)
      if (std::ranges::find(sent.kept.files, file) != sent.kept.files.end()) setAside(sent, file);
  if (const auto left = add(files); !left.empty()) emit nobodys(left);
}

/// What was said of a file is not of what it has become.
void HomeworkInbox::setAside(Submission& sent, const fs::path& file) {
  const auto place = std::ranges::find(sent.kept.files, file) - sent.kept.files.begin();
  std::erase_if(sent.kept.pieces, [=](const Correction& piece) { return std::cmp_equal(piece.file, place); });
  sent.kept.answer.reset();
  sent.kept.takes.clear();
  keepSent(sent);
  markAnew(sent);
  notices_.say(tr("%1 has changed and is marked again; what was said of it before is set aside.")
                   .arg(words::plain(visibleLine(file.filename().string()))));
  emit sentChanged(sent.kept.student);
}

}  // namespace calando
