package org.civitane.server.daysheet;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.server.claims.Wait;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A caseworker's week and whom their claims wait for. */
@Service
public class Week {
    private static final int WORKING_DAYS = 5;

    private final JdbcClient database;
    private final AgencyClock clock;

    Week(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** One day: how many claims were decided, and how many are to be decided that day. */
    public record Day(LocalDate date, int decided, int due) {}

    /** How many claims wait for someone. */
    public record Waiting(Wait.On on, int claims) {}

    /** Monday to Friday of this week. */
    @Transactional(readOnly = true)
    public List<Day> of(UUID caseworker) {
        LocalDate monday = clock.today().with(DayOfWeek.MONDAY);
        ZoneId zone = clock.getZone();
        Map<LocalDate, Integer> decided = counts(
                "select (decided_at at time zone '" + zone
                        + "')::date, count(*) from claim where owner_id = ? and decided_at >= ?::date group by 1",
                caseworker,
                monday);
        Map<LocalDate, Integer> due = counts(
                "select decide_by, count(*) from claim where owner_id = ? and decide_by >= ?::date and stack is not null group by 1",
                caseworker,
                monday);
        List<Day> days = new ArrayList<>();
        for (int i = 0; i < WORKING_DAYS; i++) {
            LocalDate day = monday.plusDays(i);
            days.add(new Day(day, decided.getOrDefault(day, 0), due.getOrDefault(day, 0)));
        }
        return days;
    }

    /** Whom this caseworker's claims wait for. */
    @Transactional(readOnly = true)
    public List<Waiting> waiting(UUID caseworker) {
        return database.sql(
                        "select wait_on, count(*) from claim where owner_id = ? and wait_on is not null group by wait_on order by wait_on")
                .param(caseworker)
                .query((row, i) -> new Waiting(Wait.On.valueOf(row.getString(1)), row.getInt(2)))
                .list();
    }

    private Map<LocalDate, Integer> counts(String sql, UUID caseworker, LocalDate from) {
        return database
                .sql(sql)
                .params(caseworker, from)
                .query((row, i) -> Map.entry(row.getObject(1, LocalDate.class), row.getInt(2)))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
