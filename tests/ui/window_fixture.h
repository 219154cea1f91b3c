#pragma once

#include <gtest/gtest.h>

#include <QActionGroup>
#include <QApplication>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <QToolButton>
#include <fstream>

#include "app/desk/main_window.h"
#include "app/desk/take_view.h"
#include "app/lesson/card_editor.h"
#include "app/parts/menu_field.h"
#include "app/readout/figures_view.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/sound/input.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "audio/sound_file.h"
#include "records/files/take_recorder.h"
#include "records/studio.h"
#include "support/signals.h"
#include "support/test_clock.h"

namespace calando {

class WindowTest : public testing::Test {
 protected:
  void openWindow() {
    window_.reset();
    auto studio = Studio::open(folder_.path().toStdString(), clock_);
    ASSERT_TRUE(studio) << english(studio.error().what);
    window_ = std::make_unique<MainWindow>(std::move(*studio));
    standInSpeed(8.0);
    window_->show();
    settle();
  }
  void standInSpeed(double faster) {
    for (const auto& standIn : window_->parts().setup.standIns()) standIn->setSpeed(faster);
  }
  /// As a click on a name in the list of students.
  void chooseStudent(int row) {
    const auto& students = window_->parts().book.students();
    window_->parts().book.choose(students[static_cast<std::size_t>(row)].id);
  }
  void chooseStep(const char* exercise) { window_->parts().lesson.choose(exercise); }
  /// The steps of the lesson, without the groups' names.
  QList<QListWidgetItem*> steps() {
    QList<QListWidgetItem*> list;
    auto* lesson = find<QListWidget>("lesson");
    for (int row = 0; row < lesson->count(); ++row)
      if (lesson->item(row)->flags().testFlag(Qt::ItemIsSelectable)) list << lesson->item(row);
    return list;
  }
  QString currentStep() { return find<QListWidget>("lesson")->currentItem()->text(); }
  template <class T>
  T* find(const char* name) {
    T* child = window_->findChild<T*>(name);
    EXPECT_NE(child, nullptr) << name;
    return child;
  }
  bool settle() {
    return QTest::qWaitFor([this] { return window_->idle(); }, 30000);
  }
  /// Answers the dialog that the next click opens.
  void addStudent(const QString& name, const char* instrument) {
    QTimer::singleShot(0, [=] {
      QWidget* dialog = QApplication::activeModalWidget();
      ASSERT_NE(dialog, nullptr);
      QTest::keyClicks(dialog->findChild<QLineEdit*>("studentName"), name);
      auto* level = dialog->findChild<QComboBox*>("studentExperience");
      level->setCurrentIndex(level->findData(static_cast<int>(Experience::someYears)));
      auto* choice = dialog->findChild<QComboBox*>("studentInstrument");
      choice->setCurrentIndex(choice->findData(instrument));
      QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    });
    QTest::mouseClick(find<QPushButton>("addStudent"), Qt::LeftButton);
  }
  /// Waits for the dialog of a kind, whichever others come before it, and acts on it.
  template <class Dialog>
  void whenOpen(std::function<void(Dialog&)> act) {
    auto* timer = new QTimer(window_.get());
    QObject::connect(timer, &QTimer::timeout, timer, [timer, act] {
      auto* dialog = dynamic_cast<Dialog*>(QApplication::activeModalWidget());
      if (!dialog || (std::is_same_v<Dialog, QDialog> && dynamic_cast<CardEditor*>(dialog))) return;
      timer->deleteLater();
      timer->stop();
      act(*dialog);
    });
    timer->start(10);
  }
  /// Opens the editor on a card by the way of the lesson's steps.
  void editCard(const QString& title, std::function<void(CardEditor&)> act) {
    whenOpen<QDialog>([=](QDialog& order) {
      auto* cards = order.findChild<QListWidget*>("orderCards");
      cards->setCurrentItem(cards->findItems(title, Qt::MatchStartsWith).at(0));
      QTest::mouseClick(order.findChild<QPushButton*>("editCard"), Qt::LeftButton);
    });
    whenOpen<CardEditor>(act);
    find<QAction>("editOrder")->trigger();
  }
  /// One of the choices in a field's menu.
  void choose(const char* kind, const char* data) {
    QAction* choice = choiceOf(*find<QActionGroup>(kind), data);
    ASSERT_NE(choice, nullptr) << data;
    choice->trigger();
  }
  /// A running order by its name.
  void chooseOrder(const QString& name) {
    for (QAction* order : find<QActionGroup>("order")->actions())
      if (order->text() == name) return order->trigger();
    FAIL() << name.toStdString();
  }
  QString chosenOrder() {
    const QAction* order = find<QActionGroup>("order")->checkedAction();
    return order ? order->text() : QString();
  }
  /// Plays one take with the stand-in; it ends by itself.
  void playTake(const char* player) {
    choose("source", "stand-in");
    choose("player", player);
    QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
    ASSERT_TRUE(settle());
  }
  void type(const char* field, const char* text) {
    QTest::keyClicks(find<QLineEdit>(field), text);
    QTest::keyClick(find<QLineEdit>(field), Qt::Key_Return);
  }
  /// How much of a trace is to be seen: 0 to some thousands.
  int ink() {
    const QImage image = find<TakeView>("ribbon")->grab().toImage();
    int count = 0;
    for (int y = 0; y < image.height(); y += 2)
      for (int x = 0; x < image.width(); x += 2) count += image.pixelColor(x, y) == style::pitch;
    return count;
  }
  double figure(const std::string& id) {
    for (const Reading& r : find<FiguresView>("figures")->readings())
      if (r.id() == id) return r.value.value_or(-999.0);
    return -998.0;
  }

  QTemporaryDir folder_;
  std::shared_ptr<TestClock> clock_ = std::make_shared<TestClock>();
  std::unique_ptr<MainWindow> window_;
};

}  // namespace calando
