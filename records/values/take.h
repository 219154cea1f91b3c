#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "core/care/stop.h"
#include "core/judging/said.h"
#include "core/library/experience.h"
#include "core/library/take_spec.h"

namespace calando {

struct Student {
  std::int64_t id = 0;
  std::string name;
  std::string instrument;  ///< catalogue id
  NoteRange range;         ///< what exercises ask of them
  Experience experience = Experience::unsaid;
};

/// The stretch of a sound file that a take was cut from, told by the file's content, whatever it is called.
struct Origin {
  std::string content;  ///< a hash of the file's bytes
  double from_s = 0.0;
  double to_s = 0.0;

  /// More than half of the shorter stretch is in both.
  bool isSoundOf(const Origin& other) const;
  bool operator==(const Origin&) const = default;
};
std::string toText(const Origin& origin);
/// nullopt for what is none.
std::optional<Origin> originFrom(std::string_view text);

/// How it felt.
enum class Comfort { unsaid, easy, fair, tight };

struct Take {
  std::int64_t id = 0;
  std::int64_t student = 0;
  std::int64_t other = 0;  ///< who else played in it; 0: nobody
  std::int64_t made_unix_s = 0;
  double seconds = 0.0;
  std::string source;  ///< device, stand-in or file name, for people
  TakeSpec asked;
  bool askedSound = true;  ///< false: some of what was asked for could not be read, and is as if nobody had
  TeachersWord word = TeachersWord::none;
  Attention attention = Attention::unsaid;
  Comfort comfort = Comfort::unsaid;
  std::string tried;  ///< the one thing that was tried in it, in words; empty: nothing said
  std::string remark;
  std::vector<std::string> ticks;            ///< what was seen beside it, ids of ticks()
  bool stopped = false;                      ///< before its end, on purpose: nothing is taken from it
  StopReason stopReason = StopReason::none;  ///< why
  Seen seen = Seen::unsaid;                  ///< whether what was observed was there
  std::optional<double> held_s;              ///< of the judged tone, from the kept analysis
  std::string file;                          ///< its sound's name in the studio's folder of takes
  std::int64_t letGo_unix_s = 0;             ///< since when its sound is given up; 0: it is kept
  std::string recording;                     ///< the name of the recording that it was made from; empty: none
  std::optional<Origin> origin;              ///< of one that was cut from a longer file

  bool soundKept() const { return letGo_unix_s == 0; }
  bool isOf(std::int64_t whom) const { return student == whom || (other != 0 && other == whom); }
};

/// Ids of ticks as one text, and back: what is no tick is left out.
std::string textOfTicks(const std::vector<std::string>& ticks);
std::vector<std::string> ticksFrom(std::string_view text);

/// What lies beside a sound, in the same file or next to it, so that it can be taken in again when the list
/// of takes is lost: whose it is and what was asked for.
struct SoundNote {
  Student student;
  Take take;
};
std::string toText(const SoundNote& note);
/// What cannot be is left out; nullopt where it is no note of ours at all.
std::optional<SoundNote> soundNoteFrom(std::string_view text);

/// Ids that are given once in a lifetime, whatever happens to the list of them: milliseconds since 2020 and
/// eleven random bits, so that later ones are larger; of a clock that cannot be right all bits are random. Up
/// to kMostId. Threads: any.
std::int64_t newId(std::int64_t now_ms);
inline constexpr std::int64_t kMostId = (std::int64_t{1} << 53) - 1;
/// The same for a file's name: when it was made (UTC) and 48 random bits.
std::string newFileStem(std::int64_t made_unix_s);

}  // namespace calando
