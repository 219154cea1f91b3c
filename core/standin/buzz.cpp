#include "core/standin/buzz.h"

#include <algorithm>
#include <complex>

#include "core/maths/statistics.h"

namespace calando::standin {

namespace {

constexpr double kShimmer_db = 0.4;
constexpr double kAirRise_s = 0.03;

/// What a small part sounds like.
struct PartSound {
  PartPlayed part;
  double tilt_db_per_octave;  ///< of its partials
  double top_hz;              ///< hardly anything above
  double cleanest_db;         ///< harmonics over noise: none is as clean as a tone
  double strays;              ///< of how its player's lips stray from period to period
  bool crackles;              ///< as its player’s lips do
};
constexpr PartSound kPartSounds[] = {
    {PartPlayed::mouthpiece, -9.0, 3000.0, 16.0, 1.0, true},
    {PartPlayed::lips, -9.0, 3000.0, 16.0, 1.0, true},
    {PartPlayed::mouthpieceNeck, -5.0, 7000.0, 22.0, 0.3, true},
    {PartPlayed::reed, -2.0, 9000.0, 19.0, 0.5, true},
    {PartPlayed::headJoint, -15.0, 6000.0, 15.0, 0.15, false},
};
const PartSound& soundOf(const Part& part) {
  return *std::ranges::find(kPartSounds, part.part, &PartSound::part);
}

double hnrOf(const Player& player, const Part& part) {
  return std::min(player.hnr_db, soundOf(part).cleanest_db);
}

}  // namespace

void BuzzVoice::sing(std::vector<float>& out, double rate, std::mt19937& random) const {
  const Player& player = score().player;
  if (player.speaks < 1) return;
  const double target = frequencyOf(part().sounding, part().reference);
  std::vector<double> strength;
  std::vector<std::complex<double>> start;
  double power = 0.0;
  const PartSound& like = soundOf(part());
  for (int k = 1; k == 1 || k * target < like.top_hz; ++k) {
    strength.push_back(fromDecibels(like.tilt_db_per_octave * std::log2(k)));
    start.push_back(std::polar(1.0, kTau * uniform(random)));
    power += strength.back() * strength.back() / 2.0;
  }
  const double gain = fromDecibels(player.level_dbfs) / std::sqrt(power);
  // Of independent lengths with a deviation s, neighbours differ by 2 s / √π in the mean.
  const double stray = like.strays * player.buzz_jitter_percent / 100.0 * std::sqrt(std::numbers::pi) / 2.0;
  Sampled amplitude(rate, [&](double t) { return score().amplitude(t); });
  Sampled hz(rate, [&](double t) { return shiftedBy(target, score().cents(t)); });
  double turn = 0.0, stretch = 1.0, loud = 1.0;
  long period = -1;
  const auto last = std::min(out.size(), static_cast<std::size_t>(score().toneEnd * rate));
  for (auto n = static_cast<std::size_t>(score().toneStart * rate); n < last; ++n) {
    if (const auto now = static_cast<long>(turn / kTau); now != period) {
      period = now;
      stretch = std::max(0.5, 1.0 + stray * gaussian(random));
      const double crackle = like.crackles && now % 2 == 1 ? player.buzz_crackle : 0.0;
      loud = fromDecibels(kShimmer_db * gaussian(random)) * (1.0 - crackle);
    }
    double sum = 0.0;
    const std::complex<double> step = std::polar(1.0, turn);
    std::complex<double> z = 1.0;
    for (std::size_t k = 0; k < strength.size(); ++k) {
      z *= step;
      sum += strength[k] * (z.imag() * start[k].real() + z.real() * start[k].imag());
    }
    out[n] += static_cast<float>(gain * loud * amplitude(n) * sum);
    turn += kTau * hz(n) / (stretch * rate);
  }
}

double BuzzVoice::air(double t) const {
  const Player& player = score().player;
  if (player.speaks < 0) return 0.0;
  const double noise = fromDecibels(player.level_dbfs - hnrOf(player, part()));
  double share = std::max(score().amplitude(t), score().air(t));
  const bool inside = t > score().toneStart && t < score().toneEnd;
  // Where the lips part the air goes on; so it does where they never met.
  const bool goesOn = player.breaks_air > 0 && score().isBroken(t);
  if (inside && (goesOn || player.speaks == 0))
    share = std::max(share, smoothStep((t - score().toneStart) / kAirRise_s) *
                                smoothStep((score().toneEnd - t) / kAirRise_s));
  return noise * share;
}

void BuzzVoice::tell(Analysis& truth) const {
  const Player& player = score().player;
  if (player.speaks < 0) return;
  if (player.speaks == 0) {
    truth.airs.push_back({score().toneStart, score().toneEnd, AirPhase::exhale});
    return;
  }
  ToneVoice::tell(truth);
  Tone& tone = truth.tones.back();
  for (Dropout& dropout : tone.dropouts) dropout.air_went_on = player.breaks_air > 0;
  for (Note& note : tone.notes) note.hnr_db = hnrOf(player, part());
  const double target = frequencyOf(part().sounding, part().reference);
  double low = score().cents(tone.start_s), high = low;
  for (double t = tone.start_s; t < tone.end_s; t += 0.01) {
    low = std::min(low, score().cents(t));
    high = std::max(high, score().cents(t));
  }
  tone.range = PitchRange{shiftedBy(target, low), shiftedBy(target, high), {}, {}};
}

}  // namespace calando::standin
