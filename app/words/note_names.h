#pragma once

#include <QString>
#include <optional>

#include "core/theory/pitch.h"

/// Note names as the window shows and reads them, in the language that its teacher chose.
namespace calando {

/// English, unless chosen otherwise; for the whole program, on the interface's thread.
void setNoteLanguage(NoteLanguage language);
NoteLanguage noteLanguage();

/// "B♭4".
QString shownNote(int semitone, Spelling spelling);
/// "B♭".
QString shownPitchClass(int semitone, Spelling spelling);
/// What somebody typed; spaces around it do not matter.
std::optional<int> typedNote(const QString& text);

}  // namespace calando
