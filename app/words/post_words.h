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
/// "complete · played 2 times, number 2 counts · up to D5"; "not in the recording".
QString found(const MarkedItem& item, const Instrument* instrument);
/// The figures of the best try, those outside first: "Tuning 14 cents sharp · Wander 9 cents".
QString figures(const MarkedItem& item, std::size_t most);
/// "breaks: 3 in “Long tones”".
QString wantsEar(const WantsEar& reason, const HomeworkList& list);
/// Who reads an answer.
enum class Reader { child, adult, parent };
/// What is written to them: what went, what did not come, one thing to try, and when next. An adult has the
/// figures too, a parent how to help. `next`: "until 4 December"; empty: at the next lesson.
QString answer(Reader reader, const QString& student, const HomeworkList& list, const Marking& marking,
               const Instrument* instrument, const QString& next);
/// The list as it is given out.
QString listText(const HomeworkList& list, const QString& due, const Instrument* instrument);
/// "6:40".
QString clock(double seconds);

}  // namespace calando::words
