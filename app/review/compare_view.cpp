#include "app/review/compare_view.h"

#include <QKeyEvent>
#include <QTimer>

#include "app/parts/plain_dialog.h"
#include "app/parts/tight.h"
#include "app/sound/speaker.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/comparison.h"
#include "core/engine/snapshot.h"
#include "core/figures/cue_figures.h"
#include "core/figures/figure.h"
#include "core/measure/edges/dynamics.h"

namespace calando {

namespace {

using Shown = ComparePicture::Shown;
constexpr int kNarrowTable = 360;
constexpr double kListen_dbfs = -20.0;
constexpr int kBetween_ms = 500;
constexpr std::size_t kMostNamed = 3;

}  // namespace

CompareView::CompareView(std::vector<ComparedTake> takes, bool blind, const std::string& output,
                         QWidget* parent)
    : QDialog(parent),
      takes_(std::move(takes)),
      blind_(blind),
      table_(new QTableWidget),
      choice_(new QWidget(this)),
      verdict_(new QLabel),
      differs_(new QLabel),
      keys_(new QLabel),
      name_(new QPushButton(tr("When were they?"))) {
  setWindowTitle(tr("Takes side by side"));
  setAttribute(Qt::WA_DeleteOnClose);
  setFocusPolicy(Qt::StrongFocus);
  fitToScreen(*this, 1240, 740);
  std::vector<ComparePicture::Row> rows;
  for (std::size_t i = 0; i < takes_.size(); ++i)
    rows.push_back({letter(i), takes_[i].name, takes_[i].snapshot});
  picture_ = new ComparePicture(std::move(rows), blind_ ? Shown::nothing : Shown::named);
  player_.setOutput(output);
  connect(&player_, &Speaker::stopped, this, [this] {
    picture_->setHeard(std::nullopt);
    QTimer::singleShot(kBetween_ms, this, &CompareView::playNext);
  });
  table_->setAccessibleName(tr("Figures of the takes, and their differences from the first"));
  table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table_->setShowGrid(false);
  table_->setFont(style::work(style::kSmallType));
  table_->verticalHeader()->setDefaultSectionSize(24);
  table_->setSizeAdjustPolicy(QAbstractScrollArea::AdjustToContents);
  table_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Expanding);
  table_->setMinimumWidth(kNarrowTable);
  auto* body = new QHBoxLayout;
  body->addWidget(picture_, 1);
  body->addWidget(table_);
  auto* layout = new QVBoxLayout(this);
  layout->addLayout(buildListening());
  layout->addLayout(buildVerdict());
  layout->addWidget(differs_);
  layout->addLayout(body, 1);
  layout->addWidget(keys_);
  keys_->setObjectName("keys");
  keys_->setFont(style::work(style::kSmallType));
  keys_->setForegroundRole(QPalette::PlaceholderText);
  differs_->setObjectName("differs");
  differs_->setWordWrap(true);
  differs_->setFont(style::work(style::kStrongType));
  differs_->hide();
  table_->hide();
  if (!hidden()) reveal();
  sayKeys();
}

/// What the keys do as things are.
void CompareView::sayKeys() {
  QStringList said;
  if (hidden()) {
    QStringList numbers;
    for (std::size_t i = 0; i < takes_.size(); ++i) numbers << letter(i);
    const QString last = numbers.takeLast();
    said << tr("%1 and %2 keep one", "keys, of takes").arg(numbers.join(QStringLiteral(", ")), last);
  }
  said << tr("R plays them again");
  if (hidden()) said << tr("Space shows them without a choice");
  if (picture_->shown() == Shown::pictures) said << tr("Space says when they were");
  keys_->setText(said.join(QStringLiteral("   ·   ")));
}

