package org.civitane.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.civitane.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The demo begins on any day: its stories keep to the calendar, whatever weekday or holiday it is. */
public class DemoTest extends ServerTest {
    @Autowired
    private DemoLoader loader;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private DemoRegisters registers;

    @Autowired
    private JdbcClient database;

    @DataProvider
    Object[][] days() {
        return new Object[][] {{LocalDate.of(2026, 12, 26)}};
    }

    @Test(dataProvider = "days")
    public void theDemoBeginsOnAnyDay(LocalDate day) {
        int claims = transaction.execute(status -> {
            status.setRollbackOnly();
            int before = count();
            clock.at(day.atTime(9, 30), () -> {
                registers.tell(day);
                loader.load();
                return day;
            });
            return count() - before;
        });
        assertThat(claims).isGreaterThan(40);
    }

    private int count() {
        return database.sql("select count(*) from claim").query(Integer.class).single();
    }
}
