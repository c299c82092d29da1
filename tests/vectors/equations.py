"""Values of every equation of the catalogue, computed here from the published forms and from nothing of the program's:
tests/vectors/equations.tsv holds what this prints, and tests/core/vectors_test.cpp holds the catalogue to it.

Usage: python3 equations.py > equations.tsv
H cm, h m, W kg, A years, R, Xc, Z ohm, male 1 or 0.
"""
from math import atan, exp, log10, pi, sqrt


def vapour(t):  # Buck 1981, mmHg
    return 6.1121 * exp(17.502 * t / (240.97 + t)) * 760 / 1013.25


def tanaka(t):
    return 999.974950 * (1 - (t - 3.983035) ** 2 * (t + 301.797) / (522528.9 * (t + 69.34881)))


def kell(t):
    c = [999.83952, 16.945176, -7.9870401e-3, -46.170461e-6, 105.56302e-9, -280.54253e-12]
    return sum(a * t ** i for i, a in enumerate(c)) / (1 + 16.879850e-3 * t)


def by_age(rows, age):
    for to, value in rows:
        if age < to:
            return value
    return rows[-1][1]


LOHMAN = {1: [(9, (5.38, 4.97)), (11, (5.30, 4.89)), (13, (5.23, 4.81)), (15, (5.07, 4.64)), (17, (5.03, 4.59))],
          0: [(9, (5.43, 5.03)), (11, (5.35, 4.95)), (13, (5.25, 4.84)), (15, (5.12, 4.69)), (17, (5.07, 4.64))]}
WHITE = {1: [(13, (5.30, 4.89)), (17, (5.07, 4.64)), (20, (4.99, 4.55)), (81, (4.95, 4.50))],
         0: [(13, (5.35, 4.95)), (17, (5.10, 4.66)), (20, (5.05, 4.62)), (81, (5.01, 4.57))]}
SCHOFIELD = {1: [(3, (59.512, -30.4)), (10, (22.706, 504.3)), (18, (17.686, 658.2)), (30, (15.057, 692.2)),
                 (60, (11.472, 873.1)), (200, (11.711, 587.7))],
             0: [(3, (58.317, -31.1)), (10, (20.315, 485.9)), (18, (13.384, 692.6)), (30, (14.818, 486.6)),
                 (60, (8.126, 845.6)), (200, (9.082, 658.5))]}
HENRY = {1: [(3, (.118, 3.59, -1.55)), (10, (.0632, 1.31, 1.28)), (18, (.0651, 1.11, 1.25)), (30, (.0600, 1.31, .473)),
             (60, (.0476, 2.26, -.574)), (200, (.0478, 2.26, -1.07))],
         0: [(3, (.127, 2.94, -1.20)), (10, (.0666, .878, 1.46)), (18, (.0393, 1.04, 1.93)), (30, (.0433, 2.57, -1.180)),
             (60, (.0342, 2.10, -.0486)), (200, (.0356, 1.76, .0448))]}


def children(table):
    return lambda male, age_y, density_kg_per_l: 100 * (by_age(table[male], int(age_y))[0] / density_kg_per_l
                                                        - by_age(table[male], int(age_y))[1])


def segal_lean(male, H, W, A, R):
    return (0.00066360 * H ** 2 - 0.02117 * R + 0.62854 * W - 0.12380 * A + 9.33285 if male else
            0.00064602 * H ** 2 - 0.01397 * R + 0.42087 * W + 10.43485)


def segal_obese(male, H, W, A, R):
    return (0.00088580 * H ** 2 - 0.02999 * R + 0.42688 * W - 0.07002 * A + 14.52435 if male else
            0.00091186 * H ** 2 - 0.01466 * R + 0.29990 * W - 0.07012 * A + 9.37938)


def segal_averaged(male, H, W, A, R):
    limit = 20 if male else 30
    lean, obese = segal_lean(male, H, W, A, R), segal_obese(male, H, W, A, R)
    fat = [100 * (W - each) / W for each in (lean, obese)]
    if all(each < limit for each in fat):
        return lean
    return obese if all(each >= limit for each in fat) else (lean + obese) / 2


