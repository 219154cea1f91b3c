#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/base/day.h"

class QButtonGroup;
class QStackedWidget;

namespace calando {

enum class PackKind;
class FigurePanel;
class HeardView;
class HelpedView;
class NoteWeeks;
class PlanPanel;
class StudentChooser;
class YearRing;

/// The student's book: weeks as rows of small pictures, the logbook, notes by week, what helped; a figure
/// beside them; and what comes next.
class WeeksPage : public QWidget {
  Q_OBJECT

 public:
  explicit WeeksPage(const Parts& parts);
  PlanPanel& plan() { return *plan_; }
  StudentChooser& chooser() { return *chooser_; }
  /// Writes the sheet of this week, or of one so many weeks later, to a file of its kind: "pdf", "ics" or
  /// "txt"; what went wrong, or empty.
  QString writeSheet(const QString& kind, const QString& file, int weeks = 0) const;

 signals:
  void takeChosen(qint64 take);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  QWidget* buildHead();
  QWidget* buildWaysOut();
  void refresh();
  void editPlan();
  Day weekIn(int weeks) const;
  void askForFile(const QString& kind, int weeks);
  void askForPack(PackKind kind);

  const Parts& parts_;
  StudentChooser* chooser_;
  QButtonGroup* views_;
  QStackedWidget* stack_;
  YearRing* ring_;
  NoteWeeks* notes_;
  HelpedView* helped_;
  HeardView* heard_;
  FigurePanel* figure_;
  PlanPanel* plan_;
};

}  // namespace calando
