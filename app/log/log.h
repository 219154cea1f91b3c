#pragma once

#include <QLoggingCategory>
#include <QStringList>
#include <filesystem>
#include <memory>

#include "core/base/problem.h"
#include "records/values/clock.h"

/// What happened lately, for a teacher who reports a fault: what was begun, how it ended, how long it took
/// and what went wrong. No names, no remarks, no paths: a line is made of numbers, ids of cards, of kinds of
/// sound sources and of the wordings of problems without their values. Threads: any.
namespace calando {

Q_DECLARE_LOGGING_CATEGORY(logProgram)
Q_DECLARE_LOGGING_CATEGORY(logTake)
Q_DECLARE_LOGGING_CATEGORY(logSound)
Q_DECLARE_LOGGING_CATEGORY(logStudio)

/// What a line says of a problem: its wording without its values, which may be names or paths.
inline QLatin1String namelessly(const Problem& problem) {
  return {problem.wording.data(), static_cast<qsizetype>(problem.wording.size())};
}

/// Lines are kept in memory from now on, the last thousand; where a folder is named, in its file log.txt,
/// too, with those of the run before. Other libraries' lines go where they went.
void beginLog(std::shared_ptr<const Clock> clock, const std::filesystem::path& folder = {});
/// The lines there are, the oldest first.
QStringList loggedLately();

}  // namespace calando