def hankinson(male, H, A):
    if male:
        return (-0.1933 + 0.00064 * A - 0.000269 * A ** 2 if A >= 20 else -0.2584 - 0.20415 * A + 0.010133 * A ** 2) \
            + 0.00018642 * H ** 2
    return (-0.3560 + 0.01870 * A - 0.000382 * A ** 2 if A >= 18 else -1.2082 + 0.05916 * A) + 0.00014815 * H ** 2


def moissl(a, b, H, W, resistance):
    return (a / (W / (H / 100) ** 2) + b) * (H ** 2 * sqrt(W) / resistance) ** (2 / 3)


def z(R, Xc):
    return sqrt(R * R + Xc * Xc)


def several(a, b, c, d):
    return lambda density_kg_per_l, water_fraction, mineral=0.0: 100 * (a / density_kg_per_l - b * water_fraction
                                                                        + c * mineral - d)


def dilution(overfill):
    return lambda dose_g, rise_mg_per_kg: 1000 * dose_g / rise_mg_per_kg / overfill / 0.9937


MALE = [("male", 1), ("female", 0)]
D = [("density_kg_per_l", 1.0537), ("density_kg_per_l", 1.0191)]


def people(function, *names, ages=(31.0, 44.0)):
    """Two people; H, W, A, R, Xc by the names of the inputs."""
    two = [dict(male=1, H=178.3, W=76.4, A=ages[0], R=486.2, Xc=58.7),
           dict(male=0, H=164.9, W=63.8, A=ages[1], R=571.6, Xc=61.3)]
    key = dict(male="sex", H="height_cm", W="mass_kg", A="age_y", R="resistance_ohm", Xc="reactance_ohm")
    for who in two:
        given = {key[name]: ("male" if who["male"] else "female") if name == "male" else who[name] for name in names}
        yield given, function(*(who[name] for name in names))


def values(function, *sets):
    for given in sets:
        yield given, function(*given.values())


def sexes(function, *sets, name="sex"):
    for given in sets:
        for word, male in MALE:
            yield {name: word, **given}, function(male, *given.values())


