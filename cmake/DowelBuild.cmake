# SPDX-License-Identifier: GPL-3.0-or-later
# Settings that every target shares, and the one way to declare a room.

add_library(dowel_settings INTERFACE)
target_compile_features(dowel_settings INTERFACE cxx_std_20)
target_include_directories(dowel_settings INTERFACE "${PROJECT_SOURCE_DIR}/src")
target_compile_options(dowel_settings INTERFACE -Wall -Wextra -Wconversion -Wshadow -Werror)
target_compile_definitions(dowel_settings INTERFACE QT_NO_CAST_FROM_ASCII QT_NO_CAST_TO_ASCII QT_NO_KEYWORDS
                                                    QT_NO_FOREACH QT_DISABLE_DEPRECATED_BEFORE=0x060400)
if(DOWEL_SANITIZE)
  target_compile_options(dowel_settings INTERFACE -fsanitize=address,undefined -fno-sanitize-recover=all
                                                  -fno-omit-frame-pointer)
  target_link_options(dowel_settings INTERFACE -fsanitize=address,undefined)
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

# dowel_room(NAME SOURCES ... LINKS ...): one library target a room; what it may include stands in layers.txt.
function(dowel_room name)
  cmake_parse_arguments(ROOM "" "" "SOURCES;LINKS;PRIVATE_LINKS" ${ARGN})
  add_library(dowel_${name} STATIC ${ROOM_SOURCES})
  target_link_libraries(dowel_${name} PUBLIC dowel_settings ${ROOM_LINKS} PRIVATE ${ROOM_PRIVATE_LINKS})
endfunction()
