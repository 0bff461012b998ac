package org.civitane.core.income;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.income.ReconciledSource.Verdict;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, view by view, at its limits. */
public class ReconciliationTest {
    private static final LocalDate RECEIVED = LocalDate.of(2026, 9, 14);

    /** The wages of one household, for tests. */
    private static final class Wages {
        private final List<StatedWages> stated = new ArrayList<>();
        private final List<PaySlip> slips = new ArrayList<>();
        private final List<WageRegister.Entry> months = new ArrayList<>();

        Wages stated(String employer, String amount) {
            stated.add(new StatedWages("s" + stated.size(), "m1", employer, Money.parse(amount), Frequency.MONTHLY));
            return this;
        }

        Wages slip(String from, String to, String gross, Optional<String> ytd) {
            return slip("Bakery", to, from, to, gross, ytd);
        }

        Wages slip(String employer, String paid, String from, String to, String gross, Optional<String> ytd) {
            slips.add(new PaySlip(
                    "m1",
                    employer,
                    LocalDate.parse(paid),
                    LocalDate.parse(from),
                    LocalDate.parse(to),
                    Money.parse(gross),
                    ytd.map(Money::parse)));
            return this;
        }

        Wages month(String month, String gross) {
            months.add(new WageRegister.Entry("m1", "Bakery", YearMonth.parse(month), Money.parse(gross)));
            return this;
        }

        Wages onRecord(String monthly) {
            return month("2026-06", monthly).month("2026-07", monthly).month("2026-08", monthly);
        }

        Wages shown(String monthly) {
            return slip("2026-08-01", "2026-08-31", monthly, Optional.empty());
        }

        List<ReconciledSource> sources() {
            return new Reconciliation(RECEIVED, stated, slips, new WageRegister.Answer(months)).sources();
        }

        ReconciledSource only() {
            assertThat(sources()).hasSize(1);
            return sources().getFirst();
        }
    }

    @DataProvider
    Object[][] spellings() {
        return new Object[][] {
            {"Tarn Quay Bakery", "TARN QUAY bakery, Ltd.", true},
            {"Bakery", "Bakery S.A.", true},
            {"Bakery", "Bakery Co. Ltd", true},
            {"Bakery", "Bakery L.D.A.", true},
            {"Ltd", "Ltd Ltd", true},
            {"Ltd", "Co", false},
            {"S A", "S A", true},
            {"S A", "S", false},
            {"Bakery", "Bakery A", false},
            {"Bakery Group", "Bakery", false},
            {"Grønt", "GROENT GmbH", true},
        };
    }

    @Test(dataProvider = "spellings")
    public void employersAreOneWhateverTheirLegalForm(String one, String other, boolean same) {
        List<ReconciledSource> sources =
                new Wages().stated(one, "10.00").stated(other, "20.00").sources();
        assertThat(sources).hasSize(same ? 1 : 2);
        if (same) {
            assertThat(sources.getFirst().employer()).isEqualTo(one);
            assertThat(sources.getFirst().stated()).hasValue(Money.parse("30.00"));
        }
    }

    @Test
    public void theRecordIsTheMeanOfThreeMonthsBeforeTheReceivedOne() {
        assertThat(new Wages().month("2026-08", "100.00").only().onRecord()).hasValue(Money.parse("33.33"));
        assertThat(new Wages()
                        .month("2026-06", "50.00")
                        .month("2026-06", "50.01")
                        .only()
                        .onRecord())
                .hasValue(Money.parse("33.34"));
        assertThat(new Wages().month("2026-08", "0.00").only().onRecord()).hasValue(Money.ZERO);
        assertThat(new Wages()
                        .month("2026-05", "100.00")
                        .month("2026-09", "100.00")
                        .sources())
                .isEmpty();
    }

    @DataProvider
    Object[][] rhythms() {
        return new Object[][] {
            {"2026-08-03", "2026-08-09", PayRhythm.WEEKLY, "433.33"},
            {"2026-08-01", "2026-08-15", PayRhythm.TWICE_MONTHLY, "200.00"},
            {"2026-08-16", "2026-08-31", PayRhythm.TWICE_MONTHLY, "200.00"},
            {"2026-08-02", "2026-08-16", PayRhythm.IRREGULAR, "202.78"},
            {"2026-08-03", "2026-08-16", PayRhythm.FORTNIGHTLY, "216.67"},
            {"2026-08-01", "2026-08-31", PayRhythm.MONTHLY, "100.00"},
            {"2026-07-20", "2026-08-16", PayRhythm.MONTHLY, "100.00"},
            {"2026-07-20", "2026-08-15", PayRhythm.IRREGULAR, "112.65"},
            {"2026-07-01", "2026-08-15", PayRhythm.IRREGULAR, "66.12"},
        };
    }

