#include <nlohmann/json.hpp>

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

namespace {

QByteArray pngOf(const QImage& image) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return bytes;
}

}  // namespace

/// What is kept of the figures of the takes before the one on show, of the same step, newest first; invalid
/// tries are left out.
std::vector<nlohmann::json> MainWindow::earlierReadings(std::size_t most) const {
  std::vector<nlohmann::json> earlier;
  if (!shown_) return earlier;
  const auto rank = [](const Take& t) { return std::pair(t.made_unix_s, t.id); };
  for (const Take& take : takes_) {  // newest first
    if (rank(take) >= rank(shown_->take) || take.asked.exercise != shown_->take.asked.exercise ||
        take.word == TeachersWord::invalidTry)
      continue;
    if (earlier.size() == most) break;
    auto kept = readingsOf(take.id);
    if (kept.is_object()) earlier.push_back(std::move(kept));
  }
  return earlier;
}

nlohmann::json MainWindow::readingsOf(std::int64_t take) const {
  const auto summary = studio_.summary(take);
  return summary && *summary ? nlohmann::json::parse((*summary)->readings, nullptr, false) : nlohmann::json();
}

std::map<std::string, std::vector<double>> MainWindow::earlierValues() const {
  std::map<std::string, std::vector<double>> values;
  for (const nlohmann::json& kept : earlierReadings(5)) {
    const auto figures = kept.value("values", nlohmann::json::object());
    for (const auto& [id, value] : figures.items())
      if (value.is_number()) values[id].insert(values[id].begin(), value.get<double>());
  }
  return values;
}

QString MainWindow::adviceBefore() const {
  const auto earlier = earlierReadings(1);
  return earlier.empty() ? QString() : q(earlier.front().value("advice", ""));
}

void MainWindow::keepSummary(const Opened& opened) {
  if (studio_.readOnly()) return;
  nlohmann::json readings{{"values", nlohmann::json::object()},
                          {"verdict", static_cast<int>(overallVerdict(opened.picture->analysis.readings))}};
  for (const Reading& r : opened.picture->analysis.readings)
    if (r.value) readings["values"][r.id] = *r.value;
  if (!opened.picture->analysis.advice.empty())
    readings["advice"] = opened.picture->analysis.advice.front().text;
  const Tone* tone = opened.picture->analysis.mainTone();
  const QByteArray png = pngOf(thumbnail(*opened.picture, kThumbnail, 2.0));
  const auto kept =
      studio_.keepSummary(opened.take.id, {engineVersion(), tone ? std::optional(tone->held_s) : std::nullopt,
                                           png.toStdString(), readings.dump()});
  if (!kept) say(q(kept.error()));
}

void MainWindow::loadShelf(std::optional<std::int64_t> select) {
  loading_ = true;
  shelf_->clear();
  takes_.clear();
  unsummarised_.clear();
  if (student()) {
    auto list = studio_.takes(student()->id);
    if (list)
      takes_ = std::move(*list);
    else
      say(q(list.error()));
  }
  int row = takes_.empty() ? -1 : 0;
  static const QString marks[] = {"", QStringLiteral("  ✓"), QStringLiteral("  ⌀"), QStringLiteral("  …"),
                                  QStringLiteral("  ✕")};
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    const Take& take = takes_[i];
    QPixmap picture(kThumbnail);
    picture.fill(style::sheet);
    const auto summary = studio_.summary(take.id);
    if (summary && *summary)
      picture.loadFromData(QByteArray::fromStdString((*summary)->ribbon), "PNG");
    else
      unsummarised_.push_back(take.id);
    picture.setDevicePixelRatio(picture.width() / static_cast<double>(kThumbnail.width()));
    const QString when = QDateTime::fromSecsSinceEpoch(take.made_unix_s).toString("d MMM, HH:mm");
    const auto card = lesson_->find(take.asked.exercise);
    const bool single = !card || !card->counted();
    const QString held = !single ? QFontMetrics(shelf_->font()).elidedText(q(card->title), Qt::ElideRight, 84)
                         : take.held_s ? tr("%1 s").arg(*take.held_s, 0, 'f', 1)
                                       : tr("–");
    QIcon icon(picture);
    icon.addPixmap(picture, QIcon::Selected);  // not tinted when chosen
    auto* item = new QListWidgetItem(icon, when + "   " + held + marks[static_cast<int>(take.word)]);
    item->setToolTip((card ? q(card->title) + "\n" : QString()) + q(take.source) +
                     (take.remark.empty() ? QString() : "\n" + q(take.remark)));
    shelf_->addItem(item);
    if (select == take.id) row = static_cast<int>(i);
  }
  updateResults();
  loading_ = false;
  const bool already = select && shown_ && shown_->take.id == *select;
  if (already) {
    loading_ = true;
    shelf_->setCurrentRow(row);
    loading_ = false;
    showFigures();
  } else {
    shelf_->setCurrentRow(row);
  }
  if (!unsummarised_.empty()) QTimer::singleShot(0, this, &MainWindow::summariseNext);
}

