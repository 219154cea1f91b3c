#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QComboBox;
class QListWidget;
class QPushButton;

namespace calando {

/// The running order, grouped by parts of the lesson: each step with how it was last, what it asks for, and
/// whether it is open yet.
class LessonView : public QWidget {
  Q_OBJECT

 public:
  explicit LessonView(const Parts& parts);

 signals:
  void orderWanted();  ///< the steps are to be chosen

 private:
  void fill();
  void fillOrders();
  void choose();

  const Parts& parts_;
  QListWidget* list_;
  QComboBox* templates_;
  QPushButton* edit_;
};

}  // namespace calando
