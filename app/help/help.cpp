#include "app/help/help.h"

#include <QTextDocumentFragment>
#include <map>

#include "app/help/log_dialog.h"
#include "app/help/topics.h"
#include "app/parts/commands.h"
#include "app/parts/plain_dialog.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/exercise/exercise.h"
#include "core/figures/figure.h"
#include "core/judging/discipline.h"
#include "core/library/cards.h"

namespace calando {

namespace {

struct Help {
  Q_DECLARE_TR_FUNCTIONS(Help)
};

/// A part of the help: what leads to it, what it is called, and its paragraphs, which are found one by one.
struct Section {
  QString anchor, title;
  QStringList paragraphs;  ///< HTML of text that is our own, or escaped
};

QString row(const QString& term, const QString& meaning) {
  return QStringLiteral("<p><span style=\"font-weight:600\">%1</span>&nbsp;&nbsp; %2</p>")
      .arg(term.toHtmlEscaped(), meaning.toHtmlEscaped());
}

QString paragraph(const QString& text) { return "<p>" + text.toHtmlEscaped() + "</p>"; }

Section sectionOf(const Topic& topic) {
  Section section{words::plain(topic.id), titleOf(topic), {}};
  // The first of them says what to do, one thing after the other.
  for (const QString& text : textsOf(topic))
    section.paragraphs << (&topic == &topics().front() ? "<li>" + text.toHtmlEscaped() + "</li>"
                                                       : paragraph(text));
  return section;
}

std::vector<Section> sections() {
  std::vector<Section> list;
  for (const Topic& topic : topics()) list.push_back(sectionOf(topic));
  Section keys{"keys", Help::tr("Keys"), {}}, measured{"figures", Help::tr("Figures"), {}},
      cards{"exercises", Help::tr("Exercises"), {}};
  for (const Command& command : commands()) keys.paragraphs << row(keysOf(command), helpOf(command));
  for (const Figure& figure : figures())
    if (!figure.forFiles) measured.paragraphs << row(words::titled(figure), words::help(figure));
  for (const Exercise& card : exercises())
    cards.paragraphs << row(words::said(card.title), words::said(card.purpose));
  // What it is not comes last of all.
  list.insert(std::prev(list.end()), {keys, measured, cards});
  return list;
}

QString headed(const Section& section, const QStringList& paragraphs) {
  return QStringLiteral("<h3><a name=\"%1\"></a>%2</h3>").arg(section.anchor, section.title.toHtmlEscaped()) +
         (section.anchor == words::plain(topics().front().id) ? "<ol>" + paragraphs.join("") + "</ol>"
                                                              : paragraphs.join(""));
}

/// What is in front: the exercise, with what is measured in it.
QString aboutExercise(const Exercise& exercise) {
  QString html = "<h3>" + words::said(exercise.title).toHtmlEscaped() + "</h3>" +
                 paragraph(words::said(exercise.purpose));
  for (const std::string& id : exercise.readings)
    html += row(words::titled(*findFigure(id)), words::help(*findFigure(id)));
  return html;
}

QString link(const Section& section) {
  return QStringLiteral("<a href=\"#%1\">%2</a>").arg(section.anchor, section.title.toHtmlEscaped());
}

/// Where one is, then how to begin, what there is, and all of it.
QString wholePage(const std::vector<Section>& all, const std::string& topic, const ExercisePtr& exercise) {
  QString html;
  if (exercise) html += aboutExercise(*exercise);
  const auto here = std::ranges::find(all, words::plain(topic), &Section::anchor);
  if (here != all.end()) html += headed({{}, here->title, {}}, here->paragraphs);
  html += headed(all.front(), all.front().paragraphs);
  QStringList contents;
  for (const Section& section : all) contents << link(section);
  html += "<h3>" + Help::tr("Contents").toHtmlEscaped() + "</h3><p>" + contents.join(QStringLiteral(" · ")) +
          "</p>";
  for (const Section& section : all)
    if (&section != &all.front()) html += headed(section, section.paragraphs);
  return html;
}

/// The paragraphs that have all the words of a search.
QString found(const std::vector<Section>& all, const QString& search) {
  const QStringList wanted = search.split(' ', Qt::SkipEmptyParts);
  QString html;
  for (const Section& section : all) {
    QStringList those;
    for (const QString& one : section.paragraphs) {
      const QString text = QTextDocumentFragment::fromHtml(section.title + " " + one).toPlainText();
      if (std::ranges::all_of(wanted,
                              [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); }))
        those << one;
    }
    if (!those.isEmpty()) html += headed(section, those);
  }
  return html.isEmpty() ? paragraph(Help::tr("Nothing found. Try another word.")) : html;
}

}  // namespace

std::string topicFor(const Exercise& exercise) {
  static const std::map<std::string_view, std::string> kTopics{
      {"breath", "breathing"}, {"still", "breathing"}, {"surprise", "pairs"},    {"two", "pairs"},
      {"voice", "pairs"},      {"buzz", "small-part"}, {"tubes", "flexibility"}, {"partials", "flexibility"}};
  const auto found = kTopics.find(disciplineOf(exercise).id);
  return found != kTopics.end() ? found->second : exercise.counted() ? "count" : "ribbon";
}

void showHelp(QWidget* parent, const std::string& topic, const ExercisePtr& exercise) {
  QDialog dialog(parent);
  dialog.setWindowTitle(Help::tr("Help"));
  fitToScreen(dialog, 720, 620);
  auto* search = new QLineEdit;
  search->setObjectName("helpSearch");
  search->setPlaceholderText(Help::tr("Type what you look for: a key, a figure, an exercise"));
  search->setAccessibleName(Help::tr("Search the help"));
  auto* text = new QTextBrowser;
  text->setObjectName("helpText");
  text->setAccessibleName(Help::tr("Help text"));
  QPalette palette = text->palette();
  palette.setColor(QPalette::Link, style::pitch);
  text->setPalette(palette);
  const auto all = sections();
  const QString whole = wholePage(all, topic, exercise);
  text->setHtml(whole);
  QObject::connect(search, &QLineEdit::textChanged, text, [text, all, whole](const QString& words) {
    text->setHtml(words.trimmed().isEmpty() ? whole : found(all, words));
  });
  auto* layout = new QVBoxLayout(&dialog);
  layout->setSpacing(2 * style::kStep);
  auto* lately = new QPushButton(Help::tr("What happened lately…"));
  lately->setObjectName("whatHappened");
  lately->setAutoDefault(false);
  QObject::connect(lately, &QPushButton::clicked, &dialog, [&dialog] { showLog(&dialog); });
  layout->addWidget(search);
  layout->addWidget(text);
  layout->addWidget(lately, 0, Qt::AlignLeft);
  search->setFocus();
  dialog.exec();
}

}  // namespace calando
