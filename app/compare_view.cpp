#include "app/compare_view.h"

#include <random>

#include "app/ribbon_painter.h"
#include "app/style.h"
#include "core/measure/dynamics.h"

namespace calando {

namespace {

constexpr double kLead_s = 0.4;  // before the common onset
constexpr double kLeft = 46.0;
constexpr double kStripHeight = 120.0;
constexpr double kListen_dbfs = -20.0;

const Note* mainNote(const TakePicture& picture) {
  const Tone* tone = picture.analysis.mainTone();
  return tone ? tone->mainNote() : nullptr;
}

double onsetOf(const TakePicture& picture) {
  return picture.analysis.tones.empty() ? 0.0 : picture.analysis.tones.front().start_s;
}

double endOf(const TakePicture& picture) {
  return picture.analysis.tones.empty() ? picture.tracks.duration_s : picture.analysis.tones.back().end_s;
}

QString letter(std::size_t i) { return QString(QChar('A' + static_cast<int>(i))); }

/// The takes' lines in the strip: apart by colour and by dash.
QPen penOf(std::size_t i) {
  static const QColor colours[] = {style::pitch,     style::loudness, style::colour,
                                   style::attention, style::air,      style::quietInk};
  static constexpr Qt::PenStyle dashes[] = {Qt::SolidLine,   Qt::DashLine,       Qt::DotLine,
                                            Qt::DashDotLine, Qt::DashDotDotLine, Qt::SolidLine};
  return QPen(colours[i % 6], 2.0, dashes[i % 6]);
}

}  // namespace

/// The ribbons and the colour strip.
class CompareView::Canvas : public QWidget {
 public:
  explicit Canvas(CompareView* view) : view_(view) {
    setMinimumSize(560, 420);
    setAccessibleName(CompareView::tr("Ribbons of the takes, and their harmonics"));
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.fillRect(rect(), style::paper);
    if (view_->hidden_) {
      painter.setPen(style::quietInk);
      painter.setFont(style::serif(22));
      painter.drawText(
          rect(), Qt::AlignCenter | Qt::TextWordWrap,
          CompareView::tr("Listen first. Choose the one that you like better;\nthen the pictures come."));
      return;
    }
    double longest = 1.0;
    for (const ComparedTake& t : view_->takes_)
      longest = std::max(longest, endOf(*t.picture) - onsetOf(*t.picture));
    const double each = (height() - kStripHeight - 24.0) / static_cast<double>(view_->takes_.size());
    for (std::size_t i = 0; i < view_->takes_.size(); ++i) {
      const ComparedTake& take = view_->takes_[i];
      const QRectF area(kLeft, 4 + static_cast<double>(i) * each, width() - kLeft - 6, each - 8);
      const double from = onsetOf(*take.picture) - kLead_s;
      const RibbonScale scale = fitScale(*take.picture, area, from, from + longest + 2 * kLead_s);
      paintRibbonGround(painter, *take.picture, scale);
      paintRibbon(painter, *take.picture, scale);
      painter.setPen(style::ink);
      painter.setFont(style::work(9, true));
      painter.drawText(area.adjusted(6, 3, -6, 0), Qt::AlignTop | Qt::AlignLeft,
                       letter(i) + QStringLiteral("   ") + take.name);
    }
    paintColours(painter, QRectF(kLeft, height() - kStripHeight, width() - kLeft - 6, kStripHeight - 22));
  }

