#pragma once

#include <QLabel>
#include <QTimer>

#include "app/session/session.h"

namespace calando {

/// How long the lesson of the student has lasted, minutes and seconds.
class LessonClock : public QLabel {
  Q_OBJECT

 public:
  explicit LessonClock(Session& session);

 private:
  void tell();

  Session& session_;
  QTimer tick_;
};

}  // namespace calando
