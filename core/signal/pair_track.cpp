#include "core/signal/pair_track.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "core/maths/interpolate.h"
#include "core/maths/statistics.h"
#include "core/pitch/coarse_pitch.h"
#include "core/signal/tracks.h"
#include "core/signal/two_tones.h"
#include "core/theory/interval.h"

namespace calando {

namespace {

constexpr std::array kWindows_s{0.35, 0.7, 1.4, 2.8};
constexpr double kReach_hz = 14.0;       // off where they are asked to be
constexpr double kReach = 0.06;          // or so much of their frequency
constexpr double kKnownReach = 0.012;    // of a first one that is known: 20 cents
constexpr double kStandsOut_db = 26.0;   // so far under the loudest it may still be sound
constexpr double kNoPitch_db = 14.0;     // the same without a pitch: two that beat may have none
constexpr double kTwo_db = 3.5;          // two tones leave over so much less than one
constexpr double kLeftOfOne_db = -21.5;  // a lone tone with its noise leaves less, a pair more
constexpr double kFilled = 0.6;          // of a window, to both sides
constexpr double kSameNote_cents = 80.0;
constexpr double kWeakest_db = -24.0;  // of the two, to the other
constexpr double kHeardNow_s = 0.3;
constexpr double kSearchAgain_s = 0.25;  // while they are not told apart
constexpr double kLookAround_s = 1.0;    // while they are
constexpr double kSlowest = 0.8;         // beats in a window that is too short for them
constexpr double kCalibrated = 2.0;      // what is off over what a fit says of itself (docs/decisions.md)
constexpr double kStraying = 0.7;        // of how much the rate changes nearby
constexpr double kChangeLag_s = 0.015, kChangeWindow_s = 0.01;
constexpr double kAgree = 2.0;  // spreads
constexpr double kSoftThird_db = 14.0, kShares_cents = 6.0;
constexpr double kLeaps_cents = 60.0, kOtherLevels_db = 8.0;  // than when they were told apart last
constexpr double kFirst_s = 0.4;                              // of a take, where the first may be alone
constexpr double kAsGood = 0.99;  // of the best explanation: an octave lower explains as much

}  // namespace

class PairListener::Follower {
 public:
  Follower(double rate_hz, double semitones, std::optional<double> known_hz)
      : semitones_(semitones), ratio_(beatingRatio(semitones)), tones_(rate_hz), known_hz_(known_hz) {}

  PairTrack follow(const SlidingSignal& signal, const Tracks& tracks) {
    look(signal, tracks);
    PairTrack track;
    if (!findPlace()) return track;
    for (double t = 0.0; t < tracks.duration_s; t += kPairHop_s)
      if (sounds(t)) track.frames.push_back(frameAt(t, track.frames));
    for (double t = 0.0; t < tracks.duration_s; t += kBeatHop_s)
      if (sounds(t)) track.beats.push_back(beatAt(t, track.frames));
    for (double t = 0.0; t < tracks.duration_s; t += kChangeHop_s)
      track.change.push_back(static_cast<float>(changeAt(t)));
    return track;
  }

  /// One moment more, where there is one.
  const PairTrack& goOn(const SlidingSignal& signal, const Tracks& tracks,
                        const std::vector<double>& expected_hz) {
    look(signal, tracks);
    const double now_s = signal.seconds(), t = now_s - 0.5 * kWindows_s[0];
    if (tracks.frames.empty() || t < 0.0 || t - lookedAt_s_ < kPairHop_s) return track_;
    lookedAt_s_ = t;
    loudest_dbfs_ = loudest_dbfs(tracks);
    if (!sounds(t)) return track_;
    if (track_.frames.empty() || !track_.frames.back().two) expectPlace(now_s, expected_hz);
    if (place_hz_ <= 0.0) return track_;
    track_.frames.push_back(frameAt(t, track_.frames));
    track_.beats.push_back(newestBeat(now_s, track_.frames.back()));
    return track_;
  }

 private:
  void look(const SlidingSignal& signal, const Tracks& tracks) {
    signal_ = &signal;
    tracks_ = &tracks;
  }

  std::size_t frameOf(double t) const {
    return std::min(tracks_->frames.size() - 1, static_cast<std::size_t>(std::lround(t / kHop_s)));
  }
  bool sounds(const TrackFrame& frame) const {
    return frame.level_dbfs > loudest_dbfs_ - (frame.f0_hz > 0.0f ? kStandsOut_db : kNoPitch_db);
  }
  bool sounds(double t) const { return sounds(tracks_->frames[frameOf(t)]); }

