# SPDX-License-Identifier: GPL-3.0-or-later
# Settings that every target shares, and the one way to declare a room.

add_library(dowel_settings INTERFACE)
target_compile_features(dowel_settings INTERFACE cxx_std_20)
target_include_directories(dowel_settings INTERFACE "${PROJECT_SOURCE_DIR}/src")
target_compile_options(dowel_settings INTERFACE -Wall -Wextra -Wconversion -Wshadow
                       $<$<BOOL:${DOWEL_WERROR}>:-Werror>)
target_compile_definitions(dowel_settings INTERFACE QT_NO_CAST_FROM_ASCII QT_NO_CAST_TO_ASCII QT_NO_KEYWORDS
                                                    QT_NO_FOREACH QT_DISABLE_DEPRECATED_BEFORE=0x060400)
if(DOWEL_SANITIZE)
  target_compile_options(dowel_settings INTERFACE -fsanitize=${DOWEL_SANITIZE} -fno-sanitize-recover=all -fno-omit-frame-pointer
                         # What the compiler guesses of code it has put checks into is often wrong (gcc's manual, -fsanitize).
                         -Wno-maybe-uninitialized)
  target_link_options(dowel_settings INTERFACE -fsanitize=${DOWEL_SANITIZE})
endif()
if(DOWEL_COVERAGE)
  target_compile_options(dowel_settings INTERFACE --coverage -fprofile-update=atomic)
  target_link_options(dowel_settings INTERFACE --coverage)
endif()

if(DOWEL_FUZZ)
  if(NOT CMAKE_CXX_COMPILER_ID STREQUAL "Clang")
    message(FATAL_ERROR "Fuzzing needs clang++: cmake --preset fuzz")
  endif()
  target_compile_options(dowel_settings INTERFACE -fsanitize=fuzzer-no-link,address,undefined -fno-sanitize-recover=all
                                                  -fno-omit-frame-pointer)
  target_link_options(dowel_settings INTERFACE -fsanitize=address,undefined)
endif()

# Complex products without the library call that repairs infinities, where the compiler can be told.
include(CheckCXXCompilerFlag)
check_cxx_compiler_flag(-fcx-limited-range DOWEL_HAS_LIMITED_RANGE)
set(DOWEL_QUICK_COMPLEX $<$<BOOL:${DOWEL_HAS_LIMITED_RANGE}>:-fcx-limited-range>)

# Headers that most sources of a part of the program read, compiled once for it: dowel_headers(NAME HEADERS... LINKS...), which its
# targets take up by dowel_share_headers(). The sources of a room are compiled as one (a unity build), since parsing and
# instantiating the same templates is most of the time: one by one, fit, forecast, plan and layout took three times as long. The
# presets for looking closely do without either (DOWEL_QUICK_BUILD=OFF), so that a missing include or a name defined twice shows.
option(DOWEL_QUICK_BUILD "Compile common headers once and the sources of a room as one" ON)
set(DOWEL_STD_HEADERS <algorithm> <array> <chrono> <cmath> <complex> <functional> <limits> <map> <memory> <numbers> <optional> <set>
    <span> <sstream> <string> <string_view> <utility> <variant> <vector>)
function(dowel_headers name)
  if(NOT DOWEL_QUICK_BUILD)
    return()
  endif()
  cmake_parse_arguments(HEADERS "" "" "HEADERS;LINKS;OPTIONS" ${ARGN})
  file(WRITE "${CMAKE_BINARY_DIR}/headers/${name}.cpp.new" "// Holds headers compiled once.\n")
  file(COPY_FILE "${CMAKE_BINARY_DIR}/headers/${name}.cpp.new" "${CMAKE_BINARY_DIR}/headers/${name}.cpp" ONLY_IF_DIFFERENT)
  add_library(${name} STATIC "${CMAKE_BINARY_DIR}/headers/${name}.cpp")
  target_link_libraries(${name} PRIVATE dowel_settings ${HEADERS_LINKS})
  target_compile_options(${name} PRIVATE ${HEADERS_OPTIONS})
  target_precompile_headers(${name} PRIVATE ${DOWEL_STD_HEADERS} ${HEADERS_HEADERS})
endfunction()
function(dowel_share_headers target from)
  if(DOWEL_QUICK_BUILD)
    target_precompile_headers(${target} REUSE_FROM ${from})
    get_target_property(type ${target} TYPE)
    if(type STREQUAL "EXECUTABLE") # as the headers were compiled, which also serve libraries
      target_compile_options(${target} PRIVATE -fPIC)
    endif()
  endif()
endfunction()
function(dowel_compile_together target)
  if(DOWEL_QUICK_BUILD)
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE 0)
    # The Parts of a class may hold what is its source's own: together, that looks as if a header did it.
    target_compile_options(${target} PRIVATE $<$<CXX_COMPILER_ID:GNU>:-Wno-subobject-linkage>)
  endif()
endfunction()

# dowel_room(NAME SOURCES ... LINKS ... [HEADERS TARGET]): one library target a room; what it may include stands in
# layers.txt. HEADERS: whose compiled headers it begins with; "none" where it is compiled with options of its own.
function(dowel_room name)
  cmake_parse_arguments(ROOM "" "HEADERS" "SOURCES;LINKS;PRIVATE_LINKS" ${ARGN})
  add_library(dowel_${name} STATIC ${ROOM_SOURCES})
  target_link_libraries(dowel_${name} PUBLIC dowel_settings ${ROOM_LINKS} PRIVATE ${ROOM_PRIVATE_LINKS})
  if(NOT ROOM_HEADERS)
    set(ROOM_HEADERS dowel_core_headers)
  endif()
  if(NOT ROOM_HEADERS STREQUAL "none")
    dowel_share_headers(dowel_${name} ${ROOM_HEADERS})
  endif()
  dowel_compile_together(dowel_${name})
endfunction()
