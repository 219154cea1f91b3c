#pragma once

#include <QActionGroup>
#include <QMenu>
#include <QPushButton>

namespace calando {

/// A field that says what is chosen and opens the choice: its menu holds what can be chosen and, below, what
/// is wanted seldom.
class MenuField : public QPushButton {
  Q_OBJECT

 public:
  explicit MenuField(const QString& name);

  /// Choices of one kind, of which one holds; `kind` is the group's object name.
  QActionGroup& group(const char* kind);
  /// Adds a choice to its group and to a menu, the field's own where none is given.
  QAction* offer(QActionGroup& group, const QString& text, const QVariant& data, QMenu* into = nullptr);
  /// What stands on it; elided where there is no room, whole in the tooltip.
  void say(const QString& text);
  const QString& said() const { return said_; }
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override;

 signals:
  void chosen(const QString& kind, const QVariant& data);

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  void elide();
  QString said_;
};

/// The choice of a group by its data, nullptr: there is none.
QAction* choiceOf(const QActionGroup& group, const QVariant& data);

}  // namespace calando
