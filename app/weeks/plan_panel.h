#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QToolButton;

namespace calando {

struct PlanState;
struct Proposal;
/// What comes next and why, taken or refused by one key; this week at home, and out of here; the load.
class PlanPanel : public QWidget {
  Q_OBJECT

 public:
  /// `waysOut`: what stands under the load.
  PlanPanel(const Parts& parts, QWidget* waysOut);
  /// Takes what is proposed, with the value that stands beside it.
  void take();
  void refuse();
  void refresh();

 signals:
  void planWanted();  ///< the dialog with all of it
  void sheetWanted(const QString& kind, int weeks);

 private:
  QWidget* buildNext();
  QWidget* buildWeek();
  QWidget* buildSheets();
  QWidget* buildLoad(QWidget* waysOut);
  void refreshNext();
  void refreshWeek();
  void refreshLoad();

  const Parts& parts_;
  QLabel *title_, *what_, *why_, *more_;
  QDoubleSpinBox* other_;
  QPushButton *take_, *refuse_;
  QComboBox* minutes_;
  std::vector<QToolButton*> weekdays_;
  QLabel *today_, *load_, *tired_;
};

/// The figures of takes that led to a proposal, in their cards' own first figure: "held 10.4 · 11.2 s".
QString figuresOf(const Proposal& proposal, const PlanState& state);

}  // namespace calando
