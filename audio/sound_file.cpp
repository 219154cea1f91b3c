#include "audio/sound_file.h"

#include <FLAC/metadata.h>
#include <fcntl.h>
#include <sndfile.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cmath>
#include <cstdio>
#include <memory>

#include "core/base/fault.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"

namespace calando {

namespace {

constexpr int kLowestRate = 8000;
constexpr int kHighestRate = 384000;
constexpr sf_count_t kBlockFrames = 8192;
constexpr double kCancels = 0.1;  // power: 10 dB

using File = std::unique_ptr<SNDFILE, decltype(&sf_close)>;

SoundError unreadable(const std::string& path, const Problem& what) {
  return {SoundError::Kind::unreadable, Problem(Fault::at, printable(path), what)};
}

double finite(float x) { return std::isfinite(x) ? x : 0.0; }

/// Opens an ordinary file as sound. The problem is a clause.
tl::expected<File, Problem> openSound(const std::string& path, SF_INFO& info) {
  auto descriptor = openOrdinary(path);
  if (!descriptor) return tl::unexpected(descriptor.error());
  File file(sf_open_fd(*descriptor, SFM_READ, &info, SF_TRUE), &sf_close);
  if (!file || info.channels < 1) return tl::unexpected(Problem(FileFault::noSound));
  return file;
}

/// Reads all frames, interleaved, block by block, until `use` returns false.
template <class Use>
void readBlocks(SNDFILE* file, int channels, Use use) {
  std::vector<float> interleaved(static_cast<std::size_t>(kBlockFrames * channels));
  while (true) {
    const sf_count_t frames = sf_readf_float(file, interleaved.data(), kBlockFrames);
    if (frames <= 0) return;
    if (!use(std::span<const float>(interleaved.data(), static_cast<std::size_t>(frames * channels)))) return;
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
    return true;
  });
  const auto loudest = std::ranges::max_element(power);
  if (*loudest <= 0.0 || mixPower >= kCancels * *loudest) return std::nullopt;
  return static_cast<int>(loudest - power.begin()) + 1;
}

}  // namespace

std::string printable(const std::string& text, std::size_t most) {
  std::string out;
  for (const char c : validUtf8(text)) {
    if (static_cast<unsigned char>(c) >= 0x20 && c != 0x7F) {
      out += c;
      continue;
    }
    char escaped[8];
    std::snprintf(escaped, sizeof escaped, "\\x%02x", static_cast<unsigned>(static_cast<unsigned char>(c)));
    out += escaped;
  }
  if (out.size() <= most) return out;
  // Both ends tell most of a path; no character is cut in two.
  const auto inside = [&](std::size_t i) { return (static_cast<unsigned char>(out[i]) & 0xC0) == 0x80; };
  std::size_t head = most / 3, tail = out.size() - (most - most / 3 - 3);
  while (head > 0 && inside(head)) --head;
  while (tail < out.size() && inside(tail)) ++tail;
  return out.substr(0, head) + "…" + out.substr(tail);
}

tl::expected<SoundInfo, SoundError> readSound(const std::string& path, ChannelChoice wanted,
                                              const std::function<void(const SoundInfo&)>& started,
                                              const std::function<bool(std::span<const float>)>& block) {
  SF_INFO info{};
  const auto opened = openSound(path, info);
  if (!opened) return tl::unexpected(unreadable(path, opened.error()));
  const File& file = *opened;
  if (info.samplerate < kLowestRate || info.samplerate > kHighestRate)
    return tl::unexpected(
        unreadable(path, Problem(FileFault::sampleRate, info.samplerate, kLowestRate, kHighestRate)));
  if (wanted && (*wanted < 1 || *wanted > info.channels))
    return tl::unexpected(SoundError{
        SoundError::Kind::noSuchChannel,
        Problem(Fault::at, printable(path), Problem(FileFault::noSuchChannel, *wanted, info.channels))});
  SoundInfo result{static_cast<double>(info.samplerate), info.channels, wanted};
  if (info.frames > 0 && info.frames < SF_COUNT_MAX)
    result.promised_s = static_cast<double>(info.frames) / result.rate_hz;
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
    return block(mono);
  });
  return result;
}

