#pragma once

#include <optional>
#include <string>
#include <vector>

#include "audio/tracked_sound.h"

/// What the command line's options and files are read into. All throw Failure.
namespace calando {

/// Nullptr for an empty id.
const Instrument* instrumentOf(const std::string& id);
const Level* levelOf(const std::string& id);
/// A card that ships, or one in a file of its own.
ExercisePtr exerciseOf(const std::string& id);
/// A number from 1, or mix.
ChannelChoice channelOf(const std::string& text);

TrackedSound trackFile(const std::string& file, const std::string& channel, const Context& context);

}  // namespace calando
