#include "core/accompany/live_partner.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {
Accompaniment withoutPartner(const Accompaniment& what) {
  return {what.click, what.fork_hz, what.drone_hz, what.swell};
}
}  // namespace

LivePartner::LivePartner(const Accompaniment& what, const CueSheet& sheet, double asked_cents, double rate_hz,
                         double level_db)
    : rest_(render(withoutPartner(what), sheet, rate_hz, level_db)),
      voice_(*what.partner),
      sound_(voice_, sheet.countIn_s(), sheet.length_s(), rate_hz),
      mind_(voice_.manner, asked_cents),
      rate_(rate_hz),
      gain_(gainOf(level_db)) {}

void LivePartner::hear(double hz) {
  const std::lock_guard lock(mutex_);
  heard_hz_ = hz;
}

PartnerVoice LivePartner::voice() const {
  const std::lock_guard lock(mutex_);
  return voice_;
}

std::size_t LivePartner::next(std::span<float> out) {
  const std::lock_guard lock(mutex_);
  out = out.first(std::min(out.size(), rest_.size() - at_));
  std::vector<float> partner(out.size(), 0.0f);
  const auto step = static_cast<std::size_t>(std::max(1.0, 0.005 * rate_));
  for (std::size_t n = 0; n < out.size(); n += step) {
    const std::span block = std::span(partner).subspan(n, std::min(step, out.size() - n));
    mind_.step(static_cast<double>(block.size()) / rate_, sound_.noteNow(), heard_hz_);
    // A point for every stretch of the course, where its first sample lies.
    while (sound_.now_s() >= kCourse_s * static_cast<double>(voice_.course_cents.size()))
      voice_.course_cents.push_back(mind_.cents());
    sound_.add(block, mind_.cents());
  }
  for (std::size_t n = 0; n < out.size(); ++n) out[n] = rest_[at_ + n] + gain_ * partner[n];
  at_ += out.size();
  return out.size();
}

}  // namespace calando
