#pragma once

#include <cstdint>
#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "audio/sound_file.h"
#include "core/ears/answers.h"
#include "core/judging/take_summary.h"
#include "core/library/cards.h"
#include "core/library/open_marks.h"
#include "core/plan/plan.h"
#include "records/values/clock.h"
#include "records/values/homework.h"
#include "records/values/practice.h"
#include "records/values/settings.h"
#include "records/values/studio_fault.h"
#include "records/values/take.h"

namespace calando {

/// A sound in the studio's folder that the list of takes does not know: a recording that a crash or a full
/// disk left behind, or a take's file whose list was lost or is older. Nothing of it is ever removed unasked.
struct Stray {
  std::filesystem::path file;
  bool recording = false;         ///< it never became a take
  bool noted = false;             ///< what lies beside the sound could be read
  SoundNote note;                 ///< what is known of it
  bool known = false;             ///< its student is one of this studio
  std::optional<double> seconds;  ///< nullopt: the sound cannot be read
};

/// Why a studio cannot be opened.
struct OpenError {
  enum class Kind { place, notAStudio, full, damaged, missing, newer, other };
  Kind kind;
  Problem what;
  /// It can be made anew from the sound files that are there.
  bool canBeRebuilt() const { return kind == Kind::damaged || kind == Kind::missing; }
};

/// One studio: a folder with studio.db, takes/*.flac and recording/*.wav. Problems are said in whole
/// sentences.
///
/// The list of takes is in studio.db; every sound file carries beside its sound what it needs to be taken in
/// again, so that either can be lost. No file name is ever used twice, and no file is ever written over
/// another. docs/reliability.md says what is promised.
///
/// Threads: one object per thread. A second program on the same folder gets it read-only. Files are readable
/// by their owner only.
class Studio {
 public:
  template <class T>
  using Result = tl::expected<T, Problem>;

  /// Makes the studio where there is nothing yet. A folder that is no studio and not empty is refused and
  /// left alone. What was left undone of an erasing is done now.
  /// So is one with links in it, of somebody else, or into which others may write.
  static tl::expected<Studio, OpenError> open(const std::filesystem::path& folder,
                                              std::shared_ptr<const Clock> clock = Clock::system());
  /// A new list from the sound files alone; an old studio.db is set aside under another name.
  static tl::expected<Studio, OpenError> rebuild(const std::filesystem::path& folder,
                                                 std::shared_ptr<const Clock> clock = Clock::system());
  ~Studio();
  Studio(Studio&&) noexcept;
  Studio& operator=(Studio&&) noexcept;

  const std::filesystem::path& folder() const;
  const Clock& clock() const;
  /// A place inside the studio, where nothing of anybody else's is to be written.
  bool holds(const std::filesystem::path& place) const;
  /// All of what `act` changes, or, where it fails or is cut off, nothing of it. May be nested.
  Result<void> atOnce(const std::function<Result<void>()>& act);
  /// The list as it is now, whole, in a new file.
  Result<void> copyList(const std::filesystem::path& to) const;
  /// Another program has it: looking is possible, changing is refused.
  bool readOnly() const;
  /// What there is to say after opening, empty when all is well.
  const std::vector<Problem>& remarks() const;

  /// Their names are one visible line, whoever wrote them.
  Result<std::vector<Student>> students() const;
  Result<Student> addStudent(const std::string& name, const std::string& instrument, NoteRange range = {});
  /// With the id that another studio gave them; one of that id stays as they are.
  Result<void> adoptStudent(const Student& student);
  Result<void> changeStudent(const Student& student);
  /// Removes the student with all takes, those too in which the student was the other one, audio, recordings,
  /// rows and settings. Once begun it is finished, whatever happens: at the next start at the latest. The
  /// error says what is still to go.
  Result<void> eraseStudent(std::int64_t student);
  /// eraseStudent()'s next step, one file or one change of the list; false when nothing is to be erased.
  Result<bool> eraseStep();

  /// The small ribbon and the figures, made again when the engine's version changes; where the sound was let
  /// go they stay those of the engine that measured them.
  struct Summary {
    std::string engine;
    std::optional<double> held_s;
    std::string ribbon;  ///< opaque to the studio
    TakeSummary kept;
  };

