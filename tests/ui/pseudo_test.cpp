#include <QAbstractItemView>
#include <QGroupBox>
#include <QHeaderView>
#include <QMenu>
#include <QTextBrowser>
#include <QTranslator>
#include <QXmlStreamReader>
#include <fstream>
#include <set>
#include <sstream>

#include "app/desk/found_dialog.h"
#include "app/help/help.h"
#include "app/lesson/order_dialog.h"
#include "app/post/list_dialog.h"
#include "app/review/compare_view.h"
#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/studio_files.h"
#include "app/session/take/shown_take.h"
#include "app/weeks/plan_dialog.h"
#include "app/words/language.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/judging/advice.h"
#include "core/library/cards.h"
#include "records/values/studio_fault.h"
#include "ui/room_for_words.h"
#include "ui/window_fixture.h"

// A language in which every text is longer by half and stands in brackets: what does not has been forgotten.
namespace calando {
namespace {

class PseudoTest : public WindowTest {
 protected:
  void SetUp() override { useLanguage(kPseudo); }
  void TearDown() override {
    window_.reset();
    useLanguage("en");
  }
  /// Words that stand in no brackets, though brackets may stand in them.
  static QString bare(QString text) {
    for (QString before; before != text;) {
      before = text;
      text.remove(QRegularExpression(QStringLiteral("\\[[^\\[\\]]*(\\]|…$)")));  // what is cut off, too
    }
    return text;
  }
  /// What is nobody's to translate: names of people, notes, numbers with signs, files.
  bool isNoText(const QString& text) const {
    static const QRegularExpression letters(QStringLiteral("\\p{L}{2,}"));
    if (!letters.match(bare(text)).hasMatch()) return true;
    for (int day = Qt::Monday; day <= Qt::Sunday; ++day)  // Qt's own, by language
      if (text == QLocale().dayName(day) || text == QLocale().dayName(day, QLocale::ShortFormat)) return true;
    for (const QString& known :
         {QStringLiteral("Ada"), QStringLiteral("Calando"), folder_.path(), QStringLiteral("stand-in"),
          QStringLiteral("English"), QStringLiteral("Deutsch"), QStringLiteral("français")})
      if (text.contains(known)) return true;
    return false;
  }
  void expectTranslated(QWidget& window, const char* where) {
    std::set<QString> seen;
    const auto expect = [&](const QString& text, const QWidget* widget) {
      if (isNoText(text) || !seen.insert(text).second) return;
      ADD_FAILURE() << where << ", " << widget->metaObject()->className() << " "
                    << widget->objectName().toStdString() << ": " << text.toStdString();
    };
    QList<QWidget*> all = window.findChildren<QWidget*>();
    all << &window;
    for (QWidget* widget : all) {
      if (widget->objectName().startsWith("qt_") || qobject_cast<QMenu*>(widget)) continue;
      expect(widget->toolTip(), widget);
      expect(widget->accessibleName(), widget);
      if (widget->isWindow()) expect(widget->windowTitle(), widget);
      if (const auto* label = qobject_cast<QLabel*>(widget)) expect(label->text(), widget);
      if (const auto* button = qobject_cast<QAbstractButton*>(widget)) expect(button->text(), widget);
      if (const auto* group = qobject_cast<QGroupBox*>(widget)) expect(group->title(), widget);
      if (const auto* field = qobject_cast<QLineEdit*>(widget)) expect(field->placeholderText(), widget);
      if (const auto* combo = qobject_cast<QComboBox*>(widget); combo && !combo->isEditable())
        for (int i = 0; i < combo->count(); ++i) expect(combo->itemText(i), widget);
      if (const auto* list = qobject_cast<QListWidget*>(widget))
        for (int i = 0; i < list->count(); ++i) {
          expect(list->item(i)->text(), widget);
          expect(list->item(i)->toolTip(), widget);
        }
      if (const auto* table = qobject_cast<QTableWidget*>(widget))
        for (int c = 0; c < table->columnCount(); ++c)
          if (const auto* head = table->horizontalHeaderItem(c)) expect(head->text(), widget);
    }
  }
  /// A short take of breath, after its caution.
  void breathe() {
    chooseStep("in-2-out-4");
    find<QDoubleSpinBox>("tempo")->setValue(200);
    QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
    playTake("tight-breath");
  }
  void expectBooks();
};

/// Weeks and post, with something in them.
void PseudoTest::expectBooks() {
  HomeworkList list{"Week", {{findExercise("tone-5")}, {findExercise("swell")}}};
  ASSERT_TRUE(window_->parts().lists.keep(list, today(window_->parts().clock)));
  for (const auto& [key, name] :
       {std::pair{Qt::Key_2, "the weeks"}, {Qt::Key_3, "the post"}, {Qt::Key_4, "ears"}}) {
    QTest::keyClick(window_.get(), key, Qt::AltModifier);
    for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
      window_->resize(size);
      QTest::qWait(30);
      for (QToolButton* view : window_->findChildren<QToolButton*>("weeksView")) {
        view->click();
        expectTranslated(*window_, name);
        expectWhole(*window_, name);
      }
    }
  }
  PlanDialog plan(window_->parts(), window_.get());
  ListDialog homework(window_->parts(), list, today(window_->parts().clock), window_.get());
  for (QDialog* dialog : std::initializer_list<QDialog*>{&plan, &homework}) {
    dialog->show();
    expectTranslated(*dialog, "a dialog of the books");
    expectWhole(*dialog, "a dialog of the books");
  }
}

TEST_F(PseudoTest, EveryPlaceDialogAndTooltipIsTranslatedAndHasRoom) {
  openWindow();
  expectTranslated(*window_, "first start");
  window_->parts().book.add({0, "Ada", "trumpet-bb", {}});
  for (const char* step : {"steady-tone", "swell", "home-two", "against-teacher", "stairs-4",
                           "fingering-search", "buzz-level"}) {
    chooseStep(step);
    expectTranslated(*window_, step);
  }
  chooseStep("home-two");
  find<QDoubleSpinBox>("tempo")->setValue(200);
  playTake("sagging");
  for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
    window_->resize(size);
    QTest::qWait(30);
    expectTranslated(*window_, "a take");
    expectWhole(*window_, size.width() > 1100 ? "1280" : "1024");
  }
  breathe();
  for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
    window_->resize(size);
    QTest::qWait(30);
    for (int page = 0; page < 3; ++page) {
      expectTranslated(*window_, "breaths");
      expectWhole(*window_, "breaths");
      QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_T);
    }
  }
  for (const auto& [step, player] : {std::pair{"buzz-level", "buzz-lips-part"},
                                     {"soft-reach", "steady"},
                                     {"unison", "finds-it"},
                                     {"bend-return", "bends-above"}}) {
    chooseStep(step);
    playTake(player);
    for (int page = 0; page < 2; ++page) {
      QTest::qWait(30);
      expectTranslated(*window_, step);
      expectWhole(*window_, step);
      QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_T);
    }
  }
  QTest::keyClick(window_.get(), Qt::Key_5, Qt::AltModifier);
  for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
    window_->resize(size);
    QTest::qWait(30);
    expectTranslated(*window_, "the reckoner");
    expectWhole(*window_, "the reckoner");
  }
  expectBooks();
  QTest::keyClick(window_.get(), Qt::Key_1, Qt::AltModifier);
  window_->parts().notices.sayLoss(StudioFiles::tr("Written: %1").arg("x"));
  expectTranslated(*window_, "a message");
  OrderDialog order(window_->parts(), window_.get());
  order.show();
  expectTranslated(order, "cards");
  expectWhole(order, "cards");
  CardEditor editor(*findExercise("swell"), true, window_->shownSnapshot()->context, {}, window_.get());
  editor.show();
  expectTranslated(editor, "card editor");
  auto* cues = editor.findChild<QTableWidget*>("cardCues");
  static_cast<QComboBox*>(cues->cellWidget(0, 3))->setEditText("H77");
  EXPECT_FALSE(editor.findChild<QLabel*>("cardError")->text().isEmpty());
  expectTranslated(editor, "what is wrong with a card");
  Studio& studio = window_->parts().studio;
  FoundDialog found(studio.students, studio.recordings, false, window_.get());
  found.show();
  expectTranslated(found, "found");
  CompareView compare({{"A", window_->shownSnapshot(), window_->parts().shown.samples(), 48000.0},
                       {"B", window_->shownSnapshot(), window_->parts().shown.samples(), 48000.0}},
                      true, {}, window_.get());
  compare.setAttribute(Qt::WA_DeleteOnClose, false);
  compare.show();
  expectTranslated(compare, "compared");
  QTest::keyClick(&compare, Qt::Key_2);
  expectTranslated(compare, "chosen");
  whenOpen<QDialog>([&](QDialog& help) {
    expectTranslated(help, "help");
    const QString text = help.findChild<QTextBrowser*>("helpText")->toPlainText();
    for (const QString& line : text.split('\n')) EXPECT_TRUE(isNoText(line)) << line.toStdString();
    auto* search = help.findChild<QLineEdit*>("helpSearch");
    QTest::keyClicks(search, "zzz");
    EXPECT_LT(help.findChild<QTextBrowser*>("helpText")->toPlainText().size(), 200);
    help.reject();
  });
  showHelp(window_.get());
  window_->parts().notices.drop();
  chooseStep("steady-tone");
  for (int press = 0; press < 2; ++press) window_->parts().session.stopHere();
  for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
    window_->resize(size);
    QTest::qWait(30);
    expectTranslated(*window_, "a question");
    expectWhole(*window_, "a question");
    const auto* text = find<QLabel>("message");
    EXPECT_GE(text->height(), text->heightForWidth(text->width())) << "cut at " << size.width();
    EXPECT_TRUE(find<QPushButton>("messageAnswer4")->isVisible());
  }
}

