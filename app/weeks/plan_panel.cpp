#include "app/weeks/plan_panel.h"

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/planning.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "core/growth/fatigue.h"
#include "core/growth/growth.h"

namespace calando {

namespace {

constexpr int kMinutes[] = {10, 15, 20, 30, 40};
constexpr double kFilled = 0.75;  // of the minutes
constexpr int kPractice_weeks = 5;

QLabel* line(double points, bool serif = false) {
  auto* label = new QLabel;
  label->setFont(serif ? style::serif(points) : style::work(points));
  label->setWordWrap(true);
  return label;
}

}  // namespace

QString figuresOf(const Proposal& proposal, const PlanState& state) {
  QStringList values;
  const Figure* figure = nullptr;
  for (const std::int64_t id : proposal.takes) {
    const auto take = std::ranges::find(state.past, id, &PastTake::id);
    if (take == state.past.end() || !take->kept) continue;
    const ExercisePtr card = state.find(take->exercise);
    if (!figure && card && !card->readings.empty()) figure = findFigure(card->readings.front());
    if (!figure) continue;
    const auto value = take->kept->values.find(std::string(figure->id));
    if (value != take->kept->values.end()) values.prepend(words::number(value->second, figure->print));
  }
  if (values.isEmpty()) return {};
  const QString unit = words::unit(*figure);
  return PlanPanel::tr("%1 %2", "a figure and its values")
             .arg(words::label(*figure).toLower(), values.join(QStringLiteral(" · "))) +
         (unit.isEmpty() ? QString() : " " + unit);
}

PlanPanel::PlanPanel(const Parts& parts, QWidget* waysOut)
    : parts_(parts),
      title_(line(style::kTitleType, true)),
      what_(line(style::kStrongType)),
      why_(line(style::kType)),
      more_(line(style::kType)),
      other_(new QDoubleSpinBox),
      take_(new QPushButton(tr("Agree"))),
      refuse_(new QPushButton(tr("Not yet"))),
      minutes_(new QComboBox),
      today_(line(style::kType)),
      load_(line(style::kType)),
      tired_(line(style::kType)) {
  auto* row = tight(new QHBoxLayout(this), 6 * style::kStep);
  row->addWidget(buildNext(), 5);
  row->addWidget(buildWeek(), 5);
  row->addWidget(buildLoad(waysOut), 3);
  connect(&parts_.planning, &Planning::changed, this, &PlanPanel::refresh);
  connect(&parts_.planning, &Planning::practicesChanged, this, &PlanPanel::refresh);
  refresh();
}

QWidget* PlanPanel::buildNext() {
  auto* box = new QWidget;
  title_->setObjectName("proposal");
  why_->setObjectName("proposalWhy");
  take_->setObjectName("proposalTake");
  refuse_->setObjectName("proposalRefuse");
  other_->setObjectName("proposalOther");
  take_->setToolTip(tipOf("proposal-take"));
  refuse_->setToolTip(tipOf("proposal-refuse"));
  other_->setToolTip(tr("Another value than the proposed one"));
  other_->setAccessibleName(other_->toolTip());
  other_->setDecimals(0);
  other_->setRange(1, 400);
  connect(take_, &QPushButton::clicked, this, &PlanPanel::take);
  connect(refuse_, &QPushButton::clicked, this, &PlanPanel::refuse);
  auto* keys = tight(new QHBoxLayout, 2 * style::kStep);
  keys->addWidget(take_);
  keys->addWidget(other_);
  keys->addWidget(refuse_);
  keys->addWidget(more_, 1);
  auto* layout = tight(new QVBoxLayout(box), style::kStep);
  layout->addWidget(caption(tr("Next")));
  layout->addWidget(title_);
  layout->addWidget(what_);
  layout->addWidget(why_);
  layout->addLayout(keys);
  layout->addStretch(1);
  return box;
}

QWidget* PlanPanel::buildWeek() {
  auto* box = new QWidget;
  minutes_->setObjectName("minutes");
  minutes_->setMinimumContentsLength(6);
  minutes_->setAccessibleName(tr("Minutes a day"));
  for (const int minutes : kMinutes) minutes_->addItem(tr("%1 min").arg(minutes), minutes);
  connect(minutes_, &QComboBox::activated, this, [this](int index) {
    parts_.planning.edit([&](Plan& plan) { plan.minutes = minutes_->itemData(index).toInt(); });
  });
  auto* days = tight(new QHBoxLayout, style::kStep / 2);
  days->addWidget(minutes_);
  days->addSpacing(2 * style::kStep);
  const QLocale locale;
  for (int day = Qt::Monday; day <= Qt::Sunday; ++day) {
    auto* button = new QToolButton;
    button->setText(locale.dayName(day, QLocale::ShortFormat));
    button->setAccessibleName(locale.dayName(day));
    button->setCheckable(true);
    button->setProperty("quiet", true);
    connect(button, &QToolButton::clicked, this, [this, day](bool on) {
      parts_.planning.edit([&](Plan& plan) { plan.weekdays[static_cast<std::size_t>(day - 1)] = on; });
    });
    weekdays_.push_back(button);
    days->addWidget(button);
  }
  days->addStretch(1);
  today_->setObjectName("todaySheet");
  auto* out = tight(new QHBoxLayout, 2 * style::kStep);
  out->addWidget(buildSheets());
  auto* plan = new QPushButton(tr("Plan…"));
  plan->setObjectName("planDialog");
  plan->setProperty("narrow", true);
  plan->setToolTip(tr("When an exercise is done, holidays, what rests and what was left"));
  connect(plan, &QPushButton::clicked, this, &PlanPanel::planWanted);
  out->addWidget(plan);
  out->addStretch(1);
  auto* layout = tight(new QVBoxLayout(box), style::kStep);
  layout->addWidget(caption(tr("At home, today")));
  layout->addLayout(days);
  layout->addWidget(today_);
  layout->addLayout(out);
  layout->addStretch(1);
  return box;
}

/// The sheet of this week and of the next, in each form.
QWidget* PlanPanel::buildSheets() {
  auto* button = new QPushButton(tr("Sheet…"));
  button->setObjectName("sheet");
  button->setProperty("narrow", true);
  auto* menu = new QMenu(button);
  const std::pair<QString, const char*> ways[] = {
      {tr("As a page…"), "pdf"}, {tr("As a calendar…"), "ics"}, {tr("As text…"), "txt"}};
  for (const int weeks : {0, 1}) {
    menu->addSection(weeks == 0 ? tr("This week") : tr("Next week"));
    for (const auto& [text, kind] : ways)
      connect(menu->addAction(text), &QAction::triggered, this,
              [this, weeks, kind = QString(kind)] { emit sheetWanted(kind, weeks); });
  }
  button->setMenu(menu);
  return button;
}

QWidget* PlanPanel::buildLoad(QWidget* waysOut) {
  auto* box = new QWidget;
  load_->setObjectName("load");
  tired_->setObjectName("tired");
  auto* layout = tight(new QVBoxLayout(box), style::kStep);
  layout->addWidget(caption(tr("Load")));
  layout->addWidget(load_);
  layout->addWidget(tired_);
  layout->addWidget(waysOut);
  layout->addStretch(1);
  return box;
}

void PlanPanel::take() {
  const auto& list = parts_.planning.proposals();
  if (list.empty()) return;
  const Proposal first = list.front();
  const bool otherwise = !other_->isHidden() && first.to && other_->value() != *first.to;
  parts_.planning.take(first, otherwise ? std::optional(other_->value()) : std::nullopt);
}

void PlanPanel::refuse() {
  const auto& list = parts_.planning.proposals();
  if (!list.empty()) parts_.planning.refuse(Proposal(list.front()));
}

void PlanPanel::refresh() {
  if (!isVisible()) return;
  refreshNext();
  refreshWeek();
  refreshLoad();
}

void PlanPanel::refreshNext() {
  const auto& list = parts_.planning.proposals();
  const bool any = !list.empty(), may = any && !parts_.readOnly;
  for (QWidget* widget : std::initializer_list<QWidget*>{take_, refuse_, what_}) widget->setVisible(any);
  take_->setEnabled(may);
  refuse_->setEnabled(may);
  more_->setText(list.size() > 1 ? tr("%n more", nullptr, static_cast<int>(list.size()) - 1) : QString());
  if (!any) {
    other_->hide();
    title_->setText(tr("Nothing to change today"));
    why_->setText(tr("An exercise is proposed when it has been good often enough, on days enough."));
    return;
  }
  const PlanState state = parts_.planning.state();
  const Proposal& first = list.front();
  const Student* student = parts_.book.chosen();
  const Instrument* instrument = student ? findInstrument(student->instrument) : nullptr;
  const ExercisePtr card = state.find(first.exercise);
  title_->setText(card ? words::said(card->title) : tr("The range"));
  what_->setText(words::proposal(first, state, instrument));
  const QString figures = figuresOf(first, state);
  why_->setText(words::reason(first) + (figures.isEmpty() ? QString() : QStringLiteral("; ") + figures));
  const bool valued = first.to && first.kind != Proposal::Kind::range;
  other_->setVisible(valued);
  if (valued) {
    other_->setSuffix(card && card->grows.what == Grows::What::seconds ? tr(" s") : QString());
    other_->setValue(*first.to);
  }
}

void PlanPanel::refreshWeek() {
  const Plan& plan = parts_.planning.plan();
  const int index = minutes_->findData(plan.minutes);
  if (index < 0) minutes_->addItem(tr("%1 min").arg(plan.minutes), plan.minutes);
  minutes_->setCurrentIndex(minutes_->findData(plan.minutes));
  minutes_->setEnabled(!parts_.readOnly);
  for (std::size_t day = 0; day < weekdays_.size(); ++day) {
    weekdays_[day]->setChecked(plan.weekdays[day]);
    weekdays_[day]->setEnabled(!parts_.readOnly);
  }
  const auto sheets = parts_.planning.sheets(today(parts_.clock), 1);
  if (sheets.empty()) return today_->setText(tr("No practice today."));
  if (sheets.front().holiday) return today_->setText(tr("A holiday."));
  QStringList items;
  for (const SheetItem& item : sheets.front().items) items << words::line(item, parts_.book.instrument());
  const QString all = words::duration(sheets.front().total_s());
  today_->setText(items.isEmpty() ? tr("Nothing fits into the time that there is.")
                                  : items.join(QStringLiteral(" · ")) + tr(" — %1 in all").arg(all) +
                                        (sheets.front().total_s() < kFilled * 60.0 * plan.minutes
                                             ? tr("; more often is not better")
                                             : QString()));
}

void PlanPanel::refreshLoad() {
  const std::vector<WeekLoad> loads = parts_.planning.loads(kPractice_weeks);
  const double now = loads.back().minutes, before = loads[loads.size() - 2].minutes;
  QString text =
      tr("%1 min this week, last week %2").arg(words::number(now, 0, false), words::number(before, 0, false));
  if (jumps(loads))
    text += '\n' + tr("A jump: much more than in the weeks before. Rest as long as you play.");
  load_->setText(text);
  const auto tired = fatigueOn(parts_.takes.past(), today(parts_.clock));
  tired_->setVisible(tired.has_value());
  if (!tired) return;
  tired_->setText(tr("Tired: stop here. Since the day’s beginning: %1.").arg(words::fallen(*tired)));
}

}  // namespace calando
