#pragma once

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "audio/whole_file.h"

namespace calando {

/// Why a file cannot be used. One line that says what to do.
struct SoundError {
  enum class Kind { unreadable, noSuchChannel };
  Kind kind;
  Problem what;
};

/// What is to be heard of a file: one channel, counted from 1, or the mean of all.
using ChannelChoice = std::optional<int>;

struct SoundInfo {
  double rate_hz;
  int channels;
  /// Taken: a channel, or nullopt for the mean. The loudest channel is taken instead of a mean in which the
  /// channels cancel to more than 10 dB below it.
  ChannelChoice taken;
  double promised_s = 0.0;  ///< how long it says it is, 0 where it does not; a file cut short is shorter
};

/// Reads an ordinary sound file block by block as mono; never holds more than a block. `started` is called
/// once before the first block; `block` returns false to hear no more. A file cut short is read as far as it
/// goes.
tl::expected<SoundInfo, SoundError> readSound(const std::string& path, ChannelChoice wanted,
                                              const std::function<void(const SoundInfo&)>& started,
                                              const std::function<bool(std::span<const float>)>& block);

/// All of it; `goOn`, where given, is asked between blocks and returns false to hear no more.
struct Sound {
  SoundInfo info;
  std::vector<float> samples;
};
tl::expected<Sound, SoundError> readWholeSound(const std::string& path, ChannelChoice wanted = {},
                                               const std::function<bool()>& goOn = {});

/// Less of a file is there than it says; nullopt where it cannot be read as sound, or `goOn` says no more.
std::optional<bool> isCutShort(const std::string& path, const std::function<bool()>& goOn = {});

/// A part of it, as the whole of it is heard; shorter where the file ends.
tl::expected<Sound, SoundError> readPart(const std::string& path, double from_s, double to_s);

enum class SoundFormat { wav24, flac24 };
/// What a sound is written with.
struct SoundOptions {
  Access access = Access::umask;
  Replace replace = Replace::yes;
  std::string comment = {};           ///< kept in the file beside the sound
  std::span<const float> first = {};  ///< a channel before the samples, as long as they are; empty: mono
};
/// Writes samples, at least one, whole or not at all; those beyond full scale are clipped.
tl::expected<void, WriteError> writeSound(const std::string& path, std::span<const float> samples,
                                          double rate_hz, SoundFormat format,
                                          const SoundOptions& options = {});

/// The comment in a sound file; empty where there is none or nothing can be read.
std::string soundComment(const std::string& path);
/// Another comment into a FLAC file, whole or not at all; the sound stays as it is.
tl::expected<void, WriteError> changeComment(const std::string& path, const std::string& comment);
/// How long an ordinary sound file says it is; nullopt where it cannot be read.
std::optional<double> soundLength_s(const std::string& path);

/// A name or a foreign text for messages: control characters escaped, invalid UTF-8 replaced, the middle of
/// what is longer than `most` bytes cut out.
std::string printable(const std::string& text, std::size_t most = 160);

}  // namespace calando
