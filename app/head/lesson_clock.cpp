#include "app/head/lesson_clock.h"

#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"

namespace calando {

LessonClock::LessonClock(const Parts& parts) : parts_(parts) {
  setObjectName("caption");
  setToolTip(tr("How long this lesson has lasted"));
  tick_.setInterval(1000);
  connect(&tick_, &QTimer::timeout, this, &LessonClock::tell);
  tick_.start();
  tell();
}

void LessonClock::tell() {
  const int seconds = parts_.lesson.clock_s();
  setMinimumWidth(fontMetrics().horizontalAdvance(QStringLiteral("00:00")));  // it does not move as it runs
  setText(parts_.book.chosen()
              ? QStringLiteral("%1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QChar('0'))
              : QString());
}

}  // namespace calando
