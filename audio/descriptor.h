#pragma once

#include <unistd.h>

namespace calando {

/// Closes what it holds.
class Descriptor {
 public:
  explicit Descriptor(int fd) : fd_(fd) {}
  ~Descriptor() {
    if (fd_ >= 0) close(fd_);
  }
  Descriptor(const Descriptor&) = delete;
  Descriptor& operator=(const Descriptor&) = delete;
  int get() const { return fd_; }
  bool good() const { return fd_ >= 0; }

 private:
  int fd_;
};

}  // namespace calando
