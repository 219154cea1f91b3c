#include "core/ears/change.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/standin/random.h"
#include "core/theory/interval.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kEnds_s = 0.025, kGapEdge_s = 0.004, kScoop_s = 0.12, kSpeaks_s = 0.015;
constexpr double kSagFrom_s = kMade_s * 2.0 / 3.0, kFadeFrom_s = kMade_s / 2.0;
constexpr double kAir_db = -28.0;  // before a late tone, under it
constexpr double kGapAt_s = 0.8;   // its middle
constexpr double kSlowest_hz = 0.6, kQuickest_hz = 1.8;

constexpr ChangeRow kRows[] = {
    {Change::offset, "offset", "pitch", "cents", "Which one is sharper?", "out of tune", "offset_cents", 1.0,
     60.0, 1},
    {Change::wave, "wave", "wave", "cents", "Which one is steadier?", "a wave in the pitch", "shake_cents",
     1.5, 60.0, 1},
    {Change::wander, "wander", "wander", "cents", "Which one is steadier?", "the pitch wanders",
     "wander_cents", 1.0, 40.0, 1},
    {Change::sag, "sag", "sag", "cents", "Which one stays level to its end?", "sags at the end", "sag_cents",
     2.0, 80.0, 1},
    {Change::scoop, "scoop", "scoop", "cents", "Which one begins on its note?", "scoops at the start",
     "scoop_cents", 4.0, 160.0, 0},
    {Change::gap, "gap", "break", "ms", "Which one goes on without a break?", "a break", "dropouts", 20.0,
     140.0, 0},
    {Change::fade, "fade", "fade", "dB", "Which one keeps its loudness?", "gets softer", "fade_db", 0.5, 15.0,
     1},
    {Change::levelWave, "level-wave", "wave of the level", "dB", "Which one is more even?",
     "a wave in the loudness", "level_sd_db", 0.5, 12.0, 1},
    {Change::fuzz, "fuzz", "core over noise", "dB", "Which one is fuller?", "fuzz", "hnr_db", 1.0, 20.0, 1},
    {Change::crackle, "crackle", "crackle", "dB", "Which one is clean?", "a crackle", "subharmonic_db", 6.0,
     46.0, 0},
    {Change::dull, "dull", "brightness", "dB an octave", "Which one is brighter?", "too dark",
     "tilt_db_per_octave", 0.3, 6.0, 1},
    {Change::late, "late", "late start", "ms", "Which one speaks at once?", "speaks late, after air",
     "air_before_ms", 15.0, 400.0, 0},
    {Change::shorter, "shorter", "length", "%", "Which one is longer?", "too short", "held_s", 2.0, 50.0, 0},
    {Change::beat, "beat", "beats", "a second", "Which two do not beat?", "two that beat", "beat_left_hz",
     0.3, 8.0, 1},
    {Change::beatRate, "beat-rate", "how fast they beat", "%", "Which two beat more slowly?", "", "", 5.0,
     100.0, 0},
    {Change::third, "third", "third", "cents", "Which third is at rest?", "a third that is not pure",
     "apart_cents", 2.0, 40.0, 1}};

/// How far a wander goes, of one seed: without a mean, RMS 1 over the tone.
double wandered(std::uint32_t seed, double t_s) {
  std::mt19937 random(seed);
  const standin::Movement movement(random, kSlowest_hz, kQuickest_hz);
  constexpr int count = 200;
  double mean = 0.0, square = 0.0;
  for (int i = 0; i < count; ++i) {
    const double x = movement.at(kMade_s * (i + 0.5) / count);
    mean += x / count;
    square += x * x / count;
  }
  return (movement.at(t_s) - mean) / std::sqrt(std::max(1e-6, square - mean * mean));
}

double shareOf(const Changed& c, double from_s, double t_s) {
  return c.amount * standin::smoothStep((t_s - from_s) / (kMade_s - from_s));
}

