#include "desktop/services/lab_forms.hpp"

#include "desktop/services/workstation.hpp"
#include "record/all/record.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"

#include <QBuffer>
#include <QFileDialog>
#include <QFormLayout>
#include <QImageReader>
#include <algorithm>

namespace fusain::desktop {
namespace {

const std::string fatPercent = "fat-percent";
constexpr QSize largestLogo(520, 160); // pixels; pages show it in 130 by 40 points

QLineEdit* kept(Session& session, const char* key) {
    return new QLineEdit(QString::fromStdString(session.book().setting(key)));
}

} // namespace

QString roleWords(const QString& role) {
    static const QMap<QString, const char*> names{
        {QStringLiteral("floor-scale"), QT_TR_NOOP("Scale")},
        {QStringLiteral("load-cell"), QT_TR_NOOP("Load cell")},
        {QStringLiteral("thermometer"), QT_TR_NOOP("Water")},
        {QStringLiteral("spirometer"), QT_TR_NOOP("Spirometer")},
        {QStringLiteral("room"), QT_TR_NOOP("Room")},
        {QStringLiteral("chamber"), QT_TR_NOOP("Chamber")},
        {QStringLiteral("chamber-scale"), QT_TR_NOOP("Chamber scale")},
        {QStringLiteral("analyzer"), QT_TR_NOOP("Analyzer")},
        {QStringLiteral("scanner"), QT_TR_NOOP("Scanner")},
    };
    return MethodsForm::tr(names.value(role, "?"));
}

Expected<void> keepSetting(Session& session, const std::string& key, const std::string& value) {
    if (session.book().setting(key) == value)
        return {};
    const std::string& by = session.atTheBench().id; // nobody yet on the first page of a new lab book
    return session.book().setSetting(key, value, by.empty() ? "fusain" : by);
}

Expected<void> keepLink(Session& session, const QString& role, const QString& address) {
    const std::string key = "link." + role.toStdString(), before = session.workstation().setting(key, "none");
    const auto settings = link::LinkSettings::fromText(address);
    const QString wanted = address.isEmpty() ? QStringLiteral("none") : address;
    if (settings.kind == link::LinkSettings::Kind::None && wanted != QLatin1String("none"))
        return failure({FUSAIN_TEXT("\"{1}\" is not a way to reach an instrument."), {address.toStdString()}});
    if (wanted.toStdString() == before)
        return {};
    auto kept = session.workstation().setSetting(key, wanted.toStdString(), session.atTheBench().id);
    if (kept)
        session.hub().configure(role, settings);
    return kept;
}

LetterheadForm::LetterheadForm(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), name_(kept(session, "lab-name")),
      address_(kept(session, "lab-address")), telephone_(kept(session, "lab-telephone")), units_(new QComboBox),
      paper_(new QComboBox), language_(new QComboBox), fatReference_(new QComboBox), window_(new QComboBox),
      logo_(session.letterhead().logo), logoShown_(label({}, "soft", false)),
      noLogo_(button(tr("Remove logo"))), problem_(label({}, "warning")) {
    units_->addItems({tr("metric"), tr("US customary")});
    units_->setCurrentIndex(session.units() == UnitSystem::UsCustomary ? 1 : 0);
    paper_->addItems({tr("A4"), tr("US Letter")});
    paper_->setCurrentIndex(session.letterhead().paper == report::Paper::Letter ? 1 : 0);
    for (const QString& code : report::pageLanguages())
        language_->addItem(report::languageName(code), code);
    language_->setCurrentIndex(
        std::max(0, language_->findData(QString::fromStdString(session.book().setting("lab-language")))));
    window_->addItem(tr("as the desktop"), QString());
    for (const QString& code : report::pageLanguages())
        window_->addItem(report::languageName(code), code);
    window_->setCurrentIndex(
        std::max(0, window_->findData(QString::fromStdString(session.book().setting("window-language")))));
    for (const auto& set : session.catalogue().references)
        if (set.quantity == fatPercent && set.mayBeChosen())
            fatReference_->addItem(report::say(std::string_view(set.title)), QString::fromStdString(set.id));
    fatReference_->setCurrentIndex(std::max(
        0, fatReference_->findData(QString::fromStdString(session.references().chosenFor(fatPercent)->id))));
    // The physiologist owns the reference sets; on the first page of a new lab book nobody is there yet.
    const Staff& who = session.atTheBench();
    fatReference_->setEnabled(who.id.empty() || may(who.role, Right::Policies));
    auto* choose = button(tr("Choose logo…"));
    auto* form = new QFormLayout(this);
    form->setContentsMargins(0, 0, 0, 0);
    const auto row = [&](const QString& words, QWidget* field) {
        field->setAccessibleName(words);
        form->addRow(words, field);
    };
    row(tr("Name of the lab"), name_);
    row(tr("Address"), address_);
    row(tr("Telephone"), telephone_);
    form->addRow(tr("Logo"), logoShown_);
    form->addRow(QString(), inOneRow({choose, noLogo_}));
    row(tr("Paper"), paper_);
    row(tr("Language of new clients' pages"), language_);
    row(tr("Language of this window, from the next start"), window_);
    row(tr("Units of the lab"), units_);
    row(tr("Reference for % fat"), fatReference_);
    form->addRow(problem_);
    connect(choose, &QPushButton::clicked, this, &LetterheadForm::chooseLogo);
    connect(noLogo_, &QPushButton::clicked, this, [this] {
        logo_.clear();
        showLogo();
    });
    showLogo();
}

void LetterheadForm::showLogo() {
    const QImage logo = logo_.isEmpty() ? QImage() : QImage::fromData(logo_);
    noLogo_->setEnabled(!logo.isNull());
    if (logo.isNull())
        logoShown_->setText(tr("none"));
    else
        logoShown_->setPixmap(
            QPixmap::fromImage(logo.scaled(130, 40, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

void LetterheadForm::chooseLogo() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Choose logo"), {}, tr("Pictures (*.png *.jpg *.jpeg)"));
    if (path.isEmpty())
        return;
    const auto taken = takeLogo(path);
    problem_->setText(taken ? QString() : report::say(taken.error()));
}

// The lab book keeps a small copy: the file that was chosen may go.
Expected<void> LetterheadForm::takeLogo(const QString& path) {
    QImageReader reader(path);
    const QSize size = reader.size();
    if (size.isValid() && (size.width() > largestLogo.width() || size.height() > largestLogo.height()))
        reader.setScaledSize(size.scaled(largestLogo, Qt::KeepAspectRatio));
    const QImage picture = reader.read();
    QByteArray bytes;
    QBuffer buffer(&bytes);
    if (picture.isNull() || !picture.save(&buffer, "PNG"))
        return failure({FUSAIN_TEXT("This file is not a picture that can be read."), {}}, path.toStdString(),
                       {FUSAIN_TEXT("Use a PNG or JPEG file."), {}});
    logo_ = bytes;
    showLogo();
    return {};
}

Expected<void> LetterheadForm::keep() {
    const std::string name = name_->text().simplified().toStdString();
    if (name.empty())
        return failure({FUSAIN_TEXT("The lab needs a name."), {}});
    Expected<void> done;
    for (const auto& [key, value] :
         {std::pair("lab-name", name), std::pair("lab-address", address_->text().simplified().toStdString()),
          std::pair("lab-telephone", telephone_->text().simplified().toStdString()),
          std::pair("lab-logo", logo_.toBase64().toStdString()),
          std::pair("lab-paper", std::string(paper_->currentIndex() == 1 ? "letter" : "a4")),
          std::pair("lab-language", language_->currentData().toString().toStdString()),
          std::pair("window-language", window_->currentData().toString().toStdString()),
          std::pair("units", std::string(units_->currentIndex() == 1 ? "us" : "metric"))})
        if (done)
            done = keepSetting(session_, key, value);
    const std::string reference = fatReference_->currentData().toString().toStdString();
    if (done && fatReference_->isEnabled() && reference != session_.references().chosenFor(fatPercent)->id)
        done = keepSetting(session_, "reference." + fatPercent, reference);
    return done;
}

LinkField::LinkField(const QString& name, const QString& address, QWidget* parent)
    : QWidget(parent), kind_(new QComboBox), place_(new QLineEdit(address.section(QLatin1Char(':'), 1))) {
    kind_->addItem(tr("typed"));
    kind_->addItem(tr("network"), QStringLiteral("tcp:"));
    kind_->addItem(tr("serial port"), QStringLiteral("serial:"));
    kind_->setAccessibleName(tr("%1: how its readings come").arg(name));
    place_->setAccessibleName(name);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(kind_);
    row->addWidget(place_, 1);
    row->addStretch();
    const auto show = [this] {
        place_->setVisible(kind_->currentIndex() > 0);
        place_->setPlaceholderText(kind_->currentIndex() == 1   ? tr("host:port")
                                   : kind_->currentIndex() == 2 ? tr("/dev/ttyUSB0:9600:none")
                                                                : QString());
    };
    connect(kind_, &QComboBox::currentIndexChanged, this, show);
    kind_->setCurrentIndex(
        std::max(0, kind_->findData(QString(address.section(QLatin1Char(':'), 0, 0) + QLatin1Char(':')))));
    show();
}

QString LinkField::address() const {
    const QString kind = kind_->currentData().toString();
    return kind.isEmpty() ? QString() : kind + place_->text().trimmed();
}

MethodsForm::MethodsForm(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* form = new QFormLayout(this);
    form->setContentsMargins(0, 0, 0, 0);
    const auto owned = session.ownedMethods();
    for (const std::string_view method : methods) {
        auto* box = new QCheckBox(report::say(methodTitle(method)));
        box->setChecked(std::ranges::find(owned, method) != owned.end());
        methods_[std::string(method)] = box;
        form->addRow(box);
    }
    for (const QString& role : link::InstrumentHub::roles()) {
        links_[role] = new LinkField(roleWords(role), QString::fromStdString(session.workstation().setting(
                                                          "link." + role.toStdString(), "none")));
        form->addRow(roleWords(role), links_[role]);
    }
}

Expected<void> MethodsForm::keep() {
    QStringList owned;
    for (const auto& [method, box] : methods_)
        if (box->isChecked())
            owned << QString::fromStdString(method);
    if (owned.isEmpty())
        return failure({FUSAIN_TEXT("Tick at least one method."), {}});
    const bool all = session_.book().setting("methods").empty() && owned.size() == qsizetype(methods_.size());
    auto kept =
        all ? Expected<void>() : keepSetting(session_, "methods", owned.join(QLatin1Char(',')).toStdString());
    for (auto link = links_.cbegin(); link != links_.cend() && kept; ++link)
        kept = keepLink(session_, link.key(), link.value()->address());
    return kept;
}

} // namespace fusain::desktop

#include "moc_lab_forms.cpp"
