#pragma once

#include <QWidget>
#include <vector>

class QButtonGroup;

namespace calando {

/// The places of the window, one word each, on a narrow rail: always the same student.
class Rail : public QWidget {
  Q_OBJECT

 public:
  struct Place {
    QString name;
    const char* command;
    bool atFoot = false;
  };
  explicit Rail(const std::vector<Place>& places);
  void choose(int place);

 signals:
  void chosen(int place);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  QButtonGroup* group_;
};

}  // namespace calando
