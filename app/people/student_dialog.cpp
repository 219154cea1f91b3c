#include "app/people/student_dialog.h"

#include <QCoreApplication>

#include "app/parts/plain_dialog.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/theory/instrument.h"

namespace calando {

namespace {
struct StudentDialog {
  Q_DECLARE_TR_FUNCTIONS(StudentDialog)
};

QComboBox* experienceBox(const Student& start) {
  auto* experience = new QComboBox;
  experience->setObjectName("studentExperience");
  for (const auto& [text, value] : {std::pair{StudentDialog::tr("Beginner"), Experience::beginner},
                                    {StudentDialog::tr("Some years"), Experience::someYears},
                                    {StudentDialog::tr("Advanced"), Experience::advanced}})
    experience->addItem(text, static_cast<int>(value));
  // Who was here before anybody asked is no beginner any more.
  const Experience known = start.id == 0                            ? Experience::beginner
                           : start.experience == Experience::unsaid ? Experience::someYears
                                                                    : start.experience;
  experience->setCurrentIndex(experience->findData(static_cast<int>(known)));
  experience->setToolTip(StudentDialog::tr("Level, length of tones and first running order go by that."));
  return experience;
}
/// Typed, or looked for in the list; nobody's is guessed.
QComboBox* instrumentBox(const Student& start) {
  auto* instrument = new QComboBox;
  instrument->setObjectName("studentInstrument");
  for (const Instrument& i : instruments()) instrument->addItem(words::said(i.name), words::plain(i.id));
  instrument->setEditable(true);
  instrument->setInsertPolicy(QComboBox::NoInsert);
  instrument->completer()->setCompletionMode(QCompleter::PopupCompletion);
  instrument->completer()->setFilterMode(Qt::MatchContains);
  instrument->lineEdit()->setPlaceholderText(StudentDialog::tr("type its name"));
  instrument->setCurrentIndex(start.id == 0 ? -1 : instrument->findData(words::plain(start.instrument)));
  return instrument;
}

const Instrument* chosenIn(const QComboBox& box) {
  const int index = box.findText(box.currentText(), Qt::MatchFixedString);
  return index < 0 ? nullptr : findInstrument(box.itemData(index).toString().toStdString());
}

/// What is wanting before it can be added; empty: nothing. `read`: what was typed for its ends are notes.
QString wantingIn(const QString& name, const Instrument* instrument, bool read, const NoteRange& range) {
  if (name.trimmed().isEmpty()) return StudentDialog::tr("A name is wanting.");
  if (!instrument) return StudentDialog::tr("An instrument is wanting.");
  if (!read) return StudentDialog::tr("A note is written like Bb4 or F#3.");
  const bool inOrder = !range.lowest || !range.highest || *range.lowest <= *range.highest;
  return inOrder ? QString() : StudentDialog::tr("The lowest note lies over the highest.");
}
}  // namespace

std::optional<Student> askForStudent(QWidget* parent, const Student& start, const QString& title) {
  QDialog dialog(parent);
  dialog.setWindowTitle(title);
  auto* form = new QFormLayout(&dialog);
  auto* name = new QLineEdit(words::plain(start.name));
  name->setObjectName("studentName");
  name->setPlaceholderText(StudentDialog::tr("Name"));
  auto* instrument = instrumentBox(start);
  form->addRow(StudentDialog::tr("Name"), name);
  form->addRow(StudentDialog::tr("Instrument"), instrument);
  auto* experience = experienceBox(start);
  form->addRow(StudentDialog::tr("How far"), experience);
  const auto chosen = [=] { return chosenIn(*instrument); };
  const auto noteField = [&](const char* objectName, const std::optional<int>& note, const QString& tip) {
    const Instrument* of = chosen();
    auto* field = new QLineEdit(note ? shownNote(*note, of ? of->spelling : Spelling::flats) : QString());
    field->setObjectName(objectName);
    field->setToolTip(tip);
    return field;
  };
  auto* lowest = noteField("studentLowest", start.range.lowest,
                           StudentDialog::tr("Written. Exercises leave out what is lower."));
  auto* highest = noteField("studentHighest", start.range.highest,
                            StudentDialog::tr("Written. Exercises leave out what is higher."));
  form->addRow(StudentDialog::tr("Lowest note"), lowest);
  form->addRow(StudentDialog::tr("Highest note"), highest);
  auto* buttons = plainButtons(start.id == 0 ? StudentDialog::tr("Add") : QString());
  auto* why = new QLabel;  // what cannot be pressed says why
  why->setObjectName("caption");
  auto* foot = new QHBoxLayout;
  foot->addWidget(why, 1);
  foot->addWidget(buttons);
  form->addRow(foot);
  QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
  QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
  const auto range = [=] { return NoteRange{typedNote(lowest->text()), typedNote(highest->text())}; };
  const auto allow = [=] {
    const NoteRange r = range();
    const bool read = lowest->text().trimmed().isEmpty() != r.lowest.has_value() &&
                      highest->text().trimmed().isEmpty() != r.highest.has_value();
    const Instrument* i = chosen();
    const QString wanting = wantingIn(name->text(), i, read, r);
    why->setText(wanting);
    buttons->button(QDialogButtonBox::Ok)->setEnabled(wanting.isEmpty());
    // An end that is left empty is the instrument's own.
    lowest->setPlaceholderText(i ? shownNote(i->writtenOf(i->lowest), i->spelling) : QString());
    highest->setPlaceholderText(i ? shownNote(i->writtenOf(i->highest), i->spelling) : QString());
  };
  for (const QLineEdit* field : {name, lowest, highest})
    QObject::connect(field, &QLineEdit::textChanged, &dialog, allow);
  QObject::connect(instrument, &QComboBox::currentIndexChanged, &dialog, allow);
  QObject::connect(instrument, &QComboBox::editTextChanged, &dialog, allow);
  allow();
  if (dialog.exec() != QDialog::Accepted) return std::nullopt;
  return Student{start.id, name->text().trimmed().toStdString(), std::string(chosen()->id), range(),
                 static_cast<Experience>(experience->currentData().toInt())};
}

}  // namespace calando