  /// It sounds all through a window: a beginning would look like another tone.
  bool fills(double t, double window_s) const {
    return t > kFilled * window_s && sounds(t - kFilled * window_s) && sounds(t + kFilled * window_s);
  }

  TwoTones::Range around(double hz, double reach) const { return {std::max(20.0, hz - reach), hz + reach}; }
  std::optional<TwoTones::Fit> searched(double first_hz) {
    const double second_hz = shiftedBy(first_hz, 100.0 * semitones_);
    const double firstReach = known_hz_ ? kKnownReach * first_hz : std::max(kReach_hz, kReach * first_hz);
    return tones_.fit(around(first_hz, firstReach),
                      around(second_hz, std::max(kReach_hz, kReach * second_hz)));
  }

  /// Where the first is: as high as explains all that can be explained. Of an interval the tracker may have
  /// found either tone, or what both are multiples of.
  bool findPlace() {
    if (tracks_->frames.empty()) return false;
    std::vector<double> pitches, starts;
    loudest_dbfs_ = loudest_dbfs(*tracks_);
    std::optional<double> begins_s, last_s;
    for (std::size_t i = 0; i < tracks_->frames.size(); ++i) {
      const TrackFrame& frame = tracks_->frames[i];
      const double t = static_cast<double>(i) * kHop_s;
      if (!sounds(frame)) continue;
      last_s = t;
      if (!begins_s) begins_s = t;
      if (frame.f0_hz <= 0.0f) continue;
      pitches.push_back(frame.f0_hz);
      if (t < *begins_s + kFirst_s) starts.push_back(frame.f0_hz);
    }
    if (known_hz_) {
      place_hz_ = *known_hz_;
      return begins_s.has_value();
    }
    std::vector<double> places;
    const double ratio = ratio_.value();
    for (const auto* found : {&starts, &pitches}) {
      if (found->empty()) continue;
      places.push_back(median(*found));
      places.push_back(median(*found) / ratio);
    }
    for (int k = 2; !pitches.empty() && k <= std::max(ratio_.over, ratio_.under) && ratio != 1.0; ++k)
      places.push_back(k * median(pitches));
    const double widest = std::max(1.0, ratio);
    std::erase_if(places, [&](double hz) { return hz * widest > kHighestPitch_hz; });
    std::ranges::sort(places, std::greater{});
    if (places.empty()) return false;
    std::vector<double> explained;
    for (const double place : places) {
      double sum = 0.0;
      for (const double share : {0.3, 0.5, 0.7}) {
        tones_.look(*signal_, *begins_s + share * (*last_s - *begins_s), kWindows_s[0]);
        if (const auto fit = searched(place)) sum += fit->explained;
      }
      explained.push_back(sum);
    }
    const double most = std::ranges::max(explained);
    for (std::size_t i = 0; i < places.size(); ++i)
      if (explained[i] >= kAsGood * most) {
        place_hz_ = places[i];
        break;
      }
    return true;
  }

  /// The same while it sounds, without time for a search: of where the first is expected the one that what is
  /// heard now is nearest to, as the first or as the second.
  void expectPlace(double now_s, const std::vector<double>& expected_hz) {
    std::vector<double> pitches;
    for (std::size_t i = frameOf(std::max(0.0, now_s - kHeardNow_s)); i < tracks_->frames.size(); ++i)
      if (tracks_->frames[i].f0_hz > 0.0f) pitches.push_back(tracks_->frames[i].f0_hz);
    if (pitches.empty()) return;
    const double heard = median(std::move(pitches));
    const auto away = [&](double hz) {
      return std::min(std::abs(centsBetween(hz, heard)), std::abs(centsBetween(hz * ratio_.value(), heard)));
    };
    const auto nearest = std::ranges::min_element(expected_hz, {}, away);
    place_hz_ = nearest == expected_hz.end() ? heard : *nearest;
  }

  static bool areTwo(const TwoTones::Fit& fit) {
    return fit.two_db >= kTwo_db && std::abs(fit.level_db[0] - fit.level_db[1]) <= -kWeakest_db;
  }

  /// A tone that merely wanders: along its own pitch it is steady, and nothing is left over.
  bool isOne(double t, double window_s, const TwoTones::Fit& fit) {
    const auto pitch = [&](double at_s) {
      const double place =
          std::clamp(at_s / kHop_s, 0.0, static_cast<double>(tracks_->frames.size()) - 1.001);
      const auto i = static_cast<std::size_t>(place);
      const double a = tracks_->frames[i].f0_hz, b = tracks_->frames[i + 1].f0_hz;
      return a > 0.0 && b > 0.0 ? a + (b - a) * (place - static_cast<double>(i)) : 0.0;
    };
    const double middle = pitch(t);
    if (middle <= 0.0) return false;
    tones_.lookAlong(*signal_, t, window_s, [&](double at_s) {
      const double here = pitch(at_s);
      return here > 0.0 && std::abs(centsBetween(middle, here)) < kSameNote_cents ? here / middle : 1.0;
    });
    // The longer the window, the less noise lies near the partials.
    return tones_.leftOfOne_db(fit.hz[0], fit.hz[1]) <
           kLeftOfOne_db - 10.0 * std::log10(window_s / kWindows_s[0]);
  }

