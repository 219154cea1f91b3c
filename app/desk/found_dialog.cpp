#include "app/desk/found_dialog.h"

#include "app/parts/plain_text.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "audio/whole_file.h"
#include "records/tables/recordings.h"
#include "records/tables/student_table.h"

namespace calando {

FoundDialog::FoundDialog(const StudentTable& students, Recordings& recordings, bool readOnly, QWidget* parent)
    : QDialog(parent),
      recordings_(recordings),
      readOnly_(readOnly),
      list_(new QListWidget),
      student_(new QComboBox),
      give_(new QPushButton(tr("Keep as a take of"))),
      listen_(new QPushButton(tr("Listen"))),
      export_(new QPushButton(tr("Export…"))),
      throw_(new QPushButton(tr("Throw away…"))),
      said_(new QLabel) {
  setWindowTitle(tr("Recordings that were found"));
  resize(680, 420);
  list_->setObjectName("found");
  list_->setAccessibleName(tr("Recordings that are no takes yet"));
  student_->setObjectName("foundStudent");
  student_->setAccessibleName(tr("Student"));
  for (const auto& [button, name] : {std::pair{give_, "foundGive"},
                                     {listen_, "foundListen"},
                                     {export_, "foundExport"},
                                     {throw_, "foundThrow"}}) {
    button->setObjectName(name);
    button->setAutoDefault(false);
  }
  said_->setObjectName("why");
  said_->setWordWrap(true);
  arrange();
  connect(list_, &QListWidget::currentRowChanged, this, &FoundDialog::choose);
  connect(give_, &QPushButton::clicked, this, &FoundDialog::give);
  connect(listen_, &QPushButton::clicked, this, &FoundDialog::listen);
  connect(export_, &QPushButton::clicked, this, &FoundDialog::exportChosen);
  connect(throw_, &QPushButton::clicked, this, &FoundDialog::throwChosenAway);
  connect(&player_, &SoundPlayer::stopped, this, [this] { listen_->setText(tr("Listen")); });
  if (auto all = students.all()) students_ = std::move(*all);
  for (const Student& s : students_) student_->addItem(words::plain(s.name));
  student_->setPlaceholderText(tr("whose is it?"));
  connect(student_, &QComboBox::currentIndexChanged, this, &FoundDialog::allowGiving);
  load();
}

void FoundDialog::arrange() {
  auto* intro = new QLabel(tr(
      "Left behind when the program or the computer was ended, when the disk was full, or by another list of "
      "takes. Nothing is removed unless you throw it away."));
  intro->setWordWrap(true);
  auto* actions = new QHBoxLayout;
  actions->addWidget(give_);
  actions->addWidget(student_, 1);
  actions->addWidget(listen_);
  actions->addWidget(export_);
  actions->addWidget(throw_);
  auto* close = new QPushButton(tr("Close"));
  close->setAutoDefault(false);
  auto* foot = new QHBoxLayout;
  foot->addWidget(said_, 1);
  foot->addWidget(close);
  auto* layout = new QVBoxLayout(this);
  layout->addWidget(intro);
  layout->addWidget(list_, 1);
  layout->addLayout(actions);
  layout->addLayout(foot);
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
}

QString FoundDialog::textOf(const Stray& stray) const {
  const SoundNote& note = stray.note;
  const QDateTime when = note.take.made_unix_s > 0
                             ? QDateTime::fromSecsSinceEpoch(note.take.made_unix_s)
                             : QFileInfo(words::plain(stray.file.string())).lastModified();
  const QString name = words::plain(note.student.name);
  const QStringList parts{
      words::moment(when),
      stray.seconds ? tr("%1 s").arg(words::number(*stray.seconds, 1, false)) : tr("cannot be read as sound"),
      stray.known && !name.isEmpty() ? tr("of %1").arg(name)
      : stray.known                  ? tr("of a student here")
      : !name.isEmpty()              ? tr("of %1, who is not in this studio").arg(name)
      : stray.noted                  ? tr("of somebody who is not in this studio")
                                     : tr("nothing says whose it is")};
  return parts.join(QStringLiteral("   ·   "));
}

void FoundDialog::load() {
  const int row = list_->currentRow();
  auto strays = recordings_.strays();
  if (!strays) return said_->setText(words::said(strays.error()));
  strays_ = std::move(*strays);
  std::erase_if(strays_, [this](const Stray& s) { return given_.contains(s.file); });
  list_->clear();
  for (const Stray& stray : strays_) {
    auto* item = new QListWidgetItem(textOf(stray));
    item->setToolTip(words::plain(printable(stray.file.string())));
    item->setSizeHint({0, style::kFinger});
    list_->addItem(item);
  }
  list_->setCurrentRow(std::clamp(row, 0, list_->count() - 1));
  choose();
}

const Stray* FoundDialog::chosen() const {
  const int row = list_->currentRow();
  return row < 0 || row >= static_cast<int>(strays_.size()) ? nullptr
                                                            : &strays_[static_cast<std::size_t>(row)];
}

void FoundDialog::choose() {
  player_.stop();
  const Stray* stray = chosen();
  const bool heard = stray && stray->seconds;
  const bool writes = !readOnly_;
  student_->setEnabled(heard && writes && !students_.empty());
  listen_->setEnabled(heard);
  export_->setEnabled(stray);
  throw_->setEnabled(stray && writes);
  // Whose it is, the teacher says where nobody knows: none is chosen then.
  const auto owner =
      stray ? std::ranges::find(students_, stray->note.student.id, &Student::id) : students_.end();
  student_->setCurrentIndex(owner == students_.end() ? -1 : static_cast<int>(owner - students_.begin()));
  allowGiving();
}

void FoundDialog::allowGiving() { give_->setEnabled(student_->isEnabled() && student_->currentIndex() >= 0); }

void FoundDialog::give() {
  const Stray* stray = chosen();
  const int who = student_->currentIndex();
  if (!stray || who < 0) return;
  given_.insert(stray->file);
  emit given(*stray, students_[static_cast<std::size_t>(who)]);
  load();
}

void FoundDialog::exportChosen() {
  const Stray* stray = chosen();
  if (!stray) return;
  const QString file = QFileDialog::getSaveFileName(this, tr("Export the recording"),
                                                    words::plain(stray->file.filename().string()));
  if (file.isEmpty()) return;
  const auto copied = copyWhole(stray->file, QFile::encodeName(file).toStdString(), Access::umask);
  said_->setText(copied ? tr("Written: %1").arg(file)
                        : tr("%1 could not be written: %2.").arg(file, words::said(copied.error().why)));
}

void FoundDialog::throwChosenAway() {
  const Stray* stray = chosen();
  if (!stray) return;
  QMessageBox box(QMessageBox::NoIcon, tr("Throw the recording away"),
                  tr("Throw this away? It cannot be brought back.") + "\n\n" + textOf(*stray),
                  QMessageBox::NoButton, this);
  box.setTextFormat(Qt::PlainText);
  auto* away = box.addButton(tr("Throw away"), QMessageBox::DestructiveRole);
  away->setObjectName("throwAway");
  box.setDefaultButton(box.addButton(tr("Leave it"), QMessageBox::RejectRole));
  box.exec();
  if (box.clickedButton() != away) return;
  if (const auto gone = recordings_.throwAway(*stray); !gone) said_->setText(words::said(gone.error()));
  load();
}

void FoundDialog::listen() {
  if (player_.playing()) return player_.stop();
  const Stray* stray = chosen();
  if (!stray) return;
  const auto sound = readWholeSound(stray->file.string());
  if (!sound) return said_->setText(words::said(sound.error().what));
  if (!player_.play(sound->samples, sound->info.rate_hz, 0.0, 1e9, false))
    return said_->setText(words::noOutput());
  listen_->setText(tr("Stop"));
}

}  // namespace calando
