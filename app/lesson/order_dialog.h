#pragma once

#include <QDialog>
#include <optional>

#include "app/session/parts.h"

class QLabel;
class QLineEdit;
class QListWidget;

namespace calando {

struct Exercise;
class SheetPreview;

/// The library of cards, grouped by parts of the lesson and searched by typing, each with a small picture of
/// what it asks for on the count; those that are ticked are the lesson, in the order in which they stand.
class OrderDialog : public QDialog {
  Q_OBJECT

 public:
  OrderDialog(const Parts& parts, QWidget* parent);
  std::vector<std::string> order() const;
  /// What the order is called from now on; empty: nobody says so.
  std::string name() const;
  /// The card that is to be looked at and copied or changed.
  std::optional<std::string> wantedCard() const { return wanted_; }

 private:
  void addHead(const QString& text);
  void addCard(const Exercise& card, bool in);
  QWidget* buildCard();
  void filter(const QString& text);
  void showCard();
  void move(int by);

  const Parts& parts_;
  QLineEdit *search_, *name_;
  QListWidget* cards_;
  QLabel* title_;
  QLabel* text_;
  SheetPreview* preview_;
  std::optional<std::string> wanted_;
};

}  // namespace calando
