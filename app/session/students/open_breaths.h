#pragma once

#include <QObject>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "core/library/open_marks.h"

namespace calando {

class Notices;
class StudentBook;
class Studio;
struct Air;

/// How the open breath of the student who is here sounds: breaths in are held against it.
class OpenBreaths : public QObject {
  Q_OBJECT

 public:
  OpenBreaths(Studio& studio, StudentBook& book, Notices& notices, Undo& undo);

  /// Those that were called open, oldest first.
  const std::vector<OpenMark>& marks() const { return marks_; }
  void call(const Air& breath);
  void forget();
  bool putBack(const UndoSubject& subject, const before::Breaths& was);

 signals:
  void changed();

 private:
  void load();
  void learn(std::vector<OpenMark> marks);
  bool keep(std::int64_t student, std::vector<OpenMark> marks);

  Studio& studio_;
  StudentBook& book_;
  Notices& notices_;
  Undo& undo_;
  std::vector<OpenMark> marks_;
};

}  // namespace calando
