#include "app/session/lesson.h"

#include <QDateTime>

#include "app/session/today.h"
#include "core/library/cards.h"

namespace calando {

Lesson::Lesson(Studio& studio, Roster& roster, Notices& notices, Undo& undo)
    : studio_(studio), roster_(roster), notices_(notices), undo_(undo) {
  rest_.setInterval(1000);
  connect(&rest_, &QTimer::timeout, this, [this] {
    if (--restLeft_s_ <= 0) rest_.stop();
    emit restLeft(restLeft_s_);
  });
  loadCards();
  order_ = lessonTemplates().front().exercises;
  current_ = find(order_.front());
  connect(&roster_, &Roster::studentChanged, this, &Lesson::loadOrder);
  connect(&roster_, &Roster::takesChanged, this, &Lesson::standingsChanged);
  connect(&roster_, &Roster::takeAdded, this, &Lesson::standingsChanged);
  connect(&roster_, &Roster::takeChanged, this, &Lesson::standingsChanged);
}

void Lesson::loadCards() {
  auto cards = studio_.cards();
  if (!notices_.worked(cards)) return;
  own_.clear();
  for (Exercise& card : *cards) own_.push_back(std::make_shared<Exercise>(std::move(card)));
}

void Lesson::reload() {
  loadCards();
  loadOrder();
  emit cardsChanged();
}

bool Lesson::isOwn(const std::string& exercise) const {
  return std::ranges::any_of(own_, [&](const auto& card) { return card->id == exercise; });
}

ExercisePtr Lesson::find(const std::string& exercise) const {
  for (const auto* list : {&own_, &lent_})
    for (const ExercisePtr& card : *list)
      if (card->id == exercise) return card;
  return findExercise(exercise);
}

void Lesson::lend(const Exercise& card) {
  if (!find(card.id)) lent_.push_back(std::make_shared<Exercise>(card));
}

std::optional<std::string> Lesson::keepCard(Exercise card) {
  if (!isOwn(card.id)) {
    // An id of its own, whatever the title.
    const std::string stem = "own-" + std::to_string(QDateTime::currentSecsSinceEpoch());
    card.id = stem;
    for (int i = 2; find(card.id); ++i) card.id = stem + "-" + std::to_string(i);
  }
  const ExercisePtr was = isOwn(card.id) ? find(card.id) : nullptr;
  if (!notices_.worked(studio_.keepCard(card))) return std::nullopt;
  canUndo(card.id, was);
  loadCards();
  if (current_->id == card.id) current_ = find(card.id);
  emit cardsChanged();
  return card.id;
}

bool Lesson::eraseCard(const std::string& id) {
  const ExercisePtr was = find(id);
  if (!isOwn(id) || !notices_.worked(studio_.eraseCard(id))) return false;
  canUndo(id, was);
  loadCards();
  std::vector<std::string> order = order_;
  setOrder(std::move(order));
  emit cardsChanged();
  return true;
}

void Lesson::canUndo(const std::string& id, const ExercisePtr& was) {
  undo_.push([this, id, was] {
    notices_.worked(was ? studio_.keepCard(*was) : studio_.eraseCard(id));
    loadCards();
    loadOrder();
    emit cardsChanged();
  });
}

void Lesson::setSchool(const std::string& school) {
  if (notices_.worked(studio_.keep(settings::school, school))) emit cardsChanged();
}

/// The student's own running order, or one to start from.
void Lesson::loadOrder() {
  const Student* student = roster_.chosen();
  if (student && student_ != student->id) {
    student_ = student->id;
    here_unix_s_ = QDateTime::currentSecsSinceEpoch();
  }
  std::vector<std::string> order;
  if (student) order = studio_.order(student->id).value_or(order);
  std::erase_if(order, [this](const std::string& id) { return !find(id); });
  order_ = order.empty() ? lessonTemplates().front().exercises : order;
  // Somebody else's step does not stay; one's own does as long as it is there.
  if (std::ranges::find(order_, current_->id) == order_.end()) current_ = find(order_.front());
  emit orderChanged();
  emit stepChanged();
}

void Lesson::setOrder(std::vector<std::string> exercises) {
  std::erase_if(exercises, [this](const std::string& id) { return !find(id); });
  if (exercises.empty()) exercises = lessonTemplates().front().exercises;
  order_ = std::move(exercises);
  if (roster_.chosen() && !studio_.readOnly())
    notices_.worked(studio_.keepOrder(roster_.chosen()->id, order_));
  emit orderChanged();
  if (std::ranges::find(order_, current_->id) == order_.end()) choose(order_.front());
}

std::size_t Lesson::currentRow() const {
  return static_cast<std::size_t>(std::ranges::find(order_, current_->id) - order_.begin());
}

bool Lesson::setCurrent(const std::string& exercise) {
  const ExercisePtr card = find(exercise);
  if (!card) return false;
  current_ = card;
  return true;
}

void Lesson::choose(const std::string& exercise) {
  if (!setCurrent(exercise)) return;
  if (std::ranges::find(order_, exercise) == order_.end()) {
    order_.push_back(exercise);
    if (roster_.chosen() && !studio_.readOnly())
      notices_.worked(studio_.keepOrder(roster_.chosen()->id, order_));
    emit orderChanged();
  }
  emit stepChanged();
  emit stepChosen();
}

void Lesson::next() { choose(order_[(currentRow() + 1) % order_.size()]); }

void Lesson::show(const std::string& exercise) {
  if (!setCurrent(exercise)) return;
  if (std::ranges::find(order_, exercise) == order_.end()) {
    order_.push_back(exercise);
    emit orderChanged();
  }
  emit stepChanged();
}

Standing Lesson::standing(const std::string& exercise) const {
  const ExercisePtr card = find(exercise);
  return card ? standingOf(roster_.past(), *card, gate(*card)) : Standing{};
}

int Lesson::opensAfter(std::size_t row) const {
  if (row == 0 || row >= order_.size()) return 0;
  if (standing(order_[row]).tries > 0) return 0;  // it has been opened
  const ExercisePtr before = find(order_[row - 1]);
  return before ? standing(order_[row - 1]).toCome(gate(*before)) : 0;
}

void Lesson::setGate(std::optional<Gate> gate) {
  gate_ = gate;
  emit standingsChanged();
}

std::optional<int> Lesson::doseDone() const {
  const Today today;
  const int done = madeBetween(roster_.past(), current_->id, today.from_unix_s, today.to_unix_s);
  return current_->mostPerDay == 0 || done < current_->mostPerDay ? std::nullopt : std::optional(done);
}

std::optional<Rival> Lesson::rival() const { return rivalFor(roster_.past(), *current_, model()); }

std::optional<std::int64_t> Lesson::model() const {
  const Student* student = roster_.chosen();
  return student ? studio_.model(student->id, current_->id).value_or(std::nullopt) : std::nullopt;
}

bool Lesson::setModel(std::optional<std::int64_t> take) {
  const Student* student = roster_.chosen();
  return student && notices_.worked(studio_.keepModel(student->id, current_->id, take));
}

void Lesson::forgiveRest() {
  rest_.stop();
  restLeft_s_ = 0;
  emit restLeft(0);
}

void Lesson::oweRest() {
  restLeft_s_ = static_cast<int>(current_->rest_s);
  if (restLeft_s_ > 0) rest_.start();
  emit restLeft(restLeft_s_);
}

int Lesson::clock_s() const {
  return roster_.chosen() ? static_cast<int>(QDateTime::currentSecsSinceEpoch() - here_unix_s_) : 0;
}

}  // namespace calando
