#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/figures/verdict.h"

/// What a take is held against its exercise for, figure by figure, and what is advised for it.
namespace calando {

struct Figure;      // figures/figure.h
struct Instrument;  // theory/instrument.h

/// A figure of a take, with what was asked of it.
struct Reading {
  const Figure* figure = nullptr;  ///< never nullptr in an analysis
  std::optional<double> value;
  std::optional<double> unsure;   ///< of the value, one standard deviation; empty: not known
  std::optional<double> leaning;  ///< of a size: below or above 0, the side that it is on (Figure::leaning)
  std::optional<double> low;
  std::optional<double> high;
  bool hasTarget = false;
  Verdict verdict = Verdict::unmeasured;
  double excess = 0.0;  ///< distance outside the target, in widths of the target; 0 inside

  std::string_view id() const;
};

struct AdviceCard;  // judging/advice.h

struct Advice {
  std::string id;
  std::string text;  ///< the observation with its figure, then one thing to try
  std::string why;
  std::vector<std::string> because;        ///< reading ids
  const AdviceCard* card = nullptr;        ///< what it is written after
  std::size_t nextTry = 0;                 ///< which of its tries it asks for
  std::vector<Reading> figures;            ///< that are put into it
  const Instrument* instrument = nullptr;  ///< whose it is
};

}  // namespace calando
