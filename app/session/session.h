#pragma once

#include <QObject>
#include <QThreadPool>

#include "app/session/breathing.h"
#include "app/session/by_ear.h"
#include "app/session/hearing.h"
#include "app/session/keeping.h"
#include "app/session/post.h"
#include "app/session/retention.h"
#include "records/pack.h"

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
  };
  Session(Studio studio, Ears ears);
  ~Session() override;

  const Studio& studio() const { return studio_; }
  Studio& studio() { return studio_; }
  bool readOnly() const { return studio_.readOnly(); }
  Notices& notices() { return notices_; }
  Analyst& analyst() { return analyst_; }
  Roster& roster() { return roster_; }
  Lesson& lesson() { return lesson_; }
  Planning& planning() { return planning_; }
  Post& post() { return post_; }
  Retention& retention() { return retention_; }
  Hearing& hearing() { return hearing_; }
  Guessing& guessing() { return guessing_; }
  ByEar& byEar() { return byEar_; }
  Asking& asking() { return asking_; }
  Breathing& breathing() { return breathing_; }
  OpenTake& open() { return open_; }
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
  /// The last thing that can be undone.
  void undo();
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
  /// All of it or nothing; its student is here then.
  void takePackIn(const std::filesystem::path& file);

  /// The whole studio into one file, and out of it.
  void backUp(const std::filesystem::path& file);
  void restore(const std::filesystem::path& file, const std::filesystem::path& folder);
  /// The last backup, or else the student's first take, is more than a month ago.
  bool owesBackup() const;

  /// What sounds with a take, the one that runs too.
  void louder(double db);

  /// Nothing is being recorded, analysed or waited for.
  bool idle() const;
  /// Recordings go there while the studio has no room.
  void recordElsewhere(const std::filesystem::path& folder) { elsewhere_ = folder; }
  void finish();

 signals:
  // What only a window can do
  void studentWanted();    ///< there is nobody: one should be added
  void elsewhereWanted();  ///< a folder for recordings should be chosen
  /// How far the take on show has been heard; nullopt: it is not heard any more.
  void openHeard(std::optional<double> seconds);
  void compared(const std::vector<calando::Analyst::Answer>& takes, bool blind);

 private:
  template <class Work, class Then>
  void file(Work work, Then then);
  void takeIn(const UnpackedPack& pack);
  bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s, bool loop);
  void startTake();
  void holdEarlier();
  void hearTwo();
  bool mayBreathe();
  QString overText() const;
  void delayUnmeasured(TakeRun::NoDelay why);
  void connectOpen();
  void connectRun();

  Studio studio_;
  Notices notices_;
  Undo undo_;
  Analyst analyst_;
  Roster roster_;
  Lesson lesson_;
  Planning planning_;
  Post post_;
  Retention retention_;
  Hearing hearing_;
  Guessing guessing_;
  ByEar byEar_;
  Breathing breathing_;
  Asking asking_;
  OpenTake open_;
  Listener listener_;
  std::unique_ptr<Speaker> speaker_;
  SoundSetup setup_;
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
  std::vector<Analyst::Ticket> comparing_;
  bool hearsOpen_ = false;
  std::optional<std::filesystem::path> elsewhere_;
  QThreadPool filing_;
  int filings_ = 0;  ///< under way
};

/// What the sound system says of the start of a stream is that unsure: two standard deviations of a measuring
/// and a take after it, over thirty starts.
inline constexpr double kRunToRun_ms = 11.0;

/// How unsure it is where a heard count lies.
inline double timingUnsure_ms(bool heard, const std::optional<double>& delay_s) {
  return heard && delay_s ? kRunToRun_ms : 1000.0 * kLongestLatency_s;
}

}  // namespace calando
