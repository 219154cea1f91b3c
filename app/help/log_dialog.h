#pragma once

class QWidget;

namespace calando {

/// What happened lately: what a teacher who reports a fault can look at and send.
void showLog(QWidget* parent);

}  // namespace calando
