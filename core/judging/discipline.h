#pragma once

#include <optional>
#include <span>
#include <string_view>

#include "core/exercise/accompaniment.h"
#include "core/figures/ink.h"
#include "core/judging/history.h"

/// What is practised: exercises of one discipline are asked for, heard, shown and followed alike. Everything
/// that differs by discipline is a row; nobody outside of core asks a card what it is of.
namespace calando {

struct Context;
struct Exercise;

/// By what a card says which tone it wants.
enum class AskedBy {
  note,
  tube,  ///< the fingering whose partials are played
  ear    ///< nobody says: it is heard
};

/// A figure that is followed over the weeks, as a column.
struct WeekColumnRow {
  WeekFigure figure;
  std::string_view title;  ///< for people, in English
  int decimals;
  Ink ink;
};

struct Discipline {
  std::string_view id;
  bool (*is)(const Exercise& card);  ///< the first row that says yes
  AskedBy askedBy = AskedBy::note;
  std::string_view picture = {};  ///< what it is drawn as, whatever its cues are; empty: they say it
  /// What may be heard with it; the first where nothing is said.
  std::span<const AccompanimentKind> accompaniments = {};
  std::string_view cue = "note";  ///< what one of its cues is called, for people
  std::string_view cues = "Notes";
  bool byRange = true;        ///< its figures are shown along the range
  bool reaches = true;        ///< unscored, it explores how far the instrument reaches
  bool changesTubes = false;  ///< a partial is told with its tube
  bool roams = false;     ///< the pitch may be anywhere: told in spans and semitones, with the air between
  bool ofAir = false;     ///< air is measured: nothing may change it on its way, open breaths are learnt
  bool withCare = false;  ///< read what to mind first; can be over for the day; rests are owed
  std::span<const WeekColumnRow> weeks = {};
  std::string_view noWeeks = {};  ///< what is said where there are none yet
};

/// In the order in which they are asked.
std::span<const Discipline> disciplines();
const Discipline& disciplineOf(const Exercise& card);
/// As it is played: without a card, or on a part of the instrument, by what is known of it.
const Discipline& disciplineOf(const Context& context);

/// What a card brings along to be heard with it; nullopt: nothing of its own.
std::optional<AccompanimentKind> accompanimentOf(const Exercise& card);

}  // namespace calando
