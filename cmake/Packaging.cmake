# What `cmake --install` and CPack put where.
install(TARGETS fusain fusain-calc fusain-instruments RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(DIRECTORY data/ ${FUSAIN_PAGE_LANGUAGES} DESTINATION ${CMAKE_INSTALL_DATADIR}/fusain/data)
install(FILES packaging/invalid.fusain.Fusain.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES packaging/invalid.fusain.Fusain.mime.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages
  RENAME invalid.fusain.Fusain.xml)
install(FILES packaging/invalid.fusain.Fusain.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES packaging/invalid.fusain.Fusain.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
install(FILES packaging/fusain.1 packaging/fusain-calc.1 DESTINATION ${CMAKE_INSTALL_MANDIR}/man1)
install(FILES LICENSE README.md CHANGELOG.md DESTINATION ${CMAKE_INSTALL_DOCDIR})
install(DIRECTORY docs/formats docs/science DESTINATION ${CMAKE_INSTALL_DOCDIR})

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME fusain)
set(CPACK_PACKAGE_CONTACT "The Fusain developers <fusain@fusain.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "Workbench of a body-composition laboratory")
set(CPACK_DEBIAN_PACKAGE_SECTION science)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
# The SQLite driver and the display plug-ins are loaded at run time, so that shlibdeps cannot see them.
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6sql6-sqlite, qt6-qpa-plugins")
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
include(CPack)
