#pragma once

#include <string>

#include "app/session/common/undo_subject.h"
#include "records/values/take.h"

namespace calando {

class Lesson;
class Notices;
class ShownHistory;
class ShownTake;
class Studio;
class TakeList;

/// What the teacher says of the take on show; saying the same again takes it back.
class TakeRemarks {
 public:
  TakeRemarks(Studio& studio, TakeList& takes, Lesson& lesson, ShownTake& shown, const ShownHistory& history,
              Notices& notices, Undo& undo);

  void setWord(TeachersWord word);
  void setAttention(Attention attention);
  void setComfort(Comfort comfort);
  /// What was to be tried after the take before: it was tried, or it was not.
  void toggleTried();
  /// What was observed in it was there, was not there, or nothing is said of it.
  void nextSeen();
  void setRemark(const std::string& remark);
  void toggleTick(const std::string& tick);
  void toggleModel();
  bool isModel() const;
  bool putBack(const UndoSubject& subject, const before::Word& was);

 private:
  Studio& studio_;
  TakeList& takes_;
  Lesson& lesson_;
  ShownTake& shown_;
  const ShownHistory& history_;
  Notices& notices_;
  Undo& undo_;
};

}  // namespace calando
