// A teacher's jobs in the window, done by real keys and clicks, which are counted: docs/tasks.md has the
// list.
#include <QCheckBox>
#include <QTableWidget>
#include <QTextBrowser>
#include <QTreeWidget>

#include "app/ears/ears_page.h"
#include "app/mirror/mirror.h"
#include "app/people/student_chooser.h"
#include "app/review/compare_view.h"
#include "app/session/ears/ear_training.h"
#include "app/session/lesson/onward.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/running_order.h"
#include "app/session/students/take_list.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_run.h"
#include "app/words/words.h"
#include "core/exercise/exercise.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

constexpr int kMostOfALesson = 6;

class TasksTest;
struct Task {
  const char* id;
  const char* job;
  const char* how;  ///< the keys and clicks
  int takes;        ///< that there are before
  void (*does)(TasksTest&);
};
void PrintTo(const Task& task, std::ostream* out) { *out << task.id; }

class TasksTest : public WindowTest, public testing::WithParamInterface<Task> {
 public:
  // One key, one click, one text that is typed: each counts as one.
  void key(Qt::Key key, Qt::KeyboardModifiers with = {}, QWidget* in = nullptr) {
    ++count_;
    QTest::keyClick(in ? in : find<TakeView>("ribbon"), key, with);
    QTest::qWait(10);
  }
  void click(QWidget* what) {
    ++count_;
    ASSERT_TRUE(what && what->isVisible() && what->isEnabled());
    QTest::mouseClick(what, Qt::LeftButton);
    QTest::qWait(10);
  }
  /// A field's menu is opened, and one of it is chosen: two.
  void choose(const char* kind, const QString& text) {
    count_ += 2;
    for (QAction* action : find<QActionGroup>(kind)->actions())
      if (action->text() == text) return action->trigger();
    FAIL() << text.toStdString();
  }
  /// The same of what stands below the choices.
  void command(const char* name) {
    count_ += 2;
    find<QAction>(name)->trigger();
  }
  void type(QWidget* into, const char* text) {
    ++count_;
    QTest::keyClicks(into, text);
  }
  template <class T>
  T* the(const char* name) {
    return find<T>(name);
  }
  template <class T>
  T* any() {
    return window_->findChild<T*>();
  }
  const Parts& parts() { return window_->parts(); }
  const Take& take() { return *parts().shown.take(); }
  bool through() { return settle(); }
  MainWindow* window() { return window_.get(); }
  void play() { playTake("steady"); }
  void step(const char* exercise) { chooseStep(exercise); }
  QString stepNow() { return currentStep(); }
  int seenInk() { return ink(); }
  /// Acts on the dialog that the next key or click opens.
  void within(std::function<void(QWidget&)> act) {
    auto* timer = new QTimer(window_.get());
    QObject::connect(timer, &QTimer::timeout, timer, [timer, act] {
      QWidget* dialog = QApplication::activeModalWidget();
      if (!dialog) return;
      timer->stop();
      timer->deleteLater();
      act(*dialog);
    });
    timer->start(10);
  }
  int count() const { return count_; }

 private:
  int count_ = 0;
};

using T = TasksTest;
constexpr auto kNone = Qt::NoModifier;

