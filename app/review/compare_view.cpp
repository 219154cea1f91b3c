#include "app/review/compare_view.h"

#include <QKeyEvent>
#include <QTimer>
#include <random>

#include "app/parts/plain_dialog.h"
#include "app/parts/tight.h"
#include "app/picture/cue_strip.h"
#include "app/picture/gallery.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/comparison.h"
#include "core/judging/cue_figures.h"
#include "core/measure/dynamics.h"

namespace calando {

namespace {

constexpr double kStripHeight = 120.0;
constexpr int kNarrowTable = 360;
constexpr double kListen_dbfs = -20.0;
constexpr int kBetween_ms = 500;
constexpr int kNumber = 96;

const Note* mainNote(const Snapshot& picture) {
  const Tone* tone = picture.analysis.mainTone();
  return tone ? tone->mainNote() : nullptr;
}

/// The takes' lines in the strip: apart by colour and by dash.
QPen penOf(std::size_t i) {
  static const QColor colours[] = {style::pitch,     style::loudness, style::colour,
                                   style::attention, style::air,      style::quietInk};
  static constexpr Qt::PenStyle dashes[] = {Qt::SolidLine,   Qt::DashLine,       Qt::DotLine,
                                            Qt::DashDotLine, Qt::DashDotDotLine, Qt::SolidLine};
  return QPen(colours[i % 6], 2.0, dashes[i % 6]);
}

}  // namespace

/// The takes' pictures and the colour strip.
class CompareView::Canvas : public QWidget {
 public:
  explicit Canvas(CompareView* view) : view_(view) {
    setMinimumSize(480, 420);
    setAccessibleName(CompareView::tr("Pictures of the takes, and their harmonics"));
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.fillRect(rect(), style::paper);
    if (view_->hidden()) return paintHidden(painter);
    const auto pictures = view_->pictures();
    const auto stretches = alignedStretches(pictures, view_->byCue_);
    const double each = (height() - kStripHeight - 24.0) / static_cast<double>(pictures.size());
    const double width = this->width() - kRowCaptions.left() - kRowCaptions.right();
    for (std::size_t i = 0; i < pictures.size(); ++i) {
      const QRectF area(kRowCaptions.left(), kRowCaptions.top() + static_cast<double>(i) * each, width,
                        each - kRowCaptions.top() - kRowCaptions.bottom());
      pictureFor(*pictures[i]).paintRow(painter, *pictures[i], area, stretches[i]);
      if (view_->byCue_) paintNotes(painter, area, *pictures[i], stretches[i]);
      paintName(
          painter, area,
          view_->letter(i) +
              (view_->stage_ == Stage::named ? QStringLiteral("   ") + view_->takes_[i].name : QString()));
    }
    paintColours(painter, QRectF(kRowCaptions.left(), height() - kStripHeight, width, kStripHeight - 22));
  }

 private:
  /// The number of the one that is heard, large.
  void paintHidden(QPainter& painter) {
    const QRectF words(0, 0.62 * height(), width(), 0.3 * height());
    painter.setPen(style::quietInk);
    painter.setFont(style::serif(style::kFigureType));
    painter.drawText(
        words, Qt::AlignHCenter | Qt::TextWordWrap,
        CompareView::tr("Listen first. Choose the one that you would keep;\nthen the pictures come."));
    if (!view_->heard_) return;
    painter.setPen(style::pitch);
    painter.setFont(style::work(kNumber));
    painter.drawText(QRectF(0, 0, width(), words.top()), Qt::AlignCenter, view_->letter(*view_->heard_));
  }
  static void paintName(QPainter& painter, const QRectF& area, const QString& name) {
    painter.setFont(style::work(style::kSmallType, true));
    const QRectF box(area.left() + 2, area.top() + 2, painter.fontMetrics().horizontalAdvance(name) + 8, 16);
    painter.fillRect(box, style::cleared);
    painter.setPen(style::ink);
    painter.drawText(box, Qt::AlignCenter, name);
  }
  /// The stretches' left edges and the notes they are for.
  static void paintNotes(QPainter& painter, const QRectF& area, const Snapshot& take,
                         const std::vector<Span>& stretches) {
    double all = 0.0;
    for (const Span& stretch : stretches) all += stretch.end_s - stretch.start_s;
    painter.setFont(style::serif(style::kStrongType));
    double left = area.left();
    const std::vector<std::size_t> cues = heardCues(take);
    for (std::size_t s = 0; s < stretches.size(); ++s) {
      const double width = area.width() * (stretches[s].end_s - stretches[s].start_s) / all;
      if (s > 0) painter.fillRect(QRectF(left, area.top(), 1, area.height()), style::rule);
      painter.setPen(style::ink);
      painter.drawText(QRectF(left, area.top(), width, area.height() - 2), Qt::AlignBottom | Qt::AlignHCenter,
                       cueName(take, cues[s]));
      left += width;
    }
  }

