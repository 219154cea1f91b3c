#pragma once

#include <sys/mount.h>
#include <unistd.h>

#include <filesystem>
#include <string>

/// A folder on a disk of its own that is soon full; there() is false where nobody may mount one.
class SmallDisk {
 public:
  explicit SmallDisk(std::size_t bytes)
      : folder_(std::filesystem::temp_directory_path() / ("calando-disk-" + std::to_string(getpid()))) {
    std::filesystem::create_directories(folder_);
    const std::string size = "size=" + std::to_string(bytes);
    there_ = mount("tmpfs", folder_.c_str(), "tmpfs", 0, size.c_str()) == 0;
  }
  ~SmallDisk() {
    if (there_) umount2(folder_.c_str(), MNT_DETACH);
    std::error_code ignored;
    std::filesystem::remove(folder_, ignored);
  }
  SmallDisk(const SmallDisk&) = delete;
  SmallDisk& operator=(const SmallDisk&) = delete;

  bool there() const { return there_; }
  const std::filesystem::path& folder() const { return folder_; }
  /// Leaves about so many bytes free, by a file that freeRoom() removes.
  void fill(std::size_t leave) const {
    std::error_code error;
    const auto free = std::filesystem::space(folder_, error).available;
    if (free <= leave) return;
    FILE* ballast = std::fopen((folder_ / "ballast").c_str(), "a");
    const std::string block(4096, 'x');
    for (std::size_t n = 0; n + block.size() <= free - leave; n += block.size())
      if (std::fwrite(block.data(), 1, block.size(), ballast) != block.size()) break;
    std::fclose(ballast);
  }
  void freeRoom() const {
    std::error_code ignored;
    std::filesystem::remove(folder_ / "ballast", ignored);
  }

 private:
  std::filesystem::path folder_;
  bool there_;
};
