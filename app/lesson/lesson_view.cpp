#include "app/lesson/lesson_view.h"

#include "app/lesson/step_delegate.h"
#include "app/parts/captioned.h"
#include "app/parts/menu_field.h"
#include "app/parts/tight.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/running_order.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/exercise/exercise.h"
#include "core/library/lesson.h"
#include "records/tables/order_table.h"

namespace calando {

namespace {

QString askedOf(const Exercise& card) {
  if (card.counted()) return LessonView::tr("%1 /min").arg(words::number(card.tempo_bpm, 0, false));
  for (const Cue& cue : card.cues)
    if (cue.length.unit == CueLength::Unit::seconds)
      return LessonView::tr("%1 s").arg(words::number(cue.length.value, 0, false));
  return {};
}

/// How the step stands, and what opens it or the one after it.
QString tipOn(const Exercise& card, const Standing& standing, const Gate& gate, int opensAfter) {
  const QString asked = askedOf(card);
  QStringList tip{words::said(card.title) + (asked.isEmpty() ? QString() : QStringLiteral(" · ") + asked),
                  words::said(card.purpose)};
  if (opensAfter > 0)
    tip << LessonView::tr("Opens after %n more good takes of the one before.", nullptr, opensAfter);
  tip << (standing.tries > 0
              ? LessonView::tr("Last take: %1. %2 of %3 were good; %4 of %5 open the next one.")
                    .arg(style::verdictWord(standing.last))
                    .arg(standing.good)
                    .arg(standing.tries)
                    .arg(gate.good)
                    .arg(gate.of)
              : LessonView::tr("Not tried yet."));
  return tip.join('\n');
}

}  // namespace

LessonView::LessonView(const Parts& parts)
    : parts_(parts),
      list_(new QListWidget),
      orders_(new MenuField(tr("Running order"))),
      order_(orders_->group("order")),
      edit_(new QAction(tr("Choose exercises…"), this)) {
  list_->setObjectName("lesson");
  list_->setAccessibleName(tr("Running order of the lesson"));
  list_->setItemDelegate(new StepDelegate(list_));
  list_->setFrameShape(QFrame::NoFrame);
  list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  edit_->setObjectName("editOrder");
  edit_->setToolTip(tr("All exercises: choose the lesson’s and their order, and make own ones"));
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addWidget(list_, 1);
  layout->addWidget(besideCaption(tr("Order"), orders_));
  Lesson& lesson = parts_.lesson;
  connect(list_, &QListWidget::currentRowChanged, this, &LessonView::choose);
  connect(edit_, &QAction::triggered, this, &LessonView::orderWanted);
  connect(orders_, &MenuField::chosen, this, [this](const QString&, const QVariant& order) {
    parts_.lesson.begin(order.value<std::vector<std::string>>());
  });
  for (const auto signal :
       {&Lesson::orderChanged, &Lesson::standingsChanged, &Lesson::stepChanged, &Lesson::cardsChanged})
    connect(&lesson, signal, this, &LessonView::fill);
  connect(&parts_.run, &TakeRun::phaseChanged, this, [this] {
    for (QWidget* field : std::initializer_list<QWidget*>{list_, orders_})
      field->setEnabled(parts_.session.allowed().choose);
  });
  fill();
}

void LessonView::fill() {
  const QSignalBlocker quiet(list_);
  const Lesson& lesson = parts_.lesson;
  const int scrolled = list_->verticalScrollBar()->value();
  list_->clear();
  QString group;
  const auto& steps = parts_.order.steps();
  for (std::size_t row = 0; row < steps.size(); ++row) {
    const ExercisePtr card = parts_.deck.find(steps[row]);
    if (!card) continue;
    const QString family = words::said(card->family);
    if (family != group) {
      auto* head = new QListWidgetItem(family);
      head->setData(StepDelegate::isGroup, true);
      head->setFlags(Qt::NoItemFlags);
      list_->addItem(head);
      group = family;
    }
    const Standing standing = lesson.standing(card->id);
    const Gate gate = lesson.gate(*card);
    auto* item = new QListWidgetItem(words::said(card->title));
    item->setData(StepDelegate::step, words::plain(card->id));
    if (standing.tries > 0) item->setData(StepDelegate::verdictRole, static_cast<int>(standing.last));
    if (gate.good > 0 && parts_.order.gated()) {
      item->setData(StepDelegate::ofRole, gate.of);
      item->setData(StepDelegate::goodRole, standing.good);
    }
    const int after = lesson.opensAfter(row);
    item->setData(StepDelegate::ajar, after > 0);
    item->setToolTip(tipOn(*card, standing, gate, after));
    list_->addItem(item);
    if (card->id == lesson.current()->id) list_->setCurrentItem(item);
  }
  list_->verticalScrollBar()->setValue(scrolled);
  if (QListWidgetItem* here = list_->currentItem()) list_->scrollToItem(here);
  fillOrders();
}

/// Those that ship, then the student's own by name; the present one is chosen.
void LessonView::fillOrders() {
  const RunningOrder& order = parts_.order;
  qDeleteAll(order_.actions());
  orders_->menu()->clear();
  bool shown = false;
  const auto offer = [&](const QString& name, const std::vector<std::string>& exercises) {
    QAction* action = orders_->offer(order_, name, QVariant::fromValue(exercises));
    if (shown || exercises != order.steps()) return;
    action->setChecked(true);
    orders_->say(name);
    shown = true;
  };
  for (const LessonTemplate& one : lessonsFor(parts_.book.instrument()))
    offer(words::said(one.label), one.exercises);
  if (!order.own().empty()) orders_->menu()->addSeparator();
  for (const OwnOrder& own : order.own()) offer(words::plain(own.name), order.playable(own.exercises));
  if (!shown) offer(words::plain(order.freeName()), order.steps());
  orders_->menu()->addSeparator();
  orders_->menu()->addAction(edit_);
}

void LessonView::choose() {
  const QListWidgetItem* item = list_->currentItem();
  if (item && !item->data(StepDelegate::isGroup).toBool())
    parts_.lesson.choose(item->data(StepDelegate::step).toString().toStdString());
}

}  // namespace calando
