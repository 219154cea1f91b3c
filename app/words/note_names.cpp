#include "app/words/note_names.h"

namespace calando {

namespace {
NoteLanguage chosen = NoteLanguage::english;
}

void setNoteLanguage(NoteLanguage language) { chosen = language; }
NoteLanguage noteLanguage() { return chosen; }

QString shownNote(int semitone, Spelling spelling) {
  return QString::fromStdString(displayName(semitone, spelling, chosen));
}

QString shownPitchClass(int semitone, Spelling spelling) {
  return QString::fromStdString(displayPitchClass(semitone, spelling, chosen));
}

std::optional<int> typedNote(const QString& text) { return parseNote(text.trimmed().toStdString(), chosen); }

}  // namespace calando
