#include "core/pitch/pitch_path.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace calando {

namespace {

constexpr double kUnvoicedCost = 0.45;  // a tone speaks when more than about half its power is periodic
constexpr double kSwitchCost = 0.15;    // voiced <-> unvoiced
constexpr double kJumpPerOctave = 0.25;
constexpr double kMostJump = 0.15;  // slurs and slips are real: no leap costs more

constexpr std::size_t kLongestStart = 25;  // frames; a note's core begins no later
constexpr double kOctaveTolerance = 0.07;  // octaves: 84 cents
constexpr std::size_t kEstablished = 5;    // frames of a note
constexpr std::size_t kLongestAway = 50;   // frames: half a second, as of a slip
constexpr double kMostMultiple = 6.0;
constexpr double kMultipleShare = 0.7;
constexpr double kOctaveShare = 0.6;  // the octave below has at most a fifth of the power to itself

const PitchCandidate* near(const std::vector<PitchCandidate>& candidates, double f0_hz) {
  const auto found = std::ranges::find_if(candidates, [&](const PitchCandidate& c) {
    return std::abs(std::log2(c.f0_hz / f0_hz)) < kOctaveTolerance;
  });
  return found == candidates.end() ? nullptr : &*found;
}

/// Whole multiples of a note's period.
bool isMultiple(double high_hz, double low_hz) {
  const double multiple = std::round(high_hz / low_hz);
  return multiple >= 2.0 && multiple <= kMostMultiple &&
         std::abs(std::log2(high_hz / low_hz / multiple)) < kOctaveTolerance;
}

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
  Decision decided = decideFront(trace(), 0);
  columns_.pop_front();
  return decided;
}

std::vector<PitchPath::Decision> PitchPath::finish() {
  std::vector<Decision> decided;
  if (columns_.empty()) return decided;
  const std::vector<std::size_t> states = trace();
  for (std::size_t c = 0; c < columns_.size(); ++c) decided.push_back(decideFront(states, c));
  columns_.clear();
  return decided;
}

std::vector<std::size_t> PitchPath::trace() const {
  std::vector<std::size_t> states(columns_.size());
  states.back() = bestState();
  for (std::size_t c = columns_.size() - 1; c > 0; --c) states[c - 1] = columns_[c].previous[states[c]];
  return states;
}

PitchPath::Decision PitchPath::decideFront(const std::vector<std::size_t>& states, std::size_t front) {
  Decision decided = decision(columns_[front], states[front]);
  if (!decided) {
    sinceStart_ = 0;
    return decided;
  }
  double other_hz = 0.0;
  if (startsOctaveLow(states, front))
    other_hz = 2.0 * decided->f0_hz;
  else if (goesOnAbove(states, front))
    other_hz = last_hz_;
  if (other_hz > 0.0) {
    const PitchCandidate* other = near(columns_[front].candidates, other_hz);
    decided = other ? *other : PitchCandidate{other_hz, decided->height};
  }
  ++sinceStart_;
  last_hz_ = decided->f0_hz;
  return decided;
}

bool PitchPath::startsOctaveLow(const std::vector<std::size_t>& states, std::size_t front) const {
  double low = 0.0;
  double high = 0.0;
  for (std::size_t c = front; c < states.size() && sinceStart_ + c - front <= kLongestStart; ++c) {
    const Decision here = decision(columns_[c], states[c]);
    if (!here) return false;
    if (const PitchCandidate* above = near(columns_[c].candidates, 2.0 * here->f0_hz)) {
      low += here->height;
      high += above->height;
    }
    if (c + 1 == states.size()) return false;
    const Decision next = decision(columns_[c + 1], states[c + 1]);
    if (!next) return false;
    const double step = std::log2(next->f0_hz / here->f0_hz);
    if (std::abs(step - 1.0) < kOctaveTolerance) return high > kOctaveShare * low && low > 0.0;
    if (std::abs(step) > kOctaveTolerance) return false;
  }
  return false;
}

bool PitchPath::goesOnAbove(const std::vector<std::size_t>& states, std::size_t front) const {
  if (sinceStart_ < kEstablished) return false;
  double low = 0.0;
  double high = 0.0;
  double note_hz = last_hz_;  // it may be on its way
  for (std::size_t c = front; c < states.size() && c - front <= kLongestAway; ++c) {
    const Decision here = decision(columns_[c], states[c]);
    if (!here) return false;
    if (std::abs(std::log2(here->f0_hz / note_hz)) < kOctaveTolerance)
      return c > front && high > kMultipleShare * low;
    if (!isMultiple(note_hz, here->f0_hz)) return false;
    low += here->height;
    if (const PitchCandidate* above = near(columns_[c].candidates, note_hz)) {
      high += above->height;
      note_hz = above->f0_hz;
    }
  }
  return false;
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
