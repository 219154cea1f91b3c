#pragma once

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <tl/expected.hpp>
#include <vector>

namespace calando {

/// Why a file cannot be used. `what` is one line that says what to do.
struct SoundError {
  enum class Kind { unreadable, noSuchChannel, cannotWrite };
  Kind kind;
  std::string what;
};

/// What is to be heard of a file: one channel, counted from 1, or the mean of all.
using ChannelChoice = std::optional<int>;

struct SoundInfo {
  double rate_hz;
  int channels;
  /// Taken: a channel, or nullopt for the mean. The loudest channel is taken instead of a mean in which the
  /// channels cancel to more than 10 dB below it.
  ChannelChoice taken;
};

/// Reads a sound file block by block as mono; never holds more than a block. `started` is called once before
/// the first block. A file cut short is read as far as it goes.
tl::expected<SoundInfo, SoundError> readSound(const std::string& path, ChannelChoice wanted,
                                              const std::function<void(const SoundInfo&)>& started,
                                              const std::function<void(std::span<const float>)>& block);

/// All of it, for takes of ordinary length.
struct Sound {
  SoundInfo info;
  std::vector<float> samples;
};
tl::expected<Sound, SoundError> readWholeSound(const std::string& path, ChannelChoice wanted = {});

enum class SoundFormat { wav24, flac24 };
/// Writes mono samples; those beyond full scale are clipped. Readable by the owner only.
tl::expected<void, SoundError> writeSound(const std::string& path, std::span<const float> samples,
                                          double rate_hz, SoundFormat format);

/// A name for messages: control characters escaped, invalid UTF-8 replaced.
std::string printable(const std::string& path);

}  // namespace calando
