#pragma once

#include <QObject>

namespace calando {

/// What people and files are called is text and nothing else. Installed on the application, it makes every
/// label plain before it is first seen and shows every tooltip as it is written: no name is ever taken for
/// markup, wherever it came from. Help pages, which are written in markup, are no labels.
class PlainText : public QObject {
 public:
  using QObject::QObject;

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
};

/// For where a button or a menu would take an ampersand for a key.
inline QString withoutKeys(QString text) { return text.replace('&', "&&"); }

}  // namespace calando
