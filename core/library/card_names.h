#pragma once

#include "core/exercise/exercise.h"

/// What the values in a card are called, for reading and for writing it.
namespace calando {

inline constexpr Named<OnsetWanted> kOnsets[] = {{"any", OnsetWanted::any},
                                                 {"tongued", OnsetWanted::tongued},
                                                 {"breath", OnsetWanted::breath},
                                                 {"slurred", OnsetWanted::slurred}};
inline constexpr Named<Who> kWho[] = {
    {"both", Who::both}, {"partner", Who::partner}, {"player", Who::player}, {"voice", Who::voice}};
inline constexpr Named<Display> kDisplays[] = {
    {"shown", Display::shown}, {"after", Display::after}, {"hidden", Display::hidden}};
inline constexpr Named<PitchReference> kReferences[] = {
    {"equal", PitchReference::equal}, {"just", PitchReference::just}, {"home", PitchReference::home}};
inline constexpr Named<Against> kAgainst[] = {{"best", Against::best}, {"teacher", Against::teacher}};
inline constexpr Named<Generator::Kind> kGenerators[] = {{"scale", Generator::Kind::scale},
                                                         {"chromatic", Generator::Kind::chromatic},
                                                         {"series", Generator::Kind::series},
                                                         {"outward", Generator::Kind::outward},
                                                         {"climb", Generator::Kind::climb}};
inline constexpr Named<Grows::What> kGrows[] = {
    {"seconds", Grows::What::seconds}, {"tempo", Grows::What::tempo}, {"counts", Grows::What::counts}};
inline constexpr Named<CueNote::Kind> kNotes[] = {{"degree", CueNote::Kind::degree},
                                                  {"interval", CueNote::Kind::interval},
                                                  {"partial", CueNote::Kind::partial}};

inline constexpr const char* kDown = "down";  // of a partial

}  // namespace calando
