// How numbers stand in the words around them.
#include "report/base/language.hpp"
#include "report/base/words.hpp"

#include <QLocale>
#include <gtest/gtest.h>

namespace fusain::report::words_test {
namespace {

class NumbersInWords : public ::testing::Test {
protected:
    void TearDown() override { QLocale::setDefault(QLocale(QLocale::English)); }
};

TEST_F(NumbersInWords, ANumberIsWrittenAsTheLanguageOfTheWindowWrites) {
    QLocale::setDefault(QLocale(QLocale::English));
    EXPECT_EQ(number(5.25, 2), QStringLiteral("5.25"));
    EXPECT_EQ(signedNumber(5.26, 1), QStringLiteral("+5.3"));
    EXPECT_EQ(signedNumber(-0.5, 1), QStringLiteral("−0.5"));
    QLocale::setDefault(QLocale(QLocale::German));
    EXPECT_EQ(number(1234.5, 1), QStringLiteral("1234,5"));
    EXPECT_EQ(signedNumber(-0.5, 1), QStringLiteral("−0,5"));
    EXPECT_EQ(number(12.0, 0), QStringLiteral("12"));
}

TEST_F(NumbersInWords, ANumberInAMessageToo_ACodeOrADateNot) {
    QLocale::setDefault(QLocale(QLocale::German));
    const Message message{"{1} kg, {2}, {3}, {4}, {5}", {"-4.50", "+0.1", "2026.03.12", "v1.2", "12"}};
    EXPECT_EQ(say(message), QStringLiteral("-4,50 kg, +0,1, 2026.03.12, v1.2, 12"));
}

TEST_F(NumbersInWords, AWrittenNumberToo_AndNothingElse) {
    QLocale::setDefault(QLocale(QLocale::German));
    EXPECT_EQ(written("83.01"), QStringLiteral("83,01"));
    EXPECT_EQ(written("-0.002"), QStringLiteral("-0,002"));
    EXPECT_EQ(written("3.1.2"), QStringLiteral("3.1.2"));
    EXPECT_EQ(written("Rev. 2"), QStringLiteral("Rev. 2"));
}

TEST_F(NumbersInWords, APageHasItsOwnLanguageWhateverTheWindowHas) {
    QLocale::setDefault(QLocale(QLocale::German));
    const InLanguage english(QStringLiteral("en"));
    EXPECT_EQ(number(5.25, 2), QStringLiteral("5.25"));
}

} // namespace
} // namespace fusain::report::words_test
