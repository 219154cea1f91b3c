#include "app/weeks/helped_view.h"

#include <set>

#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/care/ticks.h"
#include "core/exercise/exercise.h"
#include "core/growth/growth.h"
#include "core/judging/ledger.h"

namespace calando {

HelpedView::HelpedView(const Parts& parts) : parts_(parts) {
  setObjectName("helped");
  setAccessibleName(tr("What helped"));
  setFrameShape(QFrame::NoFrame);
}

QStringList HelpedView::triesText() const {
  QStringList lines;
  for (const TryEffect& effect : effectsOf(ledgerOf(parts_.takes.past()))) {
    const AdviceCard::Try& asked = effect.observed->tries[effect.index];
    const QString what = words::said(asked.says);
    QString did = tr("helped in %1 of %2").arg(QString::number(effect.helped), QString::number(effect.times));
    if (effect.change && effect.figure) {
      const QString label = words::label(*effect.figure);
      did +=
          "; " + (effect.unsure
                      ? std::abs(*effect.change) > *effect.unsure
                            ? tr("%1 changed by %2")
                                  .arg(label, words::change(*effect.change, *effect.unsure, *effect.figure))
                            : tr("%1: no difference to speak of").arg(label)
                      : tr("too few to say how much"));
    }
    // What it is like, what is claimed for it, what it did: three things.
    lines << QStringLiteral("<p><b>%1</b>%2<br>%3<br>%4</p>")
                 .arg(what.toHtmlEscaped(), asked.image ? " · " + tr("an image").toHtmlEscaped() : QString(),
                      tr("Said of it: %1").arg(words::said(effect.observed->why)).toHtmlEscaped(),
                      tr("Measured: %1").arg(did).toHtmlEscaped());
  }
  return lines;
}

/// By card, what a contrast of its first figure says.
QStringList HelpedView::contrastText(
    const std::function<std::optional<Said>(const std::string&, const std::string&)>& said) const {
  QStringList lines;
  std::set<std::string> cards;
  for (const PastTake& take : parts_.takes.past()) cards.insert(take.exercise);
  for (const std::string& id : cards) {
    const ExercisePtr card = parts_.deck.find(id);
    const Figure* figure = card && !card->readings.empty() ? findFigure(card->readings.front()) : nullptr;
    const auto effect = figure ? said(id, card->readings.front()) : std::nullopt;
    if (!effect) continue;
    const Contrast& contrast = effect->contrast;
    const QString did =
        contrast.tells()
            ? tr("%1 differs by %2 %3", "figure, how much, between which")
                  .arg(words::label(*figure),
                       words::change(contrast.difference(), 2.0 * contrast.error(), *figure), effect->sides)
            : tr("%1: no difference to speak of", "between which").arg(effect->sides);
    lines << QStringLiteral("<p><b>%1</b><br>%2 (%3)</p>")
                 .arg(words::said(card->title).toHtmlEscaped(), did.toHtmlEscaped(),
                      tr("%1 and %2 takes")
                          .arg(QString::number(contrast.one.takes), QString::number(contrast.other.takes)));
  }
  return lines;
}

QStringList HelpedView::attentionText() const {
  return contrastText([this](const std::string& card, const std::string& figure) -> std::optional<Said> {
    const auto effect = attentionEffect(parts_.takes.past(), card, figure);
    if (!effect) return std::nullopt;
    return Said{*effect, tr("with the attention on the sound, against on the count")};
  });
}

QStringList HelpedView::seenText() const {
  QStringList lines;
  for (const Tick& tick : ticks())
    lines += contrastText([&](const std::string& card, const std::string& figure) -> std::optional<Said> {
      const auto effect = tickEffect(parts_.takes.past(), card, figure, tick.id);
      if (!effect) return std::nullopt;
      return Said{*effect, tr("with “%1” ticked, against without").arg(words::said(tick.label))};
    });
  return lines;
}

QStringList HelpedView::schoolText() const {
  return contrastText([this](const std::string& card, const std::string& figure) -> std::optional<Said> {
    const auto effect = schoolEffect(parts_.takes.past(), card, figure);
    if (!effect) return std::nullopt;
    return Said{
        effect->contrast,
        tr("in the words of “%1”, against “%2”").arg(words::said(effect->one), words::said(effect->other))};
  });
}

void HelpedView::refresh() {
  const QStringList tries = triesText(), attention = attentionText(), seen = seenText(),
                    schools = schoolText();
  QString html;
  if (!tries.isEmpty()) html += "<h3>" + tr("What was tried") + "</h3>" + tries.join("");
  if (!attention.isEmpty()) html += "<h3>" + tr("Where the attention was") + "</h3>" + attention.join("");
  if (!seen.isEmpty()) html += "<h3>" + tr("What was watched") + "</h3>" + seen.join("");
  if (!schools.isEmpty()) html += "<h3>" + tr("Whose words the exercises spoke") + "</h3>" + schools.join("");
  if (html.isEmpty())
    html = "<p>" +
           tr("Nothing was tried yet. Y says that the one thing to try was tried in a take; 5 to 8 say where "
              "the attention was.")
               .toHtmlEscaped() +
           "</p>";
  setHtml(html);
}

}  // namespace calando
