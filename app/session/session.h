#pragma once

#include <QObject>
#include <filesystem>
#include <memory>
#include <optional>
#include <vector>

#include "app/session/parts.h"
#include "app/session/take/allowed.h"

namespace calando {

struct HeldSound;
struct Stop;
struct Snapshot;

/// What is done with more than one part of the lesson at once: the verbs of the window's keys.
class Session : public QObject {
  Q_OBJECT

 public:
  explicit Session(const Parts& parts);
  ~Session() override;

  /// Loads what there is and says what there is to say of it. Once, when somebody listens.
  void begin();
  /// Starts a take, or ends what is going on; in a take that is timed by the player's key it is that key
  /// first.
  void toggle();
  /// Somebody wants to stop, whatever it is that sounds: ends it and asks why.
  void stopHere();
  void calibrate();
  void openFiles(const std::vector<std::filesystem::path>& files);
  /// A take from the list.
  void choose(std::int64_t take);
  void deleteTake();
  /// Takes back the last thing that is of the student who is here, or of nobody in particular.
  void undo();
  /// Says that something was done, with a button that takes back that and nothing else, whatever is done
  /// since.
  void sayUndoable(const QString& text);
  /// The microphone stands elsewhere from now on.
  void moveMicrophone();
  /// What sounds with a take, the one that runs too.
  void louder(double db);
  /// Recordings go there while the studio has no room.
  void recordElsewhere(const std::filesystem::path& folder) { elsewhere_ = folder; }

  Allowed allowed() const;
  /// Nothing is being recorded, analysed or waited for.
  bool idle() const;
  void finish();

 signals:
  // What only a window can do
  void studentWanted();    ///< there is nobody: one should be added
  void elsewhereWanted();  ///< a folder for recordings should be chosen

 private:
  void studentChanged();
  void startTake();
  void holdEarlier();
  void hearTwo();
  bool mayStart();
  void sayClosed(const Stop& stop);
  void connectShown();
  void connectRun();

  const Parts& parts_;
  /// The take that was on show last, of whatever step.
  struct Lately {
    std::shared_ptr<const Snapshot> snapshot;
    std::shared_ptr<const std::vector<float>> samples;
    double rate_hz;
  };
  std::optional<Lately> lately_;
  std::shared_ptr<const HeldSound> earlier_;  // the partner, where that take is
  std::optional<std::filesystem::path> elsewhere_;
  bool stopSaid_ = false;  // that one more Esc is for who feels light-headed
};

/// What the sound system says of the start of a stream is that unsure: two standard deviations of a measuring
/// and a take after it, over thirty starts.
inline constexpr double kRunToRun_ms = 11.0;

/// How unsure it is where a heard count lies.
double timingUnsure_ms(bool heard, const std::optional<double>& delay_s);

}  // namespace calando
