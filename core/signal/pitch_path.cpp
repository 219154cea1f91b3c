#include "core/signal/pitch_path.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace calando {

namespace {

constexpr double kUnvoicedCost = 0.45;  // a tone speaks when more than about half its power is periodic
constexpr double kSwitchCost = 0.15;    // voiced <-> unvoiced
constexpr double kJumpPerOctave = 0.25;
constexpr double kMostJump = 0.15;  // slurs and slips are real: no leap costs more

double transition(const PitchCandidate& from, const PitchCandidate& to) {
  return std::min(kMostJump, kJumpPerOctave * std::abs(std::log2(to.f0_hz / from.f0_hz)));
}

}  // namespace

std::optional<PitchPath::Decision> PitchPath::push(std::vector<PitchCandidate> candidates) {
  Column next;
  next.candidates = std::move(candidates);
  const std::size_t states = next.candidates.size() + 1;
  next.cost.resize(states);
  next.previous.resize(states);
  for (std::size_t s = 0; s < states; ++s) {
    const bool voiced = s + 1 < states;
    const double local = voiced ? candidateCost(next.candidates[s]) : kUnvoicedCost;
    double best = columns_.empty() ? 0.0 : std::numeric_limits<double>::max();
    if (!columns_.empty()) {
      const Column& before = columns_.back();
      for (std::size_t p = 0; p < before.cost.size(); ++p) {
        const bool wasVoiced = p + 1 < before.cost.size();
        double cost = before.cost[p];
        if (voiced != wasVoiced)
          cost += kSwitchCost;
        else if (voiced)
          cost += transition(before.candidates[p], next.candidates[s]);
        if (cost < best) {
          best = cost;
          next.previous[s] = p;
        }
      }
    }
    next.cost[s] = best + local;
  }
  const double least = *std::ranges::min_element(next.cost);
  for (double& cost : next.cost) cost -= least;  // keeps the sums small over hours
  columns_.push_back(std::move(next));

  if (columns_.size() <= lag_) return std::nullopt;
  std::size_t state = bestState();
  for (std::size_t c = columns_.size() - 1; c > 0; --c) state = columns_[c].previous[state];
  Decision decided = decision(columns_.front(), state);
  columns_.pop_front();
  return decided;
}

std::vector<PitchPath::Decision> PitchPath::finish() {
  std::vector<Decision> decided(columns_.size());
  if (columns_.empty()) return decided;
  std::size_t state = bestState();
  for (std::size_t c = columns_.size(); c-- > 0;) {
    decided[c] = decision(columns_[c], state);
    state = columns_[c].previous[state];
  }
  columns_.clear();
  return decided;
}

std::size_t PitchPath::bestState() const {
  const auto& cost = columns_.back().cost;
  return static_cast<std::size_t>(std::ranges::min_element(cost) - cost.begin());
}

PitchPath::Decision PitchPath::decision(const Column& column, std::size_t state) {
  if (state >= column.candidates.size()) return std::nullopt;
  return column.candidates[state];
}

}  // namespace calando
