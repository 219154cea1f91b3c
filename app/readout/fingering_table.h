#pragma once

#include <QTableWidget>

#include "core/exercise/context.h"
#include "core/judging/fingerings.h"

namespace calando {

/// Which fingering spoke for the note that is aimed at: how often (as a bar, too), how soon, how far off, how
/// steady, and what sounded underneath.
class FingeringTable : public QTableWidget {
  Q_OBJECT

 public:
  explicit FingeringTable(QWidget* parent = nullptr);
  void setTried(const std::vector<FingeringTried>& tried, const Context& context);
};

}  // namespace calando
