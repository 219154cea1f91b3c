#include "app/reckoner/reckoner_page.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QScrollArea>
#include <QTableWidget>

#include "app/parts/captioned.h"
#include "app/parts/commands.h"
#include "app/parts/flow_layout.h"
#include "app/parts/tight.h"
#include "app/reckoner/offsets_picture.h"
#include "app/session/common/notices.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/take_run.h"
#include "app/sound/speaker.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"

namespace calando {

namespace {

constexpr int kTables = 372;
constexpr int kWide = 1150;  // from there on there is room for pictures
constexpr QSize kRoomForAll(960, 620);
constexpr int kTopicName = 56;
constexpr int kRow = 24;
constexpr int kInstrument = 14;  // letters
constexpr double kToneRate_hz = 48000.0;
constexpr double kTone_s = 1.5;
constexpr int kHertz = Qt::UserRole;
constexpr const char* kBreath = "phrase";

/// A field under its name, no wider than it needs.
QWidget* named(const QString& name, QWidget* field) {
  QWidget* box = captioned(name, field);
  box->setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Fixed);
  return box;
}

QTableWidget* tableOf(const QStringList& columns, const QString& name) {
  auto* table = new QTableWidget(0, static_cast<int>(columns.size()));
  table->setHorizontalHeaderLabels(columns);
  table->setAccessibleName(name);
  for (int column = 0; column < columns.size(); ++column)
    table->horizontalHeaderItem(column)->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) |
                                                          Qt::AlignVCenter);
  table->verticalHeader()->hide();
  table->verticalHeader()->setDefaultSectionSize(kRow);
  table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  table->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table->setSelectionBehavior(QAbstractItemView::SelectRows);
  table->setSelectionMode(QAbstractItemView::SingleSelection);
  table->setShowGrid(false);
  return table;
}

void fillRow(QTableWidget& table, int row, const QStringList& texts, double hz) {
  for (int column = 0; column < texts.size(); ++column) {
    auto* item = new QTableWidgetItem(texts[column]);
    item->setData(kHertz, hz);
    item->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
    table.setItem(row, column, item);
  }
}

}  // namespace

ReckonerPage::ReckonerPage(const Parts& parts) : parts_(parts) {
  auto* title = new QLabel(tr("Reckoner"));
  title->setObjectName("title");
  auto* body = new QHBoxLayout;
  body->setSpacing(8 * style::kStep);
  body->addWidget(buildLines(), 1);
  body->addWidget(buildTables());
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(4 * style::kStep, 3 * style::kStep, 4 * style::kStep, 2 * style::kStep);
  layout->setSpacing(3 * style::kStep);
  auto* take = new QPushButton(tr("Into the lesson"));
  take->setObjectName("takeIntoLesson");
  take->setToolTip(tipOf("reckoned"));
  connect(take, &QPushButton::clicked, this, &ReckonerPage::takeIntoLesson);
  auto* top = new QHBoxLayout;
  top->addWidget(title);
  top->addStretch();
  top->addWidget(take);
  layout->addLayout(top);
  layout->addWidget(buildGivens());
  layout->addWidget(buildTopics());
  layout->addLayout(body, 1);
}