def equations():
    yield "water.density.tanaka-2001", values(tanaka, dict(temperature_c=3.0), dict(temperature_c=34.6))
    yield "water.density.kell-1975", values(kell, dict(temperature_c=3.0), dict(temperature_c=34.6))
    yield "gas.vapour-pressure.buck-1981", values(vapour, dict(temperature_c=-4.0), dict(temperature_c=37.0))
    yield "gas.vapour-pressure.antoine-0-60", values(lambda t: 10 ** (8.10765 - 1750.286 / (235.0 + t)),
                                                     dict(temperature_c=22.0), dict(temperature_c=37.0))
    air = (dict(temperature_c=21.3, pressure_mmhg=741.0), dict(temperature_c=26.0, pressure_mmhg=758.5))
    yield "gas.btps-from-atps", values(lambda t, p: (p - vapour(t)) / (p - 47) * 310 / (273 + t), *air)
    yield "gas.stpd-from-atps", values(lambda t, p: (p - vapour(t)) / 760 * 273 / (273 + t), *air)
    yield "gas.btps-from-atpd", values(lambda t, p: p / (p - 47) * 310 / (273 + t), *air)
    yield "tank.standing", values(
        lambda t, room, minutes, volume, loss: room + (t - room) * exp(-loss * 60 * minutes / (4180 * 0.995 * volume)),
        dict(temperature_c=35.0, room_c=21.0, minutes=240.0, volume_l=1450.0, heat_loss_w_k=31.0))
    yield "tank.top-up", values(lambda v, t, wanted, hot: v * (wanted - t) / (hot - t),
                                dict(volume_l=1450.0, temperature_c=31.2, wanted_c=34.5, hot_c=57.0))
    yield "tank.chlorine-dose", values(lambda raise_, v, stock: raise_ * v / (10 * stock),
                                       dict(raise_mg_l=1.7, volume_l=1450.0, stock_percent=12.5))
    yield "tank.hypochlorous-share", values(
        lambda ph, t: 1 / (1 + 10 ** (ph - (3000 / (t + 273.15) - 10.0686 + 0.0253 * (t + 273.15)))),
        dict(ph=7.3, temperature_c=35.5))
    lung = (dict(height_cm=171.5, age_y=38.0), dict(height_cm=158.2, age_y=61.0))
    for name, male, female, scale in (
            ("lung.residual-volume.crapo-1982", (0.0216, 0.0207, -2.840), (0.0197, 0.0201, -2.421), 1),
            ("lung.residual-volume.ecsc-1993", (1.31, 0.022, -1.23), (1.81, 0.016, -2.00), 100),
            ("lung.frc.crapo-1982", (0.0472, 0.0090, -5.290), (0.0360, 0.0031, -3.182), 1),
            ("lung.frc.ecsc-1993", (2.34, 0.009, -1.09), (2.24, 0.001, -1.00), 100),
            ("lung.tlc.crapo-1982", (0.0795, 0.0032, -7.333), (0.0590, 0.0, -4.537), 1),
            ("lung.tlc.ecsc-1993", (7.99, 0.0, -7.08), (6.60, 0.0, -5.79), 100),
            ("lung.residual-volume.goldman-1959", (0.027, 0.017, -3.447), (0.032, 0.009, -3.900), 1),
            ("lung.fvc.crapo-1981", (0.0600, -0.0214, -4.650), (0.0491, -0.0216, -3.590), 1),
            ("lung.fvc.ecsc-1993", (5.76, -0.026, -4.34), (4.43, -0.026, -2.89), 100),
            ("chamber.thoracic-gas.adult", (0.0472, 0.0090, -5.290 + 0.60), (0.0360, 0.0031, -3.182 + 0.35), 1)):
        yield name, sexes(lambda m, H, A, c=(female, male), s=scale: c[m][0] * H / s + c[m][1] * A + c[m][2], *lung)
    yield "lung.residual-volume.wilmore-1969", sexes(lambda m, vc: (0.24 if m else 0.28) * vc, dict(vital_capacity_l=4.37))
    yield "lung.residual-volume.polgar-1971", sexes(lambda m, H, A: 0.0041 * H ** 2.41 / 1000,
                                                    dict(height_cm=143.0, age_y=11.0))
    yield "lung.fvc.hankinson-1999", sexes(hankinson, *lung, dict(height_cm=151.0, age_y=12.0),
                                           dict(height_cm=172.0, age_y=18.0), dict(height_cm=172.0, age_y=20.0))
    yield "hydrostatic.body-density", values(lambda ma, mw, dw, rv, gi: ma / ((ma - mw) / dw - (rv + gi)),
                                             dict(mass_kg=70.0, underwater_mass_kg=3.30, water_density_kg_per_l=0.99437,
                                                  residual_volume_l=1.30, gut_gas_l=0.1))
    for name, a, b in (("fat.density.siri-1961", 495, 450), ("fat.density.brozek-1963", 457.0, 414.2),
                       ("fat.density.schutte-1984", 437.4, 392.8), ("fat.density.wagner-heyward-2001", 485.8, 439.4),
                       ("fat.density.heyward-wagner-2004.black-women", 485, 439)):
        yield name, values(lambda d, a=a, b=b: a / d - b, *(dict([each]) for each in D))
    ages = (7.0, 8.9, 9.0, 12.5, 14.0, 16.9)
    yield "fat.density.lohman-1989", sexes(children(LOHMAN), *(dict(age_y=a, density_kg_per_l=1.045) for a in ages if a <= 16))
    yield "fat.density.heyward-wagner-2004.white", sexes(
        children(WHITE), *(dict(age_y=a, density_kg_per_l=1.045) for a in (7.0, 12.9, 13.0, 17.0, 19.9, 20.0, 80.0)))
    yield "quality.lsc", values(lambda pe: 1.959963984540054 * sqrt(2) * pe, dict(precision_error=0.83))
    body = (dict(mass_kg=76.4, height_cm=178.3), dict(mass_kg=31.0, height_cm=135.0))
    dubois = lambda W, H: 71.84 * W ** 0.425 * H ** 0.725
    yield "anthropometry.surface-area.dubois-1916", values(dubois, *body)
    yield "anthropometry.surface-area.haycock-1978", values(lambda W, H: 0.024265 * W ** 0.5378 * H ** 0.3964, *body)
    yield "chamber.surface-area-artefact", values(lambda W, H: -4.67e-5 * dubois(W, H), *body)
    yield "chamber.body-volume", values(lambda raw, skin, gas: raw - skin + 0.40 * gas,
                                        dict(raw_volume_l=63.5, surface_area_artefact_l=-0.8631, thoracic_gas_l=3.84))
    yield "chamber.thoracic-gas.fields-2004", sexes(
        lambda m, H: 0.00056 * H ** 2 - 0.12442 * H + 8.15194 if m else 0.00044 * H ** 2 - 0.09220 * H + 6.00305,
        dict(height_cm=146.0))
    yield "impedance.phase-angle", values(lambda R, Xc: atan(Xc / R) * 180 / pi, dict(resistance_ohm=486.2, reactance_ohm=58.7))
    yield "impedance.overhydration.chamney-2007", values(
        lambda e, i, W: 1.136 * e - 0.430 * i - 0.114 * W,
        dict(extracellular_l=17.9, intracellular_l=24.1, mass_kg=76.4))
    yield "impedance.tbw.watson-1980", people(
        lambda m, A, H, W: 2.447 - 0.09516 * A + 0.1074 * H + 0.3362 * W if m else -2.097 + 0.1069 * H + 0.2466 * W,
        "male", "A", "H", "W")
    HR = lambda H, R: H * H / R
    for name, names, function in (
            ("ffm.kyle-2001", "male H W A R Xc", lambda m, H, W, A, R, X: -4.104 + 0.518 * HR(H, R) + 0.231 * W + 0.130 * X + 4.229 * m),
            ("ffm.sun-2003", "male H W A R Xc", lambda m, H, W, A, R, X: -10.68 + 0.65 * HR(H, R) + 0.26 * W + 0.02 * R if m else
             -9.53 + 0.69 * HR(H, R) + 0.17 * W + 0.02 * R),
            ("ffm.lukaski-1986-xc", "H W R Xc", lambda H, W, R, X: 0.756 * HR(H, R) + 0.110 * W + 0.107 * X - 5.463),
            ("ffm.lukaski-1986", "male H R", lambda m, H, R: 5.214 + 0.827 * HR(H, R) if m else 4.917 + 0.821 * HR(H, R)),
            ("ffm.lukaski-1985", "H R", lambda H, R: 3.04 + 0.85 * HR(H, R)),
            ("ffm.lukaski-bolonchuk-1987", "male H W R Xc", lambda m, H, W, R, X: -4.03 + 0.734 * HR(H, R) + 0.116 * W + 0.096 * X + 0.984 * m),
            ("ffm.segal-1988-lean", "male H W A R", segal_lean),
            ("ffm.segal-1988-obese", "male H W A R", segal_obese),
            ("ffm.segal-1988-averaged", "male H W A R", segal_averaged),
            ("ffm.segal-1988-general", "male H W A R", lambda m, H, W, A, R:
             0.00132 * H * H - 0.04394 * R + 0.30520 * W - 0.16760 * A + 22.66827 if m else
             0.00108 * H * H - 0.02090 * R + 0.23199 * W - 0.06777 * A + 14.59453),
            ("ffm.deurenberg-1991", "male H W A R Xc", lambda m, H, W, A, R, X:
             0.340 * HR(H, z(R, X)) + 0.1534 * H + 0.273 * W - 0.127 * A + 4.56 * m - 12.44),
            ("ffm.deurenberg-1991-child", "male H W R Xc", lambda m, H, W, R, X:
             0.406 * HR(H, z(R, X)) + 0.360 * W + 0.0558 * H + 0.56 * m - 6.48),
            ("ffm.houtkooper-1992", "H W R", lambda H, W, R: 0.61 * HR(H, R) + 0.25 * W + 1.31),
            ("ffm.houtkooper-1989", "H W R", lambda H, W, R: 0.58 * HR(H, R) + 0.24 * W + 2.69),
            ("ffm.rush-2003", "H W R", lambda H, W, R: 0.622 * HR(H, R) + 0.234 * W + 1.166),
            ("ffm.gray-1989", "male H W A R", lambda m, H, W, A, R: 0.00139 * H * H - 0.0801 * R + 0.187 * W + 39.830 if m else
             0.00151 * H * H - 0.0344 * R + 0.140 * W - 0.158 * A + 20.387),
            ("ffm.roubenoff-1997", "male H W R Xc", lambda m, H, W, R, X: 9.1536 + 0.4273 * HR(H, R) + 0.1926 * W + 0.0667 * X if m else
             7.7435 + 0.4542 * HR(H, R) + 0.1190 * W + 0.0455 * X),
            ("ffm.heitmann-1990", "male H W A R", lambda m, H, W, A, R:
             -14.94 + 0.279 * HR(H, R) + 0.181 * W + 0.231 * H + 0.064 * m * W - 0.077 * A),
            ("ffm.dey-2003", "male H W R", lambda m, H, W, R: 11.78 + 0.499 * HR(H, R) + 0.134 * W + 3.449 * m),
            ("ffm.kotler-1996", "male H W R Xc", lambda m, H, W, R, X:
             0.50 * H ** 1.48 / z(R, X) ** 0.55 / 1.21 + 0.42 * W + 0.49 if m else
             0.88 * H ** 1.97 / z(R, X) ** 0.49 / 22.22 + 0.081 * W + 0.07),
            ("ffm.matias-2021", "male H W R", lambda m, H, W, R: -2.261 + 0.327 * HR(H, R) + 0.525 * W + 5.462 * m),
            ("tbw.sun-2003", "male H W R", lambda m, H, W, R: 1.20 + 0.45 * HR(H, R) + 0.18 * W if m else 3.75 + 0.45 * HR(H, R) + 0.11 * W),
            ("tbw.kushner-1986", "male H W R", lambda m, H, W, R: 8.399 + 0.396 * HR(H, R) + 0.143 * W if m else
             8.315 + 0.382 * HR(H, R) + 0.105 * W),
            ("tbw.kushner-1986-all", "H W R", lambda H, W, R: 0.5561 * HR(H, R) + 0.0955 * W + 1.726),
            ("tbw.kushner-1992", "H W R", lambda H, W, R: 0.04 + 0.59 * HR(H, R) + 0.065 * W),
            ("tbw.lukaski-bolonchuk-1988", "male H W A R", lambda m, H, W, A, R: 4.96 + 0.372 * HR(H, R) + 3.05 * m + 0.142 * W - 0.069 * A),
            ("tbw.heitmann-1990", "male H W R", lambda m, H, W, R: -17.58 + 0.240 * HR(H, R) + 0.172 * W + 0.040 * m * W + 0.165 * H),
            ("tbw.vache-1998", "male H W R", lambda m, H, W, R: 3.026 + 0.358 * HR(H, R) + 0.149 * W + 2.924 * m),
            ("tbw.horlick-2002", "H W R", lambda H, W, R: 0.725 + 0.475 * HR(H, R) + 0.140 * W),
            ("tbw.kotler-1996", "male H W R Xc", lambda m, H, W, R, X:
             0.58 * H ** 1.62 / z(R, X) ** 0.70 / 1.35 + 0.32 * W - 3.66 if m else
             0.76 * H ** 1.99 / z(R, X) ** 0.58 / 18.91 + 0.14 * W - 0.86),
            ("tbw.matias-2016", "male H W R", lambda m, H, W, R: 0.286 + 0.195 * HR(H, R) + 0.385 * W + 5.086 * m),
            ("ecw.lukaski-bolonchuk-1988", "H W R Xc", lambda H, W, R, X: 1.03 + 0.189 * HR(H, R) + 0.052 * W - 0.0002 * H * H / X),
            ("ecw.matias-2016", "male H W R Xc", lambda m, H, W, R, X: 1.579 + 0.055 * HR(H, R) + 0.127 * W + 0.006 * H * H / X + 0.932 * m),
            ("smm.janssen-2000", "male H A R", lambda m, H, A, R: 0.401 * HR(H, R) + 3.825 * m - 0.071 * A + 5.102),
            ("asm.kyle-2003", "male H W A R Xc", lambda m, H, W, A, R, X:
             -4.211 + 0.267 * HR(H, R) + 0.095 * W + 1.909 * m - 0.012 * A + 0.058 * X),
            ("asm.sergi-2015", "male H W R Xc", lambda m, H, W, R, X: -3.964 + 0.227 * HR(H, R) + 0.095 * W + 1.384 * m + 0.064 * X),
            ("asm.rangel-2015", "male H W R", lambda m, H, W, R: -0.05376 + 0.2394 * HR(H, R) + 2.708 * m + 0.065 * W),
            ("asm.vermeiren-2019", "male H W R", lambda m, H, W, R: 0.827 + 0.19 * HR(H, R) + 2.101 * m + 0.079 * W)):
        yield "impedance." + name, people(function, *names.split())
    yield "impedance.ffm.schaefer-1994", people(lambda H, A, R, X: 0.65 * HR(H, z(R, X)) + 0.68 * A + 0.15,
                                                "H", "A", "R", "Xc", ages=(9.0, 14.0))
    arc = dict(height_cm=178.3, mass_kg=76.4)
    yield "impedance.ecw.moissl-2006", values(lambda H, W, r: moissl(0.188, 0.2883, H, W, r), {**arc, "extracellular_resistance_ohm": 610.0})
    yield "impedance.icw.moissl-2006", values(lambda H, W, r: moissl(5.8758, 0.4194, H, W, r), {**arc, "intracellular_resistance_ohm": 1180.0})
    yield "impedance.ecw.de-lorenzo-1997", sexes(
        lambda m, H, W, r: (0.306 if m else 0.316) * (H * H * sqrt(W) / r) ** (2 / 3), {**arc, "extracellular_resistance_ohm": 610.0})
    for name, a, b, c, d, mineral in (
            ("four.wang-2002", 2.748, 0.699, 1.129, 2.051, "bone_mineral_fraction"),
            ("four.selinger-1977", 2.747, 0.714, 1.146, 2.0503, "total_mineral_fraction"),
            ("four.friedl-1992", 2.559, 0.734, 0.983, 1.841, "bone_mineral_fraction"),
            ("four.withers-1998", 2.513, 0.739, 0.947, 1.790, "bone_mineral_fraction"),
            ("four.fuller-1992", 2.747, 0.710, 1.460, 2.050, "bone_mineral_fraction"),
            ("three.siri-1961", 2.118, 0.780, 0, 1.354, ""), ("three.modlesky-1996", 2.1176, 0.780, 0, 1.351, ""),
            ("three.fuller-1992", 2.220, 0.764, 0, 1.465, "")):
        given = dict(density_kg_per_l=1.0537, water_fraction=0.588)
        yield "fat." + name, values(several(a, b, c, d), {**given, mineral: 0.0411} if mineral else given)
    yield "fat.three.mineral-lohman-1986", values(lambda d, m: 100 * (6.386 / d + 3.961 * m - 6.090),
                                                  dict(density_kg_per_l=1.0537, total_mineral_fraction=0.0524))
    fat_free = dict(fat_free_mass_kg=58.3)
    for name, slope, base in (("cunningham-1991", 21.6, 370), ("cunningham-1980", 22, 500),
                              ("ten-haaf-2014.fat-free-mass", 22.771, 484.264), ("tinsley-2019", 25.9, 284)):
        yield "energy.rmr." + name, values(lambda f, s=slope, b=base: s * f + b, fat_free)
    yield "energy.rmr.mifflin-1990", people(lambda m, W, H, A: 10 * W + 6.25 * H - 5 * A + (5 if m else -161), "male", "W", "H", "A")
    yield "energy.rmr.ten-haaf-2014.mass", people(
        lambda m, W, H, A: 11.936 * W + 5.87728 * H - 8.129 * A + 191.027 * m + 29.279, "male", "W", "H", "A", ages=(24.0, 33.0))
    yield "energy.rmr.harris-benedict-1919", people(
        lambda m, W, H, A: 66.4730 + 13.7516 * W + 5.0033 * H - 6.7550 * A if m else
        655.0955 + 9.5634 * W + 1.8496 * H - 4.6756 * A, "male", "W", "H", "A")
    yield "energy.rmr.roza-shizgal-1984", people(
        lambda m, W, H, A: 88.362 + 13.397 * W + 4.799 * H - 5.677 * A if m else
        447.593 + 9.247 * W + 3.098 * H - 4.330 * A, "male", "W", "H", "A")
    yield "energy.rmr.owen-1987", people(lambda m, W: 879 + 10.2 * W if m else 795 + 7.18 * W, "male", "W")
    yield "energy.rmr.mueller-2004", people(
        lambda m, W, A: (0.047 * W + 1.009 * m - 0.01452 * A + 3.21) / 4.184e-3, "male", "W", "A")
    bands = (2.9, 3.0, 9.9, 10.0, 17.9, 18.0, 29.9, 30.0, 59.9, 60.0)
    yield "energy.rmr.schofield-1985", sexes(
        lambda m, W, A: by_age(SCHOFIELD[m], A)[0] * W + by_age(SCHOFIELD[m], A)[1],
        *(dict(mass_kg=41.0, age_y=a) for a in bands))

    def henry(male, W, H, A):
        w, h, base = by_age(HENRY[male], A)
        return (w * W + h * H / 100 + base) / 4.184e-3
    yield "energy.rmr.henry-2005", sexes(henry, *(dict(mass_kg=41.0, height_cm=151.0, age_y=a) for a in bands))
    yield "energy.rmr.de-lorenzo-1999", values(lambda W, H: -857 + 9.0 * W + 11.7 * H, dict(mass_kg=76.4, height_cm=178.3))
    yield "energy.rmr.nelson-1992", values(lambda f, m: 25.80 * f + 4.04 * m, dict(fat_free_mass_kg=58.3, fat_mass_kg=14.2))
    yield "energy.weir-1949", values(lambda o, c: 1440 * (3.941 * o + 1.106 * c), dict(oxygen_l_min=0.247, carbon_dioxide_l_min=0.211))
    yield "volume.densitometer.wilson-2013", values(lambda f, l, b: f / 0.84 + l / 1.03 + b / 11.63 - 3.12,
                                                    dict(fat_mass_kg=14.2, lean_kg=55.6, bone_mineral_kg=2.9))
    tracer = dict(dose_g=30.0, rise_mg_per_kg=700.0)
    yield "water.dilution.deuterium", values(dilution(1.041), tracer)
    yield "water.dilution.oxygen-18", values(dilution(1.007), tracer)
    yield "energy.availability", values(lambda i, e, f: (i - e) / f, dict(intake_kcal=2350.0, exercise_kcal=430.0, fat_free_mass_kg=58.3))
    yield "energy.partition.forbes-lean-fraction", values(lambda f: 10.4 / (10.4 + f), dict(fat_mass_kg=14.2))
    yield "dxa.appendicular-lean-index", values(lambda a, H: a / (H / 100) ** 2, dict(appendicular_lean_kg=24.6, height_cm=178.3))


if __name__ == "__main__":
    print("# Made by equations.py from the published forms, without the program. id, arguments, value.")
    for name, rows in equations():
        for given, value in rows:
            print(name, " ".join(f"{key}={text}" for key, text in given.items()), f"{value:.12g}", sep="\t")
