#include <QMenu>
#include <QPushButton>

#include "app/desk/main_window.h"
#include "app/desk/message_bar.h"
#include "app/desk/rail.h"
#include "app/ears/ears_page.h"
#include "app/head/head_strip.h"
#include "app/help/help.h"
#include "app/lesson/card_editor.h"
#include "app/lesson/order_dialog.h"
#include "app/people/student_chooser.h"
#include "app/post/post_page.h"
#include "app/reckoner/reckoner_page.h"
#include "app/review/compare_view.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_training.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/onward.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/running_order.h"
#include "app/session/playback.h"
#include "app/session/session.h"
#include "app/session/students/retention.h"
#include "app/session/students/student_book.h"
#include "app/settings/settings_page.h"
#include "app/settings/sounds_dialog.h"
#include "app/sound/sound_setup.h"
#include "app/weeks/plan_panel.h"
#include "app/weeks/weeks_page.h"
#include "app/words/words.h"
#include "records/tables/order_table.h"

namespace calando {

namespace {

enum Place { lessonPlace, weeksPlace, postPlace, earsPlace, reckonerPlace, settingsPlace };

/// Takes side by side, in a window of their own.
void showCompared(const std::vector<AnalysisQueue::Answer>& answers, bool blind, const Parts& parts,
                  QWidget* over) {
  std::vector<ComparedTake> takes;
  for (const AnalysisQueue::Answer& answer : answers) {
    const QString made = words::moment(QDateTime::fromSecsSinceEpoch(answer.take.made_unix_s));
    const auto model = parts.orderTable.model(answer.take.student, answer.take.asked.exercise);
    takes.push_back({model && *model == answer.take.id ? MainWindow::tr("%1 · the model").arg(made) : made,
                     answer.snapshot, answer.samples, answer.rate_hz});
  }
  auto* view = new CompareView(std::move(takes), blind, parts.setup.output(), over);
  view->setWindowTitle(
      MainWindow::tr("Takes of %1 side by side").arg(words::plain(parts.book.chosen()->name)));
  view->show();
}

}  // namespace

/// Blind first: who knows which is which hears it.
void MainWindow::offerComparing(QPushButton& button) {
  auto* menu = new QMenu(&button);
  for (const auto& [text, id] :
       {std::pair{tr("Listen first, unseen"), "compare-blind"}, {tr("With their pictures"), "compare"}})
    connect(menu->addAction(QStringLiteral("%1\t%2").arg(text, keysOf(commandOf(id)))), &QAction::triggered,
            this, [this, id = id] { keys_.run(id); });
  button.setMenu(menu);
}

void MainWindow::bindComparing() {
  connect(&parts_.playback, &Playback::compared, this,
          [this](const auto& takes, bool blind) { showCompared(takes, blind, parts_, this); });
  connect(&parts_.book, &StudentBook::erasing, this, [this] {
    for (CompareView* view : findChildren<CompareView*>()) delete view;
  });
}

void MainWindow::editOrder() {
  OrderDialog dialog(parts_, this);
  if (dialog.exec() != QDialog::Accepted) return;
  parts_.order.change(dialog.order(), dialog.name());
  if (const auto card = dialog.wantedCard()) editCard(*card);
}

void MainWindow::editCard(const std::string& exercise) {
  CardDeck& deck = parts_.deck;
  const ExercisePtr opened = deck.find(exercise);
  if (!opened || !parts_.session.allowed().choose) return;
  CardEditor editor(*opened, deck.isOwn(exercise), contextFor(parts_.request.asked()), deck.own(), this);
  if (editor.exec() != QDialog::Accepted) return;
  if (editor.erased()) {
    if (deck.erase(exercise)) parts_.session.sayUndoable(tr("The exercise was erased."));
    return;
  }
  if (const auto id = deck.keep(editor.card())) parts_.lesson.choose(*id);
}

void MainWindow::showSettings() { rail_->choose(settingsPlace); }

/// The help, open at the place and the exercise in front.
void MainWindow::helpHere() {
  static const std::map<int, std::string> kTopics{{weeksPlace, "weeks"},
                                                  {postPlace, "post"},
                                                  {earsPlace, "ears"},
                                                  {reckonerPlace, "reckoner"},
                                                  {settingsPlace, "kept"}};
  const auto elsewhere = kTopics.find(places_->currentIndex());
  if (elsewhere != kTopics.end()) return showHelp(this, elsewhere->second);
  const ExercisePtr exercise = parts_.lesson.current();
  showHelp(this, topicFor(*exercise), exercise);
}

/// What the rail leads to, with the keys that are a place's own.
void MainWindow::buildPlaces() {
  places_->addWidget(buildLesson());
  auto* weeks = new WeeksPage(parts_);
  places_->addWidget(weeks);
  connect(weeks, &WeeksPage::takeChosen, this, [this](qint64 take) {
    rail_->choose(lessonPlace);
    parts_.session.choose(take);
  });
  const auto proposed = [this, weeks](void (PlanPanel::*inWeeks)(), void (Onward::*inLesson)()) {
    return [this, weeks, inWeeks, inLesson] {
      if (places_->currentWidget() == weeks) (weeks->plan().*inWeeks)();
      if (places_->currentIndex() == lessonPlace && parts_.session.allowed().choose)
        (parts_.onward.*inLesson)();
    };
  };
  keys_.on("proposal-take", proposed(&PlanPanel::take, &Onward::take));
  keys_.on("proposal-refuse", proposed(&PlanPanel::refuse, &Onward::refuse));
  post_ = new PostPage(parts_);
  places_->addWidget(post_);
  auto* ears = new EarsPage(parts_);
  places_->addWidget(ears);
  auto* reckoner = new ReckonerPage(parts_);
  places_->addWidget(reckoner);
  places_->addWidget(settings_);
  connect(settings_, &SettingsPage::languageChanged, this, [this] {
    again_ = true;
    // What is under way is waited for, or stays.
    if (!close()) again_ = closing_;
  });
  connect(reckoner, &ReckonerPage::taken, this, [this] { rail_->choose(lessonPlace); });
  keys_.on("reckoned", [this, reckoner] {
    if (places_->currentWidget() == reckoner) reckoner->takeIntoLesson();
  });
  Retention& retention = parts_.retention;
  connect(&retention, &Retention::lookWanted, this,
          [this, &retention] { askForSounds(retention, parts_.takeTable, parts_.book, this); });
  keys_.on("students", [this, weeks, ears] {
    const QWidget* here = places_->currentWidget();
    (here == weeks ? weeks->chooser() : here == ears ? ears->chooser() : head_->chooser()).open();
  });
  const std::pair<const char*, Place> ways[] = {{"lesson", lessonPlace},     {"weeks", weeksPlace},
                                                {"post", postPlace},         {"listening", earsPlace},
                                                {"reckoner", reckonerPlace}, {"settings", settingsPlace}};
  connect(rail_, &Rail::chosen, this, [this](int place) {
    keys_.setInLesson(place == lessonPlace);
    if (place != earsPlace) {
      parts_.ears.stop();
      parts_.blind.stop();
    }
    (place == lessonPlace ? overTake_ : overPlaces_)->insertWidget(0, message_);
  });
  for (const auto& [id, place] : ways) keys_.on(id, [this, place = place] { rail_->choose(place); });
}

}  // namespace calando
