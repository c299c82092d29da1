#include "core/impedance/whole_body.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::impedance {
namespace {

// The letters of the papers: H in cm, W in kg, R, Xc and Z in Ω.
using X = const WholeBodyInputs&;

bool man(X x) {
    return x.sex == Sex::Male;
}
double male(X x) {
    return man(x) ? 1.0 : 0.0;
}
double h(X x) {
    return centimetres(x.height);
}
double h2(X x) {
    return h(x) * h(x);
}
double w(X x) {
    return x.mass.value();
}
double age(X x) {
    return x.age.value();
}
double r(X x) {
    return x.impedance.resistance.value();
}
double xc(X x) {
    return x.impedance.reactance.value();
}
double z(X x) {
    return magnitude(x.impedance).value();
}
double ri(X x) {
    return h2(x) / r(x);
}
double zi(X x) {
    return h2(x) / z(x);
}

double segalLean(X x) {
    return man(x) ? 0.00066360 * h2(x) - 0.02117 * r(x) + 0.62854 * w(x) - 0.12380 * age(x) + 9.33285
                  : 0.00064602 * h2(x) - 0.01397 * r(x) + 0.42087 * w(x) + 10.43485;
}
double segalObese(X x) {
    return man(x) ? 0.00088580 * h2(x) - 0.02999 * r(x) + 0.42688 * w(x) - 0.07002 * age(x) + 14.52435
                  : 0.00091186 * h2(x) - 0.01466 * r(x) + 0.29990 * w(x) - 0.07012 * age(x) + 9.37938;
}
double segalAveraged(X x) {
    const double lean = segalLean(x), obese = segalObese(x), limit = man(x) ? 20.0 : 30.0;
    const auto isLean = [&](double fatFree) { return 100.0 * (1.0 - fatFree / w(x)) < limit; };
    if (isLean(lean) && isLean(obese))
        return lean;
    if (!isLean(lean) && !isLean(obese))
        return obese;
    return 0.5 * (lean + obese);
}

constexpr Range anyMassIndex{0.0, 99.0};

// One published equation each, as its paper prints it.
// clang-format off
constexpr WholeBodyEquation table[] = {
    {"impedance.ffm.kyle-2001", FUSAIN_TEXT("Fat-free mass, Kyle"), Predicted::FatFreeMass, 'A',
     "−4.104 + 0.518·H²/R + 0.231·W + 0.130·Xc + 4.229·male",
     "Kyle UG et al (2001), Nutrition 17:248-253", FUSAIN_TEXT("healthy adults, n = 343, DXA; people of 22 y and over"), {20.0, 94.0}, {17.0, 33.8}, 1.72, 1.72,
     [](X x) { return -4.104 + 0.518 * ri(x) + 0.231 * w(x) + 0.130 * xc(x) + 4.229 * male(x); }, "shwarx"},
    {"impedance.ffm.sun-2003", FUSAIN_TEXT("Fat-free mass, Sun"), Predicted::FatFreeMass, 'A',
     "men: −10.68 + 0.65·H²/R + 0.26·W + 0.02·R; women: −9.53 + 0.69·H²/R + 0.17·W + 0.02·R",
     "Sun SS et al (2003), Am J Clin Nutr 77:331-340", FUSAIN_TEXT("12 to 94 y, multicomponent model, n about 1300"), {12.0, 94.0}, anyMassIndex, 3.9, 2.9,
     [](X x) { return man(x) ? -10.68 + 0.65 * ri(x) + 0.26 * w(x) + 0.02 * r(x) : -9.53 + 0.69 * ri(x) + 0.17 * w(x) + 0.02 * r(x); }, "shwarx"},
    {"impedance.ffm.lukaski-1986-xc", FUSAIN_TEXT("Fat-free mass, Lukaski with reactance"), Predicted::FatFreeMass, 'B',
     "0.756·H²/R + 0.110·W + 0.107·Xc − 5.463",
     "Lukaski HC et al (1986), J Appl Physiol 60:1327-1332", FUSAIN_TEXT("adults, n = 114, densitometry"), {18.0, 50.0}, anyMassIndex, 2.06, 2.06,
     [](X x) { return 0.756 * ri(x) + 0.110 * w(x) + 0.107 * xc(x) - 5.463; }, "hwrx"},
    {"impedance.ffm.lukaski-1986", FUSAIN_TEXT("Fat-free mass, Lukaski by sex"), Predicted::FatFreeMass, 'B',
     "men: 5.214 + 0.827·H²/R; women: 4.917 + 0.821·H²/R",
     "Lukaski HC et al (1986), J Appl Physiol 60:1327-1332", FUSAIN_TEXT("47 men and 67 women, densitometry"), {18.0, 50.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return man(x) ? 5.214 + 0.827 * ri(x) : 4.917 + 0.821 * ri(x); }, "shr"},
    {"impedance.ffm.lukaski-1985", FUSAIN_TEXT("Fat-free mass, Lukaski, men"), Predicted::FatFreeMass, 'B',
     "3.04 + 0.85·H²/R",
     "Lukaski HC et al (1985), Am J Clin Nutr 41:810-817", FUSAIN_TEXT("37 men, densitometry"), {19.0, 42.0}, anyMassIndex, 2.61, 0.0,
     [](X x) { return 3.04 + 0.85 * ri(x); }, "hr", true, false},
    {"impedance.ffm.lukaski-bolonchuk-1987", FUSAIN_TEXT("Fat-free mass, Lukaski and Bolonchuk"), Predicted::FatFreeMass, 'B',
     "−4.03 + 0.734·H²/R + 0.116·W + 0.096·Xc + 0.984·male",
     "Lukaski HC, Bolonchuk WW (1987), In Vivo Body Composition Studies, pp 410-414", FUSAIN_TEXT("adults"), {18.0, 73.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return -4.03 + 0.734 * ri(x) + 0.116 * w(x) + 0.096 * xc(x) + 0.984 * male(x); }, "shwrx"},
    {"impedance.ffm.segal-1988-lean", FUSAIN_TEXT("Fat-free mass, Segal, men under 20 % and women under 30 % fat"), Predicted::FatFreeMass, 'A',
     "men: 0.00066360·H² − 0.02117·R + 0.62854·W − 0.12380·age + 9.33285; women: 0.00064602·H² − 0.01397·R + 0.42087·W + 10.43485",
     "Segal KR et al (1988), Am J Clin Nutr 47:7-14", FUSAIN_TEXT("n = 1567, four laboratories, densitometry; for the lean only; SEE 1.97 to 3.03 by group, the largest used"), {17.0, 62.0}, anyMassIndex, 3.03, 3.03,
     [](X x) { return segalLean(x); }, "shwar"},
    {"impedance.ffm.segal-1988-obese", FUSAIN_TEXT("Fat-free mass, Segal, men from 20 % and women from 30 % fat"), Predicted::FatFreeMass, 'A',
     "men: 0.00088580·H² − 0.02999·R + 0.42688·W − 0.07002·age + 14.52435; women: 0.00091186·H² − 0.01466·R + 0.29990·W − 0.07012·age + 9.37938",
     "Segal KR et al (1988), Am J Clin Nutr 47:7-14", FUSAIN_TEXT("n = 1567, four laboratories, densitometry; for the obese only; SEE 1.97 to 3.03 by group, the largest used"), {17.0, 62.0}, anyMassIndex, 3.03, 3.03,
     [](X x) { return segalObese(x); }, "shwar"},
    {"impedance.ffm.segal-1988-averaged", FUSAIN_TEXT("Fat-free mass, Segal, mean of the lean and the obese form"), Predicted::FatFreeMass, 'B',
     "mean of the two forms unless both place the person in the same class",
     "Stolarczyk LM et al (1997), Am J Clin Nutr 66:8-17", FUSAIN_TEXT("as Segal"), {17.0, 62.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return segalAveraged(x); }, "shwar"},
    {"impedance.ffm.segal-1988-general", FUSAIN_TEXT("Fat-free mass, Segal, general"), Predicted::FatFreeMass, 'B',
     "men: 0.00132·H² − 0.04394·R + 0.30520·W − 0.16760·age + 22.66827; women: 0.00108·H² − 0.02090·R + 0.23199·W − 0.06777·age + 14.59453",
     "Segal KR et al (1988), Am J Clin Nutr 47:7-14", FUSAIN_TEXT("n = 1567, densitometry"), {17.0, 62.0}, anyMassIndex, 3.61, 2.43,
     [](X x) { return man(x) ? 0.00132 * h2(x) - 0.04394 * r(x) + 0.30520 * w(x) - 0.16760 * age(x) + 22.66827 : 0.00108 * h2(x) - 0.02090 * r(x) + 0.23199 * w(x) - 0.06777 * age(x) + 14.59453; }, "shwar"},
    {"impedance.ffm.deurenberg-1991", FUSAIN_TEXT("Fat-free mass, Deurenberg, 16 y and over"), Predicted::FatFreeMass, 'A',
     "0.340·H²/Z + 0.1534·H + 0.273·W − 0.127·age + 4.56·male − 12.44",
     "Deurenberg P et al (1991), Int J Obes 15:17-25", FUSAIN_TEXT("healthy Dutch, n = 827, densitometry"), {16.0, 83.0}, anyMassIndex, 2.63, 2.63,
     [](X x) { return 0.340 * zi(x) + 0.1534 * h(x) + 0.273 * w(x) - 0.127 * age(x) + 4.56 * male(x) - 12.44; }, "shwarx"},
    {"impedance.ffm.deurenberg-1991-child", FUSAIN_TEXT("Fat-free mass, Deurenberg, 7 to 15 y"), Predicted::FatFreeMass, 'B',
     "0.406·H²/Z + 0.360·W + 0.0558·H + 0.56·male − 6.48",
     "Deurenberg P et al (1991), Int J Obes 15:17-25", FUSAIN_TEXT("healthy Dutch children"), {7.0, 15.0}, anyMassIndex, 1.68, 1.68,
     [](X x) { return 0.406 * zi(x) + 0.360 * w(x) + 0.0558 * h(x) + 0.56 * male(x) - 6.48; }, "shwrx"},
    {"impedance.ffm.houtkooper-1992", FUSAIN_TEXT("Fat-free mass, Houtkooper, 10 to 19 y"), Predicted::FatFreeMass, 'A',
     "0.61·H²/R + 0.25·W + 1.31",
     "Houtkooper LB et al (1992), J Appl Physiol 72:366-373", FUSAIN_TEXT("children and youths, n = 225, multicomponent"), {10.0, 19.0}, anyMassIndex, 2.1, 2.1,
     [](X x) { return 0.61 * ri(x) + 0.25 * w(x) + 1.31; }, "hwr"},
    {"impedance.ffm.houtkooper-1989", FUSAIN_TEXT("Fat-free mass, Houtkooper, 10 to 14 y"), Predicted::FatFreeMass, 'B',
     "0.58·H²/R + 0.24·W + 2.69",
     "Houtkooper LB et al (1989), J Appl Physiol 66:814-821", FUSAIN_TEXT("children, n = 94"), {10.0, 14.0}, anyMassIndex, 2.0, 2.0,
     [](X x) { return 0.58 * ri(x) + 0.24 * w(x) + 2.69; }, "hwr"},
    {"impedance.ffm.schaefer-1994", FUSAIN_TEXT("Fat-free mass, Schaefer, 4 to 19 y"), Predicted::FatFreeMass, 'B',
     "0.65·H²/Z + 0.68·age + 0.15",
     "Schaefer F et al (1994), Pediatr Res 35:617-624", FUSAIN_TEXT("children, n = 112, potassium"), {4.0, 19.0}, anyMassIndex, 1.98, 1.98,
     [](X x) { return 0.65 * zi(x) + 0.68 * age(x) + 0.15; }, "harx"},
    {"impedance.ffm.rush-2003", FUSAIN_TEXT("Fat-free mass, Rush, 5 to 14 y"), Predicted::FatFreeMass, 'B',
     "0.622·H²/R + 0.234·W + 1.166",
     "Rush EC et al (2003), Eur J Clin Nutr 57:1062-1068", FUSAIN_TEXT("New Zealand children, deuterium"), {5.0, 14.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return 0.622 * ri(x) + 0.234 * w(x) + 1.166; }, "hwr"},
    {"impedance.ffm.gray-1989", FUSAIN_TEXT("Fat-free mass, Gray"), Predicted::FatFreeMass, 'B',
     "men: 0.00139·H² − 0.0801·R + 0.187·W + 39.830; women: 0.00151·H² − 0.0344·R + 0.140·W − 0.158·age + 20.387",
     "Gray DS et al (1989), Am J Clin Nutr 50:255-260", FUSAIN_TEXT("adults of wide adiposity; women best below 48 % fat"), {19.0, 74.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return man(x) ? 0.00139 * h2(x) - 0.0801 * r(x) + 0.187 * w(x) + 39.830 : 0.00151 * h2(x) - 0.0344 * r(x) + 0.140 * w(x) - 0.158 * age(x) + 20.387; }, "shwar"},
    {"impedance.ffm.roubenoff-1997", FUSAIN_TEXT("Fat-free mass, Roubenoff, older people"), Predicted::FatFreeMass, 'B',
     "men: 9.1536 + 0.4273·H²/R + 0.1926·W + 0.0667·Xc; women: 7.7435 + 0.4542·H²/R + 0.1190·W + 0.0455·Xc",
     "Roubenoff R et al (1997), J Gerontol A 52:M129-M136", FUSAIN_TEXT("older adults, DXA"), {60.0, 94.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return man(x) ? 9.1536 + 0.4273 * ri(x) + 0.1926 * w(x) + 0.0667 * xc(x) : 7.7435 + 0.4542 * ri(x) + 0.1190 * w(x) + 0.0455 * xc(x); }, "shwrx"},
    {"impedance.ffm.heitmann-1990", FUSAIN_TEXT("Fat-free mass, Heitmann"), Predicted::FatFreeMass, 'B',
     "−14.94 + 0.279·H²/R + 0.181·W + 0.231·H + 0.064·male·W − 0.077·age",
     "Heitmann BL (1990), Int J Obes 14:789-802", FUSAIN_TEXT("Danes, n = 139, four components"), {35.0, 65.0}, anyMassIndex, 3.61, 3.61,
     [](X x) { return -14.94 + 0.279 * ri(x) + 0.181 * w(x) + 0.231 * h(x) + 0.064 * male(x) * w(x) - 0.077 * age(x); }, "shwar"},
    {"impedance.ffm.dey-2003", FUSAIN_TEXT("Fat-free mass, Dey, 70 to 75 y"), Predicted::FatFreeMass, 'B',
     "11.78 + 0.499·H²/R + 0.134·W + 3.449·male",
     "Dey DK et al (2003), Eur J Clin Nutr 57:909-916", FUSAIN_TEXT("Swedes, n = 106, four components"), {70.0, 75.0}, anyMassIndex, 2.64, 2.64,
     [](X x) { return 11.78 + 0.499 * ri(x) + 0.134 * w(x) + 3.449 * male(x); }, "shwr"},
    {"impedance.ffm.kotler-1996", FUSAIN_TEXT("Fat-free mass, Kotler"), Predicted::FatFreeMass, 'B',
     "men: 0.50·H^1.48/Z^0.55/1.21 + 0.42·W + 0.49; women: 0.88·H^1.97/Z^0.49/22.22 + 0.081·W + 0.07",
     "Kotler DP et al (1996), Am J Clin Nutr 64S:489S-497S", FUSAIN_TEXT("adults, healthy and with HIV, n = 332"), {18.0, 75.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return man(x) ? 0.50 * std::pow(h(x), 1.48) / std::pow(z(x), 0.55) / 1.21 + 0.42 * w(x) + 0.49 : 0.88 * std::pow(h(x), 1.97) / std::pow(z(x), 0.49) / 22.22 + 0.081 * w(x) + 0.07; }, "shwrx"},
    {"impedance.ffm.matias-2021", FUSAIN_TEXT("Fat-free mass, Matias, athletes"), Predicted::FatFreeMass, 'B',
     "−2.261 + 0.327·H²/R + 0.525·W + 5.462·male",
     "Matias CN et al (2021), Int J Sports Med 42:27-32", FUSAIN_TEXT("athletes, four components"), {16.0, 35.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return -2.261 + 0.327 * ri(x) + 0.525 * w(x) + 5.462 * male(x); }, "shwr"},
    {"impedance.tbw.sun-2003", FUSAIN_TEXT("Body water, Sun"), Predicted::BodyWater, 'A',
     "men: 1.20 + 0.45·H²/R + 0.18·W; women: 3.75 + 0.45·H²/R + 0.11·W",
     "Sun SS et al (2003), Am J Clin Nutr 77:331-340", FUSAIN_TEXT("12 to 94 y, dilution"), {12.0, 94.0}, anyMassIndex, 3.8, 2.6,
     [](X x) { return man(x) ? 1.20 + 0.45 * ri(x) + 0.18 * w(x) : 3.75 + 0.45 * ri(x) + 0.11 * w(x); }, "shwr"},
    {"impedance.tbw.kushner-1986", FUSAIN_TEXT("Body water, Kushner and Schoeller by sex"), Predicted::BodyWater, 'A',
     "men: 8.399 + 0.396·H²/R + 0.143·W; women: 8.315 + 0.382·H²/R + 0.105·W",
     "Kushner RF, Schoeller DA (1986), Am J Clin Nutr 44:417-424", FUSAIN_TEXT("adults, n = 58, deuterium"), {17.0, 66.0}, anyMassIndex, 1.66, 0.88,
     [](X x) { return man(x) ? 8.399 + 0.396 * ri(x) + 0.143 * w(x) : 8.315 + 0.382 * ri(x) + 0.105 * w(x); }, "shwr"},
    {"impedance.tbw.kushner-1986-all", FUSAIN_TEXT("Body water, Kushner and Schoeller, both sexes"), Predicted::BodyWater, 'B',
     "0.5561·H²/R + 0.0955·W + 1.726",
     "Kushner RF, Schoeller DA (1986), Am J Clin Nutr 44:417-424", FUSAIN_TEXT("adults, n = 58, deuterium"), {17.0, 66.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return 0.5561 * ri(x) + 0.0955 * w(x) + 1.726; }, "hwr"},
    {"impedance.tbw.kushner-1992", FUSAIN_TEXT("Body water, Kushner, all ages"), Predicted::BodyWater, 'B',
     "0.04 + 0.59·H²/R + 0.065·W",
     "Kushner RF et al (1992), Am J Clin Nutr 56:835-839", FUSAIN_TEXT("infants to adults, n = 175"), {0.0, 67.0}, anyMassIndex, 1.41, 1.41,
     [](X x) { return 0.04 + 0.59 * ri(x) + 0.065 * w(x); }, "hwr"},
    {"impedance.tbw.lukaski-bolonchuk-1988", FUSAIN_TEXT("Body water, Lukaski and Bolonchuk"), Predicted::BodyWater, 'B',
     "4.96 + 0.372·H²/R + 3.05·male + 0.142·W − 0.069·age",
     "Lukaski HC, Bolonchuk WW (1988), Aviat Space Environ Med 59:1163-1169", FUSAIN_TEXT("adults, n = 53, deuterium"), {20.0, 73.0}, anyMassIndex, 1.61, 1.61,
     [](X x) { return 4.96 + 0.372 * ri(x) + 3.05 * male(x) + 0.142 * w(x) - 0.069 * age(x); }, "shwar"},
    {"impedance.tbw.heitmann-1990", FUSAIN_TEXT("Body water, Heitmann"), Predicted::BodyWater, 'B',
     "−17.58 + 0.240·H²/R + 0.172·W + 0.040·male·W + 0.165·H",
     "Heitmann BL (1990), Int J Obes 14:789-802", FUSAIN_TEXT("Danes, tritium"), {35.0, 65.0}, anyMassIndex, 3.47, 3.47,
     [](X x) { return -17.58 + 0.240 * ri(x) + 0.172 * w(x) + 0.040 * male(x) * w(x) + 0.165 * h(x); }, "shwr"},
    {"impedance.tbw.vache-1998", FUSAIN_TEXT("Body water, Vaché, 60 to 80 y"), Predicted::BodyWater, 'B',
     "3.026 + 0.358·H²/R + 0.149·W + 2.924·male",
     "Vaché C et al (1998), Int J Obes 22:537-543", FUSAIN_TEXT("older people, n = 58, oxygen-18"), {60.0, 80.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return 3.026 + 0.358 * ri(x) + 0.149 * w(x) + 2.924 * male(x); }, "shwr"},
    {"impedance.tbw.horlick-2002", FUSAIN_TEXT("Body water, Horlick, 4 to 18 y"), Predicted::BodyWater, 'B',
     "0.725 + 0.475·H²/R + 0.140·W",
     "Horlick M et al (2002), Am J Clin Nutr 76:991-999", FUSAIN_TEXT("children"), {4.0, 18.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return 0.725 + 0.475 * ri(x) + 0.140 * w(x); }, "hwr"},
    {"impedance.tbw.kotler-1996", FUSAIN_TEXT("Body water, Kotler"), Predicted::BodyWater, 'B',
     "men: 0.58·H^1.62/Z^0.70/1.35 + 0.32·W − 3.66; women: 0.76·H^1.99/Z^0.58/18.91 + 0.14·W − 0.86",
     "Kotler DP et al (1996), Am J Clin Nutr 64S:489S-497S", FUSAIN_TEXT("adults, healthy and with HIV"), {18.0, 75.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return man(x) ? 0.58 * std::pow(h(x), 1.62) / std::pow(z(x), 0.70) / 1.35 + 0.32 * w(x) - 3.66 : 0.76 * std::pow(h(x), 1.99) / std::pow(z(x), 0.58) / 18.91 + 0.14 * w(x) - 0.86; }, "shwrx"},
    {"impedance.tbw.matias-2016", FUSAIN_TEXT("Body water, Matias, athletes"), Predicted::BodyWater, 'B',
     "0.286 + 0.195·H²/R + 0.385·W + 5.086·male",
     "Matias CN et al (2016), Clin Nutr 35:468-474", FUSAIN_TEXT("athletes, n = 208, deuterium"), {16.0, 40.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return 0.286 + 0.195 * ri(x) + 0.385 * w(x) + 5.086 * male(x); }, "shwr"},
    {"impedance.ecw.lukaski-bolonchuk-1988", FUSAIN_TEXT("Extracellular water, Lukaski and Bolonchuk"), Predicted::ExtracellularWater, 'B',
     "1.03 + 0.189·H²/R + 0.052·W − 0.0002·H²/Xc",
     "Lukaski HC, Bolonchuk WW (1988), Aviat Space Environ Med 59:1163-1169", FUSAIN_TEXT("adults, bromide"), {20.0, 73.0}, anyMassIndex, 1.06, 1.06,
     [](X x) { return 1.03 + 0.189 * ri(x) + 0.052 * w(x) - 0.0002 * h2(x) / xc(x); }, "hwrx"},
    {"impedance.ecw.matias-2016", FUSAIN_TEXT("Extracellular water, Matias, athletes"), Predicted::ExtracellularWater, 'B',
     "1.579 + 0.055·H²/R + 0.127·W + 0.006·H²/Xc + 0.932·male",
     "Matias CN et al (2016), Clin Nutr 35:468-474", FUSAIN_TEXT("athletes, bromide"), {16.0, 40.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return 1.579 + 0.055 * ri(x) + 0.127 * w(x) + 0.006 * h2(x) / xc(x) + 0.932 * male(x); }, "shwrx"},
    {"impedance.smm.janssen-2000", FUSAIN_TEXT("Skeletal muscle, Janssen"), Predicted::SkeletalMuscle, 'A',
     "0.401·H²/R + 3.825·male − 0.071·age + 5.102",
     "Janssen I et al (2000), J Appl Physiol 89:465-471", FUSAIN_TEXT("n = 388, whole-body MRI; made with mostly white adults, and biased in Asian people"), {18.0, 86.0}, {16.0, 48.0}, 2.7, 2.7,
     [](X x) { return 0.401 * ri(x) + 3.825 * male(x) - 0.071 * age(x) + 5.102; }, "shar"},
    {"impedance.asm.kyle-2003", FUSAIN_TEXT("Limb muscle, Kyle"), Predicted::AppendicularLean, 'A',
     "−4.211 + 0.267·H²/R + 0.095·W + 1.909·male − 0.012·age + 0.058·Xc",
     "Kyle UG et al (2003), Clin Nutr 22:537-543", FUSAIN_TEXT("healthy, n = 444, and transplant patients, DXA"), {22.0, 94.0}, anyMassIndex, 1.12, 1.12,
     [](X x) { return -4.211 + 0.267 * ri(x) + 0.095 * w(x) + 1.909 * male(x) - 0.012 * age(x) + 0.058 * xc(x); }, "shwarx"},
    {"impedance.asm.sergi-2015", FUSAIN_TEXT("Limb muscle, Sergi, 60 y and over"), Predicted::AppendicularLean, 'A',
     "−3.964 + 0.227·H²/R + 0.095·W + 1.384·male + 0.064·Xc",
     "Sergi G et al (2015), Clin Nutr 34:667-673", FUSAIN_TEXT("older Caucasian people, n = 296, DXA"), {60.0, 99.0}, anyMassIndex, 1.14, 1.14,
     [](X x) { return -3.964 + 0.227 * ri(x) + 0.095 * w(x) + 1.384 * male(x) + 0.064 * xc(x); }, "shwrx"},
    {"impedance.asm.rangel-2015", FUSAIN_TEXT("Limb muscle, Rangel, 60 y and over"), Predicted::AppendicularLean, 'B',
     "−0.05376 + 0.2394·H²/R + 2.708·male + 0.065·W",
     "Rangel Peniche DB et al (2015), Arch Gerontol Geriatr 60:105-109", FUSAIN_TEXT("older Mexicans, DXA"), {60.0, 99.0}, anyMassIndex, 0.0, 0.0,
     [](X x) { return -0.05376 + 0.2394 * ri(x) + 2.708 * male(x) + 0.065 * w(x); }, "shwr"},
    {"impedance.asm.vermeiren-2019", FUSAIN_TEXT("Limb muscle, Vermeiren, 80 y and over"), Predicted::AppendicularLean, 'B',
     "0.827 + 0.19·H²/R + 2.101·male + 0.079·W",
     "Vermeiren S et al (2019), Clin Nutr 38:1756-1764", FUSAIN_TEXT("the oldest, DXA"), {80.0, 110.0}, anyMassIndex, 1.45, 1.45,
     [](X x) { return 0.827 + 0.19 * ri(x) + 2.101 * male(x) + 0.079 * w(x); }, "shwr"},
};
// clang-format on

} // namespace

std::span<const WholeBodyEquation> wholeBodyEquations() {
    return table;
}

const WholeBodyEquation* findWholeBodyEquation(std::string_view id) {
    const auto found = std::ranges::find(table, id, &WholeBodyEquation::id);
    return found == std::end(table) ? nullptr : found;
}

} // namespace fusain::impedance