  PairFrame frameAt(double t, const std::vector<PairFrame>& before) {
    tones_.look(*signal_, t, kWindows_s[0]);
    const bool follows = !before.empty() && before.back().two && t - before.back().at_s < 2.0 * kPairHop_s;
    std::optional<TwoTones::Fit> best;
    if (follows) best = tones_.fitNear(before.back().fit.hz[0], before.back().fit.hz[1]);
    if (t - searched_s_ >= (best && areTwo(*best) ? kLookAround_s : kSearchAgain_s)) {
      searched_s_ = t;
      const auto fit = searched(place_hz_);
      if (fit && areBoth(*fit) && (!best || fit->explained > 1.002 * best->explained)) best = fit;
    }
    if (!best)
      best =
          tones_.fitNear(before.empty() ? place_hz_ : before.back().fit.hz[0],
                         before.empty() ? shiftedBy(place_hz_, 100.0 * semitones_) : before.back().fit.hz[1]);
    if (ratio_.over == ratio_.under) best->inOrder();
    const bool two =
        areTwo(*best) && areBoth(*best) && fills(t, kWindows_s[0]) && !isOne(t, kWindows_s[0], *best);
    if (two) told_ = best;
    return {t, *best, two};
  }

  /// Not what the slow beat of two that are nearly one leaves over, explained by a soft third that shares
  /// some of their partials: a unison's lies 7 to 8 and the like from them; or it is none of the two that
  /// were told apart last.
  bool areBoth(const TwoTones::Fit& fit) const {
    const auto apart_cents = [](const TwoTones::Fit& f) { return std::abs(centsBetween(f.hz[0], f.hz[1])); };
    const auto uneven_db = [](const TwoTones::Fit& f) { return std::abs(f.level_db[0] - f.level_db[1]); };
    if (ratio_.over == ratio_.under && uneven_db(fit) > kSoftThird_db)
      for (double k = 6.0; k <= 12.0; ++k)
        if (std::abs(apart_cents(fit) - 1200.0 * std::log2((k + 1.0) / k)) < kShares_cents) return false;
    return !told_ || std::abs(apart_cents(fit) - apart_cents(*told_)) < kLeaps_cents ||
           std::abs(uneven_db(fit) - uneven_db(*told_)) < kOtherLevels_db;
  }

  /// A tone repeats itself; whoever joins it was not there some periods before.
  double changeAt(double t) const {
    const double f0 = tracks_->frames[frameOf(std::max(0.0, t - kChangeLag_s))].f0_hz;
    if (f0 <= 0.0 || !sounds(t)) return 0.0;
    const double rate = signal_->rate(), lag = std::ceil(kChangeLag_s * f0) / f0 * rate;
    const double from = (t - 0.5 * kChangeWindow_s) * rate;
    double apart = 0.0, both = 0.0;
    for (int n = 0; n < static_cast<int>(kChangeWindow_s * rate); ++n) {
      const double here = readAt(*signal_, from + n), before = readAt(*signal_, from + n - lag);
      apart += (here - before) * (here - before);
      both += 0.5 * (here * here + before * before);
    }
    return both > 0.0 ? apart / both : 0.0;
  }

  double rateOf(const TwoTones::Fit& fit) const { return beatOf(fit.hz[0], fit.hz[1], ratio_); }

