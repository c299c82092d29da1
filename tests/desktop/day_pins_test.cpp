// Short numbers for the bench: for one day, after a passphrase, and gone after three wrong ones.
#include "desktop/services/day_pins.hpp"

#include <gtest/gtest.h>

namespace fusain::desktop::day_pins_test {
namespace {

constexpr SealingCost cheap{1, 8192};
const Instant morning = *instantFromIso("2026-03-12T07:40:00.000Z");
const Instant evening = *instantFromIso("2026-03-12T19:40:00.000Z");
const Instant tomorrow = *instantFromIso("2026-03-13T07:40:00.000Z");

TEST(DayPins, OpenForTheirOwnDigitsOnTheirDay) {
    DayPins pins(cheap);
    EXPECT_FALSE(pins.opens("bram", "4821", morning));
    ASSERT_TRUE(pins.choose("bram", "4821", morning));
    EXPECT_TRUE(pins.has("bram", evening));
    EXPECT_TRUE(pins.opens("bram", "4821", evening));
    EXPECT_FALSE(pins.opens("bram", "4822", evening));
    EXPECT_FALSE(pins.opens("bram", "", evening));
    EXPECT_FALSE(pins.opens("oriel", "4821", evening));
    EXPECT_FALSE(pins.has("bram", tomorrow));
    EXPECT_FALSE(pins.opens("bram", "4821", tomorrow));
}

TEST(DayPins, AreDigitsAndShorterThanAnyPassphrase) {
    DayPins pins(cheap);
    for (const char* pin : {"", "482", "482a", "48 1", "48213764", "٤٨٢١"})
        EXPECT_FALSE(pins.choose("bram", pin, morning)) << pin;
    EXPECT_FALSE(pins.has("bram", morning));
    for (const char* pin : {"4821", "4821376"})
        EXPECT_TRUE(pins.choose("bram", pin, morning)) << pin;
}

TEST(DayPins, AreGoneAfterThreeWrongOnesInARow) {
    DayPins pins(cheap);
    ASSERT_TRUE(pins.choose("bram", "4821", morning));
    for (int guess = 1; guess < DayPins::attempts; ++guess)
        EXPECT_FALSE(pins.opens("bram", "0000", morning));
    EXPECT_TRUE(pins.opens("bram", "4821", morning));                // which ends the row
    EXPECT_FALSE(pins.opens("bram", "a whole passphrase", morning)); // is no attempt
    for (int guess = 1; guess <= DayPins::attempts; ++guess)
        EXPECT_FALSE(pins.opens("bram", "0000", morning));
    EXPECT_FALSE(pins.has("bram", morning));
    EXPECT_FALSE(pins.opens("bram", "4821", morning));
}

} // namespace
} // namespace fusain::desktop::day_pins_test
