#include "app/sound/input.h"

#include <QAudioDevice>
#include <QCoreApplication>
#include <QMediaDevices>

namespace calando {

std::unique_ptr<BlockSource> Input::openFor(const CueSheet&, const Context&,
                                            std::function<void(const Begun&)>) {
  return open();
}

std::unique_ptr<BlockSource> Microphone::open() {
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    if (device.id().toStdString() == id_) return deviceSource(device);
  return nullptr;
}

QString StandIn::name() const { return QCoreApplication::translate("Input", "Stand-in player"); }
QString StandIn::playing() const {
  return QStringLiteral("stand-in: ") + QString::fromStdString(player_->name);
}

std::unique_ptr<BlockSource> StandIn::openFor(const CueSheet& sheet, const Context& context,
                                              std::function<void(const Begun&)> begun) {
  const auto work = [player = *player_, sheet, context, seed = ++seed_] {
    Performance performance = perform(player, sheet, context, seed);
    const double first_s = performance.truth.cues.empty() ? 0.0 : performance.truth.cues.front().start_s;
    return Prepared{std::make_shared<std::vector<float>>(std::move(performance.samples)), performance.rate_hz,
                    first_s};
  };
  return preparedSource(work, 48000.0, speed_,
                        [begun = std::move(begun)](const Prepared& p, double begins_s) {
                          begun({p.samples, p.rate_hz, begins_s, begins_s + p.firstCue_s});
                        });
}

std::vector<std::shared_ptr<Input>> microphones() {
  std::vector<std::shared_ptr<Input>> list;
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    list.push_back(std::make_shared<Microphone>(device.id().toStdString(), device.description()));
  return list;
}

}  // namespace calando
