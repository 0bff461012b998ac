package org.civitane.core.programme.legalhelp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.legalhelp.LegalHelpCase.ConflictReview;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Contact;
import org.civitane.core.programme.legalhelp.LegalHelpCase.District;
import org.civitane.core.programme.legalhelp.LegalHelpCase.KnownParty;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Opponent;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Problem;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Screens;
import org.civitane.core.reasoning.Reasoning;
import org.testng.annotations.Test;

/** A check that says yes or no, and nothing of the other side. */
public class ConflictTest {
    private static final LocalDateTime AT = LocalDateTime.of(2026, 9, 14, 10, 0);
    private static final Opponent LANDLORD = new Opponent("Vidar Holm", Optional.of(LocalDate.of(1970, 5, 1)));
    private static final Opponent EMPLOYER = new Opponent("Nordholm Nets", Optional.empty());

    @Test
    public void hitsOfAnyKindAndNumberReadTheSame() {
        Determination one = hit(List.of(client("Vidar Holm", Optional.empty())));
        Determination another = hit(List.of(client("Nets Nordholm", Optional.empty())));
        Determination many = hit(List.of(
                client("Vidar Holm", Optional.of(LocalDate.of(1970, 5, 1))),
                client("Nordholm Nets", Optional.empty()),
                new KnownParty("Runa Ostby", KnownParty.Role.OPPONENT, "LH-1", Optional.empty())));
        assertThat(one.missing()).containsExactly("conflict-review");
        assertThat(another).isEqualTo(one);
        assertThat(many).isEqualTo(one);
        assertThat(many.toString()).doesNotContain("Vidar", "Nordholm", "LH-1", "1970");
    }

    @Test
    public void onlyWhoMayBeOneIsAHit() {
        assertThat(outcomeOf(client("Vidar Holm", Optional.of(LocalDate.of(1971, 5, 1)))))
                .isEqualTo("PROVISIONAL MEANS");
        assertThat(outcomeOf(client("Vidar Erik Holm", Optional.empty()))).isEqualTo("PROVISIONAL MEANS");
        assertThat(outcomeOf(client("Vidar Erik Holm", Optional.of(LocalDate.of(1970, 5, 1)))))
                .isEqualTo("PENDING CONFLICT");
        assertThat(outcomeOf(new KnownParty("Vidar Holm", KnownParty.Role.OPPONENT, "LH-1", Optional.empty())))
                .isEqualTo("PROVISIONAL MEANS");
    }

    @Test
    public void aSupervisorSetsEveryHitAsideOrSendsItToAnotherOffice() {
        List<KnownParty> known = List.of(client("Vidar Holm", Optional.empty()));
        assertThat(Determined.outcome(determined(known, Optional.of(ConflictReview.CLEARED))))
                .isEqualTo("PROVISIONAL MEANS");
        assertThat(Determined.outcome(determined(known, Optional.of(ConflictReview.CONFIRMED))))
                .isEqualTo("REFERRED OFFICE");
    }

    private static String outcomeOf(KnownParty known) {
        return Determined.outcome(determined(List.of(known), Optional.empty()));
    }

    private static Determination hit(List<KnownParty> known) {
        return determined(known, Optional.empty());
    }

    private static KnownParty client(String name, Optional<LocalDate> born) {
        return new KnownParty(name, KnownParty.Role.CLIENT, "LH-1", born);
    }

    private static Determination determined(List<KnownParty> known, Optional<ConflictReview> review) {
        LegalHelpCase file = new LegalHelpCase(
                AT,
                List.of(new LegalMember(
                        "m1", "Runa", "Ostby", LocalDate.of(1990, 4, 2), Relationship.SELF, Optional.empty(), false)),
                List.of(),
                List.of("m1"),
                Optional.of(List.of()),
                Optional.empty(),
                Optional.of(new Screens(false, false, false, Optional.empty(), Optional.empty(), Optional.empty())),
                Optional.of(Problem.HOUSING),
                Optional.empty(),
                Optional.of(District.HARBOUR),
                Optional.of(List.of(LANDLORD, EMPLOYER)),
                false,
                List.of(new Contact(Contact.Channel.PHONE, "+35155501733", true, true, Optional.empty())),
                Optional.of(known),
                review,
                Optional.empty(),
                List.of(new Signature("m1", "Runa Ostby", AT)));
        return new LegalHelp().determine(file, RulebookTables.BOOK, Reasoning.recording());
    }
}
