#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QDateEdit;
class QLineEdit;
class QSpinBox;
class QTreeWidget;
class QTreeWidgetItem;

namespace calando {

struct Take;
/// The logbook: every take with its word, remark, ticks, what was tried and how it felt, by day; what was
/// practised without the program; searched by typing.
class LogView : public QWidget {
  Q_OBJECT

 public:
  explicit LogView(const Parts& parts);

 signals:
  void chosen(qint64 take);

 protected:
  void showEvent(QShowEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  QWidget* buildEntry();
  void fill();
  void fillDay(QTreeWidgetItem* item);
  QString lineOf(const Take& take) const;
  void write();

  const Parts& parts_;
  QLineEdit* search_;
  QTreeWidget* days_;
  QDateEdit* day_ = nullptr;
  QSpinBox* minutes_ = nullptr;
  QLineEdit* what_ = nullptr;
};

}  // namespace calando
