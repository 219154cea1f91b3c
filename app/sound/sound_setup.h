#pragma once

#include <QObject>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "records/values/settings.h"
#include "records/values/studio_fault.h"

class QMediaDevices;

namespace calando {

class Input;
class StandIn;
class Studio;
class WorkQueue;

/// Which input is listened to, where the program is heard and how loud, and how long a sound takes from one
/// to the other. Kept with the studio.
class SoundSetup : public QObject {
  Q_OBJECT

 public:
  /// Inputs that a test brings along come before those of the system.
  SoundSetup(Studio& studio, WorkQueue& work, std::vector<std::shared_ptr<Input>> own = {});
  ~SoundSetup() override;

  const std::vector<std::shared_ptr<Input>>& inputs() const { return inputs_; }
  Input& chosen() const { return *inputs_[chosen_]; }
  /// Alone, two on one microphone, two with a microphone each.
  const std::vector<std::shared_ptr<StandIn>>& standIns() const { return standIns_; }
  /// False for one that there is not.
  bool choose(const std::string& id);

  std::string output() const;
  double output_db() const;
  StudioResult<void> setOutput(const std::string& id, double level_db);

  /// Measured delay from a click to its recording, of the chosen input and output.
  std::optional<double> delay_s() const;
  StudioResult<void> keepDelay(double seconds);

 signals:
  void inputsChanged();
  void inputChosen();
  void inputGone();  ///< the chosen one was unplugged; another is chosen now
  void outputChanged();

 private:
  void list();
  void devicesChanged();

  Studio& studio_;
  std::vector<std::shared_ptr<Input>> own_;
  std::vector<std::shared_ptr<StandIn>> standIns_;
  std::vector<std::shared_ptr<Input>> inputs_;
  std::size_t chosen_ = 0;
  std::unique_ptr<QMediaDevices> devices_;
};

}  // namespace calando
