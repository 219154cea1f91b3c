#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <set>
#include <sstream>

#include "core/contract/analysis_json.h"
#include "core/exercise/context.h"
#include "core/figures/figure.h"
#include "core/judging/level.h"
#include "core/library/cards.h"

namespace calando {
namespace {

/// Figures that no level and no card asks for, on purpose.
const std::set<std::string_view> kWithoutTarget{"attempts",
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

TEST(FigureTable, EveryFigureOfACueIsAKeyOfItsRowAndTheReadingsAreNamed) {
  Analysis analysis;
  CueResult cue;
  double value = 1.0;
  for (const Figure& figure : figures())
    if (figure.ofCue) cue.*figure.ofCue = value++;
  analysis.cues.push_back(cue);
  for (const Figure& figure : figures()) {
    Reading reading;
    reading.figure = &figure;
    analysis.readings.push_back(reading);
  }
  Context context;
  context.exercise = findExercise("steady-tone");
  const auto json = toJson(analysis, {}, context);
  value = 1.0;
  for (const Figure& figure : figures())
    if (figure.ofCue) {
      EXPECT_EQ(json["cues"][0].at(std::string(figure.id)), value) << figure.id;
      value += 1.0;
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
