#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>

class QPainter;
class QRectF;

namespace calando {
enum class Ink;
enum class Verdict;
}  // namespace calando

/// The one place for colours, type and sizes. Nothing is styled anywhere else.
namespace calando::style {

inline const QColor paper{0xF5, 0xF2, 0xEA};
inline const QColor sheet{0xFC, 0xFA, 0xF5};
inline const QColor ink{0x1E, 0x2A, 0x36};
inline const QColor quietInk{0x5D, 0x66, 0x70};
inline const QColor faintInk{0x8A, 0x8F, 0x94};  ///< of what cannot be pressed
inline const QColor rule{0xD8, 0xD2, 0xC4};
inline const QColor pitch{0x31, 0x40, 0x8F};
inline const QColor loudness{0xB9, 0x57, 0x3A};
inline const QColor colour{0x1C, 0x7A, 0x76};
inline const QColor air{0x6E, 0x8F, 0xB0};
inline const QColor attention{0x84, 0x30, 0x5F};
inline const QColor band{0xE9, 0xE4, 0xD6};
inline const QColor cleared{0xFC, 0xFA, 0xF5, 225};  ///< behind words that stand over a picture

// Five sizes of type, points, and one step of distance, pixels: everything is made of these.
inline constexpr double kSmallType = 9.0;
inline constexpr double kType = 10.0;
inline constexpr double kStrongType = 11.5;
inline constexpr double kTitleType = 17.0;
/// What a figure is drawn in.
const QColor& inkOf(Ink ink);

inline constexpr double kFigureType = 22.0;
inline constexpr int kStep = 4;
inline constexpr int kFinger = 32;  ///< pixels, of what is touched
inline constexpr int kHead = 64;    ///< pixels, of what stands above a page

QFont work(double points, bool strong = false);  ///< Inter, tabular figures
QFont serif(double points);                      ///< EB Garamond
QFont music(double points);                      ///< Noto Music

/// The shape of a verdict: filled disc inside, half disc near, open ring outside, short dash not measured,
/// dotted ring not yet.
void paintVerdict(QPainter& painter, const QRectF& box, Verdict verdict);
void paintTriangle(QPainter& painter, const QRectF& box, bool open);  ///< before what folds
QString verdictWord(Verdict verdict);
/// The shape for lists and tables, and an empty one of the same size.
QIcon verdictIcon(Verdict verdict);
QIcon noIcon();

}  // namespace calando::style
