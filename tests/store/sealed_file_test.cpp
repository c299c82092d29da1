// A file under a passphrase comes back as it was, or not at all.
#include "store/book/sealed_file.hpp"

#include <QFile>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace fusain::store::sealed_file_test {
namespace {

const SealingCost cheap{1, 8192};
const std::string words = "correct horse", others = "battery staple";

class Sealed : public ::testing::Test {
protected:
    [[nodiscard]] QString file(const char* name) const { return folder.filePath(QLatin1String(name)); }
    static void put(const QString& path, const QByteArray& contents) {
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
        file.write(contents);
    }
    static QByteArray at(const QString& path) {
        QFile file(path);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray("(nothing)");
    }
    QTemporaryDir folder;
};

TEST_F(Sealed, ComesBackAsItWas) {
    for (const int length : {0, 1, 65535, 65536, 65537, 200000}) {
        QByteArray contents(length, '\0');
        for (int i = 0; i < length; ++i)
            contents[i] = static_cast<char>(i * 31 + i / 256);
        put(file("plain"), contents);
        for (const char* left : {"sealed", "back"})
            QFile::remove(file(left));
        ASSERT_TRUE(sealFile(file("plain"), file("sealed"), words, cheap)) << length;
        EXPECT_TRUE(isSealed(file("sealed")));
        EXPECT_FALSE(isSealed(file("plain")));
        EXPECT_FALSE(length > 10 && at(file("sealed")).contains(contents.left(10)));
        ASSERT_TRUE(unsealFile(file("sealed"), file("back"), words)) << length;
        EXPECT_EQ(at(file("back")), contents) << length;
    }
}

TEST_F(Sealed, AWrongPassphraseOpensNothing) {
    put(file("plain"), "Ailsa Brandvold");
    EXPECT_FALSE(sealFile(file("plain"), file("sealed"), "short", cheap));
    ASSERT_TRUE(sealFile(file("plain"), file("sealed"), words, cheap));
    EXPECT_FALSE(sealFile(file("plain"), file("sealed"), words, cheap)); // never over a file
    const auto refused = unsealFile(file("sealed"), file("back"), others);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("passphrase"), std::string::npos);
    EXPECT_FALSE(QFile::exists(file("back")));
    EXPECT_FALSE(QFile::exists(file("back.partial")));
}

// Each place of a short file changed, and a long one cut, lengthened and with its pieces in another order.
TEST_F(Sealed, WhatIsDamagedIsNoticedAndLeavesNothing) {
    put(file("plain"), "Ailsa Brandvold");
    ASSERT_TRUE(sealFile(file("plain"), file("sealed"), words, cheap));
    const QByteArray whole = at(file("sealed"));
    const auto comesBack = [&](const QByteArray& contents) {
        put(file("damaged"), contents);
        const bool opened = unsealFile(file("damaged"), file("back"), words).has_value();
        EXPECT_EQ(QFile::exists(file("back")), opened);
        QFile::remove(file("back"));
        return opened;
    };
    EXPECT_TRUE(comesBack(whole));
    for (qsizetype place = 0; place < whole.size(); ++place) {
        QByteArray changed = whole;
        changed[place] = static_cast<char>(changed[place] ^ 1);
        EXPECT_FALSE(comesBack(changed)) << place;
    }
    put(file("plain"), QByteArray(150000, 'x'));
    QFile::remove(file("sealed"));
    ASSERT_TRUE(sealFile(file("plain"), file("sealed"), words, cheap));
    const QByteArray longer = at(file("sealed"));
    const qsizetype head = 16 + 16 + 16 + 24, one = 65536 + 17;
    EXPECT_FALSE(comesBack(longer.left(head + one)));
    EXPECT_FALSE(comesBack(longer + 'x'));
    EXPECT_FALSE(comesBack(longer.left(head) + longer.mid(head + one, one) + longer.mid(head, one) +
                           longer.mid(head + 2 * one)));
}

} // namespace
} // namespace fusain::store::sealed_file_test
