#pragma once

#include <QDialog>

#include "app/print/report.h"

class QComboBox;
class QLabel;
class QPushButton;
class QScrollArea;

namespace calando {

/// A report as it will be printed, and out of here as pages, text or figures.
class ReportDialog : public QDialog {
  Q_OBJECT

 public:
  ReportDialog(const Parts& parts, QWidget* parent);
  const std::shared_ptr<Pages>& report() const { return report_; }
  /// "pdf", "txt" or "csv"; what went wrong, or empty.
  QString write(const QString& kind, const QString& file) const;

 private:
  void make();
  void showReport(const std::shared_ptr<Pages>& report);
  void askForFile(const QString& kind);

  const Parts& parts_;
  ReportMaker maker_;
  std::shared_ptr<Pages> report_;
  QComboBox *kind_, *paper_, *naming_;
  QScrollArea* preview_;
  QLabel* state_;
  std::vector<QPushButton*> out_;
};

}  // namespace calando
