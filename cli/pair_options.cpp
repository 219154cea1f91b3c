#include "cli/pair_options.h"

#include <charconv>

#include "cli/failure.h"
#include "cli/output.h"

namespace calando {

namespace {
constexpr double kWidest = 36.0;  // semitones
}  // namespace

void addPair(CLI::App& analyse, PairOptions& o, const CLI::Validator& aFile, const CLI::Validator& aPitch) {
  auto* pair = analyse.add_option("--pair", o.interval, "Two sound: unison, octave, or semitones");
  auto* hz = analyse.add_option("--partner-hz", o.partner_hz, "The first is that, and steady")->check(aPitch);
  auto* file =
      analyse.add_option("--partner", o.partner, "The first, in a file of the same clock")->check(aFile);
  auto* channels = analyse.add_option("--pair-channels", o.channels, "The first's and the second's: 1,2");
  for (auto* option : {hz, file, channels}) option->needs(pair);
  hz->excludes(file)->excludes(channels);
  file->excludes(channels);
}

PairAsked pairOf(const PairOptions& o, bool just) {
  PairAsked asked{0.0, just, o.partner_hz, {}};
  if (o.interval == "octave") {
    asked.semitones = 12.0;
  } else if (o.interval != "unison") {
    const char* end = o.interval.data() + o.interval.size();
    const auto [stop, error] = std::from_chars(o.interval.data(), end, asked.semitones);
    if (error != std::errc{} || stop != end || !(std::abs(asked.semitones) <= kWidest))
      refuse("--pair is unison, octave, or a number of semitones from -36 to 36");
  }
  return asked;
}

std::pair<std::string, std::string> channelsOf(const PairOptions& o) {
  const auto comma = o.channels.find(',');
  if (comma == std::string::npos || comma == 0 || comma + 1 == o.channels.size())
    refuse("--pair-channels names two channels, such as 1,2");
  auto channels = std::pair(o.channels.substr(0, comma), o.channels.substr(comma + 1));
  if (channels.first == "mix" || channels.second == "mix" || channels.first == channels.second)
    refuse("--pair-channels names two different channels by number, such as 1,2");
  return channels;
}

}  // namespace calando
