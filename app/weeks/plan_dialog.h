#pragma once

#include <QDialog>

#include "app/session/parts.h"
#include "core/plan/plan.h"

class QCheckBox;
class QDateEdit;
class QListWidget;
class QSpinBox;
class QTableWidget;

namespace calando {

/// All of a student's plan: the gate, holidays, and how each step stands.
class PlanDialog : public QDialog {
  Q_OBJECT

 public:
  PlanDialog(const Parts& parts, QWidget* parent);
  Plan plan() const;

 private:
  QWidget* buildGate();
  QWidget* buildHolidays();
  QWidget* buildSteps();
  void fillHolidays();
  void fillSteps();
  void addHoliday();
  void restStep(bool rests);

  const Parts& parts_;
  Plan plan_;
  QCheckBox* ownGate_ = nullptr;
  QSpinBox *good_ = nullptr, *of_ = nullptr, *days_ = nullptr;
  QDateEdit *from_ = nullptr, *to_ = nullptr;
  QListWidget* holidays_ = nullptr;
  QTableWidget* steps_ = nullptr;
};

}  // namespace calando
