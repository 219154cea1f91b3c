#include "app/session/lesson/safety.h"

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "core/judging/discipline.h"
#include "core/library/experience.h"
#include "core/plan/sheet.h"
#include "records/studio.h"

namespace calando {

namespace {
constexpr std::size_t kMostCautions = 3;
}

Safety::Safety(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, Lesson& lesson,
               RestClock& rest, Notices& notices)
    : studio_(studio),
      book_(book),
      takes_(takes),
      deck_(deck),
      lesson_(lesson),
      rest_(rest),
      notices_(notices) {
  const auto hide = [this] {
    oneMore_ = false;
    if (std::exchange(showsCaution_, false)) emit changed();
  };
  connect(&book_, &StudentBook::studentChanged, this, [this, hide] {
    load();
    hide();
  });
  connect(&lesson_, &Lesson::stepChosen, this, hide);
  connect(&takes_, &TakeList::takeAdded, this, &Safety::noteReason);
}

void Safety::load() {
  stops_.clear();
  if (const Student* student = book_.chosen()) stops_ = studio_.students.stops(student->id).value_or(stops_);
}

std::optional<Safety::OnesDay> Safety::day() const {
  const Student* student = book_.chosen();
  return student ? std::optional(OnesDay{student->id, dateOf(studio_.clock())}) : std::nullopt;
}

ExercisePtr Safety::cardOf(const Take& take) const {
  return take.asked.card.empty() ? deck_.find(take.asked.exercise) : calando::cardOf(take.asked);
}

std::vector<const Take*> Safety::takesOfToday() const {
  const Today today(studio_.clock());
  std::vector<const Take*> list;
  for (const Take& take : takes_.all())
    if (today.holds(take.made_unix_s)) list.push_back(&take);
  return list;
}

const Take* Safety::newestBreath() const {
  for (const Take* take : takesOfToday())
    if (const ExercisePtr card = cardOf(*take); card && disciplineOf(*card).withCare) return take;
  return nullptr;
}

std::optional<Stop> Safety::closed() const {
  const Stop* stop = closing(stops_, *lesson_.current(), Today(studio_.clock()).from_unix_s);
  return stop ? std::optional(*stop) : std::nullopt;
}

QTime Safety::timeOf(const Stop& stop) const { return QDateTime::fromSecsSinceEpoch(stop.at_unix_s).time(); }

/// Of an open tone what was held, of a counted one what it asks for.
double Safety::soundedIn(const Take& take, const Exercise& card) const {
  if (!card.counted()) return take.held_s.value_or(take.seconds);
  const SetLength set = lengthOf(card, std::nullopt, take.asked.instrument, take.asked.range);
  return std::min(set.work_s, take.seconds);
}

/// Of the small part and of long tones all that sounded today counts, whatever the card.
std::optional<Safety::Enough> Safety::enough() const {
  if (const auto takes = lesson_.doseDone()) return Enough{*takes};
  const Student* student = book_.chosen();
  const Dosed of = dosedOf(*lesson_.current());
  if (!student || of == Dosed::nothing) return std::nullopt;
  Enough enough{0, of};
  for (const Take* take : takesOfToday())
    if (const ExercisePtr card = cardOf(*take); card && dosedOf(*card) == of)
      enough.sounded_s += soundedIn(*take, *card);
  const Beginning doses = beginningOf(student->experience);
  const double most_s = of == Dosed::smallPart ? doses.smallPart_s_a_day : doses.longTones_s_a_day;
  return enough.sounded_s >= most_s ? std::optional(enough) : std::nullopt;
}

std::optional<Fatigue> Safety::newlyTired() {
  if (saidTired_ == day()) return std::nullopt;
  const auto tired = fatigueOn(takes_.past(), today(studio_.clock()));
  if (tired) saidTired_ = day();
  return tired;
}

Safety::Before Safety::before() const {
  if (closed()) return Before::over;
  if (enough() && !oneMore_) return Before::doseDone;
  if (!disciplineOf(*lesson_.current()).withCare) return Before::nothing;
  if (cautioned_ != day() && !newestBreath()) return Before::readCaution;
  return rest_.left_s() > 0 ? Before::rest : Before::nothing;
}

void Safety::showCaution() {
  showsCaution_ = true;
  emit changed();
}

void Safety::cautionRead() {
  cautioned_ = day();
  showsCaution_ = false;
  emit changed();
}

std::vector<Caution> Safety::unread() const {
  const Instrument* instrument = book_.instrument();
  std::vector<Caution> list = cautionsOf(*lesson_.current(), instrument);
  for (const Take* take : takesOfToday())
    if (const ExercisePtr card = cardOf(*take))
      for (const Caution& seen : cautionsOf(*card, instrument))
        std::erase_if(list, [&](const Caution& one) { return one.id == seen.id; });
  if (list.size() > kMostCautions) list.resize(kMostCautions);
  return list;
}

bool Safety::keep(const Stop& stop) {
  const auto same = std::ranges::find(stops_, stop.at_unix_s, &Stop::at_unix_s);
  if (same == stops_.end())
    stops_.push_back(stop);
  else
    *same = stop;
  const bool kept = notices_.worked(studio_.students.keepStop(stop));
  emit changed();
  return kept;
}

void Safety::stop(bool inTake) {
  const auto student = book_.chosenId();
  if (!student) return;
  const Work work = workOf(*lesson_.current());
  keep({*student, studio_.clock().now_unix_s(), work == Work::breath ? StopReason::dizzy : StopReason::enough,
        work});
  const Take* newest = newestBreath();
  if (inTake || !newest || newest->stopped || work != Work::breath) return;
  Take take = *newest;
  take.stopped = true;
  takes_.change(take);
  noted_ = take.id;
}

void Safety::because(StopReason reason) {
  if (stops_.empty()) return;
  Stop stop = stops_.back();
  stop.reason = reason;
  keep(stop);
  noteReason();
}

/// The take that was stopped says why, once it is there.
void Safety::noteReason() {
  if (stops_.empty() || takes_.all().empty()) return;
  const Stop& stop = stops_.back();
  Take take = takes_.all().front();
  const bool its =
      take.stopped && take.made_unix_s >= stop.at_unix_s - static_cast<std::int64_t>(take.seconds) - 1;
  if (!its || (take.stopReason == stop.reason && stop.reason != StopReason::none)) return;
  take.stopReason = stop.reason;
  take.stopped = stop.reason != StopReason::none;
  takes_.change(take);
}

void Safety::openAgain() {
  const std::int64_t now = studio_.clock().now_unix_s();
  for (auto stop = closed(); stop; stop = closed()) {
    stop->opened_unix_s = now;
    if (!keep(*stop)) break;
  }
  if (const Take* take = noted_ ? takes_.find(*std::exchange(noted_, std::nullopt)) : nullptr) {
    Take counts = *take;
    counts.stopped = false;
    counts.stopReason = StopReason::none;
    takes_.change(counts);
  }
  emit changed();
}

}  // namespace calando
