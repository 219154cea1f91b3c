#pragma once

#include <QObject>
#include <list>

#include "app/session/common/chance.h"
#include "app/session/common/today.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_training.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/lesson/breathing.h"
#include "app/session/students/retention.h"
#include "app/session/take/keeping.h"
#include "records/packs/pack.h"

namespace calando {

/// The lesson's state, without a widget: what there is, and the one place that joins it. Widgets hold a
/// reference to it, show what it says and call its verbs.
class Session : public QObject {
  Q_OBJECT

 public:
  /// What a session is given from outside; a test brings its own.
  struct Ears {
    std::vector<std::shared_ptr<Input>> inputs;
    std::unique_ptr<Speaker> speaker;
    std::function<std::string(const Snapshot&)> smallPicture;
    Seeds seeds = systemSeeds();
  };
  Session(Studio studio, Ears ears);
  ~Session() override;

  const Studio& studio() const { return studio_; }
  Studio& studio() { return studio_; }
  bool readOnly() const { return studio_.readOnly(); }
  Notices& notices() { return notices_; }
  AnalysisQueue& analyses() { return analyses_; }
  const Clock& clock() const { return studio_.clock(); }
  Day today() const { return calando::today(clock()); }
  WorkQueue& work() { return work_; }
  TakeIntake& intake() { return intake_; }
  StudentBook& book() { return book_; }
  Lesson& lesson() { return lesson_; }
  Planning& planning() { return planning_; }
  HomeworkInbox& post() { return post_; }
  Retention& retention() { return retention_; }
  EarTraining& hearing() { return hearing_; }
  FigureGuessing& guessing() { return guessing_; }
  BlindListening& byEar() { return byEar_; }
  RequestEditor& asking() { return asking_; }
  Breathing& breathing() { return breathing_; }
  ShownTake& open() { return open_; }
  SoundSetup& setup() { return setup_; }
  TakeRun& run() { return run_; }
  Speaker& speaker() { return *speaker_; }
  Keeping& keeping() { return keeping_; }
  Allowed allowed() const { return calando::allowed(run_.phase(), open_.take() != nullptr, readOnly()); }

  /// Loads what there is and says what there is to say of it. Once, when somebody listens.
  void begin();
  /// Starts a take, or ends what is going on; in a take that is timed by the player's key it is that key
  /// first.
  void toggle();
  /// Somebody feels light-headed, or wants to stop: ends what runs, and breathing for today.
  void stopHere();
  void calibrate();
  void openFiles(const std::vector<std::filesystem::path>& files);
  void deleteTake();
  /// Takes back the last thing that is of the student who is here, or of nobody in particular.
  void undo();
  /// The same for one thing, whatever was done since.
  void undo(Undo::Id what);
  /// Says that something was done, with a button that takes back that and nothing else.
  void sayUndoable(const QString& text);
  /// The microphone stands elsewhere from now on.
  void moveMicrophone();
  /// A take from the list.
  void choose(std::int64_t take);
  /// Two to six takes to be held beside one another: those marked, else the one on show and the one before.
  /// Blind: what is what is not to be seen yet.
  void compare(const std::vector<std::int64_t>& marked, bool blind);
  /// Two takes of one exercise, drawn, blind.
  void compareTwo();
  /// Plays the take on show, or stops what plays.
  void playOrStop(double from_s, double to_s, bool loop);
  /// Plays a stretch of a sound file.
  void playPart(const std::filesystem::path& file, Span part);

  // Files of the studio's own, away from the interface's thread; what became of them is said.
  /// The student who is here, for home with the list of homework that is looked at, or as an answer.
  void writePack(PackKind kind, const std::filesystem::path& file);
  /// All of it or nothing; its student is here then. What would replace something is asked for first.
  void takePackIn(const std::filesystem::path& file);
  void takePackIn(const UnpackedPack& pack, Replacing replacing);

