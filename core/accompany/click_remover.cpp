#include "core/accompany/click_remover.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>

#include "core/accompany/click_shape.h"
#include "core/exercise/cue_sheet.h"
#include "core/live/latency.h"
#include "core/maths/dot.h"
#include "core/maths/interpolate.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr std::size_t kFewest = 3;  // a high click and two low ones, to tell whether they are alike
constexpr double kBreath_s = 0.45;  // before the first cue somebody breathes in: not learnt from, if possible
constexpr double kBlock_s = 0.004;
constexpr double kLevel_s = 0.01;
constexpr double kQuietBefore_s = 0.025;  // so long before a click the room is listened to
constexpr double kQuiet_s = 0.02;         // for so long
constexpr double kHeard = 10.0;           // times the power of the room
constexpr double kFades = 4.0;            // under so many times it the shape ends
constexpr double kAlike = 0.8;            // normalised correlation of two clicks that were learnt from
constexpr double kLeastGain = 0.4;
constexpr double kForkHeard = 0.5;  // of the power between the clicks is the fork's
constexpr int kAstray = 3;          // clicks in a row that do not lie where they should
constexpr long kReach = 12;         // samples by which a click may lie beside its place
constexpr std::size_t kFollowed = 24;

double power(std::span<const float> x) {
  return x.empty() ? 0.0
                   : static_cast<double>(dot(x.data(), x.data(), x.size())) / static_cast<double>(x.size());
}

std::vector<float> piece(const SlidingSignal& signal, double from, long length) {
  std::vector<float> x(static_cast<std::size_t>(length));
  for (std::size_t n = 0; n < x.size(); ++n) x[n] = readAt(signal, from + static_cast<double>(n));
  return x;
}

}  // namespace

ClickRemover::ClickRemover(const CueSheet& sheet, std::optional<double> fork_hz, double rate_hz)
    : rate_(rate_hz),
      fork_hz_(fork_hz),
      clicks_(clicksOf(sheet)),
      longest_s_(std::min(0.2, sheet.beat_s - 0.04)),
      highPass_(aboveHumTaps(rate_hz)),
      raw_(rate_hz) {
  const auto before = [&](double s) {
    return static_cast<std::size_t>(
        std::ranges::count_if(clicks_, [s](const Click& c) { return c.at_s < s - 1e-6; }));
  };
  const std::size_t countIn = before(sheet.countIn_s());
  if (countIn >= kFewest && longest_s_ > 2.0 * kClickCompared_s)
    learnt_ = std::max(kFewest, before(sheet.countIn_s() - kBreath_s + 1e-3));
}

long ClickRemover::learnsAt() const {
  return std::lround(nominal(learnt_ - 1) + (kLongestLatency_s + 0.06) * rate_);
}

long ClickRemover::watchedAt(std::size_t click) const {
  return std::lround(place(click) + kClickCompared_s * rate_) + static_cast<long>(highPass_.size()) / 2 +
         kReach;
}

std::vector<float> ClickRemover::highPassed(long from, long to) const {
  const auto half = static_cast<long>(highPass_.size()) / 2;
  std::vector<float> x(static_cast<std::size_t>(to - from + 2 * half));
  raw_.copy(from - half, x);
  return filtered(highPass_, x);
}

std::vector<float> ClickRemover::push(std::span<const float> block) {
  std::vector<float> out(block.begin(), block.end());
  std::size_t done = 0;
  while (done < block.size()) {
    // Up to the next moment at which something is learnt.
    const long from = raw_.end();
    const bool learning = learnt_ > 0 && !tried_;
    const bool watching = removes_ && next_ < clicks_.size();
    const long event = learning ? learnsAt() : watching ? watchedAt(next_) : std::numeric_limits<long>::max();
    const auto length = std::min(block.size() - done, static_cast<std::size_t>(std::max(1L, event - from)));
    raw_.push(block.subspan(done, length));
    const std::span<float> part = std::span(out).subspan(done, length);
    if (fork_ != 0.0) subtractFork(from, part);
    // The one before the next may not be over yet.
    for (std::size_t k = next_ > 0 ? next_ - 1 : 0;
         removes_ && k < clicks_.size() && place(k) - kClickLead_s * rate_ < static_cast<double>(raw_.end());
         ++k)
      subtract(k, from, part);
    if (raw_.end() >= event) {
      if (learning)
        learn();
      else
        watch(next_++);
    }
    if (!learning) raw_.forgetBefore(raw_.end() - std::lround(0.5 * rate_));
    done += length;
  }
  return out;
}

