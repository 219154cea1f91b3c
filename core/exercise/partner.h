#pragma once

#include <memory>
#include <span>
#include <vector>

#include "core/base/names.h"

/// A made player to be in tune with: what it plays, how it goes along, how it sounds.
namespace calando {

struct Tracks;  // core/signal/tracks.h

/// A steady stretch of somebody's tone that can go on for ever: its end goes over into its beginning.
struct HeldSound {
  std::vector<float> samples;  ///< one round
  double rate_hz;
  double hz;                         ///< median
  std::vector<double> course_cents;  ///< off that, every kCourse_s of a round
};

/// Times are seconds from the end of the count-in.
struct PartnerVoice {
  struct Note {
    double from_s;
    double to_s;
    double hz;
    bool operator==(const Note&) const = default;
  };
  /// What it does about the player: nothing, meet half way, come to where the player is.
  enum class Manner { holds, givesWay, chases };

  double hz = 440.0;         ///< of its first note
  double drift_cents = 0.0;  ///< how far it has gone by the end
  bool fades = false;        ///< as a fork does, from the end of the count-in on
  Manner manner = Manner::holds;
  std::vector<Note> notes = {};           ///< empty: its first note from the start of the count-in to the end
  std::vector<double> course_cents = {};  ///< off its notes, every kCourse_s, as it went; empty: as it drifts
  std::shared_ptr<const HeldSound> sound = {};  ///< how it sounds; nullptr: as it is made

  /// In a take of so many seconds; 0: it is silent.
  double hzAt(double t, double length_s) const;
  /// Of the note that it plays; 0: none.
  double noteAt(double t) const;
  /// It listens, and nobody has said yet how it went.
  bool isOpen() const { return manner != Manner::holds && course_cents.empty(); }
  bool operator==(const PartnerVoice&) const = default;
};
inline constexpr Named<PartnerVoice::Manner> kManners[] = {{"holds", PartnerVoice::Manner::holds},
                                                           {"gives-way", PartnerVoice::Manner::givesWay},
                                                           {"chases", PartnerVoice::Manner::chases}};
inline constexpr double kCourse_s = 0.05;
inline constexpr double kForkDecay_s = 1.3;  ///< of a fork, and of a partner that fades: 40 dB down after 6 s

/// How a partner that listens goes along: towards where it wants to be by 63 of 100 in a third of a second,
/// and no further than half a semitone from its note.
class ListeningPartner {
 public:
  /// `asked_cents`: the player's tone over the partner's.
  ListeningPartner(PartnerVoice::Manner manner, double asked_cents)
      : manner_(manner), asked_cents_(asked_cents) {}
  /// `own_hz`: its note, `heard_hz`: the player; 0: silent.
  void step(double seconds, double own_hz, double heard_hz);
  double cents() const { return cents_; }

 private:
  PartnerVoice::Manner manner_;
  double asked_cents_;
  double cents_ = 0.0;
};

/// The course of a partner who hears a quarter of a second late, against a player who did not hear it.
/// `start_s`: of the first cue in the take.
std::vector<double> courseAgainst(const PartnerVoice& voice, double asked_cents, const Tracks& player,
                                  double start_s, double length_s);

/// The voice, sample by sample.
class PartnerSound {
 public:
  PartnerSound(PartnerVoice voice, double countIn_s, double length_s, double rate_hz)
      : voice_(std::move(voice)), countIn_s_(countIn_s), length_s_(length_s), rate_(rate_hz) {}
  /// Adds the next samples to these, the first of all at the start of the count-in.
  void add(std::span<float> out);
  /// The same, so many cents off its notes.
  void add(std::span<float> out, double cents);
  /// From the end of the count-in to the next sample.
  double now_s() const { return static_cast<double>(at_) / rate_ - countIn_s_; }
  double noteNow() const { return voice_.noteAt(now_s()); }

 private:
  float next(double hz);
  double level(double t) const;

  PartnerVoice voice_;
  double countIn_s_, length_s_, rate_;
  std::size_t at_ = 0;
  double turns_ = 0.0;
  double heard_ = 0.0;  // samples of a sound that is held
};

/// A tone in the made voice that begins and ends softly; full scale is ±1.
std::vector<float> softTone(double hz, double seconds, double rate_hz);

}  // namespace calando
