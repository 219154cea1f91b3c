#pragma once

class QDialog;
class QDialogButtonBox;

namespace calando {

/// OK and Cancel in our own style: words, no icons.
QDialogButtonBox* plainButtons();
/// Opens a dialog no larger than its screen has room for.
void fitToScreen(QDialog& dialog, int width, int height);

}  // namespace calando
