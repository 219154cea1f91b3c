#include "app/ears/ears_page.h"

#include <QKeyEvent>

#include "app/ears/ear_chart.h"
#include "app/ears/sound_card.h"
#include "app/parts/captioned.h"
#include "app/parts/commands.h"
#include "app/parts/switch.h"
#include "app/parts/tight.h"
#include "app/people/student_chooser.h"
#include "app/session/today.h"
#include "app/style/style.h"
#include "app/words/ear_words.h"
#include "app/words/note_names.h"
#include "app/words/post_words.h"
#include "app/words/words.h"
#include "core/growth/growth.h"

namespace calando {

namespace {

constexpr int kLeft = 250, kRight = 300, kHead = 64, kMostCards = 6;
constexpr int changeRole = Qt::UserRole, kLongestWords = 60;
constexpr std::chrono::days kMonth{28};

/// The choices are the sounds themselves.
bool cardsSound(const EarQuestion& question) {
  return question.way == Way::which || question.way == Way::odd;
}

QLabel* wrapped(const QFont& font, const char* name) {
  auto* label = new QLabel;
  label->setFont(font);
  label->setWordWrap(true);
  label->setObjectName(name);
  return label;
}

}  // namespace

EarsPage::EarsPage(Session& session)
    : session_(session),
      chooser_(new StudentChooser(session, QStringLiteral("ears-"))),
      list_(new QListWidget),
      way_(new QComboBox),
      own_(new QLineEdit),
      guessFirst_(new Switch(tr("guess first, in the lesson"))),
      question_(wrapped(style::serif(style::kTitleType), "earQuestion")),
      told_(wrapped(style::work(style::kStrongType), "earTold")),
      about_(wrapped(style::work(style::kType), "earAbout")),
      heard_(wrapped(style::work(style::kStrongType), "earHeard")),
      guesses_(wrapped(style::work(style::kType), "earGuesses")),
      cards_(tight(new QHBoxLayout, 3 * style::kStep)),
      go_(new QPushButton),
      again_(new QPushButton(tr("Again"))),
      stop_(new QPushButton(tr("Stop"))),
      chart_(new EarChart) {
  setFocusPolicy(Qt::StrongFocus);
  setProperty(kOwnKeys, true);
  auto* all = tight(new QHBoxLayout(this), 5 * style::kStep);
  all->setContentsMargins(4 * style::kStep, 3 * style::kStep, 4 * style::kStep, 3 * style::kStep);
  all->addWidget(buildLeft());
  all->addWidget(buildMiddle(), 1);
  all->addWidget(buildRight());
  Hearing& hearing = session_.hearing();
  connect(&hearing, &Hearing::changed, this, &EarsPage::refreshQuestion);
  connect(&hearing, &Hearing::known, this, &EarsPage::refreshKnown);
  connect(&hearing, &Hearing::soundMoved, this, &EarsPage::showHeard);
}

QWidget* EarsPage::buildLeft() {
  auto* box = new QWidget;
  box->setFixedWidth(kLeft);
  chooser_->setFixedHeight(kHead);
  list_->setObjectName("earChanges");
  list_->setAccessibleName(tr("What is asked about"));
  for (const ChangeRow& row : changes()) {
    auto* item = new QListWidgetItem(words::name(row.change), list_);
    item->setData(changeRole, static_cast<int>(row.change));
    item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
    item->setCheckState(Qt::Unchecked);
  }
  list_->setCurrentRow(0);
  way_->setObjectName("earWay");
  way_->addItem(tr("whichever suits"), -1);
  for (const auto& [name, way] : kWays) way_->addItem(words::way(way), static_cast<int>(way));
  connect(list_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
    if (filling_) return;
    session_.hearing().setAsked(static_cast<Change>(item->data(changeRole).toInt()),
                                item->checkState() == Qt::Checked);
  });
  connect(list_, &QListWidget::currentRowChanged, this, &EarsPage::refreshCourse);
  auto* hint = new QLabel(tr("Headphones are best, and not loud: all sounds are alike in loudness."));
  hint->setObjectName("caption");
  hint->setWordWrap(true);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(chooser_);
  layout->addWidget(captioned(tr("What is asked about"), list_), 1);
  own_->setObjectName("earOwnWords");
  own_->setProperty(kFreeText, true);
  own_->setMaxLength(kLongestWords);
  connect(own_, &QLineEdit::editingFinished, this, [this] {
    const std::string said = own_->text().trimmed().toStdString();
    const auto& own = session_.hearing().ownWords();
    const auto before = own.find(shown());
    if (said != (before == own.end() ? std::string() : before->second))
      session_.hearing().setOwnWords(shown(), said);
  });
  layout->addWidget(captioned(tr("In own words"), own_));
  layout->addWidget(captioned(tr("How"), way_));
  layout->addWidget(hint);
  return box;
}

