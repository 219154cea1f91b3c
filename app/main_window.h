#pragma once

#include <QMainWindow>
#include <QPixmap>
#include <QTemporaryDir>
#include <QTimer>
#include <deque>
#include <filesystem>
#include <optional>
#include <set>

#include "app/analyst.h"
#include "app/importing.h"
#include "app/live_take.h"
#include "app/message_bar.h"
#include "app/note_writer.h"
#include "app/player.h"
#include "app/take_picture.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/kept.h"
#include "records/studio.h"

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QMediaDevices;
class QPlainTextEdit;
class QProgressBar;
class QPushButton;
class QButtonGroup;
class QStackedWidget;
class QToolButton;

namespace calando {

class CueTable;
class FiguresView;
class LessonView;
class NoteMap;
class RibbonView;
class StaffView;

/// The one window: students and source on the left, what is asked for above, the ribbon in the middle,
/// figures and advice on the right, the shelf of takes below. It owns no arithmetic: core measures, records
/// keep, views draw.
class MainWindow : public QMainWindow {
  Q_OBJECT

 public:
  explicit MainWindow(Studio studio, QWidget* parent = nullptr);
  ~MainWindow() override;

  void openFiles(const QStringList& files);
  /// How much faster than real time the stand-in plays; for tests.
  void setStandInSpeed(double faster) { standInSpeed_ = faster; }
  /// Nothing is being recorded, analysed or waited for.
  bool idle() const;
  TakePicturePtr shownPicture() const { return picture_; }

 protected:
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  /// What a take is held against that was played to a heard count.
  enum class Count {
    asHeard,
    ownUnmeasured,  // the notes' own: the delay is not known
    ownStumbled     // the notes' own: sound was late or missing on its way
  };
  static constexpr std::int64_t kNoTake = -1;
  struct Opened {
    Take take;
    std::shared_ptr<std::vector<float>> samples;
    double rate_hz = 48000.0;
    std::shared_ptr<TakePicture> picture;
  };
  /// The answer that is to be on show once it comes; all others are too late.
  struct Awaited {
    Analyst::Ticket ticket;
    std::optional<std::int64_t> take;  // one of the shelf; else one that is being kept, shown or not
  };

  // Building
  QWidget* buildHead();
  QWidget* buildLeft();
  QWidget* buildRight();
  QWidget* buildShelf();
  QWidget* buildSource();
  QWidget* captioned(const QString& caption, QWidget* field);
  void buildKeys();
  void chooseFiles();
  void fillSources();

  // Students
  void loadStudents(std::optional<std::int64_t> select = {});
  void studentChosen();
  void editStudent(bool fresh);
  void eraseStudent();
  const Student* student() const;

  // Asking
  AskedFor asked() const;
  ExercisePtr card() const;  ///< of the chosen step
  void exerciseChosen();
  void showExerciseFields();
  void loadLesson();
  void loadOwnCards();
  void editCard(const std::string& exercise);
  std::optional<Rival> rival() const;
  std::string modelSetting() const;
  void updateResults();
  void oweRest();
  QString doseDone() const;
  void showAsked(const AskedFor& asked);
  void askedChanged();
  void updateInstrument();
  void nameNotes();
  void chooseNoteLanguage(NoteLanguage language);

  // Takes
  void toggleTake();
  void startTake();
  void stopTake();
  bool taking() const { return live_.running() && !calibration_; }
  Accompaniment accompaniment(const CueSheet& sheet, const Context& context) const;
  bool accompany(const Accompaniment& heard, const CueSheet& sheet);
  void calibrate();
  void chooseOutput();
  void applyOutput();
  void playCalibration();
  void finishCalibration();
  bool endCalibration();
  /// Measured delay from a click to its recording, of the chosen source and output.
  std::optional<double> latency() const;
  std::optional<double> countStart(const StreamClock& recording, double way_s) const;
  void placeCount(double played_s);
  void updateTiming();
  std::string latencySetting() const;
  std::optional<double> numberSetting(const std::string& name) const;
  void sourceChosen();
  /// Measures a take that was just played or found, and keeps it whatever is chosen meanwhile.
  void keepWhenMeasured(Analyst::Request request, const Student& student, Count count,
                        const std::optional<std::filesystem::path>& played);
  bool keep(const Analyst::Answer& answer, Count count, bool played, bool wanted);
  void saveElsewhere(const Analyst::Answer& answer);
  QStringList remarksOn(const Analyst::Answer& answer, Count count) const;
  void takenIn(const Analyst::Answer& answer, bool alone);
  void showImporting();
  void importingFinished(const QStringList& refused);
  void clearShown();
  void showTake(const Opened& opened);
  void showFigures();
  void loadShelf(std::optional<std::int64_t> select = {});
  void addToShelf(int row, const Studio::Summary* summary);
  void growShelf(const Analyst::Answer& answer);
  void shelfChosen();
  void showFromShelf(const Analyst::Answer& answer);
  void summariseNext();
  void keepSummary(std::int64_t take, const Studio::Summary& summary);
  void keepShown();
  std::vector<const Kept*> earlierReadings(std::size_t most) const;
  const Kept* keptOf(std::int64_t take) const;
  QString shelfText(const Take& take) const;
  std::map<std::string, std::vector<double>> earlierValues() const;
  void deleteTake();
  void undoDelete();
  void setWord(int word);
  void setAttention(int attention);
  void setComfort(int comfort);
  void setTried();
  void setModel();
  void showWords();
  void labelShelf(int row);
  /// The take on show, or the one that is awaited; kNoTake: none of the shelf.
  std::int64_t chosenTake() const;
  /// What was to be tried after the take before the one on show; empty for none.
  QString adviceBefore() const;
  bool isModel() const;  ///< the take on show is what the others of its step are held against
  void keepRemark();
  void compare(bool blind);
  void exportShown();
  void playOrStop();
  void setEarsFirst(bool on);
  void offerStrays();
  void lookAtStrays();
  void takeStrayIn(const Stray& stray, const Student& student);

