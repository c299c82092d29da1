# A floor is a static library that sees only its own headers and those of the floors it links.
#
# The headers of floor X are reached as "X/room/file.hpp" through an include directory that holds nothing but a
# link named X. A floor that does not link Y has no directory in which "Y/..." could be found, so an include
# upward is an error of the compiler, not of a reviewer.
function(fusain_floor name)
  cmake_parse_arguments(FLOOR "QT" "" "LINKS" ${ARGN})
  set(target fusain_${name})
  set(root ${CMAKE_BINARY_DIR}/floors/${name})
  file(MAKE_DIRECTORY ${root})
  file(CREATE_LINK ${CMAKE_SOURCE_DIR}/src/${name} ${root}/${name} SYMBOLIC)
  file(GLOB_RECURSE sources CONFIGURE_DEPENDS ${CMAKE_CURRENT_SOURCE_DIR}/*.cpp)
  file(GLOB_RECURSE headers CONFIGURE_DEPENDS ${CMAKE_CURRENT_SOURCE_DIR}/*.hpp)
  add_library(${target} STATIC ${sources} ${headers})
  target_include_directories(${target} PUBLIC ${root})
  target_link_libraries(${target} PUBLIC ${FLOOR_LINKS} PRIVATE fusain_warnings)
  if(FLOOR_QT)
    set_target_properties(${target} PROPERTIES AUTOMOC ON)
    target_compile_definitions(${target} PUBLIC QT_NO_CAST_TO_ASCII QT_NO_KEYWORDS)
  endif()
endfunction()
