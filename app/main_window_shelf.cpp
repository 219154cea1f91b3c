#include "app/compare_view.h"
#include "app/lesson_view.h"
#include "app/main_window.h"
#include "app/main_window_parts.h"
#include "app/ribbon_painter.h"
#include "app/ribbon_view.h"
#include "app/style.h"
#include "core/exercise/judging.h"
#include "core/signal/tracker.h"

namespace calando {

/// What is kept of the figures of the takes before the one on show, of the same step, newest first; invalid
/// tries are left out.
std::vector<const Kept*> MainWindow::earlierReadings(std::size_t most) const {
  std::vector<const Kept*> earlier;
  if (!shown_) return earlier;
  const auto rank = [](const Take& t) { return std::pair(t.made_unix_s, t.id); };
  for (const Take& take : takes_) {  // newest first
    if (rank(take) >= rank(shown_->take) || take.asked.exercise != shown_->take.asked.exercise ||
        take.word == TeachersWord::invalidTry)
      continue;
    if (earlier.size() == most) break;
    if (const Kept* kept = keptOf(take.id)) earlier.push_back(kept);
  }
  return earlier;
}

const Kept* MainWindow::keptOf(std::int64_t take) const {
  const auto found = kept_.find(take);
  return found == kept_.end() ? nullptr : &found->second;
}

std::map<std::string, std::vector<double>> MainWindow::earlierValues() const {
  std::map<std::string, std::vector<double>> values;
  for (const Kept* kept : earlierReadings(5))
    for (const auto& [id, value] : kept->values) values[id].insert(values[id].begin(), value);
  return values;
}

QString MainWindow::adviceBefore() const {
  const auto earlier = earlierReadings(1);
  return earlier.empty() ? QString() : q(earlier.front()->advice);
}

void MainWindow::keepSummary(std::int64_t take, const Studio::Summary& summary) {
  if (take == 0 || studio_.readOnly()) return;
  ribbons_.erase(take);
  if (worked(studio_.keepSummary(take, summary)))
    if (auto kept = keptFrom(summary.readings)) kept_[take] = std::move(*kept);
}

std::int64_t MainWindow::chosenTake() const {
  return shown_ ? shown_->take.id : awaited_ && awaited_->take ? *awaited_->take : kNoTake;
}

QString MainWindow::shelfText(const Take& take) const {
  static const QString marks[] = {"", QStringLiteral("  ✓"), QStringLiteral("  ⌀"), QStringLiteral("  …"),
                                  QStringLiteral("  ✕")};
  const auto card = lesson_->find(take.asked.exercise);
  const bool single = !card || !card->counted();
  const auto cut = cutShort_s_.find(take.id);
  const QString held =
      cut != cutShort_s_.end()
          ? tr("%1 of %2 s").arg(QString::number(cut->second, 'f', 1), QString::number(take.seconds, 'f', 1))
      : !single     ? QFontMetrics(shelf_->font()).elidedText(q(card->title), Qt::ElideRight, 84)
      : take.held_s ? tr("%1 s").arg(*take.held_s, 0, 'f', 1)
                    : tr("–");
  return QDateTime::fromSecsSinceEpoch(take.made_unix_s).toString("d MMM, HH:mm") + "   " + held +
         marks[static_cast<int>(take.word)];
}

void MainWindow::labelShelf(int row) {
  const Take& take = takes_[static_cast<std::size_t>(row)];
  const auto card = lesson_->find(take.asked.exercise);
  QStringList tip;
  if (card) tip << q(card->title);
  tip << q(take.source);
  if (!take.remark.empty()) tip << q(take.remark);
  if (!take.askedSound)
    tip << tr(
        "Some of what was asked for could not be read and is set aside: judged as if nobody had asked for "
        "it.");
  if (cutShort_s_.contains(take.id)) tip << tr("Its sound is cut short.");
  shelf_->item(row)->setText(shelfText(take));
  shelf_->item(row)->setToolTip(tip.join('\n'));
}

/// The entry of a take of takes_, whose figures and small picture are taken from its summary.
void MainWindow::addToShelf(int row, const Studio::Summary* summary) {
  const std::int64_t id = takes_[static_cast<std::size_t>(row)].id;
  auto kept = summary ? keptFrom(summary->readings) : std::nullopt;
  if (kept)
    kept_[id] = std::move(*kept);
  else if (!unmeasurable_.contains(id))
    unsummarised_.push_back(id);
  QPixmap& ribbon = ribbons_[id];
  if (ribbon.isNull() && summary) ribbon.loadFromData(QByteArray::fromStdString(summary->ribbon), "PNG");
  QPixmap shown = ribbon;
  if (shown.isNull()) {
    shown = QPixmap(kThumbnail);
    shown.fill(style::sheet);
  }
  shown.setDevicePixelRatio(shown.width() / static_cast<double>(kThumbnail.width()));
  QIcon icon(shown);
  icon.addPixmap(shown, QIcon::Selected);  // not tinted when chosen
  shelf_->insertItem(row, new QListWidgetItem(icon, QString()));
  labelShelf(row);
}

/// One more take of the student, in its place; what is chosen stays chosen.
void MainWindow::growShelf(const Analyst::Answer& answer) {
  Take take = answer.take;
  take.held_s = answer.summary.held_s;
  const auto rank = [](const Take& t) { return std::pair(-t.made_unix_s, -t.id); };
  const auto place = std::ranges::lower_bound(takes_, rank(take), {}, rank);
  const auto row = static_cast<int>(place - takes_.begin());
  takes_.insert(place, take);
  loading_ = true;
  addToShelf(row, &answer.summary);
  loading_ = false;
  updateResults();
}

void MainWindow::loadShelf(std::optional<std::int64_t> select) {
  loading_ = true;
  shelf_->clear();
  takes_.clear();
  kept_.clear();
  unsummarised_.clear();
  if (summarising_) analyst_.forget(*summarising_);
  summarising_.reset();
  std::map<std::int64_t, Studio::Summary> summaries;
  if (student()) {
    auto list = studio_.takes(student()->id);
    auto measured = studio_.summaries(student()->id);
    if (list && measured) {
      takes_ = std::move(*list);
      summaries = std::move(*measured);
    } else {
      sayLoss(q(list ? measured.error() : list.error()));
    }
  }
  int row = takes_.empty() || select ? -1 : 0;
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    const auto summary = summaries.find(takes_[i].id);
    addToShelf(static_cast<int>(i), summary == summaries.end() ? nullptr : &summary->second);
    if (select == takes_[i].id) row = static_cast<int>(i);
  }
  updateResults();
  const bool already = select && *select == chosenTake();
  if (already) shelf_->setCurrentRow(row);
  loading_ = false;
  if (already)
    showFigures();
  else
    shelf_->setCurrentRow(row);
  if (!unsummarised_.empty()) QTimer::singleShot(0, this, &MainWindow::summariseNext);
}