/// The sound as it is being made.
class Maker {
 public:
  Maker(const Material& material, const Changed& changed) : m_(material), changed_(changed) {
    for (std::size_t k = 0; k < m_.partials.size(); ++k)
      strengths_.push_back(static_cast<float>(
          standin::fromDecibels(-amountOf(Change::dull) * std::log2(static_cast<double>(k + 1)))));
  }

  std::vector<float> operator()() const {
    std::vector<float> sound = tones(0.0);
    if (isOfTwo(changed_.change)) add(sound, tones(secondOver(changed_, m_.hz)));
    const auto noise = static_cast<float>(restGain(sound));
    for (std::size_t n = 0; n < sound.size(); ++n)
      sound[n] = gain(n) * (toneGain(n) * sound[n] + noise * m_.rest[n]);
    level(sound);
    air(sound);
    ends(sound);
    return sound;
  }

 private:
  bool has(Change change) const { return changed_.change == change; }
  double amountOf(Change change) const { return has(change) ? changed_.amount : 0.0; }
  double timeOf(std::size_t n) const { return static_cast<double>(n) / m_.rate_hz; }
  std::size_t length() const {
    return static_cast<std::size_t>(static_cast<double>(m_.size()) *
                                    (1.0 - amountOf(Change::shorter) / 100.0));
  }

  /// All partials, their pitch moved by so many cents beside what the change does with it.
  std::vector<float> tones(double moved_cents) const {
    std::vector<float> sound(length());
    const bool moves = changed_.change <= Change::scoop || moved_cents != 0.0;
    double ahead = 0.0;  // turns
    Courses course(*this);
    for (std::size_t n = 0; n < sound.size(); ++n) {
      const double turn = m_.turns[n] + ahead;
      sound[n] = m_.partialsAt(n, turn, strengths_) *
                 static_cast<float>(1.0 + crackle() * std::cos(std::numbers::pi * turn));
      if (!moves || n + 1 >= m_.turns.size()) continue;
      ahead += (m_.turns[n + 1] - m_.turns[n]) * (std::exp2((course.cents(n) + moved_cents) / 1200.0) - 1.0);
    }
    return sound;
  }

  /// What the change asks of the pitch, by sample; looked up every few of them.
  class Courses {
   public:
    explicit Courses(const Maker& maker) : maker_(maker) {}
    double cents(std::size_t n) {
      if (maker_.changed_.change > Change::scoop) return 0.0;
      if (n % kEvery == 0) {
        here_ = n == 0 ? centsOf(maker_.changed_, 0.0) : next_;
        next_ = centsOf(maker_.changed_, maker_.timeOf(n + kEvery));
      }
      return std::lerp(here_, next_, static_cast<double>(n % kEvery) / kEvery);
    }

   private:
    static constexpr std::size_t kEvery = 64;
    const Maker& maker_;
    double here_ = 0.0, next_ = 0.0;
  };

  double crackle() const {
    return has(Change::crackle) ? standin::fromDecibels(kNoCrackle_db + amountOf(Change::crackle)) : 0.0;
  }

  static void add(std::vector<float>& sound, const std::vector<float>& other) {
    for (std::size_t n = 0; n < sound.size(); ++n) sound[n] += other[n];
  }

  /// As loud under the tones as it was, whatever became of these; or what fuzz asks for.
  double restGain(const std::vector<float>& sound) const {
    return standin::fromDecibels(amountOf(Change::fuzz)) * std::sqrt(powerOf(sound)) / m_.tones_rms;
  }

  static double powerOf(const std::vector<float>& sound) {
    double power = 0.0;
    for (const float x : sound) power += static_cast<double>(x) * x;
    return power / static_cast<double>(std::max<std::size_t>(1, sound.size()));
  }

  float gapGain(std::size_t n) const {
    if (!has(Change::gap)) return 1.0f;
    const double out_s = std::abs(timeOf(n) - kGapAt_s) - 0.5 * amountOf(Change::gap) / 1000.0;
    return static_cast<float>(standin::smoothStep(0.5 + out_s / kGapEdge_s));
  }