QWidget* EarsPage::buildMiddle() {
  auto* box = new QWidget;
  question_->setAlignment(Qt::AlignCenter);
  question_->setMinimumHeight(kHead);
  told_->setAlignment(Qt::AlignCenter);
  told_->setMinimumHeight(kHead);
  about_->setAlignment(Qt::AlignCenter);
  go_->setObjectName("earGo");
  go_->setMinimumWidth(160);
  again_->setObjectName("earAgain");
  stop_->setObjectName("earStop");
  for (QPushButton* button : {go_, again_, stop_}) button->setFocusPolicy(Qt::NoFocus);
  connect(go_, &QPushButton::clicked, this, &EarsPage::go);
  connect(again_, &QPushButton::clicked, this, [this] { session_.hearing().again(); });
  connect(stop_, &QPushButton::clicked, this, [this] { session_.hearing().stop(); });
  auto* keys = tight(new QHBoxLayout, 2 * style::kStep);
  keys->addStretch(1);
  for (QPushButton* button : {go_, again_, stop_}) keys->addWidget(button);
  keys->addStretch(1);
  auto* hint =
      new QLabel(tr("Space goes on · 1 to 6 answer · R plays again · Esc stops · Page up, Page down: "
                    "first, second"));
  hint->setObjectName("caption");
  hint->setAlignment(Qt::AlignCenter);
  hint->setWordWrap(true);
  auto* layout = tight(new QVBoxLayout(box), 3 * style::kStep);
  layout->addStretch(1);
  layout->addWidget(question_);
  layout->addLayout(cards_, 4);
  layout->addWidget(told_);
  layout->addLayout(keys);
  layout->addWidget(about_);
  layout->addStretch(1);
  layout->addWidget(hint);
  return box;
}

QWidget* EarsPage::buildRight() {
  auto* box = new QWidget;
  box->setFixedWidth(kRight);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addSpacing(kHead);
  const auto caption = [layout](const QString& text) {
    auto* label = new QLabel(text);
    label->setObjectName("caption");
    label->setWordWrap(true);
    layout->addWidget(label);
  };
  caption(tr("Smallest difference heard, lately and by week"));
  layout->addWidget(heard_);
  layout->addWidget(chart_, 1);
  layout->addSpacing(3 * style::kStep);
  caption(tr("Guessed before it was seen"));
  layout->addWidget(guesses_);
  guessFirst_->setObjectName("guessFirst");
  guessFirst_->setToolTip(tr("After a take one of its figures is guessed before any is shown"));
  guessFirst_->setEnabled(!session_.readOnly());
  connect(guessFirst_, &Switch::toggled, &session_.hearing(), &Hearing::setGuessFirst);
  layout->addWidget(guessFirst_);
  return box;
}

void EarsPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  chooser_->refresh();
  refreshKnown();
  refreshQuestion();
  setFocus();
}

Change EarsPage::shown() const {
  return static_cast<Change>(list_->currentItem() ? list_->currentItem()->data(changeRole).toInt() : 0);
}

