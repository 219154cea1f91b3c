#include "core/standin/player.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>
#include <random>

#include "core/catalogue.h"
#include "core/exercise/cue_figures.h"
#include "core/measure/segmentation.h"
#include "core/measure/statistics.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kEnding_s = 0.7;  // over which a sag or fade happens
constexpr double kRelease_s = 0.07;
constexpr double kInhale_s = 0.6;
constexpr double kRoom_dbfs = -70.0;
constexpr double kHighestPartial_hz = 14000.0;
constexpr int kControl = 32;  // samples between updates of pitch and level
constexpr double kBreakEdge_s = 0.004;
constexpr double kPulse_db = 7.0;
constexpr double kTiming_s = 0.02;      // how far off the count a start may be
constexpr double kLongest = 1.08;       // Player::length of one that lasts: in a count it ends with the beat
constexpr double kBreathPause_s = 1.0;  // between tones, for a breath

double fromDecibels(double db) { return std::pow(10.0, db / 20.0); }

/// Smooth random movement: a few sines of random rate and phase, of standard deviation 1.
class Movement {
 public:
  Movement(std::mt19937& random, double lowest_hz, double highest_hz) {
    for (Sine& s : sines_) {
      s.hz = lowest_hz + (highest_hz - lowest_hz) * uniform(random);
      s.phase = kTau * uniform(random);
    }
  }
  double at(double t) const {
    double sum = 0.0;
    for (const Sine& s : sines_) sum += std::sin(kTau * s.hz * t + s.phase);
    return sum * std::sqrt(2.0 / static_cast<double>(sines_.size()));
  }
  /// std's distributions differ between libraries; this does not.
  static double uniform(std::mt19937& random) { return static_cast<double>(random()) / 4294967296.0; }

 private:
  struct Sine {
    double hz, phase;
  };
  std::array<Sine, 5> sines_;
};

double gaussian(std::mt19937& random) {
  double sum = 0.0;
  for (int i = 0; i < 4; ++i) sum += Movement::uniform(random);
  return (sum - 2.0) * std::sqrt(3.0);
}

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

double smoothStep(double x) {
  x = std::clamp(x, 0.0, 1.0);
  return 0.5 - 0.5 * std::cos(std::numbers::pi * x);
}

struct Break {
  double at_s, length_s;
};

constexpr double kBend_cents = -100.0;
constexpr double kGlideRest = 0.08;  // share of a slide that rests on its first and on its last note

/// The plan of one performance: when things happen and how the pitch and level go.
struct Score {
  double toneStart, toneEnd;  // where the sound begins to rise and has fallen to nothing
  std::vector<Break> breaks;
  std::vector<Break> slips;
  double slipCents;
  Player player;
  Movement wander, shake, swell;
  double vibratoPhase;
  std::vector<LevelPoint> shape;  // asked-for loudness
  int pulses;
  bool inhales;
  double bend_cents = 0.0;   // how far the pitch goes and comes back
  double glide_cents = 0.0;  // where it comes from

  double cents(double t) const {
    const double into = t - toneStart;
    const double ending = smoothStep((t - (toneEnd - kRelease_s - kEnding_s)) / kEnding_s);
    double c = player.offset_cents + player.drift_cents_per_s * (into - (toneEnd - toneStart) / 2.0);
    c += player.wander_cents * wander.at(t) + player.shake_cents * shake.at(t);
    c += player.scoop_cents * (1.0 - smoothStep(into / player.scoop_s));
    c += player.sag_cents * ending;
    if (player.vibrato_hz > 0.0)
      c += player.vibrato_cents * smoothStep(into / 0.8) *
           std::sin(kTau * player.vibrato_hz * t + vibratoPhase);
    const double share = std::clamp(into / (toneEnd - toneStart), 0.0, 1.0);
    c += bend_cents * std::pow(std::sin(std::numbers::pi * share), 2.0);
    c += glide_cents * (1.0 - std::clamp((share - kGlideRest) / (1.0 - 2.0 * kGlideRest), 0.0, 1.0));
    for (const Break& slip : slips)
      c += slipCents *
           (smoothStep((t - slip.at_s) / 0.012) - smoothStep((t - slip.at_s - slip.length_s) / 0.012));
    return c;
  }
  /// Amplitude of the tone, 1 when steady.
  double amplitude(double t) const {
    if (t <= toneStart || t >= toneEnd) return 0.0;
    double a = smoothStep((t - toneStart) / player.rise_s) * smoothStep((toneEnd - t) / kRelease_s);
    a *= fromDecibels(player.fade_db * smoothStep((t - (toneEnd - kRelease_s - kEnding_s)) / kEnding_s) +
                      0.3 * swell.at(t) + shapeAt(t));
    for (const Break& b : breaks)
      a *= 1.0 - smoothStep((t - b.at_s) / kBreakEdge_s + 0.5) *
                     smoothStep((b.at_s + b.length_s - t) / kBreakEdge_s + 0.5);
    return a;
  }
  /// Asked-for level, dB.
  double shapeAt(double t) const {
    const double share = (t - toneStart) / (toneEnd - toneStart);
    double db = levelAt(shape, share);
    if (pulses > 0) db += kPulse_db * 0.5 * (std::cos(kTau * pulses * (share - 0.5 / pulses)) - 1.0);
    return db;
  }
  /// Air that does not sound: the inhale, and air before the tone; 1 is as loud as the tone's own noise.
  double air(double t) const {
    const double before = toneStart - player.air_before_s;
    if (player.air_before_s > 0.0 && t > before && t < toneStart + player.rise_s)
      return smoothStep((t - before) / 0.03);
    if (!inhales) return 0.0;
    const double inhaleEnd = before - 0.2;
    const double x = (t - (inhaleEnd - kInhale_s)) / kInhale_s;
    return x > 0.0 && x < 1.0 ? 0.5 * std::sin(std::numbers::pi * x) : 0.0;
  }
};

