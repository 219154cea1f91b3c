#include "support/homework.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "support/beginners.h"
#include "support/buzz.h"
#include "support/dice.h"
#include "support/processed.h"
#include "support/signals.h"

namespace sounds {

namespace {

constexpr double kRate_hz = 48000.0;
constexpr double kTwoPi = 2.0 * std::numbers::pi;

std::size_t samplesIn(double seconds) { return static_cast<std::size_t>(seconds * kRate_hz); }

/// A resonance of the throat and mouth, moving from one place to another.
class Formant {
 public:
  double operator()(double x, double hz, double width_hz) {
    const double r = std::exp(-std::numbers::pi * width_hz / kRate_hz);
    const double y = (1.0 - r) * x + 2.0 * r * std::cos(kTwoPi * hz / kRate_hz) * y1_ - r * r * y2_;
    y2_ = y1_;
    return y1_ = y;
  }

 private:
  double y1_ = 0.0, y2_ = 0.0;
};

using Vowel = std::array<double, 3>;
constexpr Vowel kVowels[] = {{730, 1090, 2440}, {270, 2290, 3010}, {300, 870, 2240},
                             {530, 1840, 2480}, {570, 840, 2410},  {490, 1350, 1690}};

/// Second-order sections (Butterworth), low or high pass.
std::vector<float> filtered(std::vector<float> samples, double hz, bool high) {
  for (const double q : {0.541, 1.307}) {
    const double w = kTwoPi * hz / kRate_hz, alpha = std::sin(w) / (2.0 * q), c = std::cos(w);
    const double b1 = high ? -(1.0 + c) : 1.0 - c, b0 = std::abs(b1) / 2.0, a0 = 1.0 + alpha;
    double x1 = 0, x2 = 0, y1 = 0, y2 = 0;
    for (float& s : samples) {
      const double x = s, y = (b0 * x + b1 * x1 + b0 * x2 + 2.0 * c * y1 - (1.0 - alpha) * y2) / a0;
      x2 = x1, x1 = x, y2 = y1, y1 = y;
      s = static_cast<float>(y);
    }
  }
  return samples;
}

void scaleTo(double dbfs, std::vector<float>& samples) {
  double power = 0.0;
  for (const float x : samples) power += static_cast<double>(x) * x;
  const double gain =
      std::pow(10.0, dbfs / 20.0) / std::sqrt(power / static_cast<double>(samples.size()) + 1e-20);
  for (float& x : samples) x = static_cast<float>(gain * x);
}

}  // namespace

std::vector<float> speech(std::mt19937& random, double seconds) {
  Dice dice(random());
  std::normal_distribution<double> gaussian;
  std::vector<float> out(samplesIn(seconds), 0.0f);
  const double voice_hz = dice(90.0, 240.0);
  std::array<Formant, 3> mouth;
  Formant hiss;
  double turn = 0.0, phrase_hz = voice_hz, phraseLeft_s = dice(1.0, 2.5);
  Vowel from = kVowels[dice.whole(0, 5)];
  for (std::size_t n = 0; n < out.size();) {
    if (phraseLeft_s <= 0.0) {
      n += samplesIn(dice(0.25, 0.9));
      phrase_hz = voice_hz * dice(1.0, 1.25);
      phraseLeft_s = dice(0.8, 2.8);
      continue;
    }
    // A consonant: hissed, popped, or none.
    const double consonant_s = dice.chance(0.65) ? dice(0.03, 0.12) : 0.0;
    const double hiss_hz = dice(1500.0, 6000.0), hissed = dice(0.1, 0.8);
    for (std::size_t i = 0; i < samplesIn(consonant_s) && n < out.size(); ++i, ++n)
      out[n] = static_cast<float>(0.25 * hissed * hiss(gaussian(random), hiss_hz, 900.0));
    // A vowel: its pitch and its resonances move.
    const Vowel to = kVowels[dice.whole(0, 5)];
    const double vowel_s = dice(0.07, 0.24), accent = dice(0.9, 1.15), fall = dice(0.86, 1.06);
    const std::size_t count = samplesIn(vowel_s);
    for (std::size_t i = 0; i < count && n < out.size(); ++i, ++n) {
      const double share = static_cast<double>(i) / static_cast<double>(count);
      const double hz = phrase_hz * accent * std::pow(fall, share);
      turn += hz / kRate_hz;
      turn -= std::floor(turn);
      const double glottis = turn < 0.6 ? std::sin(std::numbers::pi * turn / 0.6) : 0.0;
      const double x = (glottis - 0.38 + 0.03 * gaussian(random)) *
                       std::sin(std::numbers::pi * std::min(1.0, 0.12 + share) * std::min(1.0, 1.1 - share));
      double y = 0.0;
      for (std::size_t k = 0; k < 3; ++k)
        y += mouth[k](x, std::lerp(from[k], to[k], std::min(1.0, 3.0 * share)),
                      60.0 + 40.0 * static_cast<double>(k)) *
             (k == 0 ? 1.0 : 0.6);
      out[n] = static_cast<float>(y);
    }
    from = to;
    phrase_hz *= dice(0.93, 1.02);
    phraseLeft_s -= vowel_s + consonant_s;
  }
  scaleTo(dice(-30.0, -22.0), out);
  return out;
}

Homework::Homework(unsigned seed) : random_(seed) {}

void Homework::add(const std::vector<float>& sound, double at_s) {
  const std::size_t from = samplesIn(at_s);
  samples_.resize(std::max(samples_.size(), from + sound.size()));
  for (std::size_t i = 0; i < sound.size(); ++i) samples_[from + i] += sound[i];
}

void Homework::pause(double seconds) { samples_.resize(samples_.size() + samplesIn(seconds)); }

void Homework::say(const std::vector<float>& words) {
  const double from = length_s();
  add(words, from);
  pieces_.push_back({SentPiece::Kind::speech, -1, 0, from, length_s()});
}

void Homework::knock() {
  Dice dice(random_());
  const double from = length_s(), decay_s = dice(0.01, 0.06);
  std::vector<float> sound =
      filtered(noise(0.3, 0.15, kRate_hz, static_cast<unsigned>(random_())), dice(400.0, 3000.0), false);
  for (std::size_t n = 0; n < sound.size(); ++n)
    sound[n] *= static_cast<float>(std::exp(-static_cast<double>(n) / kRate_hz / decay_s));
  add(sound, from);
  pieces_.push_back({SentPiece::Kind::noise, -1, 0, from, length_s()});
}

void Homework::play(int item, const std::vector<Sent>& asked, std::size_t played, double stretch,
                    double skill, bool buzzes) {
  Dice dice(random_());
  const double from = length_s(), base_cents = dice(-25.0, 25.0) * (1.2 - skill);
  const Spectrum& spectrum = spectra()[static_cast<std::size_t>(dice.whole(0, 2))];
  SentPiece piece{SentPiece::Kind::item, item, 0, -1.0, 0.0};
  for (std::size_t s = 0; s < asked.size() && piece.sounds < played; ++s) {
    const Sent& sent = asked[s];
    std::size_t last = s;
    while (last + 1 < asked.size() && asked[last + 1].slurred && piece.sounds + (last - s) + 1 < played)
      ++last;
    const double late_s = s == 0 || sent.slurred ? 0.0 : dice(-0.08, 0.12) * (1.2 - skill);
    const double at = from + stretch * sent.from_s + late_s;
    const double end_s = from + stretch * (asked[last].from_s + asked[last].length_s * dice(0.88, 0.98));
    const double seconds = std::max(0.12, end_s - at);
    if (sent.hz <= 0.0) {
      std::vector<float> air =
          filtered(noise(seconds, std::pow(10.0, -42.0 / 20.0), kRate_hz, static_cast<unsigned>(random_())),
                   2500.0, false);
      for (std::size_t n = 0; n < air.size(); ++n) {
        const double t = static_cast<double>(n) / kRate_hz;
        air[n] *= static_cast<float>(std::clamp(std::min(t, seconds - t) / 0.1, 0.0, 1.0));
      }
      add(air, at);
      continue;
    }
    const auto wander = RandomTrack::between(random_, 0.3, 3.0, 2.0 + 10.0 * (1.0 - skill));
    const double scoop = dice(-40.0, 10.0) * (1.0 - skill),
                 off = base_cents + dice(-10.0, 10.0) * (1.2 - skill);
    const auto cents = [&](double t) {
      double steps = 0.0;
      for (std::size_t k = s + 1; k <= last; ++k) {
        const double step_s = stretch * (asked[k].from_s - sent.from_s);
        steps += 1200.0 * std::log2(asked[k].hz / asked[k - 1].hz) *
                 std::clamp((t - step_s) / 0.05 + 0.5, 0.0, 1.0);
      }
      return off + scoop * std::exp(-t / 0.08) + wander(t) + steps;
    };
    const double level = dice(-27.0, -20.0);
    if (buzzes) {
      Buzz spec{.f0_hz = sent.hz, .seconds = seconds, .cents = cents, .level_dbfs = level};
      spec.hnr_db = dice(9.0, 18.0);
      spec.before_s = spec.after_s = 0.0;
      spec.room_dbfs = -120.0;
      spec.seed = static_cast<unsigned>(random_());
      add(buzz(spec).samples, at);
    } else {
      const double rise_s = dice(0.02, 0.12), fall_s = dice(0.03, 0.15);
      ToneSpec spec{
          .f0_hz = sent.hz, .seconds = seconds, .spectrum = &spectrum, .rms = std::pow(10.0, level / 20.0)};
      spec.snr_db = dice(18.0, 34.0) - 6.0 * (1.0 - skill);
      spec.cents = cents;
      spec.amplitude = [=](double t) {
        return std::clamp(std::min(t / rise_s, (seconds - t) / fall_s), 0.0, 1.0);
      };
      spec.seed = static_cast<unsigned>(random_());
      auto sound = tone(spec);
      // Its noise is its own: it comes and goes with it.
      for (std::size_t n = 0; n < sound.size(); ++n) {
        const double t = static_cast<double>(n) / kRate_hz;
        sound[n] *= static_cast<float>(std::clamp(std::min(t, seconds - t) / 0.01, 0.0, 1.0));
      }
      add(sound, at);
    }
    if (piece.start_s < 0.0) piece.start_s = at;
    piece.end_s = at + seconds;
    piece.sounds += last - s + 1;
    s = last;
  }
  pieces_.push_back(piece);
}

void Homework::put(int item, const std::vector<float>& played, std::size_t sounds, double first_s,
                   double over_s) {
  const double from = length_s();
  add(played, from);
  pieces_.push_back({SentPiece::Kind::item, item, sounds, from + first_s, from + over_s});
}

std::vector<float> Homework::heardBy(const Phone& phone) {
  std::vector<float> dry = samples_;
  // Reverberation: echoes at random places, their density a thousand a second, decaying.
  if (phone.rt60_s > 0.0) {
    Dice dice(random_());
    std::vector<float> wet(dry.size(), 0.0f);
    const int echoes = static_cast<int>(60.0 * phone.rt60_s + 10);
    double power = 0.0;
    std::vector<std::pair<std::size_t, float>> taps;
    for (int e = 0; e < echoes; ++e) {
      const double at = dice(0.008, phone.rt60_s);
      const double gain = std::pow(10.0, -3.0 * at / phone.rt60_s) * (dice.chance(0.5) ? 1.0 : -1.0);
      taps.emplace_back(samplesIn(at), static_cast<float>(gain));
      power += gain * gain;
    }
    const double scale = std::pow(10.0, phone.reverb_db / 20.0) / std::sqrt(power);
    for (const auto& [delay, gain] : taps)
      for (std::size_t n = delay; n < dry.size(); ++n) wet[n] += gain * dry[n - delay];
    for (std::size_t n = 0; n < dry.size(); ++n) dry[n] += static_cast<float>(scale * wet[n]);
  }
  std::normal_distribution<double> gaussian(0.0, std::pow(10.0, phone.noise_dbfs / 20.0));
  for (float& x : dry) x += static_cast<float>(gaussian(random_));
  if (phone.band) dry = filtered(filtered(std::move(dry), 200.0, true), 6000.0, false);
  if (phone.automaticGain) dry = levelled(dry, kRate_hz, {.wanted_dbfs = -24.0, .most_db = 18.0});
  for (float& x : dry) x = std::clamp(x, -1.0f, 1.0f);
  return dry;
}

}  // namespace sounds
