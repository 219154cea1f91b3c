#pragma once

#include <QScrollArea>

#include "app/session/parts.h"

class QVBoxLayout;

namespace calando {

/// What the student hears, by week: a chart for everything that was asked about often enough.
class HeardView : public QScrollArea {
  Q_OBJECT

 public:
  explicit HeardView(const Parts& parts);
  void refresh();

 private:
  const Parts& parts_;
  QVBoxLayout* charts_;
};

}  // namespace calando
