#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QComboBox;
class QFormLayout;
class QLabel;
class QPushButton;
class QSpinBox;

namespace calando {

/// What is set once: words, names of the notes, sound, the folder, the language.
class SettingsPage : public QWidget {
  Q_OBJECT

 public:
  explicit SettingsPage(const Parts& parts);

 signals:
  void noteNamesChanged();
  void languageChanged();

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  QWidget* buildWords();
  void addNoteNames(QFormLayout& form);
  void addLanguage(QFormLayout& form);
  void setLanguage(const QString& code);
  QWidget* buildSound();
  QWidget* buildStudio();
  QWidget* buildRetention();
  void refreshRetention();
  void chooseOutput();

  const Parts& parts_;
  QComboBox* output_ = nullptr;
  QLabel* backedUp_ = nullptr;
  QPushButton *due_ = nullptr, *returnable_ = nullptr;
  QSpinBox* level_ = nullptr;
};

}  // namespace calando
