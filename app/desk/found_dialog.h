#pragma once

#include <QDialog>
#include <set>

#include "app/sound/player.h"
#include "records/values/stray.h"

class QComboBox;
class QLabel;
class QListWidget;
class QPushButton;

namespace calando {

class Recordings;
class StudentTable;

/// The sounds that were found and are no takes: each can be heard, given to a student, exported or thrown
/// away. Nothing happens to one that is not asked about.
class FoundDialog : public QDialog {
  Q_OBJECT

 public:
  FoundDialog(const StudentTable& students, Recordings& recordings, bool readOnly, QWidget* parent = nullptr);

 signals:
  void given(const calando::Stray& stray, const calando::Student& student);

 private:
  void arrange();
  void load();
  void choose();
  void allowGiving();
  const Stray* chosen() const;
  QString textOf(const Stray& stray) const;
  void give();
  void exportChosen();
  void throwChosenAway();
  void listen();

  Recordings& recordings_;
  bool readOnly_;
  std::vector<Student> students_;
  std::vector<Stray> strays_;
  std::set<std::filesystem::path> given_;  // on their way to becoming takes
  SoundPlayer player_;
  QListWidget* list_;
  QComboBox* student_;
  QPushButton* give_;
  QPushButton* listen_;
  QPushButton* export_;
  QPushButton* throw_;
  QLabel* said_;
};

}  // namespace calando
