#include "app/parts/plain_dialog.h"

#include "app/style/style.h"

namespace calando {

QDialogButtonBox* plainButtons(const QString& yes) {
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
  buttons->button(QDialogButtonBox::Ok)
      ->setText(yes.isEmpty() ? QCoreApplication::translate("Dialog", "Save") : yes);
  buttons->button(QDialogButtonBox::Cancel)->setText(QCoreApplication::translate("Dialog", "Cancel"));
  for (QAbstractButton* button : buttons->buttons()) button->setIcon({});
  return buttons;
}

void fitToScreen(QDialog& dialog, int width, int height) {
  const QScreen* screen =
      dialog.parentWidget() ? dialog.parentWidget()->screen() : QGuiApplication::primaryScreen();
  const QSize room = screen->availableSize() - QSize(8 * style::kStep, 16 * style::kStep);
  dialog.resize(QSize(width, height).boundedTo(room));
}

}  // namespace calando