tl::expected<Sound, SoundError> readWholeSound(const std::string& path, ChannelChoice wanted,
                                               const std::function<bool()>& goOn) {
  Sound sound;
  auto info = readSound(
      path, wanted,
      [&](const SoundInfo& i) {
        // No more than an hour on a file's word.
        const double seconds = std::min(i.promised_s, 3600.0);
        sound.samples.reserve(static_cast<std::size_t>(seconds * i.rate_hz) + 1);
      },
      [&](std::span<const float> block) {
        sound.samples.insert(sound.samples.end(), block.begin(), block.end());
        return !goOn || goOn();
      });
  if (!info) return tl::unexpected(info.error());
  sound.info = *info;
  return sound;
}

std::optional<bool> isCutShort(const std::string& path, const std::function<bool()>& goOn) {
  SoundInfo info{};
  std::size_t frames = 0;
  bool given = false;
  const auto read = readSound(
      path, {}, [&](const SoundInfo& what) { info = what; },
      [&](std::span<const float> block) {
        frames += block.size();
        given = goOn && !goOn();
        return !given;
      });
  if (!read || given) return std::nullopt;
  constexpr double kRounding_s = 0.01;
  return info.promised_s > static_cast<double>(frames) / info.rate_hz + kRounding_s;
}

tl::expected<Sound, SoundError> readPart(const std::string& path, double from_s, double to_s) {
  Sound part;
  std::size_t first = 0, last = 0, at = 0;
  const auto info = readSound(
      path, {},
      [&](const SoundInfo& i) {
        first = static_cast<std::size_t>(std::max(0.0, from_s) * i.rate_hz);
        last = static_cast<std::size_t>(std::max(0.0, to_s) * i.rate_hz);
      },
      [&](std::span<const float> block) {
        const std::size_t from = std::clamp(first, at, at + block.size()) - at;
        const std::size_t to = std::max(from, std::clamp(last, at, at + block.size()) - at);
        part.samples.insert(part.samples.end(), block.begin() + static_cast<long>(from),
                            block.begin() + static_cast<long>(to));
        at += block.size();
        return at < last;
      });
  if (!info) return tl::unexpected(info.error());
  part.info = *info;
  return part;
}

namespace {

tl::unexpected<WriteError> soundFailed() { return tl::unexpected(writeErrorOf(errno != 0 ? errno : EIO)); }

/// That all of it has arrived: an encoder that is closed does not say so.
bool endsAt(const std::string& path, sf_count_t frames) {
  SF_INFO info{};
  const auto file = openSound(path, info);
  if (!file || info.frames != frames) return false;
  std::vector<float> last(static_cast<std::size_t>(info.channels));
  return sf_seek(file->get(), frames - 1, SEEK_SET) == frames - 1 &&
         sf_readf_float(file->get(), last.data(), 1) == 1;
}

tl::expected<void, WriteError> encode(const std::string& path, std::span<const float> samples, double rate_hz,
                                      SoundFormat format, const SoundOptions& options) {
  if (samples.empty()) return tl::unexpected(WriteError{false, Problem(FileFault::nothingToWrite)});
  SF_INFO info{};
  info.samplerate = static_cast<int>(std::lround(rate_hz));
  const bool two = options.first.size() == samples.size();
  info.channels = two ? 2 : 1;
  info.format = (format == SoundFormat::wav24 ? SF_FORMAT_WAV : SF_FORMAT_FLAC) | SF_FORMAT_PCM_24;
  errno = 0;
  File file(sf_open(path.c_str(), SFM_WRITE, &info), &sf_close);
  if (!file) return soundFailed();
  sf_command(file.get(), SFC_SET_CLIPPING, nullptr, SF_TRUE);
  if (!options.comment.empty()) sf_set_string(file.get(), SF_STR_COMMENT, options.comment.c_str());
  // libsndfile's clipping of float input needs finite samples.
  std::vector<float> block;
  for (std::size_t i = 0; i < samples.size(); i += kBlockFrames) {
    const std::size_t frames = std::min<std::size_t>(kBlockFrames, samples.size() - i);
    block.clear();
    for (std::size_t n = i; n < i + frames; ++n) {
      if (two) block.push_back(static_cast<float>(finite(options.first[n])));
      block.push_back(static_cast<float>(finite(samples[n])));
    }
    if (sf_writef_float(file.get(), block.data(), static_cast<sf_count_t>(frames)) !=
        static_cast<sf_count_t>(frames))
      return soundFailed();
  }
  if (sf_close(file.release()) != 0) return soundFailed();
  if (!endsAt(path, static_cast<sf_count_t>(samples.size()))) {
    if (errno == 0) errno = ENOSPC;  // what else cuts a file short
    return soundFailed();
  }
  return {};
}

}  // namespace

