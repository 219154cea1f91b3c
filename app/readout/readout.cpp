#include "app/readout/readout.h"

#include "app/charts/reach_chart.h"
#include "app/charts/weeks_chart.h"
#include "app/parts/flow_layout.h"
#include "app/parts/guess_box.h"
#include "app/parts/tight.h"
#include "app/readout/cue_page.h"
#include "app/readout/figure_groups.h"
#include "app/readout/figures_view.h"
#include "app/readout/fingering_table.h"
#include "app/readout/next_row.h"
#include "app/readout/note_map.h"
#include "app/readout/observation_row.h"
#include "app/readout/reflection_bar.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/shown_history.h"
#include "app/session/take/shown_take.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/figures/findings.h"
#include "core/judging/discipline.h"
#include "core/reckoning/slide_adjustment.h"

namespace calando {

namespace {
constexpr int kCues = 1;  // page
constexpr std::size_t kWeeks = 8;
}  // namespace

Readout::Readout(const Parts& parts)
    : parts_(parts),
      figures_(new FiguresView),
      groups_(new FigureGroups),
      advice_(new QLabel),
      why_(new QLabel),
      attended_(new QLabel),
      tuning_(new QLabel),
      cues_(new CuePage(parts)),
      range_(new NoteMap),
      weeks_(new WeeksChart),
      reach_(new ReachChart),
      fingerings_(new FingeringTable),
      pages_(new QStackedWidget),
      choice_(new QButtonGroup(this)),
      choiceRow_(new QWidget),
      reflection_(new ReflectionBar(parts)),
      guess_(new GuessBox) {
  figures_->setObjectName("figures");
  weeks_->setObjectName("weeks");
  reach_->setObjectName("reach");
  fingerings_->setObjectName("fingerings");
  groups_->setObjectName("groups");
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addWidget(guess_, 1);
  layout->addWidget(buildPages());
  layout->addWidget(pages_, 1);
  layout->addWidget(reflection_);
  connect(cues_, &CuePage::cueChosen, this, &Readout::cueChosen);
  connect(reach_, &ReachChart::takeChosen, &parts_.session, &Session::choose);
  connect(&parts_.shown, &ShownTake::changed, this, &Readout::refresh);
  connect(&parts_.shown, &ShownTake::said, this, &Readout::refresh);
  connect(&parts_.guessing, &FigureGuessing::changed, this, &Readout::veil);
  connect(guess_, &GuessBox::guessed, &parts_.guessing, &FigureGuessing::guess);
  connect(&parts_.lesson, &Lesson::stepChanged, this, &Readout::refresh);
  refresh();
}

QWidget* Readout::buildPages() {
  pages_->addWidget(buildFigures());
  pages_->addWidget(cues_);
  pages_->addWidget(range_);
  pages_->addWidget(weeks_);
  pages_->addWidget(reach_);
  pages_->addWidget(fingerings_);
  auto* row = new FlowLayout(style::kStep, choiceRow_);
  const QString names[] = {tr("Figures"), tr("Notes"), tr("Range"),
                           tr("Weeks"),   tr("Reach"), tr("Fingerings")};
  for (int page = 0; page < static_cast<int>(std::size(names)); ++page) {
    auto* button = new QToolButton;
    button->setText(names[page]);
    button->setCheckable(true);
    button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    choice_->addButton(button, page);
    row->addWidget(button);
  }
  choice_->button(0)->setChecked(true);
  connect(choice_, &QButtonGroup::idClicked, pages_, &QStackedWidget::setCurrentIndex);
  return choiceRow_;
}

QWidget* Readout::buildFigures() {
  advice_->setObjectName("advice");
  advice_->setWordWrap(true);
  advice_->setAccessibleName(tr("One thing to try"));
  why_->setObjectName("why");
  why_->setWordWrap(true);
  card_ = new QFrame;
  card_->setObjectName("card");
  auto* words = new QVBoxLayout(card_);
  words->setContentsMargins(3 * style::kStep, 2 * style::kStep, 3 * style::kStep, 2 * style::kStep);
  words->setSpacing(style::kStep);
  words->addWidget(advice_);
  words->addWidget(why_);
  words->addWidget(new ObservationRow(parts_));
  words->addWidget(new NextRow(parts_));
  attended_->setObjectName("attended");
  attended_->setWordWrap(true);
  tuning_->setObjectName("tuningOffer");
  for (QLabel* quiet : {attended_, tuning_}) quiet->setFont(style::work(style::kSmallType));
  tuning_->setWordWrap(true);
  auto* page = new QWidget;
  auto* layout = tight(new QVBoxLayout(page), 2 * style::kStep);
  layout->addWidget(figures_, 1);
  layout->addWidget(card_);
  layout->addWidget(attended_);
  layout->addWidget(tuning_);
  layout->addWidget(groups_);
  // A window that is too low for all of it scrolls: nothing is cut off.
  auto* scrolled = new QScrollArea;
  scrolled->setObjectName("folded");
  scrolled->setWidget(page);
  scrolled->setWidgetResizable(true);
  scrolled->setFrameShape(QFrame::NoFrame);
  scrolled->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scrolled->setFocusPolicy(Qt::NoFocus);
  return scrolled;
}

void Readout::setVeiled(bool veiled) {
  if (std::exchange(veiled_, veiled) != veiled) veil();
}

/// Before the guess, and before the ear was asked, nothing is to be seen.
void Readout::veil() {
  const FigureGuessing::Wanted* wanted = parts_.guessing.wanted();
  const bool open = !wanted && !veiled_;
  guess_->setVisible(wanted != nullptr);
  if (wanted) guess_->ask(*wanted->figure);
  pages_->setVisible(open);
  reflection_->setVisible(open);
  if (open)
    refresh();
  else
    choiceRow_->hide();
}

void Readout::refresh() {
  const ShownTake& open = parts_.shown;
  const SnapshotPtr snapshot = open.snapshot();
  const Analysis none;
  const bool stopped = open.take() && open.take()->stopped;
  const Analysis& analysis = snapshot ? snapshot->analysis : none;
  figures_->setReadings(analysis.readings, parts_.history.valuesBefore());
  groups_->setReadings(analysis.readings);
  showPages(snapshot);
  const bool advised = !analysis.advice.empty();
  const bool modelless =
      open.take() && parts_.lesson.current()->against == Against::teacher && !open.take()->asked.against;
  advice_->setText(advised     ? words::advice(analysis.advice.front())
                   : modelless ? tr("The teacher’s tone? Model (M) compares the next takes with it.")
                   : stopped   ? tr("Stopped: nothing is judged.")
                   : analysis.airSpoilt() && disciplineOf(*parts_.lesson.current()).ofAir
                       ? tr("The air was not heard as it was: breath is not measured.")
                       : tr("Explored: nothing is judged."));
  card_->setVisible(open.take() != nullptr);
  why_->setText(advised ? words::adviceWhy(analysis.advice.front()) : QString());
  why_->setVisible(!why_->text().isEmpty());
  attended_->setText(attentionText());
  attended_->setVisible(!attended_->text().isEmpty());
  tuning_->setText(tuningText());
  tuning_->setVisible(!tuning_->text().isEmpty());
}

/// What attention did to the figure that the card asks for first, over all takes of it.
QString Readout::attentionText() const {
  const ShownTake& open = parts_.shown;
  const SnapshotPtr snapshot = open.snapshot();
  if (!open.take() || !snapshot || snapshot->analysis.readings.empty()) return {};
  const Figure& figure = *snapshot->analysis.readings.front().figure;
  const auto effect =
      attentionEffect(parts_.takes.past(), open.take()->asked.exercise, std::string(figure.id));
  if (!effect) return {};
  const auto number = [&](double value) { return words::number(value, figure.print); };
  const QString both = tr("%1: %2 with the attention on the sound, %3 on the count")
                           .arg(words::titled(figure), number(effect->one.mean), number(effect->other.mean));
  if (!effect->tells()) return tr("%1; no difference to speak of.").arg(both);
  return tr("%1; apart by %2 ± %3.")
      .arg(both, words::size(effect->difference(), figure.print), words::size(effect->error(), figure.print));
}

/// What could be done to the tube about an offset that stays; the player and the room come first.
QString Readout::tuningText() const {
  const SnapshotPtr snapshot = parts_.shown.snapshot();
  const auto drawing = snapshot ? drawingFor(snapshot->analysis, snapshot->context) : std::nullopt;
  if (!drawing) return {};
  const auto room_c = snapshot->context.room_c;
  return tr("If it stays so once you are warm (%1): about %2 mm %3, roughly reckoned.")
      .arg(
          room_c ? tr("the room has %1 °C").arg(words::number(*room_c, 0, false)) : tr("a cold room is flat"),
          words::number(std::abs(drawing->mm), 0, false), drawing->mm > 0.0 ? tr("out") : tr("in"));
}

/// A single sound has neither rows nor a range.
void Readout::showPages(const SnapshotPtr& snapshot) {
  static const Discipline none{};
  const Discipline& of = snapshot ? disciplineOf(snapshot->context) : none;
  const ExercisePtr card = snapshot ? snapshot->context.exercise : nullptr;
  const bool cues = snapshot && snapshot->sheet.cues.size() > 1 && card->asksForSound();
  const bool range = cues && of.byRange, weeks = !of.weeks.empty();
  // Exploring what can be done is held against no target.
  const bool reach = snapshot && of.reaches && !card->scored && card->asksForTones();
  const bool logs = snapshot && parts_.shown.take() && card->logsFingerings;
  cues_->setSnapshot(cues ? snapshot : nullptr);
  range_->setSnapshot(range ? snapshot : nullptr);
  if (weeks) showWeeks(of);
  if (reach) showReach();
  if (logs)
    fingerings_->setTried(fingeringsTried(parts_.takes.past(), card->id, parts_.shown.take()->asked.note),
                          snapshot->context);
  const bool shown[] = {cues || weeks || reach || logs, cues, range, weeks, reach, logs};
  for (int page = 0; page < pages_->count(); ++page) choice_->button(page)->setVisible(shown[page]);
  choice_->button(kCues)->setText(words::said(of.cues));
  choiceRow_->setVisible(shown[0]);
  if (!shown[choice_->checkedId()]) choice_->button(0)->setChecked(true);
  pages_->setCurrentIndex(choice_->checkedId());
}

/// What there is to see of a discipline by week.
void Readout::showWeeks(const Discipline& of) {
  const auto& past = parts_.takes.past();
  if (past.empty()) return;
  std::vector<PastTake> alike;
  std::ranges::copy_if(past, std::back_inserter(alike), [&](const PastTake& take) {
    const ExercisePtr card = parts_.deck.find(take.exercise);
    return card && disciplineOf(*card).weeks.data() == of.weeks.data();
  });
  std::vector<WeekFigure> figures;
  std::vector<WeekColumn> columns;
  for (const WeekColumnRow& row : of.weeks) {
    figures.push_back(row.figure);
    columns.push_back({words::said(row.title), row.decimals, style::inkOf(row.ink)});
  }
  weeks_->setWeeks(weeksOf(alike, past.front().made_unix_s, kWeeks, figures), std::move(columns),
                   words::said(of.noWeeks));
}

void Readout::showReach() {
  reach_->setReach(
      reachCourse(parts_.takes.past()), parts_.shown.snapshot()->context.instrument, [this](std::int64_t id) {
        const auto& takes = parts_.takes.all();
        const auto take = std::ranges::find(takes, id, &Take::id);
        return take == takes.end() ? QString()
                                   : words::moment(QDateTime::fromSecsSinceEpoch(take->made_unix_s));
      });
}

void Readout::nextPage() {
  if (!choiceRow_->isVisible()) return;
  int next = pages_->currentIndex();
  do next = (next + 1) % pages_->count();
  while (choice_->button(next)->isHidden());
  choice_->button(next)->click();
}

void Readout::chooseCue(std::size_t cue) { cues_->chooseCue(cue); }

}  // namespace calando
