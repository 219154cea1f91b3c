#pragma once

#include <QString>

class QDialog;
class QDialogButtonBox;

namespace calando {

/// OK and Cancel in our own style: words, no icons. `yes`: what OK is called; empty: Save.
QDialogButtonBox* plainButtons(const QString& yes = {});
/// Opens a dialog no larger than its screen has room for.
void fitToScreen(QDialog& dialog, int width, int height);

}  // namespace calando