/// When the first tone can start: after a moment of room, a breath, and the player's air before a tone.
double leadIn(const Player& player) { return 0.5 + kInhale_s + 0.2 + player.air_before_s; }

Score plan(const Player& player, const Part& part, double start, std::mt19937& random) {
  const double length =
      std::max(0.6, part.seconds * player.length * (1.0 + 0.03 * (Movement::uniform(random) - 0.5)));
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
              0,
              true};
  score.vibratoPhase = kTau * Movement::uniform(random);
  const auto places = [&](int count, double shortest, double longest) {
    std::vector<Break> list;
    for (int i = 0; i < count; ++i) {
      const double share = (i + 0.35 + 0.3 * Movement::uniform(random)) / count;
      list.push_back({start + 0.4 + share * std::max(0.0, length - 1.2),
                      shortest + (longest - shortest) * Movement::uniform(random)});
    }
    return list;
  };
  score.breaks = places(player.breaks, 0.04, 0.11);
  score.slips = places(player.slips, 0.12, 0.3);
  const bool brass = part.instrument && part.instrument->family == Family::brass;
  score.slipCents = brass ? centsBetween(4.0, 5.0) : 1200.0;
  return score;
}

/// Exponent of the amplitude with which partial k follows the level: the higher, the faster, so softer is
/// darker.
double levelExponent(std::size_t k) { return 1.0 + 0.35 * std::sqrt(static_cast<double>(k - 1)); }

/// Adds a tone without noise.
void sing(const Score& score, const Part& part, double rate, std::vector<float>& out, std::mt19937& random) {
  const std::size_t count = out.size();
  const double target = frequencyOf(part.sounding, part.reference);
  const int partials = std::max(1, static_cast<int>(kHighestPartial_hz / target));
  std::vector<double> strength;
  std::vector<std::complex<double>> phasor;
  double power = 0.0;
  for (int k = 1; k <= partials; ++k) {
    strength.push_back(partialStrength(part.instrument, k, target));
    power += strength.back() * strength.back() / 2.0;
    phasor.push_back(std::polar(1.0, kTau * Movement::uniform(random)));
  }
  const double gain = fromDecibels(score.player.level_dbfs) / std::sqrt(power);
  std::vector<double> level(strength.size(), 0.0);
  const auto first = static_cast<std::size_t>(score.toneStart * rate) / kControl * kControl;
  for (std::size_t block = first; block < count; block += kControl) {
    const double t = static_cast<double>(block) / rate;
    if (t > score.toneEnd + 0.01) break;
    const double a = score.amplitude(t + kControl / rate);
    const double f0 = shiftedBy(target, score.cents(t + kControl / (2.0 * rate)));
    const std::complex<double> turn = std::polar(1.0, kTau * f0 / rate);
    std::complex<double> step = 1.0;
    const std::size_t end = std::min<std::size_t>(count, block + kControl);
    for (std::size_t k = 0; k < strength.size(); ++k) {
      step *= turn;
      const double wanted = static_cast<double>(k + 1) * f0 > 0.45 * rate || a <= 0.0
                                ? 0.0
                                : gain * strength[k] * std::pow(a, levelExponent(k + 1));
      const double slope = (wanted - level[k]) / kControl;
      std::complex<double> z = phasor[k];
      double here = level[k];
      for (std::size_t n = block; n < end; ++n) {
        here += slope;
        z *= step;
        out[n] += static_cast<float>(here * z.imag());
      }
      phasor[k] = z / std::abs(z);
      level[k] = wanted;
    }
  }
}

