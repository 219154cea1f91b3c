#include "core/measure/notes.h"

#include <algorithm>
#include <cmath>

#include "core/measure/line_fit.h"
#include "core/measure/statistics.h"

namespace calando {

namespace {

constexpr double kReach_cents = 60.0;
constexpr double kShortest_s = 0.12;
constexpr double kSteepest_cents_per_s = 200.0;
constexpr double kWideReach_cents = 150.0;  // of a note that wanders, or the only one asked for
constexpr double kWithin = 0.97;            // of the frames must be in reach: attacks stray
constexpr double kStep_cents = 80.0;        // between two notes
constexpr long kSideFrames = 10;            // what lies before and after a step …
constexpr long kStepGap = 3;                // … this far from it, frames …
constexpr double kStepFlat = 0.4;           // … moves by less than this share of it
constexpr double kVeryFlat = 0.25;          // less than a sine is beside its steepest place, at any rate
constexpr double kLeastWave_cents = 25.0;
constexpr double kWaveExplained = 0.9;
constexpr double kCoverFade = 0.25;  // of a window
constexpr double kLeastWaveCycles = 1.5;
constexpr double kOneWay = 0.7;  // from end to end over all movement: a glide, not a wander
constexpr double kOneWay_cents = 80.0;
constexpr double kEndSpan_s = 0.3;
constexpr double kSlip_cents = 150.0;
constexpr double kSlipBack_s = 0.5;
constexpr double kSameNote_cents = 100.0;
constexpr double kLeastGlide_cents = 100.0;
constexpr double kShortestGlide_s = 0.1;
constexpr double kTrim_cents = 15.0;
constexpr double kClearOfBreak_s = 0.025;
constexpr std::size_t kRecent = 25;  // frames whose median says where the note is
constexpr std::size_t kPersist = 3;  // frames that must agree before a note ends
constexpr double kSlack_s = 0.05;    // a pause may reach that far into the notes beside it
constexpr double kEdge_s = 0.25;     // a way in or out shorter than this belongs to the note

/// Frames [first, last] of a line.
struct Piece {
  std::size_t first;
  std::size_t last;
  double cents;
  bool plateau;
};

double medianBetween(const PitchLine& line, std::size_t first, std::size_t last) {
  return median({line.cents.begin() + static_cast<std::ptrdiff_t>(first),
                 line.cents.begin() + static_cast<std::ptrdiff_t>(last) + 1});
}

/// Cuts where the pitch leaves the neighbourhood of its recent past and stays away.
std::vector<Piece> cut(const PitchLine& line, std::size_t from, std::size_t to) {
  std::vector<Piece> pieces;
  const std::size_t n = to + 1;
  std::size_t first = from;
  for (std::size_t i = from + 1; i <= n; ++i) {
    bool ends = i == n;
    if (!ends) {
      const std::size_t recent = std::max(first, i > kRecent ? i - kRecent : 0);
      const double centre = medianBetween(line, recent, i - 1);
      ends = true;
      for (std::size_t j = i; j < std::min(n, i + kPersist); ++j)
        ends = ends && std::abs(line.cents[j] - centre) > kReach_cents;
    }
    if (!ends) continue;
    pieces.push_back({first, i - 1, 0.0, false});
    first = i;
  }
  return pieces;
}

bool isPlateau(const PitchLine& line, Piece& piece) {
  piece.cents = medianBetween(line, piece.first, piece.last);
  if (line.time_s[piece.last] - line.time_s[piece.first] < kShortest_s - 0.015) return false;
  const std::span<const double> cents(&line.cents[piece.first], piece.last - piece.first + 1);
  const auto near =
      std::ranges::count_if(cents, [&](double c) { return std::abs(c - piece.cents) <= kReach_cents; });
  if (static_cast<double>(near) < 0.9 * static_cast<double>(cents.size())) return false;
  const double step =
      (line.time_s[piece.last] - line.time_s[piece.first]) / static_cast<double>(cents.size() - 1);
  return std::abs(theilSenSlope(cents, step)) < kSteepest_cents_per_s;
}

/// A piece that drifts too far for one note is halved until its parts are notes or too short for one.
void classify(const PitchLine& line, Piece piece, std::vector<Piece>& out) {
  piece.plateau = isPlateau(line, piece);
  const double length = line.time_s[piece.last] - line.time_s[piece.first];
  if (piece.plateau || length < 4.0 * kShortest_s) {
    out.push_back(piece);
    return;
  }
  const std::size_t middle = (piece.first + piece.last) / 2;
  classify(line, {piece.first, middle, 0.0, false}, out);
  classify(line, {middle + 1, piece.last, 0.0, false}, out);
}

/// Some frames on one side of a step.
struct Side {
  double cents;  // median
  double moves;  // last third less first
  double range;
};
/// The frames from `first` on; nullopt where they are not there or lie apart.
std::optional<Side> sideOf(const PitchLine& line, long first) {
  if (first < 0 || first + kSideFrames > static_cast<long>(line.cents.size())) return std::nullopt;
  const auto begin = line.cents.begin() + first;
  const auto at = static_cast<std::size_t>(first);
  if (line.time_s[at + kSideFrames - 1] - line.time_s[at] > 2.0 * kSideFrames * kHop_s) return std::nullopt;
  constexpr long third = kSideFrames / 3;
  const auto [low, high] = std::ranges::minmax_element(begin, begin + kSideFrames);
  return Side{median({begin, begin + kSideFrames}),
              median({begin + kSideFrames - third, begin + kSideFrames}) - median({begin, begin + third}),
              *high - *low};
}

/// The pitch before and after frame i, some frames clear of it; a pause between them is left out.
struct StepAt {
  Side before, after;
  double size() const { return std::abs(after.cents - before.cents); }
};
std::optional<StepAt> stepAt(const PitchLine& line, std::size_t i) {
  const auto before = sideOf(line, static_cast<long>(i) - kStepGap - kSideFrames);
  const auto after = sideOf(line, static_cast<long>(i) + kStepGap);
  return before && after ? std::optional(StepAt{*before, *after}) : std::nullopt;
}

/// A step between two flat places in these times: no part of a slow wave is as flat on both sides.
bool hasFlatStep(const PitchLine& line, double from_s, double to_s) {
  const auto first = std::ranges::lower_bound(line.time_s, from_s) - line.time_s.begin();
  const auto last = std::ranges::upper_bound(line.time_s, to_s) - line.time_s.begin();
  for (auto i = static_cast<std::size_t>(first); i < static_cast<std::size_t>(last); i += 2) {
    const auto step = stepAt(line, i);
    if (step && step->size() >= kStep_cents &&
        std::max(step->before.range, step->after.range) <= kVeryFlat * step->size())
      return true;
  }
  return false;
}

/// The frames between the places where the pitch steps to another note: all of them where only one was asked
/// for and the step does not leave it.
std::vector<std::pair<std::size_t, std::size_t>> betweenSteps(const PitchLine& line, bool oneNote) {
  std::vector<std::pair<std::size_t, std::size_t>> stretches;
  const double least = oneNote ? kWideReach_cents : kStep_cents;
  std::size_t first = 0;
  double best = 0.0;  // the clearest step of those that overlap
  std::size_t at = 0;
  double from = 0.0, to = 0.0;
  const auto close = [&] {
    if (best <= 0.0) return;
    // Where it is nearer to what comes than to what was.
    constexpr auto reach = static_cast<std::size_t>(kStepGap + 2);
    std::size_t i = std::max(first + 1, at > reach ? at - reach : 1);
    while (i < std::min(at + reach, line.cents.size() - 1) &&
           std::abs(line.cents[i] - to) > std::abs(line.cents[i] - from))
      ++i;
    at = i;
    stretches.emplace_back(first, at - 1);
    first = at;
    best = 0.0;
  };
  for (std::size_t i = 1; i < line.time_s.size(); ++i) {
    if (best > 0.0 && i > at + kSideFrames) close();
    const auto step = stepAt(line, i);
    if (!step) continue;
    const double moves = std::max(std::abs(step->before.moves), std::abs(step->after.moves));
    if (step->size() < least || moves > kStepFlat * step->size() || step->size() - moves <= best) continue;
    // A pitch that is all over the place is elsewhere now and then.
    if (step->size() < std::max(step->before.range, step->after.range)) continue;
    best = step->size() - moves;
    at = i;
    from = step->before.cents;
    to = step->after.cents;
  }
  close();
  stretches.emplace_back(first, line.cents.size() - 1);
  return stretches;
}

/// What wanders about one centre, however irregularly, and comes back; no travel from one place to another.
bool isOneNote(const PitchLine& line, const Piece& piece, bool oneNote) {
  const double length = line.time_s[piece.last] - line.time_s[piece.first];
  if (length < kShortest_s - 0.015) return false;
  const std::span<const double> cents(&line.cents[piece.first], piece.last - piece.first + 1);
  const auto near =
      std::ranges::count_if(cents, [&](double c) { return std::abs(c - piece.cents) <= kWideReach_cents; });
  if (static_cast<double>(near) < kWithin * static_cast<double>(cents.size())) return false;
  if (oneNote) return true;
  const auto span = static_cast<std::size_t>(kEndSpan_s / kHop_s);
  if (cents.size() < 3 * span) return false;  // too short to tell: by the narrow rule
  std::vector<double> places;                 // medians along it
  for (std::size_t i = 0; i + span <= cents.size(); i += span / 2)
    places.push_back(
        median({cents.begin() + static_cast<long>(i), cents.begin() + static_cast<long>(i + span)}));
  double path = 0.0;
  for (std::size_t i = 1; i < places.size(); ++i) path += std::abs(places[i] - places[i - 1]);
  const auto [low, high] = std::ranges::minmax(places);
  return high - low < kOneWay_cents || high - low < kOneWay * path;
}

/// Takes the ways in and out off a plateau: frames at its ends that move steadily away from it.
void trimEnds(const PitchLine& line, Piece& piece) {
  constexpr std::size_t span = 5;
  const auto leaves = [&](std::size_t edge, std::size_t inner) {
    const double away = line.cents[edge] - piece.cents;
    const double seconds = std::abs(line.time_s[edge] - line.time_s[inner]);
    const double slope = (line.cents[edge] - line.cents[inner]) / seconds;
    return std::abs(away) > kTrim_cents && slope * away > 0.0 && std::abs(slope) > kSteepest_cents_per_s;
  };
  while (piece.last > piece.first + 2 * span && leaves(piece.last, piece.last - span)) --piece.last;
  while (piece.last > piece.first + 2 * span && leaves(piece.first, piece.first + span)) ++piece.first;
}

}  // namespace

PitchLine pitchLine(const Tracks& tracks, double from_s, double to_s, const std::vector<Dropout>& dropouts) {
  PitchLine line;
  const auto first = static_cast<std::size_t>(std::max(0.0, std::ceil(from_s / kHop_s)));
  for (std::size_t i = first; i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to_s; ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    const TrackFrame& frame = tracks.frames[i];
    const bool broken = std::ranges::any_of(dropouts, [t](const Dropout& d) {
      return t > d.at_s - kClearOfBreak_s && t < d.at_s + d.length_s + kClearOfBreak_s;
    });
    if (frame.f0_hz <= 0.0f || broken) continue;
    line.time_s.push_back(t);
    line.cents.push_back(centsBetween(440.0, frame.f0_hz));
  }
  return line;
}

std::vector<double> gapless(std::span<const double> time_s, std::span<const double> values) {
  std::vector<double> out;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (i > 0) {
      const auto steps = std::lround((time_s[i] - time_s[i - 1]) / kHop_s);
      for (long k = 1; k < steps; ++k)
        out.push_back(values[i - 1] +
                      (values[i] - values[i - 1]) * static_cast<double>(k) / static_cast<double>(steps));
    }
    out.push_back(values[i]);
  }
  return out;
}