  /// Newest first; those too in which the student was the other one.
  Result<std::vector<Take>> takes(std::int64_t student) const;
  /// Gives a take an id and a file name of its own, where it has none.
  void name(Take& take) const;
  /// Both of the following at once.
  Result<Take> addTake(const Take& take, std::span<const float> samples, double rate_hz,
                       std::span<const float> first = {});
  /// Writes the sound of a take that has its name into a studio's folder, with its note. Touches no list: for
  /// any thread. The take that is returned has its seconds. One of that name that is there is this take's,
  /// from before a crash, and stays. `first`: of the first of two who have a channel each.
  static tl::expected<Take, WriteError> writeTake(const std::filesystem::path& folder, const Student& student,
                                                  Take take, std::span<const float> samples, double rate_hz,
                                                  std::span<const float> first = {});
  /// Puts a written take on the list, with its summary, and removes the recording that it was made from.
  /// Where that fails its sound stays, and is offered at the next start; but not if its student has been
  /// erased.
  Result<void> enterTake(const Take& take, const Summary& summary);
  Result<void> enterTake(const Take& take);
  /// Sound files with their notes, in an Incoming of this studio, become takes of a student, all or none of
  /// them. Those on the list stay as they are, in the trash too. How many were new. The files themselves are
  /// moved by moveAdopted().
  Result<int> adoptTakes(const Student& student, const std::vector<std::filesystem::path>& files);
  /// Once adopting is done with and nothing can take it back; what a crash leaves of it is done at the next
  /// start.
  void moveAdopted();
  Result<Sound> takeSound(std::int64_t take) const;
  /// Empty for a take that is not on the list.
  std::filesystem::path takeFile(std::int64_t take) const;
  std::filesystem::path takeFile(const Take& take) const;
  /// Word, attention, comfort, what was tried, remark and what was asked for.
  Result<void> changeTake(const Take& take);
  /// Out of the shelf; restoreTake() brings it back until removeDeleted().
  Result<void> deleteTake(std::int64_t take);
  Result<void> restoreTake(std::int64_t take);
  Result<void> removeDeleted();

  /// Takes of all students whose sound may go, oldest first: made before then, measured by this
  /// engine, and nobody's model.
  Result<std::vector<Take>> soundsBefore(std::int64_t made_unix_s) const;
  /// Their sound goes and their figures stay. For kLetGo_s it can be brought back; then its file goes, at the
  /// next tidySounds().
  Result<void> letSoundsGo(const std::vector<std::int64_t>& takes, std::int64_t now_unix_s);
  static constexpr std::int64_t kLetGo_s = 86400;
  /// Those that can still be brought back.
  Result<std::vector<std::int64_t>> soundsLetGo(std::int64_t now_unix_s) const;
  Result<void> bringSoundsBack(const std::vector<std::int64_t>& takes);
  /// Removes the files whose time has passed. The error names one that stays.
  Result<void> tidySounds(std::int64_t now_unix_s);

  /// A take whose sound file does not have its newest note yet.
  struct Unnoted {
    std::int64_t take;
    std::int64_t change;
    std::filesystem::path file;
    std::string note;
  };
  /// By id, those after a take's; 0: all.
  Result<std::vector<Unnoted>> unnoted(std::size_t most, std::int64_t after = 0) const;
  /// For any thread; the file stays whole.
  static bool writeNote(const Unnoted& unnoted);
  Result<void> noted(const Unnoted& unnoted);

  Result<std::optional<Summary>> summary(std::int64_t take) const;  ///< nullopt: none that holds
  Result<void> keepSummary(std::int64_t take, const Summary& summary);
  /// Of all takes of a student that this engine has measured or can no more, by take.
  Result<std::map<std::int64_t, Summary>> summaries(std::int64_t student) const;
  /// One figure of a student's takes over time, oldest first.
  struct FigureThen {
    std::int64_t take;
    std::int64_t made_unix_s;
    double value;
  };
  Result<std::vector<FigureThen>> figureOverTime(std::int64_t student, const std::string& figure) const;

  /// The teacher's own exercise cards, by title. Those that cannot be read are left where they are.
  Result<std::vector<Exercise>> cards() const;
  Result<void> keepCard(const Exercise& card);  ///< in place of an earlier one of that id
  Result<void> eraseCard(const std::string& id);

  /// The fallback where nothing is set, or what is cannot be read.
  template <class T>
  T get(const Setting<T>& setting) const;
  template <class T>
  Result<void> keep(const Setting<T>& setting, const T& value);

  /// The running order of a student's lesson, ids of cards; empty: none of their own.
  Result<std::vector<std::string>> order(std::int64_t student) const;
  Result<void> keepOrder(std::int64_t student, const std::vector<std::string>& exercises);
  /// Running orders of a student's own, by name; which of them, or which that ships, is the present one.
  struct OwnOrder {
    std::string name;
    std::vector<std::string> exercises;
  };
  Result<std::vector<OwnOrder>> ownOrders(std::int64_t student) const;
  Result<void> keepOwnOrder(std::int64_t student,
                            const OwnOrder& order);  ///< without exercises: takes it away
  /// The take that a student's other takes of a card are held against; one of theirs.
  Result<std::optional<std::int64_t>> model(std::int64_t student, const std::string& exercise) const;
  /// `take` nullopt: none any more.
  Result<void> keepModel(std::int64_t student, const std::string& exercise, std::optional<std::int64_t> take);