/// Noise of unit variance between about 100 Hz and 6 kHz.
class BreathNoise {
 public:
  explicit BreathNoise(double rate)
      : low_(1.0 - std::exp(-kTau * 4000.0 / rate)), high_(1.0 - std::exp(-kTau * 300.0 / rate)) {
    std::mt19937 probe(1);
    double power = 0.0;
    constexpr int count = 20000;
    for (int i = 0; i < count; ++i) {
      const double y = shaped(probe);
      power += y * y;
    }
    scale_ = 1.0 / std::sqrt(power / count);
  }
  double next(std::mt19937& random) { return scale_ * shaped(random); }

 private:
  double shaped(std::mt19937& random) {
    first_ += low_ * (gaussian(random) - first_);
    smooth_ += low_ * (first_ - smooth_);
    slow_ += high_ * (smooth_ - slow_);
    return smooth_ - slow_;
  }
  double low_, high_;
  double first_ = 0.0, smooth_ = 0.0, slow_ = 0.0, scale_ = 1.0;
};

void addRoom(std::vector<float>& samples, double rate) {
  // A few first reflections of a small dry room.
  static constexpr std::array<std::pair<double, double>, 4> walls = {
      {{0.0071, 0.10}, {0.0113, 0.07}, {0.0179, 0.05}, {0.0271, 0.03}}};
  const std::vector<float> dry = samples;
  for (const auto& [delay_s, gain] : walls) {
    const auto delay = static_cast<std::size_t>(delay_s * rate);
    for (std::size_t n = delay; n < samples.size(); ++n)
      samples[n] += static_cast<float>(gain) * dry[n - delay];
  }
}

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
  Note note{};
  note.start_s = tone.start_s;
  note.end_s = tone.end_s;
  note.written = written(part.sounding);
  note.asked = note.written;
  note.concert = part.sounding;
  note.target_hz = target;
  std::vector<double> cents, before, last, levelBefore, levelLast;
  const double coreEnd = tone.end_s - 0.1;
  for (double t = tone.start_s + 0.25; t < coreEnd; t += 0.01) {
    cents.push_back(score.cents(t));
    (t < coreEnd - 0.5 ? before : last).push_back(cents.back());
    (t < coreEnd - 0.5 ? levelBefore : levelLast)
        .push_back(20.0 * std::log10(std::max(1e-6, score.amplitude(t))));
  }
  const double offset_cents = cents.empty() ? score.player.offset_cents : median(cents);
  note.offset_cents = offset_cents;
  if (before.size() >= 50 && !last.empty()) {
    tone.release.sag_cents = median(last) - median(before);
    tone.release.fade_db = median(levelLast) - median(levelBefore);
  }
  note.f0_hz = shiftedBy(target, offset_cents);
  note.drift_cents_per_s = score.player.drift_cents_per_s;
  if (score.player.vibrato_hz > 0.0)
    note.vibrato = Vibrato{score.player.vibrato_hz, score.player.vibrato_cents};
  note.hnr_db = score.player.hnr_db;
  note.level_dbfs = score.player.level_dbfs;
  tone.notes.push_back(note);
  return tone;
}

}  // namespace

tl::expected<std::vector<Player>, std::string> parsePlayers(std::string_view text) {
  return parseEntries<Player>("players", text, [](const nlohmann::json& e) {
    Player p;
    p.id = e.at("id").get<std::string>();
    p.name = e.at("name").get<std::string>();
    p.text = e.at("text").get<std::string>();
    const auto read = [&e](const char* key, auto& value) { value = e.value(key, value); };
    read("offset_cents", p.offset_cents);
    read("scoop_cents", p.scoop_cents);
    read("scoop_s", p.scoop_s);
    read("sag_cents", p.sag_cents);
    read("fade_db", p.fade_db);
    read("drift_cents_per_s", p.drift_cents_per_s);
    read("wander_cents", p.wander_cents);
    read("shake_cents", p.shake_cents);
    read("vibrato_hz", p.vibrato_hz);
    read("vibrato_cents", p.vibrato_cents);
    read("hnr_db", p.hnr_db);
    read("air_before_s", p.air_before_s);
    read("rise_s", p.rise_s);
    read("length", p.length);
    read("level_dbfs", p.level_dbfs);
    read("breaks", p.breaks);
    read("slips", p.slips);
    return p;
  });
}

const std::vector<Player>& players() {
  static const auto list = shipped(parsePlayers(data::players));
  return list;
}

const Player* findPlayer(std::string_view id) { return findById(players(), id); }

