#pragma once

#include <filesystem>
#include <memory>
#include <optional>
#include <span>
#include <string>

#include "audio/whole_file.h"

namespace calando {

/// Writes a take to disk while it is played: a WAV file of floats whose header is right after every flush, so
/// that whatever happens to the program at most the last half second is lost. Not for the audio callback.
class TakeRecorder {
 public:
  TakeRecorder(const std::filesystem::path& file, double rate_hz, int channels = 1);
  ~TakeRecorder();
  TakeRecorder(TakeRecorder&&) noexcept;
  TakeRecorder& operator=(TakeRecorder&&) noexcept;

  /// Of several channels interleaved. False once the disk is full or gone; what was written before stays
  /// good.
  bool write(std::span<const float> samples);
  const std::optional<WriteError>& failure() const;

 private:
  struct File;
  std::unique_ptr<File> file_;
};

}  // namespace calando
