#include "core/standin/tone.h"

#include <array>
#include <complex>

#include "core/maths/dot.h"
#include "core/maths/statistics.h"

namespace calando::standin {

namespace {

constexpr double kEnding_s = 0.7;  // over which a sag or fade happens
constexpr double kRelease_s = 0.07;
constexpr double kInhale_s = 0.6;
constexpr double kHighestPartial_hz = 14000.0;
constexpr int kControl = 32;  // samples between updates of pitch and level
constexpr double kBreakEdge_s = 0.004;
constexpr double kPulse_db = 7.0;
constexpr double kHalfStep_cents = -100.0;
constexpr double kShortestDip_s = 0.05;
constexpr double kClearOfStep_s = 0.1;
constexpr double kBreathing_dbfs = -48.0;  // a breath is heard even from a player whose tone is clean
constexpr double kGlideRest = 0.08;        // share of a slide that rests on its first and on its last note

/// Strength of a partial at a comfortable level.
double partialStrength(const Instrument* instrument, int k, double f0) {
  const double hz = k * f0;
  const auto formant = [hz](double centre, double octaves) {
    const double x = std::log2(hz / centre) / octaves;
    return std::exp(-0.5 * x * x);
  };
  if (!instrument) return 1.0 / k;
  switch (instrument->family) {
    case Family::flute:
    case Family::recorder:
      return std::exp(-0.75 * (k - 1)) * (k == 2 ? 1.4 : 1.0);
    case Family::doubleReed:
      return (0.25 + formant(1100.0, 0.7) + 0.3 * formant(3000.0, 0.5)) / std::pow(k, 0.6);
    case Family::singleReed:
      if (instrument->id.find("clarinet") != std::string::npos)
        return (k % 2 == 1 ? 1.0 : std::min(1.0, 0.04 * k)) / std::pow(k, 0.9);
      return (0.6 + formant(800.0, 1.0)) / std::pow(k, 1.1);
    case Family::brass:
      return (0.35 + formant(std::max(350.0, 2.2 * f0), 1.1)) / std::pow(k, 0.7);
  }
  return 1.0 / k;
}

/// Exponent of the amplitude with which partial k follows the level: the higher, the faster, so softer is
/// darker.
double levelExponent(std::size_t k) { return 1.0 + 0.35 * std::sqrt(static_cast<double>(k - 1)); }

/// Where in a raised-cosine rise the RMS of all partials is half of its end, 0 to 1.
double halfLevelShare(const Part& part) {
  const double f0 = frequencyOf(part.sounding, part.reference);
  const auto power = [&](double amplitude) {
    double sum = 0.0;
    for (int k = 1; k * f0 < kHighestPartial_hz; ++k) {
      const double a = partialStrength(part.instrument, k, f0) *
                       std::pow(amplitude, levelExponent(static_cast<std::size_t>(k)));
      sum += a * a;
    }
    return sum;
  };
  double low = 0.0, high = 1.0;
  for (int i = 0; i < 40; ++i) {
    const double middle = (low + high) / 2.0;
    (power(smoothStep(middle)) < 0.25 * power(1.0) ? low : high) = middle;
  }
  return low;
}

/// What is true of a note of the tone, so many semitones from its first.
Note noteOf(const Score& score, const Part& part, int semitones, double from_s, double to_s) {
  Note note{};
  note.start_s = from_s;
  note.end_s = to_s;
  note.concert = part.sounding + semitones;
  note.written = part.instrument ? part.instrument->writtenOf(note.concert) : note.concert;
  note.asked = note.written;
  note.target_hz = frequencyOf(note.concert, part.reference);
  std::vector<double> cents;
  const double lead = score.steps.empty() ? 0.25 : std::min(kClearOfStep_s, 0.25 * (to_s - from_s));
  for (double t = from_s + lead; t < to_s - std::min(kClearOfStep_s, lead); t += 0.01)
    cents.push_back(score.cents(t));
  const double first_hz = frequencyOf(part.sounding, part.reference);
  note.f0_hz = shiftedBy(first_hz, cents.empty() ? score.player.offset_cents : median(cents));
  note.offset_cents = centsBetween(note.target_hz, note.f0_hz);
  note.drift_cents_per_s = score.player.drift_cents_per_s;
  if (score.player.vibrato_hz > 0.0)
    note.vibrato = Vibrato{score.player.vibrato_hz, score.player.vibrato_cents};
  note.hnr_db = score.player.hnr_db;
  note.level_dbfs = score.player.level_dbfs;
  return note;
}

Tone truthOf(const Score& score, const Part& part) {
  Tone tone{};
  const double half = halfLevelShare(part);
  tone.start_s = score.toneStart + score.player.rise_s * half;
  tone.end_s = score.toneEnd - kRelease_s * half;
  tone.held_s = tone.end_s - tone.start_s;
  for (const Break& b : score.breaks) {
    tone.dropouts.push_back({b.at_s, b.length_s});
    tone.held_s -= b.length_s;
  }
  const auto written = [&](int sounding) {
    return part.instrument ? part.instrument->writtenOf(sounding) : sounding;
  };
  const double target = frequencyOf(part.sounding, part.reference);
  for (const Break& s : score.slips)
    tone.slips.push_back({s.at_s, written(part.sounding),
                          written(nearestSemitone(shiftedBy(target, score.slipCents), part.reference)),
                          s.length_s});
  tone.onset.air_before_ms = 1000.0 * score.player.air_before_s;
  if (score.steps.empty()) {
    std::vector<double> before, last, levelBefore, levelLast;
    const double coreEnd = tone.end_s - 0.1;
    for (double t = tone.start_s + 0.25; t < coreEnd; t += 0.01) {
      (t < coreEnd - 0.5 ? before : last).push_back(score.cents(t));
      (t < coreEnd - 0.5 ? levelBefore : levelLast)
          .push_back(20.0 * std::log10(std::max(1e-6, score.amplitude(t))));
    }
    if (before.size() >= 50 && !last.empty()) {
      tone.release.sag_cents = median(last) - median(before);
      tone.release.fade_db = median(levelLast) - median(levelBefore);
    }
  }
  for (std::size_t n = 0; n <= score.steps.size(); ++n) {
    const double from = n == 0 ? tone.start_s : score.steps[n - 1].at_s;
    const double to = n == score.steps.size() ? tone.end_s : score.steps[n].at_s;
    tone.notes.push_back(noteOf(score, part, n == 0 ? 0 : score.steps[n - 1].semitones, from, to));
    if (n > 0)
      tone.transitions.push_back({tone.notes[n - 1].written, tone.notes[n].written, n, from,
                                  1000.0 * score.player.slur_s, 0.0, score.player.slur_dip_db});
  }
  return tone;
}

/// Four partials side by side: each a phasor that turns by its own step and a level on a straight line.
struct FourPartials {
  std::array<double, 4> re{}, im{}, stepRe{}, stepIm{}, level{}, slope{};