namespace {

/// A tone to be played, and what of.
struct Played {
  Part part;
  Score score;
};

Performance performAll(const Player& player, const std::vector<Played>& tones, std::mt19937& random,
                       double rate_hz) {
  const double duration = tones.empty() ? 1.0 : tones.back().score.toneEnd + 0.8;
  const auto count = static_cast<std::size_t>(duration * rate_hz);
  Performance result{rate_hz, std::vector<float>(count, 0.0f), {}};
  result.truth.duration_s = duration;
  if (!tones.empty()) result.truth.reference = tones.front().part.reference;
  for (const auto& [part, score] : tones) {
    sing(score, part, rate_hz, result.samples, random);
    result.truth.tones.push_back(truthOf(score, part));
  }
  result.truth.segments = layOutSegments(duration, result.truth.tones, {});
  addRoom(result.samples, rate_hz);
  BreathNoise breath(rate_hz);
  const double noise = fromDecibels(player.level_dbfs - player.hnr_db);
  // A breath is heard even from a player whose tone is clean.
  const double breathing = std::max(noise, fromDecibels(-48.0));
  const double room = fromDecibels(kRoom_dbfs);
  std::size_t current = 0;
  for (std::size_t n = 0; n < count; ++n) {
    const double t = static_cast<double>(n) / rate_hz;
    while (current + 1 < tones.size() && t > tones[current].score.toneEnd) ++current;
    const double air = tones.empty() ? 0.0
                                     : std::max(noise * tones[current].score.amplitude(t),
                                                breathing * tones[current].score.air(t));
    result.samples[n] += static_cast<float>(air * breath.next(random) + room * gaussian(random));
  }
  return result;
}

}  // namespace

Performance perform(const Player& player, const Part& part, std::uint32_t seed, double rate_hz) {
  std::mt19937 random(seed);
  const Score score = plan(player, part, leadIn(player), random);
  return performAll(player, {{part, score}}, random, rate_hz);
}

namespace {
void holdAgainst(const Reference& reference, Analysis& truth) {
  truth.reference = reference;
  for (Tone& tone : truth.tones)
    for (Note& note : tone.notes) {
      note.target_hz = frequencyOf(note.concert, reference);
      note.offset_cents = centsBetween(note.target_hz, note.f0_hz);
    }
}
}  // namespace

Performance perform(const Player& player, const CueSheet& sheet, const Context& context, std::uint32_t seed,
                    double rate_hz) {
  std::mt19937 random(seed);
  const double start = std::max(leadIn(player), sheet.countIn_s());
  std::vector<Played> tones;
  double free_s = 0.0;  // when the last tone has ended
  for (std::size_t c = 0; c < sheet.cues.size(); ++c) {
    const SheetCue& cue = sheet.cues[c];
    if (!isSounding(cue.kind)) continue;
    Part part{context.instrument, 67, cue.length_s, referenceFor(context)};
    if (cue.note)
      part.sounding = context.instrument ? context.instrument->soundingOf(*cue.note) : *cue.note;
    else if (context.instrument)
      part.sounding = comfortableNote(*context.instrument);
    if (!cue.open) part.seconds /= kLongest;
    const double late = sheet.cues.size() > 1 ? kTiming_s * (2.0 * Movement::uniform(random) - 1.0) : 0.0;
    const double from = std::max(free_s, start + cue.start_s + late);
    Score score = plan(player, part, from, random);
    if (!cue.open) score.toneEnd = std::min(score.toneEnd, start + cue.end_s() - 0.01);
    score.shape = cue.loudness;
    score.pulses = cue.pulses;
    if (cue.kind == CueKind::bend) score.bend_cents = kBend_cents;
    if (cue.kind == CueKind::glide && cue.note)
      score.glide_cents = 100.0 * (glideOrigin(sheet, c) - *cue.note);
    score.inhales = from - free_s > kBreathPause_s;
    free_s = score.toneEnd;
    tones.push_back({part, std::move(score)});
  }
  Performance result = performAll(player, tones, random, rate_hz);
  for (const SheetCue& cue : sheet.cues) {
    CueResult row;
    row.kind = nameOf(cue.kind);
    row.start_s = start + cue.start_s;
    row.end_s = start + cue.end_s();
    row.asked = cue.note;
    row.asksForSound = isSounding(cue.kind);
    if (row.asksForSound) {
      const auto played =
          std::ranges::count_if(result.truth.cues, [](const CueResult& c) { return c.asksForSound; });
      row.matched = static_cast<std::size_t>(played);
      row.note = 0;
    }
    result.truth.cues.push_back(row);
  }
  if (context.exercise && context.exercise->reference == PitchReference::home)
    if (const auto own = tunedToHome(result.truth, sheet, context)) holdAgainst(*own, result.truth);
  return result;
}

}  // namespace calando
