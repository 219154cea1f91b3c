// Help opens where one is.
#include "app/help/help.h"

#include "app/help/topics.h"
#include "app/words/words.h"
#include "core/figures/figure.h"
#include "core/library/cards.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

class HelpTest : public WindowTest {
 protected:
  /// F1, and what it says; `act` is done in it.
  QString help(std::function<void(QTextBrowser&, QLineEdit&)> act = {}) {
    QString text;
    whenOpen<QDialog>([&](QDialog& dialog) {
      auto& browser = *dialog.findChild<QTextBrowser*>("helpText");
      text = browser.toPlainText();
      if (act) act(browser, *dialog.findChild<QLineEdit*>("helpSearch"));
      dialog.reject();
    });
    QTest::keyClick(window_.get(), Qt::Key_F1);
    return text;
  }
};

TEST_F(HelpTest, OpensAtThePlaceAndTheExerciseInFront) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  for (const auto& [card, topic] :
       {std::pair{"long-hiss", "breathing"}, std::pair{"buzz-siren", "small-part"},
        std::pair{"unison", "pairs"}, std::pair{"slur-three", "flexibility"}, std::pair{"scale-4-4", "count"},
        std::pair{"steady-tone", "ribbon"}}) {
    SCOPED_TRACE(card);
    chooseStep(card);
    const Exercise& exercise = *findExercise(card);
    const QString text = help();
    EXPECT_TRUE(text.startsWith(words::said(exercise.title))) << text.left(80).toStdString();
    const auto first = text.indexOf(words::label(*findFigure(exercise.readings.front())));
    const auto here = text.indexOf(titleOf(topicOf(topic)));
    const auto begin = text.indexOf(titleOf(topicOf("begin")));
    EXPECT_GT(first, 0);
    EXPECT_GT(here, first);
    EXPECT_GT(begin, here);
    EXPECT_GT(text.indexOf("Contents"), begin);
  }
  for (const auto& [key, topic] : {std::pair{Qt::Key_2, "weeks"}, std::pair{Qt::Key_3, "post"},
                                   std::pair{Qt::Key_4, "ears"}, std::pair{Qt::Key_5, "reckoner"}}) {
    QTest::keyClick(window_.get(), key, Qt::AltModifier);
    EXPECT_TRUE(help().startsWith(titleOf(topicOf(topic)))) << topic;
  }
}

TEST_F(HelpTest, LeavesToTheFilesHowSureAnotherFigureIs) {
  openWindow();
  const QString text = help();
  for (const Figure& figure : figures())
    EXPECT_EQ(text.contains(words::titled(figure)), !figure.forFiles) << figure.id;
}

TEST_F(HelpTest, BeginsInFiveLinesAndItsContentsLeadToEverySection) {
  openWindow();
  EXPECT_EQ(textsOf(topicOf("begin")).size(), 5);
  help([](QTextBrowser& browser, QLineEdit& search) {
    const QString html = browser.toHtml();
    static const QRegularExpression link("href=\"#([^\"]+)\"");
    QStringList leads;
    for (auto found = link.globalMatch(html); found.hasNext();) leads << found.next().captured(1);
    EXPECT_EQ(leads.size(), static_cast<qsizetype>(topics().size() + 3));
    for (const QString& anchor : leads)
      EXPECT_TRUE(html.contains("name=\"" + anchor + "\"")) << anchor.toStdString();
    QTest::keyClicks(&search, "richness");
    EXPECT_TRUE(browser.toPlainText().contains("overtones"));
    EXPECT_LT(browser.toPlainText().size(), 2000);
    search.clear();
    EXPECT_TRUE(browser.toPlainText().contains("Contents"));
  });
}

}  // namespace
}  // namespace calando