    @Test(dataProvider = "rhythms")
    public void theRhythmOfASlipComesFromItsPeriod(String from, String to, PayRhythm rhythm, String monthly) {
        ReconciledSource source =
                new Wages().slip(from, to, "100.00", Optional.empty()).only();
        assertThat(source.rhythm()).hasValue(rhythm);
        assertThat(source.shown()).hasValue(Money.parse(monthly));
    }

    @Test
    public void theSecondHalfOfAFebruaryIsHalfAMonthEvenWithFourteenDays() {
        PaySlip slip = new PaySlip(
                "m1",
                "Bakery",
                LocalDate.of(2028, 2, 29),
                LocalDate.of(2028, 2, 16),
                LocalDate.of(2028, 2, 29),
                Money.EURO,
                Optional.empty());
        assertThat(slip.rhythm()).isEqualTo(PayRhythm.TWICE_MONTHLY);
    }

    @Test
    public void slipsThatDisagreeAreIrregularAndOldOnesAreLeftOut() {
        Wages wages = new Wages()
                .slip("2026-08-03", "2026-08-09", "100.00", Optional.empty())
                .slip("2026-08-10", "2026-08-23", "100.00", Optional.empty())
                .slip("2026-06-08", "2026-06-14", "100.00", Optional.empty())
                .slip("2026-06-07", "2026-06-13", "900.00", Optional.empty());
        ReconciledSource source = wages.only();
        assertThat(source.rhythm()).hasValue(PayRhythm.IRREGULAR);
        assertThat(source.stale()).isEqualTo(1);
        assertThat(source.gaps()).isEqualTo(1);
        // 300.00 in 28 days, × 365 ÷ 12.
        assertThat(source.shown()).hasValue(Money.parse("325.89"));
    }

    @Test
    public void hiddenPayIsWhatTheYearToDateHasBeyondTheSlips() {
        Wages wages = new Wages()
                .slip("2026-06-22", "2026-06-28", "90.00", Optional.empty())
                .slip("2026-06-29", "2026-07-05", "100.00", Optional.of("1000.00"))
                .slip("2026-07-06", "2026-07-12", "110.00", Optional.empty())
                .slip("2026-07-13", "2026-07-19", "120.00", Optional.of("1255.00"));
        assertThat(wages.only().hiddenPay()).isEqualTo(Money.parse("25.00"));
        assertThat(wages.stated("Bakery", "455.00").only().verdict()).isEqualTo(Verdict.AGREED);
        wages.slip("2026-07-20", "2026-07-26", "100.00", Optional.of("1355.01"));
        assertThat(wages.only().hiddenPay()).isEqualTo(Money.parse("25.01"));
        assertThat(wages.only().verdict()).isEqualTo(Verdict.HIDDEN_PAY);
        Wages lessThanShown = new Wages()
                .stated("Bakery", "430.00")
                .slip("2026-06-29", "2026-07-05", "100.00", Optional.of("1000.00"))
                .slip("2026-07-06", "2026-07-12", "100.00", Optional.of("1074.99"));
        assertThat(lessThanShown.only().hiddenPay()).isEqualTo(Money.parse("-25.01"));
        assertThat(lessThanShown.only().verdict()).isEqualTo(Verdict.HIDDEN_PAY);
    }

    @Test
    public void theYearToDateIsThatOfTheLastSlipsPayDate() {
        List<PaySlip> slips = List.of(
                slip("2026-12-31", "2026-12-21", "2026-12-27", "5000.00"),
                slip("2027-01-07", "2026-12-28", "2027-01-03", "100.00"),
                slip("2027-01-14", "2027-01-04", "2027-01-10", "200.00"));
        assertThat(Slips.of(slips, LocalDate.of(2027, 1, 15)).hiddenPay()).isEqualTo(Money.ZERO);
        assertThat(Slips.of(slips.subList(0, 2), LocalDate.of(2027, 1, 15)).hiddenPay())
                .isEqualTo(Money.ZERO);
    }

