#include "app/session/lesson/lesson.h"

#include <QDateTime>

#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "core/library/cards.h"
#include "records/studio.h"

namespace calando {

Lesson::Lesson(Studio& studio, StudentBook& book, Notices& notices, Undo& undo)
    : studio_(studio), book_(book), notices_(notices), undo_(undo) {
  rest_.setInterval(1000);
  connect(&rest_, &QTimer::timeout, this, [this] {
    if (restLeft_s() <= 0) rest_.stop();
    emit restLeft(restLeft_s());
  });
  loadCards();
  order_ = lessonTemplates().front().exercises;
  current_ = find(order_.front());
  connect(&book_, &StudentBook::studentChanged, this, [this] {
    loadOrder();
    if (restLeft_s() > 0) rest_.start();
    emit restLeft(restLeft_s());
  });
  connect(&book_, &StudentBook::erasing, this,
          [this](std::int64_t student) { restsUntil_ms_.erase(student); });
  connect(&book_, &StudentBook::takesChanged, this, &Lesson::standingsChanged);
  connect(&book_, &StudentBook::takeAdded, this, &Lesson::standingsChanged);
  connect(&book_, &StudentBook::takeChanged, this, &Lesson::standingsChanged);
}

void Lesson::loadCards() {
  auto cards = studio_.cards.all();
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
    const std::string stem = "own-" + std::to_string(studio_.clock().now_unix_s());
    card.id = stem;
    for (int i = 2; find(card.id); ++i) card.id = stem + "-" + std::to_string(i);
  }
  const ExercisePtr was = isOwn(card.id) ? find(card.id) : nullptr;
  if (!notices_.worked(studio_.cards.keep(card))) return std::nullopt;
  undo_.push({}, before::Card{card.id, was});
  loadCards();
  if (current_->id == card.id) current_ = find(card.id);
  emit cardsChanged();
  return card.id;
}

bool Lesson::eraseCard(const std::string& id) {
  const ExercisePtr was = find(id);
  if (!isOwn(id) || !notices_.worked(studio_.cards.erase(id))) return false;
  undo_.push({}, before::Card{id, was});
  loadCards();
  loadOrder();  // what is no more there is in no order; brought back, it is again
  emit cardsChanged();
  return true;
}

bool Lesson::putBack(const before::Card& was) {
  const bool back = notices_.worked(was.card ? studio_.cards.keep(*was.card) : studio_.cards.erase(was.id));
  loadCards();
  loadOrder();
  emit cardsChanged();
  return back;
}

void Lesson::setSchool(const std::string& school) {
  if (notices_.worked(studio_.settings.keep(settings::school, school))) emit cardsChanged();
}

/// The student's own running order, or one to start from.
void Lesson::loadOrder() {
  const Student* student = book_.chosen();
  if (student && student_ != student->id) {
    student_ = student->id;
    here_unix_s_ = studio_.clock().now_unix_s();
  }
  std::vector<std::string> order;
  if (student) order = studio_.orders.of(student->id).value_or(order);
  ownOrders_.clear();
  if (student) ownOrders_ = studio_.orders.own(student->id).value_or(ownOrders_);
  std::erase_if(order, [this](const std::string& id) { return !find(id); });
  order_ = order.empty() ? lessonTemplates().front().exercises : order;
  // Somebody else's step does not stay; one's own does as long as it is there.
  if (std::ranges::find(order_, current_->id) == order_.end()) current_ = find(order_.front());
  emit orderChanged();
  emit stepChanged();
}

bool Lesson::isShipped(const std::vector<std::string>& exercises) const {
  return std::ranges::any_of(lessonTemplates(), [&](const auto& one) { return one.exercises == exercises; });
}

const OwnOrder* Lesson::presentOwn() const {
  const auto own = std::ranges::find(ownOrders_, order_, &OwnOrder::exercises);
  return own == ownOrders_.end() ? nullptr : &*own;
}

std::string Lesson::freeName() const {
  const QString stem = tr("Own order");
  for (int i = 1;; ++i) {
    const std::string name = (i == 1 ? stem : tr("%1 %2", "a name, a number").arg(stem).arg(i)).toStdString();
    if (std::ranges::find(ownOrders_, name, &OwnOrder::name) == ownOrders_.end()) return name;
  }
}

bool Lesson::keepOwn(std::int64_t student, const OwnOrder& order) {
  if (!notices_.worked(studio_.orders.keepOwn(student, order))) return false;
  std::erase_if(ownOrders_, [&](const OwnOrder& own) { return own.name == order.name; });
  if (!order.exercises.empty()) ownOrders_.push_back(order);
  std::ranges::sort(ownOrders_, {}, &OwnOrder::name);
  return true;
}

void Lesson::nameWhatHasNone() {
  if (const auto student = book_.chosenId(); student && !isShipped(order_) && !presentOwn())
    keepOwn(*student, {freeName(), order_});
}

void Lesson::canUndoOrder(before::Order was) {
  if (const auto student = book_.chosenId()) undo_.push({.student = *student}, std::move(was));
}

void Lesson::setOrder(std::vector<std::string> exercises) {
  std::erase_if(exercises, [this](const std::string& id) { return !find(id); });
  if (exercises.empty()) exercises = lessonTemplates().front().exercises;
  if (exercises == order_) return;
  if (!studio_.readOnly()) {
    canUndoOrder(orderNow());
    nameWhatHasNone();
  }
  order_ = std::move(exercises);
  if (book_.chosen() && !studio_.readOnly()) notices_.worked(studio_.orders.keep(book_.chosen()->id, order_));
  emit orderChanged();
  if (!currentRow()) choose(order_.front());
}

