#include "procedure/method/events.hpp"

#include "record/base/field_note.hpp"

namespace fusain {

void throwUnknownKind(const Event& event) {
    throw Json::other_error::create(501, "\"" + event.kind + "\" is an event that this version does not know",
                                    &*event.data);
}

Json withDefaults(const Event& event, Json defaults) {
    defaults.update(*event.data);
    return defaults;
}

void onlyKeys(const Event& event, std::initializer_list<const char*> required,
              std::initializer_list<const char*> optional) {
    std::vector<KnownKey> keys;
    for (const char* key : required)
        keys.push_back({key, true});
    for (const char* key : optional)
        keys.push_back({key, false});
    checkKeys(event.data, keys);
}

Json without(Json data, std::initializer_list<const char*> keys) {
    for (const char* key : keys)
        data.erase(key);
    return data;
}

void belongToTest(Attribution& reading, const RawTest& test, const Event& event) {
    if ((!reading.test.empty() && reading.test != test.id) ||
        (!reading.client.empty() && reading.client != test.subject.clientId))
        throw Json::other_error::create(501, "a reading belongs to another test", &*event.data);
    reading.test = test.id;
    reading.client = test.subject.clientId;
    if (reading.by.empty())
        reading.by = event.by;
}

} // namespace fusain
