#include "desktop/places/clients/other_policy.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/all/computed.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>

namespace fusain::desktop {

OtherPolicy::OtherPolicy(Session& session)
    : session_(session), policies_(new QComboBox), again_(button(tr("Recalculate with this policy"))) {
    policies_->setAccessibleName(tr("Other policy"));
    policies_->setMaximumWidth(scaled(300));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(label(tr("Other policy"), "soft", false));
    row->addWidget(policies_);
    row->addWidget(again_);
    connect(again_, &QPushButton::clicked, this, &OtherPolicy::recalculate);
    offerFor(nullptr);
}

void OtherPolicy::offerFor(const AnyTest* test) {
    const bool isSigned = test && common(*test).state == TestState::Signed;
    const std::string id = isSigned ? common(*test).id : std::string();
    if (isSigned && id == test_)
        return; // what was chosen in the box stays chosen
    test_ = id;
    policies_->clear();
    if (isSigned) {
        const auto own = policyOf(*test, session_.catalogue());
        for (const AnyPolicy& policy : session_.catalogue().policies)
            if (methodOf(policy) == methodOf(*test) && !(own && common(*own).id == common(policy).id))
                policies_->addItem(report::say(common(policy).title), report::plain(common(policy).id));
    }
    setVisible(policies_->count() > 0);
}

void OtherPolicy::recalculate() {
    const auto* policy = session_.catalogue().policy(policies_->currentData().toString().toStdString());
    const auto test = session_.book().test(test_);
    if (policy && test)
        session_.report(session_.recompute(*test, *policy));
}

} // namespace fusain::desktop

#include "moc_other_policy.cpp"
