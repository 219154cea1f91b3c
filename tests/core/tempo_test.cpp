// Cards of notes, played exactly at every tempo that they are asked for at.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/findings.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

constexpr double kRate_hz = 48000.0, kShortest_s = 0.2;
constexpr double kQuickest_bpm = 301.0;
constexpr double kFastest_bpm = 120.0;  // that a card goes on to by itself

/// Of notes alone, for one player.
bool isOfNotes(const Exercise& card, const CueSheet& sheet) {
  int notes = 0;
  for (const SheetCue& cue : sheet.cues) {
    if (isAir(cue.kind)) return false;
    if (!isSounding(cue.kind)) continue;
    if (cue.moves() || !cue.note || cue.kind == CueKind::free || cue.length_s < kShortest_s) return false;
    ++notes;
  }
  return card.counted() && !card.pair && card.part == PartPlayed::whole && notes > 1;
}

/// The sheet as it is written, from `start_s` on: slurred notes go over within 25 ms, others are 25 ms apart.
std::vector<float> played(const CueSheet& sheet, const Context& context, double start_s, bool legato,
                          unsigned seed) {
  struct Note {
    double from_s, to_s, cents;
    bool slurred;
    double goes_s;  // from the note before
  };
  std::vector<Note> notes;
  double first_hz = 0.0;
  for (const SheetCue& cue : sheet.cues) {
    if (!isSounding(cue.kind)) continue;
    const double hz = context.hzOf(*cue.note);
    if (first_hz == 0.0) first_hz = hz;
    const bool goesOn = !notes.empty() && std::abs(notes.back().to_s - cue.start_s) < 1e-6;
    const bool slurred = goesOn && (legato || cue.slurred());
    notes.push_back({cue.start_s, cue.end_s(), 1200.0 * std::log2(hz / first_hz), slurred,
                     cue.start_s - (slurred ? 0.0125 : 0.025)});
  }
  const auto smooth = [](double x) { return x <= 0.0 ? 0.0 : x >= 1.0 ? 1.0 : x * x * (3.0 - 2.0 * x); };
  // The last whose `field` is not after a time, the first where none is.
  const auto lastBy = [notes](double Note::*field, double t) {
    const auto after = std::ranges::upper_bound(notes, t, {}, field);
    return static_cast<std::size_t>(std::max<std::ptrdiff_t>(1, after - notes.begin()) - 1);
  };
  sounds::ToneSpec spec;
  spec.f0_hz = first_hz;
  spec.before_s = start_s;
  spec.seconds = notes.back().to_s;
  spec.after_s = 0.8;
  spec.snr_db = 40.0;
  spec.seed = seed;
  spec.cents = [notes, smooth, lastBy](double t) {
    const std::size_t n = lastBy(&Note::goes_s, t);
    const double before = notes[n == 0 ? 0 : n - 1].cents;
    return before + (notes[n].cents - before) * smooth((t - notes[n].goes_s) / 0.025);
  };
  spec.amplitude = [notes, smooth, lastBy](double t) {
    const std::size_t n = lastBy(&Note::from_s, t);
    if (t >= notes[n].to_s) return 0.0;
    const bool heldOver = n + 1 < notes.size() && notes[n + 1].slurred;
    const double in = notes[n].slurred ? 1.0 : smooth((t - notes[n].from_s) / 0.012);
    const double out = heldOver ? 1.0 : smooth((notes[n].to_s - 0.025 - t) / 0.012);
    return in * out;
  };
  return sounds::tone(spec);
}

/// At the card's own tempo; nullopt: it is not counted, or has no notes.
std::optional<double> shortestNote(const Exercise& card) {
  if (!card.counted()) return std::nullopt;
  Context context;
  context.exercise = findExercise(card.id);
  std::optional<double> shortest_s;
  for (const SheetCue& cue : unroll(context).cues)
    if (isSounding(cue.kind)) shortest_s = std::min(shortest_s.value_or(1e9), cue.length_s);
  return shortest_s;
}

class AtItsTempi : public testing::TestWithParam<std::size_t> {};
TEST_P(AtItsTempi, EveryNoteOfTheCardIsFound) {
  const ExercisePtr card = findExercise(exercises()[GetParam()].id);
  std::set<double> tempi{card->tempo_bpm};
  if (card->grows.what == Grows::What::tempo)
    tempi.insert(card->grows.steps.begin(), card->grows.steps.end());
  if (card->faster_bpm > 0.0) tempi.insert(kFastest_bpm);
  if (const auto shortest_s = shortestNote(*card))
    for (const double wanted_s : {0.3, kShortest_s + 1e-6})
      if (const double bpm = card->tempo_bpm * *shortest_s / wanted_s;
          bpm > card->tempo_bpm && bpm < kQuickest_bpm)
        tempi.insert(bpm);
  if (!sounds::everything())
    tempi.erase(tempi.begin(), std::prev(tempi.end()));  // the quickest is the hardest
  for (const double bpm : tempi) {
    Context context;
    context.instrument = findInstrument("trumpet-bb");
    context.exercise = card;
    context.level = findLevel("growing");
    context.asked = {62};
    if (bpm != card->tempo_bpm) context.tempo_bpm = bpm;
    const CueSheet sheet = unroll(context);
    if (!isOfNotes(*card, sheet)) continue;
    context.start_s = 1.0;
    for (const bool legato : {false, true}) {
      const Analysis heard =
          analyse(played(sheet, context, 1.0, legato, static_cast<unsigned>(GetParam())), kRate_hz, context);
      int asked = 0, found = 0;
      for (const CueResult& cue : heard.cues) {
        if (!cue.asksForSound()) continue;
        ++asked;
        found += cue.note && std::abs(cue.pitch.offset_cents.value_or(1e6)) < 25.0;
      }
      EXPECT_EQ(found, asked) << card->id << " at " << bpm << (legato ? ", legato" : "");
    }
  }
}
INSTANTIATE_TEST_SUITE_P(Cards, AtItsTempi, testing::Range(std::size_t{0}, exercises().size()),
                         [](const auto& info) {
                           std::string name = exercises()[info.param].id;
                           std::ranges::replace(name, '-', '_');
                           return name;
                         });

}  // namespace
}  // namespace calando
