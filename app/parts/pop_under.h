#pragma once

#include <QMenu>
#include <QToolButton>
#include <QWidgetAction>

namespace calando {

/// A field that opens under a button.
inline void popUnder(QToolButton& button, QWidget* content) {
  auto* menu = new QMenu(&button);
  auto* action = new QWidgetAction(menu);
  action->setDefaultWidget(content);
  menu->addAction(action);
  button.setMenu(menu);
  button.setPopupMode(QToolButton::InstantPopup);
}

}  // namespace calando
