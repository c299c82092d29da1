#include "record/base/fingerprint.hpp"

#include "record/base/json.hpp"

#include <array>
#include <cstdio>
#include <sodium.h>

namespace fusain {
namespace {

void write(const Json& node, std::string& text) {
    if (node.is_number()) {
        std::array<char, 32> digits{};
        std::snprintf(digits.data(), digits.size(), "%.9g", node.get<double>());
        text += digits.data();
    } else if (node.is_structured()) {
        for (const auto& [key, value] : node.items()) {
            text += key + ':';
            write(value, text);
            text += ';';
        }
    } else {
        text += node.dump();
    }
}

} // namespace

std::string hashOf(const std::string& text) {
    std::array<unsigned char, 32> digest{};
    crypto_generichash(digest.data(), digest.size(), reinterpret_cast<const unsigned char*>(text.data()),
                       text.size(), nullptr, 0);
    std::array<char, 65> hexadecimal{};
    sodium_bin2hex(hexadecimal.data(), hexadecimal.size(), digest.data(), digest.size());
    return hexadecimal.data();
}

std::string fingerprintOf(const Json& document) {
    std::string text;
    write(document, text);
    return hashOf(text).substr(0, 16);
}

} // namespace fusain