/// Notes what is asked for, by its context, and translates nothing.
class Noting : public QTranslator {
 public:
  using Asked = std::set<std::pair<std::string, std::string>>;
  bool isEmpty() const override { return false; }
  QString translate(const char* context, const char* source, const char*, int) const override {
    if (*source != '\0') asked.emplace(context, source);
    return {};
  }
  mutable Asked asked;
};

/// What lupdate finds: what a translator gets.
Noting::Asked collected() {
  Noting::Asked all;
  QFile file(CALANDO_ALL_TEXTS);
  EXPECT_TRUE(file.open(QIODevice::ReadOnly));
  QXmlStreamReader xml(&file);
  for (std::string context; !xml.atEnd();) {
    if (!xml.readNextStartElement()) continue;
    if (xml.name() == QLatin1String("name")) context = xml.readElementText().toStdString();
    if (xml.name() == QLatin1String("source")) all.emplace(context, xml.readElementText().toStdString());
  }
  return all;
}

// What is collected under another name than it is asked for by is never found again: every text of the window
// is in the file under the very name.
TEST_F(PseudoTest, WhatTheWindowAsksForIsWhatTranslatorsGet) {
  useLanguage("en");
  Noting noting;
  QCoreApplication::installTranslator(&noting);
  openWindow();
  addStudent("Ada", "trumpet-bb");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("sagging");
  find<TakeView>("ribbon")->grab();
  standInSpeed(2.0);  // long enough to be seen while it sounds
  breathe();
  find<TakeView>("ribbon")->grab();
  for (int page = 0; page < 3; ++page) {
    QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_T);
    window_->grab();
  }
  window_->parts().session.stopHere();
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Comma, Qt::ControlModifier);
  OrderDialog(window_->parts(), window_.get()).show();
  whenOpen<QDialog>([](QDialog& help) { help.reject(); });
  showHelp(window_.get());
  QCoreApplication::removeTranslator(&noting);
  const Noting::Asked known = collected();
  ASSERT_GT(known.size(), 1000u);
  int own = 0;
  for (const auto& [context, source] : noting.asked) {
    if (context.starts_with('Q')) continue;  // the library's
    ++own;
    EXPECT_TRUE(known.contains({context, source})) << context << ": " << source;
  }
  EXPECT_GT(own, 300);
}

