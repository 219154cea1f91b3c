#pragma once

#include "app/session/importing.h"

class QWidget;

namespace calando {

/// What is to become of recordings that are still being taken in when the window is to close.
enum class Closing { wait, leave, notNow };
Closing askHowToClose(const Importing& importing, QWidget* over);

}  // namespace calando
