#include "core/homework/recording.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/figures/findings.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

// How likely a tone is played, in nats, by the share of it that stays on notes or goes evenly from one to the
// other; a spoken one stays for a third of its time.
constexpr double kEvenShare = 0.68;
constexpr double kByShare = 7.0;
constexpr double kWhole_s = 0.5;  // shorter ones say less
constexpr double kLongNote_s = 0.7;
constexpr double kByLongNote = 3.0;
constexpr double kLongGlide_s = 0.6, kEven_cents = 30.0;  // of a way; talk rises and falls as it likes
constexpr double kSyllable_cents_per_s = 80.0;            // a note of a beginner drifts less
constexpr double kSwitch = 2.5;                           // from talk to tones and back
constexpr double kForgets_s = 1.5;                        // so long a pause makes nothing likelier
constexpr double kBreath_s = 0.25;
constexpr double kConsonant_s = 0.9;     // several in a row are no longer
constexpr double kNextToAVowel_s = 0.8;  // other consonants and vowels that are not heard may lie in between

/// What drifts like a spoken syllable does not.
bool stays(const Note& note) {
  return std::abs(note.drift_cents_per_s.value_or(0.0)) < kSyllable_cents_per_s;
}

/// Of its length.
double stayingShare(const Tone& tone) {
  double staying_s = 0.0;
  for (const Note& note : tone.notes)
    if (stays(note)) staying_s += note.end_s - note.start_s;
  for (const Glide& glide : tone.glides)
    if (glide.end_s - glide.start_s >= kLongGlide_s && glide.uneven_cents.value_or(0.0) < kEven_cents)
      staying_s += glide.end_s - glide.start_s;
  return std::min(1.0, staying_s / std::max(0.05, tone.end_s - tone.start_s));
}

double playedRatherThanSpoken(const Tone& tone) {
  const double length = tone.end_s - tone.start_s;
  double nats = kByShare * (stayingShare(tone) - kEvenShare) * std::min(1.0, length / kWhole_s);
  for (const Note& note : tone.notes)
    if (stays(note) && note.end_s - note.start_s >= kLongNote_s)
      nats += kByLongNote * std::min(2.0, note.end_s - note.start_s);
  return nats;
}

/// Of each tone; the likeliest course (Viterbi 1967) of two states.
std::vector<bool> spoken(const std::vector<Tone>& tones) {
  std::vector<std::array<double, 2>> best(tones.size());
  std::vector<std::array<int, 2>> from(tones.size());
  for (std::size_t t = 0; t < tones.size(); ++t) {
    const double played = playedRatherThanSpoken(tones[t]);
    const double pause = t > 0 ? tones[t].start_s - tones[t - 1].end_s : kForgets_s;
    const double change = kSwitch * std::max(0.0, 1.0 - pause / kForgets_s);
    for (int state = 0; state < 2; ++state) {
      const double own = state == 0 ? 0.5 * played : -0.5 * played;
      const double stays = t > 0 ? best[t - 1][static_cast<std::size_t>(state)] : 0.0;
      const double comes = t > 0 ? best[t - 1][static_cast<std::size_t>(1 - state)] - change : 0.0;
      from[t][static_cast<std::size_t>(state)] = stays >= comes ? state : 1 - state;
      best[t][static_cast<std::size_t>(state)] = own + std::max(stays, comes);
    }
  }
  std::vector<bool> result(tones.size());
  int state = !tones.empty() && best.back()[1] > best.back()[0] ? 1 : 0;
  for (std::size_t t = tones.size(); t-- > 0;) {
    result[t] = state == 1;
    state = from[t][static_cast<std::size_t>(state)];
  }
  return result;
}

/// A short noise beside a spoken vowel is a consonant of that talk.
void hearConsonants(std::vector<SentSound>& sounds) {
  const std::vector<SentSound> heard = sounds;
  for (SentSound& sound : sounds) {
    if (sound.kind != SentKind::noise || sound.end_s - sound.start_s > kConsonant_s) continue;
    const bool talk = std::ranges::any_of(heard, [&](const SentSound& other) {
      return other.kind == SentKind::speech && other.start_s - sound.end_s < kNextToAVowel_s &&
             sound.start_s - other.end_s < kNextToAVowel_s;
    });
    if (talk) sound.kind = SentKind::speech;
  }
}

double semitoneOf(double hz, double a4_hz) { return 69.0 + centsBetween(a4_hz, hz) / 100.0; }

}  // namespace

std::vector<SentSound> soundsSent(const Analysis& analysis) {
  std::vector<SentSound> sounds;
  const double a4 = analysis.reference.a4_hz;
  const std::vector<bool> talk = spoken(analysis.tones);
  for (std::size_t t = 0; t < analysis.tones.size(); ++t) {
    const Tone& tone = analysis.tones[t];
    if (talk[t]) {
      sounds.push_back({SentKind::speech, tone.start_s, tone.end_s, {}});
      continue;
    }
    if (tone.notes.empty()) {
      const auto hz = tone.glides.empty() ? std::nullopt : std::optional(tone.glides.front().from_hz);
      sounds.push_back(
          {SentKind::tone, tone.start_s, tone.end_s, hz ? std::optional(semitoneOf(*hz, a4)) : std::nullopt});
      continue;
    }
    for (std::size_t n = 0; n < tone.notes.size(); ++n) {
      // The first note begins with its tone and the last one ends with it, whatever the pitch does there.
      const double start = n == 0 ? tone.start_s : tone.notes[n].start_s;
      const double end = n + 1 == tone.notes.size() ? tone.end_s : tone.notes[n].end_s;
      sounds.push_back({SentKind::tone, start, end, semitoneOf(tone.notes[n].f0_hz, a4), n > 0});
    }
  }
  for (const Air& air : analysis.airs) {
    const bool breath = air.phase != AirPhase::unknown || air.sound != AirSound::unclear;
    sounds.push_back({breath && air.end_s - air.start_s >= kBreath_s ? SentKind::air : SentKind::noise,
                      air.start_s,
                      air.end_s,
                      {}});
  }
  std::ranges::sort(sounds, {}, &SentSound::start_s);
  hearConsonants(sounds);
  return sounds;
}

}  // namespace calando
