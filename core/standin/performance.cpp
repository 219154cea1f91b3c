#include <memory>
#include <numbers>

#include "core/exercise/context.h"
#include "core/figures/cue_figures.h"
#include "core/measure/edges/segmentation.h"
#include "core/standin/breath.h"
#include "core/standin/buzz.h"
#include "core/standin/tone.h"

namespace calando {

using namespace standin;

namespace {

constexpr double kRoom_dbfs = -70.0;
constexpr double kBend_cents = -100.0;
constexpr double kTiming_s = 0.02;      // how far off the count a start may be
constexpr double kLongest = 1.08;       // Player::length of one that lasts: in a count it ends with the beat
constexpr double kBreathPause_s = 1.0;  // between tones, for a breath
constexpr double kTurn_s = 0.3;         // at the end of a breath, before the next
constexpr double kTurnShare = 0.1;      // of a short one
constexpr double kDropAt = 0.45;        // of its length
constexpr double kNothingUnder_db = -100.0;
constexpr double kNoLeak_db = -60.0;
constexpr double kFindsNote_s = 0.8;
constexpr double kFirstIsThere_s = 1.0;
constexpr double kCold_cents = -24.0, kWarms_s = 18.0;
constexpr double kAfter_s = 0.8;

using Voices = std::vector<std::unique_ptr<Voice>>;

void addRoom(std::vector<float>& samples, double rate) {
  // A few first reflections of a small dry room.
  static constexpr std::array<std::pair<double, double>, 4> walls = {
      {{0.0071, 0.10}, {0.0113, 0.07}, {0.0179, 0.05}, {0.0271, 0.03}}};
  const std::vector<float> dry = samples;
  for (const auto& [delay_s, gain] : walls) {
    const auto delay = static_cast<std::size_t>(delay_s * rate);
    for (std::size_t n = delay; n < samples.size(); ++n)
      samples[n] += static_cast<float>(gain) * dry[n - delay];
  }
}

/// All voices in one room.
Performance mix(const Voices& voices, const Reference& reference, std::mt19937& random, double rate_hz) {
  const double duration = voices.empty() ? 1.0 : voices.back()->end_s() + kAfter_s;
  const auto count = static_cast<std::size_t>(duration * rate_hz);
  Performance result{rate_hz, std::vector<float>(count, 0.0f), {}};
  result.truth.duration_s = duration;
  result.truth.reference = reference;
  for (const auto& voice : voices) {
    voice->sing(result.samples, rate_hz, random);
    voice->tell(result.truth);
  }
  result.truth.segments = layOutSegments(duration, result.truth.tones, result.truth.airs);
  addRoom(result.samples, rate_hz);
  BreathNoise breath(rate_hz);
  const double room = fromDecibels(kRoom_dbfs);
  std::size_t current = 0;
  Sampled air(rate_hz, [&](double t) {
    while (current + 1 < voices.size() && t > voices[current]->end_s()) ++current;
    return voices.empty() ? 0.0 : voices[current]->air(t);
  });
  for (std::size_t n = 0; n < count; ++n)
    result.samples[n] += static_cast<float>(air(n) * breath.next(random) + room * gaussian(random));
  return result;
}

void holdAgainst(const Reference& reference, Analysis& truth) {
  truth.reference = reference;
  for (Tone& tone : truth.tones)
    for (Note& note : tone.notes) {
      note.target_hz = frequencyOf(note.concert, reference);
      note.offset_cents = centsBetween(note.target_hz, note.f0_hz);
    }
}
/// A path that goes so far from its lowest to its highest place.
Shape spanned(Shape path, double semitones) {
  if (path.empty()) return path;
  const auto [low, high] = std::ranges::minmax(path, {}, &ShapePoint::value);
  for (ShapePoint& point : path) point.value *= 100.0 * semitones / (high.value - low.value);
  return path;
}

/// Who plays a sheet, cue after cue.
class Performer {
 public:
  Performer(const Player& player, const CueSheet& sheet, const Context& context, std::mt19937& random)
      : player_(player),
        sheet_(sheet),
        context_(context),
        random_(random),
        start_s_(std::max(leadIn(player), sheet.countIn_s())) {}

  double start_s() const { return start_s_; }
  /// Without a new start from the cue before.
  bool goesOn(std::size_t c) const {
    return c > 0 && sheet_.cues[c].slurred() && sheet_.cues[c].note && sheet_.cues[c - 1].note;
  }

