#include "core/ears/threshold.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace calando {

namespace {

constexpr std::size_t kGrid = 49;
constexpr double kSlopes[] = {1.0, 1.7, 2.8, 4.5}, kSlips[] = {0.02, 0.06};
constexpr double kSure = 1.25;
constexpr double kNine = 0.9;

double entropyOf(std::vector<double>& p) {
  const double sum = std::accumulate(p.begin(), p.end(), 0.0);
  double entropy = 0.0;
  for (const double x : p)
    if (x > 0.0) entropy -= x / sum * std::log(x / sum);
  return entropy;
}

/// The chance of a right answer, of an amount in thresholds.
double heardAt(double amount, double slope) { return 1.0 - std::exp(-std::pow(amount, slope)); }

}  // namespace

Threshold::Threshold(double least, double most) {
  for (std::size_t i = 0; i < kGrid; ++i)
    amounts_.push_back(least * std::pow(most / least, static_cast<double>(i) / (kGrid - 1)));
  for (std::size_t t = 0; t < kGrid; ++t)
    for (const double slope : kSlopes)
      for (const double slips : kSlips) {
        states_.push_back({t, slope, slips});
        // Neither end is likely.
        const double x = (static_cast<double>(t) + 0.5) / kGrid;
        belief_.push_back(x * (1.0 - x));
      }
}

double Threshold::rightAt(std::size_t amount, std::size_t state, double guess) const {
  const State& s = states_[state];
  return guess + (1.0 - guess - s.slips) * heardAt(amounts_[amount] / amounts_[s.threshold], s.slope);
}

void Threshold::add(double amount, bool right, double guess) {
  double sum = 0.0;
  for (std::size_t i = 0; i < states_.size(); ++i) {
    const State& s = states_[i];
    const double p = guess + (1.0 - guess - s.slips) * heardAt(amount / amounts_[s.threshold], s.slope);
    sum += belief_[i] *= right ? p : 1.0 - p;
  }
  for (double& b : belief_) b /= sum;
  ++answers_;
}

double Threshold::next(double guess, double share) const {
  std::size_t best = 0;
  double least = 1e300;
  // What is believed of the threshold alone is what is wanted.
  std::vector<double> rightOf(kGrid), wrongOf(kGrid);
  for (std::size_t a = 0; a < kGrid; ++a) {
    std::ranges::fill(rightOf, 0.0);
    std::ranges::fill(wrongOf, 0.0);
    double chance = 0.0, all = 0.0;
    for (std::size_t i = 0; i < states_.size(); ++i) {
      const double p = rightAt(a, i, guess);
      rightOf[states_[i].threshold] += belief_[i] * p;
      wrongOf[states_[i].threshold] += belief_[i] * (1.0 - p);
      chance += belief_[i] * p;
      all += belief_[i];
    }
    const double expected = chance / all * entropyOf(rightOf) + (1.0 - chance / all) * entropyOf(wrongOf);
    if (expected < least) least = expected, best = a;
  }
  const double step = amounts_[1] / amounts_[0];
  return std::clamp(amounts_[best] * std::pow(step, share - 0.5), amounts_.front(), amounts_.back());
}

HeardDifference Threshold::heard() const {
  std::vector<double> of(kGrid, 0.0);
  for (std::size_t i = 0; i < states_.size(); ++i) of[states_[i].threshold] += belief_[i];
  const double all = std::accumulate(of.begin(), of.end(), 0.0);
  const double step = amounts_[1] / amounts_[0];
  // Between the middles of two steps it goes evenly.
  const auto quantile = [&](double q) {
    double below = 0.0;
    for (std::size_t t = 0; t < kGrid; ++t) {
      const double here = of[t] / all;
      if (below + here >= q) return amounts_[t] * std::pow(step, (q - below) / here - 0.5);
      below += here;
    }
    return amounts_.back();
  };
  return {quantile(0.5), quantile(0.5 - 0.5 * kNine), quantile(0.5 + 0.5 * kNine), answers_};
}

bool Threshold::isSure() const {
  const HeardDifference now = heard();
  return now.high / now.amount <= kSure && now.amount / now.low <= kSure;
}

}  // namespace calando
