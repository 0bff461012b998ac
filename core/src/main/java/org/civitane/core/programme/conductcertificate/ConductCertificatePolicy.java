package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class ConductCertificatePolicy {
    static final String TABLE = "conduct-certificate";

    final int leastAge;
    final int residenceYears;
    final int leastResidenceDays;
    final int photoLeastWidth;
    final int photoLeastHeight;
    final int photoMostBytes;
    final int photoLeastShapePercent;
    final int photoMostShapePercent;
    final int photoMonths;
    final int mostCopies;
    final Money copyFee;
    final Money fastFee;
    final Money mailFee;
    final Money mailAbroadFee;
    final LocalDate onlineOnlyFrom;
    final int validMonths;
    final int fastDueDays;
    final int dueDays;

    private ConductCertificatePolicy(PolicyVersion version) {
        leastAge = version.count("leastAge");
        residenceYears = version.count("residenceYears");
        leastResidenceDays = version.count("leastResidenceDays");
        photoLeastWidth = version.count("photoLeastWidth");
        photoLeastHeight = version.count("photoLeastHeight");
        photoMostBytes = version.count("photoMostBytes");
        photoLeastShapePercent = version.count("photoLeastShapePercent");
        photoMostShapePercent = version.count("photoMostShapePercent");
        photoMonths = version.count("photoMonths");
        mostCopies = version.count("mostCopies");
        copyFee = version.money("copyFee");
        fastFee = version.money("fastFee");
        mailFee = version.money("mailFee");
        mailAbroadFee = version.money("mailAbroadFee");
        onlineOnlyFrom = LocalDate.parse(version.text("onlineOnlyFrom"));
        validMonths = version.count("validMonths");
        fastDueDays = version.count("fastDueDays");
        dueDays = version.count("dueDays");
    }

    static ConductCertificatePolicy of(PolicyVersion version) {
        return version.view(ConductCertificatePolicy.class, ConductCertificatePolicy::new);
    }
}
