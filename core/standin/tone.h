#pragma once

#include "core/exercise/cue_sheet.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "core/standin/random.h"
#include "core/standin/voice.h"

namespace calando::standin {

struct Break {
  double at_s, length_s;
};

/// A note that the tone is slurred to.
struct Step {
  double at_s;    ///< the middle of the way there
  double cents;   ///< off the tone's first note
  int semitones;  ///< the same, tempered: its name
};

/// The plan of one tone: when things happen and how the pitch and level go.
struct Score {
  double toneStart, toneEnd;  // where the sound begins to rise and has fallen to nothing
  std::vector<Break> breaks;
  std::vector<Break> slips;
  double slipCents;
  Player player;
  Movement wander, shake, swell;
  double vibratoPhase;
  Shape shape;  // asked-for loudness
  Shape path;   // asked-for pitch
  int pulses;
  bool inhales;
  double bend_cents = 0.0;   // how far the pitch goes and comes back
  double glide_cents = 0.0;  // where it comes from
  bool bends = false;        // what its path does is a bend
  double base_cents = 0.0;   // of its first note off the tempered one
  std::vector<Step> steps = {};

  double cents(double t) const;
  /// As far as a bend takes it.
  double bentBy(double t) const;
  double share(double t) const { return std::clamp((t - toneStart) / (toneEnd - toneStart), 0.0, 1.0); }
  /// Of the tone, 1 when steady.
  double amplitude(double t) const;
  /// Asked-for level, dB.
  double shapeAt(double t) const;
  /// Air that does not sound: the inhale, and air before the tone; 1 is as loud as the tone's own noise.
  double air(double t) const;
  bool isBroken(double t) const;
};

/// A tone with the player's faults in it, from a time on.
Score planTone(const Player& player, const Part& part, double start, std::mt19937& random);

/// When the first sound can start: after a moment of room, a breath, and the player's air before a tone.
double leadIn(const Player& player);

class ToneVoice : public Voice {
 public:
  ToneVoice(Part part, Score score);
  double end_s() const override { return score_.toneEnd; }
  void sing(std::vector<float>& out, double rate, std::mt19937& random) const override;
  double air(double t) const override;
  void tell(Analysis& truth) const override;

 protected:
  const Part& part() const { return part_; }
  const Score& score() const { return score_; }

 private:
  void singUnder(std::vector<float>& out, double rate) const;

  Part part_;
  Score score_;
  double noise_;   // RMS of the air that goes with the steady tone
  double breath_;  // and of the air before it
};

}  // namespace calando::standin
