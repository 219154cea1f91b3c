#include "core/exercise/accompaniment.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/exercise/cue_sheet.h"
#include "core/exercise/pace.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kClick_hz = 1600.0;
constexpr double kHighClick_hz = 2400.0;
constexpr double kClickDecay_s = 0.006;
constexpr double kClickLevel = 0.25;
constexpr double kForkEnds_s = 6.0;
constexpr double kForkLevel = 0.12;
constexpr double kDroneLevel = 0.05;
constexpr int kDronePartials = 6;
constexpr double kFade_s = 0.05;

template <class Wave>
void add(std::vector<float>& out, double rate, double from_s, double length_s, Wave wave) {
  const auto first = static_cast<std::size_t>(std::lround(std::max(0.0, from_s) * rate));
  const auto last = std::min(out.size(), first + static_cast<std::size_t>(length_s * rate));
  for (std::size_t n = first; n < last; ++n)
    out[n] += static_cast<float>(wave(static_cast<double>(n - first) / rate));
}

}  // namespace

std::vector<Click> clicksOf(const CueSheet& sheet) {
  std::vector<Click> clicks;
  if (!sheet.counted()) return clicks;
  const auto beats = std::lround((sheet.countIn_s() + sheet.length_s()) / sheet.beat_s);
  for (long beat = 0; beat < beats; ++beat) {
    const double at = static_cast<double>(beat) * sheet.beat_s;
    clicks.push_back({at, beat == 0 || std::ranges::any_of(sheet.cues, [&](const SheetCue& cue) {
                            return std::abs(sheet.countIn_s() + cue.start_s - at) < 0.01;
                          })});
  }
  return clicks;
}

double clickWave(bool high, double t) {
  if (t < 0.0 || t >= 8.0 * kClickDecay_s) return 0.0;
  return kClickLevel * std::exp(-t / kClickDecay_s) * std::sin(kTau * (high ? kHighClick_hz : kClick_hz) * t);
}

double forkEnvelope(double t) {
  return t < 0.0 || t >= kForkEnds_s ? 0.0 : std::min(1.0, t / 0.01) * std::exp(-t / kForkDecay_s);
}

float gainOf(double level_db) { return static_cast<float>(std::pow(10.0, std::min(level_db, 6.0) / 20.0)); }

std::vector<float> render(const Accompaniment& what, const CueSheet& sheet, double rate_hz, double level_db) {
  const double duration = sheet.countIn_s() + sheet.length_s();
  std::vector<float> out(static_cast<std::size_t>(duration * rate_hz), 0.0f);
  // A beat may fall between two samples.
  if (what.click)
    for (const Click& click : clicksOf(sheet))
      for (auto n = static_cast<std::size_t>(click.at_s * rate_hz);
           n < out.size() && static_cast<double>(n) < (click.at_s + 8.0 * kClickDecay_s) * rate_hz; ++n)
        out[n] += static_cast<float>(clickWave(click.high, static_cast<double>(n) / rate_hz - click.at_s));
  if (what.fork_hz)
    add(out, rate_hz, 0.0, kForkEnds_s,
        [&](double t) { return kForkLevel * forkEnvelope(t) * std::sin(kTau * *what.fork_hz * t); });
  if (what.swell) {
    const std::vector<float> swell = swellOf(sheet, rate_hz);
    for (std::size_t n = 0; n < std::min(out.size(), swell.size()); ++n) out[n] += swell[n];
  }
  if (what.drone_hz)
    add(out, rate_hz, 0.0, duration, [&](double t) {
      double sum = 0.0;
      for (int k = 1; k <= kDronePartials; ++k) sum += std::sin(kTau * k * *what.drone_hz * t) / k;
      return kDroneLevel * std::min({1.0, t / kFade_s, (duration - t) / kFade_s}) * sum;
    });
  if (what.partner) PartnerSound(*what.partner, sheet.countIn_s(), sheet.length_s(), rate_hz).add(out);
  for (float& x : out) x *= gainOf(level_db);
  return out;
}

}  // namespace calando
