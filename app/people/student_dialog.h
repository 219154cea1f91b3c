#pragma once

#include <QDialog>
#include <optional>

#include "records/values/take.h"

namespace calando {

/// Asks for a student's name, instrument and range. Nullopt when cancelled.
std::optional<Student> askForStudent(QWidget* parent, const Student& start, const QString& title);

}  // namespace calando