/// Takes that this engine has not measured yet, one after the other, while nobody waits.
void MainWindow::summariseNext() {
  if (unsummarised_.empty() || summarising_) return;
  if (!analyst_.idle() || live_.running()) {
    QTimer::singleShot(60, this, &MainWindow::summariseNext);
    return;
  }
  const std::int64_t id = unsummarised_.front();
  unsummarised_.pop_front();
  const auto take = std::ranges::find(takes_, id, &Take::id);
  if (take == takes_.end()) return summariseNext();
  Analyst::Request request;
  request.take = *take;
  request.file = studio_.takeFile(*take);
  request.samplesWanted = false;
  summarising_ = analyst_.ask(std::move(request), Analyst::Urgency::later,
                              [this, id](Analyst::Ticket, const Analyst::Answer& answer) {
                                summarising_.reset();
                                if (answer.picture)
                                  keepSummary(id, answer.summary);
                                else
                                  unmeasurable_.insert(id);
                                if (unsummarised_.empty() && !live_.running())
                                  loadShelf(chosenTake());
                                else
                                  summariseNext();
                              });
}

/// The chosen take is read and measured, and is on show once that is done and nothing else was chosen.
void MainWindow::shelfChosen() {
  if (loading_ || live_.running()) return;
  player_.stop();
  clearShown();
  showFigures();
  const int row = shelf_->currentRow();
  if (row < 0 || row >= static_cast<int>(takes_.size())) return;
  Analyst::Request request;
  request.take = takes_[static_cast<std::size_t>(row)];
  request.file = studio_.takeFile(request.take);
  const std::int64_t id = request.take.id;
  const auto ticket =
      analyst_.ask(std::move(request), Analyst::Urgency::now,
                   [this](Analyst::Ticket, const Analyst::Answer& answer) { showFromShelf(answer); });
  awaited_ = Awaited{ticket, id};
  ribbon_->setWaiting(true);
}

