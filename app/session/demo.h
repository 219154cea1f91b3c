#pragma once

#include <filesystem>

#include "records/values/clock.h"

/// The demo: an evening class that was made when the program was built (tools/demo).
namespace calando {

/// The evening after the class' last lesson, whatever day it is: what is due stays due, and every run is
/// alike.
std::shared_ptr<const Clock> demoClock();

/// Where the class lies beside a program in `program`, its folder: of a build and of what is installed alike.
std::filesystem::path demoBeside(const std::filesystem::path& program);

/// Copies the class into a folder, which becomes its studio's. The error is empty where that went well.
std::error_code copyDemo(const std::filesystem::path& from, const std::filesystem::path& to);

}  // namespace calando
