#pragma once

#include <QCoreApplication>

namespace calando {

/// What the ribbon says, for a translator: one context, whichever part of it speaks.
struct Ribbon {
  Q_DECLARE_TR_FUNCTIONS(Ribbon)
};

}  // namespace calando
