#pragma once

#include "app/session/studio_files.h"

class QWidget;

namespace calando {

/// What is to become of what is under way when the window is to close.
enum class Closing { wait, leave, notNow };
Closing askHowToClose(const StudioFiles::Promises& promises, QWidget* over);

}  // namespace calando
