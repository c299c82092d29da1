#include "record/lab/glossary.hpp"

#include "record/base/fields.hpp"

#include <algorithm>

namespace fusain {
namespace {

const Fields<GlossaryTerm>& termFields() {
    static const auto fields = Fields<GlossaryTerm>("term")
                                   .required("id", &GlossaryTerm::id, "name of the term within the glossary")
                                   .required("meaning", &GlossaryTerm::meaning, "the concept, said plainly")
                                   .required("lab", &GlossaryTerm::lab, "words on screens and lab copies")
                                   .sparse("client", &GlossaryTerm::client, "words on pages for clients");
    return fields;
}

const Fields<Glossary>& glossaryFields() {
    static const auto fields =
        Fields<Glossary>("glossary")
            .format("fusain-glossary", 1, Presence::Required)
            .required("id", &Glossary::id, "name of the glossary")
            .list("terms", &Glossary::terms, termFields(), "one concept each", Presence::Required);
    return fields;
}

} // namespace

const GlossaryTerm* Glossary::find(const std::string& term) const {
    const auto found = std::ranges::find(terms, term, &GlossaryTerm::id);
    return found == terms.end() ? nullptr : &*found;
}

Expected<Glossary> glossaryFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return glossaryFields().read(json); });
}

DocumentKind glossaryKind() {
    return {"Glossary", glossaryFields().notes()};
}

} // namespace fusain
