#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <map>
#include <nlohmann/json.hpp>

#include "core/base/plain_text.h"
#include "core/contract/analysis_json.h"
#include "core/contract/marking_json.h"
#include "core/engine/analysis.h"
#include "pinned/sounds.h"
#include "support/marked.h"

// Every figure of some fifty sounds, to the last digit that the platform keeps. The tests of truth say
// whether a figure is right; these say that it has moved, and by how much. scripts/pin writes them anew: on
// purpose only, and what moved stands in the difference.
namespace calando {
namespace {

using nlohmann::ordered_json;
/// By its place, such as /tones/0/held_s; lists of plain values in one.
using Figures = std::vector<std::pair<std::string, ordered_json>>;

void collect(const ordered_json& from, const std::string& place, Figures& into) {
  const auto plain = [](const ordered_json& item) { return item.is_primitive(); };
  if (from.is_object() && !from.empty())
    for (const auto& [key, value] : from.items()) collect(value, place + "/" + key, into);
  else if (from.is_array() && !std::ranges::all_of(from, plain))
    for (std::size_t i = 0; i < from.size(); ++i) collect(from[i], place + "/" + std::to_string(i), into);
  else
    into.emplace_back(place, from);
}

/// Of the sound itself, too: a figure that moves because the sound is another is no news of the measuring.
Figures figuresOf(const pinned::Take& take, double gain) {
  std::vector<float> samples = take.samples;
  double power = 0.0;
  for (float& s : samples) {
    s = static_cast<float>(s * gain);
    power += static_cast<double>(s) * s;
  }
  ordered_json all =
      take.list.items.empty()
          ? toJson(analyse(samples, take.rate_hz, take.context), {"", take.rate_hz}, take.context)
          : toJson(mark(take.list, ::sounds::asSent(samples), take.context), take.list, {{"", 0.0}}, {0});
  all.erase("engine");
  Figures figures{{"/sound/samples", samples.size()},
                  {"/sound/rms", std::sqrt(power / static_cast<double>(samples.size()))}};
  collect(all, "", figures);
  return figures;
}

/// Calls `with` for each number of two values of one shape; false where they are not alike besides.
template <class With>
bool alike(const ordered_json& a, const ordered_json& b, With with) {
  if (a.is_array() && b.is_array() && a.size() == b.size()) {
    for (std::size_t i = 0; i < a.size(); ++i)
      if (!alike(a[i], b[i], with)) return false;
    return true;
  }
  if (!a.is_number() || !b.is_number()) return a == b;
  with(a.get<double>(), b.get<double>());
  return true;
}

/// A line of the file: what the figure was, and what is no move of it: how far the last bits of the samples
/// move it, which are the machine's.
struct Pin {
  ordered_json value;
  double within = 0.0;
};
constexpr double kLeast = 1e-6;  // of a figure's size

std::filesystem::path fileOf(const pinned::Sound& sound) {
  return std::filesystem::path(CALANDO_PINNED) / (std::string(sound.name) + ".txt");
}
double sizeOf(const ordered_json& value) {
  double size = 0.0;
  alike(value, value, [&](double a, double) { size = std::max(size, std::abs(a)); });
  return size;
}
/// To the digits that are worth writing.
ordered_json rounded(const ordered_json& value, double within) {
  if (value.is_array()) {
    ordered_json list = ordered_json::array();
    for (const auto& item : value) list.push_back(rounded(item, within));
    return list;
  }
  if (!value.is_number_float() || within <= 0.0) return value;
  const double step = std::pow(10.0, std::floor(std::log10(within / 2.0)));
  return std::stod(shortest(std::round(value.get<double>() / step) * step, 9));
}

/// Measured louder and softer by some of the last bits of a sample, the figures stay within what is written.
void write(const pinned::Sound& sound) {
  const pinned::Take take = sound.make();
  const Figures figures = figuresOf(take, 1.0);
  std::vector<double> moved(figures.size());
  for (const double gain : {1.0 + 3e-7, 1.0 - 4e-7, 1.0 + 7e-7, 1.0 - 9e-7}) {
    const Figures again = figuresOf(take, gain);
    ASSERT_EQ(again.size(), figures.size()) << sound.name << " has a sound on the edge";
    for (std::size_t i = 0; i < figures.size(); ++i)
      ASSERT_TRUE(alike(figures[i].second, again[i].second,
                        [&](double a, double b) { moved[i] = std::max(moved[i], std::abs(a - b)); }))
          << sound.name << figures[i].first << " is on the edge";
  }
  std::filesystem::create_directories(fileOf(sound).parent_path());
  std::ofstream file(fileOf(sound));
  for (std::size_t i = 0; i < figures.size(); ++i) {
    const auto& [place, value] = figures[i];
    const double within =
        value.is_number_integer() || value.is_string() ? 0.0 : 3.0 * moved[i] + kLeast * sizeOf(value);
    file << place << ' ' << rounded(value, within).dump();
    if (within > 0.0) file << " ±" << shortest(within, 2);
    file << '\n';
  }
}

std::map<std::string, Pin> read(const pinned::Sound& sound) {
  std::map<std::string, Pin> pins;
  std::ifstream file(fileOf(sound));
  for (std::string line; std::getline(file, line);) {
    const std::size_t place = line.find(' '), within = line.rfind(" ±");
    Pin& pin = pins[line.substr(0, place)];
    const bool exact = within == std::string::npos;
    pin.value = ordered_json::parse(line.substr(place + 1, exact ? within : within - place - 1));
    if (!exact) pin.within = 1.5 * std::stod(line.substr(within + std::string(" ±").size()));
  }
  return pins;
}

class Pinned : public testing::TestWithParam<pinned::Sound> {};

TEST_P(Pinned, FiguresHaveNotMoved) {
  if (std::getenv("CALANDO_PIN")) return write(GetParam());
  std::map<std::string, Pin> pins = read(GetParam());
  ASSERT_FALSE(pins.empty()) << "not pinned yet: scripts/pin";
  for (const auto& [place, value] : figuresOf(GetParam().make(), 1.0)) {
    const auto pin = pins.find(place);
    if (pin == pins.end()) {
      ADD_FAILURE() << place << " is new: " << value.dump();
      continue;
    }
    double moved = 0.0;
    const bool same = alike(pin->second.value, value, [&](double was, double is) {
      if (std::abs(is - was) > std::abs(moved)) moved = is - was;
    });
    EXPECT_TRUE(same && std::abs(moved) <= pin->second.within)
        << place << " was " << pin->second.value.dump() << ", is " << value.dump() << ": moved by " << moved;
    pins.erase(pin);
  }
  for (const auto& [place, pin] : pins) ADD_FAILURE() << place << " is gone, was " << pin.value.dump();
}

std::string nameOf(const testing::TestParamInfo<pinned::Sound>& info) {
  std::string name = info.param.name;
  std::ranges::replace(name, '-', '_');
  return name;
}
INSTANTIATE_TEST_SUITE_P(Of, Pinned, testing::ValuesIn(pinned::sounds()), nameOf);

}  // namespace
}  // namespace calando
