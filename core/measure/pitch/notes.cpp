#include "core/measure/pitch/notes.h"

#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/pitch/pitch_run.h"

namespace calando {

namespace {

constexpr double kReach_cents = 60.0;
constexpr double kSteepest_cents_per_s = 200.0;
constexpr double kWideReach_cents = 150.0;  // of a note that wanders, or the only one asked for
constexpr double kWithin = 0.97;            // of the frames must be in reach: attacks stray
constexpr double kStepFlat = 0.4;           // both sides of a step move by less than this share of it
constexpr double kSidesApart = static_cast<double>(kSideFrames + 2 * kStepGap) /
                               (2.0 * kSideFrames / 3.0);  // over what a side's movement is told from
constexpr double kOneWay = 0.7;  // from end to end over all movement: a glide, not a wander
constexpr double kOneWay_cents = 80.0;
constexpr double kEndSpan_s = 0.3;
constexpr double kSlip_cents = 150.0;
constexpr double kSlipBack_s = 0.5;
constexpr double kSameNote_cents = 100.0;
constexpr double kInTurn = 0.5;  // of the longer of those beside it
constexpr double kInQuickTurn = 0.35, kQuick_s = 0.55;
constexpr double kLeastGlide_cents = 100.0;
constexpr double kShortestGlide_s = 0.1;
constexpr double kTrim_cents = 15.0;
constexpr std::size_t kRecent = 25;  // frames whose median says where the note is
constexpr std::size_t kPersist = 3;  // frames that must agree before a note ends
constexpr double kBreak_s = 0.045;   // between two frames
constexpr double kSlack_s = 0.05;    // a pause may reach that far into the notes beside it
constexpr double kEdge_s = 0.25;     // a way in or out shorter than this belongs to the note

/// Frames [first, last] of a line.
struct Piece {
  std::size_t first;
  std::size_t last;
  double cents;
  bool plateau;
  bool travel = false;
};

double lengthOf(const PitchLine& line, const Piece& piece) {
  return line.time_s[piece.last] - line.time_s[piece.first] + kHop_s;
}

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

/// The time of a piece's frames and, beside a break, of those that are left out there.
double soundsFor(const PitchLine& line, const Piece& piece) {
  const auto isBreak = [&](std::size_t i) { return line.time_s[i] - line.time_s[i - 1] > kClearOfBreak_s; };
  double length_s = line.time_s[piece.last] - line.time_s[piece.first];
  if (piece.first > 0 && isBreak(piece.first)) length_s += kClearOfBreak_s;
  if (piece.last + 1 < line.time_s.size() && isBreak(piece.last + 1)) length_s += kClearOfBreak_s;
  return length_s;
}

bool isPlateau(const PitchLine& line, Piece& piece) {
  piece.cents = medianBetween(line, piece.first, piece.last);
  if (soundsFor(line, piece) < kShortestNote_s - 0.015) return false;
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
  if (piece.plateau || length < 4.0 * kShortestNote_s) {
    out.push_back(piece);
    return;
  }
  const std::size_t middle = (piece.first + piece.last) / 2;
  classify(line, {piece.first, middle, 0.0, false}, out);
  classify(line, {middle + 1, piece.last, 0.0, false}, out);
}

/// The frames between the places where the pitch steps to another note: all of them where only one was asked
/// for and the step does not leave it.
std::vector<std::pair<std::size_t, std::size_t>> betweenSteps(const PitchLine& line, Expected expected) {
  std::vector<std::pair<std::size_t, std::size_t>> stretches;
  const double least = expected == Expected::oneNote ? kWideReach_cents : kStep_cents;
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
    // Nor is it one where the pitch is on its way on both sides.
    const double onItsWay = (step->before.moves + step->after.moves) * kSidesApart / 2.0;
    if (std::abs(step->after.cents - step->before.cents - onItsWay) < step->size() / 2.0) continue;
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

using Stretches = std::vector<std::pair<std::size_t, std::size_t>>;

/// Cut also where the sound breaks and goes on at another pitch: a new note was begun.
Stretches cutAtBreaks(const PitchLine& line, const Stretches& stretches) {
  constexpr std::size_t side = 8;  // frames
  Stretches cut;
  for (auto [first, last] : stretches) {
    for (std::size_t i = first + 1; i <= last; ++i) {
      if (line.time_s[i] - line.time_s[i - 1] < kBreak_s) continue;
      const double before = medianBetween(line, std::max(first, i - std::min(i, side)), i - 1),
                   after = medianBetween(line, i, std::min(last, i + side - 1));
      if (std::abs(after - before) < kReach_cents) continue;
      cut.emplace_back(first, i - 1);
      first = i;
    }
    cut.emplace_back(first, last);
  }
  return cut;
}

/// What wanders about one centre, however irregularly, and comes back; no travel from one place to another.
bool isOneNote(const PitchLine& line, const Piece& piece, Expected expected) {
  const double length = line.time_s[piece.last] - line.time_s[piece.first];
  if (length < kShortestNote_s - 0.015) return false;
  const std::span<const double> cents(&line.cents[piece.first], piece.last - piece.first + 1);
  const auto near =
      std::ranges::count_if(cents, [&](double c) { return std::abs(c - piece.cents) <= kWideReach_cents; });
  if (static_cast<double>(near) < kWithin * static_cast<double>(cents.size())) return false;
  if (expected == Expected::oneNote) return true;
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

/// What lies beside and between travels.
void addNotes(const PitchLine& line, std::size_t first, std::size_t last, std::vector<Piece>& pieces) {
  if (last < first) return;
  for (const Piece& piece : cut(line, first, last)) classify(line, piece, pieces);
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

/// Away and soon back: what lies between two plateaus of one note is a jump of it.
std::vector<NoteLayout::Jump> takeJumpsOut(const PitchLine& line, std::vector<Piece>& pieces, bool inTurn) {
  std::vector<NoteLayout::Jump> jumps;
  for (std::size_t i = 0; i < pieces.size(); ++i) {
    if (!pieces[i].plateau) continue;
    for (std::size_t j = pieces.size() - 1; j > i + 1; --j) {
      if (!pieces[j].plateau || std::abs(pieces[j].cents - pieces[i].cents) > kSameNote_cents) continue;
      const double left = line.time_s[pieces[i].last];
      const double back = line.time_s[pieces[j].first];
      if (back - left > kSlipBack_s + 2.0 * kHop_s) continue;
      const double away = medianBetween(line, pieces[i].last + 1, pieces[j].first - 1);
      if (std::abs(away - pieces[i].cents) < kSlip_cents) continue;
      // What is held as long as what stands beside it is no slip: the notes come in turn.
      const double beside = std::max(lengthOf(line, pieces[i]), lengthOf(line, pieces[j]));
      if (inTurn && back - left > (beside < kQuick_s ? kInQuickTurn : kInTurn) * beside) continue;
      jumps.push_back({left + kHop_s / 2.0, pieces[i].cents, away, back - left - kHop_s});
      pieces[i].last = pieces[j].last;
      pieces[i].cents = medianBetween(line, pieces[i].first, pieces[i].last);
      pieces.erase(pieces.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                   pieces.begin() + static_cast<std::ptrdiff_t>(j) + 1);
      j = pieces.size();  // the same note may slip again
    }
  }
  return jumps;
}

/// Neighbouring plateaus of one pitch, cut apart by something too small to be a slip, are one note.
void joinNeighbours(const PitchLine& line, std::vector<Piece>& pieces) {
  for (std::size_t i = 0; i < pieces.size(); ++i) {
    if (!pieces[i].plateau) continue;
    for (std::size_t j = i + 1;
         j < pieces.size() && line.time_s[pieces[j].first] - line.time_s[pieces[i].last] < kShortestNote_s;
         ++j) {
      if (!pieces[j].plateau || std::abs(pieces[j].cents - pieces[i].cents) > kReach_cents) continue;
      Piece joined{pieces[i].first, pieces[j].last, 0.0, true};
      if (!isPlateau(line, joined)) break;
      pieces[i] = joined;
      pieces.erase(pieces.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                   pieces.begin() + static_cast<std::ptrdiff_t>(j) + 1);
      j = i;
    }
  }
}

/// Plateaus, and glides where the pitch travels between them.
void place(const PitchLine& line, const std::vector<Piece>& pieces, NoteLayout& layout) {
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
    if (!piece.plateau && !piece.travel) continue;
    if (piece.first > open) addGlide(open > 0 ? open - 1 : 0, piece.first);
    if (piece.travel) {
      addGlide(piece.first, piece.last);
      open = piece.last + 1;
      continue;
    }
    Plateau plateau{line.time_s[piece.first] - kHop_s / 2.0, line.time_s[piece.last] + kHop_s / 2.0,
                    piece.cents};
    if (!layout.plateaus.empty() && plateau.start_s - layout.plateaus.back().end_s < kShortestNote_s) {
      const double middle = (plateau.start_s + layout.plateaus.back().end_s) / 2.0;
      layout.plateaus.back().end_s = plateau.start_s = middle;
    }
    layout.plateaus.push_back(plateau);
    open = piece.last + 1;
  }
  if (open < line.cents.size()) addGlide(open > 0 ? open - 1 : 0, line.cents.size() - 1);
}

}  // namespace

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

NoteLayout layOutNotes(const PitchLine& line, double start_s, double end_s, Expected expected, bool inTurn) {
  NoteLayout layout;
  if (line.cents.empty()) return layout;
  std::vector<Piece> pieces;
  const TravelLine smooth(line);
  const Stretches stretches = betweenSteps(line, expected);
  for (const auto& [first, last] : inTurn ? cutAtBreaks(line, stretches) : stretches) {
    Piece whole{first, last, medianBetween(line, first, last), true};
    const bool one = isOneNote(line, whole, expected);
    std::vector<Travel> travels;
    if (!one || expected == Expected::travels) travels = findTravels(smooth, first, last);
    if (one && travels.empty()) {
      pieces.push_back(whole);
      continue;
    }
    std::size_t from = first;
    for (const Travel& travel : travels) {
      const Piece piece{std::max(from, travel.first), travel.last, 0.0, false, !travel.stays};
      if (piece.last <= piece.first) continue;
      if (piece.first > from) addNotes(line, from, piece.first - 1, pieces);
      if (piece.travel)
        pieces.push_back(piece);
      else
        classify(line, piece, pieces);
      from = piece.last + 1;
    }
    addNotes(line, from, last, pieces);
  }

  layout.jumps = takeJumpsOut(line, pieces, inTurn);
  joinNeighbours(line, pieces);
  for (Piece& piece : pieces)
    if (piece.plateau) trimEnds(line, piece);

  place(line, pieces, layout);
  joinWays(line, smooth.jitter, layout);
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
