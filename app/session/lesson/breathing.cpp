#include "app/session/lesson/breathing.h"

#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "core/judging/discipline.h"
#include "records/studio.h"

namespace calando {

Breathing::Breathing(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, Lesson& lesson,
                     RestClock& rest)
    : studio_(studio), book_(book), takes_(takes), deck_(deck), lesson_(lesson), rest_(rest) {
  const auto hide = [this] {
    if (std::exchange(showsCaution_, false)) emit changed();
  };
  connect(&book_, &StudentBook::studentChanged, this, hide);
  connect(&lesson_, &Lesson::stepChosen, this, hide);
}

std::optional<Breathing::Day> Breathing::day() const {
  const Student* student = book_.chosen();
  return student ? std::optional(Day{student->id, dateOf(studio_.clock())}) : std::nullopt;
}

bool Breathing::isBreathTake(const Take& take) const {
  const ExercisePtr card = take.asked.card.empty() ? deck_.find(take.asked.exercise) : cardOf(take.asked);
  return card && disciplineOf(*card).withCare;
}

std::optional<Take> Breathing::newestOfToday() const {
  const Today today(studio_.clock());
  for (const Take& take : takes_.all())
    if (today.holds(take.made_unix_s) && isBreathTake(take)) return take;
  return std::nullopt;
}

std::optional<QTime> Breathing::stoppedAt() const {
  std::int64_t at = stopped_ && stopped_ == day() ? stopped_unix_s_ : 0;
  const Today today(studio_.clock());
  for (const Take& take : takes_.all())
    if (take.stopped && today.holds(take.made_unix_s)) at = std::max(at, take.made_unix_s);
  return at > opened_unix_s_ ? std::optional(QDateTime::fromSecsSinceEpoch(at).time()) : std::nullopt;
}

Breathing::Before Breathing::before() const {
  if (!disciplineOf(*lesson_.current()).withCare) return Before::nothing;
  if (stoppedAt()) return Before::over;
  if (lesson_.doseDone()) return Before::doseDone;
  if (cautioned_ != day() && !newestOfToday()) return Before::readCaution;
  return rest_.left_s() > 0 ? Before::rest : Before::nothing;
}

void Breathing::showCaution() {
  showsCaution_ = true;
  emit changed();
}

void Breathing::cautionRead() {
  cautioned_ = day();
  showsCaution_ = false;
  emit changed();
}

void Breathing::stop(bool inTake) {
  stopped_ = day();
  stopped_unix_s_ = studio_.clock().now_unix_s();
  opened_unix_s_ = std::min(opened_unix_s_, stopped_unix_s_ - 1);
  if (auto take = newestOfToday(); !inTake && take && !take->stopped) {
    take->stopped = true;
    takes_.change(*take);
    noted_ = take->id;
  }
  emit changed();
}

void Breathing::openAgain() {
  opened_unix_s_ = studio_.clock().now_unix_s();
  stopped_.reset();
  if (const Take* take = noted_ ? takes_.find(*std::exchange(noted_, std::nullopt)) : nullptr) {
    Take counts = *take;
    counts.stopped = false;
    takes_.change(counts);
  }
  emit changed();
}

}  // namespace calando
