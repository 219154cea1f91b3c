#pragma once

class QWidget;

namespace calando {

/// F1: the keys, and every figure in a sentence.
void showHelp(QWidget* parent);

}  // namespace calando
