#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "app/words/post_words.h"

class QComboBox;
class QLabel;
class QPlainTextEdit;
class QPushButton;

namespace calando {

/// What one student sent, item by item, and the answer to it.
class SentCard : public QWidget {
  Q_OBJECT

 public:
  explicit SentCard(const Parts& parts);
  void setStudent(std::optional<std::int64_t> student);
  /// As it was made, or as the teacher changed it; empty where nothing is marked.
  QString answerOf(std::int64_t student) const;

 signals:
  void nextWanted();
  void writeWanted();

 private:
  void connectOwn();
  void refresh();
  words::Reader readerOf(std::int64_t student) const;
  QString next() const;

  const Parts& parts_;
  QLabel *name_, *about_, *items_;
  QComboBox* reader_;
  QPlainTextEdit* answer_;
  QPushButton *keepBest_, *remove_;
  std::optional<std::int64_t> student_;
  bool filling_ = false;
};

}  // namespace calando
