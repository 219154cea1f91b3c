#pragma once

#include <QWidget>
#include <optional>

#include "core/theory/instrument.h"

namespace calando {

/// The asked-for note on its staff, written, with the sounding name beside it. A click on the staff picks a
/// note; up and down move it by half a step, Delete frees it.
class StaffView : public QWidget {
  Q_OBJECT

 public:
  explicit StaffView(QWidget* parent = nullptr);
  void setInstrument(const Instrument* instrument);
  /// `spelling`: as it was typed; nullopt: as is usual.
  void setNote(std::optional<int> written, std::optional<Spelling> spelling = {});
  std::optional<int> note() const { return note_; }
  QSize sizeHint() const override { return {196, 80}; }
  QSize minimumSizeHint() const override { return {180, 80}; }

 signals:
  void notePicked(std::optional<int> written);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  Clef clef() const;
  int bottomLineStep() const;
  double yOf(int step) const;
  void pick(std::optional<int> written);

  const Instrument* instrument_ = nullptr;
  std::optional<int> note_;
  std::optional<Spelling> spelling_;
};

}  // namespace calando
