#include "app/ears/ear_course.h"

#include <set>

#include "app/charts/ear_chart.h"
#include "app/parts/switch.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/session/common/today.h"
#include "app/session/ears/ear_knowledge.h"
#include "app/session/ears/ear_training.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/ear_words.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/growth/growth.h"
#include "records/values/clock.h"

namespace calando {

namespace {

constexpr std::size_t kLately = 10;  // guesses
constexpr std::chrono::days kMonth{28};

}  // namespace

EarCourse::EarCourse(const Parts& parts)
    : parts_(parts),
      heard_(wrapped("earHeard", style::work(style::kStrongType))),
      guesses_(wrapped("earGuesses", style::work(style::kType))),
      chart_(new EarChart),
      guessFirst_(new Switch(tr("guess first, in the lesson"))) {
  guessFirst_->setObjectName("guessFirst");
  guessFirst_->setToolTip(tr("After a take one of its figures is guessed before any is shown"));
  guessFirst_->setEnabled(!parts_.readOnly);
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addSpacing(style::kHead);
  layout->addWidget(caption(tr("Smallest difference heard, lately and by week")));
  layout->addWidget(heard_);
  layout->addWidget(chart_, 1);
  layout->addSpacing(3 * style::kStep);
  layout->addWidget(caption(tr("Guessed before it was seen")));
  layout->addWidget(guesses_);
  layout->addWidget(guessFirst_);
  connect(guessFirst_, &Switch::toggled, &parts_.guessing, &FigureGuessing::setFirst);
  connect(&parts_.knowledge, &EarKnowledge::changed, this, &EarCourse::refresh);
  connect(&parts_.guessing, &FigureGuessing::known, this, &EarCourse::refresh);
}

void EarCourse::setChange(Change change) {
  change_ = change;
  refresh();
}

void EarCourse::refresh() {
  if (!isVisible()) return;
  heard_->setText(heardText());
  chart_->setCourse(change_, earWeeks(parts_.knowledge.answers(), change_));
  guesses_->setText(guessesText());
  const QSignalBlocker quiet(guessFirst_);
  guessFirst_->setChecked(parts_.guessing.first());
}

/// What is heard of the change, in which octaves, and beside it what is played.
QString EarCourse::heardText() const {
  const std::vector<EarAnswer> answers = lately(parts_.knowledge.answers(), change_);
  const QString now = words::heard(change_, thresholdOf(answers, change_).heard());
  if (now.isEmpty()) return tr("%1: not known before eight answers").arg(words::name(change_));
  QStringList lines{QStringLiteral("%1: %2").arg(words::name(change_), now)};
  if (const auto regions = heardByRegion(answers, change_); regions.size() > 1)
    for (const auto& [region, heard] : regions)
      lines << tr("from %1 on: %2", "a concert note, what is heard there")
                   .arg(shownNote(12 * (region + 1), Spelling::flats), words::heard(change_, heard));
  const std::string reading(rowOf(change_).reading);
  const Figure* figure = findFigure(reading);
  const auto played = middleSince(pointsOf(parts_.takes.past(), {reading, {}}), today(parts_.clock) - kMonth);
  if (figure && played)
    lines << tr("played lately: %1 %2", "a figure and its value")
                 .arg(words::titled(*figure), words::number(played->value, figure->print));
  return lines.join('\n');
}

QString EarCourse::guessesText() const {
  QStringList lines;
  std::set<std::string> figures;
  const std::vector<EarGuess>& guesses = parts_.guessing.guesses();
  for (const EarGuess& guess : guesses) figures.insert(guess.figure);
  for (const std::string& id : figures)
    if (const Figure* figure = findFigure(id))
      if (const auto off = guessError(guesses, id, kLately))
        lines << tr("%1: off by %2 in the middle", "a figure")
                     .arg(words::titled(*figure), words::size(*off, figure->print));
  return lines.isEmpty()
             ? tr("Nothing yet: each question and each guess of five minutes stands here with its answer.")
             : lines.join('\n');
}

}  // namespace calando
