#include "app/words/note_names.h"

namespace calando {

namespace {
NoteLanguage chosen = NoteLanguage::english;
std::optional<Spelling> chosenSpelling;
}  // namespace

void setNoteLanguage(NoteLanguage language) { chosen = language; }
NoteLanguage noteLanguage() { return chosen; }

void setNoteSpelling(int setting) {
  chosenSpelling.reset();
  for (const Spelling one : {Spelling::sharps, Spelling::flats})
    if (setting == 1 + static_cast<int>(one)) chosenSpelling = one;
}
Spelling spelledFor(Spelling usual) { return chosenSpelling.value_or(usual); }

QString shownNote(int semitone, Spelling spelling) { return exactNote(semitone, spelledFor(spelling)); }

QString exactNote(int semitone, Spelling spelling) {
  return QString::fromStdString(displayName(semitone, spelling, chosen));
}

QString shownPitchClass(int semitone, Spelling spelling) {
  return QString::fromStdString(displayPitchClass(semitone, spelledFor(spelling), chosen));
}

std::optional<int> typedNote(const QString& text) { return parseNote(text.trimmed().toStdString(), chosen); }

std::optional<Spelling> typedSpelling(const QString& text) {
  const auto note = typedNote(text);
  if (!note || exactNote(*note, Spelling::sharps) == exactNote(*note, Spelling::flats)) return std::nullopt;
  static const QRegularExpression sharp(QStringLiteral("[#♯]|^[a-z]is"),
                                        QRegularExpression::CaseInsensitiveOption);
  return text.trimmed().contains(sharp) ? Spelling::sharps : Spelling::flats;
}

}  // namespace calando
