#include "audio/tracked_sound.h"

#include "core/engine/take_stages.h"
#include "core/exercise/context.h"

namespace calando {

tl::expected<TrackedSound, SoundError> trackSound(const std::string& path, ChannelChoice wanted,
                                                  const Context& context, const std::function<bool()>& goOn) {
  std::optional<TakeStages> stages;
  const auto info = readSound(
      path, wanted, [&](const SoundInfo& i) { stages.emplace(i.rate_hz, context); },
      [&](std::span<const float> block) {
        stages->push(block);
        return !goOn || goOn();
      });
  if (!info) return tl::unexpected(info.error());
  return TrackedSound{*info, stages->finish()};
}

}  // namespace calando
