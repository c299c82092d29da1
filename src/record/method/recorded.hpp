#pragma once
#include "record/base/json_fwd.hpp"

#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace fusain {

/// The samples of one recording, or the name of the block in which a lab book keeps them: lists and results
/// need no samples.
template <class Sample>
struct Recorded {
    std::vector<Sample> samples; ///< empty when nothing was recorded, or when they stand in the block
    std::string block;           ///< empty when the samples are here
    Recorded() = default;
    Recorded(std::vector<Sample> of) : samples(std::move(of)) {} // NOLINT(google-explicit-constructor)
    [[nodiscard]] bool empty() const { return samples.empty() && block.empty(); }
};

/// How a sample stands in a document: the names of its columns, time first, and its numbers in that order. Each
/// method says it for its own samples (`columns`, `numbers`, `sample`).
template <class Sample>
struct RecordedAs;

/// The key under which a recording that stands elsewhere has its name.
inline constexpr std::string_view blockKey = "block";

/// Whether this part of a document is a recording written out: an object whose members are equally long lists
/// of numbers with plain names, `time_s` among them.
[[nodiscard]] bool isRecording(const Json& part);
/// The name of the block, when this part of a document is a recording that stands elsewhere; else empty.
[[nodiscard]] std::string blockOf(const Json& part);

/// Columns as they stand in a document, as numbers of single precision: far finer than any instrument, and the
/// same when they come back out of a block. @param rows one after another, each as long as `columns`
[[nodiscard]] Json recordingJson(std::span<const std::string_view> columns, std::span<const double> rows);
/// The rows of a recording, one after another; throws Json::exception, for readDocument, when the columns are
/// not there, differ in length or do not fit single precision.
[[nodiscard]] std::vector<double> rowsOf(const Json& recording, std::span<const std::string_view> columns);
/// A recording that stands in the block of this name.
[[nodiscard]] Json blockJson(const std::string& name);

} // namespace fusain
