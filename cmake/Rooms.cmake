# A room is a folder of a floor: a library that sees its own headers and those of the rooms it links, no others.
#
# The headers of room X/Y are reached as "X/Y/file.hpp" through an include directory that holds nothing but a link
# named X/Y. A room that does not link another has no directory in which that one's headers could be found, so an
# include upward, or from one method to another, is an error of the compiler and not of a reviewer.

# The target of a room or floor: "record/tank" becomes fusain_record_tank; what is no room stays as it is.
function(fusain_targets out)
  set(targets)
  foreach(name ${ARGN})
    if(name MATCHES "^[a-z]+(/[a-z]+)+$")
      string(REPLACE "/" "_" name "fusain_${name}")
    endif()
    list(APPEND targets ${name})
  endforeach()
  set(${out} ${targets} PARENT_SCOPE)
endfunction()

# fusain_room(record/tank LINKS record/method core/hydrostatic PRIVATE core/catalogue)
#   LINKS    rooms and libraries that the headers of the room name
#   PRIVATE  those that only its sources name
#   QT       the room has classes with signals
#   HEADERS  the target whose precompiled header its sources begin with
function(fusain_room room)
  cmake_parse_arguments(ROOM "QT" "HEADERS" "LINKS;PRIVATE" ${ARGN})
  fusain_targets(target ${room})
  fusain_targets(links ${ROOM_LINKS})
  fusain_targets(private ${ROOM_PRIVATE})
  set(root ${CMAKE_BINARY_DIR}/rooms/${target})
  cmake_path(GET room PARENT_PATH above)
  file(MAKE_DIRECTORY ${root}/${above})
  file(CREATE_LINK ${CMAKE_SOURCE_DIR}/src/${room} ${root}/${room} SYMBOLIC)
  file(GLOB sources CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/src/${room}/*.cpp)
  file(GLOB headers CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/src/${room}/*.hpp)
  if(sources)
    add_library(${target} STATIC ${sources} ${headers})
    target_include_directories(${target} PUBLIC ${root})
    target_link_libraries(${target} PUBLIC ${links} PRIVATE ${private} fusain_warnings)
    if(ROOM_QT)
      set_target_properties(${target} PROPERTIES AUTOMOC ON)
    endif()
    if(ROOM_HEADERS)
      target_precompile_headers(${target} REUSE_FROM ${ROOM_HEADERS})
    endif()
  else()
    add_library(${target} INTERFACE)
    target_include_directories(${target} INTERFACE ${root})
    target_link_libraries(${target} INTERFACE ${links})
  endif()
  set_property(GLOBAL APPEND PROPERTY FUSAIN_ROOMS ${room})
endfunction()

# A floor as a whole, for the programs and the tests: all rooms that begin with its name.
function(fusain_floor floor)
  add_library(fusain_${floor} INTERFACE)
  get_property(rooms GLOBAL PROPERTY FUSAIN_ROOMS)
  foreach(room ${rooms})
    if(room MATCHES "^${floor}/")
      fusain_targets(target ${room})
      target_link_libraries(fusain_${floor} INTERFACE ${target})
    endif()
  endforeach()
endfunction()
