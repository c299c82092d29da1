#pragma once
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// What a colleague is called; the id itself for one that is not in the book.
[[nodiscard]] inline std::string nameOfStaff(LabBook& book, const std::string& id) {
    for (const Staff& staff : book.staff())
        if (staff.id == id)
            return staff.name;
    return id;
}

} // namespace fusain::store
