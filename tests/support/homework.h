#pragma once

#include <random>
#include <string>
#include <vector>

/// Homework as it is sent: one long recording of a phone, with what was asked for, in several tries, and talk
/// in between. Its sounds are made without any code of the program; where each lies is known.
namespace sounds {

/// A sound of an item, from the item's first one on.
struct Sent {
  double from_s;
  double length_s;
  double hz;             ///< 0: breath
  bool slurred = false;  ///< goes on from the one before
};

/// A stretch of the recording, as it was put there.
struct SentPiece {
  enum class Kind { item, speech, noise };
  Kind kind;
  int item = -1;       ///< which of what was asked for
  std::size_t sounds;  ///< how many of its sounds were played
  double start_s;      ///< onset of its first sound
  double end_s;        ///< end of its last one
};

/// Speech of so many seconds at 48 kHz: syllables of voiced vowels with moving pitch and formants, hissed and
/// popped consonants, pauses between phrases. Level -26 dBFS or so.
std::vector<float> speech(std::mt19937& random, double seconds);

/// What was sent, being put together.
class Homework {
 public:
  explicit Homework(unsigned seed);

  /// Nothing but the room.
  void pause(double seconds);
  void speak(double seconds) { say(speech(random_, seconds)); }
  void say(const std::vector<float>& words);
  /// A chair, a case, a cough.
  void knock();
  /// The first `played` of the sounds, each `stretch` times as long and far away as asked for; every tone
  /// wavers, scoops and is off by as much as a player of that `skill` (0 beginner to 1).
  void play(int item, const std::vector<Sent>& asked, std::size_t played, double stretch, double skill,
            bool buzz);

  /// The same as somebody else played it: `sounds` of them, the first at `first_s` in it, all over at
  /// `over_s`.
  void put(int item, const std::vector<float>& played, std::size_t sounds, double first_s, double over_s);

  /// Over a phone in a room: echoes, its band, its automatic gain, noise.
  struct Phone {
    double rt60_s = 0.4;
    double reverb_db = -18.0;  ///< of the reverberation under the sound
    bool band = true;          ///< 200 to 6000 Hz
    bool automaticGain = true;
    double noise_dbfs = -62.0;
  };
  std::vector<float> heardBy(const Phone& phone);
  const std::vector<SentPiece>& pieces() const { return pieces_; }
  double length_s() const { return static_cast<double>(samples_.size()) / 48000.0; }

 private:
  void add(const std::vector<float>& sound, double at_s);
  std::mt19937 random_;
  std::vector<float> samples_;
  std::vector<SentPiece> pieces_;
};

}  // namespace sounds