TEST(Texts, OfCoreAndDataAreAllInTheFileForTranslators) {
  std::ifstream file(CALANDO_CORE_TEXTS);
  std::ostringstream all;
  all << file.rdbuf();
  const std::string texts = all.str();
  ASSERT_GT(texts.size(), 10000u);
  for (const Figure& figure : figures())
    for (const std::string_view text : {figure.label, figure.help})
      EXPECT_NE(texts.find(std::string(text)), std::string::npos) << text;
  for (const Exercise& card : exercises()) EXPECT_NE(texts.find(card.title), std::string::npos) << card.title;
  const auto aroundQuotes = [](std::string_view text) { return text.substr(0, text.find('"')); };
  for (const auto& row : faults())
    EXPECT_NE(texts.find(aroundQuotes(row.english)), std::string::npos) << row.english;
  for (const auto& row : studioFaults()) EXPECT_NE(texts.find(row.english), std::string::npos) << row.english;
}

TEST(Words, NumbersAndMomentsFollowTheLocale) {
  QLocale::setDefault(QLocale(QLocale::German));
  EXPECT_EQ(words::number(-14.26, 1), "−14,3");
  EXPECT_EQ(words::number(1234.5, 1), "+1234,5");
  EXPECT_EQ(words::moment(QDateTime(QDate(2026, 12, 3), QTime(9, 5))), "3 Dez. 2026 09:05");
  QLocale::setDefault(QLocale::c());
  EXPECT_EQ(words::number(-14.26, 1), "−14.3");
  EXPECT_EQ(words::number(-0.04, 1), "0.0");
}

