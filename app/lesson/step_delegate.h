#pragma once

#include <QStyledItemDelegate>

namespace calando {

/// A group's name, or a step on one line: shape of its last result, title, its gate in small marks, as many
/// as takes are looked at, as many of them filled as were good.
class StepDelegate : public QStyledItemDelegate {
 public:
  /// What an item says of itself.
  enum Role { step = Qt::UserRole, isGroup, verdictRole, goodRole, ofRole, ajar };
  using QStyledItemDelegate::QStyledItemDelegate;
  QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
  void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
};

}  // namespace calando
