#pragma once
#include "procedure/chamber/method.hpp"
#include "procedure/girth/method.hpp"
#include "procedure/impedance/method.hpp"
#include "procedure/scan/method.hpp"
#include "procedure/tank/method.hpp"
#include "record/all/methods.hpp"

namespace fusain {

template <class Method>
using ResultOf = typename Running<Method>::Result;

} // namespace fusain