void MainWindow::showFromShelf(const Analyst::Answer& answer) {
  if (!answer.picture) {
    awaited_.reset();
    ribbon_->setWaiting(false);
    std::error_code error;
    const bool missing = !std::filesystem::exists(studio_.takeFile(answer.take), error);
    return sayLoss(
        missing ? tr("The sound of this take is missing (%1). Its figures are still here; put the file "
                     "back to hear it.")
                      .arg(q(printable(studio_.takeFile(answer.take).string())))
                : tr("The sound of this take cannot be read: %1").arg(answer.error));
  }
  showTake({answer.take, answer.samples, answer.rate_hz, answer.picture});
  constexpr double kCutShort_s = 0.05;
  const double seconds = static_cast<double>(answer.samples->size()) / answer.rate_hz;
  if (seconds > answer.take.seconds - kCutShort_s) return;
  cutShort_s_[answer.take.id] = seconds;
  if (shelf_->currentRow() >= 0) labelShelf(shelf_->currentRow());
  sayLoss(tr("The sound of this take is cut short: %1 of %2 s. Its file was damaged; put back a copy of it "
             "if there "
             "is one.")
              .arg(QString::number(seconds, 'f', 1), QString::number(answer.take.seconds, 'f', 1)));
}

void MainWindow::deleteTake() {
  const std::int64_t id = chosenTake();
  if (id <= 0 || studio_.readOnly()) return;
  clearShown();
  if (!worked(studio_.deleteTake(id))) return;
  deleted_ = id;
  loadShelf();
  showFigures();
  say(tr("The take was deleted."), tr("Undo  ·  Ctrl+Z"), [this] { undoDelete(); });
}

void MainWindow::undoDelete() {
  if (!deleted_) return;
  messages_->clear();
  clearShown();
  worked(studio_.restoreTake(*deleted_));
  loadShelf(std::exchange(deleted_, {}));
}

/// Two to six takes side by side; which, the tooltip of the button says.
void MainWindow::compare(bool blind) {
  std::vector<Take> wanted;
  for (const QModelIndex& index : shelf_->selectionModel()->selectedIndexes())
    if (wanted.size() < 6) wanted.push_back(takes_[static_cast<std::size_t>(index.row())]);
  if (wanted.size() < 2 && shown_) {
    const auto here = std::ranges::find(takes_, shown_->take.id, &Take::id);
    if (here == takes_.end()) return;
    wanted = {*here};
    const auto before = std::find_if(here + 1, takes_.end(),
                                     [&](const Take& t) { return t.asked.exercise == here->asked.exercise; });
    if (before != takes_.end()) wanted.push_back(*before);
  }
  if (wanted.size() < 2)
    return say(
        tr("Comparing needs two takes: mark them in the shelf with Ctrl and a click, or play this exercise "
           "again."));
  std::ranges::sort(wanted, {}, [](const Take& t) { return std::pair(t.made_unix_s, t.id); });
  player_.stop();
  for (const auto ticket : std::exchange(comparing_, {})) analyst_.forget(ticket);
  const auto compared = std::make_shared<std::vector<std::optional<ComparedTake>>>(wanted.size());
  const QString name = q(student()->name);
  for (std::size_t i = 0; i < wanted.size(); ++i) {
    Analyst::Request request;
    request.take = wanted[i];
    request.file = studio_.takeFile(wanted[i]);
    comparing_.push_back(analyst_.ask(
        std::move(request), Analyst::Urgency::now, [=, this](Analyst::Ticket, const Analyst::Answer& answer) {
          if (!answer.picture) {
            for (const auto ticket : std::exchange(comparing_, {})) analyst_.forget(ticket);
            return sayLoss(answer.error);
          }
          const QString when =
              QDateTime::fromSecsSinceEpoch(answer.take.made_unix_s).toString("d MMM, HH:mm");
          (*compared)[i] = ComparedTake{when, answer.picture, answer.samples, answer.rate_hz};
          if (std::ranges::any_of(*compared, [](const auto& one) { return !one; })) return;
          comparing_.clear();
          std::vector<ComparedTake> takes;
          for (auto& one : *compared) takes.push_back(std::move(*one));
          auto* view = new CompareView(std::move(takes), blind, this);
          view->setWindowTitle(tr("Takes of %1 side by side").arg(name));
          view->show();
        }));
  }
}

}  // namespace calando
