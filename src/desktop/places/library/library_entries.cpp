#include "desktop/places/library/library_entries.hpp"

#include "core/catalogue/equations.hpp"
#include "desktop/services/lab_policies.hpp"
#include "desktop/services/lab_references.hpp"
#include "desktop/services/session.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QRegularExpression>
#include <algorithm>
#include <set>

namespace fusain::desktop {
namespace {

QString tr(const char* text) {
    return QObject::tr(text);
}

// Several equations give one quantity: their authors distinguish them.
QString titleWithAuthor(const Equation& equation) {
    static const QRegularExpression authorAndYear(QStringLiteral("^(\\S+?),? .*?\\((\\d{4})\\)"));
    const QString title = report::say(equation.title);
    const auto found = authorAndYear.match(report::plain(equation.citation));
    return !found.hasMatch() || title.contains(found.captured(1))
               ? title
               : QStringLiteral("%1, %2 %3").arg(title, found.captured(1), found.captured(2));
}

// An equation belongs to the methods of which some policy uses it.
LibraryGroup equations(const LabCatalogue& catalogue) {
    std::map<std::string, QStringList> users;
    for (const AnyPolicy& policy : catalogue.policies)
        for (const std::string& id : equationsOf(policy))
            users[id] << report::plain(methodOf(policy));
    LibraryGroup group{tr("Equations"), {}};
    for (const Equation& equation : equationCatalogue())
        group.entries.push_back({LibraryKind::Equation, titleWithAuthor(equation), report::plain(equation.id),
                                 users[std::string(equation.id)]});
    return group;
}

LibraryGroup references(const LabCatalogue& catalogue) {
    LibraryGroup group{tr("Reference sets"), {}};
    const auto quantities = referenceQuantities();
    for (const auto& set : catalogue.references) {
        const auto quantity = std::ranges::find(quantities, set.quantity, &ReferenceQuantity::id);
        const QString of =
            quantity == quantities.end() ? report::plain(set.quantity) : report::say(quantity->title);
        group.entries.push_back({LibraryKind::Reference, tr("%1: %2").arg(of, report::say(set.title)),
                                 report::plain(set.id),
                                 set.method.empty() ? QStringList() : QStringList{report::plain(set.method)}});
    }
    return group;
}

LibraryGroup protocols(const LabCatalogue& catalogue) {
    LibraryGroup group{tr("Protocols"), {}};
    for (const auto& protocol : catalogue.protocols)
        group.entries.push_back({LibraryKind::Protocol,
                                 report::say(std::string_view(protocol.title)),
                                 report::plain(protocol.id),
                                 {report::plain(protocol.method)}});
    return group;
}

LibraryGroup policies(const LabCatalogue& catalogue) {
    LibraryGroup group{tr("Policies"), {}};
    for (const AnyPolicy& policy : catalogue.policies)
        group.entries.push_back({LibraryKind::Policy,
                                 report::say(std::string_view(common(policy).title)),
                                 report::plain(common(policy).id),
                                 {report::plain(methodOf(policy))}});
    return group;
}

LibraryGroup terms(const Glossary& glossary) {
    LibraryGroup group{tr("Glossary"), {}};
    for (const GlossaryTerm& term : glossary.terms)
        group.entries.push_back(
            {LibraryKind::Term, report::say(std::string_view(term.lab)), report::plain(term.id), {}});
    return group;
}

// A lab book of the demo carries the true bodies that its instruments measured.
LibraryGroup truths(store::LabBook& book) {
    LibraryGroup group{tr("True bodies of the demo's people"), {}};
    for (const Client& client : book.clients())
        if (!book.setting("truth." + client.id).empty())
            group.entries.push_back(
                {LibraryKind::Truth, report::plain(client.code), report::plain(client.id), {}});
    return group;
}

} // namespace

std::vector<LibraryGroup> libraryEntries(Session& session) {
    const LabCatalogue& catalogue = session.catalogue();
    std::vector<LibraryGroup> groups{equations(catalogue), references(catalogue),     protocols(catalogue),
                                     policies(catalogue),  terms(catalogue.glossary), truths(session.book())};
    std::erase_if(groups, [](const LibraryGroup& group) { return group.entries.empty(); });
    return groups;
}

std::set<std::string> usedNow(Session& session) {
    std::set<std::string> used;
    for (const std::string_view method : methods) {
        const AnyPolicy& policy = session.policies().inForce(method);
        used.insert(common(policy).id);
        used.insert(session.protocolFor(method).id);
        for (const std::string& id : equationsOf(policy))
            used.insert(id);
    }
    for (const auto& set : session.catalogue().references)
        if (session.references().chosenFor(set.quantity) == &set)
            used.insert(set.id);
    return used;
}

} // namespace fusain::desktop