  Voices play() {
    for (std::size_t c = 0; c < sheet_.cues.size(); ++c) {
      if (isSounding(sheet_.cues[c].kind) && !goesOn(c)) playTone(c);
      if (isAir(sheet_.cues[c].kind)) breathe(sheet_.cues[c]);
      if (breathesOf(sheet_.cues[c].kind) == Breathes::held && player_.hold_leak_db > kNoLeak_db)
        leak(sheet_.cues[c]);
    }
    return std::move(voices_);
  }

 private:
  void playTone(std::size_t c) {
    const SheetCue& cue = sheet_.cues[c];
    Part part{context_.instrument, 67, cue.length_s, referenceFor(context_)};
    part.part = context_.partPlayed();
    const bool small = part.part != PartPlayed::whole;
    if (cue.note)
      part.sounding = context_.soundingOf(*cue.note);
    else if (small)
      part.sounding = comfortableOn(part.part, context_.instrument);
    else if (context_.accompaniment.partner)
      part.sounding = noteOfPartner();
    else if (context_.instrument)
      part.sounding = context_.instrument->soundingOf(context_.instrument->firstNote);
    if (!cue.open) part.seconds /= kLongest;
    const double late = sheet_.cues.size() > 1 ? kTiming_s * (2.0 * uniform(random_) - 1.0) : 0.0;
    const double from = std::max({free_s_, start_s_ + cue.start_s + late, noteOfPartnerHeard_s(cue)});
    Player player = player_;
    if (small) player.offset_cents += 100.0 * player.buzz_semitones;
    if (!small && context_.instrument)
      player.level_dbfs += std::max(
          0.0, player.louder_db_per_octave *
                   (part.sounding - context_.instrument->soundingOf(context_.instrument->firstNote)) / 12.0);
    if (cue.partial > 1 && player.under_db > kNothingUnder_db)
      part.under_hz = cue.tube->hz(context_.instrument, context_.reference.a4_hz);
    if (warms()) player.offset_cents += kCold_cents * std::exp(-blown_s_ / kWarms_s);
    blown_s_ += cue.length_s;
    Score score = planTone(player, part, from, random_);
    if (!cue.open) score.toneEnd = std::min(score.toneEnd, start_s_ + cue.end_s() - 0.01);
    score.shape = cue.loudness;
    score.path = cue.pitch;
    // How far it goes where nobody says so is the player's.
    if (cue.freeWay) score.path = spanned(cue.pitch, player_.span_semitones);
    score.pulses = cue.pulses;
    score.bends = movesOf(cue.kind) == Moves::bend;
    if (score.bends && cue.pitch.empty()) score.bend_cents = kBend_cents;
    score.base_cents = naturalCents(cue);
    if (cue.partial) score.slipCents = centsBetween(*cue.partial, *cue.partial + 1);
    if (movesOf(cue.kind) == Moves::drop) {
      score.base_cents += player_.drop_cents;
      score.steps.push_back({from + kDropAt * cue.length_s, -player_.drop_cents, 0});
    }
    for (std::size_t next = c + 1; next < sheet_.cues.size() && goesOn(next); ++next)
      slurTo(next, cue, score);
    if (movesOf(cue.kind) == Moves::glide && cue.note && cue.pitch.empty())
      score.glide_cents = 100.0 * (glideOrigin(sheet_, c) - *cue.note);
    score.inhales = from - free_s_ > kBreathPause_s;
    free_s_ = score.toneEnd;
    if (small)
      voices_.push_back(std::make_unique<BuzzVoice>(part, std::move(score)));
    else
      voices_.push_back(std::make_unique<ToneVoice>(part, std::move(score)));
  }

  /// That is to be found by ear: concert semitone.
  int noteOfPartner() const {
    const double over = context_.exercise->pair ? 100.0 * context_.exercise->pair->semitones : 0.0;
    return static_cast<int>(std::lround(
        69.0 +
        centsBetween(context_.reference.a4_hz, shiftedBy(context_.accompaniment.partner->hz, over)) / 100.0));
  }
  /// When it has been heard, where nobody says it before; 0: it is known.
  double noteOfPartnerHeard_s(const SheetCue& cue) const {
    const auto& partner = context_.accompaniment.partner;
    if (cue.note || !partner || partner->notes.empty()) return 0.0;
    return start_s_ + partner->notes.front().from_s + kFindsNote_s;
  }

  /// Where nature has its partial, off the tempered note.
  double naturalCents(const SheetCue& cue) const {
    if (!cue.partial) return 0.0;
    return centsBetween(context_.hzOf(*cue.note),
                        *cue.partial * cue.tube->hz(context_.instrument, context_.reference.a4_hz));
  }

