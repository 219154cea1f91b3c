#pragma once

#include <functional>
#include <vector>

namespace calando {

/// What can be taken back, the last thing first; as long as the same student is here.
class Undo {
 public:
  void push(std::function<void()> back) { backs_.push_back(std::move(back)); }
  /// False when there is nothing.
  bool undo() {
    if (backs_.empty()) return false;
    const auto back = std::move(backs_.back());
    backs_.pop_back();
    back();
    return true;
  }
  void clear() { backs_.clear(); }

 private:
  std::vector<std::function<void()>> backs_;
};

}  // namespace calando