QLayout* CompareView::buildListening() {
  auto* listen = new QHBoxLayout;
  const auto button = [](const QString& text, const QString& name) {
    auto* made = new QPushButton(text);
    made->setObjectName(name);
    made->setAutoDefault(false);
    made->setFocusPolicy(Qt::TabFocus);  // a click leaves the keys with the view
    return made;
  };
  listen->addWidget(new QLabel(tr("Listen, equally loud:")));
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    auto* one = button(letter(i), QStringLiteral("listen%1").arg(i));
    connect(one, &QPushButton::clicked, this, [this, i] { play(i); });
    listen->addWidget(one);
  }
  auto* stop = button(tr("Stop"), QStringLiteral("listenStop"));
  connect(stop, &QPushButton::clicked, this, [this] {
    waiting_.clear();
    player_.stop();
  });
  listen->addWidget(stop);
  listen->addStretch();
  if (haveSameCues(pictures())) {
    auto* byCue = new QToolButton;
    byCue->setObjectName("byCue");
    byCue->setText(tr("Note under note"));
    byCue->setToolTip(tr("Begin each note of the exercise together, instead of only the first"));
    byCue->setCheckable(true);
    byCue->setFocusPolicy(Qt::TabFocus);
    connect(byCue, &QToolButton::toggled, picture_, &ComparePicture::setByCue);
    listen->addWidget(byCue);
  }
  if (!blind_) return listen;
  auto* kept = tight(new QHBoxLayout(choice_), style::kStep);
  kept->addWidget(new QLabel(tr("I would keep:")));
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    auto* one = button(letter(i), QStringLiteral("better%1").arg(i));
    one->setAccessibleName(tr("%1 is the better one").arg(letter(i)));
    connect(one, &QPushButton::clicked, this, [this, i] { uncover(i); });
    kept->addWidget(one);
  }
  auto* show = button(tr("Show them"), QStringLiteral("reveal"));
  show->setToolTip(tr("Without a choice (Space)"));
  connect(show, &QPushButton::clicked, this, [this] { uncover(std::nullopt); });
  kept->addWidget(show);
  listen->addWidget(choice_);
  return listen;
}

QLayout* CompareView::buildVerdict() {
  verdict_->setWordWrap(true);
  verdict_->setObjectName("why");
  verdict_->hide();
  name_->setObjectName("whenWere");
  name_->setAutoDefault(false);
  name_->setFocusPolicy(Qt::TabFocus);
  name_->hide();
  connect(name_, &QPushButton::clicked, this, &CompareView::name);
  auto* row = new QHBoxLayout;
  row->addWidget(verdict_, 1);
  row->addWidget(name_);
  return row;
}

/// Blind they are numbers: letters go by their days.
QString CompareView::letter(std::size_t take) const {
  return blind_ ? QString::number(take + 1) : QString(QChar('A' + static_cast<int>(take)));
}

void CompareView::showEvent(QShowEvent* event) {
  QDialog::showEvent(event);
  setFocus();
  if (hidden()) QTimer::singleShot(kBetween_ms, this, &CompareView::playAll);
}

void CompareView::keyPressEvent(QKeyEvent* event) {
  const int key = event->key();
  constexpr int kNone = -1;
  const int chosen = key == Qt::Key_PageUp                  ? 0
                     : key == Qt::Key_PageDown              ? 1
                     : key >= Qt::Key_1 && key <= Qt::Key_6 ? key - Qt::Key_1
                                                            : kNone;
  if (key == Qt::Key_R) return playAll();
  if (hidden() && key == Qt::Key_Space) return uncover(std::nullopt);
  if (picture_->shown() == Shown::pictures && (key == Qt::Key_Space || (chosen != kNone && key > Qt::Key_6)))
    return name();
  if (hidden() && chosen != kNone && chosen < static_cast<int>(takes_.size()))
    return uncover(static_cast<std::size_t>(chosen));
  QDialog::keyPressEvent(event);
}

std::vector<SnapshotPtr> CompareView::pictures() const {
  std::vector<SnapshotPtr> pictures;
  for (const ComparedTake& take : takes_) pictures.push_back(take.snapshot);
  return pictures;
}

void CompareView::playAll() {
  waiting_.clear();
  player_.stop();
  for (std::size_t i = 0; i < takes_.size(); ++i) waiting_.push_back(i);
  playNext();
}

void CompareView::playNext() {
  if (waiting_.empty() || player_.playing()) return;
  const std::size_t next = waiting_.front();
  waiting_.erase(waiting_.begin());
  sound(next);
}

void CompareView::play(std::size_t take) {
  waiting_.clear();
  sound(take);
}

