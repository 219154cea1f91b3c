#include "app/session/ears/ear_knowledge.h"

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/students/student_book.h"
#include "records/studio.h"

namespace calando {

EarKnowledge::EarKnowledge(Studio& studio, StudentBook& book, Notices& notices)
    : studio_(studio), book_(book), notices_(notices) {
  connect(&book_, &StudentBook::studentChanged, this, &EarKnowledge::load);
}

void EarKnowledge::load() {
  answers_.clear();
  ownWords_.clear();
  asked_.assign(std::begin(kBeginsWith), std::end(kBeginsWith));
  const Student* student = book_.chosen();
  if (!student) return emit changed();
  if (auto answers = studio_.ears.answers(student->id); notices_.worked(answers))
    answers_ = std::move(*answers);
  if (auto asked = studio_.ears.asked(student->id); notices_.worked(asked) && !asked->empty())
    asked_ = std::move(*asked);
  if (auto own = studio_.ears.words(student->id); notices_.worked(own)) ownWords_ = std::move(*own);
  for (EarAnswer& answer : answers_) answer.day = dayOf(answer.made_unix_s);
  emit changed();
}

void EarKnowledge::setAsked(Change change, bool on) {
  if (!book_.chosen() || studio_.readOnly()) return;
  std::erase(asked_, change);
  if (on) asked_.push_back(change);
  std::ranges::sort(asked_);
  notices_.worked(studio_.ears.keepAsked(book_.chosen()->id, asked_));
  emit changed();
}

void EarKnowledge::setOwnWords(Change change, const std::string& said) {
  if (!book_.chosen() || studio_.readOnly()) return;
  if (!notices_.worked(studio_.ears.keepWord(book_.chosen()->id, change, said))) return;
  if (said.empty())
    ownWords_.erase(change);
  else
    ownWords_[change] = said;
  emit changed();
}

void EarKnowledge::add(const EarAnswer& answer) {
  answers_.push_back(answer);
  if (book_.chosen() && !studio_.readOnly())
    notices_.worked(studio_.ears.keepAnswer(book_.chosen()->id, answer));
  emit changed();
}

}  // namespace calando
