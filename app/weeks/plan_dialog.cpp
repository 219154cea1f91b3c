#include "app/weeks/plan_dialog.h"

#include "app/parts/plain_dialog.h"
#include "app/parts/tight.h"
#include "app/session/common/today.h"
#include "app/session/lesson/planning.h"
#include "app/session/students/student_book.h"
#include "app/style/style.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"

namespace calando {

PlanDialog::PlanDialog(const Parts& parts, QWidget* parent)
    : QDialog(parent), parts_(parts), plan_(parts.planning.plan()) {
  setWindowTitle(tr("The plan of %1").arg(words::plain(parts.book.chosen()->name)));
  fitToScreen(*this, 720, 600);
  auto* buttons = plainButtons();
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  auto* layout = new QVBoxLayout(this);
  layout->setSpacing(3 * style::kStep);
  layout->addWidget(buildGate());
  layout->addWidget(buildSteps(), 2);
  layout->addWidget(buildHolidays(), 1);
  layout->addWidget(buttons);
}

QWidget* PlanDialog::buildGate() {
  auto* box = new QWidget;
  ownGate_ = new QCheckBox(tr("For this student, instead of what the exercises say:"));
  ownGate_->setObjectName("ownGate");
  const auto number = [](int least, int most, int value, const char* name) {
    auto* spin = new QSpinBox;
    spin->setRange(least, most);
    spin->setValue(value);
    spin->setObjectName(name);
    return spin;
  };
  const Gate gate = plan_.gate.value_or(Gate{});
  good_ = number(1, 20, gate.good, "gateGood");
  of_ = number(1, 20, gate.of, "gateOf");
  days_ = number(1, 7, gate.days, "gateDays");
  auto* row = tight(new QHBoxLayout(box), 2 * style::kStep);
  row->addWidget(ownGate_);
  row->addWidget(good_);
  row->addWidget(new QLabel(tr("good of the last")));
  row->addWidget(of_);
  row->addWidget(new QLabel(tr("on so many days:")));
  row->addWidget(days_);
  row->addStretch(1);
  ownGate_->setChecked(plan_.gate.has_value());
  const auto show = [this] {
    for (QSpinBox* spin : {good_, of_, days_}) spin->setEnabled(ownGate_->isChecked());
    good_->setMaximum(of_->value());
  };
  connect(ownGate_, &QCheckBox::toggled, this, show);
  connect(of_, &QSpinBox::valueChanged, this, show);
  show();
  return box;
}

QWidget* PlanDialog::buildSteps() {
  auto* box = new QWidget;
  steps_ = new QTableWidget(0, 3);
  steps_->setObjectName("planSteps");
  steps_->setHorizontalHeaderLabels({tr("Exercise"), tr("Asks"), tr("Stands")});
  steps_->setSelectionBehavior(QAbstractItemView::SelectRows);
  steps_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  steps_->verticalHeader()->hide();
  steps_->horizontalHeader()->setStretchLastSection(true);
  steps_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  fillSteps();
  auto* rest = new QPushButton(tr("Not before Monday"));
  rest->setObjectName("stepRests");
  auto* back = new QPushButton(tr("Bring it back"));
  back->setObjectName("stepBack");
  connect(rest, &QPushButton::clicked, this, [this] { restStep(true); });
  connect(back, &QPushButton::clicked, this, [this] { restStep(false); });
  auto* row = tight(new QHBoxLayout, 2 * style::kStep);
  row->addWidget(rest);
  row->addWidget(back);
  row->addStretch(1);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(steps_, 1);
  layout->addLayout(row);
  return box;
}

void PlanDialog::fillSteps() {
  PlanState state = parts_.planning.state();
  const PlanState with{plan_, state.order, state.past, state.range, state.today, state.find};
  steps_->setRowCount(static_cast<int>(with.order.size()));
  for (std::size_t row = 0; row < with.order.size(); ++row) {
    const Exercise& card = *with.order[row];
    const PlanStep* step = plan_.find(card.id);
    const auto asked = askedNow(plan_, card, with.past);
    QString stands = tr("not begun");
    if (step && step->left)
      stands = tr("left for now");
    else if (step && step->notBefore && with.today < *step->notBefore)
      stands = tr("rests until %1").arg(words::day(*step->notBefore));
    else if (isPractised(with, row))
      stands = isNew(with, card) ? tr("new") : tr("practised");
    int column = 0;
    for (const QString& text :
         {words::said(card.title), asked ? words::asking(card.grows, *asked) : QStringLiteral("–"), stands})
      steps_->setItem(static_cast<int>(row), column++, new QTableWidgetItem(text));
  }
}

void PlanDialog::restStep(bool rests) {
  const auto state = parts_.planning.state();
  const auto row = static_cast<std::size_t>(std::max(0, steps_->currentRow()));
  if (row >= state.order.size()) return;
  PlanStep& step = plan_.step(state.order[row]->id);
  step.left = false;
  step.notBefore = rests ? std::optional(mondayOf(state.today) + std::chrono::days(7)) : std::nullopt;
  if (!rests && !step.since) step.since = state.today;
  fillSteps();
  steps_->selectRow(static_cast<int>(row));
}

QWidget* PlanDialog::buildHolidays() {
  auto* box = new QWidget;
  holidays_ = new QListWidget;
  holidays_->setObjectName("holidays");
  holidays_->setAccessibleName(tr("Holidays"));
  from_ = new QDateEdit(dateOf(parts_.clock));
  to_ = new QDateEdit(dateOf(parts_.clock).addDays(6));
  for (QDateEdit* edit : {from_, to_}) edit->setCalendarPopup(true);
  auto* add = new QPushButton(tr("Add a holiday"));
  add->setObjectName("addHoliday");
  auto* remove = new QPushButton(tr("Remove"));
  connect(add, &QPushButton::clicked, this, &PlanDialog::addHoliday);
  connect(remove, &QPushButton::clicked, this, [this] {
    const int row = holidays_->currentRow();
    if (row < 0) return;
    plan_.holidays.erase(plan_.holidays.begin() + row);
    fillHolidays();
  });
  auto* row = tight(new QHBoxLayout, 2 * style::kStep);
  row->addWidget(new QLabel(tr("From")));
  row->addWidget(from_);
  row->addWidget(new QLabel(tr("to")));
  row->addWidget(to_);
  row->addWidget(add);
  row->addWidget(remove);
  row->addStretch(1);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  auto* head = new QLabel(tr("Holidays: nothing is on the sheet"));
  head->setObjectName("caption");
  layout->addWidget(head);
  layout->addWidget(holidays_, 1);
  layout->addLayout(row);
  fillHolidays();
  return box;
}

void PlanDialog::addHoliday() {
  const Day from = dayOf(from_->date()), to = dayOf(to_->date());
  plan_.holidays.push_back({std::min(from, to), std::max(from, to)});
  std::ranges::sort(plan_.holidays, {}, &Holiday::from);
  fillHolidays();
}

void PlanDialog::fillHolidays() {
  holidays_->clear();
  for (const Holiday& h : plan_.holidays)
    holidays_->addItem(tr("%1 to %2").arg(words::dayAndYear(h.from), words::dayAndYear(h.to)));
}

Plan PlanDialog::plan() const {
  Plan plan = plan_;
  plan.gate.reset();
  if (ownGate_->isChecked()) plan.gate = Gate{good_->value(), of_->value(), days_->value()};
  return plan;
}

}  // namespace calando
