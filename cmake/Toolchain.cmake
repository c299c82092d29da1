# Everything that decides how the code is compiled: cache, linker, warnings, sanitizers.
find_program(CCACHE ccache)
if(CCACHE)
  # Without these two a unit that uses a precompiled header is never found again in the cache.
  set(CMAKE_CXX_COMPILER_LAUNCHER ${CMAKE_COMMAND} -E env CCACHE_SLOPPINESS=pch_defines,time_macros ${CCACHE})
  add_compile_options($<$<AND:$<COMPILE_LANGUAGE:CXX>,$<CXX_COMPILER_ID:GNU>>:-fpch-preprocess>)
endif()
find_program(MOLD mold)
if(MOLD)
  add_link_options(-fuse-ld=mold)
endif()
if(NOT CMAKE_BUILD_TYPE)
  set(CMAKE_BUILD_TYPE Release CACHE STRING "" FORCE)
endif()
# The journal and the procedures rely on assert() for programming mistakes: NDEBUG is taken back, whatever flags the
# user sets for a release.
add_compile_options($<$<CONFIG:Release>:-UNDEBUG>)
add_compile_definitions(QT_NO_CAST_TO_ASCII QT_NO_KEYWORDS)
# No path of the machine that built it in a binary.
add_compile_options(-ffile-prefix-map=${CMAKE_SOURCE_DIR}=. -ffile-prefix-map=${CMAKE_BINARY_DIR}=build)
set(CMAKE_SKIP_INSTALL_RPATH ON)
add_library(fusain_warnings INTERFACE)
target_compile_options(fusain_warnings INTERFACE $<$<COMPILE_LANGUAGE:CXX>:-Wall -Wextra -Wpedantic -Wconversion -Wshadow>)
if(FUSAIN_STRICT)
  target_compile_options(fusain_warnings INTERFACE -Werror)
endif()
# GCC 12 reports a false array-bounds inside std::map when the JSON library's diagnostics are inlined.
if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
  target_compile_options(fusain_warnings INTERFACE $<$<COMPILE_LANGUAGE:CXX>:-Wno-array-bounds>)
endif()
if(FUSAIN_SANITIZE)
  add_compile_options(-fsanitize=address,undefined -fno-omit-frame-pointer -fno-sanitize-recover=undefined)
  add_link_options(-fsanitize=address,undefined)
  # The instrumented code makes GCC see uninitialised reads that are not there (its manual says so); the sanitizers
  # look for the real ones.
  add_compile_options(-Wno-maybe-uninitialized)
endif()
