#pragma once

#include <QObject>
#include <deque>
#include <optional>
#include <set>

#include "app/work/pending.h"

namespace calando {

class AnalysisQueue;
class StudentBook;
class Studio;
class TakeList;

/// Measures takes that this engine has not measured yet, one after the other, while nobody plays.
class SummaryQueue : public QObject {
 public:
  SummaryQueue(Studio& studio, AnalysisQueue& analyses, StudentBook& book, TakeList& takes);

  /// Nothing is left to be measured.
  bool settled() const { return unmeasured_.empty(); }
  /// It is still to be measured, and will be.
  bool awaits(std::int64_t take) const;
  /// Nobody plays.
  void setQuiet(bool quiet);

 private:
  void collect();
  void next();

  Studio& studio_;
  AnalysisQueue& analyses_;
  TakeList& takes_;
  std::deque<std::int64_t> unmeasured_;
  std::set<std::int64_t> unmeasurable_;  // not tried again
  Pending measuring_;
  std::optional<std::int64_t> present_;  // that is being measured
  bool quiet_ = true;
};

}  // namespace calando
