#pragma once

#include <QObject>
#include <filesystem>
#include <thread>

#include "app/sound/block_source.h"
#include "app/work/doorway.h"
#include "core/accompany/live_partner.h"
#include "core/engine/snapshot.h"
#include "core/live/input_meter.h"
#include "core/live/stream_clock.h"
#include "records/files/take_recorder.h"

namespace calando {

/// Listens to a source on a worker thread: meters it, and from begin() to end() records to disk and measures.
/// Signals arrive on the thread that made the object, and only of the source that is listened to by then. The
/// worker is joined on destruction. begin() and end() wait for the block that is in hand, never for the disk;
/// all else waits for nothing.
class Listener : public work::Doorway {
  Q_OBJECT

 public:
  /// What is recorded goes to what `makeSink` makes.
  explicit Listener(MakeSink makeSink = TakeRecorder::make);
  ~Listener() override;

  /// What a take is begun with.
  struct Plan {
    std::filesystem::path recording;
    Context context;
    CueSheet sheet;
    double sheetStart_s = 0.0;  ///< where its first cue lies after begin()
    double asked_s = 0.0;
    /// The sheet lies there by now; else it does from placeSheet() on, and nothing stops by itself before.
    bool placed = true;
    /// autoStop() is emitted one second after a tone has ended, of a counted sheet one second after its last
    /// cue.
    bool stopsByItself = true;
  };

  void listen(std::unique_ptr<BlockSource> source);
  /// The same, and what is begun has the source's every sample. `plan` may be nullptr.
  void listen(std::unique_ptr<BlockSource> source, const Plan* plan);
  void quiet();
  bool listening() const { return source_ != nullptr; }
  double rate() const { return rate_; }

  void begin(const Plan& plan);
  /// Moves the counted sheet to where it is known to lie by now.
  void placeSheet(double start_s);
  /// It is told what is heard, and the pictures say how it went.
  void follow(std::shared_ptr<LivePartner> partner);
  StreamClock clock() const;
  /// How much has been heard since begin().
  double heard_s() const;
  struct Recording {
    std::vector<float> samples;
    std::vector<float> first;  ///< of the first of two who have a channel each
    StreamClock clock{StreamClock::Notes::late};
  };
  /// Ends it and hands over what was heard.
  Recording end();
  bool running() const { return running_; }

 signals:
  void inputChanged(calando::InputState state);
  void grew(calando::SnapshotPtr snapshot, double held_s);
  void autoStop();
  void recordingFailed(const QString& why);  ///< a clause
  void sourceEnded();                        ///< the device is gone

 private:
  class Worker;
  MakeSink makeSink_;
  std::unique_ptr<BlockSource> source_;
  std::unique_ptr<Worker> worker_;
  double rate_ = 48000.0;
  bool running_ = false;
};

}  // namespace calando
