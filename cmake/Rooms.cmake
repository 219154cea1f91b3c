# A room is a folder and a library of its own, named after it (core/signal: core_signal). Its headers are seen by those
# who use it and by nobody else: each room has an include root that holds nothing but itself, and what it uses passes
# on what that uses. That what a room names is what its sources include, and that docs/architecture.md shows it, is
# held by tests/core/rooms_test.cpp.
#
#   calando_room(core/signal USES core/maths core/pitch [LIBS …] [HIDDEN …] [OPTIONS …] [PCH <vector> … | SHARES core_base])
#
# PROGRAM: a program of that name instead, of whom nobody sees anything.
# LIBS: libraries of others that its headers show; HIDDEN: those that only its sources do. PCH: headers of others,
# precompiled; SHARES: those of another room.
set(CALANDO_ROOMS ${CMAKE_BINARY_DIR}/rooms.txt)
file(WRITE ${CALANDO_ROOMS} "")

function(calando_room room)
  cmake_parse_arguments(ARG "" "SHARES;PROGRAM" "USES;LIBS;HIDDEN;OPTIONS;PCH;SOURCES" ${ARGN})
  string(REPLACE "/" "_" name ${room})
  string(REPLACE "/" "_" uses "${ARG_USES}")
  file(GLOB sources CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/${room}/*.cpp ${CMAKE_SOURCE_DIR}/${room}/*.h)
  if(ARG_PROGRAM)
    set(name ${ARG_PROGRAM})
    add_executable(${name} ${sources} ${ARG_SOURCES})
  else()
    add_library(${name} STATIC ${sources} ${ARG_SOURCES})
  endif()

  set(root ${CMAKE_BINARY_DIR}/rooms/${name})
  file(REMOVE_RECURSE ${root})
  file(MAKE_DIRECTORY ${root}/${room})
  foreach(header ${sources})
    if(header MATCHES "/([^/]+\\.h)$")
      file(CREATE_LINK ${header} ${root}/${room}/${CMAKE_MATCH_1} SYMBOLIC)
    endif()
  endforeach()
  target_include_directories(${name} PUBLIC ${root})

  target_link_libraries(${name} PUBLIC ${uses} ${ARG_LIBS} PRIVATE calando_flags ${ARG_HIDDEN})
  target_compile_options(${name} PRIVATE ${ARG_OPTIONS})
  if(ARG_PCH)
    target_precompile_headers(${name} PRIVATE ${ARG_PCH})
  elseif(ARG_SHARES)
    target_precompile_headers(${name} REUSE_FROM ${ARG_SHARES})
  endif()
  # What Qt's headers cost is paid once a room, not once a file.
  if(CALANDO_UNITY AND room MATCHES "^app")
    set_target_properties(${name} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE 12)
  endif()
  string(REPLACE ";" " " listed "${ARG_USES}")
  file(APPEND ${CALANDO_ROOMS} "${room}: ${listed}\n")
endfunction()
