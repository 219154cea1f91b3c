#include "core/judging/judging.h"

#include <algorithm>
#include <map>

#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/figure.h"
#include "core/figures/figure_input.h"
#include "core/judging/advice.h"
#include "core/judging/level.h"
#include "core/measure/air/breaths.h"

namespace calando {

namespace {

constexpr double kKeyUnsure_s = 0.3;  // a hand is that much early or late

/// The target that holds here: the take's own, the card's own at this level, or the level's.
std::optional<Target> targetFor(const Figure& figure, const Analysis& analysis, const Context& context) {
  if (!context.exercise->scored) return std::nullopt;
  if (figure.ownTarget)
    if (const auto own = figure.ownTarget(context)) return own->target;
  // What the teacher called good on this note goes before what is asked of everybody.
  if (const auto own = context.own.find(std::string(figure.id)); own != context.own.end())
    return Target{own->second - figure.belowOwn, std::nullopt, figure.belowOwn, {}};
  const Target* found =
      findTarget(std::string(figure.id), *context.exercise, *context.level, context.instrument);
  if (!found) return std::nullopt;
  Target target = *found;
  if (const auto wider = figure.widening ? figure.widening(analysis) : std::nullopt) {
    for (auto* bound : {&target.low, &target.high})
      if (*bound) **bound *= *wider;
    target.width *= *wider;
  }
  return target;
}

/// Distance outside the target, in widths of it.
double excessOf(double value, const Target& target) {
  const double below = target.low ? *target.low - value : 0.0;
  const double above = target.high ? value - *target.high : 0.0;
  return std::max({0.0, below, above}) / target.width;
}

Verdict verdictOf(double excess) {
  return excess <= 0.0 ? Verdict::inside : excess <= kNearWidths ? Verdict::near : Verdict::outside;
}

/// Breath was asked for, and not heard as it was.
bool isSpoilt(const Analysis& analysis, const Context& context) {
  return analysis.airSpoilt() && !context.exercise->asksForTones();
}

Reading read(const Figure& figure, const FigureInput& heard, const Context& context) {
  Reading r;
  r.figure = &figure;
  if (isSpoilt(heard.analysis, context) && !figure.byKey) return r;
  r.value = valueOf(figure, heard);
  if (r.value && figure.unsure) r.unsure = figure.unsure(heard);
  if (r.value && figure.leaning) r.leaning = figure.leaning(heard);
  if (heard.analysis.letGoTooEarly) return r;
  const auto target = targetFor(figure, heard.analysis, context);
  if (target) {
    r.low = target->low;
    r.high = target->high;
    r.hasTarget = true;
  }
  const bool anotherNote =
      figure.ofTheNoteAsked && std::ranges::none_of(heard.played, [&](const CueResult* cue) {
        return figure.ofCue(*cue, heard.analysis).has_value();
      });
  const bool unheard = heard.played.empty() && !(figure.byKey && r.value);
  if (unheard || anotherNote) {
    r.verdict = Verdict::notYet;
    return r;
  }
  if (!r.value || !target) return r;
  r.excess = excessOf(figure.print.rounded(*r.value), *target);
  r.verdict = verdictOf(r.excess);
  return r;
}

/// The worst of the figures of a row that the exercise is judged by. What is counted over the take marks
/// those rows in which some of it lies, as the count itself is marked.
Verdict rowVerdict(const CueResult& cue, const FigureInput& heard, const Context& context) {
  const Analysis& analysis = heard.analysis;
  if (!cue.isAudible() && !cue.leak_s) return Verdict::unmeasured;
  if (cue.isAudible() && !cue.matched) return Verdict::notYet;
  double worst = -1.0;
  for (const std::string& id : context.exercise->readings) {
    const Figure& figure = *findFigure(id);
    const bool counted = figure.within && figure.within(cue, analysis) > 0;
    const auto value = counted        ? valueOf(figure, heard)
                       : figure.ofCue ? figure.ofCue(cue, analysis)
                                      : std::nullopt;
    const auto target = targetFor(figure, analysis, context);
    if (value && target) worst = std::max(worst, excessOf(figure.print.rounded(*value), *target));
  }
  return worst < 0.0 ? Verdict::unmeasured : verdictOf(worst);
}

/// Timed by key: before the air came. Where no air was heard at all nobody can say so.
bool letGoTooEarly(const Analysis& analysis, const Context& context) {
  if (!context.key || !context.exercise->timedByKey) return false;
  for (const CueResult& cue : analysis.cues)
    if (const Air* air = soundOf(cue, analysis).air) return air->start_s > context.key->from_s + kKeyUnsure_s;
  return false;
}

/// What is observed of the small part, or where a tone was wanted and none came; nullopt for all else, where
/// nothing is judged, and where not even a room was recorded.
std::optional<Observed> observedIn(const Analysis& analysis, const Context& context) {
  const bool whole = analysis.part == PartPlayed::whole;
  const bool silent = analysis.tones.empty() && context.exercise->asksForTones() && analysis.noiseFloor_dbfs;
  if (!context.exercise->scored || (whole && !silent)) return std::nullopt;
  Observed observed;
  observed.from = whole ? AdviceCard::From::silence : AdviceCard::From::smallPart;
  observed.family = rowOf(analysis.part).family;
  if (const Tone* tone = analysis.mainTone(); tone && !whole) {
    observed.quality = tone->quality;
    const Note* note = tone->mainNote();
    observed.low = note && note->f0_hz < rowOf(analysis.part).low_hz;
  }
  // As most of its sounds began; of those that began as often, the worse.
  std::map<Start, int> starts;
  for (const CueResult& cue : analysis.cues)
    if (cue.start) ++starts[*cue.start];
  int most = 0;
  for (const auto& [start, count] : starts)
    if (count >= most) {
      most = count;
      observed.start = start;
    }
  return observed;
}

}  // namespace

Verdict overallVerdict(const std::vector<Reading>& readings) {
  const auto has = [&](Verdict v) {
    return std::ranges::find(readings, v, &Reading::verdict) != readings.end();
  };
  for (const Verdict v : {Verdict::outside, Verdict::near, Verdict::inside, Verdict::notYet})
    if (has(v)) return v;
  return Verdict::unmeasured;
}

Analysis unjudged(Analysis analysis) {
  analysis.readings.clear();
  analysis.aside.clear();
  analysis.advice.clear();
  for (CueResult& cue : analysis.cues) cue.verdict = Verdict::unmeasured;
  return analysis;
}

void judge(Analysis& analysis, const Tracks& tracks, const CueSheet& sheet, const Context& context) {
  analysis.cues = describeCues(analysis, tracks, sheet, context);
  nameByCues(analysis, sheet, context);
  nameThin(analysis.airs, context.open);
  analysis.letGoTooEarly = letGoTooEarly(analysis, context);
  const bool judged = !analysis.letGoTooEarly && !isSpoilt(analysis, context);
  const FigureInput heard = heardIn(analysis, context.against);
  for (CueResult& cue : analysis.cues)
    cue.verdict = judged ? rowVerdict(cue, heard, context) : Verdict::unmeasured;
  const auto has = [&](std::string_view id) {
    return std::ranges::find(analysis.readings, id, &Reading::id) != analysis.readings.end();
  };
  const auto add = [&](std::string_view id) {
    analysis.readings.push_back(read(*findFigure(id), heard, context));
  };
  for (const std::string& id : context.exercise->readings) add(id);
  if (sheet.oneSound())
    for (const char* id : {"attempts", "spoke_at"})
      if (!has(id)) add(id);
  for (const Figure& figure : figures())
    if (figure.aside && !has(figure.id)) analysis.aside.push_back(read(figure, heard, context));
  const auto observed = judged ? observedIn(analysis, context) : std::nullopt;
  if (auto advice = chooseAdvice(analysis.readings, analysis.aside, context.instrument,
                                 observed ? &*observed : nullptr, context.nextTries))
    analysis.advice.push_back(std::move(*advice));
}

}  // namespace calando