QWidget* ReckonerPage::buildGivens() {
  const auto number = [this](double low, double high, int decimals, const QString& unit) {
    auto* field = new QDoubleSpinBox;
    field->setRange(low, high);
    field->setDecimals(decimals);
    field->setSuffix(unit);
    connect(field, &QDoubleSpinBox::valueChanged, this, &ReckonerPage::changed);
    return field;
  };
  instrument_ = new QComboBox;
  instrument_->addItem(tr("at concert pitch"), QString());
  for (const Instrument& one : instruments())
    instrument_->addItem(words::said(one.name), words::plain(one.id));
  instrument_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  instrument_->setMinimumContentsLength(kInstrument);
  tube_ = new QComboBox;
  note_ = new QLineEdit;
  note_->setFixedWidth(72);
  tempo_ = number(20.0, 400.0, 0, tr(" /min"));
  bar_ = number(1.0, 32.0, 0, tr(" beats"));
  a4_ = number(380.0, 500.0, 1, tr(" Hz"));
  air_ = number(-20.0, 45.0, 1, tr(" °C"));
  connect(instrument_, &QComboBox::activated, this, &ReckonerPage::instrumentChosen);
  connect(tube_, &QComboBox::activated, this, &ReckonerPage::changed);
  connect(note_, &QLineEdit::textEdited, this, &ReckonerPage::changed);
  auto* row = new QWidget;
  auto* flow = new FlowLayout(3 * style::kStep, row);
  const std::tuple<QString, QWidget*, const char*> fields[] = {
      {tr("Instrument"), instrument_, "reckonInstrument"},
      {tr("Tube"), tube_, "reckonTube"},
      {tr("Written note"), note_, "reckonNote"},
      {tr("Tempo"), tempo_, "reckonTempo"},
      {tr("Metre"), bar_, "reckonBar"},
      {tr("A4"), a4_, "reckonA4"},
      {tr("Air in the tube"), air_, "reckonAir"}};
  for (const auto& [name, field, id] : fields) {
    field->setObjectName(id);
    flow->addWidget(named(name, field));
  }
  return row;
}

QWidget* ReckonerPage::buildLines() {
  auto* inner = new QWidget;
  auto* grid = new QGridLayout(inner);
  grid->setContentsMargins(0, 0, 2 * style::kStep, 0);
  grid->setHorizontalSpacing(3 * style::kStep);
  grid->setVerticalSpacing(style::kStep);
  grid->setColumnStretch(1, 1);
  int row = 0;
  for (const Topic topic : kTopics) {
    if (row > 0) {
      auto* rule = new QFrame;
      rule->setFrameShape(QFrame::HLine);
      rule->setObjectName("rule");
      grid->addWidget(rule, row++, 0, 1, 4);
      wholeOnly_.push_back(rule);
    }
    auto* name = new QLabel(words::said(labelOf(topic)));
    name->setFont(style::serif(style::kStrongType));
    name->setFixedWidth(kTopicName);
    name->setWordWrap(true);
    wholeOnly_.push_back(name);
    grid->addWidget(name, row, 0, Qt::AlignTop);
    for (const Reckoning& line : reckonings())
      if (line.topic == topic) rows_.push_back(new ReckonRow(line, *grid, row++, 1));
  }
  grid->setRowStretch(row, 1);
  auto* scroll = new QScrollArea;
  scroll->setWidget(inner);
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  return scroll;
}

QWidget* ReckonerPage::buildTables() {
  degreesTitle_ = new QLabel;
  partialsTitle_ = new QLabel;
  for (QLabel* title : {degreesTitle_, partialsTitle_}) title->setFont(style::work(style::kType, true));
  degrees_ = tableOf({tr("over it"), tr("just"), tr("natural"), tr("beats")}, tr("Degrees over the note"));
  degrees_->setObjectName("degrees");
  // All thirteen, where the window is high enough.
  degrees_->setMaximumHeight(13 * kRow + degrees_->horizontalHeader()->sizeHint().height() + 2);
  const QString meant[] = {tr("Equal: a hundred cents a half step"),
                           tr("Cents of the just one off the equal one"),
                           tr("Cents of the natural series off the equal one, and its partial"),
                           tr("Beats a second of the equal one against the just one")};
  for (int column = 0; column < 4; ++column)
    degrees_->horizontalHeaderItem(column)->setToolTip(meant[column]);
  partials_ = tableOf({tr("partial"), tr("written"), tr("cents"), tr("Hz")}, tr("Partials of the tube"));
  partials_->setObjectName("partials");
  for (QTableWidget* table : {degrees_, partials_})
    connect(table, &QTableWidget::currentItemChanged, this, [this](QTableWidgetItem* item) {
      if (item && !filling_) hear(item->data(kHertz).toDouble());
    });
  auto* hint = new QLabel(tr("A row that is chosen is heard."));
  hint->setObjectName("caption");
  degreesPicture_ = new OffsetsPicture(*degrees_);
  partialsPicture_ = new OffsetsPicture(*partials_);
  auto* legend = new QLabel(tr("■ just   ○ natural series"));
  legend->setObjectName("caption");
  auto* box = new QWidget;
  auto* grid = tight(new QGridLayout(box), style::kStep);
  grid->addWidget(legend, 0, 0, Qt::AlignHCenter);
  grid->addWidget(degreesTitle_, 0, 1);
  grid->addWidget(degreesPicture_, 1, 0);
  grid->addWidget(degrees_, 1, 1);
  grid->addWidget(partialsTitle_, 2, 1);
  grid->addWidget(partialsPicture_, 3, 0);
  grid->addWidget(partials_, 3, 1);
  grid->addWidget(hint, 4, 1);
  grid->setRowStretch(1, 3);
  grid->setRowStretch(3, 2);
  for (QTableWidget* table : {degrees_, partials_}) table->setFixedWidth(kTables);
  legend_ = legend;
  return box;
}