void ClickRemover::learnFrom(std::span<const float> recording) {
  if (learnt_ == 0 || static_cast<long>(recording.size()) < learnsAt()) return;
  raw_.push(recording.first(static_cast<std::size_t>(learnsAt())));
  learn();
  raw_ = SlidingSignal(rate_);
  next_ = 0;
}

/// The part of one click that lies in the samples from `from`.
void ClickRemover::subtract(std::size_t click, long from, std::span<float> out) const {
  const SlidingSignal& shape = shapes_[clicks_[click].high];
  const double first = place(click) - kClickLead_s * rate_;
  const auto begin = static_cast<long>(std::ceil(first)) - kInterpolationTaps / 2;
  const long end = begin + shape.end() + kInterpolationTaps;
  for (long n = std::max(begin, from); n < std::min(end, from + static_cast<long>(out.size())); ++n)
    out[static_cast<std::size_t>(n - from)] -= readAt(shape, static_cast<double>(n) - first);
}

std::complex<double> ClickRemover::forkAt(long sample) const {
  const double t = (static_cast<double>(sample) - forkStart_) / rate_;
  return std::polar(forkEnvelope(t), 2.0 * std::numbers::pi * fork_hz_.value_or(0.0) * t);
}

void ClickRemover::subtractFork(long from, std::span<float> out) const {
  for (std::size_t n = 0; n < out.size(); ++n)
    out[n] -= static_cast<float>((fork_ * forkAt(from + static_cast<long>(n))).real());
}

/// A struck fork is known but for how loud and how late it comes: one complex number, by least squares
/// between the clicks.
void ClickRemover::learnFork() {
  if (!fork_hz_) return;
  forkStart_ = place(0);
  // x ≈ re·c − im·s, where c and s are the fork's own cosine and sine.
  double cc = 0.0, ss = 0.0, cs = 0.0, xc = 0.0, xs = 0.0, xx = 0.0;
  for (std::size_t k = 0; k + 1 < learnt_; ++k)
    for (long n = std::lround(place(k) + 0.06 * rate_); n < std::lround(place(k + 1) - kClickLead_s * rate_);
         ++n) {
      const std::complex<double> f = forkAt(n);
      const double x = raw_.at(n);
      cc += f.real() * f.real(), ss += f.imag() * f.imag(), cs += f.real() * f.imag();
      xc += x * f.real(), xs += x * f.imag(), xx += x * x;
    }
  const double det = cc * ss - cs * cs;
  if (det <= 0.0) return;
  const std::complex<double> found((xc * ss - xs * cs) / det, (xc * cs - xs * cc) / det);
  const double explained = found.real() * xc - found.imag() * xs;
  if (explained > kForkHeard * xx) fork_ = found;
}

void ClickRemover::learn() {
  tried_ = true;
  const long end = raw_.end();
  SlidingSignal above(rate_);
  above.push(highPassed(0, end));
  if (!learnPlaces(above)) return;
  learnFork();
  std::vector<float> forkless(static_cast<std::size_t>(end));
  raw_.copy(0, forkless);
  if (fork_ != 0.0) subtractFork(0, forkless);
  SlidingSignal whole(rate_);
  whole.push(forkless);
  if (!learnShapes(whole)) return;
  removes_ = true;
  while (next_ < clicks_.size() &&
         place(next_) - kClickLead_s * rate_ - kInterpolationTaps <= static_cast<double>(end))
    ++next_;
}

