#include "app/print/report.h"

#include <QPainter>
#include <set>

#include "app/charts/course_chart.h"
#include "app/picture/gallery.h"
#include "app/ribbon/picture.h"
#include "app/session/common/past.h"
#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/planning.h"
#include "app/session/students/analysis_queue.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/figure_words.h"
#include "app/words/note_names.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "core/base/plain_text.h"
#include "core/growth/growth.h"
#include "core/maths/statistics.h"
#include "core/plan/proposals.h"
#include "records/tables/summary_table.h"
#include "records/tables/take_table.h"

namespace calando {

namespace {

constexpr std::chrono::days kMonth{28};
constexpr std::size_t kFigures = 3, kFewer = 2, kCards = 2;
constexpr double kPicture = 56.0, kChart = 100.0, kChartScale = 0.72;

/// The cards that were played most in the last four weeks, those first.
std::vector<std::string> cardsOf(std::span<const PastTake> past, Day today) {
  std::vector<std::string> cards = mostPlayed(past, today - kMonth + std::chrono::days(1));
  if (cards.size() > kCards) cards.resize(kCards);
  return cards;
}

/// The take of a card that stands for it: the newest of the best.
const Take* bestTakeOf(const TakeList& takes, const std::string& exercise) {
  std::vector<const PastTake*> played;
  for (const PastTake& take : takes.past())
    if (take.exercise == exercise && counts(take)) played.push_back(&take);
  const auto best = bestFew(std::move(played), 1);
  return best.empty() ? nullptr : takes.find(best.front()->id);
}

QString titled(const std::string& exercise, const CardDeck& deck) {
  const ExercisePtr card = deck.find(exercise);
  return card ? words::said(card->title) : words::plain(exercise);
}

}  // namespace

QString nameOf(const Student& student, Naming naming) {
  const QString name = words::plain(student.name);
  if (naming == Naming::full) return name;
  const QStringList parts = name.split(' ', Qt::SkipEmptyParts);
  if (naming == Naming::first || parts.isEmpty()) return parts.value(0, name);
  QStringList letters;
  for (const QString& part : parts) letters << part.left(1) + '.';
  return letters.join(' ');
}

void ReportMaker::make(ReportKind kind, QPageSize::PageSizeId paper, Naming naming) {
  waiting_.clear();
  pictures_.clear();
  kind_ = kind;
  paper_ = paper;
  naming_ = naming;
  const StudentBook& book = parts_.book;
  if (kind == ReportKind::term) {
    for (const Student& student : book.students()) {
      const auto takes = parts_.takeTable.of(student.id);
      if (takes && !takes->empty()) want(takes->front());
    }
  } else if (kind == ReportKind::student) {
    for (const std::string& exercise : cardsOf(parts_.takes.past(), today(parts_.clock)))
      if (const Take* best = bestTakeOf(parts_.takes, exercise)) want(*best);
  }
  if (!busy()) finish();
}

void ReportMaker::want(const Take& take) {
  if (!take.soundKept()) return;
  AnalysisQueue::Request request;
  request.take = take;
  request.file = parts_.takeTable.file(take);
  request.samplesWanted = false;
  waiting_.push_back(parts_.analyses.ask(std::move(request), AnalysisQueue::Urgency::later,
                                         [this, id = take.id](const AnalysisQueue::Answer& answer) {
                                           if (answer.snapshot) pictures_[id] = answer.snapshot;
                                           if (!busy()) finish();
                                         }));
}

void ReportMaker::finish() {
  emit made(kind_ == ReportKind::term      ? classPages()
            : kind_ == ReportKind::parents ? parentsPages()
                                           : studentPages());
}

/// A take as it is drawn everywhere, as vectors.
void ReportMaker::addPicture(Pages& pages, const Take& take, const QString& caption) const {
  const auto found = pictures_.find(take.id);
  if (found == pictures_.end()) return;
  pages.picture(kPicture, caption, [snapshot = found->second](QPainter& painter, const QRectF& area) {
    painter.fillRect(area, style::sheet);
    pictureFor(*snapshot).paintSmall(painter, *snapshot, area.adjusted(4, 4, -4, -4));
  });
  pages.small(caption);
}

/// A figure's course by week, as it is drawn everywhere.
void ReportMaker::addChart(Pages& pages, const std::string& exercise, const Figure& figure) const {
  const auto chart = std::make_shared<CourseChart>();
  chart->setCourse(figure, courseOf(parts_.takes.past(), {std::string(figure.id), exercise}), {}, {}, {});
  const QString caption = tr("%1 by week", "a figure").arg(words::label(figure));
  pages.picture(kChart, caption, [chart](QPainter& painter, const QRectF& area) {
    chart->resize((area.size() / kChartScale).toSize());
    painter.translate(area.topLeft());
    painter.scale(kChartScale, kChartScale);
    chart->render(&painter);
  });
  pages.small(caption);
}

/// The figures that an exercise shows first: where they are, where they were, and whether that is more than
/// chance.
void ReportMaker::addGrowth(Pages& pages, const std::string& exercise, bool withChart) const {
  const ExercisePtr card = parts_.deck.find(exercise);
  if (!card) return;
  std::size_t shown = 0;
  for (const std::string& id : card->readings) {
    const auto lately = lastMonthOf(id, exercise);
    if (!lately || shown == (withChart ? kFigures : kFewer)) continue;
    const Figure& figure = *findFigure(id);
    QString note = tr("middle of %n takes since %1", nullptr, lately->takes)
                       .arg(words::dayAndYear(today(parts_.clock) - kMonth + std::chrono::days(1)));
    if (const auto& difference = lately->difference; difference && difference->tells)
      note += "; " + tr("%1 against the four weeks before")
                         .arg(words::change(difference->change(), difference->unsure, figure));
    else if (difference)
      note += "; " + tr("no difference to speak of against the four weeks before");
    if (shown++ == 0 && withChart) addChart(pages, exercise, figure);
    pages.figure(words::label(figure), words::value(lately->value, figure), note);
  }
}

/// A figure of the last four weeks, and against the four before; nullopt where it was not measured in them.
std::optional<ReportMaker::LastMonth> ReportMaker::lastMonthOf(const std::string& figure,
                                                               const std::string& exercise) const {
  const Figure* row = findFigure(figure);
  const Points points = pointsOf(parts_.takes.past(), {figure, exercise});
  const Day now = today(parts_.clock), from = now - kMonth + std::chrono::days(1);
  const auto lately = row ? middleSince(points, from) : std::nullopt;
  if (!lately) return std::nullopt;
  return LastMonth{
      lately->value, lately->takes,
      differenceOf(points, {from - kMonth, from - std::chrono::days(1)}, {from, now}, row->print)};
}

/// What comes next, and a day at home.
void ReportMaker::addNext(Pages& pages) const {
  pages.heading(tr("Next"));
  const auto& proposals = parts_.planning.proposals();
  if (!proposals.empty()) {
    const PlanState state = parts_.planning.state();
    const Proposal& first = proposals.front();
    pages.paragraph(QStringLiteral("%1: %2 (%3).")
                        .arg(titled(first.exercise, parts_.deck),
                             words::proposal(first, state, parts_.book.instrument()), words::reason(first)));
  } else {
    pages.paragraph(tr("The same again, until it is reliable."));
  }
  const auto sheets = parts_.planning.sheets(today(parts_.clock), 1);
  if (sheets.empty() || sheets.front().items.empty()) return;
  QStringList items;
  for (const SheetItem& item : sheets.front().items)
    items << tr("%1: %2", "an exercise and how often")
                 .arg(words::said(item.card->title), words::howOften(item));
  pages.paragraph(tr("A day at home: %1.").arg(items.join(QStringLiteral("; "))));
}

std::shared_ptr<Pages> ReportMaker::begun(const QString& title) const {
  auto pages = std::make_shared<Pages>(paper_);
  const Instrument* instrument = parts_.book.instrument();
  pages->title(title);
  pages->small(tr("%1 · %2", "instrument, day")
                   .arg(instrument ? words::said(instrument->name) : QString(),
                        words::dayAndYear(today(parts_.clock))));
  return pages;
}

std::shared_ptr<Pages> ReportMaker::studentPages() const {
  const Student* student = parts_.book.chosen();
  if (!student) return std::make_shared<Pages>(paper_);
  auto pages = begun(tr("%1: this month").arg(words::plain(student->name)));
  const std::vector<std::string> cards = cardsOf(parts_.takes.past(), today(parts_.clock));
  if (cards.empty()) pages->paragraph(tr("No take of the last four weeks has figures."));
  for (const std::string& exercise : cards) {
    pages->heading(titled(exercise, parts_.deck));
    if (const Take* best = bestTakeOf(parts_.takes, exercise))
      addPicture(*pages, *best,
                 tr("A take of %1: the line’s height is the pitch, its thickness the loudness.")
                     .arg(words::moment(QDateTime::fromSecsSinceEpoch(best->made_unix_s))));
    addGrowth(*pages, exercise, exercise == cards.front());
  }
  addNext(*pages);
  return pages;
}

/// Half a page that needs no music: how often, one picture of growth, a sentence for each figure, what to do.
std::shared_ptr<Pages> ReportMaker::parentsPages() const {
  const Student* student = parts_.book.chosen();
  if (!student) return std::make_shared<Pages>(paper_);
  const QString name = words::plain(student->name);
  auto pages = begun(tr("What %1 is working at").arg(name));
  const auto& past = parts_.takes.past();
  const Day since = today(parts_.clock) - kMonth + std::chrono::days(1);
  std::set<Day> days;
  for (const PastTake& take : past)
    if (take.day >= since) days.insert(take.day);
  pages->paragraph(
      tr("%1 played on %n days of the last four weeks.", nullptr, static_cast<int>(days.size())).arg(name));
  bool charted = false;
  for (const std::string& exercise : cardsOf(past, today(parts_.clock))) {
    const ExercisePtr card = parts_.deck.find(exercise);
    QStringList sentences;
    for (const std::string& id : card ? card->readings : std::vector<std::string>{}) {
      const auto lately = lastMonthOf(id, exercise);
      const QString sentence = lately ? words::forParents(*findFigure(id), lately->value) : QString();
      if (sentence.isEmpty() || sentences.size() == kFewer) continue;
      if (!std::exchange(charted, true)) addChart(*pages, exercise, *findFigure(id));
      const auto& difference = lately->difference;
      sentences << sentence + ' ' +
                       (!difference ? QString()
                        : !difference->tells
                            ? tr("That is about as four weeks before.")
                            : tr("Four weeks before it was %1.")
                                  .arg(words::forParents(difference->before.mean, *findFigure(id))));
    }
    if (sentences.isEmpty()) continue;
    pages->heading(titled(exercise, parts_.deck));
    for (const QString& sentence : sentences) pages->paragraph(sentence.trimmed());
  }
  addNext(*pages);
  pages->heading(tr("How to help"));
  pages->paragraph(tr(
      "A quiet quarter of an hour at the same time of day is worth more than an hour once a week. Listen to "
      "one long tone together: did it last, was it steady? Rest as long as was played; stop at once when "
      "dizzy or in pain."));
  return pages;
}

std::shared_ptr<Pages> ReportMaker::classPages() const {
  auto pages = std::make_shared<Pages>(paper_);
  pages->title(tr("The class, the last eight weeks"));
  pages->small(words::dayAndYear(today(parts_.clock)));
  const Day from = today(parts_.clock) - 2 * kMonth;
  std::vector<QStringList> rows{
      {tr("Student"), tr("Instrument"), tr("Days"), tr("Takes"), tr("Sound"), tr("Longest held")}};
  std::vector<std::pair<QString, Take>> newest;
  for (const Student& student : parts_.book.students()) {
    const auto takes = parts_.takeTable.of(student.id);
    const auto summaries = parts_.summaryTable.of(student.id);
    if (!takes || !summaries) continue;
    std::set<Day> days;
    double seconds = 0.0;
    std::vector<PastTake> past;
    for (const Take& take : *takes) {
      const auto summary = summaries->find(take.id);
      const PastTake one = pastOf(take, summary == summaries->end() ? nullptr : &summary->second);
      if (one.day <= from) continue;
      past.push_back(one);
      days.insert(one.day);
      seconds += take.seconds;
    }
    const double longest = longestHeld_s(past);
    const Instrument* instrument = findInstrument(student.instrument);
    rows.push_back({nameOf(student, naming_), instrument ? words::said(instrument->name) : QString(),
                    QString::number(days.size()), QString::number(past.size()), words::duration(seconds),
                    longest > 0.0 ? tr("%1 s").arg(words::number(longest, 1, false)) : QStringLiteral("–")});
    if (!takes->empty()) newest.emplace_back(nameOf(student, naming_), takes->front());
  }
  pages->table(rows);
  pages->heading(tr("The newest take of each"));
  for (const auto& [name, take] : newest)
    addPicture(*pages, take,
               tr("%1: %2, %3", "student, card, moment")
                   .arg(name, titled(take.asked.exercise, parts_.deck),
                        words::moment(QDateTime::fromSecsSinceEpoch(take.made_unix_s))));
  return pages;
}

namespace {

QString cell(std::string_view text) { return words::plain(tableCell(text)); }

/// A number as every program reads it.
QString plainNumber(double value) { return QString::number(value, 'g', 10); }

}  // namespace

QString figuresAsCsv(const std::vector<Take>& takes, const std::vector<PastTake>& past,
                     const Instrument* instrument) {
  std::set<std::string> there;
  for (const PastTake& take : past)
    if (take.kept)
      for (const auto& [id, value] : take.kept->values) there.insert(id);
  std::vector<const Figure*> columns;
  QStringList head{"made", "exercise", "note", "verdict", "word", "place", "seconds"};
  for (const Figure& figure : figures()) {
    if (!there.contains(std::string(figure.id))) continue;
    columns.push_back(&figure);
    head << words::plain(figure.id) +
                (figure.unit.empty() ? QString() : " (" + words::plain(figure.unit) + ")");
  }
  QStringList lines{head.join(',')};
  constexpr const char* words_[] = {"", "accept", "invalid try", "not yet", "veto"};
  for (const Take& take : takes) {
    const auto one = std::ranges::find(past, take.id, &PastTake::id);
    const bool measured = one != past.end() && one->kept;
    QStringList row{
        QDateTime::fromSecsSinceEpoch(take.made_unix_s).toString(Qt::ISODate),
        cell(take.asked.exercise),
        take.asked.note
            ? words::plain(noteName(*take.asked.note, instrument ? instrument->spelling : Spelling::flats))
            : QString(),
        measured ? cell(style::verdictWord(verdictOf(take.word, *one->kept)).toStdString()) : QString(),
        words_[static_cast<std::size_t>(take.word)],
        take.asked.place ? QString::number(*take.asked.place) : QString(),
        plainNumber(take.seconds)};
    for (const Figure* figure : columns) {
      const auto value = measured ? one->kept->values.find(std::string(figure->id))
                                  : std::map<std::string, double>::const_iterator();
      row << (measured && value != one->kept->values.end() ? plainNumber(value->second) : QString());
    }
    lines << row.join(',');
  }
  return lines.join('\n') + '\n';
}

}  // namespace calando
