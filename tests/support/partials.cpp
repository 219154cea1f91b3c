#include "support/partials.h"

#include <bit>
#include <cmath>
#include <complex>
#include <numbers>

namespace sounds {

namespace {
constexpr double kTau = 2.0 * std::numbers::pi;
constexpr std::size_t kKnotsOfHighest = 256;
}  // namespace

void Partials::draw() {
  const std::size_t count = std::bit_ceil(kKnotsOfHighest * std::max<std::size_t>(1, parts_.size()));
  perTurn_ = static_cast<double>(count) / kTau;
  std::vector<std::complex<double>> circle(count);
  for (std::size_t n = 0; n < count; ++n) circle[n] = std::polar(1.0, static_cast<double>(n) / perTurn_);
  knots_.assign(count + 1, {0.0, 0.0});
  for (std::size_t k = 1; k <= parts_.size(); ++k) {
    const std::complex<double> first = std::polar(parts_[k - 1].strength, parts_[k - 1].phase);
    for (std::size_t n = 0; n < count; ++n) {
      const std::complex<double>& z = circle[n * k % count];
      knots_[n].value += first.real() * z.imag() + first.imag() * z.real();
      knots_[n].slope += static_cast<double>(k) * (first.real() * z.real() - first.imag() * z.imag());
    }
  }
  knots_[count] = knots_[0];
}

double Partials::at(double turn) {
  if (knots_.empty()) draw();
  const std::size_t count = knots_.size() - 1;
  const double place = turn * perTurn_, whole = std::floor(place);
  const auto n = static_cast<std::size_t>(static_cast<long>(whole)) & (count - 1);
  return between(knots_[n], knots_[n + 1], 1.0 / perTurn_, place - whole);
}

}  // namespace sounds
