#pragma once
#include "core/base/problem.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <string>
#include <vector>

namespace fusain {

/// One concept and its words: the lab's stand on screens and lab copies, the client's on pages for clients.
struct GlossaryTerm {
    std::string id;
    std::string meaning; ///< said plainly
    std::string lab;
    std::string client; ///< empty where no client's page speaks of it
};

/// One concept, one word: docs/glossary.md.
struct Glossary {
    std::string id;
    std::vector<GlossaryTerm> terms;
    [[nodiscard]] const GlossaryTerm* find(const std::string& id) const;
};
[[nodiscard]] Expected<Glossary> glossaryFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind glossaryKind();

} // namespace fusain
