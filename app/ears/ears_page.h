#pragma once

#include <QWidget>

#include "app/session/session.h"

class QComboBox;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace calando {

class EarChart;
class SoundCard;
class StudentChooser;
class Switch;

/// Where the ear is asked: the question in the middle, what is asked about at the left, what is heard so far
/// at the right. Keys: space starts and goes on, digits answer, R plays again, Esc stops; a pedal's two keys
/// are the first and the second choice, and either goes on.
class EarsPage : public QWidget {
  Q_OBJECT

 public:
  explicit EarsPage(Session& session);
  StudentChooser& chooser() { return *chooser_; }

 protected:
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QWidget* buildLeft();
  QWidget* buildMiddle();
  QWidget* buildRight();
  void refreshKnown();
  void refreshList();
  void refreshQuestion();
  void refreshGo();
  void showHeard();
  void refreshCourse();
  QString heardText(Change change) const;
  void makeCards(int count);
  void go();
  Change shown() const;

  Session& session_;
  StudentChooser* chooser_;
  QListWidget* list_;
  QComboBox* way_;
  QLineEdit* own_;
  Switch* guessFirst_;
  QLabel *question_, *told_, *about_, *heard_, *guesses_;
  QHBoxLayout* cards_;
  std::vector<SoundCard*> cardList_;
  QPushButton *go_, *again_, *stop_;
  EarChart* chart_;
  bool filling_ = false;
};

}  // namespace calando
