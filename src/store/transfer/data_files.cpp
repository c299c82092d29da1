#include "store/transfer/data_files.hpp"

#include "record/base/json.hpp"
#include "record/lab/reference_json.hpp"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <algorithm>

namespace fusain::store {
namespace {

// Every document of every *.json file in a folder; a file holds one document or a list of them.
template <class List, class Read>
Expected<void> readAll(const QString& folder, List& target, Read read) {
    const QDir dir(folder);
    for (const QString& name : dir.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        const auto json = readJsonFile(dir.filePath(name));
        if (!json)
            return tl::unexpected(json.error());
        const Json list = json->is_array() ? *json : Json::array({*json});
        for (const Json& document : list) {
            auto item = read(document, dir.filePath(name).toStdString());
            if (!item)
                return tl::unexpected(item.error());
            target.push_back(std::move(*item));
        }
    }
    if (target.empty())
        return failure({FUSAIN_TEXT("No data files were found."), {}}, folder.toStdString(),
                       {FUSAIN_TEXT("Install Fusain again, or set FUSAIN_DATA."), {}});
    return {};
}

} // namespace

QString dataFolder() {
    if (const QString chosen = qEnvironmentVariable("FUSAIN_DATA"); !chosen.isEmpty())
        return chosen;
    // The build tree has the same folders as an installed copy (cmake/Data.cmake): no path stands in the
    // program.
    return QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/fusain/data"));
}

Expected<Json> readJsonFile(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return failure({FUSAIN_TEXT("The file cannot be read."), {}}, path.toStdString(),
                       {FUSAIN_TEXT("Check the name and the permissions."), {}});
    if (file.size() > 64 * 1024 * 1024)
        return failure({FUSAIN_TEXT("The file is larger than 64 MB; a record never is."), {}},
                       path.toStdString());
    return parseJson(file.readAll().toStdString(), path.toStdString());
}

Expected<LabCatalogue> readCatalogue(const QString& folder) {
    LabCatalogue catalogue;
    if (auto done = readAll(folder + QStringLiteral("/policies"), catalogue.policies, anyPolicyFromJson); !done)
        return tl::unexpected(done.error());
    if (auto done = readAll(folder + QStringLiteral("/protocols"), catalogue.protocols, protocolFromJson);
        !done)
        return tl::unexpected(done.error());
    if (auto done = readAll(folder + QStringLiteral("/references"), catalogue.references, referenceFromJson);
        !done)
        return tl::unexpected(done.error());
    if (auto done = readAll(folder + QStringLiteral("/quality"), catalogue.instruments, instrumentFromJson);
        !done)
        return tl::unexpected(done.error());
    if (auto done =
            readAll(folder + QStringLiteral("/interpretation"), catalogue.keyPoints, keyPointRuleFromJson);
        !done)
        return tl::unexpected(done.error());
    std::vector<PreparationTexts> preparation;
    if (auto done = readAll(folder + QStringLiteral("/preparation"), preparation, preparationFromJson); !done)
        return tl::unexpected(done.error());
    catalogue.preparation = std::move(preparation.front());
    std::vector<PlanningPolicy> planning;
    if (auto done = readAll(folder + QStringLiteral("/planning"), planning, planningFromJson); !done)
        return tl::unexpected(done.error());
    catalogue.planning = std::move(planning.front());
    std::vector<ScreeningQuestions> screening;
    if (auto done = readAll(folder + QStringLiteral("/screening"), screening, screeningQuestionsFromJson);
        !done)
        return tl::unexpected(done.error());
    catalogue.screening = std::move(screening.front());
    std::vector<Glossary> glossaries;
    if (auto done = readAll(folder + QStringLiteral("/glossary"), glossaries, glossaryFromJson); !done)
        return tl::unexpected(done.error());
    catalogue.glossary = std::move(glossaries.front());
    const QString practice = folder + QStringLiteral("/practice");
    if (auto done = readAll(practice + QStringLiteral("/cases"), catalogue.practice, practiceCaseFromJson);
        !done)
        return tl::unexpected(done.error());
    if (auto done = readAll(practice + QStringLiteral("/acts"), catalogue.practiceActs, practiceActFromJson);
        !done)
        return tl::unexpected(done.error());
    if (auto done =
            readAll(practice + QStringLiteral("/readings"), catalogue.readings, readingExerciseFromJson);
        !done)
        return tl::unexpected(done.error());
    for (const Protocol& protocol : catalogue.protocols)
        if (std::ranges::find(methods, protocol.method) == methods.end())
            return failure({FUSAIN_TEXT("\"{1}\" is not a known method."), {protocol.method}},
                           folder.toStdString() + "/protocols");
    for (const std::string_view method : methods)
        if (std::ranges::none_of(catalogue.policies,
                                 [&](const AnyPolicy& each) { return methodOf(each) == method; }) ||
            std::ranges::none_of(catalogue.protocols,
                                 [&](const Protocol& each) { return each.method == method; }))
            return failure({FUSAIN_TEXT("There is no policy or no protocol for {1}."), {std::string(method)}},
                           folder.toStdString(),
                           {FUSAIN_TEXT("Install Fusain again, or set FUSAIN_DATA."), {}});
    return catalogue;
}

} // namespace fusain::store
