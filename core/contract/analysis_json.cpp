#include "core/contract/analysis_json.h"

#include <cmath>

#include "core/base/plain_text.h"
#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/figures/verdict.h"
#include "core/signal/tracks.h"

namespace calando {

using json = nlohmann::ordered_json;

json number(const std::optional<double>& value) {
  return value && std::isfinite(*value) ? json(*value) : json(nullptr);
}

namespace {

/// Those that are not empty, by their ids.
json known(std::initializer_list<std::pair<const char*, std::optional<double>>> values) {
  json object = json::object();
  for (const auto& [id, value] : values)
    if (value) object[id] = number(value);
  return object;
}
json flag(const std::optional<bool>& value) { return value ? json(*value) : json(nullptr); }

struct Writer {
  const Context& context;
  Spelling spelling;

  std::string name(int semitone) const { return noteName(semitone, spelling); }

  json note(const Note& n) const {
    json harmonics = json::array();
    for (const auto& h : n.harmonics_db) harmonics.push_back(number(h));
    return {{"start_s", number(n.start_s)},
            {"end_s", number(n.end_s)},
            {"asked", n.asked ? json(name(*n.asked)) : json(nullptr)},
            {"written", name(n.written)},
            {"concert", name(n.concert)},
            {"partial", n.partial ? json(*n.partial) : json(nullptr)},
            {"series_cents", number(n.series_cents)},
            {"under_db", number(n.under_db)},
            {"f0_hz", number(n.f0_hz)},
            {"target_hz", number(n.target_hz)},
            {"offset_cents", number(n.offset_cents)},
            {"wander_cents", number(n.wander_cents)},
            {"shake_cents", number(n.shake_cents)},
            {"drift_cents_per_s", number(n.drift_cents_per_s)},
            {"vibrato", n.vibrato ? json{{"rate_hz", number(n.vibrato->rate_hz)},
                                         {"extent_cents", number(n.vibrato->extent_cents)}}
                                  : json(nullptr)},
            {"level_dbfs", number(n.level_dbfs)},
            {"level_sd_db", number(n.level_sd_db)},
            {"level_slope_db_per_s", number(n.level_slope_db_per_s)},
            {"level_wave", n.level_wave ? json{{"rate_hz", number(n.level_wave->rate_hz)},
                                               {"depth_db", number(n.level_wave->depth_db)}}
                                        : json(nullptr)},
            {"hnr_db", number(n.hnr_db)},
            {"brightness", number(n.brightness)},
            {"tilt_db_per_octave", number(n.tilt_db_per_octave)},
            {"odd_even_db", number(n.odd_even_db)},
            {"jitter_percent", number(n.jitter_percent)},
            {"shimmer_db", number(n.shimmer_db)},
            {"subharmonic_db", number(n.subharmonic_db)},
            {"harmonics_db", harmonics},
            {"colour_repeat_db", number(n.colour_repeat_db)},
            {"unsure", known({{"offset_cents", n.offset_cents ? n.unsure.pitch_cents : std::nullopt},
                              {"level_dbfs", n.unsure.level_dbfs},
                              {"hnr_db", n.unsure.hnr_db},
                              {"brightness", n.unsure.brightness}})}};
  }

  json cue(const CueResult& c, const Analysis& a) const {
    json row{{"kind", nameOf(c.kind)},
             {"start_s", number(c.start_s)},
             {"end_s", number(c.end_s)},
             {"asked", c.asked ? json(name(*c.asked)) : json(nullptr)},
             {"matched", c.matched ? json(*c.matched) : json(nullptr)},
             {"note", c.note ? json(*c.note) : json(nullptr)},
             {"start", c.start ? json(nameIn(kStarts, *c.start)) : json(nullptr)}};
    json unsure = json::object();
    for (const Figure& figure : figures()) {
      if (!figure.ofCue) continue;
      const std::string id(figure.id);
      row[id] = number(figure.ofCue(c, a));
      const auto deviation = figure.unsureOfCue ? figure.unsureOfCue(c, a) : std::nullopt;
      if (deviation && !row[id].is_null()) unsure[id] = number(deviation);
    }
    row["unsure"] = unsure;
    row["verdict"] = verdictName(c.verdict);
    return row;
  }

