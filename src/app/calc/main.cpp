#include "core/equations.hpp"
#include "exchange/hydrostatic_batch.hpp"
#include "exchange/impedance_batch.hpp"
#include "procedure/computed_test.hpp"
#include "record/reference_json.hpp"
#include "store/data_files.hpp"
#include "store/lab_book.hpp"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <QDir>
#include <cmath>
#include <cstdio>
#include <fmt/format.h>
#include <iostream>

namespace fusain {
namespace {

// Exit codes, as fusain-calc(1) documents them.
enum Exit { Done = 0, CannotCompute = 1, SomeRowsBad = 2, Unsound = 3 };

int complain(const Problem& problem) {
    std::cerr << "fusain-calc: " << problem.english() << '\n';
    return CannotCompute;
}

std::string jsonText(std::string_view text) {
    return Json(std::string(text)).dump();
}

int evaluate(const std::string& id, const std::vector<std::string>& pairs) {
    std::map<std::string, std::string> arguments;
    for (const std::string& pair : pairs) {
        const auto equals = pair.find('=');
        if (equals == std::string::npos)
            return complain({{FUSAIN_TEXT("\"{1}\" is not name=value."), {pair}}, {}, {}, {}});
        arguments[pair.substr(0, equals)] = pair.substr(equals + 1);
    }
    const auto value = evaluateEquation(id, arguments);
    if (!value)
        return complain(value.error());
    const Equation* equation = findEquation(id);
    std::string flags;
    for (const std::string& flag : value->flags)
        flags += (flags.empty() ? "" : ", ") + jsonText(flag);
    const auto number = [](double x) {
        return std::isfinite(x) ? fmt::format("{:.17g}", x) : std::string("null");
    };
    fmt::print("{{\"id\": {}, \"value\": {}, \"unit\": {}, \"standard_error\": {}, \"flags\": [{}], "
               "\"source\": {}}}\n",
               jsonText(id), number(value->value), jsonText(equation->unit),
               value->standardError ? number(*value->standardError) : "null", flags,
               jsonText(equation->citation));
    return Done;
}

Json describe(const Equation& equation) {
    Json inputs = Json::array();
    for (const EquationInput& input : equation.inputs) {
        Json entry{{"name", input.name}, {"description", input.description}};
        if (input.isSex())
            entry["choices"] = {"male", "female"};
        else
            entry.update({{"unit", input.unit}, {"minimum", input.minimum}, {"maximum", input.maximum}});
        inputs.push_back(entry);
    }
    return {{"id", equation.id},
            {"title", equation.title},
            {"formula", equation.formula},
            {"unit", equation.unit},
            {"validity", equation.validity},
            {"source", equation.citation},
            {"grade", std::string(1, equation.grade)},
            {"status", equation.grade == 'A' ? "certain" : "to be confirmed against the source"},
            {"caveat", equation.caveat},
            {"inputs", inputs}};
}

int listEquations() {
    Json list = Json::array();
    for (const Equation& equation : equationCatalogue())
        list.push_back(describe(equation));
    std::cout << list.dump(1) << '\n';
    return Done;
}

// The shipped documents themselves are the list: nothing is left out or rounded.
int listFolder(const char* name) {
    const QDir folder(store::dataFolder() + QLatin1Char('/') + QLatin1String(name));
    Json list = Json::array();
    for (const QString& file : folder.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        const auto json = store::readJsonFile(folder.filePath(file));
        if (!json)
            return complain(json.error());
        for (const Json& document : json->is_array() ? *json : Json::array({*json}))
            list.push_back(document);
    }
    std::cout << list.dump(1) << '\n';
    return Done;
}

Expected<AnyPolicy> choosePolicy(const std::string& wanted, const AnyTest& test) {
    const auto catalogue = store::readCatalogue(store::dataFolder());
    if (!catalogue)
        return tl::unexpected(catalogue.error());
    if (wanted.empty())
        return policyOf(test, *catalogue);
    if (const AnyPolicy* policy = catalogue->policy(wanted))
        return *policy;
    return failure({FUSAIN_TEXT("There is no policy called \"{1}\"."), {wanted}}, {},
                   {FUSAIN_TEXT("List them with: fusain-calc policies"), {}});
}

int runRecord(const std::string& file, const std::string& policyId, bool asText) {
    const auto json = store::readJsonFile(QString::fromStdString(file));
    if (!json)
        return complain(json.error());
    const auto test = anyTestFromJson(*json, file);
    if (!test)
        return complain(test.error());
    const auto policy = choosePolicy(policyId, *test);
    if (!policy)
        return complain(policy.error());
    const auto result = computeTest(*test, *policy);
    if (!result)
        return complain(result.error());
    const auto sheet = result->sheet();
    if (asText) {
        std::cout << plainText(sheet);
        for (const Message& flag : result->shared().flags)
            std::cout << "flag: " << flag.english() << '\n';
        return Done;
    }
    Json output = result->document();
    Json lines = Json::array();
    for (const WorkedLine& line : sheet)
        lines.push_back({{"symbol", line.symbol},
                         {"name", line.name},
                         {"value", line.value},
                         {"unit", line.unit},
                         {"standard_error", line.plusMinus},
                         {"how", line.how.english()},
                         {"formula", line.formula},
                         {"source", line.source}});
    output["worked_sheet"] = lines;
    std::cout << output.dump(1) << '\n';
    return Done;
}

// Feeds a file to a batch, piece by piece.
template <class Batch>
int feed(Batch& computer, const std::string& file) {
    std::FILE* input = file == "-" ? stdin : std::fopen(file.c_str(), "rb");
    if (!input)
        return complain({{FUSAIN_TEXT("The file cannot be read."), {}},
                         file,
                         {},
                         {FUSAIN_TEXT("Check the name and the permissions."), {}}});
    std::vector<char> buffer(1 << 18);
    Expected<void> done;
    for (std::size_t count = 0; done && (count = std::fread(buffer.data(), 1, buffer.size(), input)) > 0;)
        done = computer.add({buffer.data(), count});
    if (done)
        done = computer.finish();
    if (input != stdin)
        std::fclose(input);
    if (!done)
        return complain(done.error());
    if (std::fflush(stdout) != 0)
        return complain({{FUSAIN_TEXT("The output could not be written: is the disk full?"), {}}, {}, {}, {}});
    if (computer.rejected() > 0)
        std::cerr << fmt::format("fusain-calc: {} rows computed, {} left out.\n", computer.computed(),
                                 computer.rejected());
    return computer.rejected() > 0 ? SomeRowsBad : Done;
}

int batch(const std::string& file, const std::string& policyId, const std::string& method) {
    const auto any = choosePolicy(policyId, method == methodImpedance ? AnyTest(ImpedanceTest{})
                                                                      : AnyTest(HydrostaticTest{}));
    if (!any)
        return complain(any.error());
    const std::string where = file == "-" ? "standard input" : file;
    const auto write = [](std::string_view text) { std::fwrite(text.data(), 1, text.size(), stdout); };
    const auto tell = [](const Problem& problem) { complain(problem); };
    if (const auto* impedance = std::get_if<ImpedancePolicy>(&*any); impedance && method == methodImpedance) {
        exchange::ImpedanceBatch computer(*impedance, where, write, tell);
        return feed(computer, file);
    }
    if (const auto* tank = std::get_if<HydrostaticPolicy>(&*any); tank && method == methodHydrostatic) {
        exchange::HydrostaticBatch computer(*tank, where, write, tell);
        return feed(computer, file);
    }
    return complain({{FUSAIN_TEXT("The policy \"{1}\" is for another method."), {policyId}}, {}, {}, {}});
}

int verify(const std::string& path) {
    const auto book = store::LabBook::openForReading(QString::fromStdString(path));
    if (!book)
        return complain(book.error());
    const auto verification = (*book)->verify();
    std::cout << Json{{"events", verification.events},
                      {"sound", verification.sound()},
                      {"faults", verification.faults}}
                     .dump(1)
              << '\n';
    return verification.sound() ? Done : Unsound;
}

} // namespace
} // namespace fusain

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    CLI::App cli{"Computes body composition without a window", "fusain-calc"};
    cli.set_version_flag("--version", std::string("fusain-calc ") + FUSAIN_VERSION);
    cli.require_subcommand(1);
    std::string file, id, policy;
    std::vector<std::string> arguments;
    bool text = false;
    auto* run = cli.add_subcommand("run", "Compute one raw record");
    run->add_option("FILE", file, "Raw record, JSON")->required();
    run->add_option("--policy", policy, "Policy id; by default the one in the record");
    run->add_flag("--text", text, "Worked sheet as text instead of JSON");
    auto* batch = cli.add_subcommand("batch", "Compute a table, one person a row");
    batch->add_option("FILE", file, "CSV file, - for standard input")->required();
    batch->add_option("--policy", policy, "Policy id");
    std::string method(fusain::methodHydrostatic);
    batch->add_option("--method", method, "hydrostatic or impedance")
        ->check(CLI::IsMember({std::string(fusain::methodHydrostatic), std::string(fusain::methodImpedance)}));
    auto* eval = cli.add_subcommand("eval", "Compute one equation of the catalogue");
    eval->add_option("EQUATION", id, "Catalogue id")->required();
    eval->add_option("ARGUMENTS", arguments, "name=value …");
    auto* equations = cli.add_subcommand("equations", "List the equations as JSON");
    auto* references = cli.add_subcommand("references", "List the reference sets as JSON");
    auto* protocols = cli.add_subcommand("protocols", "List the protocols as JSON");
    auto* policies = cli.add_subcommand("policies", "List the policies as JSON");
    auto* verify = cli.add_subcommand("verify", "Check a lab book: file, chain of events, raw records");
    verify->add_option("LABBOOK", file, "Lab book")->required();
    CLI11_PARSE(cli, argc, argv);
    if (run->parsed())
        return fusain::runRecord(file, policy, text);
    if (batch->parsed())
        return fusain::batch(file, policy, method);
    if (eval->parsed())
        return fusain::evaluate(id, arguments);
    if (equations->parsed())
        return fusain::listEquations();
    if (references->parsed())
        return fusain::listFolder("references");
    if (protocols->parsed())
        return fusain::listFolder("protocols");
    if (policies->parsed())
        return fusain::listFolder("policies");
    return fusain::verify(file);
}