  /// Of all that sounds.
  float gain(std::size_t n) const {
    if (!has(Change::fade) && !has(Change::levelWave)) return gapGain(n);
    return static_cast<float>(standin::fromDecibels(decibelsOf(changed_, timeOf(n))));
  }
  /// Of the tone alone.
  float toneGain(std::size_t n) const {
    return has(Change::late) ? static_cast<float>(standin::smoothStep((timeOf(n) - late_s()) / kSpeaks_s))
                             : 1.0f;
  }
  double late_s() const { return amountOf(Change::late) / 1000.0; }

  /// Over the tone alone: a break, air and what comes after a fade's beginning are not in it.
  void level(std::vector<float>& sound) const {
    double power = 0.0, count = 0.0;
    for (std::size_t n = 0; n < sound.size(); ++n) {
      const double t = timeOf(n);
      if (t < kEnds_s || t > timeOf(sound.size()) - kEnds_s || gapGain(n) < 1.0f ||
          (has(Change::late) && t < late_s() + kSpeaks_s) || (has(Change::fade) && t > kFadeFrom_s))
        continue;
      power += static_cast<double>(sound[n]) * sound[n];
      count += 1.0;
    }
    const double gain = kMade_rms / std::sqrt(power / std::max(1.0, count) + 1e-20);
    for (float& x : sound) x *= static_cast<float>(gain);
  }

  /// Before a late tone there is air.
  void air(std::vector<float>& sound) const {
    if (!has(Change::late)) return;
    std::mt19937 random(changed_.seed);
    standin::BreathNoise breath(m_.rate_hz);
    const double rms = kMade_rms * standin::fromDecibels(kAir_db);
    for (std::size_t n = 0; n < sound.size() && timeOf(n) < late_s() + kSpeaks_s; ++n)
      sound[n] += static_cast<float>(rms * breath.next(random) *
                                     (1.0 - standin::smoothStep((timeOf(n) - late_s()) / kSpeaks_s)));
  }

  void ends(std::vector<float>& sound) const {
    const double over_s = timeOf(sound.size());
    for (std::size_t n = 0; n < sound.size(); ++n)
      sound[n] *= static_cast<float>(standin::smoothStep(timeOf(n) / kEnds_s) *
                                     standin::smoothStep((over_s - timeOf(n)) / kEnds_s));
  }

  const Material& m_;
  const Changed changed_;
  std::vector<float> strengths_;
};

}  // namespace

std::span<const ChangeRow> changes() { return kRows; }
const ChangeRow& rowOf(Change change) { return kRows[static_cast<std::size_t>(change)]; }
const ChangeRow* findChange(std::string_view id) {
  const auto row = std::ranges::find(kRows, id, &ChangeRow::id);
  return row == std::end(kRows) ? nullptr : row;
}

double centsOf(const Changed& c, double t_s) {
  switch (c.change) {
    case Change::offset:
      return c.amount;
    case Change::wave:
      return c.amount * std::sin(kTau * kWave_hz * t_s);
    case Change::wander:
      return c.amount * wandered(c.seed, t_s);
    case Change::sag:
      return -shareOf(c, kSagFrom_s, t_s);
    case Change::scoop:
      return -c.amount * std::exp(-t_s / kScoop_s);
    default:
      return 0.0;
  }
}

double decibelsOf(const Changed& c, double t_s) {
  switch (c.change) {
    case Change::fade:
      return -shareOf(c, kFadeFrom_s, t_s);
    case Change::levelWave:
      return 0.5 * c.amount * std::sin(kTau * kLevelWave_hz * t_s);
    default:
      return 0.0;
  }
}

double secondOver(const Changed& changed, double hz) {
  const auto beating = [hz](double beats) { return 1200.0 * std::log2(1.0 + beats / hz); };
  switch (changed.change) {
    case Change::beat:
      return beating(changed.amount);
    case Change::beatRate:
      return beating(kBeat_hz * (1.0 + changed.amount / 100.0));
    case Change::third:
      return Ratio{5, 4}.cents() + changed.amount;
    default:
      return 0.0;
  }
}

std::vector<float> made(const Material& material, const Changed& changed) {
  return Maker(material, changed)();
}

}  // namespace calando
