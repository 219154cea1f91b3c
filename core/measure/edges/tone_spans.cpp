#include "core/measure/edges/tone_spans.h"

#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/edges/envelope.h"

namespace calando {

namespace {

constexpr double kEdge_s = 0.03;
constexpr double kSteadyNear_s = 0.35;  // how far the steady level next to an end is looked for
constexpr double kSilentShare = 0.01;   // of the power beside it: 20 dB down is no sound any more
constexpr double kPitchGoesOn = 0.65;   // confidence
constexpr double kSings = 0.9;          // confidence
constexpr double kSureShare = 0.8;
constexpr double kShortestTone_s = 0.04;
constexpr double kLeftInBreak = 0.15;  // of the power
constexpr double kClearOfColour_s = 0.06, kMostOfNoise = 2.0, kLeastOfNoise = 0.15, kAtOnce_s = 0.02,
                 kFlatReach = 0.3, kFlat = 2.0;
constexpr double kAir_db = 6.0, kNoAir_db = 3.0, kDiesAway_db = 5.0, kBreakEdge_s = 0.006;
constexpr double kComesBack = 0.35;  // of the steady power, after a crossing of a quarter

/// Power beside a dip, some way off its edges.
struct Beside {
  Beside(const Dip& dip, const Envelope& envelope)
      : before(envelope.medianPower(dip.at_s - 0.1, dip.at_s - 0.03)),
        after(envelope.medianPower(dip.end_s() + 0.03, dip.end_s() + 0.1)) {}
  double before, after;
};

std::size_t frameAt(double t) { return static_cast<std::size_t>(std::max(0.0, t / kHop_s)); }

/// A break is where the sound or its pitch stops: where the pitch simply goes on through a dip that is no
/// silence, the level dips (a standing wave, a head that turns, air that pulses). Breaks that the envelope
/// hardly sees are left as they are.
bool goesOn(const Dip& dip, const Beside& beside, const Envelope& envelope, const Tracks& tracks) {
  if (dip.length_s < 2.0 * envelope.window_s) return false;
  double lowest = envelope.power(dip.at_s);
  for (double t = dip.at_s; t <= dip.end_s(); t += 0.002) lowest = std::min(lowest, envelope.power(t));
  if (lowest < kSilentShare * std::min(beside.before, beside.after)) return false;
  for (auto i = frameAt(dip.at_s); i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= dip.end_s();
       ++i)
    if (tracks.frames[i].f0_hz <= 0.0f || tracks.frames[i].confidence < kPitchGoesOn) return false;
  return true;
}

/// The noise's share of the power beside a dip.
std::optional<double> noiseBeside(const Dip& dip, const Tracks& tracks) {
  std::vector<double> hnrs;
  const std::size_t end = std::min(tracks.frames.size(), frameAt(dip.end_s() + kSteadyNear_s));
  for (std::size_t i = frameAt(dip.at_s - kSteadyNear_s); i < end; ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    const bool clear = t < dip.at_s - kClearOfColour_s || t > dip.end_s() + kClearOfColour_s;
    if (const auto colour = tracks.frames[i].colour; colour >= 0 && clear)
      hnrs.push_back(tracks.colours[static_cast<std::size_t>(colour)].hnr_db);
  }
  if (hnrs.empty()) return std::nullopt;
  return 1.0 / (1.0 + std::pow(10.0, median(hnrs) / 10.0));
}

/// Whether what is left in a dip is the noise of the air, all of it and at once: then the tone has stopped.
bool isAirAlone(const Dip& dip, const Beside& beside, const Envelope& envelope, const Tracks& tracks) {
  const auto noise = noiseBeside(dip, tracks);
  // Jitter counts as noise, too.
  if (!noise || dip.left <= 0.0 || dip.left > kMostOfNoise * *noise || dip.left < kLeastOfNoise * *noise)
    return false;
  // Flat at the bottom …
  const double middle_s = (dip.at_s + dip.end_s()) / 2.0, off_s = kFlatReach * dip.length_s;
  const double flat = kFlat * dip.left * (beside.before + beside.after) / 2.0;
  if (std::max(envelope.power(middle_s - off_s), envelope.power(middle_s + off_s)) > flat) return false;
  // … and a quarter of the way back from either end of its edges.
  const double reach_s = (envelope.window_s + kAtOnce_s) / 2.0, high = 1.0 - (1.0 - dip.left) / 4.0,
               low = dip.left + (1.0 - dip.left) / 4.0;
  return envelope.power(dip.at_s - reach_s) > high * beside.before &&
         envelope.power(dip.at_s + reach_s) < low * beside.before &&
         envelope.power(dip.end_s() - reach_s) < low * beside.after &&
         envelope.power(dip.end_s() + reach_s) > high * beside.after;
}

/// Where the sound crosses half of its level, from an inner place outwards to a limit; a level that only dips
/// and comes back before the limit has not stopped.
std::optional<double> lastCrossing(const Envelope& envelope, double inside_s, double limit_s, double steady) {
  auto crossing = amplitudeCrossing(0.5, envelope, inside_s, limit_s, steady);
  const double step = limit_s < inside_s ? -0.005 : 0.005;
  for (double t = crossing.value_or(limit_s); (limit_s - t) * step > 0.0; t += step) {
    if (envelope.power(t) < kComesBack * steady || envelope.power(t + 3.0 * step) < kComesBack * steady)
      continue;
    const auto next = amplitudeCrossing(0.5, envelope, t, limit_s, steady);
    if (!next) return std::nullopt;
    crossing = next;
    t = step > 0.0 ? std::max(t, *next) : std::min(t, *next);  // a crossing may be told a little behind
  }
  return crossing;
}

/// The tone between two places of which the sound is gone: where it really starts and stops.
std::optional<Tone> toneBetween(double from, double to, const Envelope& envelope, double earliest_s,
                                double duration_s) {
  const double length = to - from;
  if (length < kShortestTone_s) return std::nullopt;
  const double inner = std::min(0.05, length / 4.0);
  const double reach = std::min(kSteadyNear_s, length - inner);
  // Slow rises: start to look outwards where the sound is there.
  const auto insideOf = [&](double edge, double direction, double steady) {
    const double farthest = std::min(1.0, length / 2.0);
    double in = std::min(0.12, farthest);
    while (in < farthest && envelope.power(edge + direction * in) < 0.8 * steady) in += 0.005;
    return edge + direction * in;
  };
  const double headInside = insideOf(from, 1.0, envelope.medianPower(from + inner, from + inner + reach));
  const double tailInside = insideOf(to, -1.0, envelope.medianPower(to - inner - reach, to - inner));
  const double bottom = bottomOfPulses(envelope, headInside, tailInside);
  const double head =
      std::min(bottom, envelope.medianPower(headInside, std::min(to - inner, headInside + reach)));
  const double tail =
      std::min(bottom, envelope.medianPower(std::max(from + inner, tailInside - reach), tailInside));
  Tone tone{};
  tone.start_s = std::max(0.0, lastCrossing(envelope, headInside, std::max(earliest_s, from - 0.1), head)
                                   .value_or(std::max(0.0, from)));
  tone.end_s = std::min(lastCrossing(envelope, tailInside, to + 0.1, tail).value_or(to), duration_s);
  return tone;
}

}  // namespace

bool isSure(const Tracks& tracks, double from_s, double to_s, double confidence) {
  int all = 0, sure = 0;
  for (auto i = static_cast<std::size_t>(std::ceil(std::max(0.0, from_s) / kHop_s));
       i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to_s; ++i, ++all)
    sure += tracks.frames[i].f0_hz > 0.0f && static_cast<double>(tracks.frames[i].confidence) >= confidence;
  return sure > kSureShare * all;
}

std::vector<Tone> tonesIn(const VoicedSpan& span, const Tracks& tracks, const Room& room, double earliest_s,
                          double longestBreak_s) {
  const Envelope envelope = Envelope::forPitch(tracks.energy, span.f0_hz, room.floor_dbfs);
  const std::vector<Fall> falls =
      findFalls(envelope, span.start_s, span.end_s,
                [&](double from_s, double to_s) { return isSure(tracks, from_s, to_s, kSings); });
  std::vector<Fall> cuts = falls;
  std::vector<Dropout> dropouts;
  for (const Dip& dip : findDips(envelope, span.start_s, span.end_s)) {
    const Beside beside(dip, envelope);
    const bool goes = dip.left > kLeftInBreak || goesOn(dip, beside, envelope, tracks);
    if (goes && !isAirAlone(dip, beside, envelope, tracks)) continue;
    if (dip.length_s <= longestBreak_s)
      dropouts.push_back(dip);
    else
      cuts.push_back({dip.at_s, dip.at_s + dip.length_s});
  }
  std::ranges::sort(cuts, {}, &Fall::at_s);
  cuts.push_back({span.end_s, span.end_s});
  std::vector<Tone> tones;
  double from = span.start_s;
  for (const Fall& cut : cuts) {
    auto tone = toneBetween(from, cut.at_s, envelope, earliest_s, tracks.duration_s);
    from = std::max(from, cut.back_s);
    if (!tone) continue;
    tone->held_s = tone->end_s - tone->start_s;
    if (std::ranges::find(falls, cut.at_s, &Fall::at_s) != falls.end())
      tone->release.rings_on_s = std::max(0.0, cut.back_s - tone->end_s);
    for (const Dropout& d : dropouts) {
      // The rise and the end are no breaks.
      if (d.at_s < tone->start_s + kEdge_s || d.at_s + d.length_s > tone->end_s - kEdge_s) continue;
      tone->dropouts.push_back(d);
      tone->held_s -= d.length_s;
    }
    if (tone->held_s > 0.0) tones.push_back(*tone);
  }
  return tones;
}

std::optional<bool> airWentOn(const Dropout& dropout, const EnergyTrack& airEnergy,
                              std::optional<double> airFloor_dbfs) {
  if (!airFloor_dbfs) return std::nullopt;
  // Clear of its edges.
  const double from = dropout.at_s + kBreakEdge_s, third = (dropout.length_s - 2.0 * kBreakEdge_s) / 3.0;
  const double first_db = airEnergy.level_dbfs(from, from + third),
               last_db = airEnergy.level_dbfs(from + 2.0 * third, from + 3.0 * third);
  const double over_db = last_db - *airFloor_dbfs;
  if (over_db < kNoAir_db || first_db - last_db > kDiesAway_db) return false;
  return over_db >= kAir_db ? std::optional(true) : std::nullopt;
}

}  // namespace calando
