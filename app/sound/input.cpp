#include "app/sound/input.h"

#include <QAudioDevice>
#include <QCoreApplication>
#include <QMediaDevices>

#include "core/exercise/context.h"
#include "core/standin/performance.h"

namespace calando {

std::unique_ptr<BlockSource> Input::openFor(const CueSheet&, const Context&,
                                            std::function<void(const Begun&)>) {
  return open();
}

namespace {
constexpr const char* kApart = " apart";  // behind a device's id
}

std::unique_ptr<BlockSource> Microphone::open() {
  const bool apart = players_ == Players::apart;
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    if (device.id().toStdString() + (apart ? kApart : "") == id_) return deviceSource(device, apart);
  return nullptr;
}

std::string StandIn::id() const {
  return players_ == Players::one ? kId : players_ == Players::two ? "stand-in two" : "stand-in apart";
}

QString StandIn::name() const {
  switch (players_) {
    case Players::one:
      return QCoreApplication::translate("Input", "Stand-in player");
    case Players::two:
      return QCoreApplication::translate("Input", "Two stand-ins, one microphone");
    case Players::apart:
      return QCoreApplication::translate("Input", "Two stand-ins, a microphone each");
  }
  return {};
}
QString StandIn::playing() const {
  return QStringLiteral("stand-in: ") + QString::fromStdString(player_->name);
}

std::unique_ptr<BlockSource> StandIn::openFor(const CueSheet& sheet, const Context& context,
                                              std::function<void(const Begun&)> begun) {
  const auto work = [player = *player_, players = players_, sheet, context, seed = ++seed_] {
    Performance performance = perform(player, sheet, context, seed);
    const double first_s = performance.truth.cues.empty() ? 0.0 : performance.truth.cues.front().start_s;
    std::shared_ptr<std::vector<float>> first;
    if (players != Players::one && context.exercise->pair) {
      first = std::make_shared<std::vector<float>>(
          performFirst(calando::players().front(), sheet, context, seed + 1).samples);
      first->resize(performance.samples.size());
    }
    if (first && players == Players::two)
      for (std::size_t n = 0; n < first->size(); ++n) performance.samples[n] += (*first)[n];
    if (players == Players::two) first.reset();
    return Prepared{std::make_shared<std::vector<float>>(std::move(performance.samples)), performance.rate_hz,
                    first_s, first};
  };
  return preparedSource(work_, work, 48000.0, speed_,
                        [begun = std::move(begun), faster = speed_](const Prepared& p, double begins_s) {
                          begun({p.samples, p.rate_hz, begins_s, begins_s + p.firstCue_s, faster});
                        });
}

std::vector<std::shared_ptr<Input>> microphones() {
  std::vector<std::shared_ptr<Input>> list;
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    list.push_back(std::make_shared<Microphone>(device.id().toStdString(), device.description()));
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    if (device.maximumChannelCount() > 1)
      list.push_back(std::make_shared<Microphone>(
          device.id().toStdString() + kApart,
          QCoreApplication::translate("Input", "%1, left and right apart").arg(device.description()),
          Input::Players::apart));
  return list;
}

}  // namespace calando
