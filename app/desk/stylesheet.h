#pragma once

class QApplication;

namespace calando::style {

/// Fonts, palette and style sheet for the whole program.
void apply(QApplication& application);

}  // namespace calando::style
