#include "app/head/head_strip.h"

#include "app/head/go_box.h"
#include "app/head/lesson_clock.h"
#include "app/head/staff_view.h"
#include "app/head/tube_field.h"
#include "app/parts/captioned.h"
#include "app/parts/commands.h"
#include "app/parts/pop_under.h"
#include "app/parts/switch.h"
#include "app/parts/tight.h"
#include "app/people/student_chooser.h"
#include "app/session/common/notices.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/discipline.h"
#include "core/judging/level.h"

namespace calando {

namespace {

constexpr int kChooser = 196, kNarrowChooser = 152;
constexpr int kFieldGap = 6;
constexpr int kFewestCounts = 4, kMostCounts = 16;
constexpr int kNobody_c = -31;  // below what can be set: not said

}  // namespace

HeadStrip::HeadStrip(const Parts& parts)
    : parts_(parts),
      chooser_(new StudentChooser(parts)),
      staff_(new StaffView),
      title_(new QLabel),
      note_(new QLineEdit),
      fingering_(new TubeField(parts)),
      seconds_(new QDoubleSpinBox),
      tempo_(new QDoubleSpinBox),
      most_(new QSpinBox),
      support_(new QComboBox),
      level_(new QComboBox),
      autoStop_(new Switch(tr("stop by itself"))),
      earsFirst_(new Switch(tr("ears first"))),
      go_(new GoBox(parts)) {
  chooser_->setFixedWidth(kChooser);
  staff_->setObjectName("staff");
  auto* row = tight(new QHBoxLayout(this), 3 * style::kStep);
  row->addWidget(chooser_, 0, Qt::AlignTop);
  row->addWidget(staff_);
  fields_ = buildFields();
  ways_ = buildWays();
  row->addWidget(fields_);
  row->addStretch(1);
  row->addWidget(ways_);
  row->addWidget(go_);
  connectFields();
  refresh();
  showWays();
  allow();
}

QWidget* HeadStrip::captioned(const QString& caption, QWidget* field) {
  field->setFixedHeight(style::kFinger);
  return calando::captioned(caption, field);
}

void HeadStrip::setEmpty(bool empty) {
  empty_ = empty;
  for (QWidget* part : std::initializer_list<QWidget*>{fields_, ways_, go_}) part->setVisible(!empty);
  makeRoom();
}

/// Where there is no room for both, the fields stay and the staff goes: the note stands in its field.
/// Then the chooser and the gaps give way; and in a long language the last fields go to a row of their own.
/// Of the most fields that a card has, so that nothing jumps from step to step.
void HeadStrip::makeRoom() {
  const Exercise& card = *parts_.lesson.current();
  const QWidget* first = note_;
  const AskedBy by = disciplineOf(card).askedBy;
  if (by == AskedBy::tube) first = fingering_;
  int fields = -kFieldGap;
  for (const QWidget* field : std::initializer_list<const QWidget*>{first, tempo_, support_, level_, tuning_})
    fields += field->parentWidget()->minimumSizeHint().width() + kFieldGap;
  const int others = fields + ways_->minimumSizeHint().width() + go_->sizeHint().width();
  // Gaps between chooser, staff, fields, what is left over, ways and the button.
  const int wide = kChooser + 5 * 3 * style::kStep, narrow = kNarrowChooser + 4 * 2 * style::kStep;
  staff_->setVisible(!empty_ && card.asksForTones() && by == AskedBy::note &&
                     width() >= others + wide + staff_->minimumSizeHint().width());
  const bool tight = width() < others + wide;
  chooser_->setFixedWidth(tight ? kNarrowChooser : kChooser);
  layout()->setSpacing((tight ? 2 : 3) * style::kStep);
  setRows(width() < others + narrow ? 2 : 1);
}

void HeadStrip::setRows(int rows) {
  QHBoxLayout* row = rows == 1 ? firstRow_ : secondRow_;
  for (QWidget* field : std::initializer_list<QWidget*>{level_, tuning_})
    if (row->indexOf(field->parentWidget()) < 0)
      row->insertWidget(row->count() - 1, field->parentWidget(), 0, Qt::AlignTop);
  setFixedHeight((rows == 1 ? 20 : 32) * style::kStep);
}

void HeadStrip::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  makeRoom();
}