namespace {

/// 1 where windows cover a line, fading to 0 at their ends unless those are the line's: a wave that is taken
/// out from one moment on would leave a step.
std::vector<double> fadedCover(std::size_t count, const std::vector<WindowFit>& windows, std::size_t length) {
  std::vector<double> cover(count, 0.0);
  const double fade = kCoverFade * static_cast<double>(length);
  for (const WindowFit& window : windows)
    for (std::size_t i = window.first; i < std::min(count, window.first + length); ++i) {
      const double in = window.first == 0 ? fade : static_cast<double>(i - window.first);
      const double out =
          window.first + length >= count ? fade : static_cast<double>(window.first + length - 1 - i);
      cover[i] = std::max(cover[i], std::min({1.0, in / fade, out / fade}));
    }
  return cover;
}

}  // namespace

PitchLine withoutWaves(const PitchLine& line) {
  PitchLine still = line;
  struct Scale {
    double window_s, hop_s, lowest_hz, highest_hz;
    bool slow;
  };
  // The fast ones first; what is slow is seen better without them.
  for (const Scale& scale :
       {Scale{0.8, 0.1, 2.8, 9.0, false}, Scale{1.6, 0.2, 1.4, 2.8, true}, Scale{3.2, 0.3, 0.4, 1.4, true}}) {
    const std::vector<double> y = gapless(still.time_s, still.cents);
    const auto length = std::min(y.size(), static_cast<std::size_t>(scale.window_s / kHop_s));
    if (static_cast<double>(length) * kHop_s * scale.lowest_hz < 0.6) continue;
    std::vector<WindowFit> windows;
    for (const std::size_t first :
         windowStarts(y.size(), length, static_cast<std::size_t>(scale.hop_s / kHop_s))) {
      const std::span<const double> part = std::span(y).subspan(first, length);
      const auto [low, high] = std::ranges::minmax(part);
      if (high - low < 2.0 * kLeastWave_cents) continue;
      const double start = still.time_s.front() + static_cast<double>(first) * kHop_s;
      if (scale.slow && hasFlatStep(still, start, start + scale.window_s)) continue;
      const LineFit fit = bestLine(part, scale.lowest_hz, scale.highest_hz);
      const double cycles = fit.rate_hz * static_cast<double>(length) * kHop_s;
      if (fit.amplitude() >= kLeastWave_cents && fit.explained >= kWaveExplained &&
          cycles >= kLeastWaveCycles)
        windows.push_back({first, fit});
    }
    if (windows.empty()) continue;
    const std::vector<double> swing = oscillation(y, windows, length);
    const std::vector<double> share = fadedCover(y.size(), windows, length);
    for (std::size_t i = 0; i < still.cents.size(); ++i) {
      const auto at = static_cast<std::size_t>(std::lround((still.time_s[i] - still.time_s[0]) / kHop_s));
      still.cents[i] -= share[at] * swing[at];
    }
  }
  return still;
}

