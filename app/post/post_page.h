#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QAction;
class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QTableWidget;

namespace calando {

struct Instrument;
struct Submission;
class SentCard;
class SentStrip;
class Switch;

/// What came in for a list of homework: a row a student, a column an item; what one of them sent, cut and
/// marked; the answer to it.
class PostPage : public QWidget {
  Q_OBJECT

 public:
  explicit PostPage(const Parts& parts);
  /// Files and folders that were dropped or chosen.
  void openFiles(const std::vector<std::filesystem::path>& files);
  /// One answer or all of them into a folder, a text file each; what went wrong, or empty.
  QString writeAnswers(const QString& folder, bool all) const;
  void chooseStudent(std::int64_t student);
  void next();

 protected:
  void showEvent(QShowEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  QWidget* buildHead();
  void refreshLists();
  void refreshTable();
  void fitColumns();
  void refreshRows();
  void refreshRow(int row, const std::map<std::int64_t, QString>& wanted);
  void showStudent();
  void refreshProgress();
  void editList(bool fresh);
  void giveOut();
  void playOrStop();
  void askForFiles(bool folder);
  void askWhose(const std::vector<std::filesystem::path>& nobodys);
  void chooseWatched();
  void writeOut(bool all);
  std::int64_t studentIn(int row) const;
  const Submission* shown() const;
  const Instrument* instrumentOf(std::int64_t student) const;
  std::map<std::int64_t, QString> first() const;

  const Parts& parts_;
  QComboBox* lists_;
  QLabel *came_, *due_;
  QProgressBar* progress_;
  QPushButton* cancel_;
  QAction *edit_, *give_;
  Switch* watch_ = nullptr;
  QTableWidget* table_;
  SentCard* card_;
  SentStrip* strip_;
  std::optional<std::int64_t> student_;
  bool loaded_ = false;
  bool filling_ = false;
};

}  // namespace calando