/// By the clicks as they are sent first, then by one that was heard; false where they are not alike.
bool ClickRemover::learnPlaces(const SlidingSignal& heard) {
  const long lag =
      lagOf({heard.data(0), static_cast<std::size_t>(heard.end())}, std::span(clicks_).first(learnt_), rate_);
  const double lead = kClickLead_s * rate_;
  const long compared = std::lround(kClickCompared_s * rate_);
  const double first = nominal(1) + static_cast<double>(lag);
  const std::vector<float> one = piece(heard, first - lead, compared);
  seen_ = {{nominal(1), first}};
  for (std::size_t k = 2; k < learnt_; ++k) {
    const double at = nominal(k) + static_cast<double>(lag);
    const ClickFit fit = bestFit(piece(heard, at - lead - kReach, compared + 2 * kReach), one);
    if (!(fit.correlation >= kAlike)) return false;
    seen_.push_back({nominal(k), at + fit.at - kReach});
  }
  fitPlaces();
  return true;
}

/// Each cut out at its place, the low ones laid on top of one another, as far as they stand out of the room;
/// false where they do not.
bool ClickRemover::learnShapes(const SlidingSignal& heard) {
  const double lead = kClickLead_s * rate_;
  const long length = std::lround(longest_s_ * rate_);
  std::array<std::vector<float>, 2> shapes{std::vector<float>(static_cast<std::size_t>(length), 0.0f),
                                           piece(heard, place(0) - lead, length)};
  std::vector<double> quiet;
  for (std::size_t k = 1; k < learnt_; ++k) {
    const auto low = piece(heard, place(k) - lead, length);
    for (std::size_t n = 0; n < low.size(); ++n) shapes[0][n] += low[n] / static_cast<float>(learnt_ - 1);
    quiet.push_back(power(piece(heard, place(k) - kQuietBefore_s * rate_, std::lround(kQuiet_s * rate_))));
  }
  const double room = std::max(median(quiet), 1e-12);
  const auto level = static_cast<std::size_t>(std::lround(kLevel_s * rate_));
  double loudest = 0.0;
  for (std::size_t n = 0; n + level <= shapes[0].size(); n += level / 10)
    loudest = std::max(loudest, power(std::span(shapes[0]).subspan(n, level)));
  if (loudest < kHeard * room) return false;
  const auto step = static_cast<std::size_t>(std::lround(kBlock_s * rate_));
  for (auto& shape : shapes) {
    std::size_t end = step;
    for (std::size_t n = 0; n + step <= shape.size(); n += step)
      if (power(std::span(shape).subspan(n, step)) > kFades * room) end = n + step;
    shape.resize(end);
    for (std::size_t n = end - step; n < end; ++n)
      shape[n] *= static_cast<float>(end - n) / static_cast<float>(step);
    shape.resize(std::max(end, static_cast<std::size_t>(std::lround(kClickCompared_s * rate_))), 0.0f);
    shapes_.emplace_back(rate_).push(shape);
  }
  level_dbfs_ = 10.0 * std::log10(loudest);
  return true;
}

/// Straight lines fit the places of clicks, the lately heard ones: so two devices' clocks run apart.
void ClickRemover::fitPlaces() {
  std::vector<double> at, beside;
  for (const Seen& s : seen_) at.push_back(s.at), beside.push_back(s.place - s.at);
  drift_ = at.size() > 1 ? leastSquaresSlope(at, beside) : 0.0;
  offset_ = mean(beside) - drift_ * mean(at);
}

void ClickRemover::watch(std::size_t click) {
  const auto compared = std::span(shapes_[clicks_[click].high].data(0),
                                  static_cast<std::size_t>(std::lround(kClickCompared_s * rate_)));
  const auto from = std::lround(place(click) - kClickLead_s * rate_) - kReach;
  const std::vector<float> heard = highPassed(from, from + static_cast<long>(compared.size()) + 2 * kReach);
  const double gain = dot(heard.data() + kReach, compared.data(), compared.size()) /
                      dot(compared.data(), compared.data(), compared.size());
  const ClickFit fit = bestFit(heard, compared);
  const bool clear = fit.correlation >= kClearClick;
  astray_ = gain > kLeastGain || clear ? 0 : astray_ + 1;
  if (astray_ >= kAstray) removes_ = false;
  if (!clear) return;
  seen_.push_back({nominal(click), static_cast<double>(from) + fit.at + kClickLead_s * rate_});
  if (seen_.size() > kFollowed) seen_.erase(seen_.begin());
  fitPlaces();
}

}  // namespace calando
