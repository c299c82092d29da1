#pragma once
#include "record/base/json.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// Reads a raw record of the present schema, or of an earlier one that is brought forward first.
/// @param fromSchema1 what the method changes after bringCommonForward  @param read throws Json::exception
template <class Read>
[[nodiscard]] auto readRecord(const Json& json, const std::string& where, void (*fromSchema1)(Json&),
                              Read read) {
    return readDocument(where, [&] {
        if (json.at("schema").get<int>() > 1)
            return read(json);
        Json forward = json;
        bringCommonForward(forward);
        fromSchema1(forward);
        return read(forward);
    });
}

} // namespace fusain
