#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/pitch/notes.h"
#include "core/measure/pitch/pitch_run.h"

namespace calando {

namespace {

constexpr double kLongestHalt_s = 0.3, kHaltBack_cents = 40.0;  // in a way that goes on
constexpr double kMeets_s = 0.12;
constexpr double kPointed = 0.5;  // of how far off its ends the middle of a corner is

bool meets(double end_s, double start_s) { return std::abs(start_s - end_s) < kMeets_s; }
double lengthOf(const Plateau& plateau) { return plateau.end_s - plateau.start_s; }
/// Cents per second.
double speedOf(const Glide& glide) {
  return 100.0 * std::abs(glide.semitones()) / std::max(kHop_s, glide.end_s - glide.start_s);
}

/// The two go on in one direction, the second from about where the first came to.
bool goesOn(const Glide& before, const Glide& after) {
  const double between = centsBetween(before.to_hz, after.from_hz);
  return before.semitones() * after.semitones() > 0.0 && after.start_s - before.end_s < kLongestHalt_s &&
         (before.semitones() > 0.0 ? between : -between) > -kHaltBack_cents;
}

/// It is the point of a turn: its middle is as far off its ends as a corner's at that speed.
bool comesAndGoes(const PitchLine& line, const Plateau& plateau, double speed) {
  const auto third = [&](int which) {
    const double from_s = plateau.start_s + which * lengthOf(plateau) / 3.0;
    return medianOf(within(line, from_s, from_s + lengthOf(plateau) / 3.0).cents).value_or(plateau.cents);
  };
  const double corner = speed * lengthOf(plateau) / 4.0;
  return std::abs(third(1) - (third(0) + third(2)) / 2.0) > kPointed * corner;
}

/// A note between two ways that is none.
bool isByChance(const PitchLine& line, const Plateau& plateau, const Glide& before, const Glide& after,
                double shows) {
  const double speed = std::min(speedOf(before), speedOf(after));
  if (before.semitones() * after.semitones() < 0.0)
    return lengthOf(plateau) < kTurnRest_s || comesAndGoes(line, plateau, speed);
  return goesOn(before, after) && (lengthOf(plateau) < kShortestNote_s || lengthOf(plateau) * speed < shows);
}

/// Notes between two ways. What was the point of a turn is where both ways meet.
void takeOutBetween(const PitchLine& line, double shows, NoteLayout& layout) {
  for (std::size_t g = 0; g + 1 < layout.glides.size(); ++g) {
    Glide &before = layout.glides[g], &after = layout.glides[g + 1];
    const auto note = std::ranges::find_if(layout.plateaus, [&](const Plateau& plateau) {
      return meets(before.end_s, plateau.start_s) && meets(plateau.end_s, after.start_s);
    });
    if (note == layout.plateaus.end() || !isByChance(line, *note, before, after, shows)) continue;
    if (before.semitones() * after.semitones() < 0.0) {
      before.end_s = after.start_s = (note->start_s + note->end_s) / 2.0;
      before.to_hz = after.from_hz = shiftedBy(440.0, note->cents);
    }
    layout.plateaus.erase(note);
  }
}

/// A note at the end of the last way, or else at the beginning of the first.
void takeOutAtEnd(double shows, NoteLayout& layout) {
  if (layout.glides.empty() || layout.plateaus.empty()) return;
  Glide &first = layout.glides.front(), &last = layout.glides.back();
  const Plateau head = layout.plateaus.front(), tail = layout.plateaus.back();
  if (meets(last.end_s, tail.start_s) && lengthOf(tail) * speedOf(last) < shows) {
    last.end_s = tail.end_s;
    layout.plateaus.pop_back();
  } else if (meets(head.end_s, first.start_s) && lengthOf(head) * speedOf(first) < shows) {
    first.start_s = head.start_s;
    layout.plateaus.erase(layout.plateaus.begin());
  }
}

}  // namespace

void joinWays(const PitchLine& line, double jitter, NoteLayout& layout) {
  const double shows = kShowsJitter * jitter;
  takeOutBetween(line, shows, layout);
  takeOutAtEnd(shows, layout);
  std::vector<Glide> joined;
  for (const Glide& glide : layout.glides) {
    const bool note = !joined.empty() && std::ranges::any_of(layout.plateaus, [&](const Plateau& plateau) {
      return plateau.start_s < glide.start_s + kHop_s && plateau.end_s > joined.back().end_s - kHop_s;
    });
    if (joined.empty() || note || !goesOn(joined.back(), glide)) {
      joined.push_back(glide);
      continue;
    }
    joined.back().end_s = glide.end_s;
    joined.back().to_hz = glide.to_hz;
  }
  layout.glides = std::move(joined);
}

}  // namespace calando
