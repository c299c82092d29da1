#include "desktop/services/past_records.hpp"

#include "record/all/record.hpp"

namespace fusain::desktop {

template <class Method>
std::vector<typename Method::Record> pastTests(store::LabBook& book, const RawTest& running) {
    std::vector<typename Method::Record> past;
    for (const AnyTest& any : book.testsOf(running.subject.clientId))
        if (const auto* own = std::get_if<typename Method::Record>(&any); own && own->id != running.id)
            past.push_back(*own);
    return past;
}

template std::vector<HydrostaticTest> pastTests<TankMethod>(store::LabBook&, const RawTest&);
template std::vector<ChamberTest> pastTests<ChamberMethod>(store::LabBook&, const RawTest&);
template std::vector<ImpedanceTest> pastTests<ImpedanceMethod>(store::LabBook&, const RawTest&);
template std::vector<DxaTest> pastTests<ScanMethod>(store::LabBook&, const RawTest&);

} // namespace fusain::desktop