QWidget* HeadStrip::buildFields() {
  title_->setObjectName("stepTitle");
  note_->setObjectName("note");
  note_->setPlaceholderText(tr("free"));
  note_->setFixedWidth(64);
  note_->setToolTip(tr("The written note asked for, such as Bb4 or F#3; empty for any note."));
  seconds_->setObjectName("seconds");
  seconds_->setRange(1, 60);
  seconds_->setDecimals(0);
  seconds_->setSuffix(tr(" s"));
  seconds_->setToolTip(tr("How long the tone should last."));
  tempo_->setObjectName("tempo");
  tempo_->setRange(20, 400);
  tempo_->setDecimals(0);
  tempo_->setSuffix(tr(" /min"));
  tempo_->setToolTip(tr("Beats a minute of the count."));
  most_->setObjectName("mostCounts");
  most_->setRange(kFewestCounts, kMostCounts);
  most_->setSuffix(tr(" counts"));
  most_->setToolTip(tr("The most counts that are asked of this player: the exercise goes up no further."));
  support_->setObjectName("support");
  support_->setToolTip(
      tr("What is heard while the exercise runs. What sounds from loudspeakers is heard by the microphone "
         "too: use headphones."));
  level_->setObjectName("level");
  for (const Level& l : levels()) level_->addItem(words::said(l.label), words::plain(l.id));
  level_->setToolTip(tr("How narrow the targets are."));
  firstRow_ = new QHBoxLayout;
  secondRow_ = new QHBoxLayout;
  for (QHBoxLayout* row : {firstRow_, secondRow_}) {
    row->setSpacing(kFieldGap);
    row->addStretch();
  }
  for (QWidget* field :
       {captioned(tr("Note"), note_), captioned(tr("Fingering"), fingering_), captioned(tr("Hold"), seconds_),
        captioned(tr("Tempo"), tempo_), captioned(tr("Up to"), most_), captioned(tr("Plays along"), support_),
        captioned(tr("Level"), level_), captioned(tr("In tune with"), buildTuning())})
    firstRow_->insertWidget(firstRow_->count() - 1, field, 0, Qt::AlignTop);
  auto* box = new QWidget;
  auto* layout = tight(new QVBoxLayout(box), style::kStep);
  layout->addWidget(title_);
  layout->addLayout(firstRow_);
  layout->addLayout(secondRow_);
  layout->addStretch();
  return box;
}

QWidget* HeadStrip::buildTuning() {
  a4_ = new QDoubleSpinBox;
  a4_->setObjectName("a4");
  a4_->setRange(415, 466);
  a4_->setDecimals(1);
  a4_->setSuffix(tr(" Hz"));
  temperament_ = new QComboBox;
  temperament_->setObjectName("temperament");
  temperament_->addItem(tr("equal"), -1);
  for (int pc = 0; pc < 12; ++pc) temperament_->addItem(QString(), pc);
  cardTuning_ = new QLabel;
  tuning_ = new QToolButton;
  tuning_->setObjectName("tuning");
  tuning_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
  tuning_->setProperty("narrow", true);
  auto* content = new QWidget;
  auto* form = new QFormLayout(content);
  form->addRow(tr("A4"), a4_);
  form->addRow(tr("Temperament"), temperament_);
  form->addRow(QString(), cardTuning_);
  a4_->setAccessibleName(tr("A4"));
  temperament_->setAccessibleName(tr("Temperament"));
  popUnder(*tuning_, content);
  return tuning_;
}

QWidget* HeadStrip::buildRoom() {
  roomTemperature_ = new QDoubleSpinBox;
  roomTemperature_->setObjectName("roomTemperature");
  roomTemperature_->setRange(kNobody_c, 45);
  roomTemperature_->setDecimals(0);
  roomTemperature_->setSuffix(tr(" °C"));
  roomTemperature_->setSpecialValueText(tr("not said"));
  roomTemperature_->setValue(kNobody_c);
  roomTemperature_->setAccessibleName(tr("Room"));
  room_ = new QToolButton;
  room_->setObjectName("room");
  room_->setProperty("quiet", true);
  room_->setAccessibleName(tr("How warm the room is"));
  room_->setToolTip(tr("How warm the room is: kept with each take, since pitch goes with it."));
  auto* content = new QWidget;
  auto* form = new QFormLayout(content);
  form->addRow(tr("Room"), roomTemperature_);
  auto* moved = new QPushButton(tr("I moved the microphone"));
  moved->setObjectName("moved");
  moved->setToolTip(
      tr("Loudness depends on where the microphone stands: the map of reach begins anew from here."));
  form->addRow(tr("Microphone"), moved);
  connect(moved, &QPushButton::clicked, &parts_.session, &Session::moveMicrophone);
  popUnder(*room_, content);
  connect(roomTemperature_, &QDoubleSpinBox::valueChanged, this, [this](double celsius) {
    parts_.request.editOptions(
        [&](TakeOptions& o) { o.room_c = celsius > kNobody_c ? std::optional(celsius) : std::nullopt; });
  });
  return room_;
}