QWidget* ReckonerPage::buildTopics() {
  chooser_ = new QWidget;
  topics_ = new QButtonGroup(this);
  auto* layout = tight(new QHBoxLayout(chooser_), style::kStep);
  for (const Topic topic : kTopics) {
    auto* button = new QPushButton(words::said(labelOf(topic)));
    button->setCheckable(true);
    const auto number = static_cast<int>(topics_->buttons().size());
    button->setObjectName(QStringLiteral("topic%1").arg(number));
    topics_->addButton(button, number);
    layout->addWidget(button);
  }
  layout->addStretch();
  topics_->button(0)->setChecked(true);
  connect(topics_, &QButtonGroup::idClicked, this, &ReckonerPage::arrange);
  return chooser_;
}

/// All topics, or the one that is chosen.
void ReckonerPage::arrange() {
  const bool all = width() >= kRoomForAll.width() && height() >= kRoomForAll.height();
  const Topic chosen = kTopics[topics_->checkedId()];
  chooser_->setVisible(!all);
  for (QWidget* one : wholeOnly_) one->setVisible(all);
  for (ReckonRow* row : rows_) row->setVisible(all || row->line().topic == chosen);
}

void ReckonerPage::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  arrange();
  for (QWidget* drawn : std::initializer_list<QWidget*>{degreesPicture_, partialsPicture_, legend_})
    drawn->setVisible(width() >= kWide);
}

Spelling ReckonerPage::spelling() const {
  return givens_.instrument ? givens_.instrument->spelling : Spelling::flats;
}

void ReckonerPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  readLesson();
}

/// What the student plays, as it stands there now.
void ReckonerPage::readLesson() {
  const TakeSpec asked = parts_.request.asked();
  const Context context = contextFor(asked);
  const CueSheet sheet = unroll(context);
  givens_.reference.a4_hz = asked.a4_hz;
  if (sheet.counted()) givens_.tempo_bpm = 60.0 / sheet.beat_s;
  if (const auto room = parts_.request.options().room_c) givens_.air_c = *room;
  filling_ = true;
  instrument_->setCurrentIndex(std::max(0, instrument_->findData(words::plain(asked.instrument))));
  tempo_->setValue(givens_.tempo_bpm);
  bar_->setValue(givens_.bar_beats);
  a4_->setValue(givens_.reference.a4_hz);
  air_->setValue(givens_.air_c);
  note_->setText(shownNote(sheet.home, spellingFor(context)));
  filling_ = false;
  instrumentChosen();
  if (const double longest_s = longestHeld_s(parts_.takes.past()); longest_s > 0.0)
    for (ReckonRow* row : rows_)
      if (row->line().id == kBreath) row->setLeft(std::min(longest_s, row->line().left.high));
}

