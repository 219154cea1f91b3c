#pragma once

class QWidget;

namespace calando {

/// F1: keys, figures, cards and how it all works, searched by typing.
void showHelp(QWidget* parent);

}  // namespace calando
