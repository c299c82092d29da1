#include "desktop/window/first_start.hpp"

#include "desktop/places/quality/reference_dialog.hpp"
#include "desktop/services/lab_forms.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <QCheckBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

constexpr auto placeSetting = "first-start"; // the page to go on with; "done" after the last

/// A page that keeps what it holds when it is left forwards.
class KeptPage : public QWizardPage {
public:
    KeptPage(Session& session, const QString& title, const QString& subtitle, int number)
        : session_(session), number_(number), problem_(label({}, "warning")) {
        setTitle(title);
        setSubTitle(subtitle);
    }
    bool validatePage() override {
        auto kept = keep();
        if (kept)
            kept = keepSetting(session_, placeSetting,
                               number_ == 4 ? std::string("done") : std::to_string(number_ + 1));
        problem_->setText(kept ? QString() : report::say(kept.error()));
        return kept.has_value();
    }

protected:
    [[nodiscard]] virtual Expected<void> keep() = 0;
    QLabel* problemLine() { return problem_; }
    Session& session_;

private:
    int number_;
    QLabel* problem_;
};

/// A page around a form that the lab's settings have too.
template <class Form>
class FormPage : public KeptPage {
public:
    FormPage(Session& session, const QString& title, const QString& subtitle, int number)
        : KeptPage(session, title, subtitle, number), form_(new Form(session)) {
        auto* column = new QVBoxLayout(this);
        column->addWidget(form_);
        column->addWidget(problemLine());
        column->addStretch();
    }

private:
    Expected<void> keep() override { return form_->keep(); }
    Form* form_;
};

class StaffPage : public KeptPage {
public:
    explicit StaffPage(Session& session)
        : KeptPage(
              session, QObject::tr("Staff"),
              QObject::tr("Enter at least one physiologist. Add others later under Settings (Alt+S), People."),
              1),
          physiologist_(new QLineEdit), technician_(new QLineEdit),
          signIn_(new QCheckBox(QObject::tr("Everybody signs in with a passphrase"))) {
        auto* form = new QFormLayout(this);
        for (const Staff& member : session.book().staff())
            form->addRow(report::say(roleText(member.role)), label(QString::fromStdString(member.name)));
        form->addRow(QObject::tr("Physiologist"), physiologist_);
        form->addRow(QObject::tr("Technician (optional)"), technician_);
        signIn_->setChecked(session.signatures().everybodySignsIn());
        form->addRow(signIn_);
        form->addRow(label(
            QObject::tr("For one person nothing needs to be asked. Where several work on one record, each "
                        "proves who they are, and signs with a key of their own. It can be changed later."),
            "soft"));
        form->addRow(problemLine());
    }

private:
    Expected<void> keep() override {
        auto kept = add(physiologist_, Role::Physiologist);
        if (kept)
            kept = add(technician_, Role::Technician);
        if (!kept)
            return kept;
        const auto staff = session_.book().staff();
        const auto answers = std::ranges::find(staff, Role::Physiologist, &Staff::role);
        if (answers == staff.end())
            return failure({FUSAIN_TEXT("At least one physiologist is needed."), {}});
        if (session_.atTheBench().id.empty())
            static_cast<void>(session_.setAtTheBench(*answers)); // a first colleague has no passphrase yet
        return keepSignIn(*answers);
    }
    // Whoever asks for it has a passphrase first; the journal says what was decided.
    Expected<void> keepSignIn(const Staff& physiologist) {
        const bool wanted = signIn_->isChecked();
        if (wanted && !session_.signatures().keyOf(physiologist.id) &&
            NewPassphrase(session_, physiologist, this).exec() != QDialog::Accepted)
            return failure({FUSAIN_TEXT("{1} has no passphrase yet."), {physiologist.name}});
        return session_.signatures().setEverybodySignsIn(wanted, physiologist.id);
    }
    Expected<void> add(QLineEdit* name, Role role) {
        const std::string typed = name->text().simplified().toStdString();
        if (typed.empty())
            return {};
        const std::string id = session_.freshId("staff");
        const std::string by = session_.atTheBench().id.empty() ? id : session_.atTheBench().id;
        auto saved = session_.book().save(Staff{id, typed, role}, by);
        if (saved)
            name->clear();
        return saved;
    }
    QLineEdit *physiologist_, *technician_;
    QCheckBox* signIn_;
};

