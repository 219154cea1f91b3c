#pragma once

#include <QString>

#include "core/growth/fatigue.h"
#include "core/plan/next_try.h"
#include "core/plan/sheet.h"
#include "core/theory/instrument.h"

/// The plan in words.
namespace calando::words {

/// "12 s", "72 beats a minute", "9 counts": what a card grows by.
QString asking(const Grows& grows, double asked);
/// "10 → 12 s", "then Scale tones, 8 on, 8 off", "B♭4 → B4", "not before Mon 30 Nov".
QString proposal(const Proposal& proposal, const PlanState& state, const Instrument* instrument);
/// What led to it: "4 good of the last 5, on 2 days", "none good on the last three days".
QString reason(const Proposal& proposal);
/// What the lesson goes on with: "Good. Once more the same: 2 more until it is reliable."
QString nextTry(const NextTry& next, const PlanState& state, const Instrument* instrument);
/// "pitch −8 cents, level −3 dB".
QString fallen(const Fatigue& fatigue);
/// "Mon 30 Nov".
QString day(Day day);
/// "Mon 30 Nov 2026".
QString dayAndYear(Day day);
/// "One steady tone on B♭4", "Scale tones from F4".
QString playedOn(const SheetItem& item, const Instrument* instrument);
/// "10 s", "72 beats a minute"; empty where a card does not grow.
QString asked(const SheetItem& item);
/// "One steady tone on B♭4, 10 s: 3 × 10 s, rest 10 s".
QString line(const SheetItem& item, const Instrument* instrument);
/// "2 × 40 s, rest 20 s".
QString howOften(const SheetItem& item);
/// "6 min", "45 s".
QString duration(double seconds);

}  // namespace calando::words
