#pragma once
#include "record/method/record_fields.hpp"

namespace fusain {

/// Reads a raw record of the present schema, or of an earlier one that is brought forward first.
/// @param fromSchema1 what the method changes after bringCommonForward
template <class Test>
[[nodiscard]] Expected<Test> readRecord(const Json& json, const std::string& where, void (*fromSchema1)(Json&),
                                        const Fields<Test>& fields) {
    return readDocument(where, [&] {
        if (json.at("schema").get<int>() > 1) {
            checkReadings(json);
            return fields.read(json);
        }
        Json forward = json;
        bringCommonForward(forward);
        fromSchema1(forward);
        checkReadings(forward);
        return fields.read(forward);
    });
}

} // namespace fusain