  static json range(const std::optional<PitchRange>& r) {
    if (!r) return nullptr;
    return {{"lowest_hz", number(r->lowest_hz)},
            {"highest_hz", number(r->highest_hz)},
            {"span_semitones", number(r->semitones())},
            {"lowest_steady_hz", number(r->lowestSteady_hz)},
            {"highest_steady_hz", number(r->highestSteady_hz)}};
  }

  json tone(const Tone& t) const {
    json notes = json::array(), glides = json::array(), dropouts = json::array(), slips = json::array(),
         transitions = json::array();
    for (const Note& n : t.notes) notes.push_back(note(n));
    for (const Glide& g : t.glides)
      glides.push_back({{"start_s", number(g.start_s)},
                        {"end_s", number(g.end_s)},
                        {"from_hz", number(g.from_hz)},
                        {"to_hz", number(g.to_hz)},
                        {"span_semitones", number(g.semitones())},
                        {"uneven_cents", number(g.uneven_cents)},
                        {"breaks", g.breaks}});
    for (const Dropout& d : t.dropouts)
      dropouts.push_back(
          {{"at_s", number(d.at_s)}, {"length_s", number(d.length_s)}, {"air_went_on", flag(d.air_went_on)}});
    for (const Transition& n : t.transitions)
      transitions.push_back({{"from", name(n.from)},
                             {"to", name(n.to)},
                             {"at_s", number(n.at_s)},
                             {"length_ms", number(n.length_ms)},
                             {"gap_ms", number(n.gap_ms)},
                             {"dip_db", number(n.dip_db)},
                             {"bump_db", number(n.bump_db)},
                             {"over_break", flag(n.over_break)}});
    for (const Slip& s : t.slips)
      slips.push_back({{"at_s", number(s.at_s)},
                       {"from", name(s.from)},
                       {"to", name(s.to)},
                       {"length_s", number(s.length_s)},
                       {"from_partial", s.from_partial ? json(*s.from_partial) : json(nullptr)},
                       {"to_partial", s.to_partial ? json(*s.to_partial) : json(nullptr)}});
    return {{"start_s", number(t.start_s)},
            {"end_s", number(t.end_s)},
            {"held_s", number(t.held_s)},
            {"notes", notes},
            {"glides", glides},
            {"dropouts", dropouts},
            {"slips", slips},
            {"transitions", transitions},
            {"onset",
             {{"air_before_ms", number(t.onset.air_before_ms)},
              {"rise_ms", number(t.onset.rise_ms)},
              {"scoop_cents", number(t.onset.scoop_cents)},
              {"settle_ms", number(t.onset.settle_ms)}}},
            {"release",
             {{"sag_cents", number(t.release.sag_cents)},
              {"fade_db", number(t.release.fade_db)},
              {"rings_on_s", t.release.rings_on_s}}},
            {"range", range(t.range)},
            {"level_dbfs", number(t.level_dbfs)},
            {"hnr_db", number(t.hnr_db)},
            {"quality", t.quality ? json(nameIn(kQualities, *t.quality)) : json(nullptr)},
            {"quality_margin", number(t.quality_margin)},
            {"unsure", known({{"held_s", t.held_unsure_s}})}};
  }
};

std::string kindName(SegmentKind kind) {
  switch (kind) {
    case SegmentKind::silence:
      return "silence";
    case SegmentKind::air:
      return "air";
    case SegmentKind::tone:
      return "tone";
  }
  return "";
}

std::string phaseName(AirPhase phase) {
  switch (phase) {
    case AirPhase::inhale:
      return "inhale";
    case AirPhase::exhale:
      return "exhale";
    case AirPhase::unknown:
      return "unknown";
  }
  return "";
}

std::string_view soundName(AirSound sound) {
  switch (sound) {
    case AirSound::open:
      return "open";
    case AirSound::tight:
      return "tight";
    case AirSound::thin:
      return "thin";
    case AirSound::faint:
      return "faint";
    case AirSound::unclear:
      return "unclear";
  }
  return "";
}

json reading(const Reading& r) {
  return {{"id", r.figure->id},
          {"label", r.figure->label},
          {"value", number(r.value)},
          {"unsure", number(r.unsure)},
          {"unit", r.figure->unit},
          {"target", r.hasTarget ? json::array({number(r.low), number(r.high)}) : json(nullptr)},
          {"verdict", verdictName(r.verdict)}};
}

}  // namespace

std::string verdictName(Verdict verdict) {
  switch (verdict) {
    case Verdict::inside:
      return "inside";
    case Verdict::near:
      return "near";
    case Verdict::outside:
      return "outside";
    case Verdict::notYet:
      return "not-yet";
    case Verdict::unmeasured:
      return "unmeasured";
  }
  return "";
}

/// What can only be told once the players are told apart is null where they are not.
namespace {
json tuningsOf(const std::optional<Tunings>& tunings) {
  if (!tunings) return nullptr;
  return {{"from_pure_cents", number(tunings->from_pure_cents)},
          {"from_equal_cents", number(tunings->from_equal_cents)},
          {"equal_beats_hz", number(tunings->equal_beats_hz)},
          {"nearer", tunings->nearerPure() ? "pure" : "equal"}};
}

json pairOf(const std::optional<Pair>& pair) {
  if (!pair) return nullptr;
  json beats = json::array();
  for (const Pair::Beat& b : pair->beats)
    beats.push_back(
        {{"at_s", number(b.at_s)}, {"rate_hz", number(b.rate_hz)}, {"spread_hz", number(b.spread_hz)}});
  return {{"interval_semitones", number(pair->interval_semitones)},
          {"from_s", number(pair->from_s)},
          {"to_s", number(pair->to_s)},
          {"cents_at_start", number(pair->cents_at_start)},
          {"cents_at_end", number(pair->cents_at_end)},
          {"sign_known", pair->sign_known},
          {"beats", beats},
          {"lock_s", number(pair->lock_s)},
          {"wrong_way_first", flag(pair->wrong_way_first)},
          {"moved", nameIn(kMoved, pair->moved)},
          {"left_again", pair->left_again},
          {"residual_cents", number(pair->residual_cents)},
          {"beat_left_hz", number(pair->beat_left_hz)},
          {"tunings", tuningsOf(pair->tunings)},
          {"first_hz", number(pair->first_hz)},
          {"second_hz", number(pair->second_hz)}};
}
}  // namespace

json readingsOf(const Analysis& analysis) {
  json list = json::array();
  for (const Reading& r : analysis.readings) list.push_back(reading(r));
  return list;
}

json adviceOf(const Analysis& analysis) {
  json list = json::array();
  for (const Advice& x : analysis.advice)
    list.push_back({{"id", x.id}, {"text", x.text}, {"why", x.why}, {"because", x.because}});
  return list;
}

json toJson(const Analysis& a, const SourceInfo& source, const Context& context) {
  const Reference& reference = a.reference;
  const Writer writer{context, spellingFor(context)};
  json segments = json::array(), tones = json::array(), airs = json::array(), cues = json::array();
  for (const Segment& s : a.segments)
    segments.push_back(
        {{"kind", kindName(s.kind)}, {"start_s", number(s.start_s)}, {"end_s", number(s.end_s)}});
  for (const Tone& t : a.tones) tones.push_back(writer.tone(t));
  for (const Air& air : a.airs)
    airs.push_back({{"start_s", number(air.start_s)},
                    {"end_s", number(air.end_s)},
                    {"phase", phaseName(air.phase)},
                    {"level_dbfs", number(air.level_dbfs)},
                    {"centroid_hz", number(air.centroid_hz)},
                    {"evenness_db", number(air.evenness_db)},
                    {"front_load", number(air.front_load)},
                    {"end_load", number(air.end_load)},
                    {"full_at", number(air.full_at)},
                    {"bandwidth_hz", number(air.bandwidth_hz)},
                    {"sound_margin_db", number(air.sound_margin_db)},
                    {"open_distance_db", number(air.open_distance_db)},
                    {"sound", soundName(air.sound)}});
  for (const CueResult& c : a.cues) cues.push_back(writer.cue(c, a));
  return {
      {"schema", "calando.analysis/1"},
      {"engine", engineVersion()},
      {"source",
       {{"path", source.path},
        {"sample_rate_hz", number(source.sample_rate_hz)},
        {"channels", source.channels},
        {"duration_s", number(a.duration_s)},
        {"channel", source.channel},
        {"clipped_samples", a.clippedSamples},
        {"bad_samples", a.badSamples},
        {"noise_floor_dbfs", number(a.noiseFloor_dbfs)},
        {"drone_dbfs", number(a.drone_dbfs)},
        {"clicks_dbfs", number(a.clicks_dbfs)},
        {"swell_dbfs", number(a.swell_dbfs)},
        {"processing",
         {{"noise_suppression", flag(a.processing.noiseSuppression)},
          {"gate", flag(a.processing.gate)},
          {"automatic_gain", flag(a.processing.automaticGain)}}}}},
      {"reference",
       {{"part", nameOf(a.part)},
        {"a4_hz", number(reference.a4_hz)},
        {"temperament", reference.just ? "just" : "equal"},
        {"tonic", reference.just ? json(pitchClassName(reference.tonic, writer.spelling)) : json(nullptr)},
        {"instrument", context.instrument ? json(context.instrument->id) : json(nullptr)},
        {"transposition_semitones", context.instrument ? context.instrument->transposition : 0}}},
      {"segments", segments},
      {"tones", tones},
      {"airs", airs},
      {"pair", pairOf(a.pair)},
      {"cues", cues},
      {"readings", readingsOf(a)},
      {"advice", adviceOf(a)}};
}

std::string tracksCsv(const Tracks& tracks, const Analysis& analysis) {
  std::string csv = "time_s,f0_hz,confidence,level_dbfs,hnr_db,brightness,air_dbfs,kind\n";
  std::size_t segment = 0;
  const ColourFrame* colour = nullptr;
  for (std::size_t i = 0; i < tracks.frames.size(); ++i) {
    const TrackFrame& f = tracks.frames[i];
    const double t = static_cast<double>(i) * kHop_s;
    while (segment + 1 < analysis.segments.size() && t >= analysis.segments[segment].end_s) ++segment;
    const SegmentKind kind =
        analysis.segments.empty() ? SegmentKind::silence : analysis.segments[segment].kind;
    const bool voiced = kind == SegmentKind::tone && f.f0_hz > 0.0f;
    if (f.colour >= 0) colour = &tracks.colours[static_cast<std::size_t>(f.colour)];
    if (!voiced) colour = nullptr;
    const auto put = [&](int decimals, bool known, double value) {
      if (known) csv += fixed(value, decimals);
      csv += ',';
    };
    put(2, true, t);
    put(5, voiced, f.f0_hz);
    put(3, true, f.confidence);
    put(2, f.level_dbfs > EnergyTrack::kSilence_db, f.level_dbfs);
    put(2, colour != nullptr, colour ? colour->hnr_db : 0.0);
    put(3, colour != nullptr, colour ? colour->brightness : 0.0);
    put(2, colour != nullptr || !voiced, colour ? colour->noise_dbfs : f.level_dbfs);
    csv += kindName(kind) + "\n";
  }
  return csv;
}

}  // namespace calando