QWidget* HeadStrip::buildWays() {
  autoStop_->setObjectName("autoStop");
  autoStop_->setToolTip(tr("The take ends by itself: one second after the tone, or after the last cue."));
  earsFirst_->setObjectName("earsFirst");
  earsFirst_->setToolTip(tipOf("ears"));
  auto* line = new QHBoxLayout;
  line->setSpacing(style::kStep);
  line->addStretch();
  line->addWidget(new LessonClock(parts_));
  line->addWidget(buildRoom());
  auto* switches = new QVBoxLayout;
  switches->setSpacing(0);
  switches->addWidget(autoStop_);
  switches->addWidget(earsFirst_);
  auto* box = new QWidget;
  auto* layout = tight(new QVBoxLayout(box), 0);
  layout->addLayout(line);
  layout->addLayout(switches);
  layout->addStretch();
  return box;
}

void HeadStrip::connectFields() {
  RequestEditor& asking = parts_.request;
  connect(staff_, &StaffView::notePicked, this,
          [&asking](std::optional<int> note) { asking.edit([=](TakeRequest& w) { w.note = note; }); });
  connect(note_, &QLineEdit::editingFinished, this, &HeadStrip::typedNote);
  connect(seconds_, &QDoubleSpinBox::valueChanged, this,
          [&asking](double s) { asking.edit([=](TakeRequest& w) { w.seconds = s; }); });
  connect(tempo_, &QDoubleSpinBox::valueChanged, this,
          [&asking](double bpm) { asking.edit([=](TakeRequest& w) { w.tempo_bpm = bpm; }); });
  connect(most_, &QSpinBox::valueChanged, this,
          [&asking](int counts) { asking.edit([=](TakeRequest& w) { w.mostCounts = counts; }); });
  connect(level_, &QComboBox::currentIndexChanged, this, [this, &asking] {
    asking.edit([id = level_->currentData().toString().toStdString()](TakeRequest& w) { w.level = id; });
  });
  connect(a4_, &QDoubleSpinBox::valueChanged, this,
          [&asking](double hz) { asking.edit([=](TakeRequest& w) { w.a4_hz = hz; }); });
  connect(temperament_, &QComboBox::currentIndexChanged, this, [this, &asking] {
    const int tonic = temperament_->currentData().toInt();
    asking.edit([=](TakeRequest& w) {
      w.just = tonic >= 0;
      w.tonic = std::max(0, tonic);
    });
  });
  connect(support_, &QComboBox::currentIndexChanged, this, [this, &asking] {
    asking.editOptions([&](TakeOptions& o) {
      o.accompaniment = static_cast<AccompanimentKind>(support_->currentData().toInt());
    });
  });
  connect(autoStop_, &Switch::toggled, this,
          [&asking](bool on) { asking.editOptions([=](TakeOptions& o) { o.stopsByItself = on; }); });
  connect(earsFirst_, &Switch::toggled, this,
          [&asking](bool on) { asking.editOptions([=](TakeOptions& o) { o.earsFirst = on; }); });
  connect(&asking, &RequestEditor::shown, this, &HeadStrip::refresh);
  connect(&asking, &RequestEditor::optionsChanged, this, &HeadStrip::showWays);
  connect(&parts_.run, &TakeRun::phaseChanged, this, &HeadStrip::allow);
  connect(&parts_.book, &StudentBook::studentChanged, this, &HeadStrip::refresh);
  connect(&parts_.book, &StudentBook::studentChanged, this, &HeadStrip::allow);
}

const Instrument* HeadStrip::instrument() const { return parts_.book.instrument(); }

void HeadStrip::typedNote() {
  const QString text = note_->text().trimmed();
  const auto note = calando::typedNote(text);
  if (!text.isEmpty() && !note)
    return parts_.notices.say(
        tr("“%1” is no note. Write it like %2 or %3, or leave it empty for any note.")
            .arg(text, shownNote(70, Spelling::flats), shownNote(54, Spelling::sharps)));
  typed_ = note ? typedSpelling(text) : std::nullopt;
  typedNote_ = note;
  if (note == staff_->note()) return refresh();  // the same, spelt otherwise
  parts_.request.edit([=](TakeRequest& w) { w.note = note; });
}

void HeadStrip::renameNotes() {
  chooser_->refresh();
  refresh();
}

