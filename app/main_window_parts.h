#pragma once

#include <QString>
#include <string>

/// What the parts of the main window's source share: main_window.cpp (students, source, keys),
/// main_window_layout.cpp (how it is put together), main_window_takes.cpp (from pressing Space to the
/// figures), main_window_shelf.cpp (the takes that there are) and main_window_lesson.cpp (exercises, their
/// order and what is heard with them).
namespace calando {

inline const QString kStandIn = QStringLiteral("stand-in");  ///< the source's id when nobody plays

inline QString q(const std::string& text) { return QString::fromStdString(text); }

}  // namespace calando