  void slurTo(std::size_t next, const SheetCue& first, Score& score) {
    const SheetCue& cue = sheet_.cues[next];
    const int semitones = *cue.note - *first.note;
    const double tempered = centsBetween(context_.hzOf(*first.note), context_.hzOf(*cue.note));
    const double late = player_.step_uneven_s * std::numbers::sqrt3 * (2.0 * uniform(random_) - 1.0);
    score.steps.push_back(
        {start_s_ + cue.start_s + late, tempered + naturalCents(cue) - naturalCents(first), semitones});
    score.toneEnd = start_s_ + cue.end_s() - 0.01;
  }

  void breathe(const SheetCue& cue) {
    const AirPhase phase = breathesOf(cue.kind) == Breathes::in ? AirPhase::inhale : AirPhase::exhale;
    const double from = std::max(free_s_, start_s_ + cue.start_s);
    // Who is short of air stops early; in a count nobody goes on beyond it.
    const double length = phase == AirPhase::exhale ? player_.length / kLongest : 1.0;
    const double counted_s = cue.length_s - std::min(kTurn_s, kTurnShare * cue.length_s);
    free_s_ = start_s_ + cue.start_s + (cue.open ? cue.length_s * length : counted_s * std::min(1.0, length));
    if (breathesOf(cue.kind) == Breathes::through) blown_s_ += cue.length_s;
    voices_.push_back(std::make_unique<BreathVoice>(player_, phase, from, free_s_));
  }

  void leak(const SheetCue& hold) {
    free_s_ = start_s_ + hold.end_s() - kTurn_s;
    voices_.push_back(
        std::make_unique<BreathVoice>(player_, AirPhase::unknown, start_s_ + hold.start_s, free_s_));
  }

  /// Air goes through the instrument, which was cold.
  bool warms() const {
    return std::ranges::any_of(sheet_.cues,
                               [](const SheetCue& cue) { return breathesOf(cue.kind) == Breathes::through; });
  }

  const Player& player_;
  const CueSheet& sheet_;
  const Context& context_;
  std::mt19937& random_;
  double start_s_;
  double free_s_ = 0.0;   // when the last sound has ended
  double blown_s_ = 0.0;  // through the instrument
  Voices voices_;
};

}  // namespace

Performance perform(const Player& player, const Part& part, std::uint32_t seed, double rate_hz) {
  std::mt19937 random(seed);
  Voices voices;
  voices.push_back(std::make_unique<ToneVoice>(part, planTone(player, part, leadIn(player), random)));
  return mix(voices, part.reference, random, rate_hz);
}

Performance performFirst(const Player& player, const CueSheet& sheet, const Context& context,
                         std::uint32_t seed, double rate_hz) {
  CueSheet first = sheet;
  for (SheetCue& cue : first.cues) {
    if (cue.note) *cue.note -= static_cast<int>(std::lround(context.exercise->pair->semitones));
    cue.pitch.clear();
    if (cue.who == Who::player || cue.who == Who::voice) cue.kind = CueKind::rest;
  }
  // Whoever holds is there before the other one comes.
  if (!first.cues.empty() && first.countIn_s() > kFirstIsThere_s) {
    first.cues.front().start_s -= kFirstIsThere_s;
    first.cues.front().length_s += kFirstIsThere_s;
  }
  Context other = context;
  other.accompaniment.partner.reset();
  return perform(player, first, other, seed, rate_hz);
}

Performance perform(const Player& player, const CueSheet& sheet, const Context& context, std::uint32_t seed,
                    double rate_hz) {
  std::mt19937 random(seed);
  Performer performer(player, sheet, context, random);
  const Voices voices = performer.play();
  Performance result = mix(voices, referenceFor(context), random, rate_hz);
  result.truth.part = context.partPlayed();
  const bool speaks = player.speaks > 0 || context.partPlayed() == PartPlayed::whole;
  std::size_t tones = 0, airs = 0, note = 0;
  for (std::size_t c = 0; c < sheet.cues.size(); ++c) {
    const SheetCue& cue = sheet.cues[c];
    CueResult row;
    row.kind = cue.kind;
    row.start_s = performer.start_s() + cue.start_s;
    row.end_s = performer.start_s() + cue.end_s();
    row.asked = cue.note;
    if (isSounding(cue.kind) && speaks) {
      note = performer.goesOn(c) ? note + 1 : 0;
      row.matched = note > 0 ? tones - 1 : tones++;
      row.note = note;
    }
    if (isAir(cue.kind)) row.matched = airs++;
    result.truth.cues.push_back(row);
  }
  if (context.exercise && context.exercise->reference == PitchReference::home)
    if (const auto own = tunedToHome(result.truth, sheet, context)) holdAgainst(*own, result.truth);
  return result;
}

}  // namespace calando
