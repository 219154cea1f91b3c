#pragma once

#include <QString>
#include <cstddef>

namespace calando {
struct HomeworkItem;
struct HomeworkList;
struct Instrument;
struct MarkedItem;
struct Marking;
struct WantsEar;
}  // namespace calando

/// Homework in words.
namespace calando::words {

/// "Scale tones, 4 on, 4 off, from B♭3, up to F4, at 66".
QString item(const HomeworkItem& item, const Instrument* instrument);
/// "7 of 7 notes · 2 tries, the second counts · up to D5"; "not in the recording".
QString found(const MarkedItem& item, const Instrument* instrument);
/// The figures of the best try, those outside first: "Offset +14 cents · Wander 9 cents".
QString figures(const MarkedItem& item, std::size_t most);
/// "breaks: 3 in “Long tones”".
QString wantsEar(const WantsEar& reason, const HomeworkList& list);
/// What is written to a student: each item with its figures, and one thing to try.
QString answer(const QString& student, const HomeworkList& list, const Marking& marking,
               const Instrument* instrument);
/// The list as it is given out.
QString listText(const HomeworkList& list, const QString& due, const Instrument* instrument);
/// "6:40".
QString clock(double seconds);

}  // namespace calando::words