tl::expected<void, WriteError> writeSound(const std::string& path, std::span<const float> samples,
                                          double rate_hz, SoundFormat format, const SoundOptions& options) {
  return writeWhole(path, options.access, options.replace, [&](const std::filesystem::path& beside) {
    return encode(beside.string(), samples, rate_hz, format, options);
  });
}

std::string soundComment(const std::string& path) {
  SF_INFO info{};
  const auto file = openSound(path, info);
  if (!file) return {};
  const char* text = sf_get_string(file->get(), SF_STR_COMMENT);
  return text ? text : "";
}

std::optional<double> soundLength_s(const std::string& path) {
  SF_INFO info{};
  const auto file = openSound(path, info);
  if (!file || info.samplerate <= 0) return std::nullopt;
  return static_cast<double>(info.frames) / info.samplerate;
}

namespace {

/// The comment in the metadata of a FLAC file that nobody else reads.
bool editComment(const std::string& path, const std::string& comment) {
  using Chain = std::unique_ptr<FLAC__Metadata_Chain, decltype(&FLAC__metadata_chain_delete)>;
  using Iterator = std::unique_ptr<FLAC__Metadata_Iterator, decltype(&FLAC__metadata_iterator_delete)>;
  const Chain chain(FLAC__metadata_chain_new(), &FLAC__metadata_chain_delete);
  if (!FLAC__metadata_chain_read(chain.get(), path.c_str())) return false;
  const Iterator at(FLAC__metadata_iterator_new(), &FLAC__metadata_iterator_delete);
  FLAC__metadata_iterator_init(at.get(), chain.get());
  FLAC__StreamMetadata* block = nullptr;
  do {
    auto* here = FLAC__metadata_iterator_get_block(at.get());
    if (here->type == FLAC__METADATA_TYPE_VORBIS_COMMENT) block = here;
  } while (!block && FLAC__metadata_iterator_next(at.get()));
  if (!block) {
    block = FLAC__metadata_object_new(FLAC__METADATA_TYPE_VORBIS_COMMENT);
    if (!FLAC__metadata_iterator_insert_block_after(at.get(), block)) {
      FLAC__metadata_object_delete(block);
      return false;
    }
  }
  FLAC__metadata_object_vorbiscomment_remove_entries_matching(block, "COMMENT");
  FLAC__StreamMetadata_VorbisComment_Entry entry;
  if (!FLAC__metadata_object_vorbiscomment_entry_from_name_value_pair(&entry, "COMMENT", comment.c_str()) ||
      !FLAC__metadata_object_vorbiscomment_append_comment(block, entry, /*copy=*/false))
    return false;
  return FLAC__metadata_chain_write(chain.get(), /*use_padding=*/true, /*preserve_file_stats=*/false);
}

}  // namespace

tl::expected<void, WriteError> changeComment(const std::string& path, const std::string& comment) {
  struct stat status {};
  if (lstat(path.c_str(), &status) != 0) return tl::unexpected(writeErrorOf(errno));
  const Access access = (status.st_mode & 077) == 0 ? Access::owner : Access::umask;
  return writeWhole(path, access, Replace::yes,
                    [&](const std::filesystem::path& beside) -> tl::expected<void, WriteError> {
                      if (auto copied = copyWhole(path, beside, access); !copied) return copied;
                      errno = 0;
                      if (!editComment(beside.string(), comment)) return soundFailed();
                      return {};
                    });
}

}  // namespace calando
