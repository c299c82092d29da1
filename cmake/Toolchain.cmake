# Everything that decides how the code is compiled: cache, linker, warnings, sanitizers.
find_program(CCACHE ccache)
if(CCACHE)
  set(CMAKE_CXX_COMPILER_LAUNCHER ${CCACHE})
  set(CMAKE_C_COMPILER_LAUNCHER ${CCACHE})
endif()
find_program(MOLD mold)
if(MOLD)
  add_link_options(-fuse-ld=mold)
endif()
if(NOT CMAKE_BUILD_TYPE)
  set(CMAKE_BUILD_TYPE Release CACHE STRING "" FORCE)
endif()
# The journal and the procedures rely on assert() for programming mistakes: keep it in every build.
set(CMAKE_CXX_FLAGS_RELEASE "-O2")
set(CMAKE_C_FLAGS_RELEASE "-O2")
add_library(fusain_warnings INTERFACE)
target_compile_options(fusain_warnings INTERFACE $<$<COMPILE_LANGUAGE:CXX>:-Wall -Wextra -Wpedantic -Wconversion -Wshadow -Werror>)
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
