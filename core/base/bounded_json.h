#pragma once

#include <cstddef>
#include <cstdint>
#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"

/// Reading JSON that somebody else may have written: bounded in size and depth, and without exceptions.
namespace calando {

inline constexpr std::size_t kLargestJson = 1'000'000;  // bytes
inline constexpr int kDeepestJson = 32;

/// The problem is a clause: "is no JSON (near byte 12)".
tl::expected<nlohmann::json, Problem> parseBounded(std::string_view text);
/// A value for a message: short, whatever is in it.
std::string shortened(const nlohmann::json& value);
/// Text cut to `most` bytes, with an ellipsis; no character is cut in two.
std::string shortened(std::string_view text, std::size_t most);

/// The fields of an object that may be missing, of another type or out of range: nullopt then, and what is
/// there but cannot be is remembered.
class Fields {
 public:
  /// Anything but an object has no fields, and is not sound.
  explicit Fields(const nlohmann::json& object) : object_(object), sound_(object.is_object()) {}

  std::optional<double> number(const char* key, double low, double high);
  std::optional<std::int64_t> whole(const char* key, std::int64_t low, std::int64_t high);
  std::optional<std::string> text(const char* key, std::size_t most);
  std::optional<bool> flag(const char* key);
  /// A list of so many numbers.
  std::optional<std::vector<double>> numbers(const char* key, std::size_t count, double low, double high) {
    return numbers(key, count, count, low, high);
  }
  /// From the fewest to the most.
  std::optional<std::vector<double>> numbers(const char* key, std::size_t fewest, std::size_t most,
                                             double low, double high);
  /// An empty object where there is none.
  nlohmann::json object(const char* key);
  /// Every field that was asked for was missing, null, or as it should be.
  bool sound() const { return sound_; }

 private:
  const nlohmann::json* find(const char* key) const;
  template <class T>
  std::optional<T> known(bool good, const nlohmann::json& value);

  const nlohmann::json& object_;
  bool sound_;
};

}  // namespace calando