PitchLine withoutJumps(const PitchLine& line, const std::vector<NoteLayout::Jump>& jumps) {
  PitchLine kept;
  for (std::size_t i = 0; i < line.time_s.size(); ++i) {
    const double t = line.time_s[i];
    const bool away = std::ranges::any_of(jumps, [t](const NoteLayout::Jump& jump) {
      return t > jump.at_s - kClearOfBreak_s && t < jump.at_s + jump.length_s + kClearOfBreak_s;
    });
    if (away) continue;
    kept.time_s.push_back(t);
    kept.cents.push_back(line.cents[i]);
  }
  return kept;
}

NoteLayout layOutNotes(const PitchLine& line, double start_s, double end_s, bool oneNote) {
  NoteLayout layout;
  if (line.cents.empty()) return layout;
  std::vector<Piece> pieces;
  for (const auto& [first, last] : betweenSteps(line, oneNote)) {
    Piece whole{first, last, medianBetween(line, first, last), true};
    if (isOneNote(line, whole, oneNote)) {
      pieces.push_back(whole);
      continue;
    }
    for (const Piece& piece : cut(line, first, last)) classify(line, piece, pieces);
  }

  // Away and soon back: what lies between two plateaus of one note.
  for (std::size_t i = 0; i < pieces.size(); ++i) {
    if (!pieces[i].plateau) continue;
    for (std::size_t j = pieces.size() - 1; j > i + 1; --j) {
      if (!pieces[j].plateau || std::abs(pieces[j].cents - pieces[i].cents) > kSameNote_cents) continue;
      const double left = line.time_s[pieces[i].last];
      const double back = line.time_s[pieces[j].first];
      if (back - left > kSlipBack_s + 2.0 * kHop_s) continue;
      const double away = medianBetween(line, pieces[i].last + 1, pieces[j].first - 1);
      if (std::abs(away - pieces[i].cents) < kSlip_cents) continue;
      layout.jumps.push_back({left + kHop_s / 2.0, pieces[i].cents, away, back - left - kHop_s});
      pieces[i].last = pieces[j].last;
      pieces[i].cents = medianBetween(line, pieces[i].first, pieces[i].last);
      pieces.erase(pieces.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                   pieces.begin() + static_cast<std::ptrdiff_t>(j) + 1);
      j = pieces.size();  // the same note may slip again
    }
  }

  // Neighbouring plateaus of one pitch, cut apart by something too small to be a slip, are one note.
  for (std::size_t i = 0; i < pieces.size(); ++i) {
    if (!pieces[i].plateau) continue;
    for (std::size_t j = i + 1;
         j < pieces.size() && line.time_s[pieces[j].first] - line.time_s[pieces[i].last] < kShortest_s; ++j) {
      if (!pieces[j].plateau || std::abs(pieces[j].cents - pieces[i].cents) > kReach_cents) continue;
      Piece joined{pieces[i].first, pieces[j].last, 0.0, true};
      if (!isPlateau(line, joined)) break;
      pieces[i] = joined;
      pieces.erase(pieces.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                   pieces.begin() + static_cast<std::ptrdiff_t>(j) + 1);
      j = i;
    }
  }

  for (Piece& piece : pieces)
    if (piece.plateau) trimEnds(line, piece);

  const auto addGlide = [&](std::size_t first, std::size_t last) {
    const double from = line.cents[first];
    const double to = line.cents[last];
    if (std::abs(to - from) < kLeastGlide_cents || line.time_s[last] - line.time_s[first] < kShortestGlide_s)
      return;
    layout.glides.push_back(
        {line.time_s[first], line.time_s[last], shiftedBy(440.0, from), shiftedBy(440.0, to)});
  };
  std::size_t open = 0;  // first frame that belongs to no plateau yet
  for (const Piece& piece : pieces) {
    if (!piece.plateau) continue;
    if (piece.first > open) addGlide(open > 0 ? open - 1 : 0, piece.first);
    Plateau plateau{line.time_s[piece.first] - kHop_s / 2.0, line.time_s[piece.last] + kHop_s / 2.0,
                    piece.cents};
    if (!layout.plateaus.empty() && plateau.start_s - layout.plateaus.back().end_s < kShortest_s) {
      const double middle = (plateau.start_s + layout.plateaus.back().end_s) / 2.0;
      layout.plateaus.back().end_s = plateau.start_s = middle;
    }
    layout.plateaus.push_back(plateau);
    open = piece.last + 1;
  }
  if (open < line.cents.size()) addGlide(open > 0 ? open - 1 : 0, line.cents.size() - 1);
  if (!layout.plateaus.empty()) {
    Plateau& head = layout.plateaus.front();
    Plateau& tail = layout.plateaus.back();
    if (head.start_s - start_s < kEdge_s) head.start_s = start_s;
    if (end_s - tail.end_s < kEdge_s) tail.end_s = end_s;
  }
  return layout;
}

bool isBetweenNotes(const Dropout& dropout, const Tone& tone) {
  const double middle = dropout.at_s + dropout.length_s / 2.0;
  for (std::size_t i = 1; i < tone.notes.size(); ++i) {
    const Note& before = tone.notes[i - 1];
    const Note& after = tone.notes[i];
    if (before.written != after.written && middle > before.end_s - kSlack_s &&
        middle < after.start_s + kSlack_s)
      return true;
  }
  return false;
}

}  // namespace calando
