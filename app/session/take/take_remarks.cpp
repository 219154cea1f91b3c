#include "app/session/take/take_remarks.h"

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/take_list.h"
#include "app/session/take/shown_history.h"
#include "app/session/take/shown_take.h"
#include "core/exercise/exercise.h"
#include "records/studio.h"

namespace calando {

TakeRemarks::TakeRemarks(Studio& studio, TakeList& takes, Lesson& lesson, ShownTake& shown,
                         const ShownHistory& history, Notices& notices, Undo& undo)
    : studio_(studio),
      takes_(takes),
      lesson_(lesson),
      shown_(shown),
      history_(history),
      notices_(notices),
      undo_(undo) {}

void TakeRemarks::setWord(TeachersWord word) {
  shown_.edit([&](Take& take) {
    undo_.push({.student = take.student, .take = take.id}, before::Word{take.word});
    take.word = take.word == word ? TeachersWord::none : word;
  });
}

bool TakeRemarks::putBack(const UndoSubject& subject, const before::Word& was) {
  if (shown_.take() && shown_.take()->id == subject.take)
    return shown_.edit([&](Take& take) { take.word = was.word; });
  const auto takes = studio_.takes.of(subject.student);
  if (!notices_.worked(takes)) return false;
  const auto take = std::ranges::find(*takes, subject.take, &Take::id);
  if (take == takes->end()) return false;
  Take changed = *take;
  changed.word = was.word;
  return takes_.change(changed);
}

void TakeRemarks::setAttention(Attention attention) {
  shown_.edit(
      [=](Take& take) { take.attention = take.attention == attention ? Attention::unsaid : attention; });
}

void TakeRemarks::setComfort(Comfort comfort) {
  shown_.edit([=](Take& take) { take.comfort = take.comfort == comfort ? Comfort::unsaid : comfort; });
}

void TakeRemarks::toggleTried() {
  const std::string before = history_.adviceBefore();
  if (!shown_.take() || (before.empty() && shown_.take()->tried.empty())) return;
  shown_.edit([&](Take& take) { take.tried = take.tried.empty() ? before : std::string(); });
}

void TakeRemarks::nextSeen() {
  if (!history_.observation()) return;
  shown_.edit([](Take& take) {
    take.seen = take.seen == Seen::unsaid  ? Seen::right
                : take.seen == Seen::right ? Seen::wrong
                                           : Seen::unsaid;
  });
}

void TakeRemarks::setRemark(const std::string& remark) {
  if (!shown_.take() || shown_.take()->remark == remark) return;
  shown_.edit([&](Take& take) { take.remark = remark; });
}

void TakeRemarks::toggleTick(const std::string& tick) {
  shown_.edit([&](Take& take) {
    if (std::erase(take.ticks, tick) == 0) take.ticks.push_back(tick);
  });
}

void TakeRemarks::toggleModel() {
  if (!shown_.take() || studio_.readOnly() || lesson_.current()->against != Against::teacher) return;
  lesson_.setModel(isModel() ? std::nullopt : std::optional(shown_.take()->id));
  emit shown_.said();
}

bool TakeRemarks::isModel() const { return shown_.take() && lesson_.model() == shown_.take()->id; }

}  // namespace calando