void ReckonerPage::instrumentChosen() {
  givens_.instrument = findInstrument(instrument_->currentData().toString().toStdString());
  givens_.fingering.reset();
  tube_->clear();
  if (givens_.instrument)
    for (const TubeSetting& one : settingsOf(*givens_.instrument))
      tube_->addItem(words::setting(one, *givens_.instrument), words::plain(one.name));
  tube_->setEnabled(tube_->count() > 0);
  changed();
}

void ReckonerPage::changed() {
  if (filling_) return;
  givens_.tempo_bpm = tempo_->value();
  givens_.bar_beats = bar_->value();
  givens_.reference.a4_hz = a4_->value();
  givens_.air_c = air_->value();
  if (const auto written = typedNote(note_->text()))
    if (const int note = givens_.soundingOf(*written);
        frequencyOf(note, {}) > 20.0 && frequencyOf(note, {}) < 5000.0)
      givens_.note = note;
  if (tube_->count() > 0)
    if (const auto tube = settingNamed(tube_->currentData().toString().toStdString(), givens_.instrument))
      givens_.fingering = *tube;
  for (ReckonRow* row : rows_) row->setGivens(givens_);
  filling_ = true;
  fillDegrees();
  fillPartials();
  filling_ = false;
}

void ReckonerPage::fillDegrees() {
  const double tonic = givens_.note_hz();
  const int written = givens_.writtenOf(givens_.note);
  degreesTitle_->setText(tr("Over %1").arg(shownNote(written, spelling())));
  const auto degrees = degreesOver(tonic);
  degrees_->setRowCount(static_cast<int>(degrees.size()));
  std::vector<OffsetsPicture::Marks> marks;
  for (const Degree& degree : degrees) {
    const QString natural =
        degree.natural_cents ? tr("%1 (%2)").arg(words::number(*degree.natural_cents, 0)).arg(*degree.partial)
                             : QStringLiteral("–");
    fillRow(*degrees_, degree.halfSteps,
            {shownNote(written + degree.halfSteps, spelling()), words::number(degree.just_cents, 1), natural,
             words::number(degree.beats_hz, 1, false)},
            shiftedBy(tonic, 100.0 * degree.halfSteps + degree.just_cents));
    marks.push_back({degree.just_cents, degree.natural_cents});
  }
  degreesPicture_->setMarks(std::move(marks));
}

void ReckonerPage::fillPartials() {
  const auto tube = givens_.tube();
  partialsTitle_->setText(tube && givens_.instrument
                              ? tr("Partials: %1").arg(words::setting(*tube, *givens_.instrument))
                              : tr("Partials: choose an instrument"));
  partials_->setRowCount(0);
  partialsPicture_->setMarks({});
  if (!tube) return;
  const auto series = naturalSeries(*tube, givens_.instrument, givens_.reference.a4_hz);
  partials_->setRowCount(static_cast<int>(series.size()));
  std::vector<OffsetsPicture::Marks> marks;
  for (std::size_t row = 0; row < series.size(); ++row) {
    const SeriesRung& rung = series[row];
    fillRow(*partials_, static_cast<int>(row),
            {QString::number(rung.partial), shownNote(rung.written, spelling()), words::number(rung.cents, 0),
             words::number(rung.hz, 1, false)},
            rung.hz);
    marks.push_back({{}, rung.cents});
  }
  partialsPicture_->setMarks(std::move(marks));
}

void ReckonerPage::hear(double hz) {
  if (parts_.run.taking()) return;
  if (!parts_.speaker.play(softTone(hz, kTone_s, kToneRate_hz), kToneRate_hz, 0.0, kToTheEnd_s, false))
    parts_.notices.say(words::noOutput());
}

void ReckonerPage::takeIntoLesson() {
  parts_.request.edit([this](TakeRequest& wish) {
    wish.note = givens_.writtenOf(givens_.note);
    wish.tempo_bpm = givens_.tempo_bpm;
    wish.a4_hz = givens_.reference.a4_hz;
  });
  emit taken();
}

}  // namespace calando
