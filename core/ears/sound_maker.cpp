#include "core/ears/sound_maker.h"

#include <algorithm>
#include <cmath>

#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/library/cards.h"
#include "core/library/take_spec.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr int kTries = 4;
constexpr double kLouder_db = 12.0;   // where nothing of it was found
constexpr double kFromEnds_s = 0.12;  // frames nearer to an end than that are not asked
constexpr double kLevelWindow_s = 0.05;
constexpr double kLeastFrames = 20;
constexpr double kAround_s = 0.3;  // silence around a sound, as a take has it

/// The mean of a course over what a level is measured in.
double smoothed(const ChangeCourse& course, double t_s) {
  double sum = 0.0;
  constexpr int count = 9;
  for (int i = 0; i < count; ++i)
    sum += course.decibels(t_s + kLevelWindow_s * ((i + 0.5) / count - 0.5)) / count;
  return sum;
}

/// How much of a course is in a line of differences, least squares: 1 is all.
class Projection {
 public:
  void add(double asked, double is) {
    along_ += asked * is;
    square_ += asked * asked;
    ++count_;
  }
  std::optional<double> share() const {
    return count_ < kLeastFrames || square_ <= 0.0 ? std::nullopt : std::optional(along_ / square_);
  }

 private:
  double along_ = 0.0, square_ = 0.0, count_ = 0.0;
};

/// What to ask for instead, where so much was found: what the tone has of it already, or hides, is made up
/// for.
double better(const Changed& tried, double found, double wanted) {
  if (tried.change != Change::fuzz) return tried.amount + wanted - found;
  // Of all the noise that the engine hears only a share is the rest that is made louder.
  const auto more = [](double db) { return std::pow(10.0, db / 10.0) - 1.0; };
  const double share = more(found) / more(tried.amount);
  return share > 1e-4 ? 10.0 * std::log10(1.0 + more(wanted) / share) : tried.amount + kLouder_db;
}

std::optional<double> difference(const std::optional<double>& one, const std::optional<double>& other) {
  return one && other ? std::optional(*one - *other) : std::nullopt;
}

}  // namespace

SoundMaker::SoundMaker(Material material) : material_(std::move(material)) {}

SoundMaker::Remeasured SoundMaker::hear(std::span<const float> sound) const {
  TakeSpec asked;
  asked.seconds = kMade_s;
  std::vector<float> take(static_cast<std::size_t>(kAround_s * material_.rate_hz));
  const std::size_t before = take.size();
  take.insert(take.end(), sound.begin(), sound.end());
  take.resize(take.size() + before);
  const Context context = contextFor(asked);
  Remeasured heard{trackTake(take, material_.rate_hz, context), {}};
  heard.analysis = analyse(heard.tracks, context);
  return heard;
}

const SoundMaker::Remeasured& SoundMaker::plain() {
  if (!plain_) plain_ = hear(made(material_, without(Change::offset)));
  return *plain_;
}

double SoundMaker::tolerance(const Changed& changed) {
  const double size = std::abs(changed.amount);
  switch (changed.change) {
    case Change::offset:
      return 0.3;
    case Change::wave:
    case Change::wander:
    case Change::sag:
    case Change::scoop:
      return std::max(0.3, 0.05 * size);
    case Change::fade:
    case Change::levelWave:
      return std::max(0.2, 0.05 * size);
    case Change::gap:
      return 2.0;
    case Change::fuzz:
      return 0.5;
    case Change::dull:
      return 0.3;
    case Change::crackle:
      return 1.5;
    case Change::late:
      return std::max(10.0, 0.05 * size);
    case Change::shorter:
      return 1.0;
    case Change::beat:
      return std::max(0.05, 0.02 * size);
    case Change::beatRate:
      return 2.0;
    case Change::third:
      return 0.3;
  }
  return 0.0;
}

std::optional<double> SoundMaker::foundInTracks(const Changed& changed, const Tracks& tracks) {
  const Tracks& before = plain().tracks;
  const bool level = changed.change == Change::fade || changed.change == Change::levelWave;
  const ChangeCourse one({changed.change, 1.0, changed.seed});
  Projection projection;
  for (std::size_t i = 0; i < std::min(tracks.frames.size(), before.frames.size()); ++i) {
    const double t = static_cast<double>(i) * kHop_s - kAround_s;
    const TrackFrame &was = before.frames[i], &is = tracks.frames[i];
    if (t < kFromEnds_s || t > kMade_s - kFromEnds_s || was.f0_hz <= 0.0f || is.f0_hz <= 0.0f) continue;
    if (level)
      projection.add(smoothed(one, t), is.level_dbfs - was.level_dbfs);
    else
      projection.add(one.cents(t), centsBetween(was.f0_hz, is.f0_hz));
  }
  return projection.share();
}

