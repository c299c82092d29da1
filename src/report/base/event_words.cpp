#include "report/base/event_words.hpp"

#include "record/base/json.hpp"
#include "report/base/words.hpp"

#include <algorithm>
#include <array>
#include <utility>

namespace fusain::report {
namespace {

constexpr std::array titles = std::to_array<std::pair<std::string_view, const char*>>({
    {"test.started", FUSAIN_TEXT("test begun")},
    {"step.done", FUSAIN_TEXT("step confirmed")},
    {"question.answered", FUSAIN_TEXT("question answered")},
    {"deviation.accepted", FUSAIN_TEXT("deviation accepted")},
    {"note.added", FUSAIN_TEXT("note")},
    {"interpretation.written", FUSAIN_TEXT("interpretation")},
    {"test.refused", FUSAIN_TEXT("test ended without a result")},
    {"test.signed", FUSAIN_TEXT("test signed")},
    {"test.amended", FUSAIN_TEXT("signed test opened again")},
    {"result.stored", FUSAIN_TEXT("result kept")},
    {"event.undone", FUSAIN_TEXT("an entry taken back")},
    {"load-cell.checked", FUSAIN_TEXT("load cell check")},
    {"water-temperature.read", FUSAIN_TEXT("water temperature")},
    {"dry-mass.read", FUSAIN_TEXT("dry mass")},
    {"room.read", FUSAIN_TEXT("temperature and pressure of the room")},
    {"vital-capacity.added", FUSAIN_TEXT("vital capacity effort")},
    {"residual-volume.measured", FUSAIN_TEXT("residual volume")},
    {"trial.accepted", FUSAIN_TEXT("trial accepted")},
    {"trial.set-aside", FUSAIN_TEXT("trial excluded")},
    {"trial.restored", FUSAIN_TEXT("trial included again")},
    {"scale.checked", FUSAIN_TEXT("scale check")},
    {"chamber.calibrated", FUSAIN_TEXT("calibration")},
    {"chamber.started-over", FUSAIN_TEXT("volumes begun anew")},
    {"mass.read", FUSAIN_TEXT("body mass")},
    {"volume.accepted", FUSAIN_TEXT("volume accepted")},
    {"volume.set-aside", FUSAIN_TEXT("volume excluded")},
    {"volume.restored", FUSAIN_TEXT("volume included again")},
    {"thoracic-gas.measured", FUSAIN_TEXT("thoracic gas volume")},
    {"values.reported", FUSAIN_TEXT("values that the instrument reported")},
    {"readings.imported", FUSAIN_TEXT("readings imported")},
    {"analyzer.set", FUSAIN_TEXT("electrode set-up")},
    {"module.checked", FUSAIN_TEXT("check with the test module")},
    {"identity.confirmed", FUSAIN_TEXT("client confirmed")},
    {"length.taped", FUSAIN_TEXT("segment length")},
    {"parts.missing", FUSAIN_TEXT("missing parts of the body")},
    {"sweep.accepted", FUSAIN_TEXT("sweep accepted")},
    {"sweep.set-aside", FUSAIN_TEXT("sweep excluded")},
    {"sweep.restored", FUSAIN_TEXT("sweep included again")},
    {"scanner.set", FUSAIN_TEXT("scanner set-up")},
    {"phantom.read", FUSAIN_TEXT("phantom scan")},
    {"dose.stated", FUSAIN_TEXT("dose")},
    {"menopause.stated", FUSAIN_TEXT("menopause")},
    {"scan.accepted", FUSAIN_TEXT("scan accepted")},
    {"scan.set-aside", FUSAIN_TEXT("scan excluded")},
    {"scan.restored", FUSAIN_TEXT("scan included again")},
    {"tape.checked", FUSAIN_TEXT("tape check")},
    {"girth.taken", FUSAIN_TEXT("girth accepted")},
    {"girth.set-aside", FUSAIN_TEXT("girth excluded")},
    {"girth.restored", FUSAIN_TEXT("girth included again")},
});

// What somebody wrote stands under one of these.
QString writtenIn(const Json& data) {
    for (const char* key : {"reason", "text"})
        if (const auto found = data.find(key); found != data.end() && found->is_string())
            return QString::fromStdString(found->get<std::string>());
    return {};
}

} // namespace

QString titleOfEvent(std::string_view kind) {
    const auto found = std::ranges::find(titles, kind, &std::pair<std::string_view, const char*>::first);
    return found == titles.end() ? QString() : say(found->second);
}

QString eventLine(const Event& event) {
    QString line = titleOfEvent(event.kind);
    if (line.isEmpty())
        return line;
    line.prepend(clock(event.at) + QLatin1String("  "));
    if (const auto number = event.data->find("number");
        number != event.data->end() && number->is_number_integer())
        line += QLatin1Char(' ') + QString::number(number->get<int>());
    const QString written = writtenIn(*event.data);
    return written.isEmpty() ? line : line + QLatin1String(": ") + written;
}

} // namespace fusain::report
