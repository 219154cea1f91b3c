#pragma once

#include <QString>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "app/sound/block_source.h"
#include "core/exercise/cue_sheet.h"
#include "core/standin/player.h"

class QAudioDevice;

namespace calando {

/// What somebody plays who plays by themselves, once they begin.
struct Begun {
  std::shared_ptr<const std::vector<float>> samples;
  double rate_hz;
  double begins_s;    ///< in the recording
  double firstCue_s;  ///< in the recording
  double faster;      ///< than real time
};

/// Where sound can be taken from. A microphone, the stand-in and a test's double are all inputs; nobody asks
/// which it is, but what it does.
class Input {
 public:
  virtual ~Input() = default;
  virtual std::string id() const = 0;
  virtual QString name() const = 0;
  /// Who plays when a take is recorded, for the list of takes.
  virtual QString playing() const { return name(); }
  /// It plays for a take and is silent otherwise; else it is listened to all the time.
  virtual bool playsForATake() const = 0;
  /// Two players, each on a channel, or both on one; a partner is not made for them.
  enum class Players { one, two, apart };
  virtual Players players() const { return Players::one; }
  /// What comes by itself.
  virtual std::unique_ptr<BlockSource> open() = 0;
  /// What is played for a sheet. `begun` is called on a thread of its own.
  virtual std::unique_ptr<BlockSource> openFor(const CueSheet&, const Context&,
                                               std::function<void(const Begun&)> begun);
};

class Microphone : public Input {
 public:
  Microphone(std::string id, QString name, Players players = Players::one)
      : id_(std::move(id)), name_(std::move(name)), players_(players) {}
  std::string id() const override { return id_; }
  QString name() const override { return name_; }
  bool playsForATake() const override { return false; }
  Players players() const override { return players_; }
  std::unique_ptr<BlockSource> open() override;

 private:
  std::string id_;
  QString name_;
  Players players_;
};

/// The simulated player, or two of them: then the first holds what a partner would play. Their part is worked
/// out by the queue; until it is, the room is heard.
class StandIn : public Input {
 public:
  static constexpr const char* kId = "stand-in";
  explicit StandIn(WorkQueue& work, Players players = Players::one) : work_(work), players_(players) {}
  std::string id() const override;
  Players players() const override { return players_; }
  QString name() const override;
  QString playing() const override;
  bool playsForATake() const override { return true; }
  std::unique_ptr<BlockSource> open() override { return nullptr; }
  std::unique_ptr<BlockSource> openFor(const CueSheet& sheet, const Context& context,
                                       std::function<void(const Begun&)> begun) override;

  /// The way of playing, one of players().
  void setPlayer(const Player& player) { player_ = &player; }
  const Player& player() const { return *player_; }
  /// How much faster than real time; for tests.
  void setSpeed(double faster) { speed_ = faster; }
  double speed() const { return speed_; }

 private:
  WorkQueue& work_;
  Players players_;
  const Player* player_ = &calando::players().front();
  double speed_ = 1.0;
  std::uint32_t seed_ = 1;
};

/// The microphones that the system has.
std::vector<std::shared_ptr<Input>> microphones();

}  // namespace calando
