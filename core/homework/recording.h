#pragma once

#include <optional>
#include <vector>

#include "core/base/names.h"

/// What a long recording is made of, before anybody asks what was wanted: tones, breaths, talk, noise.
namespace calando {

struct Analysis;

enum class SentKind { tone, air, speech, noise };
inline constexpr Named<SentKind> kSentKinds[] = {{"speech", SentKind::speech},
                                                 {"air", SentKind::air},
                                                 {"tone", SentKind::tone},
                                                 {"noise", SentKind::noise}};

/// A sound that something may have been asked for by.
struct SentSound {
  SentKind kind;
  double start_s;
  double end_s;
  std::optional<double>
      concert;          ///< semitone with fractions, A4 as the analysis has it; of a tone, if it has one
  bool goesOn = false;  ///< it follows in the same tone without a pause
};

/// Every note, every tone without one, every breath, by start. Talk is told from tones by how much of it is
/// notes that stay, phrase by phrase: a note of a second is no syllable, and a syllable alone may be one.
std::vector<SentSound> soundsSent(const Analysis& analysis);

}  // namespace calando
