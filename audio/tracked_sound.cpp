#include "audio/tracked_sound.h"

namespace calando {

tl::expected<TrackedSound, SoundError> trackSound(const std::string& path, ChannelChoice wanted,
                                                  const Context& context, const std::function<bool()>& goOn) {
  std::optional<TakeTracker> tracker;
  const auto info = readSound(
      path, wanted, [&](const SoundInfo& i) { tracker.emplace(i.rate_hz, context); },
      [&](std::span<const float> block) {
        tracker->push(block);
        return !goOn || goOn();
      });
  if (!info) return tl::unexpected(info.error());
  return TrackedSound{*info, tracker->finish()};
}

}  // namespace calando