std::optional<double> SoundMaker::foundInTone(const Changed& changed, const Remeasured& heard) {
  const Tone *is = heard.analysis.mainTone(), *was = plain().analysis.mainTone();
  const Note *note = heard.analysis.mainNote(), *before = plain().analysis.mainNote();
  if (!note || !before) return std::nullopt;
  switch (changed.change) {
    case Change::gap:
      return is->dropouts.size() == 1 ? std::optional(1000.0 * is->dropouts.front().length_s) : std::nullopt;
    case Change::fuzz:
      return difference(before->hnr_db, note->hnr_db);
    case Change::dull:
      return difference(before->tilt_db_per_octave, note->tilt_db_per_octave);
    case Change::crackle:
      return note->subharmonic_db ? std::optional(*note->subharmonic_db - kNoCrackle_db) : std::nullopt;
    case Change::late:
      return 1000.0 * (is->start_s - was->start_s);
    case Change::shorter:
      return 100.0 * (1.0 - (is->end_s - is->start_s) / (was->end_s - was->start_s));
    default:
      return std::nullopt;
  }
}

std::optional<double> SoundMaker::found(const Changed& changed, const Remeasured& heard) {
  if (isOfTwo(changed.change)) {
    // Of two the second is heard alone.
    const double over = secondOver(changed, material_.hz);
    const Changed second{Change::offset, over};
    const auto cents = foundInTracks(second, hear(made(material_, second)).tracks);
    if (!cents) return std::nullopt;
    const double is = *cents, beats = material_.hz * (std::exp2(is / 1200.0) - 1.0);
    if (changed.change == Change::beat) return beats;
    if (changed.change == Change::beatRate) return 100.0 * (beats / kBeat_hz - 1.0);
    return is - secondOver(without(Change::third), material_.hz);
  }
  const bool inTracks =
      ChangeCourse(changed).moves() || changed.change == Change::fade || changed.change == Change::levelWave;
  return inTracks ? foundInTracks(changed, heard.tracks) : foundInTone(changed, heard);
}

HeardCourse SoundMaker::courseOf(const Remeasured& heard) const {
  const Tracks& tracks = heard.tracks;
  const double loud_db = 20.0 * std::log10(kMade_rms);
  const auto first = static_cast<std::size_t>(std::lround(kAround_s / kHop_s));
  HeardCourse course(static_cast<std::size_t>((tracks.duration_s - 2.0 * kAround_s) / kHop_s + 0.5));
  for (std::size_t i = 0; i < course.size() && first + i < tracks.frames.size(); ++i) {
    const double t = static_cast<double>(first + i) * kHop_s;
    const double f0_hz = tracks.frames[first + i].f0_hz;
    if (f0_hz > 0.0) course[i].cents = centsBetween(material_.hz, f0_hz);
    course[i].level_db = tracks.energy.level_dbfs(t, t + kHop_s) - loud_db;
  }
  return course;
}

/// Nothing is changed: one for all that is of one tone.
std::shared_ptr<const MadeSound> SoundMaker::plainOf(Change change) {
  auto& place = plains_[isOfTwo(change) ? change : Change::offset];
  if (!place) {
    std::vector<float> samples = made(material_, without(change));
    HeardCourse course = courseOf(isOfTwo(change) ? hear(samples) : plain());
    place = std::make_shared<const MadeSound>(MadeSound{std::move(samples), std::move(course)});
  }
  return place;
}

std::shared_ptr<const MadeSound> SoundMaker::sound(const Changed& changed) {
  if (changed.amount == 0.0) return plainOf(changed.change);
  Changed asked = changed;
  for (int i = 0; i < kTries; ++i, ++asked.seed) {
    std::vector<float> samples = made(material_, asked);
    const Remeasured heard = hear(samples);
    const auto is = found(asked, heard);
    if (is && std::abs(*is - changed.amount) <= tolerance(changed))
      return std::make_shared<const MadeSound>(MadeSound{std::move(samples), courseOf(heard)});
    if (is) asked.amount = better(asked, *is, changed.amount);
  }
  return nullptr;
}

}  // namespace calando
