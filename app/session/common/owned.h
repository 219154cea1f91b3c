#pragma once

#include <cstdint>
#include <optional>
#include <utility>

namespace calando {

/// Something that is somebody's, or two students'. Whoever wants it says for whom, and does not get what is
/// another's.
template <class T>
class Owned {
 public:
  Owned(std::int64_t student, T value) : Owned(student, 0, std::move(value)) {}
  Owned(std::int64_t student, std::int64_t other, T value)
      : student_(student), other_(other), value_(std::move(value)) {}

  T* of(std::optional<std::int64_t> student) { return isOf(student) ? &value_ : nullptr; }
  const T* of(std::optional<std::int64_t> student) const { return isOf(student) ? &value_ : nullptr; }

 private:
  bool isOf(std::optional<std::int64_t> student) const {
    return student && *student != 0 && (student_ == *student || other_ == *student);
  }

  std::int64_t student_, other_;
  T value_;
};

}  // namespace calando
