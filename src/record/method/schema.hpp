#pragma once
#include "record/method/record_fields.hpp"

namespace fusain {

/// Reads a raw record of the present schema, or of an earlier one that is brought forward first.
/// @param fromSchema1 what the method changes after bringCommonForward
template <class Test>
[[nodiscard]] Expected<Test> readRecord(const Json& json, const std::string& where, void (*fromSchema1)(Json&),
                                        const Fields<Test>& fields) {
    return readDocument(where, [&] {
        if (json.at("schema") != 1) { // an unknown one is refused by the table
            checkReadings(json);
            return fields.read(json);
        }
        if (json.contains("result_seen"))
            throw Json::other_error::create(501, "schema is 1, but result_seen came with schema 2", &json);
        Json forward = json;
        bringCommonForward(forward);
        fromSchema1(forward);
        checkReadings(forward);
        return fields.read(forward);
    });
}

} // namespace fusain