class CertificatesPage : public KeptPage {
public:
    explicit CertificatesPage(Session& session)
        : KeptPage(
              session, QObject::tr("Reference objects and their certificates"),
              QObject::tr("Double-click a line to enter its certificate. You can add certificates later under "
                          "Quality."),
              3),
          table_(table(
              {QObject::tr("instrument"), QObject::tr("check"), QObject::tr("object"), QObject::tr("until")},
              QObject::tr("Reference objects"))) {
        auto* column = new QVBoxLayout(this);
        for (const auto& [section, width] : {std::pair(0, 170), std::pair(1, 220), std::pair(2, 250)})
            table_->setColumnWidth(section, scaled(width));
        column->addWidget(table_);
        column->addWidget(problemLine());
        QObject::connect(table_, &QTableWidget::cellActivated, this, [this](int row) { edit(row); });
        QObject::connect(table_, &QTableWidget::cellDoubleClicked, this, [this](int row) { edit(row); });
    }
    void initializePage() override { show(); }

private:
    Expected<void> keep() override { return {}; }
    void show() {
        lines_.clear();
        for (const Instrument& instrument : session_.catalogue().instruments)
            if (session_.owns(instrument))
                for (const CheckDefinition& check : instrument.checks)
                    lines_.emplace_back(instrument.id, check.id);
        table_->setRowCount(static_cast<int>(lines_.size()));
        for (int row = 0; row < table_->rowCount(); ++row) {
            const auto& [instrumentId, checkId] = lines_[static_cast<std::size_t>(row)];
            const Instrument* instrument = session_.catalogue().instrument(instrumentId);
            const CheckDefinition* check = instrument->check(checkId);
            setRow(table_, row,
                   {report::say(instrument->name), report::say(check->title), report::say(check->object),
                    check->certificateUntil ? report::plain(isoText(*check->certificateUntil))
                                            : QObject::tr("not on file")});
        }
    }
    void edit(int row) {
        const auto& [instrumentId, checkId] = lines_[static_cast<std::size_t>(row)];
        const Instrument* instrument = session_.catalogue().instrument(instrumentId);
        ReferenceDialog(session_, *instrument, *instrument->check(checkId), this).exec();
        show();
    }
    QTableWidget* table_;
    std::vector<std::pair<std::string, std::string>> lines_;
};

class CopiesPage : public KeptPage {
public:
    explicit CopiesPage(Session& session)
        : KeptPage(
              session, QObject::tr("Copies"),
              QObject::tr(
                  "A daily copy is kept beside the lab book. Choose a second folder on another disk or share "
                  "in case this disk fails."),
              4),
          folder_(new QLineEdit(QString::fromStdString(session.book().setting("second-copies")))) {
        auto* choose = button(QObject::tr("Choose…"));
        QObject::connect(choose, &QPushButton::clicked, this, [this] {
            if (const QString chosen = QFileDialog::getExistingDirectory(this); !chosen.isEmpty())
                folder_->setText(chosen);
        });
        auto* form = new QFormLayout(this);
        form->addRow(label(QObject::tr("The lab book is %1.").arg(session.book().path()), "soft"));
        form->addRow(QObject::tr("Second folder (optional)"), folder_);
        form->addRow(QString(), inOneRow({choose}));
        form->addRow(problemLine());
    }

private:
    Expected<void> keep() override {
        const QString folder = folder_->text().trimmed();
        if (!folder.isEmpty() && !QDir(folder).exists())
            return failure({FUSAIN_TEXT("There is no such folder."), {}}, folder.toStdString());
        return keepSetting(session_, "second-copies", folder.toStdString());
    }
    QLineEdit* folder_;
};

} // namespace

FirstStart::FirstStart(Session& session, QWidget* parent) : QWizard(parent) {
    setObjectName(QStringLiteral("firstStart"));
    setWindowTitle(tr("A new lab book"));
    setWizardStyle(QWizard::ModernStyle);
    setMinimumSize(scaled(760), scaled(640));
    setButtonText(QWizard::CancelButton, tr("Finish later"));
    addPage(new FormPage<LetterheadForm>(session, tr("Your lab"), tr("Shown on every page."), 0));
    addPage(new StaffPage(session));
    addPage(new FormPage<MethodsForm>(
        session, tr("Methods and instruments"),
        tr("Only these methods are shown. Readings of an instrument that is not connected are typed."), 2));
    addPage(new CertificatesPage(session));
    addPage(new CopiesPage(session));
    setStartId(std::clamp(QString::fromStdString(session.book().setting(placeSetting, "0")).toInt(), 0, 4));
}

bool FirstStart::done(Session& session) {
    const std::string place = session.book().setting(placeSetting);
    return place == "done" || (place.empty() && !session.book().staff().empty());
}

} // namespace fusain::desktop

#include "moc_first_start.cpp"
