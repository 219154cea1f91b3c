#pragma once

#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <span>
#include <string>

#include "audio/whole_file.h"

namespace calando {

/// Where a take goes while it is played.
class TakeSink {
 public:
  virtual ~TakeSink() = default;
  /// Of several channels interleaved, for as long as that takes. False once no more can be written; what was
  /// written before stays good.
  virtual bool write(std::span<const float> samples) = 0;
  virtual const std::optional<WriteError>& failure() const = 0;
};
/// One for each take.
using MakeSink =
    std::function<std::unique_ptr<TakeSink>(const std::filesystem::path&, double rate_hz, int channels)>;

/// Writes a take to disk while it is played: a WAV file of floats whose header is right after every flush, so
/// that whatever happens to the program at most the last half second is lost. Not for the audio callback.
class TakeRecorder : public TakeSink {
 public:
  TakeRecorder(const std::filesystem::path& file, double rate_hz, int channels = 1);
  ~TakeRecorder() override;
  static std::unique_ptr<TakeSink> make(const std::filesystem::path& file, double rate_hz, int channels);

  /// False once the disk is full or gone.
  bool write(std::span<const float> samples) override;
  const std::optional<WriteError>& failure() const override;

 private:
  struct File;
  std::unique_ptr<File> file_;
};

}  // namespace calando
