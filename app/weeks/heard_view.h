#pragma once

#include <QScrollArea>

#include "app/session/session.h"

class QVBoxLayout;

namespace calando {

/// What the student hears, by week: a chart for everything that was asked about often enough.
class HeardView : public QScrollArea {
  Q_OBJECT

 public:
  explicit HeardView(Session& session);
  void refresh();

 private:
  Session& session_;
  QVBoxLayout* charts_;
};

}  // namespace calando
