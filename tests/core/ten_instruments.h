#pragma once

#include <string>
#include <vector>

/// One and more of each family, for tests of what beginners meet: ids of the catalogue.
namespace calando {

inline const std::vector<std::string> kTenInstruments{
    "flute",      "oboe",   "clarinet-bb",       "alto-sax", "bassoon", "recorder-soprano",
    "trumpet-bb", "horn-f", "trombone-straight", "tuba-bb"};

}  // namespace calando
