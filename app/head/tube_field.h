#pragma once

#include <QComboBox>

#include "app/session/parts.h"

namespace calando {

struct TakeRequest;
struct Instrument;
/// The fingering of a take: chosen among the tubes of the instrument where a card asks for partials, typed in
/// the player's own words where it logs which one was tried.
class TubeField : public QComboBox {
  Q_OBJECT

 public:
  explicit TubeField(const Parts& parts, QWidget* parent = nullptr);
  /// What the wish says; nothing of that is an edit.
  void showWish(const TakeRequest& wish, const Instrument* instrument);

 private:
  void makeTyped(bool typed);
  void wishFor(const QString& name);

  const Parts& parts_;
};

}  // namespace calando
