#pragma once

#include <cstdint>
#include <filesystem>
#include <memory>
#include <optional>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "audio/sound_file.h"
#include "core/analysis.h"
#include "core/exercise/exercise.h"

namespace calando {

struct Student {
  std::int64_t id = 0;
  std::string name;
  std::string instrument;  ///< catalogue id
  NoteRange range;         ///< what exercises ask of them
};

/// What a teacher says of a take; the figures stay beside it.
enum class TeachersWord { none, accept, invalidTry, notYet, veto };

/// What was asked for when a take was made, as stored.
struct AskedFor {
  std::string instrument;
  std::string exercise = "steady-tone";
  std::string card;  ///< the card itself where it is none of those that ship; else empty
  std::string level = "growing";
  std::optional<int> note;  ///< written
  NoteRange range;          ///< the player's when the take was made
  double seconds = 8.0;
  std::optional<double> tempo_bpm;  ///< instead of the exercise's own
  std::optional<double> start_s;    ///< where the count stands in the take, when it was counted in
  std::optional<Rival> against;     ///< what the take is held against
  std::optional<double> drone_hz;   ///< what sounded with it
  bool click = false;               ///< so did the count's clicks
  std::optional<double> fork_hz;    ///< and a fork before them
  double a4_hz = 440.0;
  bool just = false;
  int tonic = 0;
};
/// The analysis' context for it.
Context contextFor(const AskedFor& asked);

/// Where the player's attention was, as they say after a take.
enum class Attention { unsaid, sound, count, lips, elsewhere };
/// How it felt.
enum class Comfort { unsaid, easy, fair, tight };

struct Take {
  std::int64_t id = 0;
  std::int64_t student = 0;
  std::int64_t made_unix_s = 0;
  double seconds = 0.0;
  std::string source;  ///< device, stand-in or file name, for people
  AskedFor asked;
  TeachersWord word = TeachersWord::none;
  Attention attention = Attention::unsaid;
  Comfort comfort = Comfort::unsaid;
  std::string tried;  ///< the one thing that was tried in it, in words; empty: nothing said
  std::string remark;
  std::optional<double> held_s;  ///< of the judged tone, from the kept analysis
};

/// A recording that a crash or a full disk left behind.
struct Leftover {
  std::filesystem::path file;
  std::int64_t student;
  AskedFor asked;
};

/// One studio: a folder with studio.db and takes/*.flac. Errors are one line for people.
///
/// Threads: one object per thread. A second program on the same folder gets it read-only. Files are readable
/// by their owner only; nothing is ever overwritten.
class Studio {
 public:
  template <class T>
  using Result = tl::expected<T, std::string>;

  static Result<Studio> open(const std::filesystem::path& folder);
  ~Studio();
  Studio(Studio&&) noexcept;
  Studio& operator=(Studio&&) noexcept;

  const std::filesystem::path& folder() const;
  /// Another program has it: looking is possible, changing is refused.
  bool readOnly() const;

  Result<std::vector<Student>> students() const;
  Result<Student> addStudent(const std::string& name, const std::string& instrument, NoteRange range = {});
  Result<void> changeStudent(const Student& student);
  /// Removes the student with all takes, audio and rows.
  Result<void> eraseStudent(std::int64_t student);

  /// Newest first.
  Result<std::vector<Take>> takes(std::int64_t student) const;
  /// Writes the audio as FLAC, then the row. The id of `take` is ignored; the kept take is returned.
  Result<Take> addTake(Take take, std::span<const float> samples, double rate_hz);
  Result<Sound> takeSound(std::int64_t take) const;
  std::filesystem::path takeFile(std::int64_t take) const;
  /// Word, attention, comfort, what was tried, remark and what was asked for.
  Result<void> changeTake(const Take& take);
  /// Out of the shelf; restoreTake() brings it back until removeDeleted().
  Result<void> deleteTake(std::int64_t take);
  Result<void> restoreTake(std::int64_t take);
  Result<void> removeDeleted();

  /// The small ribbon and the held time, made again when the engine's version changes.
  struct Summary {
    std::string engine;
    std::optional<double> held_s;
    std::string ribbon;  ///< opaque to the studio
    std::string readings;
  };
  Result<std::optional<Summary>> summary(std::int64_t take) const;  ///< nullopt: none of this engine
  Result<void> keepSummary(std::int64_t take, const Summary& summary);

  /// The teacher's own exercise cards, by title.
  Result<std::vector<Exercise>> cards() const;
  Result<void> keepCard(const Exercise& card);  ///< in place of an earlier one of that id
  Result<void> eraseCard(const std::string& id);

  Result<std::optional<std::string>> setting(const std::string& key) const;
  Result<void> keepSetting(const std::string& key, const std::string& value);

  /// Where a recording in progress is to be written, with a note of what it is beside it.
  Result<std::filesystem::path> newRecording(std::int64_t student, const AskedFor& asked);
  /// Recordings that never became takes. Those of this program's own running recorder are not among them.
  std::vector<Leftover> leftovers() const;
  /// Removes a recording and its note once it has become a take, or is not wanted.
  void discardRecording(const std::filesystem::path& file);

 private:
  struct Data;
  explicit Studio(std::unique_ptr<Data> data);
  std::unique_ptr<Data> data_;
};

}  // namespace calando
