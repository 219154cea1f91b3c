#include "app/settings/heard_dialog.h"

#include "app/parts/captioned.h"
#include "app/parts/plain_dialog.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"
#include "app/settings/input_words.h"
#include "app/sound/input.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/live/input_meter.h"
#include "core/theory/instrument.h"

namespace calando {

namespace {
constexpr int kWide = 460, kHigh = 380;
constexpr double kNote = 72.0;  // points
}  // namespace

HeardDialog::HeardDialog(const Parts& parts, QWidget* parent)
    : QDialog(parent),
      parts_(parts),
      source_(new QComboBox),
      level_(new QProgressBar),
      note_(new QLabel),
      says_(new QLabel) {
  setWindowTitle(tr("Is everything heard?"));
  setAttribute(Qt::WA_DeleteOnClose);
  fitToScreen(*this, kWide, kHigh);
  source_->setObjectName("heardSource");
  level_->setObjectName("heardLevel");
  level_->setRange(-60, 0);
  level_->setTextVisible(false);
  level_->setFixedHeight(3 * style::kStep);
  level_->setAccessibleName(tr("Input level"));
  note_->setObjectName("heardNote");
  note_->setFont(style::serif(kNote));
  note_->setAlignment(Qt::AlignCenter);
  says_->setObjectName("heardSays");
  says_->setWordWrap(true);
  says_->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
  auto* done = new QPushButton(tr("Begin"));
  done->setObjectName("heardDone");
  auto* layout = new QVBoxLayout(this);
  layout->setSpacing(3 * style::kStep);
  layout->addWidget(captioned(tr("Microphone"), source_));
  layout->addWidget(level_);
  layout->addWidget(note_, 1);
  layout->addWidget(says_);
  layout->addWidget(done, 0, Qt::AlignRight);
  connect(done, &QPushButton::clicked, this, &QDialog::accept);
  connect(source_, &QComboBox::activated, this,
          [this](int index) { parts_.setup.choose(source_->itemData(index).toString().toStdString()); });
  connect(&parts_.setup, &SoundSetup::inputsChanged, this, &HeardDialog::fill);
  connect(&parts_.setup, &SoundSetup::inputChosen, this, &HeardDialog::fill);
  connect(&parts_.run, &TakeRun::inputChanged, this, &HeardDialog::show);
  fill();
}

void HeardDialog::fill() {
  source_->clear();
  for (const auto& input : parts_.setup.inputs()) source_->addItem(input->name(), words::plain(input->id()));
  const Input& chosen = parts_.setup.chosen();
  source_->setCurrentIndex(source_->findData(words::plain(chosen.id())));
  level_->setValue(level_->minimum());
  note_->clear();
  says_->setText(chosen.playsForATake() ? tr("Plays by itself when the take starts.")
                                        : tr("Play any note: its name stands here."));
}

/// The written name, as the player calls it; what is wrong with the sound goes before.
void HeardDialog::show(const InputState& state) {
  if (parts_.setup.chosen().playsForATake()) return;
  level_->setValue(static_cast<int>(std::clamp(state.level_dbfs, -60.0, 0.0)));
  const QString wrong = words::remarkOn(state);
  if (!wrong.isEmpty()) says_->setText(wrong);
  if (state.sounds_hz <= 0.0) return;
  const Instrument* instrument = parts_.book.instrument();
  const int sounding = nearestSemitone(state.sounds_hz, {});
  const Spelling spelling = instrument ? instrument->spelling : Spelling::flats;
  note_->setText(shownNote(instrument ? instrument->writtenOf(sounding) : sounding, spelling));
  if (wrong.isEmpty()) says_->setText(tr("Heard, and loud enough."));
}

}  // namespace calando
