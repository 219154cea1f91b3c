#pragma once

#include <SQLiteCpp/SQLiteCpp.h>
#include <sys/stat.h>

#include <QDir>
#include <QFileDialog>
#include <QHelpEvent>
#include <QTextDocument>
#include <QToolTip>
#include <set>

#include "app/desk/found_dialog.h"
#include "app/desk/open_studio.h"
#include "app/lesson/lesson_view.h"
#include "app/review/compare_view.h"
#include "app/review/take_export.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "support/small_disk.h"
#include "ui/window_fixture.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace safety_fixture {

class SafetyTest : public WindowTest {
 protected:
  /// A studio of students with takes of 2 s, each take at its own pitch.
  void fill(std::initializer_list<const char*> names, int takes) {
    auto studio = Studio::open(folder_.path().toStdString());
    ASSERT_TRUE(studio) << english(studio.error().what);
    double hz = 430.0;
    for (const char* name : names) {
      const Student s = *studio->students.add(name, "oboe");
      Take take;
      take.student = s.id;
      take.asked.instrument = "oboe";
      for (int i = 0; i < takes; ++i, hz += 2.0) {
        take.made_unix_s = 1'700'000'000 + i;
        ASSERT_TRUE(studio->takes.add(take, sound(hz), 48000));
      }
    }
  }
  static std::vector<float> sound(double hz, double seconds = 2.0) {
    return sounds::tone({.f0_hz = hz, .seconds = seconds, .before_s = 0.2, .after_s = 0.2});
  }
  /// What is on the disk by now.
  std::vector<Take> takesOf(const char* name) {
    auto studio = Studio::open(folder_.path().toStdString());
    const auto students = *studio->students.all();
    const auto s = std::ranges::find(students, name, &Student::name);
    return s == students.end() ? std::vector<Take>() : *studio->takes.of(s->id);
  }
  double shownHz() {
    const auto snapshot = window_->shownSnapshot();
    return snapshot && snapshot->analysis.mainTone() ? snapshot->analysis.mainTone()->notes.front().f0_hz
                                                     : 0.0;
  }
  void press(Qt::Key key) { QTest::keyClick(find<TakeView>("ribbon"), key); }
  QString message() { return find<QLabel>("message")->text(); }
  /// Clicks a button of the next message box; it may have a name or be a standard one.
  void answerBox(const char* button, QString* said = nullptr) {
    whenOpen<QMessageBox>([=](QMessageBox& box) {
      if (said) *said = box.text();
      auto* wanted = box.findChild<QPushButton*>(button);
      ASSERT_NE(wanted, nullptr) << button;
      QTest::mouseClick(wanted, Qt::LeftButton);
    });
  }
  QStringList soundFiles(int count, double seconds = 1.0) {
    QStringList files;
    for (int i = 0; i < count; ++i) {
      files << QDir(outside_.path()).filePath(QString("take %1.wav").arg(i, 3, 10, QChar('0')));
      EXPECT_TRUE(
          writeSound(files.back().toStdString(), sound(440.0 + i, seconds), 48000, SoundFormat::wav24));
    }
    return files;
  }
  QTemporaryDir outside_;
};

}  // namespace safety_fixture
}  // namespace calando
