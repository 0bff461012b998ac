package org.civitane.core.policy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The figures of the rulebook, written down a second time, from its text: what the tests of the core rest on. */
public final class RulebookTables {
    private static final String TABLES = """
            subsistence-line 2025-07-01: first 14400; further 5040
            subsistence-line 2026-07-01: first 14880; further 5220
            median-income 2025-07-01: bySize 35000 40000 45000 50000 54000 58000 62000 66000; further 4000
            median-income 2026-07-01: bySize 36400 41600 46800 52000 56160 60320 64480 68640; further 4160
            school-meals 2025-07-01: freePercent 125; reducedPercent 180; awayDays 90; carryOverDays 30; dueDays 10
            food-assistance 2025-07-01: childUnder 22; protectedFrom 60; earnedDisregardPercent 20; \
            standard 195 195 195 205 240 275; medicalBorne 35; heatingAllowance 410; electricityOrWaterAllowance 150; \
            phoneAllowance 40; mostExcessShelter 650; homelessShelter 180; grossLimitPercent 130; resourceLimit 2800; \
            protectedResourceLimit 4300; maximum 286 524 752 954 1134 1362 1506 1722; maximumFurther 216; \
            benefitSharePercent 30; leastBenefit 24; leastBenefitUpTo 2; leastFirstMonth 10; steadyMonths 24; \
            changingMonths 6; usualMonths 12; urgentGrossUnder 150; urgentLiquid 100; urgentDays 7; dueDays 30
            paid-leave 2025-07-01: leastTotalWages 2400; leastHighestWages 900; averageWeeks 26; lowerSharePercent 90; \
            lowerShareUpTo 500; upperSharePercent 50; mostWeeklyBenefit 940; leastWeeklyBenefit 60; leaveYearDays 364; \
            entitlementWeeks 14; entitlementWeeksPregnancy 16; noticeDays 30; emergencyNoticeDays 3; \
            lateNoticePercent 20; nationalPercent 10; regionalPercent 4; dueDays 15
            rent-arrears 2025-07-01: medicalBornePercent 3; incomeLimitPercent 60; incomeLimitUnit 50; \
            assetLimit 25000; bandAPercent 30; bandBPercent 45; unemployedDays 90; monthlyCap 620 760 940 1180 1390; \
            arrearsMonths 12; mostMonths 6; mostTotal 4800; hardshipMonths 18; firstPostCode 1000; lastPostCode 4999; \
            landlordDays 10; dueDays 20
            valuation-review 2025-07-01: filingDays 30; mostComparables 6; saleMonths 24; farMetres 5000; \
            leastSizePercent 65; mostSizePercent 135; monthlyTrendPercent 0.4; floorAreaRate 900; lotAreaRate 12; \
            yearBuiltRate 350; yearBuiltMost 20; conditionRate 9000; bathroomsRate 6500; garageSpacesRate 5000; \
            mostGrossPercent 40; weightBase 5; roundedTo 500; enoughComparables 3; appraisalMonths 12; \
            purchaseMonths 18; upheldPercent 95; taxPercent 1.12; hearingPercent 5; dueDays 40
            conduct-certificate 2025-07-01: leastAge 16; residenceYears 10; leastResidenceDays 183; \
            photoLeastWidth 413; photoLeastHeight 531; photoMostBytes 2097152; photoLeastShapePercent 74; \
            photoMostShapePercent 82; photoMonths 6; mostCopies 5; copyFee 18; fastFee 12; mailFee 4; \
            mailAbroadFee 19; onlineOnlyFrom 2026-01-01; validMonths 6; fastDueDays 5; dueDays 20
            mortgage-arrears 2025-07-01: hardshipFrom 2025-01-01; leastMissed 2; firstPostCode 1000; lastPostCode 4999; \
            incomeLimitPercent 140; assetLimit 30000; mostTotal 28000; dueDays 30
            repayment-plan 2025-07-01: fewestMonths 2; mostMonths 18; leastFirstSharePercent 15; \
            mostFirstSharePercent 100; statementMonths 3; interestPercent 4.5; firstDueDays 5; dueDays 10
            support-intake 2025-07-01: firstTermYear 2025; lastTermYear 2099; earliestDays 3; dueDays 2
            dental-support 2025-07-01: claimMonths 3; ageUnder 14; mostAwards 3; tierUnder 52000 66000 84000; \
            tierAmount 580 370 190; payDays 5; chequeDays 10; dueDays 10
            disability-allowance 2025-07-01: ageUnder 65; certificateYears 6; renewalMonths 3; residentMonths 24; \
            incomeLimitPercent 80; percentFrom 45 65 85; monthly 210 330 460; severalKinds 65; photoLeastBytes 20480; \
            photoMostBytes 204800; photoLeastWidth 240; photoLeastHeight 320; markLeastBytes 5120; \
            markMostBytes 51200; markLeastWidth 160; markLeastHeight 60; dueDays 20
            payer-registration 2025-07-01: firstPostCode 1000; lastPostCode 4999; fewestNumbers 2; \
            firstPermitYear 1990; refereeDays 10; refereeAge 18; mostStoodFor 5; bringDays 30; dueDays 10
            objection 2025-07-01: portalDays 1; postDays 3; filingDays 30; answerDays 10; redecideDays 20; \
            hearingDays 10; withdrawDays 10; dueDays 30
            name-change 2025-07-01: childSignsFrom 12; recentMonths 60; rareUpTo 19; consentDays 20; noticeDays 14; \
            preferenceFee 120; fee 45; dueDays 30
            legal-help 2025-07-01: urgentDays 20; limitPercent 150; upperLimitPercent 250; assetLimit 9000; \
            callDays 2; dueDays 2
            housing-list 2025-07-01: shareUnder 7; expectedDays 30; homelessInRow 12; homelessEpisodes 4; \
            homelessMonths 12; peoplePerBedroom 2; oldFrom 65; mostUnanswered 2; confirmMonths 12; dueDays 20
            estate-registration 2025-07-01: reportDays 14; bornWithinDays 300; spouseFirst 50000; smallEstate 25000; \
            fewestWitnesses 2; willAge 18; dueDays 15
            overpayment 2025-07-01: mostOfNextPercent 20
            unfetched-documents 2025-07-01: remindDays 30; destroyDays 90
            """;

    /** All tables of the rulebook. */
    public static final PolicyBook BOOK =
            PolicyBook.of(TABLES.lines().map(RulebookTables::version).toList());

    private RulebookTables() {}

    private static PolicyVersion version(String line) {
        String[] halves = line.split(": ", 2);
        String[] name = halves[0].split(" ");
        Map<String, List<String>> figures = new HashMap<>();
        for (String figure : halves[1].split("; ?")) {
            List<String> words = new ArrayList<>(Arrays.asList(figure.strip().split(" ")));
            figures.put(words.removeFirst(), words);
        }
        return new PolicyVersion(name[0], LocalDate.parse(name[1]), figures);
    }
}
