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
  target_compile_options(dowel_settings INTERFACE -fsanitize=${DOWEL_SANITIZE} -fno-sanitize-recover=all -fno-omit-frame-pointer)
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

# Headers of others that most rooms read, compiled once: dowel_headers for rooms, dowel_json_headers where JSON is read too. The
# presets for looking closely do without (CMAKE_DISABLE_PRECOMPILE_HEADERS), so that a missing include shows.
set(DOWEL_COMMON_HEADERS <Eigen/Dense> <algorithm> <array> <cmath> <complex> <functional> <limits> <map> <memory> <numbers>
    <optional> <set> <span> <sstream> <string> <string_view> <utility> <variant> <vector>)
function(dowel_headers name)
  cmake_parse_arguments(HEADERS "" "" "HEADERS;LINKS" ${ARGN})
  file(WRITE "${CMAKE_BINARY_DIR}/headers/${name}.cpp.new" "// Holds headers compiled once.\n")
  file(COPY_FILE "${CMAKE_BINARY_DIR}/headers/${name}.cpp.new" "${CMAKE_BINARY_DIR}/headers/${name}.cpp" ONLY_IF_DIFFERENT)
  add_library(${name} STATIC "${CMAKE_BINARY_DIR}/headers/${name}.cpp")
  target_link_libraries(${name} PRIVATE dowel_settings Eigen3::Eigen ${HEADERS_LINKS})
  target_precompile_headers(${name} PRIVATE ${DOWEL_COMMON_HEADERS} ${HEADERS_HEADERS})
endfunction()

# dowel_room(NAME SOURCES ... LINKS ... [HEADERS TARGET]): one library target a room; what it may include stands in layers.txt.
# HEADERS: whose compiled headers it begins with; "none" where it is compiled with options of its own.
function(dowel_room name)
  cmake_parse_arguments(ROOM "" "HEADERS" "SOURCES;LINKS;PRIVATE_LINKS" ${ARGN})
  add_library(dowel_${name} STATIC ${ROOM_SOURCES})
  target_link_libraries(dowel_${name} PUBLIC dowel_settings ${ROOM_LINKS} PRIVATE ${ROOM_PRIVATE_LINKS})
  if(NOT ROOM_HEADERS)
    set(ROOM_HEADERS dowel_headers)
  endif()
  if(NOT ROOM_HEADERS STREQUAL "none")
    target_precompile_headers(dowel_${name} REUSE_FROM ${ROOM_HEADERS})
  endif()
endfunction()
