// Every language that comes with the program says everything, and has room for it.
#include <QFile>
#include <QTranslator>
#include <QXmlStreamReader>

#include "app/parts/commands.h"
#include "app/settings/settings_page.h"
#include "app/weeks/plan_dialog.h"
#include "app/words/language.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/judging/advice.h"
#include "ui/room_for_words.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

struct Text {
  std::string context, source, comment;
  bool counted = false;
};

/// What a translator gets.
std::vector<Text> allTexts() {
  std::vector<Text> all;
  QFile file(CALANDO_ALL_TEXTS);
  EXPECT_TRUE(file.open(QIODevice::ReadOnly));
  QXmlStreamReader xml(&file);
  Text text;
  for (std::string context; !xml.atEnd();) {
    xml.readNext();
    if (xml.isStartElement()) {
      if (xml.name() == QLatin1String("name")) context = xml.readElementText().toStdString();
      if (xml.name() == QLatin1String("message"))
        text = {context, {}, {}, xml.attributes().hasAttribute("numerus")};
      if (xml.name() == QLatin1String("source")) text.source = xml.readElementText().toStdString();
      if (xml.name() == QLatin1String("comment")) text.comment = xml.readElementText().toStdString();
    }
    if (xml.isEndElement() && xml.name() == QLatin1String("message")) all.push_back(text);
  }
  return all;
}

/// What is put into a text, in whatever order.
std::multiset<QString> placesIn(const QString& text) {
  static const QRegularExpression place("%n|%\\d|\\{[^}]*\\}");
  std::multiset<QString> places;
  for (auto found = place.globalMatch(text); found.hasNext();) places.insert(found.next().captured());
  return places;
}

class Translated : public WindowTest, public testing::WithParamInterface<const char*> {
 protected:
  void TearDown() override {
    window_.reset();
    useLanguage("en");
    setNoteLanguage(NoteLanguage::english);
  }
};

TEST_P(Translated, SaysEverythingWithTheSamePlaces) {
  QTranslator says;
  ASSERT_TRUE(says.load(QStringLiteral(":/translations/calando_%1.qm").arg(GetParam())));
  std::size_t same = 0;
  const auto texts = allTexts();
  ASSERT_GT(texts.size(), 2500u);
  for (const Text& text : texts)
    for (const int n : text.counted ? std::vector{0, 1, 2, 5} : std::vector{-1}) {
      const QString said = says.translate(text.context.c_str(), text.source.c_str(),
                                          text.comment.empty() ? nullptr : text.comment.c_str(), n);
      ASSERT_FALSE(said.isEmpty()) << "scripts/texts " << GetParam() << ": " << text.context << ": "
                                   << text.source;
      const QString source = QString::fromStdString(text.source);
      EXPECT_EQ(placesIn(said), placesIn(source)) << text.source << " / " << said.toStdString();
      static const QRegularExpression letters("[a-z]{4,} [a-z]{3,}");
      same += said == source && letters.match(source).hasMatch();
    }
  EXPECT_EQ(same, 0u) << "left as they were";
}

TEST_P(Translated, HasRoomInEveryPlace) {
  useLanguage(GetParam());
  openWindow();
  window_->parts().book.add({0, "Ada", "trumpet-bb", {}});
  for (const auto& [step, player] : {std::pair{"steady-tone", "sagging"},
                                     {"buzz-level", "buzz-lips-part"},
                                     {"unison", "finds-it"},
                                     {"bend-return", "bends-above"}}) {
    chooseStep(step);
    playTake(player);
    for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
      window_->resize(size);
      expectWhole(*window_, step);
    }
  }
  find<QToolButton>("howWasIt")->click();
  expectWhole(*window_, "what was said of it");
  for (const auto& [key, name] : {std::pair{Qt::Key_2, "the weeks"},
                                  {Qt::Key_3, "the post"},
                                  {Qt::Key_4, "ears"},
                                  {Qt::Key_5, "the reckoner"}}) {
    QTest::keyClick(window_.get(), key, Qt::AltModifier);
    for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
      window_->resize(size);
      expectWhole(*window_, name);
    }
  }
  window_->showSettings();
  expectWhole(*window_, "settings");
  PlanDialog plan(window_->parts(), window_.get());
  plan.show();
  expectWhole(plan, "the plan");
}

TEST_P(Translated, HasOneMeaningForEachKey) {
  useLanguage(GetParam());
  std::set<QString> helps;
  for (const Command& command : commands()) EXPECT_TRUE(helps.insert(helpOf(command)).second) << command.id;
}

INSTANTIATE_TEST_SUITE_P(Into, Translated, testing::Values("de", "fr"));

// The window is made anew in it, with the names of notes that are usual there.
TEST_F(WindowTest, ALanguageIsChosenWithoutAStartOfTheProgram) {
  openWindow();
  window_->showSettings();
  auto* language = find<QComboBox>("language");
  const int german = language->findData("de");
  ASSERT_GE(german, 0);
  EXPECT_FALSE(window_->wantedAgain());
  language->setCurrentIndex(german);
  emit language->activated(german);
  EXPECT_TRUE(window_->wantedAgain());
  EXPECT_FALSE(window_->isVisible());
  window_.reset();
  auto studio = Studio::open(folder_.path().toStdString(), clock_);
  ASSERT_TRUE(studio);
  EXPECT_EQ(studio->settings.get(settings::language), "de");
  EXPECT_EQ(studio->settings.get(settings::noteNames), static_cast<double>(NoteLanguage::german));
  useLanguage(QString::fromStdString(studio->settings.get(settings::language)));
  MainWindow again(std::move(*studio));
  again.showSettings();
  again.show();
  EXPECT_EQ(again.findChild<QComboBox*>("language")->accessibleName(), "Sprache");
  EXPECT_EQ(shownNote(*parseNote("Bb4"), Spelling::flats), "B4");
  useLanguage("en");
  setNoteLanguage(NoteLanguage::english);
}

}  // namespace
}  // namespace calando
