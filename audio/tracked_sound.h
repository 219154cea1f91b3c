#pragma once

#include "audio/sound_file.h"
#include "core/exercise/context.h"
#include "core/signal/tracks.h"

namespace calando {

/// A sound file as far as it was heard.
struct TrackedSound {
  SoundInfo info;
  Tracks tracks;
};
/// Block by block: never holds more of the sound than a block. `goOn`, where given, is asked between blocks
/// and returns false to hear no more.
tl::expected<TrackedSound, SoundError> trackSound(const std::string& path, ChannelChoice wanted,
                                                  const Context& context,
                                                  const std::function<bool()>& goOn = {});

}  // namespace calando