  /// The whole studio into one file, and out of it.
  void backUp(const std::filesystem::path& file);
  void restore(const std::filesystem::path& file, const std::filesystem::path& folder);
  /// The last backup, or else the student's first take, is more than a month ago.
  bool owesBackup() const;

  /// What sounds with a take, the one that runs too.
  void louder(double db);

  /// Nothing is being recorded, analysed or waited for.
  bool idle() const;
  /// Nothing is under way that would be lost with the program, or that somebody was promised.
  bool mayEnd() const { return work_.mayEnd(); }
  /// What of it has to be asked about: takes that were played are waited for.
  struct Promises {
    TakeIntake::Progress taking;
    bool files = false;
    bool asks = false;
  };
  Promises promises() const;
  /// Gives up what can be done again: files that were opened, a backup, a pack.
  void giveUp();
  /// Recordings go there while the studio has no room.
  void recordElsewhere(const std::filesystem::path& folder) { elsewhere_ = folder; }
  void finish();

 signals:
  // What only a window can do
  void studentWanted();    ///< there is nobody: one should be added
  void elsewhereWanted();  ///< a folder for recordings should be chosen
  void filesThrough();     ///< what was written or read
  /// Whether what stands here gives way to what came.
  void replacingAsked(const calando::UnpackedPack& pack, const calando::PackReplaces& what);
  /// How far the take on show has been heard; nullopt: it is not heard any more.
  void openHeard(std::optional<double> seconds);
  /// Blind ones come in an order that nobody knows.
  void compared(const std::vector<calando::AnalysisQueue::Answer>& takes, bool blind);

 private:
  template <class Work, class Then>
  void file(Work work, Then then, WorkQueue::AtTheEnd atTheEnd = WorkQueue::AtTheEnd::waitedFor);
  void unpacked(const UnpackedPack& pack);
  void takeBack(const std::optional<Undo::Entry>& entry);
  void studentChanged();
  bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s, bool loop);
  void startTake();
  void holdEarlier();
  void hearTwo();
  bool mayBreathe();
  QString overText() const;
  void delayUnmeasured(TakeRun::NoDelay why);
  void connectOpen();
  void connectRun();

  // Whoever wants something worked out goes before the queue, who plays before the loudspeaker, and who
  // listens before what there is to listen to.
  Studio studio_;
  Seeds seeds_;
  WorkQueue work_;
  Notices notices_;
  Undo undo_;
  std::unique_ptr<Speaker> speaker_;
  AnalysisQueue analyses_;
  StudentBook book_;
  Lesson lesson_;
  Planning planning_;
  TakeIntake intake_;
  HomeworkInbox post_;
  Retention retention_;
  EarTraining hearing_;
  FigureGuessing guessing_;
  BlindListening byEar_;
  Breathing breathing_;
  RequestEditor asking_;
  ShownTake open_;
  SoundSetup setup_;
  Listener listener_;
  TakeRun run_;
  Keeping keeping_;
  /// The take that was on show last, of whatever step.
  struct Lately {
    SnapshotPtr picture;
    std::shared_ptr<const std::vector<float>> samples;
    double rate_hz;
  };
  std::optional<Lately> lately_;
  std::shared_ptr<const HeldSound> earlier_;  // the partner, where that take is
  std::vector<Pending> comparing_;
  bool hearsOpen_ = false;
  std::optional<std::filesystem::path> elsewhere_;
  std::list<Pending> files_;
  bool stopSaid_ = false;  // that one more Esc is for who feels light-headed
};

/// What the sound system says of the start of a stream is that unsure: two standard deviations of a measuring
/// and a take after it, over thirty starts.
inline constexpr double kRunToRun_ms = 11.0;

/// How unsure it is where a heard count lies.
inline double timingUnsure_ms(bool heard, const std::optional<double>& delay_s) {
  return heard && delay_s ? kRunToRun_ms : 1000.0 * kLongestLatency_s;
}

}  // namespace calando
