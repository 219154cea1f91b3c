#pragma once

#include <QPainter>

#include "app/ribbon/ribbon_scale.h"

namespace calando {

/// Of every note where it sounds how strong its partials are, under its strongest; over those that are held
/// against a model, the model's as steps, and how far off they are.
void paintTimbre(QPainter& painter, const Snapshot& take, const RibbonScale& scale);

}  // namespace calando
