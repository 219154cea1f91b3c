#include "app/weeks/figure_panel.h"

#include <set>

#include "app/charts/course_chart.h"
#include "app/parts/captioned.h"
#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/session/students/summary_queue.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/judging/level.h"

namespace calando {

namespace {

/// As they stand in the list.
constexpr Periods kPeriods[] = {Periods::fourWeeks, Periods::week, Periods::month, Periods::halves};

}  // namespace

QString differenceText(const Figure& figure, const std::optional<Difference>& d) {
  if (!d) return FigurePanel::tr("Nothing to say yet: either period needs takes on two days at least.");
  const QString takes = FigurePanel::tr("%1 and %2 takes")
                            .arg(QString::number(d->after.takes), QString::number(d->before.takes));
  const QString unit = words::unit(figure).isEmpty() ? QString() : " " + words::unit(figure);
  const QString unsure = words::size(d->unsure, figure.print) + unit;
  if (!d->tells) return FigurePanel::tr("No difference to speak of (± %1; %2).").arg(unsure, takes);
  const QString size = words::size(d->change(), figure.print);
  const QString from = words::number(d->before.mean, figure.print),
                to = words::number(d->after.mean, figure.print);
  return (d->change() > 0.0 ? FigurePanel::tr("%3 → %4%5: %1 more, give or take %2 (%6).")
                            : FigurePanel::tr("%3 → %4%5: %1 less, give or take %2 (%6)."))
      .arg(size, unsure, from, to, unit, takes);
}

FigurePanel::FigurePanel(const Parts& parts)
    : parts_(parts),
      exercises_(new QComboBox),
      figures_(new QComboBox),
      periods_(new QComboBox),
      chart_(new CourseChart),
      difference_(new QLabel),
      aside_(new QLabel) {
  exercises_->setObjectName("weeksCard");
  figures_->setObjectName("weeksFigure");
  periods_->setObjectName("weeksPeriods");
  difference_->setObjectName("difference");
  for (QComboBox* box : {exercises_, figures_, periods_}) {
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(10);
  }
  periods_->addItems({tr("the last four weeks with the four before"), tr("this week with the one before"),
                      tr("this month with the last"), tr("the second half with the first")});
  for (QLabel* label : {difference_, aside_}) label->setWordWrap(true);
  difference_->setFont(style::work(style::kStrongType));
  aside_->setObjectName("caption");
  auto* choices = tight(new QGridLayout, 2 * style::kStep);
  choices->addWidget(captioned(tr("Exercise"), exercises_), 0, 0);
  choices->addWidget(captioned(tr("Drawn here"), figures_), 0, 1);
  choices->addWidget(captioned(tr("Compared"), periods_), 1, 0, 1, 2);
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addLayout(choices);
  layout->addWidget(chart_, 1);
  layout->addWidget(difference_);
  layout->addWidget(aside_);
  connect(exercises_, &QComboBox::activated, this, [this](int index) {
    exercise_ = exercises_->itemData(index).toString().toStdString();
    fillFigures();
    showCourse();
    emit exerciseChanged();
  });
  connect(figures_, &QComboBox::activated, this, [this](int index) {
    figure_ = figures_->itemData(index).toString().toStdString();
    showCourse();
  });
  connect(periods_, &QComboBox::activated, this, &FigurePanel::showDifference);
}

void FigurePanel::refresh() {
  fillExercises();
  fillFigures();
  showCourse();
}

/// Those that have takes; the one played most often first, until another is chosen.
void FigurePanel::fillExercises() {
  const std::vector<std::string> played = mostPlayed(parts_.takes.past());
  exercises_->clear();
  exercises_->addItem(tr("all exercises"), QString());
  for (const std::string& exercise : played)
    if (const ExercisePtr card = parts_.deck.find(exercise))
      exercises_->addItem(words::said(card->title), words::plain(exercise));
  if (!exercise_.empty() && std::ranges::find(played, exercise_) == played.end()) exercise_.clear();
  exercises_->setCurrentIndex(std::max(0, exercises_->findData(words::plain(exercise_))));
}

/// Of all steps the figures that any take has; of one those that its card shows first.
void FigurePanel::fillFigures() {
  std::set<std::string> there;
  for (const PastTake& take : parts_.takes.past())
    if (counts(take) && (exercise_.empty() || take.exercise == exercise_))
      for (const auto& [id, value] : take.kept->values) there.insert(id);
  figures_->clear();
  const auto add = [&](const Figure* figure) {
    if (figure && !figure->forFiles && there.erase(std::string(figure->id)) > 0)
      figures_->addItem(words::titled(*figure), words::plain(figure->id));
  };
  if (const ExercisePtr card = exercise_.empty() ? nullptr : parts_.deck.find(exercise_))
    for (const std::string& id : card->readings) add(findFigure(id));
  for (const Figure& figure : figures()) add(&figure);
  int index = figures_->findData(words::plain(figure_));
  if (index < 0) index = 0;
  figures_->setCurrentIndex(index);
  figure_ = figures_->itemData(index).toString().toStdString();
}

void FigurePanel::showCourse() {
  const Figure* figure = findFigure(figure_);
  chart_->setVisible(figure);
  if (!figure) {
    const QString underWay = measuring();
    difference_->setText(underWay.isEmpty() ? tr("A figure’s course is drawn here once there are takes.")
                                            : underWay);
    aside_->clear();
    return;
  }
  collectAsked();
  showDifference();
}

void FigurePanel::collectAsked() {
  const Figure& figure = *findFigure(figure_);
  const auto& takes = parts_.takes.all();
  std::map<Day, CourseChart::Asked> weeks;
  std::vector<CourseChart::Remark> remarks;
  std::set<Day> lessons;
  for (const Take& take : takes) {  // newest first
    // What came as a file or in a pack was not recorded here.
    if (!take.recording.empty()) lessons.insert(dayOf(take.made_unix_s));
    if (!exercise_.empty() && take.asked.exercise != exercise_) continue;
    const Day day = dayOf(take.made_unix_s);
    if (!take.remark.empty()) remarks.push_back({day, words::plain(take.remark)});
    if (exercise_.empty() || weeks.contains(mondayOf(day))) continue;
    CourseChart::Asked asked{mondayOf(day), {}, {}};
    const ExercisePtr card = cardOf(take.asked.wish());
    const Level* level = findLevel(take.asked.level);
    if (card && level)
      if (const Target* target = findTarget(figure_, *card, *level, findInstrument(take.asked.instrument))) {
        asked.low = target->low;
        asked.high = target->high;
      }
    if (figure.id == "held_s" && card && card->grows.what == Grows::What::seconds)
      asked.low = take.asked.seconds;
    weeks.emplace(asked.monday, asked);
  }
  std::vector<CourseChart::Asked> asked;
  for (auto& [monday, one] : weeks) asked.push_back(one);
  chart_->setCourse(figure, courseOf(parts_.takes.past(), {figure_, exercise_}), std::move(asked),
                    std::move(remarks), std::move(lessons));
}

/// How many takes of the exercise chosen are measured, while some are not; empty: all are.
QString FigurePanel::measuring() const {
  int all = 0, left = 0;
  for (const Take& take : parts_.takes.all()) {
    if (!exercise_.empty() && take.asked.exercise != exercise_) continue;
    ++all;
    left += parts_.summaries.awaits(take.id) ? 1 : 0;
  }
  return left == 0 ? QString() : tr("Measuring, %1 of %2.").arg(all - left).arg(all);
}

void FigurePanel::showDifference() {
  const Figure* figure = findFigure(figure_);
  if (!figure) return;
  // What is not whole yet says nothing.
  if (const QString underWay = measuring(); !underWay.isEmpty()) {
    aside_->clear();
    return difference_->setText(underWay);
  }
  const Points points = pointsOf(parts_.takes.past(), {figure_, exercise_});
  QStringList aside;
  if (points.elsewhere > 0)
    aside << tr("Left out, as the microphone stood elsewhere: %n.", nullptr, points.elsewhere);
  if (exercise_.empty()) aside << tr("All exercises mixed: choose one to compare like with like.");
  aside << tr("Strokes: lessons; wedges: notes.");
  aside_->setText(aside.join(' '));
  if (points.list.empty())
    return difference_->setText(
        tr("No take has this figure yet. Choose another figure, or another exercise."));
  const PeriodPair pair = periodsOf(kPeriods[std::max(0, periods_->currentIndex())], today(parts_.clock),
                                    points.list.front().day);
  difference_->setText(differenceText(*figure, differenceOf(points, pair.before, pair.after, figure->print)));
}

}  // namespace calando
