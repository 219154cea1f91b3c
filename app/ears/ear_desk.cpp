#include "app/ears/ear_desk.h"

#include <QKeyEvent>

#include "app/ears/heard_picture.h"
#include "app/ears/sound_card.h"
#include "app/parts/guess_box.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_knowledge.h"
#include "app/session/ears/ear_training.h"
#include "app/session/playback.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/ear_words.h"
#include "app/words/post_words.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr int kMostCards = 6, kGuessWidth = 320, kGoWidth = 160, kCardHeight = 260, kRowHeight = 120;

/// The choices are the sounds themselves.
bool cardsSound(const EarQuestion& question) {
  return question.way == Way::which || question.way == Way::odd;
}

QLabel* centred(const QFont& font, const char* name, int height) {
  QLabel* label = wrapped(name, font);
  label->setAlignment(Qt::AlignCenter);
  label->setMinimumHeight(height);
  return label;
}

}  // namespace

EarDesk::EarDesk(const Parts& parts)
    : parts_(parts),
      question_(centred(style::serif(style::kTitleType), "earQuestion", style::kHead)),
      told_(centred(style::work(style::kStrongType), "earTold", style::kHead)),
      about_(centred(style::work(style::kType), "earAbout", 0)),
      cards_(new QWidget),
      guess_(new GuessBox),
      picture_(new HeardPicture),
      go_(new QPushButton),
      again_(new QPushButton(tr("Again"))),
      stop_(new QPushButton(tr("Stop"))) {
  QLabel* hint =
      caption(tr("Space goes on · 1 to 6 answer · R plays again · Esc stops · Page up, Page down: "
                 "first, second"));
  hint->setAlignment(Qt::AlignCenter);
  tight(new QBoxLayout(QBoxLayout::LeftToRight, cards_), 3 * style::kStep);
  cards_->hide();
  guess_->setFixedWidth(kGuessWidth);
  guess_->filterKeys(this);
  auto* layout = tight(new QVBoxLayout(this), 3 * style::kStep);
  layout->addStretch(1);
  layout->addWidget(question_);
  layout->addWidget(cards_, 4);
  layout->addWidget(guess_, 0, Qt::AlignHCenter);
  layout->addWidget(picture_, 4);
  layout->addWidget(told_);
  layout->addLayout(buildKeys());
  layout->addWidget(about_);
  layout->addStretch(1);
  layout->addWidget(hint);
  const EarTraining& hearing = parts_.ears;
  connect(&hearing, &EarTraining::changed, this, &EarDesk::refresh);
  connect(&parts_.knowledge, &EarKnowledge::changed, this, &EarDesk::refreshGo);
  connect(&hearing, &EarTraining::soundMoved, this, &EarDesk::showHeard);
  connect(&parts_.blind, &BlindListening::changed, this, &EarDesk::refresh);
  connect(guess_, &GuessBox::guessed, &parts_.blind, &BlindListening::guess);
}

QLayout* EarDesk::buildKeys() {
  go_->setObjectName("earGo");
  go_->setMinimumWidth(kGoWidth);
  again_->setObjectName("earAgain");
  stop_->setObjectName("earStop");
  connect(go_, &QPushButton::clicked, this, &EarDesk::go);
  connect(again_, &QPushButton::clicked, this, &EarDesk::again);
  connect(stop_, &QPushButton::clicked, this, &EarDesk::stop);
  auto* keys = tight(new QHBoxLayout, 2 * style::kStep);
  keys->addStretch(1);
  for (QPushButton* button : {go_, again_, stop_}) {
    button->setFocusPolicy(Qt::NoFocus);
    keys->addWidget(button);
  }
  keys->addStretch(1);
  return keys;
}

void EarDesk::setSitting(Sitting sitting) {
  sitting_ = sitting;
  refresh();
}

bool EarDesk::running() const { return parts_.ears.running() || parts_.blind.running(); }

