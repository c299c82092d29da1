#pragma once
#include "report/pages/test_report.hpp"

#include <QProcess>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusain::testing {

/// What a program prints.
inline QString outputOf(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    process.waitForFinished();
    return QString::fromUtf8(process.readAllStandardOutput()).simplified();
}

/// The words of a document, as another program reads them out of its PDF.
inline QString textOf(const report::PageFlow& pages) {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("pages.pdf"));
    EXPECT_TRUE(report::writePdf(pages, path, QStringLiteral("Report")));
    return outputOf(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), path, QStringLiteral("-")});
}

} // namespace fusain::testing
