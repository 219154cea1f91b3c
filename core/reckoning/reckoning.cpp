#include "core/reckoning/reckoning.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

#include "core/base/plain_text.h"
#include "core/theory/interval.h"

namespace calando {

namespace {

constexpr double kFreezing_k = 273.15;
constexpr double kReference_c = 20.0;
constexpr double kMinute_s = 60.0;
constexpr double kRestForPlay = 1.0;  // at least as much
constexpr int kHighestPartial = 16;

using Value = std::optional<double>;

/// Metres of tube that a frequency needs: half a wave, of a stopped cylinder a quarter.
double tubeLength(double hz, const Givens& g) {
  const bool stopped = g.instrument && g.instrument->oddSeries;
  return speedOfSound(g.air_c) / ((stopped ? 4.0 : 2.0) * hz);
}

/// Of brass all of the tube in use; of others as far as the note's first open hole.
double lengthInUse(const Givens& g) {
  if (const auto tube = g.tube(); tube && g.instrument && g.instrument->tubing)
    return tubeLength(tube->hz(g.instrument, g.reference.a4_hz), g);
  return tubeLength(g.note_hz(), g);
}

/// A slide has two legs, a joint is drawn once.
double legs(const Givens& g) { return g.instrument && g.instrument->tubing ? 2.0 : 1.0; }

Value centsOfDrawing(const Givens& g, double mm) {
  const double longer = 1.0 + legs(g) * mm / 1000.0 / lengthInUse(g);
  return longer > 0.0 ? Value(-1200.0 * std::log2(longer)) : std::nullopt;
}

/// At so many times the note's frequency.
template <int times>
Value beatsOf(const Givens& g, double cents) {
  return beatsPerSecond(times * g.note_hz(), cents);
}
template <int times>
Value centsOf(const Givens& g, double beats) {
  return centsBetween(times * g.note_hz(), times * g.note_hz() + beats);
}

constexpr double kLowest = 12.0, kHighest = 120.0;  // semitones

const std::array<Reckoning, 12> kReckonings{{
    {Topic::time,
     "counts",
     "Counts and seconds",
     {"counts", "", Kind::number, 2, 0.0, 1000.0},
     {"lasts", "s", Kind::number, 2, 0.0, 3600.0},
     [](const Givens& g, double counts) -> Value { return counts * kMinute_s / g.tempo_bpm; },
     [](const Givens& g, double s) -> Value { return s * g.tempo_bpm / kMinute_s; },
     "seconds = counts · 60 / tempo",
     8.0},
    {Topic::time,
     "phrase",
     "Longest phrase of a breath",
     {"breath", "s", Kind::number, 1, 0.0, 120.0},
     {"bars", "", Kind::number, 2, 0.0, 1600.0},
     [](const Givens& g, double s) -> Value { return s * g.tempo_bpm / kMinute_s / g.bar_beats; },
     [](const Givens& g, double bars) -> Value { return bars * g.bar_beats * kMinute_s / g.tempo_bpm; },
     "bars = seconds · tempo / 60 / beats in a bar",
     12.0},
    {Topic::time,
     "rest",
     "Rest owed",
     {"played", "s", Kind::number, 0, 0.0, 7200.0},
     {"rest at least", "s", Kind::number, 0, 0.0, 7200.0},
     [](const Givens&, double s) -> Value { return kRestForPlay * s; },
     [](const Givens&, double s) -> Value { return s / kRestForPlay; },
     "after hard work of the lips at least as long as it lasted",
     90.0},
    {Topic::notes,
     "notes",
     "Written and sounding",
     {"written", "", Kind::note, 0, kLowest, kHighest},
     {"sounding", "", Kind::note, 0, kLowest, kHighest},
     [](const Givens& g, double n) -> Value { return g.soundingOf(static_cast<int>(n)); },
     [](const Givens& g, double n) -> Value { return g.writtenOf(static_cast<int>(n)); },
     "sounding = written, moved by the instrument’s transposition",
     72.0},
    {Topic::notes,
     "pitch",
     "Note and frequency",
     {"sounding pitch", "", Kind::pitch, 1, kLowest, kHighest},
     {"frequency", "Hz", Kind::number, 2, 16.0, 8400.0},
     [](const Givens& g, double n) -> Value { return g.reference.a4_hz * std::exp2((n - 69.0) / 12.0); },
     [](const Givens& g, double hz) -> Value { return 69.0 + 12.0 * std::log2(hz / g.reference.a4_hz); },
     "Hz = A4 · 2^(half steps / 12)",
     69.0,
     "Twelve half steps up are twice the frequency"},
    {Topic::tuning,
     "beats",
     "Cents and beats",
     {"apart", "cents", Kind::number, 1, 0.0, 200.0},
     {"beats a second", "", Kind::number, 2, 0.0, 600.0},
     &beatsOf<1>,
     &centsOf<1>,
     "beats = Hz · (2^(cents / 1200) − 1), at the note given",
     10.0,
     "How fast two that far apart beat at the note given"},
    {Topic::tuning,
     "octave",
     "The same an octave higher",
     {"apart", "cents", Kind::number, 1, 0.0, 200.0},
     {"beats a second", "", Kind::number, 2, 0.0, 1200.0},
     &beatsOf<2>,
     &centsOf<2>,
     "beats = 2 · Hz · (2^(cents / 1200) − 1), an octave over the note given",
     10.0,
     "The same cents beat twice as fast an octave higher"},
    {Topic::tuning,
     "just",
     "Just intervals",
     {"half steps", "", Kind::number, 0, 0.0, 36.0},
     {"just size", "cents", Kind::number, 1, 0.0, 3600.0},
     [](const Givens&, double steps) -> Value { return justRatio(steps).cents(); },
     [](const Givens&, double cents) -> Value { return std::round(cents / 100.0); },
     "cents of the just ratio; an equal one has 100 a half step",
     4.0},
    {Topic::tuning,
     "partial",
     "Natural series",
     {"partial", "", Kind::number, 0, 1.0, 32.0},
     {"over the fundamental", "cents", Kind::number, 1, 0.0, 6000.0},
     [](const Givens&, double k) -> Value { return 1200.0 * std::log2(std::round(k)); },
     [](const Givens&, double cents) -> Value { return std::round(std::exp2(cents / 1200.0)); },
     "cents = 1200 · log2(partial)",
     5.0,
     "A partial is that many times the fundamental"},
    {Topic::tube,
     "slide",
     "Slide or joint drawn",
     {"drawn", "mm", Kind::number, 1, -30.0, 200.0},
     {"pitch goes", "cents", Kind::number, 1, -600.0, 100.0},
     &centsOfDrawing,
     [](const Givens& g, double cents) -> Value {
       return 1000.0 * lengthInUse(g) * (std::exp2(-cents / 1200.0) - 1.0) / legs(g);
     },
     "about: a slide has two legs; bell, mouthpiece and holes move it by a tenth and more",
     5.0},
    {Topic::tube,
     "warmth",
     "Air in the tube",
     {"its temperature", "°C", Kind::number, 1, -20.0, 45.0},
     {"against 20 °C", "cents", Kind::number, 1, -150.0, 80.0},
     [](const Givens&, double c) -> Value {
       return 600.0 * std::log2((c + kFreezing_k) / (kReference_c + kFreezing_k));
     },
     [](const Givens&, double cents) -> Value {
       return (kReference_c + kFreezing_k) * std::exp2(cents / 600.0) - kFreezing_k;
     },
     "cents = 1200 · log2 √(T / T20), in kelvin",
     26.0,
     "A warmer tube is sharper: about 3 cents a degree"},
    {Topic::tube,
     "tube",
     "Tube and fundamental",
     {"length", "m", Kind::number, 3, 0.05, 12.0},
     {"fundamental", "Hz", Kind::number, 2, 6.0, 4000.0},
     [](const Givens& g, double m) -> Value {
       return tubeLength(m, g);
     },  // the same both ways: f = c/2L, L = c/2f
     [](const Givens& g, double hz) -> Value { return tubeLength(hz, g); },
     "f = c / 2L, of a stopped cylinder c / 4L; the ends make it seem longer",
     1.48,
     "Twice the length is an octave lower; a stopped tube sounds an octave lower still"},
}};

}  // namespace

std::optional<TubeSetting> Givens::tube() const {
  if (fingering) return fingering;
  if (!instrument || !instrument->tubing) return std::nullopt;
  return openSetting(*instrument);
}

std::string_view labelOf(Topic topic) {
  switch (topic) {
    case Topic::time:
      return "Time";
    case Topic::notes:
      return "Notes";
    case Topic::tuning:
      return "In tune";
    case Topic::tube:
      return "Tube";
  }
  return {};
}

std::span<const Reckoning> reckonings() { return kReckonings; }

const Reckoning* findReckoning(std::string_view id) {
  const auto found = std::ranges::find(kReckonings, id, &Reckoning::id);
  return found == kReckonings.end() ? nullptr : &*found;
}

std::optional<double> readQuantity(const Quantity& quantity, std::string_view text, NoteLanguage language) {
  while (!text.empty() && text.back() == ' ') text.remove_suffix(1);
  double value = 0.0;
  const auto number = [&](std::string_view digits) {
    if (!digits.empty() && digits.front() == '+') digits.remove_prefix(1);
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    return error == std::errc{} && end == digits.data() + digits.size() && std::isfinite(value);
  };
  if (quantity.kind == Kind::number) {
    if (!number(text)) return std::nullopt;
  } else {
    // "A4 +3.2": the cents come after a sign that follows the octave.
    std::string_view name = text;
    const std::size_t sign = text.find_last_of("+-");
    if (quantity.kind == Kind::pitch && sign != std::string_view::npos && sign > 1 &&
        number(text.substr(sign))) {
      name = text.substr(0, sign);
      while (!name.empty() && name.back() == ' ') name.remove_suffix(1);
    } else {
      value = 0.0;
    }
    const auto note = parseNote(name, language);
    if (!note) return std::nullopt;
    value = *note + value / 100.0;
  }
  if (value < quantity.low || value > quantity.high) return std::nullopt;
  return value;
}

NotedPitch notedPitch(double semitones) {
  const double nearest = std::round(semitones);
  return {static_cast<int>(nearest), 100.0 * (semitones - nearest)};
}

std::string writtenQuantity(const Quantity& quantity, double value, Spelling spelling) {
  // Nothing has no sign.
  const auto rounded = [&](double x) {
    const double scale = std::pow(10.0, quantity.decimals);
    return std::round(x * scale) / scale + 0.0;
  };
  if (quantity.kind == Kind::number) return fixed(rounded(value), quantity.decimals);
  const auto [semitone, cents] = notedPitch(value);
  if (quantity.kind == Kind::note) return noteName(semitone, spelling);
  return noteName(semitone, spelling) + ' ' + fixed(rounded(cents), quantity.decimals, true);
}

double speedOfSound(double celsius) { return 331.3 * std::sqrt(1.0 + celsius / kFreezing_k); }

std::vector<Degree> degreesOver(double tonic_hz) {
  std::vector<Degree> degrees;
  for (int steps = 0; steps <= 12; ++steps) {
    const double equal = 100.0 * steps;
    Degree degree{steps, justRatio(steps).cents() - equal, {}, {}, 0.0};
    const double equal_hz = shiftedBy(tonic_hz, equal);
    degree.beats_hz = beatsPerSecond(equal_hz, degree.just_cents);
    for (int partial = 1; partial < kHighestPartial && !degree.partial; ++partial) {
      const double cents = 1200.0 * std::log2(partial);
      const double within = cents - 1200.0 * std::floor(cents / 1200.0) + (steps == 12 ? 1200.0 : 0.0);
      if (std::lround(within / 100.0) != steps) continue;
      degree.partial = steps == 12 ? 2 : partial;
      degree.natural_cents = within - equal;
    }
    degrees.push_back(degree);
  }
  return degrees;
}

}  // namespace calando