void EarDesk::makeCards(int count) {
  if (static_cast<int>(cardList_.size()) == count) return;
  for (SoundCard* card : cardList_) card->deleteLater();
  cardList_.clear();
  for (int i = 0; i < count; ++i) {
    auto* card = new SoundCard;
    card->setObjectName("earChoice");
    card->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    card->setFocusPolicy(Qt::NoFocus);
    connect(card, &SoundCard::clicked, this, [this, i] { parts_.ears.answer(static_cast<std::size_t>(i)); });
    cards_->layout()->addWidget(card);
    cardList_.push_back(card);
  }
  cards_->setVisible(count > 0);
}

void EarDesk::refreshGo() {
  const EarTraining& hearing = parts_.ears;
  const bool asks = sitting_.kind != Sitting::Kind::questions || !parts_.knowledge.asked().empty();
  go_->setText(running() ? tr("Go on") : tr("Begin"));
  go_->setEnabled(running() ? hearing.phase() == EarTraining::Phase::told ||
                                  parts_.blind.phase() == BlindListening::Phase::told
                            : parts_.book.chosen() && parts_.session.allowed().choose && asks);
}

void EarDesk::refresh() {
  if (!isVisible()) return;
  refreshGo();
  again_->setVisible(running());
  stop_->setVisible(running());
  const BlindListening& byEar = parts_.blind;
  const bool guessed = byEar.phase() == BlindListening::Phase::asked;
  if (!guessed && guess_->isAncestorOf(QApplication::focusWidget())) parentWidget()->setFocus();
  guess_->setVisible(guessed);
  picture_->setSnapshot(byEar.phase() == BlindListening::Phase::told ? byEar.snapshot() : nullptr);
  const bool question = parts_.ears.question() != nullptr;
  if (question) {
    refreshQuestion();
  } else if (byEar.wanted()) {
    refreshGuess();
  } else {
    refreshIdle();
  }
  emit moved();
}

/// Nothing is asked, or not yet.
void EarDesk::refreshIdle() {
  makeCards(0);
  if (running()) {
    question_->setText(tr("A moment…"));
    about_->clear();
    return told_->clear();
  }
  about_->setText(tr("Loud sound harms hearing: keep it soft, and stop when your ears ring or tire."));
  const EarTraining& hearing = parts_.ears;
  switch (sitting_.kind) {
    case Sitting::Kind::questions:
      question_->setText(hearing.answered() > 0
                             ? tr("%1 of %2 right").arg(hearing.right()).arg(hearing.answered())
                             : tr("Five minutes of listening"));
      return told_->setText(tr("Two tones made from your own: you say which, then it is harder or easier."));
    case Sitting::Kind::guess:
      question_->setText(tr("Guess before you see it"));
      return told_->setText(tr("One of your takes is played: you say its figure, then you see it."));
    case Sitting::Kind::twoTakes:
      question_->setText(tr("Which one would you keep?"));
      return told_->setText(
          tr("Two takes of one exercise, equally loud: you choose, then the figures come, then their days."));
  }
}

