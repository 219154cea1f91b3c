#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QButtonGroup;
class QHBoxLayout;
class QLineEdit;
class QToolButton;

namespace calando {

/// What the teacher and the player say of a take: filled by keys, and quiet.
class ReflectionBar : public QWidget {
  Q_OBJECT

 public:
  explicit ReflectionBar(const Parts& parts);

 private:
  struct Choice {
    QString text;
    const char* command;
  };
  QHBoxLayout* row(const QString& caption, QButtonGroup*& group, const std::vector<Choice>& choices);
  QToolButton* toggle(const QString& text, const QString& tip);
  void refresh();
  void fillTicks();
  void keepRemark();
  void setOpen(bool open);
  QString saidText() const;

  const Parts& parts_;
  QToolButton* head_;  // opens and shuts the rows
  QWidget* rows_;
  bool stays_ = false;  // somebody wants them open
  QButtonGroup* words_ = nullptr;
  QButtonGroup* attention_ = nullptr;
  QButtonGroup* comfort_ = nullptr;
  QWidget* attentionRow_;
  QWidget* tickRow_;
  QLayout* tickCells_ = nullptr;
  std::vector<std::pair<std::string, QToolButton*>> ticks_;  // of the present card
  QToolButton* tried_;
  QToolButton* model_;
  QLineEdit* remark_;
};

}  // namespace calando
