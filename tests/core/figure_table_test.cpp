#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <set>
#include <sstream>

#include "core/contract/analysis_json.h"
#include "core/exercise/context.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/measure/pitch/bend.h"

namespace calando {
namespace {

/// Figures that no level and no card asks for, on purpose.
const std::set<std::string_view> kWithoutTarget{"attempts",
                                                "easy_s",
                                                "noticed_cents",
                                                "pure_cents",
                                                "equal_cents",
                                                "equal_beats_hz",
                                                "turn_spread_cents",
                                                "partials_per_db",
                                                "rings_on_s",
                                                "length_beats",
                                                "vibrato_cents",
                                                "vibrato_hz",
                                                "level_wave_db",
                                                "level_wave_hz",
                                                "level_dbfs",
                                                "level_slope_db_per_s",
                                                "brightness",
                                                "kept_s",
                                                "sound_margin_db",
                                                "open_distance_db",
                                                "warming_cents",
                                                "warming_unsure_cents",
                                                "warming_left_cents",
                                                "warming_most_cents",
                                                "lowest_steady_hz",
                                                "highest_steady_hz",
                                                "breaks_air_on",
                                                "breaks_stopped",
                                                "fall_breaks",
                                                "jitter_percent",
                                                "way_back_semitones",
                                                "rested_s",
                                                "ring_spread_cents",
                                                "bend_core_db",
                                                "drop_cents",
                                                "drop_level_db",
                                                "break_dip_db",
                                                "break_way_ms",
                                                "bend_speed_cents_per_s",
                                                "bend_uneven_cents",
                                                "under_hz"};

bool hasTargetSomewhere(const std::string& id) {
  for (const Level& level : levels())
    if (level.targets.contains(id)) return true;
  for (const Exercise& card : exercises())
    for (const auto& [level, targets] : card.targets)
      if (targets.contains(id)) return true;
  return false;
}

std::string fileText(const std::string& name) {
  std::ifstream file(std::filesystem::path(CALANDO_SOURCE) / name);
  std::ostringstream text;
  text << file.rdbuf();
  return text.str();
}

TEST(FigureTable, EveryRowIsWholeDocumentedAndHasATargetOrNone) {
  const std::string measures = fileText("docs/measures.md");
  ASSERT_FALSE(measures.empty());
  std::set<std::string_view> ids, labels;
  for (const Figure& figure : figures()) {
    const std::string id(figure.id);
    EXPECT_TRUE(ids.insert(figure.id).second) << id;
    EXPECT_TRUE(labels.insert(figure.label).second) << id;
    EXPECT_TRUE(figure.help.ends_with(".")) << id;
    EXPECT_TRUE(figure.ofTake || figure.ofCue) << id << " is measured of nothing";
    EXPECT_EQ(findFigure(id), &figure);
    EXPECT_EQ(isReading(id), figure.ofTake != nullptr) << id;
    EXPECT_NE(measures.find("`" + id + "`"), std::string::npos) << id << " has no line in docs/measures.md";
    EXPECT_NE(hasTargetSomewhere(id), kWithoutTarget.contains(figure.id)) << id;
    EXPECT_TRUE(figure.column.empty() || figure.ofCue) << id;
    EXPECT_TRUE(figure.chart.leastSpan == 0.0 || figure.ofCue) << id;
    EXPECT_GE(figure.print.decimals, 0) << id;
    EXPECT_EQ(figure.print.decimals == 0 && figure.unit.empty(), figure.unit.empty() && id != "brightness")
        << id << ": what has no unit is a count";
  }
  for (const auto& [id, target] : levels().front().targets) EXPECT_TRUE(isReading(id)) << id;
}

/// A note, a breath in and one out, each with all that can be said of its row, no two values alike.
Analysis withEveryFigureOfACue() {
  double next = 1.0;
  const auto fill = [&](auto&... members) { ((members = next++), ...); };
  Analysis analysis;
  Note note;
  fill(note.wander_cents, note.level_dbfs, note.level_slope_db_per_s, note.brightness, note.hnr_db);
  Tone tone;
  tone.notes.push_back(note);
  analysis.tones.push_back(tone);
  for (const AirPhase phase : {AirPhase::inhale, AirPhase::exhale}) {
    Air air;
    air.phase = phase;
    fill(air.level_dbfs, air.evenness_db, air.front_load, air.end_load, air.full_at, air.sound_margin_db);
    analysis.airs.push_back(air);
  }

  CueResult played;
  played.matched = 0;
  played.note = 0;
  fill(played.count.place_ms, played.count.length_beats, played.count.length_error_beats,
       played.pitch.offset_cents, played.pitch.series_cents, played.pitch.path_error_cents,
       played.pitch.glide_error_cents, played.pitch.glide_uneven_cents, played.dynamics.shape_error_db,
       played.dynamics.peak_error_beats, played.dynamics.cents_per_db, played.dynamics.partials_per_db,
       played.dynamics.core_gain_db, played.dynamics.pulse_depth_db, played.dynamics.pulse_spread_db,
       played.colour_distance_db, played.leak_s, played.another.turn_cents, played.another.turn_spread_cents);
  Bend bend;
  bend.ring.emplace();
  fill(bend.depth_cents, bend.return_cents, bend.speed_cents_per_s, bend.uneven_cents, bend.level_db,
       bend.core_db, bend.ring->cents, bend.ring->spread);
  played.bend = std::make_shared<const Bend>(bend);
  played.drop.emplace();
  fill(played.drop->cents, played.drop->level_db, played.drop->core_db);
  Together& together = played.another.together.emplace();
  fill(together.lock_s, together.cents_at_end, together.beat_left_hz);
  together.left_again = 1000;
  Tunings& tunings = played.another.tunings.emplace();
  fill(tunings.from_pure_cents, tunings.from_equal_cents);
  CueResult breath;
  breath.kind = CueKind::inhale;
  breath.matched = 0;
  CueResult out = breath;
  out.kind = CueKind::exhale;
  out.matched = 1;
  analysis.cues = {played, breath, out};
  return analysis;
}

/// What a figure of breaths one way alone is of; else itself.
std::string_view ofBothWays(std::string_view id) {
  static const std::map<std::string_view, std::string_view> ways{{"in_first_quarter", "front_load"},
                                                                 {"out_first_quarter", "front_load"},
                                                                 {"in_last_quarter", "end_load"},
                                                                 {"out_last_quarter", "end_load"}};
  const auto way = ways.find(id);
  return way == ways.end() ? id : way->second;
}

TEST(FigureTable, EveryFigureOfACueIsAKeyOfItsRowAndTheReadingsAreNamed) {
  Analysis analysis = withEveryFigureOfACue();
  for (const Figure& figure : figures()) {
    Reading reading;
    reading.figure = &figure;
    analysis.readings.push_back(reading);
  }
  Context context;
  context.exercise = findExercise("steady-tone");
  const auto json = toJson(analysis, {}, context);
  std::map<double, std::string_view> seen;
  for (const Figure& figure : figures()) {
    if (!figure.ofCue) continue;
    int rows = 0;
    for (const auto& row : json["cues"]) {
      const auto& value = row.at(std::string(figure.id));
      if (value.is_null()) continue;
      ++rows;
      const std::string_view both = ofBothWays(figure.id);
      const auto [other, fresh] = seen.emplace(value.get<double>(), both);
      EXPECT_TRUE(fresh || other->second == both) << figure.id << " and " << other->second << " are one";
    }
    EXPECT_GT(rows, 0) << figure.id << " is in no row";
    if (ofBothWays(figure.id) != figure.id) {
      EXPECT_EQ(rows, 1) << figure.id << " is of one way alone";
    }
  }
  for (std::size_t i = 0; i < figures().size(); ++i) {
    EXPECT_EQ(json["readings"][i]["id"], figures()[i].id);
    EXPECT_EQ(json["readings"][i]["unit"], figures()[i].unit);
  }
}

TEST(FigureTable, PrintsEachFigureOneWay) {
  struct Case {
    const char* id;
    double value;
    const char* text;
  };
  for (const Case& c :
       {Case{"offset_cents", -14.26, "−14.3"}, Case{"offset_cents", 3.0, "+3.0"},
        Case{"offset_cents", -0.04, "0.0"}, Case{"wander_cents", 3.0, "3.0"}, Case{"place_ms", -98.9, "−99"},
        Case{"cents_per_db", 0.268, "+0.27"}, Case{"glide_error_cents", 12.0, "+12.0"},
        Case{"bend_return_cents", 4.0, "+4.0"}, Case{"dropouts", 2.0, "2"}, Case{"held_s", 10.54, "10.5"}})
    EXPECT_EQ(printed(c.value, findFigure(c.id)->print), c.text) << c.id;
}

}  // namespace
}  // namespace calando
