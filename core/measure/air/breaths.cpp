#include "core/measure/air/breaths.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <span>

#include "core/maths/statistics.h"
#include "core/measure/air/air_figures.h"
#include "core/measure/air/breath_ways.h"
#include "core/measure/edges/envelope.h"

namespace calando {

namespace {

constexpr double kPresent_db = 4.5;  // over the room, mean of all bands
constexpr double kGone_db = 3.0;
constexpr double kLeastMargin_db = 6.0;
constexpr std::size_t kSmooth = 2;  // frames to either side
constexpr double kBridge_s = 0.06;
constexpr double kShortest_s = 0.15;
constexpr double kWindow_s = 0.02;

constexpr double kSide_s = 0.3;  // what is compared on either side of a turn
constexpr double kTurnHalf_s = 0.06;
constexpr double kTurnWindow_s = 0.04, kTurnReach_s = 0.06;  // for its place
constexpr double kShortestSide_s = 0.12;
constexpr double kDip_db = 1.5, kDeepDip_db = 9.0;
constexpr double kPlace_s = 0.12;
constexpr double kOtherBreath = 3.3;    // without a dip
constexpr double kOtherSpectrum = 1.7;  // distance, in what noise and one breath's own change explain
constexpr double kOwnChange_db = 1.0;

constexpr double kThin_db = 15.0;
constexpr std::size_t kFewestForThin = 3;
constexpr double kRough_db = 2.6;  // of 20 ms against their neighbourhood: clothes, taps
constexpr double kShortestBreath_s = 0.25;
constexpr double kVoicedShare = 0.3;

constexpr double kSpeechReach_s = 0.9;
constexpr double kLongestSyllable_s = 0.7, kShortestSyllable_s = 0.03;
constexpr double kSpeechMoves_cents = 80.0;
constexpr double kLongestFricative_s = 0.8;

constexpr double kLeakWindow_s = 0.05;

bool insideTone(const std::vector<Tone>& tones, double t) {
  return std::ranges::any_of(
      tones, [t](const Tone& tone) { return t > tone.start_s - 0.03 && t < tone.end_s + 0.06; });
}

struct Stretch {
  double from_s, to_s;
};

/// Finds the breaths of one take.
class BreathFinder {
 public:
  BreathFinder(const Tracks& tracks, const std::vector<Tone>& tones, const AirSums& sums, const AirRoom& room,
               const std::optional<OpenBreath>& open)
      : tracks_(tracks), tones_(tones), sums_(sums), room_(room), open_(open) {}

  std::vector<Air> find() {
    std::vector<Air> airs;
    std::vector<std::size_t> breaths;  // those that are nothing else
    for (const Stretch& stretch : stretches())
      for (const Stretch& breath : breathsIn(stretch)) {
        if (breath.to_s - breath.from_s < kShortest_s) continue;
        Air air = describeAir(tracks_, sums_, room_.at(breath.from_s), breath.from_s, breath.to_s, open_);
        if (*air.sound_margin_db < kLeastMargin_db) continue;
        if (isNoBreath(air))
          air.sound = AirSound::unclear;
        else
          breaths.push_back(airs.size());
        airs.push_back(air);
      }
    std::vector<Air*> all;
    for (const std::size_t i : breaths) all.push_back(&airs[i]);
    tellWays(all, sums_, room_, tones_);
    return airs;
  }

 private:
  /// How far the bands stand over the room, on average.
  double presence_db(std::size_t frame) const {
    const AirSums::Row row = sums_.mean(frame - std::min(frame, kSmooth), frame + kSmooth + 1);
    double ratio = 0.0;
    const AirSums::Row& room = room_.at(static_cast<double>(frame) * kHop_s);
    for (std::size_t b = 0; b < kAirBands; ++b) ratio += row[b] / room[b];
    return decibels(ratio / kAirBands);
  }

  std::vector<Stretch> stretches() const {
    std::vector<Stretch> list;
    bool on = false;
    for (std::size_t i = 0; i < sums_.size(); ++i) {
      const double t = static_cast<double>(i) * kHop_s;
      on = presence_db(i) >= (on ? kGone_db : kPresent_db) && !insideTone(tones_, t);
      if (!on) continue;
      if (!list.empty() && t - list.back().to_s <= kBridge_s)
        list.back().to_s = t + kHop_s / 2.0;
      else
        list.push_back({t - kHop_s / 2.0, t + kHop_s / 2.0});
    }
    return list;
  }

