#include "app/session/lesson/lesson.h"

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/running_order.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "core/exercise/exercise.h"
#include "records/studio.h"

namespace calando {

Lesson::Lesson(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, RunningOrder& order,
               Notices& notices)
    : studio_(studio), book_(book), takes_(takes), deck_(deck), order_(order), notices_(notices) {
  current_ = deck_.find(order_.steps().front());
  connect(&order_, &RunningOrder::loaded, this, &Lesson::orderLoaded);
  connect(&order_, &RunningOrder::changed, this, [this] {
    emit orderChanged();
    if (!currentRow()) choose(order_.steps().front());
  });
  connect(&deck_, &CardDeck::kept, this, [this](const std::string& id) {
    if (current_->id == id) current_ = deck_.find(id);
    emit cardsChanged();
  });
  connect(&deck_, &CardDeck::reloaded, this, &Lesson::cardsChanged);
  connect(&deck_, &CardDeck::worded, this, &Lesson::cardsChanged);
  connect(&takes_, &TakeList::takesChanged, this, &Lesson::standingsChanged);
  connect(&takes_, &TakeList::takeAdded, this, &Lesson::standingsChanged);
  connect(&takes_, &TakeList::takeChanged, this, &Lesson::standingsChanged);
}

/// Somebody else's step does not stay; one's own does as long as it is there.
void Lesson::orderLoaded() {
  if (const Student* student = book_.chosen(); student && student_ != student->id) {
    student_ = student->id;
    standsFor_.clear();
    here_unix_s_ = studio_.clock().now_unix_s();
  }
  if (!currentRow() && standsFor().empty()) current_ = deck_.find(order_.steps().front());
  emit orderChanged();
  emit stepChanged();
}

std::optional<std::size_t> Lesson::currentRow() const {
  const auto& steps = order_.steps();
  const auto row = std::ranges::find(steps, current_->id);
  return row == steps.end() ? std::nullopt : std::optional(static_cast<std::size_t>(row - steps.begin()));
}

bool Lesson::setCurrent(const std::string& exercise) {
  const ExercisePtr card = deck_.find(exercise);
  if (!card) return false;
  current_ = card;
  return true;
}

void Lesson::choose(const std::string& exercise) {
  if (!setCurrent(exercise)) return;
  standsFor_.clear();
  if (!currentRow()) {
    std::vector<std::string> longer = order_.steps();
    longer.push_back(exercise);
    order_.change(std::move(longer));
  }
  emit stepChanged();
  emit stepChosen();
}

void Lesson::begin(std::vector<std::string> order) {
  order_.set(std::move(order));
  choose(order_.steps().front());
}

void Lesson::next() {
  const auto& steps = order_.steps();
  const auto here = std::ranges::find(steps, standsFor().empty() ? current_->id : standsFor_);
  const auto after = static_cast<std::size_t>(here - steps.begin()) + 1;
  choose(here == steps.end() ? steps.front() : steps[after % steps.size()]);
}

void Lesson::standIn(const std::string& exercise) {
  const std::string before = standsFor().empty() ? current_->id : standsFor_;
  if (!setCurrent(exercise)) return;
  standsIn_ = exercise;
  standsFor_ = before;
  emit stepChanged();
  emit stepChosen();
}

std::string Lesson::standsFor() const { return current_->id == standsIn_ ? standsFor_ : std::string(); }

void Lesson::show(const std::string& exercise) {
  if (setCurrent(exercise)) emit stepChanged();
}

Gate Lesson::gate(const Exercise& card) const { return gateOf(card, gate_); }

Standing Lesson::standing(const std::string& exercise) const {
  const ExercisePtr card = deck_.find(exercise);
  return card ? standingOf(takes_.past(), *card, gate(*card)) : Standing{};
}

int Lesson::opensAfter(std::size_t row) const {
  const auto& steps = order_.steps();
  if (row == 0 || row >= steps.size() || !order_.gated()) return 0;
  if (standing(steps[row]).tries > 0) return 0;  // it has been opened
  const ExercisePtr before = deck_.find(steps[row - 1]);
  return before ? standing(steps[row - 1]).toCome(gate(*before)) : 0;
}

void Lesson::setGate(std::optional<Gate> gate) {
  gate_ = gate;
  emit standingsChanged();
}

std::optional<int> Lesson::doseDone() const {
  const Today today(studio_.clock());
  const int done = madeBetween(takes_.past(), current_->id, today.from_unix_s, today.to_unix_s);
  return current_->mostPerDay == 0 || done < current_->mostPerDay ? std::nullopt : std::optional(done);
}

std::optional<ComparisonTake> Lesson::rival() const { return rivalFor(takes_.past(), *current_, model()); }

std::optional<std::int64_t> Lesson::model() const {
  const Student* student = book_.chosen();
  return student ? studio_.orders.model(student->id, current_->id).value_or(std::nullopt) : std::nullopt;
}

bool Lesson::setModel(std::optional<std::int64_t> take) {
  const Student* student = book_.chosen();
  return student && notices_.worked(studio_.orders.keepModel(student->id, current_->id, take));
}

int Lesson::clock_s() const {
  return book_.chosen() ? static_cast<int>(studio_.clock().now_unix_s() - here_unix_s_) : 0;
}

}  // namespace calando
