#pragma once
#include "report/chamber/method.hpp"
#include "report/girth/method.hpp"
#include "report/impedance/method.hpp"
#include "report/scan/method.hpp"
#include "report/tank/method.hpp"