  Envelope envelopeAt(double t) const { return {&tracks_.airEnergy, kWindow_s, allOf(room_.at(t))}; }

  double level_db(double t) const {
    const Envelope envelope = envelopeAt(t);
    return decibels(envelope.power(t) + 1e-3 * envelope.noisePower);
  }

  /// How unlike the spectra of two stretches are: their differences in level apart, in standard deviations.
  double distance(const Stretch& a, const Stretch& b) const {
    const AirSums::Row left = sums_.meanOf(a.from_s, a.to_s), right = sums_.meanOf(b.from_s, b.to_s);
    const AirSums::Row &roomLeft = room_.at(a.from_s), &roomRight = room_.at(b.from_s);
    std::vector<double> off, weight;
    for (std::size_t band = 0; band < kAirBands; ++band) {
      const double l = left[band] - roomLeft[band], r = right[band] - roomRight[band];
      if (l < roomLeft[band] && r < roomRight[band]) continue;
      const double hz = airBandEdge(band + 1) - airBandEdge(band);
      const double shorter = std::min(a.to_s - a.from_s, b.to_s - b.from_s);
      const double chance = kNeper_db * std::sqrt(2.0 / (hz * shorter));
      off.push_back(decibels(std::max(l, 0.3 * roomLeft[band])) -
                    decibels(std::max(r, 0.3 * roomRight[band])));
      weight.push_back(1.0 / (chance * chance + kOwnChange_db * kOwnChange_db));
    }
    if (off.size() < 3) return 0.0;
    double sum = 0.0, weights = 0.0;
    for (std::size_t i = 0; i < off.size(); ++i) {
      sum += weight[i] * off[i];
      weights += weight[i];
    }
    double squares = 0.0;
    for (std::size_t i = 0; i < off.size(); ++i) squares += weight[i] * std::pow(off[i] - sum / weights, 2.0);
    return std::sqrt(squares / static_cast<double>(off.size() - 1));
  }

  /// How much speaks for one breath turning into the next at a moment within a stretch, 1 is enough: behind
  /// it the air sounds otherwise, and clearly so unless the level dips there as well.
  double turnAt(double t, const Stretch& s) const {
    const Stretch left{std::max(s.from_s, t - kSide_s - kTurnHalf_s), t - kTurnHalf_s};
    const Stretch right{t + kTurnHalf_s, std::min(s.to_s, t + kSide_s + kTurnHalf_s)};
    if (left.to_s - left.from_s < kShortestSide_s || right.to_s - right.from_s < kShortestSide_s) return 0.0;
    const double around = std::min(decibels(envelopeAt(left.from_s).medianPower(left.from_s, left.to_s)),
                                   decibels(envelopeAt(right.from_s).medianPower(right.from_s, right.to_s)));
    const double dip = around - level_db(t), other = distance(left, right);
    const double dips = std::max(dip / kDeepDip_db, dip >= kDip_db ? other / kOtherSpectrum : 0.0);
    // Where something may have begun to hum, that alone sounds otherwise.
    const bool mayHum = room_.behind && t > room_.until_s && t < room_.from_s + kSide_s;
    return mayHum ? dips : std::max(dips, other / kOtherBreath);
  }

