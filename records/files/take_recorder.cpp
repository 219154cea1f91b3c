#include "records/files/take_recorder.h"

#include <fcntl.h>
#include <sndfile.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <cmath>

namespace calando {

namespace {
constexpr double kFlush_s = 0.4;
}

struct TakeRecorder::File {
  SNDFILE* sound = nullptr;
  int descriptor = -1;
  int channels = 1;
  sf_count_t sinceFlush = 0;
  sf_count_t flushEvery = 0;
  std::optional<WriteError> failure;
  /// By what the system said last.
  void fail() { failure = writeErrorOf(errno != 0 ? errno : EIO); }
  ~File() {
    if (sound) sf_close(sound);
    if (descriptor >= 0) close(descriptor);
  }
};

TakeRecorder::TakeRecorder(const std::filesystem::path& path, double rate_hz, int channels)
    : file_(std::make_unique<File>()) {
  errno = 0;
  file_->descriptor = open(path.c_str(), O_CREAT | O_EXCL | O_RDWR | O_CLOEXEC, S_IRUSR | S_IWUSR);
  SF_INFO info{};
  info.samplerate = static_cast<int>(std::lround(rate_hz));
  info.channels = file_->channels = channels;
  info.format = SF_FORMAT_WAV | SF_FORMAT_FLOAT;
  if (file_->descriptor >= 0) file_->sound = sf_open_fd(file_->descriptor, SFM_WRITE, &info, SF_FALSE);
  if (!file_->sound) file_->fail();
  file_->flushEvery = static_cast<sf_count_t>(kFlush_s * rate_hz);
}

TakeRecorder::~TakeRecorder() = default;

std::unique_ptr<TakeSink> TakeRecorder::make(const std::filesystem::path& file, double rate_hz,
                                             int channels) {
  return std::make_unique<TakeRecorder>(file, rate_hz, channels);
}

bool TakeRecorder::write(std::span<const float> samples) {
  if (file_->failure) return false;
  const auto count = static_cast<sf_count_t>(samples.size()) / file_->channels;
  errno = 0;
  if (sf_writef_float(file_->sound, samples.data(), count) != count) file_->fail();
  file_->sinceFlush += count;
  if (!file_->failure && file_->sinceFlush >= file_->flushEvery) {
    sf_command(file_->sound, SFC_UPDATE_HEADER_NOW, nullptr, 0);
    if (fdatasync(file_->descriptor) != 0) file_->fail();
    file_->sinceFlush = 0;
  }
  return !file_->failure;
}

const std::optional<WriteError>& TakeRecorder::failure() const { return file_->failure; }

}  // namespace calando
