#include "app/ribbon/timbre.h"

#include "app/ribbon/labels.h"
#include "app/ribbon/lane.h"
#include "app/ribbon/ribbon_texts.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/measure/edges/sounds.h"

namespace calando {

namespace {

constexpr double kDeepest_db = -40.0;               // where a partial is no longer compared
constexpr double kAbove_db = 9.0;                   // for what stands above
constexpr double kNarrowestStem = 3.0, kGap = 2.0;  // points
constexpr double kAside = 0.06;                     // of a note's time, free on either side
constexpr double kModelLine = 2.0;
constexpr double kLabelled = 32.0;  // under the lane's name

using Partials = std::vector<std::optional<double>>;

double strongest_db(const Partials& partials) {
  double most = kDeepest_db;
  for (const auto& level : partials) most = std::max(most, level.value_or(kDeepest_db));
  return most;
}

/// What both show, on average more in `a` than in `b`: the difference of their loudness, dB.
double louder_db(const Partials& a, const Partials& b) {
  double sum = 0.0;
  int count = 0;
  for (std::size_t k = 0; k < std::min(a.size(), b.size()); ++k)
    if (a[k] && b[k] && std::min(*a[k], *b[k]) > kDeepest_db) {
      sum += *a[k] - *b[k];
      ++count;
    }
  return count > 0 ? sum / count : 0.0;
}

/// A note's partials from left to right in its time.
struct Stems {
  double left;
  double width;  ///< of one and the gap after it
  std::size_t count;

  Stems(const RibbonScale& scale, const Note& note) {
    const double from = scale.x(note.start_s), all = scale.x(note.end_s) - from;
    left = from + kAside * all;
    const double room = (1.0 - 2.0 * kAside) * all;
    count = std::min(note.harmonics_db.size(),
                     static_cast<std::size_t>(std::max(1.0, room / (kNarrowestStem + kGap))));
    width = room / static_cast<double>(std::max<std::size_t>(1, count));
  }
  double x(std::size_t partial) const { return left + width * static_cast<double>(partial); }
};

class TimbrePainter {
 public:
  TimbrePainter(QPainter& painter, const Snapshot& take, const RibbonScale& scale)
      : p_(painter), take_(take), scale_(scale), labels_(painter, scale.area) {
    row_ = {kDeepest_db, kAbove_db, {0, -10, -20, -30}, style::colour, Ribbon::tr("partials")};
  }

  void paint() {
    p_.save();
    paintLaneGround(p_, scale_.area, row_);
    p_.setClipRect(scale_.area);
    const auto& cues = take_.analysis.cues;
    const Note* model = nullptr;
    for (std::size_t i = 0; i < cues.size() && i < take_.sheet.cues.size(); ++i) {
      const Note* note = soundOf(cues[i], take_.analysis).note;
      if (!note || note->harmonics_db.empty()) continue;
      paintStems(*note);
      const bool isModel = !model && take_.sheet.cues[i].model;
      if (isModel) model = note;
      if (model && !isModel) paintModel(*model, *note);
      name(*note, isModel, cues[i].colour_distance_db);
    }
    p_.setClipping(false);
    paintLaneUnit(p_, scale_.area, Ribbon::tr("dB under the strongest"));
    paintLaneName(p_, scale_.area, row_);
    p_.restore();
  }

 private:
  double y(double level_db) const { return row_.y(scale_.area, std::clamp(level_db, row_.bottom, row_.top)); }

  void paintStems(const Note& note) {
    const Stems stems(scale_, note);
    const double top_db = strongest_db(note.harmonics_db);
    for (std::size_t k = 0; k < stems.count; ++k)
      if (const auto& level = note.harmonics_db[k])
        p_.fillRect(QRectF(QPointF(stems.x(k), y(*level - top_db)),
                           QPointF(stems.x(k) + stems.width - kGap, scale_.area.bottom())),
                    style::colour);
  }

  void paintModel(const Note& model, const Note& note) {
    const Stems stems(scale_, note);
    const double over_db = louder_db(note.harmonics_db, model.harmonics_db) - strongest_db(note.harmonics_db);
    p_.setPen(QPen(style::ink, kModelLine));
    for (std::size_t k = 0; k < std::min(stems.count, model.harmonics_db.size()); ++k)
      if (const auto& level = model.harmonics_db[k]; level && *level > kDeepest_db)
        p_.drawLine(QPointF(stems.x(k) - 0.5 * kGap, y(*level + over_db)),
                    QPointF(stems.x(k) + stems.width - 0.5 * kGap, y(*level + over_db)));
  }

  void name(const Note& note, bool isModel, const std::optional<double>& off_db) {
    const QPointF at(0.5 * (scale_.x(note.start_s) + scale_.x(note.end_s)), scale_.area.top() + kLabelled);
    p_.setFont(style::work(style::kType, true));
    if (isModel) return labels_.put(at, Ribbon::tr("the model"), style::ink);
    if (!off_db) return;
    const Reading* reading = readingOf(take_, "colour_distance_db");
    const bool beyond = reading && reading->high && *off_db > *reading->high;
    labels_.put(at, Ribbon::tr("%1 dB off").arg(words::number(*off_db, 1, false)),
                beyond ? style::attention : style::colour);
  }

  QPainter& p_;
  const Snapshot& take_;
  const RibbonScale& scale_;
  Labels labels_;
  LaneRow row_{};
};

}  // namespace

void paintTimbre(QPainter& painter, const Snapshot& take, const RibbonScale& scale) {
  TimbrePainter(painter, take, scale).paint();
}

}  // namespace calando
