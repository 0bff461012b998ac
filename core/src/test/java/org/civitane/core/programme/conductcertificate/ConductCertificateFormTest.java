package org.civitane.core.programme.conductcertificate;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the pre-check answers, and what follows a certificate that is granted. */
public class ConductCertificateFormTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 9, 14, 10, 0);
    private static final ConductCertificate PROGRAMME = new ConductCertificate();

    @DataProvider
    Object[][] answers() {
        return new Object[][] {
            {Map.of("age", "30", "days", "3650", "copies", "2"), "ISSUE", "36.00"},
            {Map.of("age", "30", "days", "200", "copies", "1", "fast", "true", "way", "MAIL_ABROAD"), "ISSUE", "49.00"},
            {Map.of("age", "30", "days", "182", "copies", "1"), "DENIED", "18.00"},
            {Map.of("age", "15", "days", "3650", "copies", "1"), "DENIED", "18.00"},
        };
    }

    @Test(dataProvider = "answers")
    public void thePreCheckSaysWhetherAndForHowMuch(Map<String, String> answers, String result, String fee) {
        Determination determination = determined(answers);
        assertThat(determination.missing()).isEmpty();
        assertThat(determination.outcomes().getFirst().result()).isEqualTo(result);
        assertThat(determination.figures().get("fee").toString()).contains(fee);
    }

    @Test
    public void theFeeIsAskedForAndTheCertificateIsMadeOutOnceItIsPaid() {
        LocalDate decided = LocalDate.of(2026, 9, 21);
        assertThat(PROGRAMME.consequences(determined(Map.of("age", "30", "days", "3650", "copies", "3")), decided))
                .containsExactly(new Consequence.Charge(
                        Money.parse("54.00"),
                        decided,
                        LocalDate.of(2026, 10, 21),
                        List.of(new Consequence.Issue("CERTIFICATE", decided))));
        assertThat(PROGRAMME.consequences(determined(Map.of("age", "15", "days", "3650", "copies", "3")), decided))
                .isEmpty();
    }

    private static Determination determined(Map<String, String> answers) {
        ConductCertificateCase file = new ConductCertificateForm().sketch(answers, NOW);
        return PROGRAMME.determine(file, RulebookTables.BOOK, Reasoning.recording());
    }
}
