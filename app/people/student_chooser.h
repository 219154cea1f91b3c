#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace calando {

struct Student;
/// Who is here. A click or a key opens the list of students, which is searched by typing.
class StudentChooser : public QWidget {
  Q_OBJECT

 public:
  /// `names`: before the names of what is in it; a window has each once.
  explicit StudentChooser(const Parts& parts, const QString& names = {});

  /// Opens the list.
  void open();
  /// The dialog for a new one, or for the one who is highlighted.
  void edit(bool fresh);
  /// What is shown of who is here, anew.
  void refresh();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  void buildList(const QString& names);
  void fill();
  void filter(const QString& text);
  void chooseRow(int row);
  /// Who is highlighted in the list, or here where nobody is.
  const Student* highlighted() const;
  void erase();

  const Parts& parts_;
  QString name_;
  QString about_;
  QWidget* list_;  // pops up
  QLineEdit* search_ = nullptr;
  QListWidget* students_ = nullptr;
  QPushButton* edit_ = nullptr;
  QPushButton* erase_ = nullptr;
};

}  // namespace calando
