#pragma once
#include "record/base/calendar.hpp"
#include "record/base/field_note.hpp"
#include "record/base/json_fwd.hpp"

namespace fusain {

/// How a number came into the record.
enum class Origin { Typed, Link, File };

/// Whose a reading is, who took it, when, and how it came. A reading hands this to the procedure with what its
/// way in knows (the test that it was recorded for, the device, the link or file); the procedure refuses what
/// belongs to another test or client and completes the rest.
struct Attribution {
    Origin origin = Origin::Typed;
    std::string device;   ///< as the lab calls it; empty for a typed reading
    std::string link;     ///< address of the link, or name of the file; empty for a typed reading
    std::string test;     ///< id of the test that it was taken for
    std::string client;   ///< id of the client
    std::string by;       ///< staff id of who accepted it
    int missingLines = 0; ///< that the link lost while the reading was recorded
    Instant at;           ///< when it was accepted
    /// Sequence of the test's last event when the recording began, for the procedure alone: what was set up
    /// after it is not what the reading was taken under. Nothing for a typed reading; not kept.
    std::optional<std::int64_t> afterEvent = {};

    /// Typed into the test that is open.
    [[nodiscard]] static Attribution typed() { return {}; }
    /// Recorded from a device for a test.
    [[nodiscard]] static Attribution overLink(std::string test, std::string device, std::string link) {
        return {Origin::Link, std::move(device), std::move(link), std::move(test), {}, {}, 0, {}};
    }
    /// Read from a file that somebody chose, or that a folder brought, for a test.
    [[nodiscard]] static Attribution fromFile(std::string test, std::string device, std::string file) {
        return {Origin::File, std::move(device), std::move(file), std::move(test), {}, {}, 0, {}};
    }
};

/// What a person with clothes and a chair can weigh, kg.
inline constexpr Limits massLimits = aboveUpTo(0.0, 500.0);

/// One reading with the moment it was accepted and whose it is.
struct Reading : Attribution {
    double value = 0.0; ///< in the unit that the field's name states
    Reading() = default;
    Reading(Attribution from, double reads) : Attribution(std::move(from)), value(reads) {}
};

[[nodiscard]] Json toJson(const Reading& reading);
/// Reads a mass on a scale, in kg; throws Json::exception for readDocument.
[[nodiscard]] Reading massFromJson(const Json& json);

} // namespace fusain
