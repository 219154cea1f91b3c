#pragma once

#include <QBoxLayout>

namespace calando {

/// A row or column without a margin of its own.
template <class Layout>
Layout* tight(Layout* layout, int gap) {
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(gap);
  return layout;
}

}  // namespace calando
