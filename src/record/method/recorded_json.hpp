#pragma once
#include "record/base/json.hpp"
#include "record/method/recorded.hpp"

namespace fusain {

// For the sources of the records only: this header names the library.

/// Writes a recording under `key`, or the name of its block, or nothing.
template <class Sample>
void setRecorded(Json& json, const char* key, const Recorded<Sample>& recorded) {
    if (!recorded.block.empty())
        json[key] = blockJson(recorded.block);
    if (recorded.samples.empty())
        return;
    std::vector<double> rows;
    for (const Sample& sample : recorded.samples)
        for (const double number : RecordedAs<Sample>::numbers(sample))
            rows.push_back(number);
    json[key] = recordingJson(RecordedAs<Sample>::columns, rows);
}

/// Reads what setRecorded wrote; throws Json::exception for readDocument.
template <class Sample>
Recorded<Sample> recordedIn(const Json& json, const char* key) {
    Recorded<Sample> recorded;
    const auto part = json.find(key);
    if (part == json.end())
        return recorded;
    recorded.block = blockOf(*part);
    if (!recorded.block.empty())
        return recorded;
    constexpr std::size_t width = RecordedAs<Sample>::columns.size();
    const std::vector<double> rows = rowsOf(*part, RecordedAs<Sample>::columns);
    for (std::size_t at = 0; at < rows.size(); at += width)
        recorded.samples.push_back(
            RecordedAs<Sample>::sample(std::span(rows).subspan(at).template first<width>()));
    return recorded;
}

} // namespace fusain