TEST(Words, OfAdviceAreFilledInWhateverLanguage) {
  Analysis analysis;
  Reading sag;
  sag.figure = findFigure("sag_cents");
  sag.value = -14.26;
  sag.low = -12.0;
  sag.high = 12.0;
  sag.hasTarget = true;
  sag.verdict = Verdict::near;
  sag.excess = 0.1;
  const auto advice = chooseAdvice({sag}, {}, nullptr, nullptr);
  ASSERT_TRUE(advice);
  EXPECT_EQ(words::advice(*advice).toStdString(), advice->text);
  EXPECT_EQ(words::adviceWhy(*advice).toStdString(), advice->why);
  EXPECT_TRUE(words::advice(*advice).contains("14.3"));
  useLanguage(kPseudo);
  EXPECT_TRUE(words::advice(*advice).contains("14.3"));
  EXPECT_FALSE(words::advice(*advice).contains('{'));
  useLanguage("en");
}

TEST(English, HasBothFormsOfAllThatIsCounted) {
  std::size_t counted = 0;
  for (const auto& [context, source] : collected()) {
    // What is counted is a number of its own; "%1 times" says "1 times" one day.
    EXPECT_EQ(QString::fromStdString(source).indexOf("%1 times"), -1) << source;
    if (!QString::fromStdString(source).contains("%n")) continue;
    ++counted;
    const auto said = [&](int n) {
      return QCoreApplication::translate(context.c_str(), source.c_str(), nullptr, n);
    };
    useLanguage("en");
    const QString one = said(1);
    QTranslator forms;
    ASSERT_TRUE(forms.load(":/translations/calando_en.qm"));
    EXPECT_FALSE(forms.translate(context.c_str(), source.c_str(), nullptr, 1).isEmpty())
        << "scripts/texts en, and its forms: " << source;
    static const QRegularExpression wrong("(?<!%)\\b1 (?!less\\b|across\\b|plus\\b|is\\b|was\\b)[a-z]+s\\b");
    EXPECT_FALSE(wrong.match(one).hasMatch()) << one.toStdString();
    for (const int n : {0, 2, 5}) EXPECT_TRUE(said(n).contains(QString::number(n))) << said(n).toStdString();
    EXPECT_FALSE(one.contains("%n"));
  }
  EXPECT_GT(counted, 10u);
}

TEST(Pseudo, KeepsPlacesAndIsLongerByHalf) {
  const QString places = pseudo("Erase %1? {held_s:low}");
  EXPECT_TRUE(places.startsWith("[EEraasee %1? {held_s:low}")) << places.toStdString();
  const QString text = "The figures of the take, note by note";
  EXPECT_GE(pseudo(text).size(), 3 * text.size() / 2);
}

}  // namespace
}  // namespace calando
