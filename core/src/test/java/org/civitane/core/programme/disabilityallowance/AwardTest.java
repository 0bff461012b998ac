package org.civitane.core.programme.disabilityallowance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Certificate;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Current;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Kind;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Mark;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Photo;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** From when until when, beside a second writing that goes month by month. */
public class AwardTest {
    private static final LocalDateTime AT = LocalDateTime.of(2026, 9, 14, 10, 0);
    private static final LocalDate RECEIVED = AT.toLocalDate();

    @Test
    public void agreesWithASecondWritingMonthByMonth() {
        Random random = new Random(15);
        int approved = 0;
        for (int i = 0; i < 20_000; i++) {
            DisabilityAllowanceCase file = file(random);
            Determination determination = Determined.silently(new DisabilityAllowance(), file);
            if (!Determined.outcome(determination).equals("APPROVED PERCENT")) {
                continue;
            }
            approved++;
            LocalDate latest =
                    file.current().map(Current::to).filter(RECEIVED::isBefore).orElse(RECEIVED);
            YearMonth from = YearMonth.from(latest).plusMonths(1);
            assertThat(Determined.more(determination, "from"))
                    .isEqualTo(from.atDay(1).toString());
            LocalDate to = lastDay(file, from);
            assertThat(Determined.more(determination, "to")).as(file.toString()).isEqualTo(to.toString());
            LocalDate opens = to.plusDays(1).minusMonths(3);
            boolean tooOld = file.applicant().ageOn(to.plusDays(1)) >= 65;
            Value renew = determination.outcomes().getFirst().more().get("renewFrom");
            assertThat(renew)
                    .isEqualTo(tooOld ? null : Value.of(opens.isBefore(from.atDay(1)) ? from.atDay(1) : opens));
        }
        assertThat(approved).isGreaterThan(5_000);
    }

    /** Month after month is awarded while the certificate covers all of it and the applicant is under 65 before it. */
    private static LocalDate lastDay(DisabilityAllowanceCase file, YearMonth from) {
        Certificate certificate = file.certificate().orElseThrow();
        LocalDate born = file.applicant().dateOfBirth();
        YearMonth month = from;
        while (true) {
            YearMonth next = month.plusMonths(1);
            boolean covered = certificate.permanent()
                    ? next.isBefore(from.plusYears(6))
                    : !next.atEndOfMonth().isAfter(certificate.issuedOn().plusYears(6))
                            && certificate
                                    .validTo()
                                    .map(last -> !next.atEndOfMonth().isAfter(last))
                                    .orElse(true);
            boolean young = !next.isAfter(monthOf65(born));
            if (!covered || !young) {
                return month.atEndOfMonth();
            }
            month = next;
        }
    }

    private static YearMonth monthOf65(LocalDate born) {
        boolean leapDay = born.getMonthValue() == 2 && born.getDayOfMonth() == 29;
        YearMonth month = YearMonth.of(born.getYear() + 65, born.getMonthValue());
        return leapDay && !month.isLeapYear() ? month.plusMonths(1) : month;
    }

    private static DisabilityAllowanceCase file(Random random) {
        LocalDate born = random.nextInt(4) == 0
                ? LocalDate.of(1964, 2, 29).minusYears(random.nextInt(2) * 4L)
                : RECEIVED.minusDays(7_000 + random.nextInt(17_000));
        Certificate certificate = new Certificate(
                "D-1",
                45 + random.nextInt(56),
                RECEIVED.minusDays(random.nextInt(1_500)),
                random.nextBoolean() ? Optional.of(RECEIVED.plusDays(random.nextInt(1_500))) : Optional.empty(),
                random.nextInt(3) == 0,
                "Halvern Clinic");
        return new DisabilityAllowanceCase(
                AT,
                List.of(new Person("m1", "Runa", "Ostby", born, Relationship.SELF)),
                List.of(),
                List.of("m1"),
                random.nextBoolean() ? List.of(Kind.VISUAL) : List.of(Kind.VISUAL, Kind.BLOOD),
                Optional.empty(),
                Optional.of(certificate),
                Optional.empty(),
                Optional.of(false),
                Optional.of(LocalDate.of(2000, 1, 1)),
                Optional.of(new Photo("JPEG", 240, 320, 20_480)),
                Optional.of(new Mark(Mark.Kind.SIGNATURE, "PNG", 160, 60, 5_120)),
                Optional.empty(),
                true,
                random.nextInt(3) == 0
                        ? Optional.of(new Current(RECEIVED.plusDays(random.nextInt(70))))
                        : Optional.empty(),
                Optional.empty(),
                List.of(new Signature("m1", "Runa Ostby", AT)));
    }
}