  /// The longest window that says what all shorter ones say (Lepski 1990; intersection of confidence
  /// intervals, Goldenshluger and Nemirovski 1997).
  BeatFrame beatAt(double t, const std::vector<PairFrame>& frames) {
    const auto near =
        std::ranges::min_element(frames, {}, [&](const PairFrame& f) { return std::abs(f.at_s - t); });
    BeatFrame beat{t, 0.0, 0.0, near->two, kWindows_s[0]};
    double low = 0.0, high = 1e9;
    for (const double window_s : kWindows_s) {
      if (window_s > kWindows_s[0] && !fills(t, window_s)) break;
      std::optional<TwoTones::Fit> fit;
      if (window_s == kWindows_s[0]) {
        fit = near->fit;
      } else {
        tones_.look(*signal_, t, window_s);
        if (near->two) {
          fit = tones_.fitNear(near->fit.hz[0], near->fit.hz[1]);
        } else {
          const auto& loud = near->fit.hz[near->fit.level_db[0] >= near->fit.level_db[1] ? 0 : 1];
          const double ratio = ratio_.value();
          const double first = &loud == &near->fit.hz[0] ? loud : loud / ratio;
          const double reach = 1.0 / kWindows_s[0];
          fit = tones_.fit(around(first, reach / ratio_.over), around(first * ratio, reach / ratio_.under));
        }
      }
      if (!fit) break;
      const bool two = window_s == kWindows_s[0] ? near->two : areTwo(*fit) && !isOne(t, window_s, *fit);
      const double slowest = kSlowest / window_s;
      const double rate = two ? rateOf(*fit) : 0.5 * slowest;
      const double spread =
          two ? kCalibrated * fit->spread(ratio_.over, ratio_.under) + 1e-3 : 0.5 * slowest / kAgree;
      if (rate - kAgree * spread > high || rate + kAgree * spread < low) break;
      low = std::max(low, rate - kAgree * spread);
      high = std::min(high, rate + kAgree * spread);
      if (two || !beat.resolved) beat = {t, two ? rate : 0.0, two ? spread : slowest, two, window_s};
    }
    addStraying(beat, frames);
    return beat;
  }

  /// The shortest of the windows that end now and tell them apart.
  BeatFrame newestBeat(double now_s, const PairFrame& newest) {
    const double slowest = kSlowest / kWindows_s[2];
    if (newest.two)
      return {newest.at_s, rateOf(newest.fit), newest.fit.spread(ratio_.over, ratio_.under), true};
    for (const double window_s : {kWindows_s[1], kWindows_s[2]}) {
      const double t = now_s - 0.5 * window_s;
      if (t < 0.5 * window_s || !sounds(now_s - window_s)) break;
      tones_.look(*signal_, t, window_s);
      const auto& [low, high] = newest.fit.hz;
      const TwoTones::Fit fit = tones_.fitNear(low, high);
      if (areTwo(fit) && !isOne(t, window_s, fit))
        return {newest.at_s, rateOf(fit), fit.spread(ratio_.over, ratio_.under), true};
    }
    return {newest.at_s, 0.0, slowest, false};
  }

  /// How much it changes around there.
  void addStraying(BeatFrame& beat, const std::vector<PairFrame>& frames) const {
    std::vector<double> rates;
    for (const PairFrame& frame : frames)
      if (frame.two && std::abs(frame.at_s - beat.at_s) <= kBeatHop_s) rates.push_back(rateOf(frame.fit));
    if (rates.size() < 4 || !beat.resolved) return;
    beat.spread_hz = std::hypot(beat.spread_hz, kStraying * standardDeviation(rates));
  }

  const SlidingSignal* signal_ = nullptr;
  const Tracks* tracks_ = nullptr;
  double semitones_;
  Ratio ratio_;
  TwoTones tones_;
  double loudest_dbfs_ = 0.0;
  std::optional<double> known_hz_;  // of the first
  double place_hz_ = 0.0;
  double searched_s_ = -1e9;
  std::optional<TwoTones::Fit> told_;  // when they were told apart last
  PairTrack track_;                    // while it sounds
  double lookedAt_s_ = -1e9;
};

double loudest_dbfs(const Tracks& tracks) {
  std::vector<double> levels;
  for (const TrackFrame& frame : tracks.frames) levels.push_back(frame.level_dbfs);
  return levels.empty() ? 0.0 : quantile(std::move(levels), 0.98);
}

PairListener::PairListener(double rate_hz, double semitones, std::vector<double> first_hz,
                           std::optional<double> known_hz)
    : decimation_(decimationFor(rate_hz)),
      signal_(decimation_.outputRate()),
      semitones_(semitones),
      first_hz_(std::move(first_hz)),
      known_hz_(known_hz) {}

PairListener::~PairListener() = default;
PairListener::PairListener(PairListener&&) noexcept = default;

const PairTrack& PairListener::latest(const Tracks& tracks) {
  if (!live_) live_ = std::make_unique<Follower>(signal_.rate(), semitones_, known_hz_);
  return live_->goOn(signal_, tracks, first_hz_);
}

void PairListener::push(std::span<const float> block) {
  sound_.assign(block.begin(), block.end());
  for (float& x : sound_)
    if (!std::isfinite(x)) x = 0.0f;
  decimation_.push(sound_, signal_);
}

PairTrack PairListener::finish(const Tracks& tracks) {
  decimation_.finish(signal_);
  return Follower(signal_.rate(), semitones_, known_hz_).follow(signal_, tracks);
}

}  // namespace calando