void Lesson::changeOrder(std::vector<std::string> exercises, const std::string& name) {
  const auto student = book_.chosenId();
  std::erase_if(exercises, [this](const std::string& id) { return !find(id); });
  if (!student || studio_.readOnly() || exercises.empty()) return setOrder(std::move(exercises));
  const OwnOrder* own = presentOwn();
  const std::string before = own ? own->name : std::string();
  const std::string wanted = !name.empty() ? name : own ? own->name : freeName();
  if (exercises == order_ && (name.empty() || wanted == before)) return;
  canUndoOrder(orderNow());
  if (own && wanted != before) keepOwn(*student, {before, {}});
  if (!isShipped(exercises) || !before.empty() || !name.empty()) keepOwn(*student, {wanted, exercises});
  order_ = std::move(exercises);
  notices_.worked(studio_.orders.keep(*student, order_));
  emit orderChanged();
  if (!currentRow()) choose(order_.front());
}

bool Lesson::putBack(std::int64_t student, const before::Order& was) {
  const auto own = studio_.orders.own(student);
  if (!book_.find(student) || !notices_.worked(own)) return false;
  const bool back = notices_.worked(studio_.atOnce([&]() -> Studio::Result<void> {
    for (const OwnOrder& one : *own)
      if (const auto gone = studio_.orders.keepOwn(student, {one.name, {}}); !gone) return gone;
    for (const OwnOrder& one : was.own)
      if (const auto kept = studio_.orders.keepOwn(student, one); !kept) return kept;
    return studio_.orders.keep(student, was.present);
  }));
  if (student == book_.chosenId()) loadOrder();
  return back;
}

bool Lesson::putOrder(std::int64_t student, const std::vector<std::string>& exercises) {
  if (student != book_.chosenId()) return notices_.worked(studio_.orders.keep(student, exercises));
  if (exercises == order_) return true;
  // An own one goes along with what becomes of it.
  if (const OwnOrder* own = presentOwn()) keepOwn(student, {own->name, exercises});
  order_ = exercises;
  const bool kept = notices_.worked(studio_.orders.keep(student, order_));
  emit orderChanged();
  if (!currentRow()) choose(order_.front());
  return kept;
}

std::optional<std::size_t> Lesson::currentRow() const {
  const auto row = std::ranges::find(order_, current_->id);
  return row == order_.end() ? std::nullopt : std::optional(static_cast<std::size_t>(row - order_.begin()));
}

bool Lesson::setCurrent(const std::string& exercise) {
  const ExercisePtr card = find(exercise);
  if (!card) return false;
  current_ = card;
  return true;
}

void Lesson::choose(const std::string& exercise) {
  if (!setCurrent(exercise)) return;
  if (!currentRow()) {
    std::vector<std::string> longer = order_;
    longer.push_back(exercise);
    changeOrder(std::move(longer));
  }
  emit stepChanged();
  emit stepChosen();
}

void Lesson::next() { choose(currentRow() ? order_[(*currentRow() + 1) % order_.size()] : order_.front()); }

void Lesson::show(const std::string& exercise) {
  if (setCurrent(exercise)) emit stepChanged();
}

Standing Lesson::standing(const std::string& exercise) const {
  const ExercisePtr card = find(exercise);
  return card ? standingOf(book_.past(), *card, gate(*card)) : Standing{};
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
  const Today today(studio_.clock());
  const int done = madeBetween(book_.past(), current_->id, today.from_unix_s, today.to_unix_s);
  return current_->mostPerDay == 0 || done < current_->mostPerDay ? std::nullopt : std::optional(done);
}

std::optional<ComparisonTake> Lesson::rival() const { return rivalFor(book_.past(), *current_, model()); }

std::optional<std::int64_t> Lesson::model() const {
  const Student* student = book_.chosen();
  return student ? studio_.orders.model(student->id, current_->id).value_or(std::nullopt) : std::nullopt;
}

bool Lesson::setModel(std::optional<std::int64_t> take) {
  const Student* student = book_.chosen();
  return student && notices_.worked(studio_.orders.keepModel(student->id, current_->id, take));
}

int Lesson::restLeft_s() const {
  const auto rest = book_.chosen() ? restsUntil_ms_.find(book_.chosen()->id) : restsUntil_ms_.end();
  if (rest == restsUntil_ms_.end()) return 0;
  return static_cast<int>(std::max<std::int64_t>(0, rest->second - studio_.clock().now_ms() + 999) / 1000);
}

void Lesson::forgiveRest() {
  rest_.stop();
  if (book_.chosen()) restsUntil_ms_.erase(book_.chosen()->id);
  emit restLeft(0);
}

void Lesson::oweRest(std::int64_t student, double seconds) {
  restsUntil_ms_[student] = studio_.clock().now_ms() + static_cast<std::int64_t>(1000.0 * seconds);
  if (restLeft_s() > 0) rest_.start();
  emit restLeft(restLeft_s());
}

int Lesson::clock_s() const {
  return book_.chosen() ? static_cast<int>(studio_.clock().now_unix_s() - here_unix_s_) : 0;
}

std::string Lesson::school() const { return studio_.settings.get(settings::school); }

before::Order Lesson::orderNow() const { return {order_, ownOrders_}; }

}  // namespace calando
