#include "core/catalogue/equations.hpp"

#include <cmath>
#include <fstream>
#include <gtest/gtest.h>
#include <set>
#include <sstream>

// Every equation of the catalogue against values that tests/vectors/equations.py computed from the published
// forms.
TEST(Catalogue, GivesWhatAnIndependentImplementationGives) {
    std::ifstream file(FUSAIN_SOURCE_DIR "/tests/vectors/equations.tsv");
    std::set<std::string> held;
    for (std::string line; std::getline(file, line);) {
        if (line.starts_with('#'))
            continue;
        std::istringstream row(line);
        std::string id, arguments, expected;
        ASSERT_TRUE(std::getline(row, id, '\t') && std::getline(row, arguments, '\t') &&
                    std::getline(row, expected))
            << line;
        std::map<std::string, std::string> given;
        std::istringstream parts(arguments);
        for (std::string part; parts >> part;)
            given[part.substr(0, part.find('='))] = part.substr(part.find('=') + 1);
        const auto value = fusain::evaluateEquation(id, given);
        ASSERT_TRUE(value) << line << ": " << value.error().english();
        const double wanted = std::stod(expected);
        EXPECT_NEAR(value->value, wanted, 1e-10 * std::max(1.0, std::abs(wanted))) << line;
        held.insert(id);
    }
    for (const fusain::Equation& equation : fusain::equationCatalogue())
        EXPECT_TRUE(held.contains(std::string(equation.id))) << equation.id << " has no vector";
}
