#pragma once

#include <QTableWidget>

#include "core/judging/fingerings.h"

namespace calando {

/// Which fingering spoke for the note that is aimed at: how often, how soon, how far off and how steady.
class FingeringTable : public QTableWidget {
  Q_OBJECT

 public:
  explicit FingeringTable(QWidget* parent = nullptr);
  void setTried(const std::vector<FingeringTried>& tried);
};

}  // namespace calando