    @DataProvider
    Object[][] figuresThatAgree() {
        return new Object[][] {
            {"100.00", "125.00", true}, {"100.00", "125.01", false}, {"950.00", "1000.00", true},
            {"949.99", "1000.00", false}, {"0.00", "25.00", true}, {"0.00", "0.00", true},
        };
    }

    @Test(dataProvider = "figuresThatAgree")
    public void figuresAgreeWithinTwentyFiveOrFivePercentOfTheLarger(String one, String other, boolean agree) {
        assertThat(ReconciledSource.agree(Money.parse(one), Money.parse(other))).isEqualTo(agree);
        assertThat(ReconciledSource.agree(Money.parse(other), Money.parse(one))).isEqualTo(agree);
    }

    @DataProvider
    Object[][] verdicts() {
        Optional<Money> none = Optional.empty();
        return new Object[][] {
            {new Wages().onRecord("0.00"), Verdict.UNDISCLOSED, none},
            {new Wages().shown("100.00"), Verdict.UNDISCLOSED, none},
            {new Wages().stated("Bakery", "100.00"), Verdict.UNSUPPORTED, none},
            {new Wages().stated("Bakery", "1000.00").onRecord("1010.00"), Verdict.AGREED, money("1010.00")},
            {
                new Wages().stated("Bakery", "1000.00").shown("1020.00").onRecord("1010.00"),
                Verdict.AGREED,
                money("1020.00")
            },
            {
                new Wages().stated("Bakery", "1000.00").shown("1040.00").onRecord("960.00"),
                Verdict.OUTDATED_RECORD,
                money("1040.00")
            },
            {
                new Wages().stated("Bakery", "500.00").shown("1040.00").onRecord("1000.00"),
                Verdict.MISSTATED,
                money("1040.00")
            },
            {new Wages().stated("Bakery", "500.00").shown("1040.00").onRecord("500.00"), Verdict.DISPUTED, none},
            {new Wages().stated("Bakery", "500.00").onRecord("700.00"), Verdict.DISPUTED, none},
            {new Wages().stated("Bakery", "0.00").onRecord("25.00"), Verdict.AGREED, money("25.00")},
        };
    }

    @Test(dataProvider = "verdicts")
    public void theFirstVerdictThatAppliesHolds(Wages wages, Verdict verdict, Optional<Money> accepted) {
        assertThat(wages.only().verdict()).isEqualTo(verdict);
        assertThat(wages.only().accepted()).isEqualTo(accepted);
    }

    @Test
    public void aRegisterThatDoesNotAnswerLeavesTheRecordEmpty() {
        Reconciliation reconciliation = new Reconciliation(
                RECEIVED, new Wages().stated("Bakery", "1.00").stated, List.of(), new WageRegister.Unavailable());
        assertThat(reconciliation.isRegisterUnavailable()).isTrue();
        assertThat(reconciliation.sources().getFirst().verdict()).isEqualTo(Verdict.UNSUPPORTED);
    }

    @Test
    public void theOrderOfSlipsAndEntriesNeverMatters() {
        Random random = new Random(9);
        for (int i = 0; i < 500; i++) {
            Wages wages = new Wages().stated("Bakery", random.nextInt(3_000) + ".00");
            LocalDate day = LocalDate.of(2026, 5, 1);
            for (int j = 0; j < 8; j++) {
                LocalDate from = day.plusDays(14L * j);
                wages.slip(
                        from.toString(),
                        from.plusDays(13).toString(),
                        random.nextInt(1_500) + ".25",
                        random.nextBoolean() ? Optional.of(1_000 * j + ".00") : Optional.empty());
                wages.month("2026-0" + (4 + random.nextInt(6)), random.nextInt(3_000) + ".10");
            }
            List<ReconciledSource> before = wages.sources();
            Collections.shuffle(wages.slips, random);
            Collections.shuffle(wages.months, random);
            assertThat(wages.sources()).isEqualTo(before);
        }
    }

    @Test
    public void refusesAPeriodThatEndsBeforeItStarts() {
        assertThatThrownBy(() -> new Wages().slip("2026-08-02", "2026-08-01", "1.00", Optional.empty()))
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/periodEnd"));
    }

    private static Optional<Money> money(String amount) {
        return Optional.of(Money.parse(amount));
    }

    private static PaySlip slip(String paid, String from, String to, String ytd) {
        return new PaySlip(
                "m1",
                "Bakery",
                LocalDate.parse(paid),
                LocalDate.parse(from),
                LocalDate.parse(to),
                Money.parse("100.00"),
                money(ytd));
    }
}
