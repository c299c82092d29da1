#include "link/connection/frame.hpp"
#include "support/property.hpp"

namespace fusain::link::frame_test {
namespace {

TEST(Frame, RoundTripsEveryNumber) {
    fusain::testing::holdsFor("format and parse", [] {
        Frame frame{
            "load-cell",
            *rc::gen::inRange<unsigned long>(0, 1000000),
            {{"kg", *rc::gen::inRange(-90000, 90000) / 7.0}, {"t", *rc::gen::inRange(0, 100000) / 50.0}}};
        const auto back = parseFrame(formatFrame(frame));
        RC_ASSERT(back.has_value());
        RC_ASSERT(back->sequence == frame.sequence);
        RC_ASSERT(back->values == frame.values);
    });
}

TEST(Frame, TheChecksumIsTheSumOfTheBytes) {
    EXPECT_EQ(checksumOf("A"), 65u);
    EXPECT_EQ(checksumOf(std::string(4, '\x40')), 0u); // 256 wraps to 0
}

TEST(Frame, OneWrongCharacterIsRefused) {
    const std::string line = formatFrame({"thermometer", 7, {{"c", 34.2}}});
    for (std::size_t i = 0; i < line.size(); ++i) {
        std::string damaged = line;
        damaged[i] = damaged[i] == '9' ? '8' : static_cast<char>(damaged[i] + 1);
        EXPECT_FALSE(parseFrame(damaged)) << damaged;
    }
    for (std::size_t length = 0; length < line.size(); ++length)
        EXPECT_FALSE(parseFrame(line.substr(0, length)));
}

TEST(Frame, GarbageNeverPasses) {
    fusain::testing::holdsFor("random bytes", [] {
        std::string bytes;
        for (const int byte : *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 256)))
            bytes += static_cast<char>(byte);
        RC_ASSERT(!parseFrame(bytes).has_value());
    });
    EXPECT_FALSE(parseFrame("load-cell 1 kg=nan *00"));
}

TEST(LineAssembler, CutsAnywhereAndDropsEndlessLines) {
    LineAssembler lines;
    EXPECT_TRUE(lines.add("ab").empty());
    EXPECT_EQ(lines.add("c\r\nde\n\nf"), (std::vector<std::string>{"abc", "de"}));
    EXPECT_EQ(lines.add("\n"), std::vector<std::string>{"f"});
    EXPECT_TRUE(lines.add(std::string(100000, 'x') + "\n").empty());
    EXPECT_EQ(lines.dropped(), 1u);
    EXPECT_EQ(lines.add("ok\n"), std::vector<std::string>{"ok"});
}

} // namespace
} // namespace fusain::link::frame_test
