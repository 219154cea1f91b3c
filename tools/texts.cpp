// Writes the texts of core and of its data, and what can be wrong below the window, as C++ for lupdate: what
// the window says of them is translated by these. Run by the build.
#include <cstdio>
#include <set>
#include <string>

#include "audio/file_fault.h"
#include "core/base/fault.h"
#include "core/care/cautions.h"
#include "core/care/ticks.h"
#include "core/ears/change.h"
#include "core/figures/figure.h"
#include "core/judging/advice.h"
#include "core/judging/discipline.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/lesson.h"
#include "core/reckoning/reckoning.h"
#include "core/standin/player.h"
#include "records/packs/pack_fault.h"
#include "records/values/studio_fault.h"

namespace {

std::set<std::string> texts() {
  using namespace calando;
  std::set<std::string> all;
  const auto add = [&](std::string_view text) {
    if (!text.empty()) all.emplace(text);
  };
  for (const Figure& f : figures())
    for (const std::string_view text : {f.label, f.unit, f.spoken, f.help, f.column, f.sides.below,
                                        f.sides.above, f.words.under, f.words.inside, f.words.over})
      add(text);
  for (const CueKindRow& kind : cueKinds()) add(kind.name);
  for (const Discipline& of : disciplines()) {
    for (const std::string_view text : {of.cue, of.cues, of.noWeeks}) add(text);
    for (const WeekColumnRow& column : of.weeks) add(column.title);
  }
  for (const Exercise& card : exercises()) {
    for (const std::string& text : {card.title, card.family, card.purpose}) add(text);
    for (const Cue& cue : card.cues) add(cue.says);
    add(card.generator.says);
    for (const auto& [school, text] : card.schools) {
      add(school);
      add(text);
    }
  }
  for (const Caution& caution : cautions()) add(caution.says);
  for (const Tick& tick : ticks()) add(tick.label);
  for (const ChangeRow& row : changes())
    for (const std::string_view text : {row.name, row.unit, row.which, row.fault}) add(text);
  for (const AdviceCard& advice : adviceCards()) {
    for (const std::string& text : {advice.says, advice.why}) add(text);
    for (const AdviceCard::Try& one : advice.tries) add(one.says);
  }
  for (const Topic topic : kTopics) add(labelOf(topic));
  for (const Reckoning& line : reckonings())
    for (const std::string_view text : {line.label, line.formula, line.says, line.left.label, line.left.unit,
                                        line.right.label, line.right.unit})
      add(text);
  for (const Level& level : levels()) add(level.label);
  for (const LessonTemplate& lesson : lessonTemplates()) add(lesson.label);
  for (const Instrument& instrument : instruments()) {
    add(instrument.name);
    add(labelOf(instrument.tuner));
  }
  for (const Player& player : players()) {
    add(player.name);
    add(player.text);
  }
  for (const auto& row : faults()) add(row.english);
  for (const auto& row : fileFaults()) add(row.english);
  for (const auto& row : studioFaults()) add(row.english);
  for (const auto& row : packFaults()) add(row.english);
  return all;
}

std::string quoted(const std::string& text) {
  std::string out = "\"";
  for (const char c : text) {
    if (c == '"' || c == '\\') out += '\\';
    out += c;
  }
  return out + "\"";
}

}  // namespace

int main(int argc, char** argv) {
  std::FILE* file = argc > 1 ? std::fopen(argv[1], "w") : stdout;
  if (!file) return std::perror(argv[1]), 1;
  std::fputs(
      "// Made by the build from core and data/*.json, for lupdate.\nstatic const char* const kCoreTexts[] = "
      "{\n",
      file);
  for (const std::string& text : texts())
    std::fprintf(file, "    QT_TRANSLATE_NOOP(\"Core\", %s),\n", quoted(text).c_str());
  std::fputs("};\n", file);
  return std::fclose(file) == 0 ? 0 : 1;
}
