#include "store/book/erasure.hpp"

#include "record/base/json.hpp"
#include "store/book/identity.hpp"

namespace fusain::store {
namespace {

// What is left of somebody: the code, what equations need, and the year.
Client underTheCode(const Client& client) {
    Client left;
    left.id = client.id;
    left.code = left.name = client.code;
    left.birthDate = Date{client.birthDate.year(), std::chrono::January, std::chrono::day{1}};
    left.sex = client.sex;
    left.height = client.height;
    left.units = client.units;
    return left;
}

} // namespace

Expected<ErasureLeft> eraseClient(LabBook& book, const std::string& id, const std::string& by,
                                  const std::string& reason) {
    if (book.identities().locked()) // what is left of somebody would be made of nothing
        return tl::unexpected(identitiesAreSealed());
    const auto client = book.client(id);
    if (!client || reason.empty())
        return failure({client ? FUSAIN_TEXT("Erasing a client needs a reason.")
                               : FUSAIN_TEXT("This client is not in the lab book."),
                        {}},
                       {}, {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (auto done = book.note(kinds::clientErased, id, by,
                              {{"reason", reason}, {"left", toJson(underTheCode(*client))}});
        !done)
        return tl::unexpected(done.error());
    book.clearTraces();
    ErasureLeft left; // what can be read still was never sealed
    for (const Event& event : book.eventsOf(id))
        left.inClear += event.kind == kinds::clientSaved && event.data->contains("name");
    return left;
}

} // namespace fusain::store
