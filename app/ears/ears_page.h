#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/ears/change.h"

class QComboBox;
class QLineEdit;
class QListWidget;

namespace calando {

class EarCourse;
class EarDesk;
class StudentChooser;

/// The place where hearing is trained: what is asked about at the left, the question in the middle, what is
/// heard so far at the right. By keys or a pedal alone.
class EarsPage : public QWidget {
  Q_OBJECT

 public:
  explicit EarsPage(const Parts& parts);
  StudentChooser& chooser() const { return *chooser_; }

 protected:
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QWidget* buildLeft();
  void fillList();
  void fillWays();
  void refreshKnown();
  void refreshList();
  void refreshOwn();
  void refreshEnabled();
  void keepOwn();
  Change shown() const;

  const Parts& parts_;
  StudentChooser* chooser_;
  QListWidget* list_;
  QLineEdit* own_;
  QComboBox* way_;
  EarDesk* desk_;
  EarCourse* course_;
  bool filling_ = false;
};

}  // namespace calando