  /// Where, about a time, the spectrum of what is before ends and that of what is behind begins: the most
  /// likely place for noise whose power has a gamma distribution in each band, its level left aside.
  double placeOfTurn(double about_s, const Stretch& s) const {
    const auto shapeOf = [&](double from_s, double to_s) {
      AirSums::Row row = sums_.meanOf(std::max(s.from_s, from_s), std::min(s.to_s, to_s));
      const double all = allOf(row);
      for (double& power : row) power = std::max(power / all, 1e-6);
      return row;
    };
    const AirSums::Row before = shapeOf(about_s - kSide_s - kPlace_s, about_s - kPlace_s);
    const AirSums::Row behind = shapeOf(about_s + kPlace_s, about_s + kSide_s + kPlace_s);
    double sum = 0.0, best = -1e9, at = about_s;
    for (double t = about_s - 1.5 * kPlace_s; t <= about_s + 1.5 * kPlace_s; t += kHop_s) {
      const AirSums::Row here = shapeOf(t, t);
      for (std::size_t b = 0; b < kAirBands; ++b)
        sum += (airBandEdge(b + 1) - airBandEdge(b)) *
               (std::log(behind[b] / before[b]) + here[b] * (1.0 / behind[b] - 1.0 / before[b]));
      if (sum <= best) continue;
      best = sum;
      at = t + kHop_s / 2.0;
    }
    const Envelope slow{&tracks_.airEnergy, kTurnWindow_s, envelopeAt(about_s).noisePower};
    double lowest = at;
    for (double t = at - kTurnReach_s; t <= at + kTurnReach_s; t += kHop_s / 2.0)
      if (slow.power(t) < slow.power(lowest)) lowest = t;
    const double around =
        std::min(slow.power(lowest - 2.0 * kTurnWindow_s), slow.power(lowest + 2.0 * kTurnWindow_s));
    return decibels(around) - decibels(slow.power(lowest)) > kDip_db ? lowest : at;
  }

  /// The clearest turn first, then those on either side of it.
  void addTurns(const Stretch& s, std::vector<double>& turns) const {
    double best = 1.0, at = -1.0;
    for (double t = s.from_s + kShortestSide_s; t < s.to_s - kShortestSide_s; t += kHop_s)
      if (const double here = turnAt(t, s); here >= best) {
        best = here;
        at = t;
      }
    if (at < 0.0) return;
    turns.push_back(placeOfTurn(at, s));
    const double turn = turns.back();
    addTurns({s.from_s, std::min(at, turn) - kTurnHalf_s}, turns);
    addTurns({std::max(at, turn) + kTurnHalf_s, s.to_s}, turns);
  }

  std::vector<Stretch> breathsIn(const Stretch& s) const {
    std::vector<double> ends;
    addTurns(s, ends);
    std::ranges::sort(ends);
    ends.push_back(s.to_s);
    std::vector<Stretch> list;
    double from = s.from_s;
    for (const double to : ends) {
      const double outer = 0.15;
      const double inside = std::min(0.5 * (to - from), 0.3);
      const Envelope in = envelopeAt(from), out = envelopeAt(to);
      const double first = in.medianPower(from + 0.3 * inside, from + 2.0 * inside);
      const double last = out.medianPower(to - 2.0 * inside, to - 0.3 * inside);
      const double earliest = from == s.from_s ? std::max(0.0, from - outer) : from;
      const double latest = to == s.to_s ? std::min(tracks_.duration_s, to + outer) : to;
      list.push_back({amplitudeCrossing(0.5, in, from + inside, earliest, first).value_or(from),
                      amplitudeCrossing(0.5, out, to - inside, latest, last).value_or(to)});
      from = to;
    }
    return list;
  }

  /// Clothes and taps jump about, voices sing, syllables are all around what speech hisses.
  bool isNoBreath(const Air& air) const {
    if (air.end_s - air.start_s < kShortestBreath_s) return true;
    std::vector<double> jumps;
    for (double t = air.start_s + 0.05; t <= air.end_s - 0.05; t += kWindow_s / 2.0)
      jumps.push_back(level_db(t) -
                      decibels(tracks_.airEnergy.meanSquare(t - 0.05, t + 0.05) - envelopeAt(t).noisePower));
    if (jumps.size() > 3 && standardDeviation(jumps) > kRough_db) return true;
    std::size_t voiced = 0, frames = 0;
    for (std::size_t i = sums_.frameAt(air.start_s); i <= sums_.frameAt(air.end_s); ++i, ++frames)
      voiced += tracks_.frames[i].f0_hz > 0.0f && tracks_.frames[i].f0_hz < 600.0f ? 1 : 0;
    if (static_cast<double>(voiced) > kVoicedShare * static_cast<double>(frames)) return true;
    return air.end_s - air.start_s < kLongestFricative_s && isAmongSyllables(air);
  }

