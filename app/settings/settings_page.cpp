#include "app/settings/settings_page.h"

#include <QAudioDevice>
#include <QMediaDevices>
#include <set>

#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/session/common/notices.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/retention.h"
#include "app/session/students/student_book.h"
#include "app/session/studio_files.h"
#include "app/settings/sounds_dialog.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/language.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/library/cards.h"
#include "records/tables/setting_table.h"

namespace calando {

namespace {

constexpr int kWidth = 620;
constexpr int kTerm = 150;

/// The sections share their columns.
QLabel* term(const QString& text) {
  auto* label = new QLabel(text);
  label->setFixedWidth(kTerm);
  label->setWordWrap(true);
  return label;
}

QGroupBox* section(const QString& title, QFormLayout*& form) {
  auto* box = new QGroupBox(title);
  form = new QFormLayout(box);
  form->setContentsMargins(0, 2 * style::kStep, 0, 0);
  form->setHorizontalSpacing(4 * style::kStep);
  form->setVerticalSpacing(2 * style::kStep);
  form->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
  return box;
}

}  // namespace

SettingsPage::SettingsPage(const Parts& parts) : parts_(parts) {
  auto* title = new QLabel(tr("Settings"));
  title->setObjectName("title");
  auto* column = new QVBoxLayout;
  column->setSpacing(6 * style::kStep);
  column->addWidget(title);
  for (QWidget* part : {buildWords(), buildSound(), buildStudio()}) column->addWidget(part);
  column->addStretch();
  auto* inner = new QWidget;
  inner->setMaximumWidth(kWidth);
  inner->setLayout(column);
  auto* layout = new QHBoxLayout(this);
  layout->addSpacing(8 * style::kStep);
  layout->addWidget(inner, 1);
  layout->addStretch(1);
}

QWidget* SettingsPage::buildWords() {
  QFormLayout* form = nullptr;
  QWidget* box = section(tr("Words"), form);
  auto* school = new QComboBox;
  school->setObjectName("school");
  school->addItem(tr("both, where they differ"), QString());
  std::set<std::string> schools;
  for (const Exercise& card : exercises())
    for (const auto& [name, text] : card.schools) schools.insert(name);
  for (const std::string& name : schools)
    school->addItem(tr("“%1”").arg(words::said(name)), words::plain(name));
  school->setCurrentIndex(std::max(0, school->findData(words::plain(parts_.deck.school()))));
  connect(school, &QComboBox::activated, this,
          [this, school] { parts_.deck.setSchool(school->currentData().toString().toStdString()); });
  school->setAccessibleName(tr("School"));
  form->addRow(term(tr("School")), school);
  form->addRow(term({}),
               caption(tr("Where schools differ, exercises and advice speak in the words of this one.")));
  addNoteNames(*form);
  addLanguage(*form);
  return box;
}

void SettingsPage::addLanguage(QFormLayout& form) {
  auto* language = new QComboBox;
  language->setObjectName("language");
  language->setAccessibleName(tr("Language"));
  language->addItem(tr("the desktop’s, where there is a translation"), QString());
  for (const QString& code : languages()) language->addItem(QLocale(code).nativeLanguageName(), code);
  language->setCurrentIndex(
      std::max(0, language->findData(words::plain(parts_.settings.get(settings::language)))));
  connect(language, &QComboBox::activated, this,
          [this, language] { setLanguage(language->currentData().toString()); });
  form.addRow(term(tr("Language")), language);
}

/// With the names of the notes that are usual in it.
void SettingsPage::setLanguage(const QString& code) {
  const QLocale locale = code.isEmpty() ? QLocale::system() : QLocale(code);
  const NoteLanguage names = locale.language() == QLocale::German   ? NoteLanguage::german
                             : locale.language() == QLocale::French ? NoteLanguage::fixedDo
                                                                    : NoteLanguage::english;
  if (parts_.notices.worked(parts_.settings.keep(settings::language, code.toStdString())) &&
      parts_.notices.worked(parts_.settings.keep(settings::noteNames, static_cast<double>(names))))
    emit languageChanged();
}

/// What notes are called, and whether with sharps or flats.
void SettingsPage::addNoteNames(QFormLayout& form) {
  auto* names = new QComboBox;
  names->setObjectName("noteNames");
  for (const auto& [text, language] : {std::pair{tr("C D E F G A B♭ B"), NoteLanguage::english},
                                       {tr("C D E F G A B H"), NoteLanguage::german},
                                       {tr("Do Ré Mi Fa Sol La Si♭ Si"), NoteLanguage::fixedDo}})
    names->addItem(text, static_cast<int>(language));
  names->setCurrentIndex(names->findData(static_cast<int>(noteLanguage())));
  connect(names, &QComboBox::activated, this, [this, names] {
    const auto language = static_cast<NoteLanguage>(names->currentData().toInt());
    setNoteLanguage(language);
    parts_.notices.worked(parts_.settings.keep(settings::noteNames, static_cast<double>(language)));
    emit noteNamesChanged();
  });
  names->setAccessibleName(tr("Names of the notes"));
  form.addRow(term(tr("Names of the notes")), names);
  auto* accidentals = new QComboBox;
  accidentals->setObjectName("accidentals");
  accidentals->setAccessibleName(tr("Sharps or flats"));
  accidentals->addItem(tr("as the instrument’s music has them"), 0);
  accidentals->addItem(tr("sharps"), 1 + static_cast<int>(Spelling::sharps));
  accidentals->addItem(tr("flats"), 1 + static_cast<int>(Spelling::flats));
  accidentals->setCurrentIndex(
      std::max(0, accidentals->findData(static_cast<int>(parts_.settings.get(settings::accidentals)))));
  connect(accidentals, &QComboBox::activated, this, [this, accidentals] {
    const int chosen = accidentals->currentData().toInt();
    setNoteSpelling(chosen);
    parts_.notices.worked(parts_.settings.keep(settings::accidentals, static_cast<double>(chosen)));
    emit noteNamesChanged();
  });
  form.addRow(term(tr("Sharps or flats")), accidentals);
}

QWidget* SettingsPage::buildSound() {
  QFormLayout* form = nullptr;
  QWidget* box = section(tr("Sound"), form);
  output_ = new QComboBox;
  output_->setObjectName("outputDevice");
  output_->addItem(tr("The system’s default"), QString());
  for (const QAudioDevice& device : QMediaDevices::audioOutputs())
    output_->addItem(device.description(), QString::fromUtf8(device.id()));
  output_->setCurrentIndex(std::max(0, output_->findData(words::plain(parts_.setup.output()))));
  level_ = new QSpinBox;
  level_->setObjectName("outputLevel");
  level_->setRange(-24, 6);
  level_->setSuffix(tr(" dB"));
  level_->setValue(static_cast<int>(std::lround(parts_.setup.output_db())));
  connect(output_, &QComboBox::activated, this, &SettingsPage::chooseOutput);
  connect(level_, &QSpinBox::valueChanged, this, &SettingsPage::chooseOutput);
  output_->setAccessibleName(tr("Play on"));
  level_->setAccessibleName(tr("Click, drone, partner"));
  form->addRow(term(tr("Play on")), output_);
  form->addRow(term(tr("Click, drone, partner")), level_);
  auto* partner = new QComboBox;
  partner->setObjectName("partnerVoice");
  partner->setAccessibleName(tr("A partner sounds as"));
  partner->addItem(tr("a plain tone"), QString());
  partner->addItem(tr("the student’s own instrument"), QString(settings::kOwnInstrument));
  for (const Instrument& instrument : instruments())
    partner->addItem(words::said(instrument.name), words::plain(instrument.id));
  partner->setCurrentIndex(
      std::max(0, partner->findData(words::plain(parts_.settings.get(settings::partner)))));
  connect(partner, &QComboBox::activated, this, [this, partner] {
    parts_.notices.worked(
        parts_.settings.keep(settings::partner, partner->currentData().toString().toStdString()));
  });
  form->addRow(term(tr("A partner sounds as")), partner);
  form->addRow(
      term({}),
      caption(tr("Softer is better where a microphone hears the loudspeaker; best are headphones.")));
  box->setEnabled(!parts_.readOnly);
  return box;
}

QWidget* SettingsPage::buildStudio() {
  QFormLayout* form = nullptr;
  QWidget* box = section(tr("Studio"), form);
  auto* folder = new QLabel(words::plain(printable(parts_.files.folder().string())));
  folder->setObjectName("studioFolder");
  folder->setWordWrap(true);
  folder->setTextInteractionFlags(Qt::TextSelectableByMouse);
  form->addRow(term(tr("Folder")), folder);
  form->addRow(term({}),
               caption(tr("Everything is in it: copy it to keep it. The option %1 opens another one.")
                           .arg(QStringLiteral("-\u2060-\u2060studio"))));
  form->addRow(term(tr("Sound is kept")), buildRetention());
  backedUp_ = new QLabel;
  auto* backUp = new QPushButton(tr("Back up…"));
  backUp->setObjectName("backUp");
  connect(backUp, &QPushButton::clicked, this, [this] {
    const QString file = QFileDialog::getSaveFileName(this, tr("A backup of the studio"),
                                                      tr("studio-backup.zip"), tr("Backup (*.zip)"));
    if (!file.isEmpty()) parts_.files.backUp(QFile::encodeName(file).toStdString());
  });
  auto* restore = new QPushButton(tr("Unpack a backup…"));
  restore->setObjectName("restore");
  connect(restore, &QPushButton::clicked, this, [this] {
    const QString file =
        QFileDialog::getOpenFileName(this, tr("A backup of a studio"), {}, tr("Backup (*.zip)"));
    const QString folder =
        file.isEmpty() ? QString() : QFileDialog::getExistingDirectory(this, tr("An empty folder for it"));
    if (!folder.isEmpty())
      parts_.files.restore(QFile::encodeName(file).toStdString(), QFile::encodeName(folder).toStdString());
  });
  auto* row = new QHBoxLayout;
  row->setSpacing(2 * style::kStep);
  row->addWidget(backedUp_, 1);
  row->addWidget(backUp);
  row->addWidget(restore);
  form->addRow(term(tr("Last backup")), row);
  form->addRow(
      term({}),
      caption(tr("The whole studio in one file, read back after it is written. Put it on another disk.")));
  return box;
}

QWidget* SettingsPage::buildRetention() {
  Retention& retention = parts_.retention;
  auto* months = new QComboBox;
  months->setObjectName("soundMonths");
  months->setAccessibleName(tr("Sound is kept"));
  months->setToolTip(
      tr("Figures stay; what is older is asked about at the start, and nothing goes by itself"));
  months->addItem(tr("for good"), 0);
  for (const int n : {3, 6, 12, 24}) months->addItem(tr("%1 months").arg(n), n);
  months->setCurrentIndex(std::max(0, months->findData(retention.months())));
  months->setEnabled(!parts_.readOnly);
  connect(months, &QComboBox::activated, this,
          [&retention, months] { retention.setMonths(months->currentData().toInt()); });
  due_ = new QPushButton;
  due_->setObjectName("soundsDue");
  connect(due_, &QPushButton::clicked, this,
          [this, &retention] { askForSounds(retention, parts_.takeTable, parts_.book, this); });
  returnable_ = new QPushButton;
  returnable_->setObjectName("soundsBack");
  connect(returnable_, &QPushButton::clicked, this, [&retention] { retention.bringBack(); });
  connect(&retention, &Retention::changed, this, &SettingsPage::refreshRetention);
  auto* box = new QWidget;
  auto* row = tight(new QHBoxLayout(box), 2 * style::kStep);
  row->addWidget(months, 1);
  row->addWidget(due_);
  row->addWidget(returnable_);
  return box;
}

void SettingsPage::refreshRetention() {
  const auto due = static_cast<int>(parts_.retention.due().size());
  const auto back = static_cast<int>(parts_.retention.returnable());
  due_->setVisible(due > 0);
  due_->setText(tr("Older: %1…").arg(due));
  returnable_->setVisible(back > 0);
  returnable_->setText(tr("Bring back: %1").arg(back));
}

void SettingsPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  refreshRetention();
  const double last = parts_.settings.get(settings::backedUp);
  backedUp_->setText(last > 0.0 ? words::moment(QDateTime::fromSecsSinceEpoch(static_cast<qint64>(last)))
                                : tr("never"));
}

void SettingsPage::chooseOutput() {
  if (parts_.readOnly) return;
  parts_.notices.worked(
      parts_.setup.setOutput(output_->currentData().toString().toStdString(), level_->value()));
}

}  // namespace calando
