#pragma once
#include <cmath>
#include <cstdlib>
#include <fstream>
#include <gtest/gtest.h>
#include <sstream>
#include <string>
#include <vector>

namespace fusain::testing {

/// What a long calculation gave when somebody last looked at it: a change of any of its numbers or words is
/// noticed. Whether they are right is for the tests against values from elsewhere. After a change that is meant:
/// `FUSAIN_KEEP=1 build/tests/test_core --gtest_filter='Kept*'`, and read the difference.
class Kept {
public:
    explicit Kept(const std::string& name)
        : path_(std::string(FUSAIN_SOURCE_DIR) + "/tests/data/kept/" + name + ".txt") {}
    Kept(const Kept&) = delete;
    Kept& operator=(const Kept&) = delete;
    ~Kept() {
        if (std::getenv("FUSAIN_KEEP"))
            std::ofstream(path_) << text_.str();
        else
            compare();
    }
    /// One line: what it is, and what it gave.
    template <class... Value>
    void line(const std::string& what, const Value&... values) {
        text_ << what;
        (put(values), ...);
        text_ << '\n';
    }

private:
    void put(double value) {
        char digits[32];
        std::snprintf(digits, sizeof digits, " %.7g", value);
        text_ << digits;
    }
    void put(const std::vector<double>& values) {
        for (const double value : values)
            put(value);
    }
    void put(int value) { text_ << ' ' << value; }
    void put(bool value) { text_ << (value ? " yes" : " no"); }
    void put(const std::string& words) { text_ << " \"" << words << '"'; }
    void put(const char* words) { put(std::string(words)); }
    void put(std::string_view words) { put(std::string(words)); }

    // The last bits of another compiler do not count.
    static bool same(const std::string& one, const std::string& other) {
        if (one == other)
            return true;
        char *endOne = nullptr, *endOther = nullptr;
        const double a = std::strtod(one.c_str(), &endOne), b = std::strtod(other.c_str(), &endOther);
        return endOne && *endOne == '\0' && endOther && *endOther == '\0' && !one.empty() && !other.empty() &&
               std::abs(a - b) <= 1e-9 + 2e-6 * std::max(std::abs(a), std::abs(b));
    }
    static bool sameNumbers(const std::string& one, const std::string& other) {
        std::istringstream a(one), b(other);
        std::string x, y;
        while (a >> x)
            if (!(b >> y) || !same(x, y))
                return false;
        return !(b >> y);
    }
    // What is between quotes is printed as it is: there every digit counts.
    static bool sameLine(const std::string& one, const std::string& other) {
        std::istringstream a(one), b(other);
        std::string x, y;
        for (bool quoted = false; std::getline(a, x, '"'); quoted = !quoted)
            if (!std::getline(b, y, '"') || !(quoted ? x == y : sameNumbers(x, y)))
                return false;
        return !std::getline(b, y, '"');
    }
    void compare() const {
        std::ifstream file(path_);
        ASSERT_TRUE(file.is_open()) << path_;
        std::istringstream now(text_.str());
        int different = 0, lines = 0;
        std::string kept, given;
        while (std::getline(file, kept)) {
            ++lines;
            if (!std::getline(now, given))
                given = "(nothing)";
            if (!sameLine(kept, given) && ++different <= 5)
                ADD_FAILURE() << path_ << ':' << lines << "\n  kept:  " << kept << "\n  given: " << given;
        }
        EXPECT_FALSE(std::getline(now, given)) << "more than was kept: " << given;
        EXPECT_GT(lines, 0);
        EXPECT_EQ(different, 0) << "lines differ";
    }

    std::string path_;
    std::ostringstream text_;
};

/// The same scatter on every machine, about 0 with a standard deviation of 1.
class Scatter {
public:
    double operator()() {
        double sum = 0.0;
        for (int i = 0; i < 12; ++i) {
            state_ = state_ * 6364136223846793005ULL + 1442695040888963407ULL;
            sum += static_cast<double>(state_ >> 11) / 9007199254740992.0;
        }
        return sum - 6.0;
    }

private:
    unsigned long long state_ = 20261129;
};

} // namespace fusain::testing