  bool isAmongSyllables(const Air& air) const {
    int syllables = 0;
    double before_hz = 0.0;
    const std::size_t first = sums_.frameAt(air.start_s - kSpeechReach_s);
    const std::size_t last = sums_.frameAt(air.end_s + kSpeechReach_s);
    for (std::size_t i = first; i <= last; ++i) {
      std::size_t end = i;
      while (end <= last && tracks_.frames[end].f0_hz > 0.0f && tracks_.frames[end].f0_hz < 500.0f) ++end;
      const double length = static_cast<double>(end - i) * kHop_s;
      if (length >= kShortestSyllable_s && length <= kLongestSyllable_s) {
        double lowest = 1e9, highest = 0.0;
        for (std::size_t k = i; k < end; ++k) {
          lowest = std::min<double>(lowest, tracks_.frames[k].f0_hz);
          highest = std::max<double>(highest, tracks_.frames[k].f0_hz);
        }
        const bool moves =
            centsBetween(lowest, highest) > kSpeechMoves_cents ||
            (before_hz > 0.0 && std::abs(centsBetween(before_hz, lowest)) > kSpeechMoves_cents);
        if (moves) ++syllables;
        before_hz = highest;
      }
      i = std::max(i, end);
    }
    return syllables >= 2;
  }

  const Tracks& tracks_;
  const std::vector<Tone>& tones_;
  const AirSums& sums_;
  const AirRoom& room_;
  const std::optional<OpenBreath>& open_;
};

}  // namespace

std::vector<Air> findAirs(const Tracks& tracks, const AirSums& sums, const AirRoom& room,
                          const std::vector<Tone>& tones, const std::optional<OpenBreath>& open) {
  return BreathFinder(tracks, tones, sums, room, open).find();
}

void nameThin(std::vector<Air>& airs, const std::optional<OpenBreath>& open) {
  std::vector<Air*> breaths;
  for (Air& air : airs)
    if (isBreath(air) && air.level_dbfs) breaths.push_back(&air);
  const bool told = std::ranges::any_of(breaths, [](const Air* a) { return a->phase == AirPhase::inhale; });
  if (told) std::erase_if(breaths, [](const Air* a) { return a->phase != AirPhase::inhale; });
  if (breaths.size() < kFewestForThin && !open) return;
  std::vector<double> levels;
  for (const Air* air : breaths) levels.push_back(*air->level_dbfs);
  double usual = open ? open->level_dbfs : -200.0;
  if (levels.size() >= kFewestForThin) usual = std::max(usual, median(levels));
  for (Air* air : breaths)
    if (*air->sound_margin_db >= kClassMargin_db && *air->level_dbfs < usual - kThin_db)
      air->sound = AirSound::thin;
}

double soundWithin(const Tracks& tracks, double airFloor_dbfs, double from_s, double to_s) {
  double heard_s = 0.0;
  for (double t = from_s + kLeakWindow_s / 2.0; t < to_s; t += kLeakWindow_s) {
    const auto frame = static_cast<std::size_t>(std::lround(std::max(0.0, t) / kHop_s));
    const bool voiced = frame < tracks.frames.size() && tracks.frames[frame].f0_hz > 0.0f;
    const double level = tracks.airEnergy.level_dbfs(t - kLeakWindow_s / 2.0, t + kLeakWindow_s / 2.0);
    if (voiced || level > airFloor_dbfs + kLeastMargin_db) heard_s += kLeakWindow_s;
  }
  return std::clamp(heard_s, 0.0, std::max(0.0, to_s - from_s));
}

AirSoFar airSoFar(const Tracks& tracks) {
  constexpr double step_s = 0.1, quiet_s = 0.3;
  const EnergyTrack& energy = tracks.airEnergy;
  double room = 1.0;
  for (double t = 0.0; t + quiet_s <= energy.seconds(); t += step_s)
    room = std::min(room, energy.meanSquare(t, t + quiet_s));
  AirSoFar air{0.0, energy.seconds()};
  for (double t = 0.0; t + step_s <= energy.seconds(); t += step_s) {
    if (decibels(energy.meanSquare(t, t + step_s)) < decibels(room) + kLeastMargin_db) continue;
    air.heard_s += step_s;
    air.silent_s = energy.seconds() - t - step_s;
  }
  return air;
}

}  // namespace calando
