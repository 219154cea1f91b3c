#include "core/ears/change.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/standin/random.h"
#include "core/theory/interval.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kGapEdge_s = 0.004, kScoop_s = 0.12, kSpeaks_s = 0.015;
constexpr double kSagFrom_s = kMade_s * 2.0 / 3.0, kFadeFrom_s = kMade_s / 2.0;
constexpr double kSlowest_hz = 0.6, kQuickest_hz = 1.8;
constexpr std::size_t kWanderSteps = 400;

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
    {Change::fuzz, "fuzz", "tone over air noise", "dB", "Which one is fuller?", "fuzz", "hnr_db", 1.0, 20.0, 1},
    {Change::crackle, "crackle", "crackle", "dB", "Which one is clean?", "a crackle", "subharmonic_db", 10.0,
     36.0, 0},
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

/// A slow movement without a mean, of that RMS.
std::vector<double> wandering(double rms, std::uint32_t seed) {
  std::mt19937 random(seed);
  const standin::Movement movement(random, kSlowest_hz, kQuickest_hz);
  std::vector<double> course(kWanderSteps + 1);
  double mean = 0.0, square = 0.0;
  for (std::size_t i = 0; i < course.size(); ++i) {
    course[i] = movement.at(kMade_s * static_cast<double>(i) / kWanderSteps);
    mean += course[i] / static_cast<double>(course.size());
    square += course[i] * course[i] / static_cast<double>(course.size());
  }
  const double scale = rms / std::sqrt(std::max(1e-6, square - mean * mean));
  for (double& x : course) x = scale * (x - mean);
  return course;
}

}  // namespace

std::span<const ChangeRow> changes() { return kRows; }
const ChangeRow& rowOf(Change change) { return kRows[static_cast<std::size_t>(change)]; }
const ChangeRow* findChange(std::string_view id) {
  const auto row = std::ranges::find(kRows, id, &ChangeRow::id);
  return row == std::end(kRows) ? nullptr : row;
}

ChangeCourse::ChangeCourse(const Changed& changed) : changed_(changed) {
  if (changed.change == Change::wander) wander_ = wandering(changed.amount, changed.seed);
}

double ChangeCourse::share(double from_s, double t_s) const {
  return changed_.amount * standin::smoothStep((t_s - from_s) / (kMade_s - from_s));
}

double ChangeCourse::cents(double t_s) const {
  switch (changed_.change) {
    case Change::offset:
      return changed_.amount;
    case Change::wave:
      return changed_.amount * std::sin(kTau * kWave_hz * t_s);
    case Change::wander: {
      const double at = std::clamp(t_s / kMade_s, 0.0, 1.0) * kWanderSteps;
      const auto i = std::min(static_cast<std::size_t>(at), kWanderSteps - 1);
      return std::lerp(wander_[i], wander_[i + 1], at - static_cast<double>(i));
    }
    case Change::sag:
      return -share(kSagFrom_s, t_s);
    case Change::scoop:
      return -changed_.amount * std::exp(-t_s / kScoop_s);
    default:
      return 0.0;
  }
}

double ChangeCourse::decibels(double t_s) const {
  switch (changed_.change) {
    case Change::fade:
      return -share(kFadeFrom_s, t_s);
    case Change::levelWave:
      return 0.5 * changed_.amount * std::sin(kTau * kLevelWave_hz * t_s);
    default:
      return 0.0;
  }
}

double ChangeCourse::there(double t_s) const {
  if (changed_.amount == 0.0) return 1.0;
  switch (changed_.change) {
    case Change::gap:
      return standin::smoothStep(0.5 +
                                 (std::abs(t_s - 0.5 * kMade_s) - 0.0005 * changed_.amount) / kGapEdge_s);
    case Change::late:
      return standin::smoothStep((t_s - changed_.amount / 1000.0) / kSpeaks_s);
    case Change::shorter:
      return t_s < kMade_s * (1.0 - changed_.amount / 100.0) ? 1.0 : 0.0;
    default:
      return 1.0;
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

}  // namespace calando
