#pragma once

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <vector>

#include "core/engine/take_stages.h"
#include "core/homework/marking.h"
#include "support/homework.h"

/// Homework that was made up, marked, and how well.
namespace sounds {

/// What was sent of an item.
struct Wanted {
  calando::ItemState state = calando::ItemState::missing;
  std::vector<SentPiece> pieces;

  void add(const SentPiece& piece, bool breaksOff) {
    pieces.push_back(piece);
    if (state != calando::ItemState::complete)
      state = breaksOff ? calando::ItemState::incomplete : calando::ItemState::complete;
  }
};

/// One recording at 48 kHz; `samples` must outlive it.
inline std::vector<calando::SentRecording> asSent(const std::vector<float>& samples) {
  constexpr double rate_hz = 48000.0;
  const auto read = [&samples](double from_s, double to_s) {
    const auto at = [&](double t) {
      return samples.begin() +
             static_cast<long>(std::min(samples.size(), static_cast<std::size_t>(t * rate_hz)));
    };
    return std::vector<float>(at(from_s), at(to_s));
  };
  std::vector<calando::SentRecording> list;
  list.push_back({calando::trackTake(samples, rate_hz, {}), read});
  return list;
}

/// Of a spoken phrase: all that no try claims within it is talk, and there is some.
inline bool isToldAsTalk(const calando::Marking& marking, const SentPiece& phrase) {
  bool any = false;
  for (const calando::OtherStretch& other : marking.other) {
    const double within = std::min(other.end_s, phrase.end_s) - std::max(other.start_s, phrase.start_s);
    if (other.kind == calando::SentKind::speech)
      any = any || within > 0.0;  // with the next phrase it may be one stretch
    else if (within > 0.5 * (other.end_s - other.start_s))
      return false;
  }
  return any;
}

struct Score {
  int items = 0, right = 0;    ///< states
  int marked = 0, placed = 0;  ///< best tries within 0.3 s of one that was sent
  int talked = 0;              ///< tries that are mostly talk
  int phrases = 0, told = 0;   ///< spoken ones, and how many are said to be

  void add(const calando::Marking& marking, const calando::HomeworkList& list,
           const std::vector<Wanted>& wanted, const std::vector<SentPiece>& pieces, unsigned recording) {
    for (std::size_t i = 0; i < wanted.size(); ++i) {
      const calando::MarkedItem& item = marking.items[i];
      ++items;
      if (item.state != wanted[i].state) {
        std::printf("recording %u: %s is %d, not %d\n", recording, list.items[i].exercise->id.c_str(),
                    static_cast<int>(item.state), static_cast<int>(wanted[i].state));
        continue;
      }
      ++right;
      const calando::MarkedAttempt* best = item.bestTry();
      if (!best) continue;
      ++marked;
      placed += std::ranges::any_of(wanted[i].pieces, [&](const SentPiece& p) {
        return std::abs(p.start_s - best->start_s) < 0.3 && std::abs(p.end_s - best->end_s) < 0.3;
      });
    }
    for (const SentPiece& piece : pieces) {
      if (piece.kind != SentPiece::Kind::speech) continue;
      ++phrases;
      told += isToldAsTalk(marking, piece);
    }
    for (const calando::MarkedItem& item : marking.items)
      for (const calando::MarkedAttempt& one : item.tries)
        talked += std::ranges::any_of(pieces, [&](const SentPiece& p) {
          return p.kind == SentPiece::Kind::speech &&
                 std::min(one.end_s, p.end_s) - std::max(one.start_s, p.start_s) >
                     0.5 * (one.end_s - one.start_s);
        });
  }
  /// `share` of both states and places at least, nine phrases of ten, and no try is talk.
  void expect(double share) const {
    std::printf("%d of %d states, %d of %d places, %d times talk, %d of %d phrases told\n", right, items,
                placed, marked, talked, told, phrases);
    EXPECT_GE(right, share * items);
    EXPECT_GE(placed, share * marked);
    EXPECT_EQ(talked, 0);
    EXPECT_GE(told, 0.9 * phrases);
  }
};

}  // namespace sounds
