# The build tree holds its data where an installed copy does, beside bin/: programs and tests find it in the same way
# and need no path of the machine that built them.
set(FUSAIN_BUILT_DATA ${CMAKE_BINARY_DIR}/share/fusain/data)
set(FUSAIN_PAGE_LANGUAGES ${FUSAIN_BUILT_DATA}/page-languages)
file(MAKE_DIRECTORY ${FUSAIN_PAGE_LANGUAGES})
file(GLOB shelves CONFIGURE_DEPENDS LIST_DIRECTORIES true ${CMAKE_SOURCE_DIR}/data/*)
foreach(shelf ${shelves})
  cmake_path(GET shelf FILENAME name)
  file(CREATE_LINK ${shelf} ${FUSAIN_BUILT_DATA}/${name} SYMBOLIC)
endforeach()