/// Takes that this engine has not measured yet, one after the other, while nobody waits.
void MainWindow::summariseNext() {
  if (unsummarised_.empty()) return;
  if (jobs_ > 0 || live_.running()) {
    QTimer::singleShot(60, this, &MainWindow::summariseNext);
    return;
  }
  const std::int64_t id = unsummarised_.front();
  unsummarised_.pop_front();
  const auto take = std::ranges::find(takes_, id, &Take::id);
  if (take == takes_.end()) return summariseNext();
  ++jobs_;
  QThreadPool::globalInstance()->start([this, take = *take, file = studio_.takeFile(id).string()] {
    Opened opened;
    opened.take = take;
    if (auto sound = readWholeSound(file)) {
      opened.picture =
          pictureOf(trackTake(sound->samples, sound->info.rate_hz, contextFor(take.asked)), take.asked);
    }
    QMetaObject::invokeMethod(
        this,
        [this, opened] {
          --jobs_;
          if (opened.picture) keepSummary(opened);
          if (unsummarised_.empty() && student() && !live_.running())
            loadShelf(shown_ ? std::optional(shown_->take.id) : std::nullopt);
          else
            summariseNext();
        },
        Qt::QueuedConnection);
  });
}

void MainWindow::shelfChosen() {
  if (loading_ || live_.running()) return;
  player_.stop();
  const int row = shelf_->currentRow();
  if (row < 0 || row >= static_cast<int>(takes_.size())) return;
  Opened opened;
  opened.take = takes_[static_cast<std::size_t>(row)];
  auto sound = studio_.takeSound(opened.take.id);
  if (!sound) {
    shown_.reset();
    picture_.reset();
    ribbon_->setPicture(nullptr);
    showFigures();
    return say(q(sound.error()));
  }
  opened.rate_hz = sound->info.rate_hz;
  opened.samples = std::make_shared<std::vector<float>>(std::move(sound->samples));
  measure(std::move(opened));
}

void MainWindow::deleteTake() {
  const int row = shelf_->currentRow();
  if (row < 0 || studio_.readOnly()) return;
  const std::int64_t id = takes_[static_cast<std::size_t>(row)].id;
  if (const auto gone = studio_.deleteTake(id); !gone) return say(q(gone.error()));
  deleted_ = id;
  shown_.reset();
  picture_.reset();
  ribbon_->setPicture(nullptr);
  loadShelf();
  showFigures();
  say(tr("The take was deleted."), tr("Undo  ·  Ctrl+Z"), [this] { undoDelete(); });
}

void MainWindow::undoDelete() {
  if (!deleted_) return;
  const auto back = studio_.restoreTake(*deleted_);
  say(back ? QString() : q(back.error()));
  loadShelf(deleted_);
  deleted_.reset();
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
  ++jobs_;
  std::vector<std::string> files;
  for (const Take& take : wanted) files.push_back(studio_.takeFile(take.id).string());
  QThreadPool::globalInstance()->start([this, wanted, files, blind] {
    std::vector<ComparedTake> takes;
    QString error;
    for (std::size_t i = 0; i < wanted.size() && error.isEmpty(); ++i) {
      auto sound = readWholeSound(files[i]);
      if (!sound) {
        error = q(sound.error().what);
        break;
      }
      const QString when = QDateTime::fromSecsSinceEpoch(wanted[i].made_unix_s).toString("d MMM, HH:mm");
      auto picture = pictureOf(trackTake(sound->samples, sound->info.rate_hz, contextFor(wanted[i].asked)),
                               wanted[i].asked);
      takes.push_back({when, std::move(picture),
                       std::make_shared<std::vector<float>>(std::move(sound->samples)), sound->info.rate_hz});
    }
    QMetaObject::invokeMethod(
        this,
        [this, takes = std::move(takes), error, blind] {
          --jobs_;
          if (!error.isEmpty()) return say(error);
          (new CompareView(takes, blind, this))->show();
        },
        Qt::QueuedConnection);
  });
}

}  // namespace calando
