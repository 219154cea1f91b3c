#pragma once

#include <algorithm>
#include <array>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/figures/start.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/for_whom.h"

namespace calando {

struct Advice;
struct Analysis;
struct CueResult;
struct Reading;

/// A text of data/advice.json.
struct AdviceCard {
  struct Condition {
    std::string reading;
    std::optional<double> above;
    std::optional<double> below;
    bool orTarget = false;  ///< where the exercise has a bound of its own, that one
  };
  /// One thing to do.
  struct Try {
    std::string says;
    ForWhom whom = {};        ///< it is for
    std::string school = {};  ///< in whose words; empty: in those of all
    bool image = false;       ///< a picture in words: what it is like, not what happens
  };
  std::string id;
  std::string reading;  ///< empty: for when all are inside
  bool low = false;     ///< the side of the target it is for
  bool high = false;
  int leaning = 0;  ///< of a size: the side of 0 it is for, -1 or 1; 0: whichever
  std::vector<Condition> conditions;
  std::string says;        ///< the observation; what stands in braces is one of placesIn()
  std::vector<Try> tries;  ///< in the order in which a teacher would try them, one at a time; none
                           ///< where all is well: what comes then is the plan's to say
  std::string why;
  std::vector<std::string> instead;  ///< ids of cards that train just that, the first that can be played
  /// What it is taken from. Observations go before figures: the first that fits is the one.
  /// Of `outside`: a figure for which there is no advice of its own.
  enum class From { figures, outside, smallPart, silence };
  From from = From::figures;
  ForWhom whom;               ///< it is for
  std::vector<Start> starts;  ///< empty: however it began
  std::vector<BuzzQuality> qualities;
  bool lowPitch = false;  ///< for a sound that is low for its part
  /// By which it is seen what a try did, its reading where it has one; empty: whether it is heard again.
  std::string figure;

  bool observes() const { return from == From::smallPart || from == From::silence; }
  /// What the try that is asked for is, given how many were asked for before; the last one goes on.
  const Try& tryAt(std::size_t index) const { return tries[std::min(index, tries.size() - 1)]; }
};
/// What an observation is taken from, beside the figures: of the small part, or where nothing sounded.
struct Observed {
  AdviceCard::From from = AdviceCard::From::smallPart;
  std::optional<Start> start;
  std::optional<BuzzQuality> quality;
  bool low = false;               ///< for its part
  Family family = Family::brass;  ///< of the part, where nobody has said which instrument
};

/// What stands in a text for what the player's instrument is tuned with, and for the name of the figure that
/// it is about, the first of Advice::because.
inline constexpr std::string_view kTunerPlace = "{tuner}", kFigurePlace = "{figure}";
/// What a text can have of a reading, as it stands there: "{id}", "{id:low}" and "{id:high}" of its target,
/// "{id:unsure}"; each with its value.
std::array<std::pair<std::string, std::optional<double>>, 4> placesIn(const Reading& reading);

tl::expected<std::vector<AdviceCard>, Problem> parseAdvice(std::string_view json);
const std::vector<AdviceCard>& adviceCards();

/// The one piece of advice: for the figure furthest outside its target in widths of the target. Those within
/// a tenth of the furthest count as equal, and among them what a teacher mends first comes first: sound that
/// starts and lasts, then steady, then in tune, then full. Where there is no advice for that, for the next
/// one outside that has some; else for what is outside, by its name. Nullopt when nothing was judged.
/// `known`: readings that the card does not show, for the conditions of the advice and its words.
/// `instrument`: whose advice; nullptr: only what is for everybody.
/// `observed`: of the small part, or of silence, whose observations go first; nullptr: there is nothing but
/// figures.
/// `nextTries`: which of its tries is asked for, by the advice's id; else the first that is for the player.
std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings, const std::vector<Reading>& known,
                                   const Instrument* instrument, const Observed* observed,
                                   const std::map<std::string, std::size_t>& nextTries = {});

}  // namespace calando
