#pragma once

#include <QString>
#include <optional>

#include "core/theory/pitch.h"

/// Note names as the window shows and reads them, in the language that its teacher chose.
namespace calando {

/// English, unless chosen otherwise; for the whole program, on the interface's thread.
void setNoteLanguage(NoteLanguage language);
NoteLanguage noteLanguage();

/// Sharps or flats for every name, one more than a Spelling; 0: as the instrument's music has it.
void setNoteSpelling(int setting);
/// What a name is spelt with that would usually be so.
Spelling spelledFor(Spelling usual);

/// "B♭4".
QString shownNote(int semitone, Spelling spelling);
/// "B♭".
QString shownPitchClass(int semitone, Spelling spelling);
/// Spelt so and not otherwise.
QString exactNote(int semitone, Spelling spelling);
/// What somebody typed; spaces around it do not matter.
std::optional<int> typedNote(const QString& text);
/// With sharps or with flats; nullopt: it has neither.
std::optional<Spelling> typedSpelling(const QString& text);

}  // namespace calando
