#include "core/exercise/pair_card.h"

#include <algorithm>
#include <random>

#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/exercise.h"
#include "core/measure/pair/pair.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr int kSurprise_semitones = 7;  // to either side of the home note
constexpr double kSurpriseFrom_s = 0.5, kSurpriseTo_s = 3.0;

/// A note that the player has, when nobody expects it.
PartnerVoice::Note surprise(const CueSheet& sheet, const Context& context, std::uint32_t draw) {
  const int lowest = context.instrument ? context.instrument->writtenOf(context.instrument->lowest) : 0;
  const int highest = context.instrument ? context.instrument->writtenOf(context.instrument->highest) : 127;
  const int from = std::max({sheet.home - kSurprise_semitones, lowest, context.range.lowest.value_or(0)});
  const int to = std::min({sheet.home + kSurprise_semitones, highest, context.range.highest.value_or(127)});
  std::mt19937 random(draw);
  const int note = from + static_cast<int>(random() % static_cast<unsigned>(std::max(1, to - from + 1)));
  const double share = static_cast<double>(random() % 1000) / 1000.0;
  return {std::lerp(kSurpriseFrom_s, kSurpriseTo_s, share), sheet.length_s(),
          frequencyOf(context.soundingOf(note), {context.reference.a4_hz, false, 0})};
}

}  // namespace

double askedCents(const Context& context) {
  return PairAsked{context.exercise->pair->semitones, context.reference.just}.cents();
}

PartnerVoice partnerFor(const CueSheet& sheet, const Context& context, std::uint32_t draw) {
  const PairCard& pair = *context.exercise->pair;
  // The first is where equal temperament has it; a pure interval is the second's to find.
  const Reference equal{context.reference.a4_hz, false, 0};
  const auto hzFor = [&](std::optional<int> note) {
    return shiftedBy(frequencyOf(context.soundingOf(note.value_or(sheet.home)), equal),
                     pair.off_cents - 100.0 * pair.semitones);
  };
  PartnerVoice voice{.drift_cents = pair.drift_cents, .fades = pair.fades, .manner = pair.manner};
  if (pair.surprises) voice.notes = {surprise(sheet, context, draw)};
  // One note alone is there already while it is counted in.
  if (!pair.surprises && sheet.cues.size() > 1)
    for (const SheetCue& cue : sheet.cues) {
      const bool plays = cue.who == Who::partner || (cue.who == Who::both && isSounding(cue.kind));
      if (plays) voice.notes.push_back({cue.start_s, cue.end_s(), hzFor(cue.note)});
    }
  const auto notes = notesOf(sheet);
  voice.hz = voice.notes.empty() ? hzFor(notes.empty() ? std::nullopt : std::optional(notes.front()))
                                 : voice.notes.front().hz;
  return voice;
}

PartnerVoice partnerFrom(std::shared_ptr<const HeldSound> held, const CueSheet& sheet) {
  PartnerVoice voice{.hz = held->hz};
  const double round_s = static_cast<double>(held->samples.size()) / held->rate_hz;
  for (double t = 0.0; t < sheet.length_s() + kCourse_s; t += kCourse_s) {
    const double at = std::fmod(t + sheet.countIn_s(), round_s) / kCourse_s;
    const auto before = static_cast<std::size_t>(at), points = held->course_cents.size();
    voice.course_cents.push_back(std::lerp(held->course_cents[before % points],
                                           held->course_cents[(before + 1) % points],
                                           at - static_cast<double>(before)));
  }
  voice.sound = std::move(held);
  return voice;
}

std::optional<PairAsked> pairFor(const CueSheet& sheet, const Context& context, const Tracks* player) {
  if (context.pair) return context.pair;
  if (!context.exercise || !context.exercise->pair) return std::nullopt;
  if (std::ranges::none_of(sheet.cues, [](const SheetCue& cue) { return cue.who == Who::both; }))
    return std::nullopt;
  PairAsked asked{context.exercise->pair->semitones, context.reference.just};
  if (context.apart && player) asked.partner = player->first;
  if (context.apart || !context.accompaniment.partner) return asked;
  PartnerVoice voice = *context.accompaniment.partner;
  const double start_s = context.start_s.value_or(sheet.countIn_s()), length_s = sheet.length_s();
  if (voice.isOpen() && player)
    voice.course_cents = courseAgainst(voice, asked.cents(), *player, start_s, length_s);
  asked.partner_from_s = start_s + (voice.notes.empty() ? -sheet.countIn_s() : voice.notes.front().from_s);
  asked.partnerAt = [voice = std::move(voice), start_s, length_s](double t) {
    return voice.hzAt(t - start_s, length_s);
  };
  return asked;
}

}  // namespace calando
