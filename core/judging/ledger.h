#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/judging/advice.h"
#include "core/judging/history.h"

/// What was tried with a student, and what it did. Pure: their takes, newest first, go in.
namespace calando {

struct Figure;

/// A try that was taken up, and the take after it beside the one that it was asked for in.
struct TriedCue {
  const AdviceCard* observed;
  std::size_t index;               ///< which of its tries
  const Figure* figure = nullptr;  ///< what was held beside; nullptr: whether it was heard again
  std::optional<double> before, after;
  bool helped;  ///< the figure moved the right way, or it was not heard again
};
/// Of all advice, newest first. A take counts where it says that the try of the one before it of the same
/// exercise was taken up (PastTake::tried).
std::vector<TriedCue> ledgerOf(std::span<const PastTake> takes);

/// Which try of each advice comes next with this student, by the advice's id, where it is not its first: the
/// one that helped most often and more often than not, else the first that was not asked for yet, else the
/// one after that which was asked for last. Never the one that was asked for in the newest take, where there
/// is another; only those that are for the instrument (nullptr: for everybody). `school`: in whose words;
/// tries in those of others are left out, unless it is empty.
std::map<std::string, std::size_t> nextTries(std::span<const PastTake> takes, const Instrument* instrument,
                                             const std::string& school);

/// How often an observation was said to be right or wrong.
struct Confirmed {
  int right = 0;
  int said = 0;
};
Confirmed confirmedOf(std::span<const PastTake> takes, const std::string& observation);

}  // namespace calando
