#pragma once

#include <QLabel>
#include <QTimer>

#include "app/session/parts.h"

namespace calando {

/// How long the lesson of the student has lasted, minutes and seconds.
class LessonClock : public QLabel {
  Q_OBJECT

 public:
  explicit LessonClock(const Parts& parts);

 private:
  void tell();

  const Parts& parts_;
  QTimer tick_;
};

}  // namespace calando
