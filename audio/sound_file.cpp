#include "audio/sound_file.h"

#include <fcntl.h>
#include <sndfile.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <memory>

#include "core/contract/analysis_json.h"

namespace calando {

namespace {

constexpr int kLowestRate = 8000;
constexpr int kHighestRate = 384000;
constexpr sf_count_t kBlockFrames = 8192;
constexpr double kCancels = 0.1;  // power: 10 dB

using File = std::unique_ptr<SNDFILE, decltype(&sf_close)>;

SoundError unreadable(const std::string& path, const std::string& what) {
  return {SoundError::Kind::unreadable, printable(path) + ": " + what};
}

double finite(float x) { return std::isfinite(x) ? x : 0.0; }

/// Reads all frames, interleaved, block by block.
template <class Use>
void readBlocks(SNDFILE* file, int channels, Use use) {
  std::vector<float> interleaved(static_cast<std::size_t>(kBlockFrames * channels));
  while (true) {
    const sf_count_t frames = sf_readf_float(file, interleaved.data(), kBlockFrames);
    if (frames <= 0) return;
    use(std::span<const float>(interleaved.data(), static_cast<std::size_t>(frames * channels)));
  }
}

/// The loudest channel if the mean of all is more than 10 dB softer than it.
ChannelChoice cancelledMix(SNDFILE* file, int channels) {
  std::vector<double> power(static_cast<std::size_t>(channels), 0.0);
  double mixPower = 0.0;
  readBlocks(file, channels, [&](std::span<const float> block) {
    for (std::size_t i = 0; i < block.size(); i += power.size()) {
      double sum = 0.0;
      for (std::size_t c = 0; c < power.size(); ++c) {
        const double x = finite(block[i + c]);
        power[c] += x * x;
        sum += x;
      }
      mixPower += sum * sum / (static_cast<double>(channels) * channels);
    }
  });
  const auto loudest = std::ranges::max_element(power);
  if (*loudest <= 0.0 || mixPower >= kCancels * *loudest) return std::nullopt;
  return static_cast<int>(loudest - power.begin()) + 1;
}

}  // namespace

std::string printable(const std::string& path) {
  std::string out;
  for (const char c : validUtf8(path)) {
    if (static_cast<unsigned char>(c) >= 0x20 && c != 0x7F) {
      out += c;
      continue;
    }
    char text[8];
    std::snprintf(text, sizeof text, "\\x%02x", static_cast<unsigned>(static_cast<unsigned char>(c)));
    out += text;
  }
  return out;
}

tl::expected<SoundInfo, SoundError> readSound(const std::string& path, ChannelChoice wanted,
                                              const std::function<void(const SoundInfo&)>& started,
                                              const std::function<void(std::span<const float>)>& block) {
  struct stat status {};
  if (stat(path.c_str(), &status) != 0)
    return tl::unexpected(unreadable(path, "there is no such file; check the name"));
  if (S_ISDIR(status.st_mode))
    return tl::unexpected(unreadable(path, "is a folder; name a sound file in it"));
  if (access(path.c_str(), R_OK) != 0)
    return tl::unexpected(unreadable(path, "may not be read; change its permissions"));
  SF_INFO info{};
  const File file(sf_open(path.c_str(), SFM_READ, &info), &sf_close);
  if (!file || info.channels < 1)
    return tl::unexpected(unreadable(path, "is no sound file that can be read; save it as WAV, FLAC or MP3"));
  if (info.samplerate < kLowestRate || info.samplerate > kHighestRate)
    return tl::unexpected(unreadable(path, "has a sample rate of " + std::to_string(info.samplerate) +
                                               " Hz; convert it to between 8000 and 384000 Hz"));
  if (wanted && (*wanted < 1 || *wanted > info.channels))
    return tl::unexpected(SoundError{SoundError::Kind::noSuchChannel,
                                     printable(path) + ": there is no channel " + std::to_string(*wanted) +
                                         "; it has " + std::to_string(info.channels)});
  SoundInfo result{static_cast<double>(info.samplerate), info.channels, wanted};
  if (!wanted && info.channels > 1 && info.seekable) {
    result.taken = cancelledMix(file.get(), info.channels);
    sf_seek(file.get(), 0, SEEK_SET);
  }
  started(result);
  std::vector<float> mono;
  const auto channels = static_cast<std::size_t>(info.channels);
  readBlocks(file.get(), info.channels, [&](std::span<const float> frames) {
    mono.clear();
    for (std::size_t i = 0; i < frames.size(); i += channels) {
      if (result.taken) {
        mono.push_back(frames[i + static_cast<std::size_t>(*result.taken - 1)]);
        continue;
      }
      double sum = 0.0;
      for (std::size_t c = 0; c < channels; ++c) sum += frames[i + c];
      mono.push_back(static_cast<float>(sum / static_cast<double>(channels)));
    }
    block(mono);
  });
  return result;
}

tl::expected<Sound, SoundError> readWholeSound(const std::string& path, ChannelChoice wanted) {
  Sound sound;
  auto info = readSound(
      path, wanted, [](const SoundInfo&) {},
      [&](std::span<const float> block) {
        sound.samples.insert(sound.samples.end(), block.begin(), block.end());
      });
  if (!info) return tl::unexpected(info.error());
  sound.info = *info;
  return sound;
}

tl::expected<void, SoundError> writeSound(const std::string& path, std::span<const float> samples,
                                          double rate_hz, SoundFormat format) {
  const auto failed = [&path](const std::string& why) {
    return tl::unexpected(
        SoundError{SoundError::Kind::cannotWrite,
                   printable(path) + ": cannot be written (" + why + "); choose another place"});
  };
  const int descriptor = open(path.c_str(), O_CREAT | O_TRUNC | O_RDWR, S_IRUSR | S_IWUSR);
  if (descriptor < 0) return failed("no permission, or no such folder");
  SF_INFO info{};
  info.samplerate = static_cast<int>(std::lround(rate_hz));
  info.channels = 1;
  info.format = (format == SoundFormat::wav24 ? SF_FORMAT_WAV : SF_FORMAT_FLAC) | SF_FORMAT_PCM_24;
  File file(sf_open_fd(descriptor, SFM_WRITE, &info, SF_TRUE), &sf_close);
  if (!file) return failed(sf_strerror(nullptr));
  sf_command(file.get(), SFC_SET_CLIPPING, nullptr, SF_TRUE);
  // libsndfile's clipping of float input needs finite samples.
  std::vector<float> block;
  for (std::size_t i = 0; i < samples.size(); i += kBlockFrames) {
    const auto part = samples.subspan(i, std::min<std::size_t>(kBlockFrames, samples.size() - i));
    block.assign(part.begin(), part.end());
    for (float& x : block) x = static_cast<float>(finite(x));
    if (sf_writef_float(file.get(), block.data(), static_cast<sf_count_t>(block.size())) !=
        static_cast<sf_count_t>(block.size()))
      return failed("is the disk full?");
  }
  sf_write_sync(file.get());
  if (sf_close(file.release()) != 0) return failed("is the disk full?");
  return {};
}

}  // namespace calando