  void say(const QString& text, const QString& action = {}, std::function<void()> act = {});
  /// Something was refused or lost: stays until it is answered.
  void sayLoss(const QString& text, const QString& action = {}, std::function<void()> act = {});
  /// A loss where it failed.
  bool worked(const Studio::Result<void>& result);
  bool mayClose();
  void showNoInput();
  void showInput(const InputState& state);
  void updateActions();

  Studio studio_;
  std::vector<Student> students_;
  std::vector<Take> takes_;
  std::optional<Opened> shown_;
  TakePicturePtr picture_;
  LiveTake live_;
  SoundPlayer player_;
  Analyst analyst_;
  Importing importing_{analyst_};
  NoteWriter noteWriter_{studio_};
  std::optional<Awaited> awaited_;
  int keeping_ = 0;  // takes that are being measured to be kept
  std::vector<Analyst::Ticket> comparing_;
  std::optional<std::filesystem::path> recording_;
  std::optional<std::filesystem::path> elsewhere_;  // recordings go there while the studio has no room
  Take sounding_;                                   // what the take that is being played was started with
  std::optional<double> countIn_s_;                 // of the take under way, where its count is heard
  QString timing_;
  std::string headStripOf_;                    // the step that the head strip was last set for
  std::map<std::int64_t, Kept> kept_;          // figures of the student's takes, by take
  std::map<std::int64_t, QPixmap> ribbons_;    // their small pictures
  std::map<std::int64_t, double> cutShort_s_;  // takes whose sound is shorter than it was
  std::deque<std::int64_t> unsummarised_;
  std::set<std::int64_t> unmeasurable_;  // not tried again
  std::optional<Analyst::Ticket> summarising_;
  std::optional<std::int64_t> deleted_;
  bool closing_ = false;
  double standInSpeed_ = 1.0;
  bool loading_ = false;
  struct DelayMeasuring {
    QTemporaryDir folder;
    std::string setting;  // to keep it in
    int left = 3;         // tries, where the sound stumbles
  };
  std::optional<DelayMeasuring> calibration_;  // while it goes on
  QTimer calibrationEnd_;
  std::uint32_t standInSeed_ = 1;

  QListWidget* studentList_ = nullptr;
  QPushButton* editStudent_ = nullptr;
  QPushButton* eraseStudent_ = nullptr;
  QComboBox* source_ = nullptr;
  QComboBox* playerProfile_ = nullptr;
  QPushButton* calibrate_ = nullptr;
  QPushButton* output_ = nullptr;
  QProgressBar* meter_ = nullptr;
  QLabel* inputRemark_ = nullptr;
  LessonView* lesson_ = nullptr;
  QWidget* tempoBox_ = nullptr;
  QWidget* holdBox_ = nullptr;
  QDoubleSpinBox* tempo_ = nullptr;
  QComboBox* support_ = nullptr;  // what is heard while an exercise runs
  QLabel* title_ = nullptr;
  QLabel* instrument_ = nullptr;
  StaffView* staff_ = nullptr;
  QLineEdit* note_ = nullptr;
  QDoubleSpinBox* seconds_ = nullptr;
  QComboBox* level_ = nullptr;
  QDoubleSpinBox* a4_ = nullptr;
  QComboBox* temperament_ = nullptr;
  QLabel* cardTuning_ = nullptr;  // in its place where the card has its own
  QPushButton* record_ = nullptr;
  QToolButton* autoStop_ = nullptr;
  QToolButton* earsFirst_ = nullptr;
  RibbonView* ribbon_ = nullptr;
  FiguresView* figures_ = nullptr;
  CueTable* cueTable_ = nullptr;
  NoteMap* noteMap_ = nullptr;
  QStackedWidget* readouts_ = nullptr;  // figures, cues
  QButtonGroup* readoutChoice_ = nullptr;
  QWidget* readoutRow_ = nullptr;
  QLabel* advice_ = nullptr;
  QLabel* why_ = nullptr;
  QButtonGroup* words_ = nullptr;
  QButtonGroup* attention_ = nullptr;
  QButtonGroup* comfort_ = nullptr;
  QToolButton* tried_ = nullptr;
  QToolButton* model_ = nullptr;
  QLineEdit* remark_ = nullptr;
  QPushButton* play_ = nullptr;
  QPushButton* export_ = nullptr;
  QPushButton* delete_ = nullptr;
  QPushButton* compare_ = nullptr;
  QListWidget* shelf_ = nullptr;
  MessageBar* messages_ = nullptr;
  QLabel* rest_ = nullptr;
  QTimer* restTimer_ = nullptr;
  int restLeft_s_ = 0;
  QMediaDevices* devices_ = nullptr;
};

}  // namespace calando
