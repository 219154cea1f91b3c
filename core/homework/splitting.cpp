#include "core/homework/splitting.h"

#include <algorithm>

#include "core/homework/weighing.h"

namespace calando {

namespace {

constexpr double kInOrder = 0.3, kAgain = 0.2;

/// The best chain of tries that do not overlap.
class Chain {
 public:
  Chain(std::size_t items, std::span<const std::vector<SentSound>> files) : items_(items) {
    for (const auto& sounds : files) {
      firstOf_.push_back(count_);
      count_ += sounds.size();
    }
  }

  std::vector<Attempt> best(const std::vector<Weighed>& weighed) {
    std::vector<std::vector<const Weighed*>> ending(count_ + 1);
    for (const Weighed& c : weighed) ending[firstOf_[c.what.file] + c.what.last + 1].push_back(&c);
    // value[p][last]: the sounds before p have been dealt with; the last try was at item `last`, 0: none yet.
    const std::size_t lasts = items_ + 1;
    struct State {
      double value = -1e9;
      const Weighed* by = nullptr;
      std::size_t before = 0;  // place, where by is set
      std::size_t last = 0;
    };
    std::vector<std::vector<State>> states(count_ + 1, std::vector<State>(lasts));
    states[0][0].value = 0.0;
    for (std::size_t p = 1; p <= count_; ++p) {
      for (std::size_t l = 0; l < lasts; ++l) states[p][l] = {states[p - 1][l].value, nullptr, p - 1, l};
      for (const Weighed* c : ending[p]) {
        const std::size_t from = firstOf_[c->what.file] + c->what.first;
        for (std::size_t l = 0; l < lasts; ++l) {
          const double value = states[from][l].value + c->worth + orderBonus(l, c->what.item);
          State& state = states[p][c->what.item + 1];
          if (value > state.value) state = {value, c, from, l};
        }
      }
    }
    std::vector<Attempt> tries;
    std::size_t p = count_;
    std::size_t l =
        static_cast<std::size_t>(std::ranges::max_element(states[p], {}, &State::value) - states[p].begin());
    while (p > 0) {
      const State& state = states[p][l];
      if (state.by) tries.push_back(state.by->what);
      p = state.before;
      l = state.last;
    }
    std::ranges::reverse(tries);
    return tries;
  }

 private:
  static double orderBonus(std::size_t last, std::size_t item) {
    if (item == last) return kInOrder;  // the next of the list; `last` counts from 1
    return item + 1 == last ? kAgain : 0.0;
  }

  std::size_t items_;
  std::vector<std::size_t> firstOf_;
  std::size_t count_ = 0;
};

}  // namespace

std::vector<Attempt> findTries(std::span<const AskedItem> items,
                               std::span<const std::vector<SentSound>> files) {
  std::vector<Weighed> weighed;
  for (std::size_t f = 0; f < files.size(); ++f)
    for (std::size_t i = 0; i < items.size(); ++i) {
      const auto found = weighTries(items[i], i, files[f], f);
      weighed.insert(weighed.end(), found.begin(), found.end());
    }
  return Chain(items.size(), files).best(weighed);
}

}  // namespace calando