 private:
  /// Levels of the partials of each main note, the strongest at the top.
  void paintColours(QPainter& painter, const QRectF& area) {
    painter.fillRect(area, style::sheet);
    painter.setFont(style::work(8.5));
    const auto x = [&](std::size_t k) {
      return area.left() + (static_cast<double>(k) + 0.5) / kMostPartials * area.width();
    };
    const auto y = [&](double db) {
      return area.top() + 6 - std::max(-60.0, db) / 60.0 * (area.height() - 8);
    };
    painter.setPen(style::quietInk);
    for (const double mark : {-20.0, -40.0}) {
      painter.drawText(QRectF(0, y(mark) - 8, kLeft - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
                       signedFigure(mark));
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
      if (line.isEmpty()) continue;
      painter.setFont(style::work(8.5, true));
      painter.drawText(line.back() + QPointF(4, 4), letter(i));
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
  }

  CompareView* view_;
};

CompareView::CompareView(std::vector<ComparedTake> takes, bool blind, QWidget* parent)
    : QDialog(parent),
      takes_(std::move(takes)),
      hidden_(blind),
      canvas_(new Canvas(this)),
      table_(new QTableWidget),
      verdict_(new QLabel) {
  setWindowTitle(tr("Takes side by side"));
  setAttribute(Qt::WA_DeleteOnClose);
  resize(1180, 700);
  for (std::size_t i = 0; i < takes_.size(); ++i) order_.push_back(i);
  if (blind) std::ranges::shuffle(order_, std::mt19937(std::random_device{}()));
  table_->setAccessibleName(tr("Figures of the takes, and their differences from the first"));
  table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table_->setShowGrid(false);
  table_->setFont(style::work(9));
  table_->verticalHeader()->setDefaultSectionSize(24);
  table_->setFixedWidth(430);
  auto* listen = new QHBoxLayout;
  listen->addWidget(new QLabel(tr("Listen, at equal levels:")));
  for (std::size_t place = 0; place < takes_.size(); ++place) {
    auto* button = new QPushButton(blind ? QString::number(place + 1) : letter(place));
    button->setObjectName(QString("listen%1").arg(place));
    connect(button, &QPushButton::clicked, this, [this, place] { play(place); });
    listen->addWidget(button);
  }
  auto* stop = new QPushButton(tr("Stop"));
  connect(stop, &QPushButton::clicked, this, [this] { player_.stop(); });
  listen->addWidget(stop);
  listen->addStretch();
  if (blind) {
    listen->addWidget(new QLabel(tr("Better:")));
    for (std::size_t place = 0; place < takes_.size(); ++place) {
      auto* button = new QPushButton(QString::number(place + 1));
      button->setObjectName(QString("better%1").arg(place));
      button->setAccessibleName(tr("%1 is the better one").arg(place + 1));
      connect(button, &QPushButton::clicked, this, [this, place] { choose(place); });
      listen->addWidget(button);
    }
  }
  verdict_->setObjectName("why");
  auto* body = new QHBoxLayout;
  body->addWidget(canvas_, 1);
  body->addWidget(table_);
  auto* layout = new QVBoxLayout(this);
  layout->addLayout(listen);
  layout->addWidget(verdict_);
  layout->addLayout(body, 1);
  verdict_->hide();
  if (blind)
    table_->hide();
  else
    reveal();
}

void CompareView::play(std::size_t place) {
  const ComparedTake& take = takes_[order_[place]];
  const Note* note = mainNote(*take.picture);
  const double gain =
      note && note->level_dbfs ? std::pow(10.0, (kListen_dbfs - *note->level_dbfs) / 20.0) : 1.0;
  std::vector<float> samples = *take.samples;
  for (float& x : samples) x *= static_cast<float>(gain);
  if (player_.play(samples, take.rate_hz, std::max(0.0, onsetOf(*take.picture) - kLead_s), 1e9, false))
    return;
  verdict_->setText(tr("There is no sound output to play on."));
  verdict_->show();
}

void CompareView::choose(std::size_t place) {
  emit preferred(order_[place]);
  QStringList were;
  for (std::size_t i = 0; i < order_.size(); ++i)
    were << tr("%1 was %2").arg(i + 1).arg(letter(order_[i]) + ", " + takes_[order_[i]].name);
  verdict_->setText(tr("You chose %1.   %2").arg(letter(order_[place]), were.join("   ·   ")));
  verdict_->show();
  reveal();
}

void CompareView::reveal() {
  hidden_ = false;
  fillTable();
  table_->show();
  canvas_->update();
}

void CompareView::fillTable() {
  const auto& first = takes_.front().picture->analysis.readings;
  table_->setColumnCount(static_cast<int>(takes_.size()));
  table_->setRowCount(static_cast<int>(first.size()) + 1);
  QStringList heads, rows;
  for (std::size_t i = 0; i < takes_.size(); ++i) heads << letter(i);
  for (const Reading& r : first)
    rows << QString::fromStdString(r.label) +
                (r.unit.empty() ? QString() : ", " + QString::fromStdString(r.unit));
  rows << tr("Colour from A, dB");
  table_->setHorizontalHeaderLabels(heads);
  table_->setVerticalHeaderLabels(rows);
  table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  const auto put = [this](std::size_t row, std::size_t column, const QString& text) {
    auto* cell = new QTableWidgetItem(text);
    cell->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    table_->setItem(static_cast<int>(row), static_cast<int>(column), cell);
  };
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    const auto& readings = takes_[i].picture->analysis.readings;
    for (std::size_t r = 0; r < first.size(); ++r) {
      const auto same = std::ranges::find(readings, first[r].id, &Reading::id);
      const auto value = same == readings.end() ? std::optional<double>() : same->value;
      QString text = value ? signedFigure(*value, 1, false) : QStringLiteral("–");
      if (i > 0 && value && first[r].value)
        text += QStringLiteral("  (%1)").arg(signedFigure(*value - *first[r].value, 1));
      put(r, i, text);
    }
    const Note* a = mainNote(*takes_.front().picture);
    const Note* b = mainNote(*takes_[i].picture);
    const auto distance = a && b && i > 0 ? colourDistance(*a, *b) : std::nullopt;
    put(first.size(), i, distance ? signedFigure(*distance, 1, false) : QStringLiteral("–"));
  }
}

}  // namespace calando
