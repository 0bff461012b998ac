package org.civitane.core.programme;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.programme.conductcertificate.ConductCertificate;
import org.civitane.core.programme.dentalsupport.DentalSupport;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowance;
import org.civitane.core.programme.estateregistration.EstateRegistration;
import org.civitane.core.programme.foodassistance.FoodAssistance;
import org.civitane.core.programme.housinglist.HousingList;
import org.civitane.core.programme.legalhelp.LegalHelp;
import org.civitane.core.programme.mortgagearrears.MortgageArrears;
import org.civitane.core.programme.namechange.NameChange;
import org.civitane.core.programme.objection.Objection;
import org.civitane.core.programme.paidleave.PaidLeave;
import org.civitane.core.programme.payerregistration.PayerRegistration;
import org.civitane.core.programme.rentarrears.RentArrears;
import org.civitane.core.programme.repaymentplan.RepaymentPlan;
import org.civitane.core.programme.schoolmeals.SchoolMeals;
import org.civitane.core.programme.supportintake.SupportIntake;
import org.civitane.core.programme.valuationreview.ValuationReview;

/** The programmes there are. Adding one adds its line here and touches nothing else. */
public final class Catalogue {
    private static final List<Programme<?>> PROGRAMMES = List.of(
            new SchoolMeals(),
            new FoodAssistance(),
            new PaidLeave(),
            new RentArrears(),
            new ValuationReview(),
            new ConductCertificate(),
            new MortgageArrears(),
            new RepaymentPlan(),
            new SupportIntake(),
            new DentalSupport(),
            new DisabilityAllowance(),
            new PayerRegistration(),
            new Objection(),
            new NameChange(),
            new LegalHelp(),
            new HousingList(),
            new EstateRegistration());

    private Catalogue() {}

    /** All programmes, in the order in which they are offered. */
    public static List<Programme<?>> programmes() {
        return PROGRAMMES;
    }

    /** The programme of that name. */
    public static Optional<Programme<?>> find(String id) {
        for (Programme<?> programme : PROGRAMMES) {
            if (programme.id().equals(id)) {
                return Optional.of(programme);
            }
        }
        return Optional.empty();
    }

    /** The kind of paper of that code, whichever programme wants it, or that shows who
     * someone is; another paper when none does. */
    public static PaperKind paper(String code) {
        return Stream.concat(
                        PROGRAMMES.stream().flatMap(programme -> programme.papers().stream()),
                        Stream.of(PaperKind.IDENTITY, PaperKind.SECOND_DOCUMENT))
                .filter(kind -> kind.code().equals(code))
                .findFirst()
                .orElse(PaperKind.OTHER);
    }

    /**
     * The programme of that name.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Programme<?> named(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("There is no programme \"" + id + "\"."));
    }
}
