#include "core/contract/marking_json.h"

#include "core/contract/analysis_json.h"
#include "core/engine/analysis.h"

namespace calando {

namespace {

using json = nlohmann::ordered_json;

json itemJson(const MarkedItem& item, const HomeworkItem& asked, const std::vector<std::size_t>& fileOf) {
  const MarkedAttempt* best = item.bestTry();
  const Spelling spelling = best ? spellingFor(best->context) : Spelling::flats;
  const auto name = [&](const std::optional<int>& note) {
    return note ? json(noteName(*note, spelling)) : json(nullptr);
  };
  std::optional<int> home = asked.home;
  if (!home && best && !best->context.asked.empty()) home = best->context.asked.front();
  return {{"exercise", asked.exercise->id},
          {"home", name(home)},
          {"state", nameIn(kItemStates, item.state)},
          {"file", best ? json(fileOf[best->file]) : json(nullptr)},
          {"start_s", best ? number(best->start_s) : json(nullptr)},
          {"end_s", best ? number(best->end_s) : json(nullptr)},
          {"tempo_bpm", best ? number(best->tempo_bpm) : json(nullptr)},
          {"cues_asked", item.cuesAsked},
          {"cues_found", best ? best->cuesFound : 0},
          {"highest_reached", name(item.highest)},
          {"readings", best ? readingsOf(best->analysis) : json::array()},
          {"advice", best ? adviceOf(best->analysis) : json::array()},
          {"tries", item.tries.size()}};
}

}  // namespace

json toJson(const Marking& marking, const HomeworkList& list, const std::vector<SentFile>& files,
            const std::vector<std::size_t>& fileOf) {
  json sent = json::array(), items = json::array(), other = json::array();
  for (const SentFile& file : files)
    sent.push_back({{"path", file.path}, {"duration_s", number(file.duration_s)}});
  for (std::size_t i = 0; i < marking.items.size(); ++i)
    items.push_back(itemJson(marking.items[i], list.items[i], fileOf));
  for (const OtherStretch& stretch : marking.other)
    other.push_back({{"file", fileOf[stretch.file]},
                     {"start_s", number(stretch.start_s)},
                     {"end_s", number(stretch.end_s)},
                     {"kind", nameIn(kSentKinds, stretch.kind)}});
  return {{"schema", "calando.marking/1"},
          {"engine", engineVersion()},
          {"title", list.title},
          {"files", sent},
          {"items", items},
          {"other", other}};
}

}  // namespace calando