void CompareView::sound(std::size_t i) {
  const ComparedTake& take = takes_[i];
  const Note* note = take.snapshot->analysis.mainNote();
  const std::vector<float> samples =
      levelled(*take.samples, note ? note->level_dbfs : std::nullopt, kListen_dbfs);
  const double from_s = alignedStretches(std::span(&take.snapshot, 1), false)[0][0].start_s;
  if (player_.play(samples, take.rate_hz, std::max(0.0, from_s), kToTheEnd_s, false)) {
    return picture_->setHeard(i);
  }
  waiting_.clear();
  verdict_->setText(words::noOutput());
  verdict_->show();
}

/// Pictures and figures come, then, if they are asked for, the days.
void CompareView::uncover(std::optional<std::size_t> kept) {
  if (!hidden()) return;
  verdict_->setText(kept ? tr("You would keep %1.").arg(letter(*kept)) : tr("None was chosen."));
  verdict_->show();
  name_->show();
  choice_->hide();
  picture_->setShown(Shown::pictures);
  reveal();
  sayKeys();
}

void CompareView::name() {
  QStringList were;
  for (std::size_t i = 0; i < takes_.size(); ++i) were << tr("%1 was %2").arg(letter(i), takes_[i].name);
  verdict_->setText(verdict_->text() + QStringLiteral("   ") + were.join(QStringLiteral("   ·   ")));
  name_->hide();
  picture_->setShown(Shown::named);
  sayKeys();
}

/// "From A to B: End of the tone +12.8 cents, …", of two takes.
QString CompareView::differs() const {
  if (takes_.size() != 2) return {};
  QStringList parts;
  const auto shown = pictures();
  for (const ComparedFigure& row : mostDifferent(shown, kMostNamed))
    parts << QStringLiteral("%1 %2").arg(
        words::label(*row.figure),
        words::inUnit(words::change(*row.takes[1].fromFirst, row.figure->print), *row.figure));
  const QString all = parts.isEmpty() ? tr("hardly anything") : parts.join(QStringLiteral(", "));
  return tr("What differs most from %1 to %2: %3.", "two takes").arg(letter(0), letter(1), all);
}

void CompareView::reveal() {
  fillTable();
  differs_->setText(differs());
  differs_->setVisible(!differs_->text().isEmpty());
  table_->show();
}

void CompareView::fillTable() {
  const auto figures = compareFigures(pictures());
  table_->setColumnCount(static_cast<int>(takes_.size()));
  table_->setRowCount(static_cast<int>(figures.size()) + 2);
  const QString none = QStringLiteral("–");
  QStringList heads, rows;
  for (std::size_t i = 0; i < takes_.size(); ++i) heads << letter(i);
  for (const ComparedFigure& row : figures) rows << words::titled(*row.figure);
  rows << tr("Colour from %1, dB", "a take").arg(letter(0)) << tr("Colour’s own spread, dB");
  table_->setHorizontalHeaderLabels(heads);
  table_->setVerticalHeaderLabels(rows);
  const auto put = [this](std::size_t row, std::size_t column, const QString& text) {
    auto* cell = new QTableWidgetItem(text);
    cell->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    table_->setItem(static_cast<int>(row), static_cast<int>(column), cell);
  };
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    for (std::size_t r = 0; r < figures.size(); ++r) {
      const Print& print = figures[r].figure->print;
      const ComparedFigure::Cell& cell = figures[r].takes[i];
      QString text = cell.value ? words::number(*cell.value, print) : none;
      if (cell.fromFirst) text += QStringLiteral("  (%1)").arg(words::change(*cell.fromFirst, print));
      put(r, i, text);
    }
    const Note* a = takes_.front().snapshot->analysis.mainNote();
    const Note* b = takes_[i].snapshot->analysis.mainNote();
    const auto distance = a && b && i > 0 ? colourDistance(*a, *b) : std::nullopt;
    put(figures.size(), i, distance ? words::number(*distance, 1, false) : none);
    const auto own = b ? b->colour_repeat_db : std::nullopt;
    put(figures.size() + 1, i, own ? words::number(*own, 1, false) : none);
  }
  // As wide as its figures, where the pictures leave that much; else it scrolls.
  table_->resizeColumnsToContents();
  for (int c = 0; c < table_->columnCount(); ++c)
    table_->setColumnWidth(c, table_->columnWidth(c) + 2 * style::kStep);
  table_->updateGeometry();
}

}  // namespace calando
