#pragma once
#include "record/method/raw_record.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// The other tests of the same client by one method, oldest first, whatever became of them.
/// Made for every method of the list in past_records.cpp, so that a method's own room can ask for its own.
template <class Method>
[[nodiscard]] std::vector<typename Method::Record> pastTests(store::LabBook& book, const RawTest& running);

} // namespace fusain::desktop