  void start(std::size_t k, std::complex<double> phasor) {
    re[k] = phasor.real();
    im[k] = phasor.imag();
  }
  /// On from here, to reach the level over kControl samples; the phasor is made as long as at first.
  void goTo(std::size_t k, std::complex<double> step, double wanted) {
    const double length = std::sqrt(re[k] * re[k] + im[k] * im[k]);
    re[k] /= length;
    im[k] /= length;
    stepRe[k] = step.real();
    stepIm[k] = step.imag();
    slope[k] = (wanted - level[k]) / kControl;
  }
};

/// Adds the next kControl samples of all of them.
CALANDO_DISPATCHED void addUp(std::vector<FourPartials>& fours, std::array<double, kControl>& sum) {
  for (FourPartials& four : fours) {
    WideLanes re, im, stepRe, stepIm, level, slope;
    loadLanes(re, four.re.data());
    loadLanes(im, four.im.data());
    loadLanes(stepRe, four.stepRe.data());
    loadLanes(stepIm, four.stepIm.data());
    loadLanes(level, four.level.data());
    loadLanes(slope, four.slope.data());
    for (double& y : sum) {
      const WideLanes turned = re * stepRe - im * stepIm;
      im = re * stepIm + im * stepRe;
      re = turned;
      level += slope;
      y += sumOf(level * im);
    }
    storeLanes(four.re.data(), re);
    storeLanes(four.im.data(), im);
    storeLanes(four.level.data(), level);
  }
}

}  // namespace

double Score::cents(double t) const {
  const double into = t - toneStart;
  const double ending = smoothStep((t - (toneEnd - kRelease_s - kEnding_s)) / kEnding_s);
  double c = player.offset_cents + player.drift_cents_per_s * (into - (toneEnd - toneStart) / 2.0);
  c += player.wander_cents * wander.at(t) + player.shake_cents * shake.at(t);
  c += player.scoop_cents * (1.0 - smoothStep(into / player.scoop_s));
  c += player.sag_cents * ending;
  if (player.vibrato_hz > 0.0)
    c +=
        player.vibrato_cents * smoothStep(into / 0.8) * std::sin(kTau * player.vibrato_hz * t + vibratoPhase);
  c += base_cents + valueAt(path, share(t));
  c += bend_cents * std::pow(std::sin(std::numbers::pi * share(t)), 2.0);
  c += glide_cents * (1.0 - std::clamp((share(t) - kGlideRest) / (1.0 - 2.0 * kGlideRest), 0.0, 1.0));
  double before = 0.0;
  for (const Step& step : steps) {
    c += (step.cents - before) * smoothStep((t - step.at_s) / player.slur_s + 0.5);
    before = step.cents;
  }
  for (const Break& slip : slips)
    c += slipCents *
         (smoothStep((t - slip.at_s) / 0.012) - smoothStep((t - slip.at_s - slip.length_s) / 0.012));
  return c;
}

double Score::bentBy(double t) const {
  return bend_cents * std::pow(std::sin(std::numbers::pi * share(t)), 2.0) +
         (bends ? valueAt(path, share(t)) : 0.0);
}

double Score::amplitude(double t) const {
  if (t <= toneStart || t >= toneEnd) return 0.0;
  double a = smoothStep((t - toneStart) / player.rise_s) * smoothStep((toneEnd - t) / kRelease_s);
  a *= fromDecibels(player.fade_db * smoothStep((t - (toneEnd - kRelease_s - kEnding_s)) / kEnding_s) +
                    0.3 * swell.at(t) + shapeAt(t));
  if (player.ring_width_cents > 0.0) {
    const auto rings_db = [&](double cents) {
      const double x = (cents - player.ring_cents) / player.ring_width_cents;
      return -10.0 * std::log10(1.0 + x * x);
    };
    a *= fromDecibels(rings_db(bentBy(t)) - rings_db(0.0));
  }
  // Asked for at every sample: what makes no difference is not worked out.
  if (player.bend_loose_db != 0.0)
    a *= fromDecibels(player.bend_loose_db * std::clamp(bentBy(t) / kHalfStep_cents, 0.0, 1.0));
  if (player.slur_dip_db != 0.0)
    for (const Step& step : steps) {
      const double x = (t - step.at_s) / std::max(player.slur_s, kShortestDip_s) + 0.5;
      if (x > 0.0 && x < 1.0)
        a *= fromDecibels(player.slur_dip_db * std::pow(std::sin(std::numbers::pi * x), 2.0));
    }
  for (const Break& b : breaks)
    a *= 1.0 - smoothStep((t - b.at_s) / kBreakEdge_s + 0.5) *
                   smoothStep((b.at_s + b.length_s - t) / kBreakEdge_s + 0.5);
  return a;
}

bool Score::isBroken(double t) const {
  return std::ranges::any_of(breaks, [t](const Break& b) {
    return t > b.at_s - kBreakEdge_s && t < b.at_s + b.length_s + kBreakEdge_s;
  });
}

double Score::shapeAt(double t) const {
  const double share = (t - toneStart) / (toneEnd - toneStart);
  double db = valueAt(shape, share);
  if (pulses > 0) db += kPulse_db * 0.5 * (std::cos(kTau * pulses * (share - 0.5 / pulses)) - 1.0);
  return db;
}

double Score::air(double t) const {
  const double before = toneStart - player.air_before_s;
  if (player.air_before_s > 0.0 && t > before && t < toneStart + player.rise_s)
    return smoothStep((t - before) / 0.03);
  if (!inhales) return 0.0;
  const double inhaleEnd = before - 0.2;
  const double x = (t - (inhaleEnd - kInhale_s)) / kInhale_s;
  return x > 0.0 && x < 1.0 ? 0.5 * std::sin(std::numbers::pi * x) : 0.0;
}

double leadIn(const Player& player) { return 0.5 + kInhale_s + 0.2 + player.air_before_s; }

Score planTone(const Player& player, const Part& part, double start, std::mt19937& random) {
  const double length = std::max(0.6, part.seconds * player.length * (1.0 + 0.03 * (uniform(random) - 0.5)));
  Score score{start,
              start + length,
              {},
              {},
              0.0,
              player,
              {random, 0.3, 1.6},
              {random, 5.0, 11.0},
              {random, 0.3, 2.0},
              0.0,
              {},
              {},
              0,
              true};
  score.vibratoPhase = kTau * uniform(random);
  const auto places = [&](int count, double shortest, double longest) {
    std::vector<Break> list;
    for (int i = 0; i < count; ++i) {
      const double share = (i + 0.35 + 0.3 * uniform(random)) / count;
      list.push_back({start + 0.4 + share * std::max(0.0, length - 1.2),
                      shortest + (longest - shortest) * uniform(random)});
    }
    return list;
  };
  score.breaks = places(player.breaks, 0.04, 0.11);
  score.slips = places(player.slips, 0.12, 0.3);
  const bool brass = part.instrument && part.instrument->family == Family::brass;
  score.slipCents = brass ? centsBetween(4.0, 5.0) : 1200.0;
  return score;
}

ToneVoice::ToneVoice(Part part, Score score)
    : part_(std::move(part)),
      score_(std::move(score)),
      noise_(fromDecibels(score_.player.level_dbfs - score_.player.hnr_db)),
      breath_(std::max(noise_, fromDecibels(kBreathing_dbfs))) {}

void ToneVoice::sing(std::vector<float>& out, double rate, std::mt19937& random) const {
  if (part_.under_hz > 0.0) singUnder(out, rate);
  const std::size_t count = out.size();
  const double target = frequencyOf(part_.sounding, part_.reference);
  const auto partials = static_cast<std::size_t>(std::max(1.0, kHighestPartial_hz / target));
  std::vector<FourPartials> fours((partials + 3) / 4);
  std::vector<double> strength;
  double power = 0.0;
  for (std::size_t k = 0; k < partials; ++k) {
    strength.push_back(partialStrength(part_.instrument, static_cast<int>(k + 1), target));
    power += strength.back() * strength.back() / 2.0;
    fours[k / 4].start(k % 4, std::polar(1.0, kTau * uniform(random)));
  }
  const double gain = fromDecibels(score_.player.level_dbfs) / std::sqrt(power);
  const auto first = static_cast<std::size_t>(score_.toneStart * rate) / kControl * kControl;
  for (std::size_t block = first; block < count; block += kControl) {
    const double t = static_cast<double>(block) / rate;
    if (t > score_.toneEnd + 0.01) break;
    const double a = score_.amplitude(t + kControl / rate);
    const double f0 = shiftedBy(target, score_.cents(t + kControl / (2.0 * rate)));
    const std::complex<double> turn = std::polar(1.0, kTau * f0 / rate);
    std::complex<double> step = 1.0;
    for (std::size_t k = 0; k < partials; ++k) {
      step *= turn;
      const double wanted = static_cast<double>(k + 1) * f0 > 0.45 * rate || a <= 0.0
                                ? 0.0
                                : gain * strength[k] * std::pow(a, levelExponent(k + 1));
      fours[k / 4].goTo(k % 4, step, wanted);
    }
    std::array<double, kControl> sum{};
    addUp(fours, sum);
    const std::size_t end = std::min<std::size_t>(count, block + kControl);
    for (std::size_t n = block; n < end; ++n) out[n] += static_cast<float>(sum[n - block]);
  }
}

/// What sounds on under an overtone.
void ToneVoice::singUnder(std::vector<float>& out, double rate) const {
  const double level = std::numbers::sqrt2 * fromDecibels(score_.player.level_dbfs + score_.player.under_db);
  Sampled amplitude(rate, [&](double t) { return score_.amplitude(t); });
  for (auto n = static_cast<std::size_t>(score_.toneStart * rate); n < out.size(); ++n) {
    const double t = static_cast<double>(n) / rate;
    if (t > score_.toneEnd) break;
    out[n] += static_cast<float>(level * amplitude(n) * std::sin(kTau * part_.under_hz * t));
  }
}

double ToneVoice::air(double t) const {
  return std::max(noise_ * score_.amplitude(t), breath_ * score_.air(t));
}

void ToneVoice::tell(Analysis& truth) const { truth.tones.push_back(truthOf(score_, part_)); }

}  // namespace calando::standin
