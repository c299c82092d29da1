#include "core/catalogue/equations.hpp"
#include "exchange/impedance/impedance_batch.hpp"
#include "exchange/impedance/impedance_csv.hpp"
#include "exchange/scan/dxa_batch.hpp"
#include "exchange/scan/scan_csv.hpp"
#include "exchange/tank/hydrostatic_batch.hpp"
#include "procedure/all/computed.hpp"
#include "procedure/meaning/components_file.hpp"
#include "record/base/json.hpp"
#include "record/lab/reference_json.hpp"
#include "record/library/formats.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/sealed_file.hpp"
#include "store/transfer/data_files.hpp"

#include <QCommandLineParser>
#include <QCoreApplication>
#include <QDir>
#include <atomic>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <fmt/format.h>
#include <iostream>
#include <termios.h>
#include <thread>
#include <unistd.h>

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
            {"status", equation.grade == 'A' ? "certain" : "not yet verified"},
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
    const auto empty = readDocument(method, [&] { return emptyTest(method); });
    if (!empty)
        return complain(empty.error());
    const auto any = choosePolicy(policyId, *empty);
    if (!any)
        return complain(any.error());
    if (methodOf(*any) != method)
        return complain({{FUSAIN_TEXT("The policy \"{1}\" is for another method."), {policyId}}, {}, {}, {}});
    const std::string where = file == "-" ? "standard input" : file;
    const auto write = [](std::string_view text) { std::fwrite(text.data(), 1, text.size(), stdout); };
    const auto tell = [](const Problem& problem) { complain(problem); };
    const auto none = [&] {
        return complain({{FUSAIN_TEXT("There is no table for the method \"{1}\"."), {method}},
                         {},
                         {},
                         {FUSAIN_TEXT("Compute its raw records one by one with: fusain-calc run"), {}}});
    };
    return std::visit(Overloaded{
                          [&](const HydrostaticPolicy& policy) {
                              exchange::HydrostaticBatch computer(policy, where, write, tell);
                              return feed(computer, file);
                          },
                          [&](const ImpedancePolicy& policy) {
                              exchange::ImpedanceBatch computer(policy, where, write, tell);
                              return feed(computer, file);
                          },
                          [&](const ChamberPolicy&) { return none(); },
                          [&](const GirthPolicy&) { return none(); },
                          [&](const DxaPolicy& policy) {
                              exchange::DxaBatch computer(policy, where, write, tell);
                              return feed(computer, file);
                          },
                      },
                      *any);
}

// Whether a head that was noted before, as "EVENT:HASH" with the first of its hash, is still in the journal.
Expected<bool> holds(store::LabBook& book, const std::string& head) {
    constexpr std::size_t fewest = 16;
    const auto colon = head.find(':');
    const std::string hash = colon == std::string::npos ? std::string() : head.substr(colon + 1);
    const QString event = QString::fromStdString(head.substr(0, colon));
    bool number = false;
    const qlonglong sequence = event.toLongLong(&number);
    if (!number || hash.size() < fewest)
        return failure({FUSAIN_TEXT("\"{1}\" is not the head of a journal."), {head}}, {},
                       {FUSAIN_TEXT("Give it as EVENT:HASH, with 16 or more characters of the hash."), {}});
    const auto present = book.hashOf(sequence);
    return present && present->starts_with(hash);
}

int verify(const std::string& path, const std::string& expected) {
    const auto book = store::LabBook::openForReading(QString::fromStdString(path));
    if (!book)
        return complain(book.error());
    const auto noted = expected.empty() ? Expected<bool>(true) : holds(**book, expected);
    if (!noted)
        return complain(noted.error());
    const auto verification = (*book)->verify();
    Json faults = Json::array();
    for (const store::Fault& fault : verification.faults)
        faults.push_back(fault.what.english());
    if (!*noted)
        faults.push_back("The head " + expected + " is not in this journal: it was rewritten since.");
    const bool sound = verification.sound() && *noted;
    std::cout << Json{{"events", verification.events},
                      {"head", std::to_string(verification.events) + ':' + verification.head},
                      {"signatures", verification.signatures},
                      {"sound", sound},
                      {"rows_compared", !verification.earlierSchema},
                      {"faults", faults}}
                     .dump(1)
              << '\n';
    return sound ? Done : Unsound;
}