void EarsPage::refreshKnown() {
  refreshList();
  refreshGo();
  refreshCourse();
}

void EarsPage::refreshGo() {
  const Hearing& hearing = session_.hearing();
  const bool running = hearing.running();
  go_->setText(!running ? tr("Begin") : tr("Go on"));
  go_->setEnabled(running ? hearing.phase() == Hearing::Phase::told
                          : session_.roster().chosen() && !hearing.asked().empty());
}

void EarsPage::refreshList() {
  if (!isVisible()) return;
  filling_ = true;
  const Hearing& hearing = session_.hearing();
  for (int row = 0; row < list_->count(); ++row) {
    QListWidgetItem* item = list_->item(row);
    const auto change = static_cast<Change>(item->data(changeRole).toInt());
    item->setCheckState(std::ranges::find(hearing.asked(), change) != hearing.asked().end() ? Qt::Checked
                                                                                            : Qt::Unchecked);
  }
  const QSignalBlocker quiet(guessFirst_);
  guessFirst_->setChecked(hearing.guessFirst());
  filling_ = false;
}

void EarsPage::makeCards(int count) {
  if (static_cast<int>(cardList_.size()) == count) return;
  for (SoundCard* card : cardList_) card->deleteLater();
  cardList_.clear();
  for (int i = 0; i < count; ++i) {
    auto* card = new SoundCard;
    card->setObjectName("earChoice");
    card->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    card->setMaximumHeight(260);
    card->setFocusPolicy(Qt::NoFocus);
    connect(card, &SoundCard::clicked, this,
            [this, i] { session_.hearing().answer(static_cast<std::size_t>(i)); });
    cards_->addWidget(card);
    cardList_.push_back(card);
  }
}

void EarsPage::refreshQuestion() {
  if (!isVisible()) return;
  const Hearing& hearing = session_.hearing();
  const EarQuestion* question = hearing.question();
  const bool running = hearing.running(), told = hearing.phase() == Hearing::Phase::told;
  list_->setEnabled(!running && !session_.readOnly());
  way_->setEnabled(!running);
  again_->setVisible(running);
  stop_->setVisible(running);
  refreshGo();
  if (!running || !question) {
    makeCards(0);
    question_->setText(running ? tr("A moment…")
                       : hearing.answered() > 0
                           ? tr("%1 of %2 right").arg(hearing.right()).arg(hearing.answered())
                           : tr("Five minutes of listening"));
    told_->setText(running ? QString()
                           : tr("Two tones made from your own: you say which, then it is harder or easier."));
    about_->setText(QString());
    return;
  }
  const QStringList choices = words::choices(*question, hearing.ownWords());
  makeCards(std::min(kMostCards, static_cast<int>(choices.size())));
  question_->setText(words::question(*question));
  for (std::size_t i = 0; i < cardList_.size(); ++i) {
    SoundCard* card = cardList_[i];
    card->setText(choices[static_cast<int>(i)]);
    card->setAccessibleName(card->text());
    card->forget();
    if (!told) continue;
    if (cardsSound(*question)) card->tell(question->is[i]);
    card->setMarks(hearing.chosen() == i, question->right == i);
  }
  const bool right = hearing.chosen() == question->right;
  if (told)
    told_->setText(QStringLiteral("%1  %2").arg(right ? tr("Yes.") : tr("No."), words::told(*question)));
  else
    showHeard();
  about_->setText(tr("%1 · %2 of %3 right · %4 left")
                      .arg(hearing.material(), QString::number(hearing.right()),
                           QString::number(hearing.answered()),
                           words::clock(std::max(0, hearing.secondsLeft()))));
}

