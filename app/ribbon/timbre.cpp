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
#include "core/measure/edges/dynamics.h"
#include "core/measure/edges/sounds.h"

namespace calando {

namespace {

constexpr double kAbove_db = 9.0;  // for what stands above
constexpr double kNarrowestStem = 4.0, kWidestStem = 12.0,
                 kBetweenStems = 1.0;  // points, with the gap after it
constexpr double kShare = 0.7;         // of the way to the next note
constexpr double kModelLine = 2.0;
constexpr double kLabelled = 32.0;  // under the lane's name

/// A note that is drawn, and how far its colour is off the model's.
struct Drawn {
  const Note& note;
  std::optional<double> off_db;
  double middle_s() const { return 0.5 * (note.start_s + note.end_s); }
};

std::vector<Drawn> drawnOf(const Analysis& analysis) {
  std::vector<Drawn> drawn;
  for (const CueResult& cue : analysis.cues)
    if (const Note* note = soundOf(cue, analysis).note; note && !note->harmonics_db.empty())
      drawn.push_back({*note, cue.colour_distance_db});
  return drawn;
}

/// The shortest way from one to the next; of one alone its length.
double apart_s(const std::vector<Drawn>& drawn) {
  double least = drawn.size() == 1 ? drawn[0].note.end_s - drawn[0].note.start_s : 1e9;
  for (std::size_t i = 1; i < drawn.size(); ++i)
    least = std::min(least, drawn[i].middle_s() - drawn[i - 1].middle_s());
  return least;
}

/// A note's partials from left to right about its middle, as many as there is room for.
struct Stems {
  double left, width;
  std::size_t count;

  Stems(const RibbonScale& scale, const Drawn& of, double apart_s) {
    const double middle = scale.x(of.middle_s()),
                 room = std::max(kNarrowestStem, kShare * (scale.x(of.middle_s() + apart_s) - middle));
    count = std::min(of.note.harmonics_db.size(), static_cast<std::size_t>(room / kNarrowestStem));
    width = std::min(kWidestStem, room / static_cast<double>(count));
    left = middle - 0.5 * width * static_cast<double>(count);
  }
  double x(std::size_t partial) const { return left + width * static_cast<double>(partial); }
};

/// The lane, and where a level lies in it.
struct PartialsLane {
  const RibbonScale& scale;
  const LaneRow row;
  double y(double level_db) const { return row.y(scale.area, std::clamp(level_db, row.bottom, row.top)); }
};

void paintStems(QPainter& painter, const PartialsLane& lane, const Stems& stems, const Note& note) {
  for (std::size_t k = 0; k < stems.count; ++k)
    if (const auto& level = note.harmonics_db[k])
      painter.fillRect(QRectF(QPointF(stems.x(k), lane.y(*level)),
                              QPointF(stems.x(k) + stems.width - kBetweenStems, lane.scale.area.bottom())),
                       style::colour);
}

/// As loud as the note is, so that what differs is colour alone.
void paintModel(QPainter& painter, const PartialsLane& lane, const Stems& stems, const Note& model,
                const Note& note) {
  const auto difference = colourDifference(note.harmonics_db, model.harmonics_db);
  if (!difference) return;
  painter.setPen(QPen(style::ink, kModelLine));
  for (std::size_t k = 0; k < std::min(stems.count, model.harmonics_db.size()); ++k)
    if (const auto& level = model.harmonics_db[k]; level && *level > kFaintestPartial_db) {
      const double y = lane.y(*level + difference->mean_db);
      painter.drawLine(QPointF(stems.x(k), y), QPointF(stems.x(k) + stems.width - kBetweenStems, y));
    }
}

}  // namespace

void paintTimbre(QPainter& painter, const Snapshot& take, const RibbonScale& scale) {
  const Note* model = modelNote(take.analysis.cues, take.sheet, take.analysis);
  const QString name = model ? Ribbon::tr("partials; dB off the model") : Ribbon::tr("partials");
  const PartialsLane lane{scale, {kFaintestPartial_db, kAbove_db, {0, -10, -20, -30}, style::colour, name}};
  painter.save();
  paintLaneGround(painter, scale.area, lane.row);
  painter.setClipRect(scale.area);
  Labels labels(painter, scale.area);
  const Reading* judged = readingOf(take, "colour_distance_db");
  const std::vector<Drawn> drawn = drawnOf(take.analysis);
  for (const Drawn& one : drawn) {
    const Stems stems(scale, one, apart_s(drawn));
    paintStems(painter, lane, stems, one.note);
    const bool isModel = &one.note == model;
    if (model && !isModel) paintModel(painter, lane, stems, *model, one.note);
    painter.setFont(style::work(style::kType, true));
    const QPointF at(scale.x(one.middle_s()), scale.area.top() + kLabelled);
    if (isModel) labels.put(at, Ribbon::tr("model"), style::ink);
    if (!one.off_db) continue;
    const bool beyond = judged && judged->high && *one.off_db > *judged->high;
    labels.put(at, words::number(*one.off_db, 1, false), beyond ? style::attention : style::colour);
  }
  painter.setClipping(false);
  paintLaneUnit(painter, scale.area, Ribbon::tr("dB under the strongest"));
  paintLaneName(painter, scale.area, lane.row);
  painter.restore();
}

}  // namespace calando
