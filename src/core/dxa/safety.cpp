#include "core/dxa/safety.hpp"

#include "core/units/format.hpp"

namespace fusain::dxa {

double daysOfBackground(Microsieverts dose) {
    constexpr double backgroundADay = 2400.0 / 365.25; // µSv
    return dose.value() / backgroundADay;
}

BoneScore scoreFor(Sex sex, Years age, bool afterMenopause) {
    if (age < peakBoneAge)
        return BoneScore::Z;
    return sex == Sex::Female ? (afterMenopause ? BoneScore::T : BoneScore::Z)
                              : (age >= manBoneScoreAge ? BoneScore::T : BoneScore::Z);
}

Message boneSentence(const ReportedBone& bone, Sex sex, Years age, bool afterMenopause) {
    const bool wholeBody = bone.site == "total" || bone.site == "total-less-head";
    const bool child = age < peakBoneAge;
    const bool wantsT = scoreFor(sex, age, afterMenopause) == BoneScore::T;
    const auto& score = wantsT ? bone.tScore : bone.zScore;
    const std::string name = wantsT ? "T" : "Z";
    if (child && bone.site == "total")
        return {FUSAIN_TEXT("Bone density with the head is not scored in a child: the total without head is."),
                {}};
    if (!score)
        return {FUSAIN_TEXT("A {1}-score is what goes with this sex and age; the densitometer reported none."),
                {name}};
    if (wholeBody)
        return {FUSAIN_TEXT("Reported {1}-score of the whole body {2}: a measure of the skeleton's size and "
                            "mineral, not a diagnosis. Bones are judged at spine and hip, by a physician."),
                {name, signedFixed(*score, 1)}};
    if (!wantsT && *score <= -2.0)
        return {FUSAIN_TEXT("Reported Z-score {1} at the {2}: below the expected range for this age. A "
                            "physician decides what it means."),
                {signedFixed(*score, 1), bone.site}};
    return {FUSAIN_TEXT("Reported {1}-score {2} at the {3}; a physician decides what it means."),
            {name, signedFixed(*score, 1), bone.site}};
}

} // namespace fusain::dxa
