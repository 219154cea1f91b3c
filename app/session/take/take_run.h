#pragma once

#include <QObject>
#include <QTemporaryDir>
#include <QTimer>
#include <chrono>
#include <filesystem>
#include <optional>
#include <span>
#include <tl/expected.hpp>
#include <variant>

#include "app/session/take/allowed.h"
#include "app/work/pending.h"
#include "core/engine/snapshot_ptr.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/cue_sheet.h"
#include "core/live/latency.h"
#include "core/live/stream_clock.h"
#include "records/values/take.h"

namespace calando {

class Listener;
class LivePartner;
class SoundSetup;
class Speaker;
struct Begun;
struct Context;
struct Instrument;
struct InputState;

/// The take that is being made, from Space to the sound that is left of it; and the measuring of the delay,
/// which uses the same ears. What is not in the table of states is refused.
class TakeRun : public QObject {
  Q_OBJECT

 public:
  TakeRun(WorkQueue& work, Listener& listener, Speaker& speaker, SoundSetup& setup);

  enum class Phase { ready, counting, sounding, calibrating };
  enum class NoDelay { givenUp, noOutput, stumbled, unclear };
  enum class Refusal { running, notRunning, noSound };
  using Result = tl::expected<void, Refusal>;

  /// Everything that a take is started with: nothing is asked for again.
  struct Plan {
    TakeSpec asked;
    std::int64_t student = 0;
    std::int64_t other = 0;  ///< who plays with them; 0: nobody that is known
    std::filesystem::path recording;
    Accompaniment accompaniment;  ///< of a counted take
    double accompaniment_db = 0.0;
    const Instrument* partnersInstrument = nullptr;  ///< nullptr: a plain tone
    bool stopsByItself = true;
    bool timedByKey = false;  ///< the player's key says when something began and ended
  };
  /// What a take is held against that was played to a heard count.
  enum class Count {
    asHeard,
    unmeasured,  ///< the notes' own: the delay is not known
    stumbled     ///< the notes' own: sound was late or missing on its way
  };
  struct RawTake {
    TakeSpec asked;
    std::int64_t student = 0;
    std::int64_t other = 0;
    std::filesystem::path recording;
    std::string source;
    std::shared_ptr<std::vector<float>> samples;
    std::shared_ptr<std::vector<float>> first;  ///< of the first of two who have a channel each; else nullptr
    double rate_hz = 48000.0;
    Count count = Count::asHeard;
    bool stopped = false;  ///< on purpose, before its end
  };

  Phase phase() const { return static_cast<Phase>(state_.index()); }
  bool taking() const { return phase() == Phase::counting || phase() == Phase::sounding; }

  /// What the player's key says next, in a take that is timed by it.
  enum class KeyStep { none, begins, ends };
  KeyStep keyStep() const;
  /// Since it was pressed first, until it is pressed again.
  std::optional<double> keyed_s() const;

  Result start(Plan plan);
  /// Ends what is going on: a take is finished, a measuring of the delay given up.
  Result stop(bool onPurpose = false);
  Result calibrate();
  /// The player's key.
  void pressKey();
  /// What sounds with a take, louder or softer from now on.
  void setLevel(double db);

  /// Listens to the chosen input, where it is one that is listened to all the time.
  void listen();

 signals:
  void phaseChanged();
  void inputChanged(const calando::InputState& state);
  void inputQuiet();  ///< nothing comes any more
  void grew(calando::SnapshotPtr snapshot, double held_s);
  void finished(const calando::TakeRun::RawTake& take);
  void inputLost();                          ///< what was played until then is finished
  void recordingFailed(const QString& why);  ///< a clause
  void countUnheard();                       ///< there is no output: the count is seen only

  void delayMeasured(calando::Latency delay);
  void delayTriedAgain();  ///< the sound stumbled
  void delayUnmeasured(calando::TakeRun::NoDelay why);

 private:
  struct Ready {};
  /// A take, counted in or sounding.
  struct Running {
    Plan plan;
    std::string source;
    CueSheet sheet;
    bool playsItself = false;
    std::optional<double> latency_s;       // the delay, where it is measured
    std::optional<double> countIn_s;       // where the count is heard: its length
    std::shared_ptr<LivePartner> partner;  // who listens
    std::chrono::steady_clock::time_point began;
    std::optional<double> keyBegan_s;
    /// What sounds with it is worked out, and who plays by itself will say when it begins.
    Pending accompanying, beginning;
  };
  struct Counting : Running {};
  struct Sounding : Running {};
  struct Calibrating {
    std::shared_ptr<QTemporaryDir> folder;
    int left = 3;  // tries, where the sound stumbles
  };
  using State = std::variant<Ready, Counting, Sounding, Calibrating>;

  Running* running();
  const Running* running() const;
  void enter(State state);
  void grown(const SnapshotPtr& snapshot, double held_s);
  void lost();
  void begun(const Begun& begun);
  /// What sounds with a take: a sound, or a partner who listens.
  struct WithTake {
    Accompaniment accompaniment;
    std::vector<float> all;
    std::shared_ptr<LivePartner> partner;
  };
  void accompany(const Context& context);
  void sound(const WithTake& what);
  std::optional<double> countStart(const StreamClock& recording, double latency_s);
  std::optional<double> heardStart(const StreamClock& recording, std::span<const float> samples,
                                   double rate_hz);
  void placeCount(double played_s);
  void finish(bool onPurpose = false);
  void playClicks();
  void clicksOver();
  void endCalibrating(NoDelay why);

  Listener& listener_;
  Speaker& speaker_;
  SoundSetup& setup_;
  State state_;
  WorkQueue& work_;
  QTimer clicksEnd_, afterKey_;
};

Allowed allowed(TakeRun::Phase phase, bool taken, bool readOnly);

}  // namespace calando