void EarDesk::refreshQuestion() {
  const EarTraining& hearing = parts_.ears;
  const EarQuestion& question = *hearing.question();
  const bool told = hearing.phase() == EarTraining::Phase::told;
  const QStringList choices = words::choices(question, parts_.knowledge.ownWords());
  makeCards(std::min(kMostCards, static_cast<int>(choices.size())));
  question_->setText(words::question(question));
  const bool list = !cardsSound(question);  // words need a line each
  auto* layout = static_cast<QBoxLayout*>(cards_->layout());
  layout->setDirection(list ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
  layout->setSpacing(list ? style::kStep : 3 * style::kStep);
  for (std::size_t i = 0; i < cardList_.size(); ++i) {
    SoundCard* card = cardList_[i];
    card->setRow(list ? static_cast<int>(i) + 1 : 0);
    card->setMaximumHeight(list ? kRowHeight : kCardHeight);
    card->setText(choices[static_cast<int>(i)]);
    card->setAccessibleName(card->text());
    card->forget();
    if (!told) continue;
    if (cardsSound(question)) card->tell(question.changed.change, question.sounds[i]->course);
    card->setMarks(hearing.chosen() == i, question.right == i);
  }
  const bool right = hearing.chosen() == question.right;
  if (told)
    told_->setText(QStringLiteral("%1  %2").arg(right ? tr("Yes.") : tr("No."), words::told(question)));
  else
    showHeard();
  about_->setText(tr("%1 · %2 of %3 right · %4 left")
                      .arg(hearing.material(), QString::number(hearing.right()),
                           QString::number(hearing.answered()),
                           words::clock(std::max(0, hearing.secondsLeft()))));
}

void EarDesk::refreshGuess() {
  makeCards(0);
  const BlindListening& byEar = parts_.blind;
  const FigureGuessing::Wanted& wanted = *byEar.wanted();
  about_->clear();
  if (byEar.phase() == BlindListening::Phase::asked) {
    question_->setText(tr("Listen, then guess"));
    told_->clear();
    return guess_->ask(*wanted.figure);
  }
  question_->setText(words::guessed(*wanted.figure, byEar.guessed(), wanted.value));
  const double off = std::abs(byEar.guessed() - wanted.value);
  told_->setText(tr("Off by %1.").arg(words::inUnit(words::size(off, wanted.figure->print), *wanted.figure)));
  if (const Take* take = parts_.takes.find(wanted.take)) about_->setText(words::fromTake(take->made_unix_s));
}

/// The sound that is heard: as its card, or in words where the cards are answers.
void EarDesk::showHeard() {
  const EarTraining& hearing = parts_.ears;
  const EarQuestion* question = hearing.question();
  const auto now = hearing.heardNow();
  const bool cards = question && cardsSound(*question);
  for (std::size_t i = 0; i < cardList_.size(); ++i) cardList_[i]->setHeard(cards && now == i);
  if (!question || hearing.phase() == EarTraining::Phase::told) return;
  told_->setText(cards || !now || question->sounds.size() < 2 ? QString()
                 : *now == 0                                  ? tr("the first …")
                                                              : tr("the second …"));
}

void EarDesk::go() {
  EarTraining& hearing = parts_.ears;
  BlindListening& byEar = parts_.blind;
  if (hearing.running()) return hearing.next();
  if (byEar.running()) return byEar.next();
  if (!go_->isEnabled()) return;
  switch (sitting_.kind) {
    case Sitting::Kind::questions:
      return hearing.start(sitting_.way);
    case Sitting::Kind::guess:
      return byEar.start();
    case Sitting::Kind::twoTakes:
      return parts_.playback.compareTwo();
  }
}

void EarDesk::again() {
  parts_.ears.again();
  parts_.blind.again();
}

void EarDesk::stop() {
  parts_.ears.stop();
  parts_.blind.stop();
}

bool EarDesk::eventFilter(QObject*, QEvent* event) {
  if (event->type() != QEvent::KeyPress) return false;
  const int key = static_cast<const QKeyEvent*>(event)->key();
  return (key == Qt::Key_Space || key == Qt::Key_R || key == Qt::Key_Escape) && press(key);
}

bool EarDesk::press(int key) {
  EarTraining& hearing = parts_.ears;
  const bool told = hearing.phase() == EarTraining::Phase::told || !hearing.running();
  if (key >= Qt::Key_1 && key <= Qt::Key_6) {
    hearing.answer(static_cast<std::size_t>(key - Qt::Key_1));
    return true;
  }
  switch (key) {
    case Qt::Key_Space:
    case Qt::Key_Return:
    case Qt::Key_Enter:
      go();
      return true;
    case Qt::Key_PageUp:
    case Qt::Key_PageDown:
      if (told)
        go();
      else
        hearing.answer(key == Qt::Key_PageUp ? 0 : 1);
      return true;
    case Qt::Key_R:
      again();
      return true;
    case Qt::Key_Escape:
      stop();
      return true;
    default:
      return false;
  }
}

}  // namespace calando
