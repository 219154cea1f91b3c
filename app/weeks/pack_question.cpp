#include "app/weeks/pack_question.h"

#include "app/parts/plain_dialog.h"
#include "app/parts/tight.h"
#include "app/session/lesson/card_deck.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/exercise/exercise.h"
#include "core/exercise/exercise_ptr.h"
#include "core/plan/plan.h"
#include "records/packs/pack.h"

namespace calando {

namespace {

struct Question {
  Q_DECLARE_TR_FUNCTIONS(PackQuestion)
};

constexpr std::size_t kMostSteps = 12;

QString stepsOf(const std::vector<std::string>& order, const CardDeck& deck,
                const std::vector<Exercise>& brought) {
  QStringList lines;
  for (const std::string& id : order) {
    if (static_cast<std::size_t>(lines.size()) == kMostSteps) {
      lines << Question::tr("and others: %1").arg(order.size() - kMostSteps);
      break;
    }
    const auto own = std::ranges::find(brought, id, &Exercise::id);
    const ExercisePtr card = deck.find(id);
    lines << (own != brought.end() ? words::plain(own->title)
              : card               ? words::said(card->title)
                                   : words::plain(id));
  }
  return lines.join('\n');
}

QString planOf(const Plan& plan) {
  return Question::tr("minutes a day: %1").arg(plan.minutes) + '\n' +
         Question::tr("exercises with something of their own: %1").arg(plan.steps.size());
}

QLabel* column(const QString& text) {
  auto* label = new QLabel(text);
  label->setTextFormat(Qt::PlainText);
  label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  return label;
}

}  // namespace

std::optional<Replacing> askWhatReplaces(const UnpackedPack& pack, const PackReplaces& what,
                                         const CardDeck& deck, QWidget* over) {
  QDialog dialog(over);
  dialog.setObjectName("packQuestion");
  dialog.setWindowTitle(Question::tr("A pack from another studio"));
  auto* text =
      new QLabel(Question::tr("The pack brings %1 another running order or plan than stands here. "
                              "Takes, own exercises and the list of homework come in beside what there is.")
                     .arg(words::plain(pack.contents.student.name)));
  text->setTextFormat(Qt::PlainText);
  text->setWordWrap(true);
  auto* both = new QGridLayout;
  both->setHorizontalSpacing(6 * style::kStep);
  for (const auto& [place, words] :
       {std::pair{1, Question::tr("here")}, std::pair{2, Question::tr("in the pack")}}) {
    auto* head = column(words);
    head->setObjectName("caption");
    both->addWidget(head, 0, place);
  }
  int row = 1;
  const auto add = [&](const QString& name, const QString& here, const QString& there) {
    auto* caption = column(name);
    caption->setObjectName("caption");
    both->addWidget(caption, row, 0);
    both->addWidget(column(here), row, 1);
    both->addWidget(column(there), row++, 2);
  };
  if (what.order())
    add(Question::tr("Running order"), stepsOf(what.orderHere, deck, {}),
        stepsOf(what.orderThere, deck, pack.contents.cards));
  if (what.plan()) add(Question::tr("Plan"), planOf(what.planHere), planOf(what.planThere));
  auto* buttons = new QDialogButtonBox;
  std::optional<Replacing> answer;
  const auto choice = [&](const QString& words, const char* name, std::optional<Replacing> means) {
    auto* button = buttons->addButton(words, QDialogButtonBox::ActionRole);
    button->setObjectName(name);
    QObject::connect(button, &QPushButton::clicked, &dialog, [&dialog, &answer, means] {
      answer = means;
      dialog.accept();
    });
    return button;
  };
  choice(Question::tr("Take the pack’s"), "packTake", Replacing::takeThere);
  choice(Question::tr("Keep what is here"), "packKeep", Replacing::keepHere)->setDefault(true);
  choice(Question::tr("Add nothing"), "packNothing", std::nullopt);
  auto* layout = new QVBoxLayout(&dialog);
  layout->setSpacing(3 * style::kStep);
  layout->addWidget(text);
  layout->addLayout(both);
  layout->addWidget(buttons);
  dialog.exec();
  return answer;
}

}  // namespace calando
