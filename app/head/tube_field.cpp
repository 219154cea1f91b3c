#include "app/head/tube_field.h"

#include <QLineEdit>

#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/words/words.h"
#include "core/theory/tube.h"

namespace calando {

namespace {
constexpr int kTubeWidth = 104;
}

TubeField::TubeField(const Parts& parts, QWidget* parent) : QComboBox(parent), parts_(parts) {
  setObjectName("fingering");
  setFixedWidth(kTubeWidth);
  setInsertPolicy(NoInsert);
  connect(this, &QComboBox::currentIndexChanged, this, [this] {
    if (!isEditable()) wishFor(currentData().toString());
  });
  connect(this, &QComboBox::activated, this, [this] {
    if (isEditable()) wishFor(currentText());
  });
}

void TubeField::wishFor(const QString& name) {
  parts_.request.edit([said = name.trimmed().toStdString()](TakeRequest& w) { w.fingering = said; });
}

void TubeField::makeTyped(bool typed) {
  setToolTip(
      typed ? tr("The fingering that is tried, in your own words; those used before are in the list.")
            : tr("The tube that the partials are of: valves, slide, or the low note of a reed or flute."));
  if (isEditable() == typed) return;
  setEditable(typed);
  if (typed) connect(lineEdit(), &QLineEdit::editingFinished, this, [this] { wishFor(currentText()); });
}

void TubeField::showWish(const TakeRequest& wish, const Instrument* instrument) {
  const QSignalBlocker quiet(this);
  const bool typed = parts_.lesson.current()->logsFingerings;
  makeTyped(typed);
  clear();
  if (typed) {
    QStringList names;  // the newest first
    for (const PastTake& take : parts_.takes.past())
      if (take.exercise == wish.exercise && !take.fingering.empty()) names << words::plain(take.fingering);
    names.removeDuplicates();
    addItems(names);
    setCurrentText(words::plain(wish.fingering));
    return;
  }
  if (!instrument) return;
  for (const TubeSetting& setting : settingsOf(*instrument))
    addItem(words::setting(setting, *instrument), words::plain(setting.name));
  const std::string name = wish.fingering.empty() ? openSetting(*instrument).name : wish.fingering;
  setCurrentIndex(std::max(0, findData(words::plain(name))));
}

}  // namespace calando
