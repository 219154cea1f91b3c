#pragma once

#include <QMainWindow>
#include <memory>

#include "app/parts/commands.h"
#include "app/session/parts.h"
#include "core/engine/snapshot_ptr.h"

class QPushButton;
class QStackedWidget;
class QVBoxLayout;

namespace calando {

class Assembly;
class Input;
class Studio;
class HeadStrip;
class LessonView;
class Rail;
class MessageBar;
class Mirror;
class PostPage;
class Readout;
class SettingsPage;
class ShelfView;
class SourceBox;
class TakeView;

/// The one window: puts the panels together, binds the keys, and asks what only a window can ask.
class MainWindow : public QMainWindow {
  Q_OBJECT

 public:
  explicit MainWindow(Studio studio, std::vector<std::shared_ptr<Input>> inputs = {});
  ~MainWindow() override;

  void openFiles(const QStringList& files);
  const Parts& parts() const;
  /// Nothing is being recorded, analysed or waited for.
  bool idle() const;
  SnapshotPtr shownSnapshot() const;
  /// It was closed only to be made anew, in another language.
  bool wantedAgain() const { return again_; }
  void showSettings();

 protected:
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void closeEvent(QCloseEvent* event) override;

 private:
  void buildPlaces();
  void helpHere();
  QWidget* buildLesson();
  QWidget* buildRight();
  QWidget* buildActions();
  void bindKeys();
  void bindSession();
  void bindPicture();
  void offerComparing(QPushButton& button);
  void bindComparing();
  void fitToScreen();
  void setUnseen(bool unseen);
  void refreshPicture();
  void refreshEmptyText();
  void chooseFiles();
  void editOrder();
  void editCard(const std::string& exercise);
  void exportShown();
  bool mayClose();
  void closeNow();

  std::unique_ptr<Assembly> assembly_;
  const Parts& parts_;
  CommandKeys keys_{*this};
  Rail* rail_;
  QStackedWidget* places_;
  PostPage* post_ = nullptr;
  MessageBar* message_ = nullptr;
  QVBoxLayout *overTake_ = nullptr, *overPlaces_ = nullptr;  // where messages stand: in the lesson, elsewhere
  HeadStrip* head_ = nullptr;
  LessonView* lesson_ = nullptr;
  Mirror* mirror_ = nullptr;
  TakeView* take_ = nullptr;
  Readout* readout_ = nullptr;
  ShelfView* shelf_ = nullptr;
  QWidget *left_ = nullptr, *right_ = nullptr;
  SourceBox* source_ = nullptr;
  SettingsPage* settings_ = nullptr;
  QPushButton* play_ = nullptr;
  std::vector<QPushButton*> actions_;
  bool closing_ = false, again_ = false;
};

}  // namespace calando
