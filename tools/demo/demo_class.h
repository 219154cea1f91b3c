#pragma once

#include <functional>

#include "core/standin/performance.h"
#include "records/values/take.h"

/// The evening class of the demo: invented students with a handful of takes each, played by the stand-in.
namespace calando {

/// The evening of the class' last lesson: Tuesday 24 November 2026, 19:00 UTC. Fixed, so that every run is
/// alike.
inline constexpr std::int64_t kLastEvening_unix_s = 1795546800;

/// As their microphones have it: what is less is noise, and twice as long in a file.
void ofSixteenBits(std::vector<float>& samples);

/// Without ids.
std::vector<Student> demoStudents();
/// Practises long tones between the evenings, too.
bool playsAtHome(std::size_t student);
/// Plays what one of the students, who have their ids by now, has on the list: the same at every run, whoever
/// else is made. For any thread.
void playDemoTakes(const std::vector<Student>& students, std::size_t student,
                   const std::function<void(const Take&, Performance)>& made);

}  // namespace calando
