# Writes one C++ source that holds the JSON catalogues, so that the programs run from anywhere.
# Catalogues are longer than the 65,536 characters that every compiler must take; those we use take them.
# Usage: cmake -DOUT=file.cpp -DDIR=data -P EmbedData.cmake
set(text "// Made from data/*.json by cmake/EmbedData.cmake.\n#include \"data/catalogue_text.h\"\n\n#ifdef __clang__\n#pragma clang diagnostic ignored \"-Woverlength-strings\"\n#endif\n\nnamespace calando::data {\n")
foreach(name instruments levels advice exercises lessons players tubes cautions)
  file(READ "${DIR}/${name}.json" json)
  string(APPEND text "const std::string_view ${name} = R\"json~(${json})json~\";\n")
endforeach()
string(APPEND text "}  // namespace calando::data\n")
file(WRITE "${OUT}" "${text}")
