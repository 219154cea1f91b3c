#include "app/compare_view.h"

#include <numeric>
#include <random>

#include "app/cue_strip.h"
#include "app/ribbon_painter.h"
#include "app/style.h"
#include "core/exercise/cue_figures.h"
#include "core/measure/dynamics.h"

namespace calando {

namespace {

constexpr double kLead_s = 0.4;    // before the common onset
constexpr double kCaption = 18.0;  // over a ribbon: its unit
constexpr double kCueLead_s = 0.1;
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

/// The cues that ask for something to be heard.
std::vector<std::size_t> heardCues(const TakePicture& picture) {
  std::vector<std::size_t> cues;
  for (std::size_t c = 0; c < picture.analysis.cues.size(); ++c)
    if (picture.analysis.cues[c].asksForSound) cues.push_back(c);
  return cues;
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
    const std::vector<double> lengths = segmentLengths();
    const double all = std::accumulate(lengths.begin(), lengths.end(), 0.0);
    const double each = (height() - kStripHeight - 24.0) / static_cast<double>(view_->takes_.size());
    for (std::size_t i = 0; i < view_->takes_.size(); ++i) {
      const ComparedTake& take = view_->takes_[i];
      const QRectF area(kLeft, kCaption + static_cast<double>(i) * each, width() - kLeft - 6,
                        each - kCaption - 4);
      // One height for all segments of a take.
      RibbonScale scale =
          fitScale(*take.picture, area, segmentStart(take, 0), endOf(*take.picture) + kLead_s);
      scale.to_s = scale.from_s + all;
      paintRibbonGround(painter, *take.picture, scale);
      double left = area.left();
      for (std::size_t s = 0; s < lengths.size(); ++s) {
        scale.from_s = segmentStart(take, s);
        scale.to_s = scale.from_s + lengths[s];
        scale.area = QRectF(left, area.top(), area.width() * lengths[s] / all, area.height());
        left = scale.area.right();
        painter.save();
        painter.setClipRect(scale.area);
        paintRibbon(painter, *take.picture, scale);
        painter.restore();
        if (view_->byCue_) paintSegment(painter, scale.area, take, s);
      }
      scale.area = area;
      paintTargetLimits(painter, *take.picture, scale);
      painter.setPen(style::ink);
      painter.setFont(style::work(9, true));
      painter.drawText(area.adjusted(6, 3, -6, 0), Qt::AlignTop | Qt::AlignLeft,
                       letter(i) + QStringLiteral("   ") + take.name);
    }
    paintColours(painter, QRectF(kLeft, height() - kStripHeight, width() - kLeft - 6, kStripHeight - 22));
  }

 private:
  /// Where a take's part of the axis begins: a little before its first tone, or before a cue's sound.
  double segmentStart(const ComparedTake& take, std::size_t segment) const {
    if (!view_->byCue_) return onsetOf(*take.picture) - kLead_s;
    const CueResult& cue = take.picture->analysis.cues[heardCues(*take.picture)[segment]];
    const Note* note = soundOf(cue, take.picture->analysis).note;
    return (note ? note->start_s : cue.start_s) - kCueLead_s;
  }
  /// Its left edge and the note it is for.
  void paintSegment(QPainter& painter, const QRectF& area, const ComparedTake& take, std::size_t segment) {
    if (segment > 0) painter.fillRect(QRectF(area.left(), area.top(), 1, area.height()), style::rule);
    const CueResult& cue = take.picture->analysis.cues[heardCues(*take.picture)[segment]];
    painter.setFont(style::serif(12));
    painter.setPen(style::ink);
    painter.drawText(area.adjusted(0, 0, 0, -2), Qt::AlignBottom | Qt::AlignHCenter,
                     cueName(*take.picture, cue));
  }
  /// Of the parts of the common axis: one for all, or one for each cue, as long as the longest of them.
  std::vector<double> segmentLengths() const {
    const auto& takes = view_->takes_;
    std::vector<double> lengths(view_->byCue_ ? heardCues(*takes.front().picture).size() : 1, 0.5);
    for (const ComparedTake& take : takes) {
      if (!view_->byCue_) {
        lengths[0] = std::max(lengths[0], endOf(*take.picture) - onsetOf(*take.picture) + 2 * kLead_s);
        continue;
      }
      const auto cues = heardCues(*take.picture);
      for (std::size_t s = 0; s < lengths.size(); ++s) {
        const CueResult& cue = take.picture->analysis.cues[cues[s]];
        const Note* note = soundOf(cue, take.picture->analysis).note;
        lengths[s] =
            std::max(lengths[s], (note ? note->end_s : cue.end_s) - segmentStart(take, s) + kCueLead_s);
      }
    }
    return lengths;
  }

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
  if (sameCues()) {
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

/// All are takes of the same several notes.
bool CompareView::sameCues() const {
  const auto asked = [](const ComparedTake& take) {
    std::vector<std::optional<int>> notes;
    for (const std::size_t c : heardCues(*take.picture))
      notes.push_back(take.picture->analysis.cues[c].asked);
    return notes;
  };
  const auto first = asked(takes_.front());
  return first.size() > 1 &&
         std::ranges::all_of(takes_, [&](const ComparedTake& take) { return asked(take) == first; });
}

void CompareView::play(std::size_t place) {
  const ComparedTake& take = takes_[order_[place]];
  const Note* note = mainNote(*take.picture);
  const std::vector<float> samples =
      levelled(*take.samples, note ? note->level_dbfs : std::nullopt, kListen_dbfs);
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
  table_->setRowCount(static_cast<int>(first.size()) + 2);
  QStringList heads, rows;
  for (std::size_t i = 0; i < takes_.size(); ++i) heads << letter(i);
  for (const Reading& r : first)
    rows << QString::fromStdString(r.label) +
                (r.unit.empty() ? QString() : ", " + QString::fromStdString(r.unit));
  rows << tr("Colour from A, dB") << tr("Colour’s own spread, dB");
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
      const int decimals = first[r].unit.empty() ? 0 : 1;  // a count
      QString text = value ? signedFigure(*value, decimals, false) : QStringLiteral("–");
      if (i > 0 && value && first[r].value)
        text += QStringLiteral("  (%1)").arg(signedFigure(*value - *first[r].value, decimals));
      put(r, i, text);
    }
    const Note* a = mainNote(*takes_.front().picture);
    const Note* b = mainNote(*takes_[i].picture);
    const auto distance = a && b && i > 0 ? colourDistance(*a, *b) : std::nullopt;
    put(first.size(), i, distance ? signedFigure(*distance, 1, false) : QStringLiteral("–"));
    const auto own = b ? b->colour_repeat_db : std::nullopt;
    put(first.size() + 1, i, own ? signedFigure(*own, 1, false) : QStringLiteral("–"));
  }
}

}  // namespace calando