  /// The breaths of a student that a teacher called open, oldest first.
  Result<std::vector<OpenMark>> openBreaths(std::int64_t student) const;
  Result<void> keepOpenBreaths(std::int64_t student, const std::vector<OpenMark>& marks);

  /// What a student practises at home; a plan without anything where there is none.
  Result<Plan> plan(std::int64_t student) const;
  Result<void> keepPlan(std::int64_t student, const Plan& plan);
  /// What a student practised without the program, newest first.
  Result<std::vector<Practice>> practices(std::int64_t student) const;
  Result<Practice> keepPractice(Practice practice);  ///< in place of an earlier one of its id
  Result<void> erasePractice(std::int64_t practice);

  /// What a student answered when the ear was asked, oldest first, and guessed of figures; on which day is
  /// for who knows the time zone.
  Result<std::vector<EarAnswer>> earAnswers(std::int64_t student) const;
  Result<void> keepEarAnswer(std::int64_t student, const EarAnswer& answer);
  Result<std::vector<EarGuess>> earGuesses(std::int64_t student) const;
  Result<void> keepEarGuess(std::int64_t student, const EarGuess& guess);
  /// What a teacher has a student asked about; empty: nothing was set.
  Result<std::vector<Change>> askedEars(std::int64_t student) const;
  Result<void> keepAskedEars(std::int64_t student, const std::vector<Change>& changes);

  /// A student's own words for what can be wrong; empty text: none.
  Result<std::map<Change, std::string>> earWords(std::int64_t student) const;
  Result<void> keepEarWords(std::int64_t student, Change change, const std::string& said);

  /// Lists of homework, the newest first.
  Result<std::vector<Homework>> homework() const;
  Result<Homework> keepHomework(Homework homework);  ///< in place of an earlier one of its id
  Result<void> eraseHomework(std::int64_t homework);
  /// What students sent for a list, by student.
  Result<std::vector<SentHomework>> sent(std::int64_t homework) const;
  Result<void> keepSent(std::int64_t homework, const SentHomework& sent);  ///< without files: takes it away

  /// Best tries that are to become takes: written down first, all or none of them.
  Result<void> beginIntakes(const std::vector<Intake>& intakes);
  /// Those that were begun and are not finished, oldest first.
  Result<std::vector<Intake>> intakes() const;
  /// The take is on the list, and its list of homework knows of it. Where the student has a take of the same
  /// sound already, that is the one, and what was written of this is removed. The id that it has then.
  Result<std::int64_t> finishIntake(const Intake& intake, const Take& take, const Summary& summary);
  Result<void> dropIntake(const Intake& intake);

  /// What came into the watched folder and was taken.
  Result<std::vector<WatchedFile>> watchedFiles() const;
  Result<void> keepWatchedFile(const WatchedFile& file);
  Result<void> forgetWatchedFiles();
  /// The studio from which a student's packs for home come; empty: none yet.
  Result<std::string> homeOf(std::int64_t student) const;
  Result<void> keepHomeOf(std::int64_t student, const std::string& studio);

  /// Where a recording in progress is to be written; a note of what it is lies beside it, and is on the disk
  /// before this returns.
  /// `elsewhere`: another folder than the studio's own; what is left there is not found again.
  Result<std::filesystem::path> newRecording(const Student& student, const TakeSpec& asked,
                                             const std::optional<std::filesystem::path>& elsewhere = {});
  /// Removes a recording and its note, once nobody wants it.
  void discardRecording(const std::filesystem::path& file);
  /// Sounds that the list does not know, oldest first. Recordings of this program's own running take are not
  /// among them.
  Result<std::vector<Stray>> strays() const;
  /// Puts a stray take's file on the list as a take of a student.
  Result<Take> takeIn(const Stray& stray, const Student& student);
  /// Removes it for good: on the teacher's word alone.
  Result<void> throwAway(const Stray& stray);

 private:
  struct Data;
  explicit Studio(std::unique_ptr<Data> data);
  static tl::expected<Studio, OpenError> openLocked(const std::filesystem::path& folder, bool anew,
                                                    std::shared_ptr<const Clock> clock);
  Result<void> enter(const Take& take, const Summary* summary);
  void insertSummary(std::int64_t take, const Summary& summary);
  Result<void> takeInAll();
  void tidy();
  void tidyRecordings();
  std::vector<std::filesystem::path> soundsOf(std::int64_t student) const;
  std::unique_ptr<Data> data_;
};

}  // namespace calando