/// What is heard of a change, in which octaves, and beside it what is played.
QString EarsPage::heardText(Change change) const {
  const std::vector<EarAnswer> answers = lately(session_.hearing().answers(), change);
  const QString now = words::heard(change, thresholdOf(answers, change).heard());
  if (now.isEmpty()) return tr("%1: not known before eight answers").arg(words::name(change));
  QStringList lines{QStringLiteral("%1: %2").arg(words::name(change), now)};
  if (const auto regions = heardByRegion(answers, change); regions.size() > 1)
    for (const auto& [region, heard] : regions)
      lines << tr("from %1 on: %2", "a concert note, what is heard there")
                   .arg(shownNote(12 * (region + 1), Spelling::flats), words::heard(change, heard));
  const std::string reading(rowOf(change).reading);
  const Figure* figure = findFigure(reading);
  const auto played = middleSince(pointsOf(session_.roster().past(), {reading, {}}), today() - kMonth);
  if (figure && played)
    lines << tr("played lately: %1 %2", "a figure and its value")
                 .arg(words::titled(*figure), words::number(played->value, figure->print));
  return lines.join('\n');
}

/// The sound that is heard: as its card, or in words where the cards are answers.
void EarsPage::showHeard() {
  const Hearing& hearing = session_.hearing();
  const EarQuestion* question = hearing.question();
  const auto now = hearing.heardNow();
  const bool cards = question && cardsSound(*question);
  for (std::size_t i = 0; i < cardList_.size(); ++i) cardList_[i]->setHeard(cards && now == i);
  if (!question || hearing.phase() == Hearing::Phase::told) return;
  told_->setText(cards || !now || question->sounds.size() < 2 ? QString()
                 : *now == 0                                  ? tr("the first …")
                                                              : tr("the second …"));
}

void EarsPage::refreshCourse() {
  if (!isVisible()) return;
  const Hearing& hearing = session_.hearing();
  const Change change = shown();
  const auto own = hearing.ownWords().find(change);
  own_->setText(own == hearing.ownWords().end() ? QString() : words::plain(own->second));
  own_->setPlaceholderText(words::said(rowOf(change).fault));
  own_->setEnabled(!session_.readOnly() && canBeAsked(Way::named, change));
  heard_->setText(heardText(change));
  chart_->setCourse(change, earWeeks(hearing.answers(), change));
  QStringList lines;
  std::set<std::string> figures;
  for (const EarGuess& guess : hearing.guesses()) figures.insert(guess.figure);
  constexpr std::size_t lately = 10;
  for (const std::string& id : figures)
    if (const Figure* figure = findFigure(id))
      if (const auto off = guessError(hearing.guesses(), id, lately))
        lines << tr("%1: off by %2 in the middle", "a figure")
                     .arg(words::titled(*figure), words::number(*off, figure->print.decimals, false));
  guesses_->setText(lines.isEmpty() ? tr("Nothing yet.") : lines.join('\n'));
}

void EarsPage::go() {
  Hearing& hearing = session_.hearing();
  if (hearing.running()) return hearing.next();
  const int way = way_->currentData().toInt();
  hearing.start(way < 0 ? std::nullopt : std::optional(static_cast<Way>(way)));
}

void EarsPage::keyPressEvent(QKeyEvent* event) {
  Hearing& hearing = session_.hearing();
  const int key = event->key();
  const bool told = hearing.phase() == Hearing::Phase::told || !hearing.running();
  if (key >= Qt::Key_1 && key <= Qt::Key_6) return hearing.answer(static_cast<std::size_t>(key - Qt::Key_1));
  switch (key) {
    case Qt::Key_Space:
    case Qt::Key_Return:
    case Qt::Key_Enter:
      return go();
    case Qt::Key_PageUp:
      return told ? go() : hearing.answer(0);
    case Qt::Key_PageDown:
      return told ? go() : hearing.answer(1);
    case Qt::Key_R:
      return hearing.again();
    case Qt::Key_Escape:
      return hearing.stop();
    default:
      QWidget::keyPressEvent(event);
  }
}

}  // namespace calando
