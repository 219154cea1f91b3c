#pragma once

#include <QLineEdit>

namespace calando {

/// A field to search a list with. Return is its own: it never closes the window around it.
class SearchField : public QLineEdit {
  Q_OBJECT

 public:
  explicit SearchField(const QString& placeholder);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
};

}  // namespace calando