const Task kTasks[] = {
    {"add", "Add a student", "Ctrl+N, name, Tab, instrument, Return", 0,
     [](T& t) {
       t.within([&t](QWidget& dialog) {
         t.type(dialog.findChild<QLineEdit*>("studentName"), "Cleo");
         t.key(Qt::Key_Tab, kNone, dialog.findChild<QLineEdit*>("studentName"));
         auto* instrument = dialog.findChild<QComboBox*>("studentInstrument");
         t.type(instrument->lineEdit(), "Oboe");
         t.key(Qt::Key_Return, kNone, &dialog);
       });
       t.key(Qt::Key_N, Qt::ControlModifier);
       EXPECT_EQ(t.parts().book.chosen()->name, "Cleo");
       EXPECT_EQ(t.parts().book.instrument()->id, "oboe");
     }},
    {"student", "Have another student", "S, some letters, Return", 0,
     [](T& t) {
       t.key(Qt::Key_S);
       auto* search = t.the<QLineEdit>("studentSearch");
       t.type(search, "ad");
       t.key(Qt::Key_Return, kNone, search);
       EXPECT_EQ(t.parts().book.chosen()->name, "Ada");
     }},
    {"play", "Record a tone that ends by itself", "Space", 0,
     [](T& t) {
       t.key(Qt::Key_Space);
       EXPECT_TRUE(t.through());
       EXPECT_EQ(t.parts().takes.all().size(), 1u);
     }},
    {"end", "Begin, and end it by hand", "Space, Space", 0,
     [](T& t) {
       t.key(Qt::Key_Space);
       QTest::qWait(200);
       t.key(Qt::Key_Space);
       EXPECT_FALSE(t.parts().run.taking());
       EXPECT_TRUE(t.through());
     }},
    {"unwell", "Stop at once: unwell", "Esc", 0,
     [](T& t) {
       t.parts().run.phase();
       QTest::keyClick(t.the<TakeView>("ribbon"), Qt::Key_Space);
       t.key(Qt::Key_Escape);
       EXPECT_FALSE(t.parts().run.taking());
       EXPECT_TRUE(t.through());
     }},
    {"next", "Go on to the next exercise", "N", 0,
     [](T& t) {
       const QString before = t.stepNow();
       t.key(Qt::Key_N);
       EXPECT_NE(t.stepNow(), before);
     }},
    {"order", "Take another running order", "Order, its name", 0,
     [](T& t) {
       t.choose("order", "First lesson");
       EXPECT_EQ(t.parts().lesson.currentRow(), 0u);
     }},
    {"find", "Find an exercise and put it into the lesson",
     "Order, Choose exercises, some words, Return, Space, Save", 0,
     [](T& t) {
       t.within([&t](QWidget& dialog) {
         auto* search = dialog.findChild<QLineEdit*>("cardSearch");
         t.type(search, "in 3 keep 3");
         t.key(Qt::Key_Return, kNone, search);
         auto* cards = dialog.findChild<QListWidget*>("orderCards");
         ASSERT_TRUE(dialog.isVisible()) << "Return closes nothing";
         t.key(Qt::Key_Space, kNone, cards);
         t.click(dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok));
       });
       t.command("editOrder");
       EXPECT_TRUE(t.parts().order.has("in-3-hold-3-out-3"));
     }},
    {"note", "Ask for another note", "the field, the note, Return", 0,
     [](T& t) {
       auto* note = t.the<QLineEdit>("note");
       t.click(note);
       note->selectAll();
       t.type(note, "G4");
       t.key(Qt::Key_Return, kNone, note);
       EXPECT_EQ(t.parts().request.wish().note, parseNote("G4"));
     }},
    {"source", "Choose who plays", "Plays, its name", 0,
     [](T& t) {
       t.choose("player", "Breathy");
       EXPECT_TRUE(t.parts().setup.chosen().playsForATake());
     }},
    {"hear", "Hear the take", "P", 1,
     [](T& t) {
       t.key(Qt::Key_P);
       EXPECT_TRUE(t.window()->isVisible());
     }},
    {"accept", "Say that it counts", "1", 1,
     [](T& t) {
       t.key(Qt::Key_1);
       EXPECT_EQ(t.take().word, TeachersWord::accept);
     }},
    {"invalid", "Say that it does not count", "2", 1,
     [](T& t) {
       t.key(Qt::Key_2);
       EXPECT_EQ(t.take().word, TeachersWord::invalidTry);
     }},
    {"attention", "Say where the attention was", "5", 1,
     [](T& t) {
       t.key(Qt::Key_5);
       EXPECT_EQ(t.take().attention, Attention::sound);
     }},
    {"felt", "Say how it felt", "J", 1,
     [](T& t) {
       t.key(Qt::Key_J);
       EXPECT_EQ(t.take().comfort, Comfort::easy);
     }},
    {"remark", "Write a note on the take", "the field, the words, Return", 1,
     [](T& t) {
       auto* remark = t.the<QLineEdit>("remark");
       t.click(remark);
       t.type(remark, "freer today");
       t.key(Qt::Key_Return, kNone, remark);
       EXPECT_EQ(t.take().remark, "freer today");
     }},
    {"older", "Look at the take before", "PgDown", 2,
     [](T& t) {
       const std::int64_t newest = t.take().id;
       t.key(Qt::Key_PageDown);
       EXPECT_TRUE(t.through());
       EXPECT_NE(t.take().id, newest);
     }},
    {"compare", "Hold it beside the one before", "C", 2,
     [](T& t) {
       t.key(Qt::Key_C);
       EXPECT_TRUE(t.through());
       ASSERT_TRUE(t.any<CompareView>());
       EXPECT_TRUE(t.any<CompareView>()->findChild<QLabel*>("differs")->text().contains("from A to B"));
     }},
    {"blind", "Choose the better of two unseen", "Shift+C, 2, Space", 2,
     [](T& t) {
       t.key(Qt::Key_C, Qt::ShiftModifier);
       EXPECT_TRUE(t.through());
       auto* view = t.any<CompareView>();
       ASSERT_TRUE(view && view->hidden());
       t.key(Qt::Key_2, kNone, view);
       t.key(Qt::Key_Space, kNone, view);
       EXPECT_FALSE(view->hidden());
     }},
    {"ears-first", "Hide the trace, and show it", "E, E", 1,
     [](T& t) {
       t.key(Qt::Key_E);
       EXPECT_LT(t.seenInk(), 60);
       t.key(Qt::Key_E);
       EXPECT_GT(t.seenInk(), 100);
     }},
    {"delete", "Delete a take, and have it back", "Delete, Ctrl+Z", 1,
     [](T& t) {
       t.click(t.the<QPushButton>("delete"));
       EXPECT_TRUE(t.parts().takes.all().empty());
       t.key(Qt::Key_Z, Qt::ControlModifier);
       EXPECT_EQ(t.parts().takes.all().size(), 1u);
     }},
    {"zoom", "Look closer at the end of a tone", "+, +, →", 1,
     [](T& t) {
       const auto whole = t.the<TakeView>("ribbon")->window();
       t.key(Qt::Key_Plus);
       t.key(Qt::Key_Plus);
       t.key(Qt::Key_Right);
       const auto part = t.the<TakeView>("ribbon")->window();
       EXPECT_LT(part.second - part.first, 0.6 * (whole.second - whole.first));
     }},
    {"mirror", "Have the mirror", "X", 0,
     [](T& t) {
       t.key(Qt::Key_X);
       EXPECT_TRUE(t.any<Mirror>()->isOn());
     }},
    {"tick", "Tick what was watched", "B", 0,
     [](T& t) {
       t.step("long-hiss");
       QTest::keyClick(t.the<TakeView>("ribbon"), Qt::Key_Space);
       QTest::keyClick(t.the<TakeView>("ribbon"), Qt::Key_Space);
       EXPECT_TRUE(t.through());
       t.key(Qt::Key_B);
       EXPECT_EQ(t.take().ticks.size(), 1u);
     }},
    {"help", "Help where one is", "F1", 0,
     [](T& t) {
       bool there = false;
       t.within([&](QWidget& help) {
         there = help.findChild<QTextBrowser*>() != nullptr;
         help.close();
       });
       t.key(Qt::Key_F1);
       EXPECT_TRUE(there);
     }},
    {"weeks", "See the weeks", "Alt+2", 1,
     [](T& t) {
       t.key(Qt::Key_2, Qt::AltModifier);
       EXPECT_TRUE(t.the<QAbstractScrollArea>("yearRing")->isVisible());
     }},
    {"logbook", "Search the logbook", "Alt+2, Logbook, the field, a word", 1,
     [](T& t) {
       t.key(Qt::Key_2, Qt::AltModifier);
       for (QToolButton* view : t.window()->findChildren<QToolButton*>("weeksView"))
         if (view->text() == "Logbook") t.click(view);
       auto* search = t.the<QLineEdit>("logSearch");
       t.click(search);
       t.type(search, "steady");
       EXPECT_GT(t.the<QTreeWidget>("log")->topLevelItemCount(), 0);
     }},
    {"ear", "Be asked something by ear", "Alt+4, Space", 0,
     [](T& t) {
       t.key(Qt::Key_4, Qt::AltModifier);
       t.key(Qt::Key_Space, kNone, t.any<EarsPage>());
       EXPECT_TRUE(t.parts().ears.running());
     }},
    {"reckon", "Reckon beats from cents", "Alt+5, *In tune* on a small screen, the field, the cents, Return",
     0,
     [](T& t) {
       t.key(Qt::Key_5, Qt::AltModifier);
       t.click(t.the<QPushButton>("topic2"));
       auto* cents = t.the<QLineEdit>("beats-left");
       auto* beats = t.the<QLineEdit>("beats-right");
       const double ofTen = beats->text().toDouble();
       t.click(cents);
       cents->selectAll();
       t.type(cents, "20");
       t.key(Qt::Key_Return, kNone, cents);
       EXPECT_NEAR(beats->text().toDouble(), 2.01 * ofTen, 0.03);
     }},
    {"post", "See the homework that came in", "Alt+3", 0,
     [](T& t) {
       t.key(Qt::Key_3, Qt::AltModifier);
       EXPECT_TRUE(t.the<QTableWidget>("postTable")->isVisible());
     }},
};

TEST_P(TasksTest, IsDoneByFewKeysAndClicks) {
  const Task& task = GetParam();
  openWindow();
  addStudent("Ada", "clarinet-bb");
  addStudent("Ben", "clarinet-bb");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  choose("source", "Stand-in player");
  for (int i = 0; i < task.takes; ++i) play();
  const int before = count();
  task.does(*this);
  const int needed = count() - before;
  EXPECT_GT(needed, 0);
  EXPECT_LE(needed, kMostOfALesson) << task.job;
  QFile list(CALANDO_TASKS);
  ASSERT_TRUE(list.open(QIODevice::ReadOnly));
  const QString row = QStringLiteral("| %1 | %2 | %3 |\n").arg(task.job, task.how).arg(needed);
  EXPECT_TRUE(QString::fromUtf8(list.readAll()).contains(row)) << row.toStdString();
}

INSTANTIATE_TEST_SUITE_P(Each, TasksTest, testing::ValuesIn(kTasks), [](const auto& info) {
  QString name = info.param.id;
  return name.replace('-', '_').toStdString();
});

}  // namespace
}  // namespace calando
