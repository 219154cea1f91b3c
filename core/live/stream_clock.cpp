#include "core/live/stream_clock.h"

#include <algorithm>
#include <cmath>
#include <span>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr std::size_t kWatched = 5;  // seconds
constexpr double kStep_s = 0.025;

double summed(StreamClock::Notes notes, std::span<const double> beginnings) {
  if (notes == StreamClock::Notes::late) return *std::ranges::min_element(beginnings);
  return median({beginnings.begin(), beginnings.end()});
}

}  // namespace

void StreamClock::note(std::chrono::steady_clock::time_point now, double position_s) {
  const double now_s = std::chrono::duration<double>(now.time_since_epoch()).count();
  if (!present_.empty() && now_s - second_s_ >= 1.0) {
    finished_.push_back(summed(notes_, present_));
    present_.clear();
  }
  if (present_.empty()) second_s_ = now_s;
  present_.push_back(now_s - position_s);
}

std::vector<double> StreamClock::seconds() const {
  if (finished_.empty() && !present_.empty()) return {summed(notes_, present_)};
  return finished_;
}

std::optional<double> StreamClock::began_s() const {
  const std::vector<double> all = seconds();
  if (all.empty()) return std::nullopt;
  return summed(notes_, std::span(all).first(std::min(all.size(), kWatched)));
}

double StreamClock::slipped_s() const {
  std::vector<double> all = seconds();
  // Whatever came less late afterwards shows what was late before, not missing.
  if (notes_ == Notes::late)
    for (std::size_t i = all.size(); i-- > 1;) all[i - 1] = std::min(all[i - 1], all[i]);
  double slipped = 0.0;
  for (std::size_t i = 1; i < all.size(); ++i)
    if (const double step = all[i] - all[i - 1]; std::abs(step) >= kStep_s) slipped += step;
  return slipped;
}

bool StreamClock::stumbled() const { return std::abs(slipped_s()) >= kStep_s; }

std::optional<double> headStart_s(const StreamClock& output, const StreamClock& recording) {
  const auto played = output.began_s();
  const auto recorded = recording.began_s();
  if (!played || !recorded || output.stumbled() || recording.stumbled()) return std::nullopt;
  return *recorded - *played;
}

}  // namespace calando
