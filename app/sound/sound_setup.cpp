#include "app/sound/sound_setup.h"

#include <QMediaDevices>

#include "app/sound/input.h"
#include "records/studio.h"

namespace calando {

SoundSetup::SoundSetup(Studio& studio, WorkQueue& work, std::vector<std::shared_ptr<Input>> own)
    : studio_(studio),
      own_(std::move(own)),
      standIns_{std::make_shared<StandIn>(work), std::make_shared<StandIn>(work, Input::Players::two),
                std::make_shared<StandIn>(work, Input::Players::apart)},
      devices_(std::make_unique<QMediaDevices>()) {
  list();
  // As it was chosen last time; at first a microphone, where there is one.
  const std::string kept = studio_.settings.get(settings::source);
  const bool found = !kept.empty() && choose(kept);
  const auto other = std::ranges::find_if(inputs_, [](const auto& input) { return !input->playsForATake(); });
  if (!found && other != inputs_.end()) chosen_ = static_cast<std::size_t>(other - inputs_.begin());
  connect(devices_.get(), &QMediaDevices::audioInputsChanged, this, &SoundSetup::devicesChanged);
}

SoundSetup::~SoundSetup() = default;

std::string SoundSetup::output() const { return studio_.settings.get(settings::output); }
double SoundSetup::output_db() const { return studio_.settings.get(settings::output_db); }

void SoundSetup::list() {
  inputs_ = {standIns_.front()};
  inputs_.insert(inputs_.end(), own_.begin(), own_.end());
  for (auto& microphone : microphones()) inputs_.push_back(std::move(microphone));
  inputs_.insert(inputs_.end(), standIns_.begin() + 1, standIns_.end());
}

bool SoundSetup::choose(const std::string& id) {
  const auto found = std::ranges::find_if(inputs_, [&](const auto& input) { return input->id() == id; });
  if (found == inputs_.end()) return false;
  chosen_ = static_cast<std::size_t>(found - inputs_.begin());
  if (!studio_.readOnly()) (void)studio_.settings.keep(settings::source, id);
  emit inputChosen();
  return true;
}

void SoundSetup::devicesChanged() {
  const std::shared_ptr<Input> before = inputs_[chosen_];
  list();
  const auto same =
      std::ranges::find_if(inputs_, [&](const auto& input) { return input->id() == before->id(); });
  chosen_ = same == inputs_.end() ? 0 : static_cast<std::size_t>(same - inputs_.begin());
  emit inputsChanged();
  if (same == inputs_.end()) {
    emit inputGone();
    emit inputChosen();
  }
}

StudioResult<void> SoundSetup::setOutput(const std::string& id, double level_db) {
  if (auto kept = studio_.settings.keep(settings::output, id); !kept) return kept;
  if (auto kept = studio_.settings.keep(settings::output_db, level_db); !kept) return kept;
  emit outputChanged();
  return {};
}

std::optional<double> SoundSetup::delay_s() const {
  return studio_.settings.get(delayOf(chosen().id(), output()));
}

StudioResult<void> SoundSetup::keepDelay(double seconds) {
  return studio_.settings.keep(delayOf(chosen().id(), output()), std::optional(seconds));
}

}  // namespace calando
