package org.civitane.core.programme.mortgagearrears;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Bankruptcy;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Hardship;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Home;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.LenderAnswer;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Loan;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** Loans of any kind, beside a second writing of the chapter in decimal numbers and single days. */
public class MortgageArrearsPropertiesTest {
    private static final LocalDateTime AT = LocalDateTime.of(2026, 9, 14, 10, 0);
    private static final LocalDate RECEIVED = AT.toLocalDate();
    private static final BigDecimal LIMIT = new BigDecimal("36400").multiply(new BigDecimal("1.4"));

    @Test
    public void agreesWithASecondWriting() {
        Random random = new Random(14);
        Set<String> outcomes = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            MortgageArrearsCase file = file(random);
            Determination determination = Determined.silently(new MortgageArrears(), file);
            String outcome = Determined.outcome(determination);
            outcomes.add(outcome);
            assertThat(outcome).as(file.toString()).isEqualTo(expected(file));
            file.lenderAnswer().filter(LenderAnswer::counts).ifPresent(answer -> {
                int firsts =
                        firsts(answer.asOf().orElseThrow(), file.decidedOn().orElse(RECEIVED));
                BigDecimal due = decimal(answer.due().orElseThrow())
                        .add(decimal(answer.monthly().orElseThrow()).multiply(BigDecimal.valueOf(firsts)));
                assertThat(determination.figures().get("fallenDue")).isEqualTo(Value.of(firsts));
                assertThat(Determined.figure(determination, "due")).isEqualTo(due.toPlainString());
                if (outcome.startsWith("APPROVED")) {
                    BigDecimal total = due.add(extras(file)).min(new BigDecimal("28000.00"));
                    assertThat(Determined.more(determination, "total")).isEqualTo(total.toPlainString());
                    assertThat(Determined.more(determination, "short"))
                            .isEqualTo(due.add(extras(file)).subtract(total).toPlainString());
                }
            });
        }
        assertThat(outcomes).hasSize(12);
    }

    /** Every first of a month, day by day. */
    private static int firsts(LocalDate after, LocalDate upTo) {
        int firsts = 0;
        for (LocalDate day = after.plusDays(1); !day.isAfter(upTo); day = day.plusDays(1)) {
            firsts += day.getDayOfMonth() == 1 ? 1 : 0;
        }
        return firsts;
    }

    private static String expected(MortgageArrearsCase file) {
        LocalDate since = file.hardship().orElseThrow().since();
        Home home = file.home().orElseThrow();
        if (since.getYear() < 2025 || since.isAfter(RECEIVED)) {
            return "DENIED HARDSHIP";
        }
        if (file.missed().orElseThrow() < 2) {
            return "DENIED MISSED";
        }
        if (!home.primary()) {
            return "DENIED PRIMARY";
        }
        if (home.otherHomes() > 0) {
            return "DENIED OTHER_HOMES";
        }
        if (home.ownedBy() == Home.OwnedBy.COMPANY) {
            return "DENIED COMPANY";
        }
        if (!home.postCode().matches("[1-4][0-9]{3}")) {
            return "DENIED OUTSIDE";
        }
        if (file.bankruptcy()
                .filter(each -> each.open() && !each.trusteeConsent())
                .isPresent()) {
            return "DENIED BANKRUPTCY";
        }
        if (decimal(file.incomes().getFirst().amount()).compareTo(LIMIT) > 0) {
            return "DENIED INCOME";
        }
        Resource owned = file.resources().orElseThrow().getFirst();
        if (owned.kind() == ResourceKind.BANK && decimal(owned.amount()).compareTo(new BigDecimal("30000")) > 0) {
            return "DENIED ASSETS";
        }
        Optional<LenderAnswer> answer = file.lenderAnswer().filter(each -> each.takesPart() && each.matched());
        if (answer.isEmpty()) {
            return "PENDING LENDER";
        }
        return answer.get().due().equals(Optional.of(Money.ZERO)) ? "DENIED NOTHING_DUE" : "APPROVED INCOME";
    }

    private static BigDecimal extras(MortgageArrearsCase file) {
        return file.loan().orElseThrow().extra().stream()
                .map(extra -> decimal(extra.amount()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static BigDecimal decimal(Money money) {
        return new BigDecimal(money.toString()).setScale(2, RoundingMode.UNNECESSARY);
    }

    private static boolean seldom(Random random) {
        return random.nextInt(12) == 0;
    }

    private static MortgageArrearsCase file(Random random) {
        List<Loan.Extra> extras = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            extras.add(new Loan.Extra(
                    Loan.Extra.Kind.values()[random.nextInt(3)], Money.ofCents(random.nextInt(900_000))));
        }
        Money yearly = Money.ofCents(seldom(random) ? 5_096_000 + random.nextInt(2) : random.nextInt(6_000_000));
        Money owned = Money.ofCents(seldom(random) ? 3_000_000 + random.nextInt(2) : random.nextInt(4_000_000));
        Home home = new Home(
                seldom(random) ? "5000" : "2140",
                Home.Kind.HOUSE,
                !seldom(random),
                seldom(random) ? Home.OwnedBy.COMPANY : Home.OwnedBy.PERSON,
                seldom(random) ? 1 : 0);
        return new MortgageArrearsCase(
                AT,
                List.of(new Person("m1", "Runa", "Ostby", LocalDate.of(1990, 4, 2), Relationship.SELF)),
                List.of(new IncomeLine("i1", "m1", IncomeKind.WAGES, yearly, Frequency.YEARLY, Optional.empty())),
                List.of(),
                Optional.of(List.of(new Resource(
                        random.nextBoolean() ? ResourceKind.BANK : ResourceKind.HOME, owned, Optional.empty()))),
                Optional.of(new Hardship(
                        Hardship.Reason.ILLNESS,
                        RECEIVED.minusDays(random.nextInt(640)).plusDays(seldom(random) ? 700 : 0),
                        Optional.of("Ill."))),
                Optional.of(home),
                Optional.of(seldom(random) ? 1 : 2 + random.nextInt(4)),
                Optional.of(new Loan(
                        "Skerry Savings",
                        "HL-1",
                        Optional.empty(),
                        Money.parse("912.40"),
                        Money.ofCents(random.nextInt(500_000)),
                        extras)),
                answer(random),
                seldom(random) ? Optional.of(new Bankruptcy(true, random.nextBoolean())) : Optional.empty(),
                Optional.empty(),
                random.nextBoolean() ? Optional.of(RECEIVED.plusDays(random.nextInt(90))) : Optional.empty(),
                List.of(new Signature("m1", "Runa Ostby", AT)));
    }

    private static Optional<LenderAnswer> answer(Random random) {
        if (seldom(random)) {
            return Optional.empty();
        }
        return Optional.of(new LenderAnswer(
                !seldom(random),
                !seldom(random),
                Optional.of(RECEIVED.minusDays(random.nextInt(120) - 40L)),
                Optional.of(Money.ofCents(seldom(random) ? 0 : 1 + random.nextInt(3_200_000))),
                Optional.of(Money.ofCents(1 + random.nextInt(300_000)))));
    }
}
