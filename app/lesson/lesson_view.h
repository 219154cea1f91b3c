#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QAction;
class QActionGroup;
class QListWidget;

namespace calando {

class MenuField;

/// The running order, grouped by parts of the lesson: each step on one line with how it was last and its
/// gate; below, which order it is.
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
  MenuField* orders_;
  QActionGroup& order_;
  QAction* edit_;
};

}  // namespace calando