/// The fields say what is wished for; nothing of that is an edit.
void HeadStrip::refresh() {
  const TakeRequest wish = parts_.request.wish();
  const Exercise& card = *parts_.lesson.current();
  const QSignalBlocker quiet[] = {QSignalBlocker(seconds_), QSignalBlocker(tempo_),
                                  QSignalBlocker(most_),    QSignalBlocker(level_),
                                  QSignalBlocker(a4_),      QSignalBlocker(temperament_)};
  const Spelling spelling = instrument() ? instrument()->spelling : Spelling::flats;
  staff_->setInstrument(instrument());
  // What was typed comes back as it was typed.
  const auto typed = wish.note == typedNote_ ? typed_ : std::nullopt;
  staff_->setNote(wish.note, typed);
  note_->setText(wish.note ? exactNote(*wish.note, typed.value_or(spelledFor(spelling))) : QString());
  title_->setText(title_->fontMetrics().elidedText(words::said(card.title), Qt::ElideRight, 440));
  title_->setToolTip(words::said(card.purpose));
  const AskedBy by = disciplineOf(card).askedBy;
  const bool fingered = by == AskedBy::tube || card.logsFingerings;
  if (fingered) fingering_->showWish(wish, instrument());
  fingering_->parentWidget()->setVisible(fingered);
  note_->parentWidget()->setVisible(card.asksForTones() && by == AskedBy::note);
  tuning_->parentWidget()->setVisible(card.asksForTones());
  seconds_->parentWidget()->setVisible(card.asksForSeconds());
  level_->parentWidget()->setVisible(card.scored);
  tempo_->parentWidget()->setVisible(card.counted());
  support_->parentWidget()->setVisible(card.counted());
  most_->parentWidget()->setVisible(card.climbs());
  most_->setValue(wish.mostCounts.value_or(kUsualMostCounts));
  seconds_->setValue(wish.seconds);
  tempo_->setValue(wish.tempo_bpm.value_or(std::max(20.0, card.tempo_bpm)));
  level_->setCurrentIndex(std::max(0, level_->findData(words::plain(wish.level))));
  a4_->setValue(wish.a4_hz);
  for (int i = 0; i < temperament_->count(); ++i)
    if (const int tonic = temperament_->itemData(i).toInt(); tonic >= 0)
      temperament_->setItemText(i, tr("just on %1").arg(shownPitchClass(tonic, Spelling::flats)));
  temperament_->setCurrentIndex(temperament_->findData(wish.just ? wish.tonic : -1));
  const bool own = card.reference == PitchReference::equal || card.reference == PitchReference::just;
  temperament_->setEnabled(!own);
  cardTuning_->setText(own ? tr("The exercise says how it is tuned.")
                       : card.reference == PitchReference::home
                           ? tr("Compared with the player’s own home note.")
                           : QString());
  cardTuning_->setVisible(!cardTuning_->text().isEmpty());
  tuning_->setText(tuningText());
  showWays();
  makeRoom();
}

QString HeadStrip::tuningText() const {
  const PitchReference reference = parts_.lesson.current()->reference;
  const QString how = reference == PitchReference::just    ? tr("pure over home")
                      : reference == PitchReference::equal ? tr("equal")
                      : reference == PitchReference::home  ? tr("own home note")
                                                           : temperament_->currentText();
  const double a4 = a4_->value();
  return tr("%1 · %2").arg(words::number(a4, a4 == std::round(a4) ? 0 : 1, false), how);
}

/// What is heard with this card.
void HeadStrip::fillSupports() {
  using enum AccompanimentKind;
  const auto may = parts_.request.supports();
  const std::map<AccompanimentKind, QString> names{
      {flash, tr("flash")},         {click, tr("click")},       {fork, tr("fork, then click")},
      {drone, tr("drone on home")}, {partner, tr("a partner")}, {swell, tr("soft swell")},
      {earlier, tr("earlier take")}};
  if (support_->count() == static_cast<int>(may.size()) &&
      support_->itemData(support_->count() - 1).toInt() == static_cast<int>(may.back()))
    return;
  support_->clear();
  for (const AccompanimentKind support : may) support_->addItem(names.at(support), static_cast<int>(support));
}

void HeadStrip::showWays() {
  const RequestEditor& asking = parts_.request;
  const QSignalBlocker quiet[] = {QSignalBlocker(support_), QSignalBlocker(autoStop_),
                                  QSignalBlocker(earsFirst_), QSignalBlocker(roomTemperature_)};
  fillSupports();
  support_->setCurrentIndex(support_->findData(static_cast<int>(asking.options().accompaniment)));
  autoStop_->setChecked(asking.options().stopsByItself);
  earsFirst_->setChecked(asking.options().earsFirst);
  roomTemperature_->setValue(asking.options().room_c.value_or(kNobody_c));
  room_->setText(asking.options().room_c ? tr("%1 °C").arg(words::number(*asking.options().room_c, 0, false))
                                         : tr("room °C"));
  for (QWidget* shown : {static_cast<QWidget*>(autoStop_), static_cast<QWidget*>(earsFirst_)})
    shown->update();
}

void HeadStrip::allow() {
  const Allowed allowed = parts_.session.allowed();
  for (QWidget* field : std::initializer_list<QWidget*>{chooser_, staff_, note_, fingering_, seconds_, tempo_,
                                                        most_, support_, level_, tuning_, room_})
    field->setEnabled(allowed.choose);
}

}  // namespace calando