  /// Levels of the partials of each main note, the strongest at the top.
  void paintColours(QPainter& painter, const QRectF& area) {
    painter.fillRect(area, style::sheet);
    painter.setFont(style::work(style::kSmallType));
    const auto x = [&](std::size_t k) {
      return area.left() + (static_cast<double>(k) + 0.5) / kMostPartials * area.width();
    };
    const auto y = [&](double db) {
      return area.top() + 6 - std::max(-60.0, db) / 60.0 * (area.height() - 8);
    };
    painter.setPen(style::quietInk);
    for (const double mark : {-20.0, -40.0}) {
      painter.drawText(QRectF(0, y(mark) - 8, kRowCaptions.left() - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
                       words::number(mark));
      painter.fillRect(QRectF(area.left(), y(mark), area.width(), 1), style::rule);
    }
    for (std::size_t k = 0; k < kMostPartials; k += k == 0 ? 4 : 5)
      painter.drawText(QRectF(x(k) - 20, area.bottom() + 2, 40, 14), Qt::AlignCenter, QString::number(k + 1));
    painter.drawText(QRectF(area.right() - 330, area.top() + 1, 326, 14), Qt::AlignRight,
                     CompareView::tr("partials, dB under the strongest"));
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < view_->takes_.size(); ++i) {
      const Note* note = mainNote(*view_->takes_[i].picture);
      if (!note) continue;
      QPolygonF line;
      for (std::size_t k = 0; k < note->harmonics_db.size(); ++k)
        if (note->harmonics_db[k]) line << QPointF(x(k), y(*note->harmonics_db[k]));
      painter.setPen(penOf(i));
      painter.drawPolyline(line);
      paintKey(painter, area, i);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
  }

  /// Which line is whose, where the lines are not: they fall to the right.
  void paintKey(QPainter& painter, const QRectF& area, std::size_t i) const {
    constexpr double each = 44.0;
    const double left = area.right() - each * static_cast<double>(view_->takes_.size() - i);
    const double y = area.top() + 24;
    painter.drawLine(QPointF(left, y), QPointF(left + 22, y));
    painter.setFont(style::work(style::kSmallType, true));
    painter.drawText(QRectF(left + 26, y - 8, 16, 16), Qt::AlignVCenter | Qt::AlignLeft, view_->letter(i));
  }

  CompareView* view_;
};

CompareView::CompareView(std::vector<ComparedTake> takes, bool blind, const std::string& output,
                         QWidget* parent)
    : QDialog(parent),
      takes_(std::move(takes)),
      blind_(blind),
      stage_(blind ? Stage::hidden : Stage::named),
      canvas_(new Canvas(this)),
      table_(new QTableWidget),
      choice_(new QWidget(this)),
      verdict_(new QLabel),
      name_(new QPushButton(tr("When were they?"))) {
  setWindowTitle(tr("Takes side by side"));
  setAttribute(Qt::WA_DeleteOnClose);
  setFocusPolicy(Qt::StrongFocus);
  fitToScreen(*this, 1240, 740);
  if (blind_) std::ranges::shuffle(takes_, std::mt19937(std::random_device{}()));
  player_.setOutput(output);
  connect(&player_, &Speaker::stopped, this, [this] {
    heard_.reset();
    canvas_->update();
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
  body->addWidget(canvas_, 1);
  body->addWidget(table_);
  auto* layout = new QVBoxLayout(this);
  layout->addLayout(buildListening());
  layout->addLayout(buildVerdict());
  layout->addLayout(body, 1);
  table_->hide();
  if (!hidden()) reveal();
}

QLayout* CompareView::buildListening() {
  auto* listen = new QHBoxLayout;
  const auto button = [](const QString& text, const QString& name) {
    auto* made = new QPushButton(text);
    made->setObjectName(name);
    made->setAutoDefault(false);
    return made;
  };
  listen->addWidget(new QLabel(tr("Listen, at equal levels:")));
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
    connect(byCue, &QToolButton::toggled, this, [this](bool on) {
      byCue_ = on;
      canvas_->update();
    });
    listen->addWidget(byCue);
  }
  if (!blind_) return listen;
  auto* kept = tight(new QHBoxLayout(choice_), style::kStep);
  kept->addWidget(new QLabel(tr("I would keep:")));
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    auto* one = button(letter(i), QStringLiteral("better%1").arg(i));
    one->setAccessibleName(tr("%1 is the better one").arg(letter(i)));
    connect(one, &QPushButton::clicked, this, [this, i] { choose(i); });
    kept->addWidget(one);
  }
  listen->addWidget(choice_);
  return listen;
}

QLayout* CompareView::buildVerdict() {
  verdict_->setObjectName("why");
  verdict_->hide();
  name_->setObjectName("whenWere");
  name_->setAutoDefault(false);
  name_->hide();
  connect(name_, &QPushButton::clicked, this, &CompareView::name);
  auto* row = new QHBoxLayout;
  row->addWidget(verdict_);
  row->addWidget(name_);
  row->addStretch();
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
  const auto chosen = key == Qt::Key_PageUp                  ? std::optional(0)
                      : key == Qt::Key_PageDown              ? std::optional(1)
                      : key >= Qt::Key_1 && key <= Qt::Key_6 ? std::optional(key - Qt::Key_1)
                                                             : std::nullopt;
  if (key == Qt::Key_R) return playAll();
  if (stage_ == Stage::figures && (key == Qt::Key_Space || (chosen && key > Qt::Key_6))) return name();
  if (hidden() && chosen && *chosen < static_cast<int>(takes_.size()))
    return choose(static_cast<std::size_t>(*chosen));
  QDialog::keyPressEvent(event);
}

std::vector<SnapshotPtr> CompareView::pictures() const {
  std::vector<SnapshotPtr> pictures;
  for (const ComparedTake& take : takes_) pictures.push_back(take.picture);
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
  const Note* note = mainNote(*take.picture);
  const std::vector<float> samples =
      levelled(*take.samples, note ? note->level_dbfs : std::nullopt, kListen_dbfs);
  const double from_s = alignedStretches(std::span(&take.picture, 1), false)[0][0].start_s;
  if (player_.play(samples, take.rate_hz, std::max(0.0, from_s), kToTheEnd_s, false)) {
    heard_ = i;
    return canvas_->update();
  }
  waiting_.clear();
  verdict_->setText(words::noOutput());
  verdict_->show();
}

void CompareView::choose(std::size_t take) {
  if (!hidden()) return;
  verdict_->setText(tr("You would keep %1.").arg(letter(take)));
  verdict_->show();
  name_->show();
  choice_->hide();
  stage_ = Stage::figures;
  reveal();
}

void CompareView::name() {
  QStringList were;
  for (std::size_t i = 0; i < takes_.size(); ++i) were << tr("%1 was %2").arg(letter(i), takes_[i].name);
  verdict_->setText(verdict_->text() + QStringLiteral("   ") + were.join(QStringLiteral("   ·   ")));
  name_->hide();
  stage_ = Stage::named;
  canvas_->update();
}

void CompareView::reveal() {
  fillTable();
  table_->show();
  canvas_->update();
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
      if (cell.fromFirst)
        text += QStringLiteral("  (%1)").arg(words::number(*cell.fromFirst, print.decimals));
      put(r, i, text);
    }
    const Note* a = mainNote(*takes_.front().picture);
    const Note* b = mainNote(*takes_[i].picture);
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
