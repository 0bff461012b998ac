package org.civitane.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BusinessCalendarTest {
    @DataProvider
    Object[][] easters() {
        return new Object[][] {
            {"2024-03-31"},
            {"2025-04-20"},
            {"2026-04-05"},
            {"2027-03-28"},
            {"2038-04-25"},
            {"2285-03-22"},
            {"1954-04-18"}
        };
    }

    @Test(dataProvider = "easters")
    public void knowsWesternEaster(String sunday) {
        LocalDate day = LocalDate.parse(sunday);
        assertThat(BusinessCalendar.easterSunday(day.getYear())).isEqualTo(day);
        assertThat(BusinessCalendar.isBusinessDay(day.plusDays(1))).isFalse();
        assertThat(BusinessCalendar.isBusinessDay(day.plusDays(2))).isTrue();
    }

    @DataProvider
    Object[][] receipts() {
        return new Object[][] {
            {"2026-09-14T16:59:59", "2026-09-14"},
            {"2026-09-14T17:00:00", "2026-09-15"},
            {"2026-07-31T17:00:00", "2026-08-03"},
            {"2026-08-01T09:00:00", "2026-08-03"},
            {"2026-12-24T17:00:00", "2026-12-28"},
            {"2026-12-25T10:00:00", "2026-12-28"},
            {"2026-06-15T00:00:00", "2026-06-16"},
            {"2026-04-06T12:00:00", "2026-04-07"},
            {"2027-12-31T18:00:00", "2028-01-03"},
        };
    }

    @Test(dataProvider = "receipts")
    public void receivesByFiveOnBusinessDays(String handedIn, String received) {
        assertThat(BusinessCalendar.received(LocalDateTime.parse(handedIn))).isEqualTo(LocalDate.parse(received));
    }

    @Test
    public void countsBusinessDaysFromTheDayAfter() {
        LocalDate christmasEve = LocalDate.of(2026, 12, 24);
        assertThat(BusinessCalendar.plusBusinessDays(christmasEve, 1)).isEqualTo("2026-12-28");
        assertThat(BusinessCalendar.plusBusinessDays(christmasEve, 5)).isEqualTo("2027-01-04");
        assertThat(BusinessCalendar.minusBusinessDays(LocalDate.parse("2027-01-04"), 5))
                .isEqualTo(christmasEve);
        assertThat(BusinessCalendar.minusBusinessDays(LocalDate.parse("2026-12-27"), 1))
                .isEqualTo(christmasEve);
        assertThat(BusinessCalendar.businessDaysBetween(christmasEve, LocalDate.of(2027, 1, 4)))
                .isEqualTo(5);
        assertThat(BusinessCalendar.businessDay(30, LocalDate.of(2027, 9, 1))).isEqualTo("2027-10-12");
    }

    @Test
    public void rollsToTheNearestBusinessDayInItsDirection() {
        LocalDate saturday = LocalDate.of(2026, 12, 26);
        assertThat(BusinessCalendar.rolledForward(saturday)).isEqualTo("2026-12-28");
        assertThat(BusinessCalendar.rolledBack(saturday)).isEqualTo("2026-12-24");
        assertThat(BusinessCalendar.rolledBack(LocalDate.of(2026, 12, 23))).isEqualTo("2026-12-23");
    }
}