// From standard input: on a command line others could read it. At a terminal it is not shown while it is typed.
std::string passphraseRead() {
    termios before{};
    const bool terminal = ::isatty(STDIN_FILENO) != 0 && ::tcgetattr(STDIN_FILENO, &before) == 0;
    if (terminal) {
        termios quiet = before;
        quiet.c_lflag &= ~static_cast<tcflag_t>(ECHO);
        ::tcsetattr(STDIN_FILENO, TCSAFLUSH, &quiet);
    }
    std::string passphrase;
    std::cerr << "Passphrase: " << std::flush;
    std::getline(std::cin, passphrase);
    if (terminal) {
        ::tcsetattr(STDIN_FILENO, TCSAFLUSH, &before);
        std::cerr << '\n';
    }
    return passphrase;
}

int sealed(bool seal, const std::string& from, const std::string& to) {
    const std::string passphrase = passphraseRead();
    const QString source = QString::fromStdString(from), target = QString::fromStdString(to);
    const auto done =
        seal ? store::sealFile(source, target, passphrase) : store::unsealFile(source, target, passphrase);
    return done ? static_cast<int>(Done) : complain(done.error());
}

// How far it is goes to where people read, not to where programs do.
int copy(const std::string& from, const std::string& to) {
    Progress progress;
    std::atomic<bool> over = false;
    std::thread telling([&] {
        for (int shown = -1; !over; std::this_thread::sleep_for(std::chrono::milliseconds(200)))
            if (const int percent = static_cast<int>(100.0 * progress.share().value_or(0.0)); percent != shown)
                std::cerr << '\r' << (shown = percent) << " %" << std::flush;
    });
    const auto copied =
        store::LabBook::restore(QString::fromStdString(from), QString::fromStdString(to), &progress);
    over = true;
    telling.join();
    std::cerr << "\r      \r";
    return copied ? verify(to, {}) : complain(copied.error());
}

int components(const std::string& path) {
    const auto json = store::readJsonFile(QString::fromStdString(path));
    const auto result = json ? componentsFromFile(*json, path) : json;
    if (!result)
        return complain(result.error());
    std::cout << result->dump(1) << '\n';
    return Done;
}

/// What was asked for: a command, what it works on, and the options.
struct Asked {
    QStringList operands;
    std::string policy;
    std::string method;
    bool text = false;
    [[nodiscard]] std::string operand(qsizetype index) const { return operands.value(index).toStdString(); }
};

struct Command {
    const char* name;
    const char* operands; ///< as the help shows them
    const char* description;
    int fewest, most; ///< operands
    int (*run)(const Asked& asked);
};

constexpr int unlimited = 1000;

