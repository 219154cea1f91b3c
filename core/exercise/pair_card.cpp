#include "core/exercise/pair_card.h"

namespace calando {

PartnerVoice partnerFor(const CueSheet& sheet, const Context& context) {
  const PairCard& pair = *context.exercise->pair;
  const auto notes = notesOf(sheet);
  // The first is where equal temperament has it; a pure interval is the second's to find.
  const Reference equal{context.reference.a4_hz, false, 0};
  const double second_hz = frequencyOf(context.soundingOf(notes.empty() ? sheet.home : notes.front()), equal);
  return {shiftedBy(second_hz, -100.0 * pair.semitones), pair.drift_cents, pair.fades};
}

std::optional<PairAsked> pairFor(const CueSheet& sheet, const Context& context) {
  if (context.pair) return context.pair;
  if (!context.exercise || !context.exercise->pair) return std::nullopt;
  PairAsked asked{context.exercise->pair->semitones, context.reference.just, {}, {}, {}};
  if (const auto& voice = context.heard.partner)
    asked.partnerAt = [voice = *voice, start_s = context.start_s.value_or(sheet.countIn_s()),
                       length_s = sheet.length_s()](double t) {
      return voice.hzAt((t - start_s) / length_s);
    };
  return asked;
}

}  // namespace calando
