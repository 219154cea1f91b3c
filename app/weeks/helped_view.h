#pragma once

#include <QTextBrowser>

#include "app/session/parts.h"
#include "core/judging/history.h"

namespace calando {

/// What was tried with this student and what attention did, with how sure that is, in plain words.
class HelpedView : public QTextBrowser {
  Q_OBJECT

 public:
  explicit HelpedView(const Parts& parts);
  void refresh();

 private:
  QStringList triesText() const;
  QStringList attentionText() const;
  QStringList seenText() const;
  QStringList schoolText() const;
  /// A contrast, and in words what is held against what.
  struct Said {
    Contrast contrast;
    QString sides;
  };
  QStringList contrastText(const std::function<std::optional<Said>(const std::string& card,
                                                                   const std::string& figure)>& said) const;

  const Parts& parts_;
};

}  // namespace calando
