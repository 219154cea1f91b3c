#include "cli/inputs.h"

#include <charconv>

#include "cli/failure.h"
#include "cli/output.h"
#include "core/base/bounded_json.h"
#include "core/exercise/context.h"
#include "core/judging/level.h"
#include "core/library/cards.h"

namespace calando {

const Instrument* instrumentOf(const std::string& id) {
  if (id.empty()) return nullptr;
  const Instrument* found = findInstrument(id);
  if (!found) refuse("instrument \"" + printable(id) + "\" is unknown; calando-cli instruments lists them");
  return found;
}

const Level* levelOf(const std::string& id) {
  const Level* found = findLevel(id);
  if (!found) refuse("level \"" + printable(id) + "\" is unknown; it is starting, growing or fluent");
  return found;
}

ExercisePtr exerciseOf(const std::string& id) {
  if (id.ends_with(".json")) {
    const auto text = readSmall(id, kLargestJson);
    if (!text) refuse(printable(id) + ": " + english(text.error()));
    auto parsed = parseExercise(*text);
    if (!parsed) refuse(printable(id, 100) + ": " + printable(english(parsed.error()), 260));
    return std::make_shared<Exercise>(std::move(*parsed));
  }
  auto found = findExercise(id);
  if (!found) refuse("exercise \"" + printable(id) + "\" is unknown; calando-cli exercises lists them");
  return found;
}

ChannelChoice channelOf(const std::string& text) {
  if (text == "mix") return std::nullopt;
  int number = 0;
  const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
  if (error != std::errc{} || end != text.data() + text.size() || number < 1)
    refuse("--channel is a number from 1, or mix");
  return number;
}

TrackedSound trackFile(const std::string& file, const std::string& channel, const Context& context) {
  const LibrariesQuiet quiet;
  auto tracked = trackSound(file, channelOf(channel), context);
  if (!tracked)
    throw Failure{tracked.error().kind == SoundError::Kind::noSuchChannel ? wrongUsage : unreadableFile,
                  english(tracked.error().what)};
  return std::move(*tracked);
}

}  // namespace calando