constexpr Command commands[] = {
    {"run", "FILE", "Compute one raw record (JSON)", 1, 1,
     [](const Asked& asked) { return runRecord(asked.operand(0), asked.policy, asked.text); }},
    {"batch", "FILE", "Compute a table (CSV), one person a row; - reads standard input", 1, 1,
     [](const Asked& asked) { return batch(asked.operand(0), asked.policy, asked.method); }},
    {"eval", "EQUATION [NAME=VALUE …]", "Compute one equation of the catalogue", 1, unlimited,
     [](const Asked& asked) {
         std::vector<std::string> arguments;
         for (const QString& each : asked.operands.mid(1))
             arguments.push_back(each.toStdString());
         return evaluate(asked.operand(0), arguments);
     }},
    {"components", "FILE", "Compute fat by several components from one day's readings (JSON)", 1, 1,
     [](const Asked& asked) { return components(asked.operand(0)); }},
    {"equations", "", "List the equations as JSON", 0, 0, [](const Asked&) { return listEquations(); }},
    {"references", "", "List the reference sets as JSON", 0, 0,
     [](const Asked&) { return listFolder("references"); }},
    {"protocols", "", "List the protocols as JSON", 0, 0, [](const Asked&) { return listFolder("protocols"); }},
    {"policies", "", "List the policies as JSON", 0, 0, [](const Asked&) { return listFolder("policies"); }},
    {"formats", "", "Print the keys of every document, as docs/formats/fields.md has them", 0, 0,
     [](const Asked&) {
         const DocumentKind tables[]{exchange::importMappingKind(), exchange::scanMappingKind()};
         std::cout << formatsPage(tables);
         return static_cast<int>(Done);
     }},
    {"verify", "LABBOOK [EVENT:HASH]",
     "Check a lab book: file, chain of events, signatures, raw records; and a head that was noted before", 1, 2,
     [](const Asked& asked) { return verify(asked.operand(0), asked.operand(1)); }},
    {"seal", "FILE TO", "Seal a file under a passphrase, which is read from standard input", 2, 2,
     [](const Asked& asked) { return sealed(true, asked.operand(0), asked.operand(1)); }},
    {"unseal", "FILE TO", "Open a sealed file with its passphrase, read from standard input", 2, 2,
     [](const Asked& asked) { return sealed(false, asked.operand(0), asked.operand(1)); }},
    {"copy", "FROM TO",
     "Copy a lab book to where there is none, and check the copy; each a file or "
     "postgresql://user@host/labbook",
     2, 2, [](const Asked& asked) { return copy(asked.operand(0), asked.operand(1)); }},
};

QString commandList() {
    QString list = QStringLiteral("Computes body composition without a window.\n\nCommands:");
    for (const Command& command : commands)
        list += QStringLiteral("\n  %1 %2")
                    .arg(QLatin1String(command.name), QString::fromUtf8(command.operands))
                    .leftJustified(36) +
                QString::fromUtf8(command.description);
    return list;
}

int runCommand(const QString& name, const Asked& asked) {
    for (const Command& command : commands) {
        if (name != QLatin1String(command.name))
            continue;
        if (asked.operands.size() < command.fewest || asked.operands.size() > command.most)
            return complain(
                {{FUSAIN_TEXT("\"{1}\" is used as: fusain-calc {1} {2}"), {command.name, command.operands}},
                 {},
                 {},
                 {}});
        return command.run(asked);
    }
    return complain({{FUSAIN_TEXT("There is no command \"{1}\"."), {name.toStdString()}},
                     {},
                     {},
                     {FUSAIN_TEXT("fusain-calc --help lists them."), {}}});
}

} // namespace
} // namespace fusain

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    QCoreApplication::setApplicationName(QStringLiteral("fusain-calc"));
    QCoreApplication::setApplicationVersion(QStringLiteral(FUSAIN_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(fusain::commandList());
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("command"), QStringLiteral("What to do."));
    parser.addPositionalArgument(QStringLiteral("operands"), QStringLiteral("What to do it with."),
                                 QStringLiteral("[operands …]"));
    parser.addOptions(
        {{QStringLiteral("policy"),
          QStringLiteral("run, batch: policy id; by default the one in the record, or the method's first."),
          QStringLiteral("id")},
         {QStringLiteral("method"), QStringLiteral("batch: hydrostatic (the default), impedance or dxa."),
          QStringLiteral("method"), QStringLiteral("hydrostatic")},
         {QStringLiteral("text"), QStringLiteral("run: worked sheet as text instead of JSON.")}});
    parser.process(application);
    QStringList operands = parser.positionalArguments();
    if (operands.isEmpty())
        parser.showHelp(fusain::CannotCompute);
    const QString command = operands.takeFirst();
    return fusain::runCommand(command, {operands, parser.value(QStringLiteral("policy")).toStdString(),
                                        parser.value(QStringLiteral("method")).toStdString(),
                                        parser.isSet(QStringLiteral("text"))});
}
