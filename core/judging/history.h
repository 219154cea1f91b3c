#pragma once

#include <algorithm>
#include <cstdint>
#include <functional>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/day.h"
#include "core/exercise/comparison_take.h"
#include "core/exercise/exercise_ptr.h"
#include "core/judging/said.h"
#include "core/judging/take_summary.h"

/// What the takes that there are say of the next one. Pure: a list of them, newest first, goes in.
namespace calando {

struct Analysis;

/// One of a student's takes.
struct PastTake {
  std::int64_t id = 0;
  std::int64_t made_unix_s = 0;
  std::string exercise;
  TeachersWord word = TeachersWord::none;
  std::optional<TakeSummary> kept;  ///< nullopt: not measured yet
  bool stopped = false;             ///< before its end, on purpose: nothing is taken from it
  std::string tried = {};           ///< what was tried in it; empty: nothing said
  std::size_t nextTry = 0;          ///< which try of what was observed in it it asked for
  Seen seen = Seen::unsaid;         ///< of what was observed in it
  Attention attention = Attention::unsaid;
  std::vector<std::string> ticks = {};   ///< what was seen beside it, ids
  std::optional<int> note = {};          ///< asked for, written
  std::string fingering = {};            ///< in use, as it was typed
  std::optional<int> place = {};         ///< of the microphone
  Day day = {};                          ///< on which it was made
  double seconds = 0.0;                  ///< that were asked for
  std::optional<double> tempo_bpm = {};  ///< asked for instead of the card's own
  std::optional<int> mostCounts = {};    ///< of a climbing card
  std::string school = {};               ///< in whose words the card spoke; empty: of all
};

/// Seconds of the longest tone or breath out that counts; 0 for none.
double longestHeld_s(std::span<const PastTake> past);

/// The teacher's word goes before the figures.
Verdict verdictOf(TeachersWord word, const TakeSummary& kept);

/// It counts: neither an invalid try, nor stopped, nor unmeasured.
inline bool counts(const PastTake& take) {
  return take.word != TeachersWord::invalidTry && !take.stopped && take.kept.has_value();
}

/// What makes a step reliable: so many good takes of the newest, on so many days at least.
struct Gate {
  int good = 3;  ///< 0: it is always passed
  int of = 5;
  int days = 2;  ///< never more than `of`
  bool operator==(const Gate&) const = default;
};
/// As its card says, on two days, or on one where a single good take is enough; `wanted`: the teacher's own
/// instead. What is not judged gates nothing.
Gate gateOf(const Exercise& card, const std::optional<Gate>& wanted = {});

/// How a step of the lesson stands with a student.
struct Standing {
  Verdict last = Verdict::unmeasured;  ///< of the newest take that counts
  int good = 0;                        ///< inside or near, of the newest `of` of the gate
  int tries = 0;                       ///< how many of those there are
  int days = 0;                        ///< on how many different days the good ones were
  /// Good takes that are wanting until the gate is passed.
  int toCome(const Gate& gate) const { return std::max({gate.good - good, gate.days - days, 0}); }
};
/// Of the takes of the card that count: invalid tries do not.
Standing standingOf(std::span<const PastTake> takes, const Exercise& card, const Gate& gate);
/// The same of takes that all count; `scored`: they are judged.
Standing tally(std::span<const PastTake> takes, bool scored, const Gate& gate);
/// Inside or near, as the teacher hears it; where nothing is judged, to have done it is good.
bool isGood(const PastTake& take, bool scored);

/// The days of takes, newest first, each once.
std::vector<Day> daysOf(std::span<const PastTake> takes);

/// How many takes of a card were made in [from, to).
int madeBetween(std::span<const PastTake> takes, const std::string& exercise, std::int64_t from_unix_s,
                std::int64_t to_unix_s);

/// The most that a figure of a card has been in [from, to).
std::optional<double> mostOf(std::span<const PastTake> takes, const std::string& exercise,
                             const std::string& figure, std::int64_t from_unix_s, std::int64_t to_unix_s);

/// A week of a student's.
struct Week {
  std::int64_t from_unix_s;
  int sets = 0;  ///< takes that have any of the figures
  std::vector<std::optional<double>> values = {};
};
/// A figure by week: the most of its takes, their median, or the least.
struct WeekFigure {
  enum class Of { most, middle, least };
  std::string_view id;
  Of of = Of::most;
};
/// The last `weeks` of seven days before `now`, oldest first.
std::vector<Week> weeksOf(std::span<const PastTake> takes, std::int64_t now_unix_s, std::size_t weeks,
                          std::span<const WeekFigure> figures);

/// A figure of takes that have something in common.
struct Alike {
  int takes;
  double mean;
  double error;  ///< standard error of the mean
};
/// A figure of a card with one thing and with another.
struct Contrast {
  Alike one, other;
  /// One less the other, and its standard error.
  double difference() const { return one.mean - other.mean; }
  double error() const;
  /// Twice its error or more.
  bool tells() const;
};
/// Of the takes of a card that count; nullopt under three of either.
std::optional<Contrast> contrastOf(std::span<const PastTake> takes, const std::string& exercise,
                                   const std::string& figure,
                                   const std::function<bool(const PastTake&)>& isOne,
                                   const std::function<bool(const PastTake&)>& isOther);
/// By figure the middle of the newest five takes of a card, a note and a place of the microphone that the
/// teacher accepted, of figures that are held against those (Figure::belowOwn); of fewer than three nothing.
std::map<std::string, double> acceptedOf(std::span<const PastTake> takes, const std::string& exercise,
                                         std::optional<int> note, std::optional<int> place);
/// What attention did: on the sound against on the count.
std::optional<Contrast> attentionEffect(std::span<const PastTake> takes, const std::string& exercise,
                                        const std::string& figure);
/// What it did that something was seen, against takes with which something else was seen and that was not.
std::optional<Contrast> tickEffect(std::span<const PastTake> takes, const std::string& exercise,
                                   const std::string& figure, std::string_view tick);
/// What the words of two schools did, those of a card that were used most, by their names.
struct SchoolEffect {
  std::string one, other;
  Contrast contrast;
};
std::optional<SchoolEffect> schoolEffect(std::span<const PastTake> takes, const std::string& exercise,
                                         const std::string& figure);

/// The take that the card's takes are held against: the student's best of it, or the teacher's model, where
/// the card has one of either.
std::optional<ComparisonTake> rivalFor(std::span<const PastTake> takes, const Exercise& card,
                                       std::optional<std::int64_t> model);
/// Of those with the longest tone the steadiest. Nullopt for none.
std::optional<ComparisonTake> bestOf(std::span<const ComparisonTake> takes);
/// What others are held against of a take; nullopt when it has no tone.
std::optional<ComparisonTake> rivalOf(const Analysis& analysis);
std::optional<ComparisonTake> rivalOf(const TakeSummary& kept);

/// Those of the same card before a take, newest first, `most` at most; neither invalid tries nor what is not
/// measured.
std::vector<const TakeSummary*> takesBefore(std::span<const PastTake> takes, const PastTake& take,
                                            std::size_t most);
/// Their figures by id, oldest first.
std::map<std::string, std::vector<double>> valuesBefore(std::span<const PastTake> takes, const PastTake& take,
                                                        std::size_t most);
/// What was to be tried after the take before; empty for nothing.
std::string adviceBefore(std::span<const PastTake> takes, const PastTake& take);
/// The take of the same card before one of the list; nullopt for none.
std::optional<std::int64_t> takeBefore(std::span<const PastTake> takes, std::int64_t take);

}  // namespace calando
