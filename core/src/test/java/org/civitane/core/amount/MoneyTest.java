package org.civitane.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MoneyTest {
    @DataProvider
    Object[][] texts() {
        return new Object[][] {
            {"512", 51200},
            {"512.5", 51250},
            {"512.00", 51200},
            {"-120.50", -12050},
            {"0.01", 1},
            {"-0.01", -1},
            {"999999999999.99", 99999999999999L}
        };
    }

    @Test(dataProvider = "texts")
    public void readsAmountsToTheCent(String text, long cents) {
        assertThat(Money.parse(text)).isEqualTo(Money.ofCents(cents));
    }

    @DataProvider
    Object[][] noAmounts() {
        return new Object[][] {
            {""}, {"."}, {"5."}, {".5"}, {"1.234"}, {"1,00"}, {"1e3"}, {"--1"}, {"+1"}, {" 1"}, {"1234567890123"}, {"٣"}
        };
    }

    @Test(dataProvider = "noAmounts")
    public void refusesWhatIsNoAmount(String text) {
        assertThatThrownBy(() -> Money.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void writesTwoDecimalsAlways() {
        assertThat(Money.ofCents(-5)).hasToString("-0.05");
        assertThat(Money.ofCents(50)).hasToString("0.50");
        assertThat(Money.ofEuros(1234)).hasToString("1234.00");
    }

    @Test
    public void roundsAsBigDecimalDoesOverRandomFigures() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            long cents = random.nextLong(-1_000_000_000_000L, 1_000_000_000_000L);
            long numerator = random.nextLong(1, 1_000_000L);
            long denominator = random.nextLong(1, 60_000);
            for (Rounding rounding : Rounding.values()) {
                RoundingMode mode = RoundingMode.valueOf(rounding.name());
                BigDecimal exact = BigDecimal.valueOf(cents)
                        .multiply(BigDecimal.valueOf(numerator))
                        .divide(BigDecimal.valueOf(denominator).multiply(BigDecimal.valueOf(100)), 0, mode);
                assertThat(Money.ofCents(cents).share(numerator, denominator, Money.EURO, rounding))
                        .isEqualTo(Money.ofEuros(exact.longValueExact()));
            }
        }
    }

    @Test
    public void aHalfGoesAwayFromZero() {
        assertThat(Money.ofCents(5).dividedBy(10, Money.CENT, Rounding.HALF_UP)).isEqualTo(Money.CENT);
        assertThat(Money.ofCents(-5).dividedBy(10, Money.CENT, Rounding.HALF_UP))
                .isEqualTo(Money.ofCents(-1));
        assertThat(Money.ofCents(-4).dividedBy(10, Money.CENT, Rounding.HALF_UP))
                .isEqualTo(Money.ZERO);
    }

    @Test
    public void monthlyFigureRoundsOnceAtTheEnd() {
        assertThat(Frequency.monthly(Frequency.WEEKLY.annual(Money.parse("412.00"))))
                .isEqualTo(Money.parse("1785.33"));
        assertThat(Frequency.monthly(java.util.List.of(Money.ofCents(7), Money.ofCents(7))))
                .isEqualTo(Money.ofCents(1));
    }
}
