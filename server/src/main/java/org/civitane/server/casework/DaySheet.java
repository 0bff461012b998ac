package org.civitane.server.casework;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The caseworker's start: four stacks of claims, each with its next step, paged by key. */
@Service
public class DaySheet {
    static final int PAGE = 25;
    private static final int SOON_DAYS = 1;
    private static final int COUNTED_UP_TO = 1000;
    private static final String COLUMNS =
            "c.id, c.number, c.programme, c.household_name, c.due_by, c.next_step, c.next_action, c.owner_id, a.display_name";

    /** What each programme is called. */
    private static final Map<String, String> NAMES = Catalogue.programmes().stream()
            .collect(Collectors.toMap(
                    Programme::id,
                    programme -> programme.wording(Locale.ENGLISH).text("name")));

    private final JdbcClient database;
    private final AgencyClock clock;

    DaySheet(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** The stacks, in the order in which they are worked. */
    public enum Pile {
        RUNNING_OUT,
        CAME_BACK,
        READY,
        NEW
    }

    /**
     * One claim on the sheet.
     *
     * @param programme what the programme is called
     * @param daysLeft business days until it must be decided; 0 is today, below 0 is overdue
     */
    public record Row(
            UUID id,
            String number,
            String programme,
            String household,
            LocalDate dueBy,
            int daysLeft,
            String nextStep,
            NextAction action,
            Optional<String> owner) {}

    /**
     * A page of a stack.
     *
     * @param count how many claims the stack has, counted up to a thousand
     * @param after the key of the next page; empty when this is the last
     */
    public record Page(Pile pile, int count, List<Row> rows, Optional<String> after) {}

    /** @param mine only claims this caseworker has; unless set, the whole office, with what nobody has taken */
    @Transactional(readOnly = true)
    public List<Page> sheet(Optional<UUID> mine) {
        List<Page> pages = new ArrayList<>();
        for (Pile pile : Pile.values()) {
            pages.add(page(pile, mine, Optional.empty()));
        }
        return pages;
    }

    /** One page of one stack. @param after the key that the page before gave */
    @Transactional(readOnly = true)
    public Page page(Pile pile, Optional<UUID> mine, Optional<String> after) {
        String where = where(pile, mine);
        Key key = after.map(Key::parse).orElse(Key.FIRST);
        List<Row> rows = database.sql(
                        "select " + COLUMNS + " from claim c left join account a on a.id = c.owner_id where " + where
                                + " and (c.due_by, c.id) > (:due, :id) order by c.due_by, c.id limit " + (PAGE + 1))
                .param("soon", soon())
                .param("mine", mine.orElse(new UUID(0, 0)))
                .param("due", key.dueBy())
                .param("id", key.id())
                .query(this::row)
                .list();
        int count = database.sql("select count(*) from (select 1 from claim c where " + where + " limit "
                        + COUNTED_UP_TO + ") counted")
                .param("soon", soon())
                .param("mine", mine.orElse(new UUID(0, 0)))
                .query(Integer.class)
                .single();
        boolean more = rows.size() > PAGE;
        List<Row> shown = more ? rows.subList(0, PAGE) : rows;
        return new Page(
                pile,
                count,
                List.copyOf(shown),
                more ? Optional.of(Key.of(shown.getLast()).toString()) : Optional.empty());
    }

    Row row(ResultSet row, int i) throws SQLException {
        LocalDate dueBy = row.getObject(5, LocalDate.class);
        return new Row(
                row.getObject(1, UUID.class),
                row.getString(2),
                NAMES.getOrDefault(row.getString(3), row.getString(3)),
                row.getString(4),
                dueBy,
                BusinessCalendar.businessDaysBetween(clock.today(), dueBy),
                row.getString(6),
                NextAction.valueOf(row.getString(7)),
                Optional.ofNullable(row.getString(9)));
    }

    static String columns() {
        return COLUMNS;
    }

    private LocalDate soon() {
        return BusinessCalendar.plusBusinessDays(clock.today(), SOON_DAYS);
    }

    /** New claims of the office are everyone's, so they show under "mine" too while nobody has them. */
    private static String where(Pile pile, Optional<UUID> mine) {
        String whose = mine.isEmpty()
                ? ""
                : pile == Pile.NEW ? " and (c.owner_id = :mine or c.owner_id is null)" : " and c.owner_id = :mine";
        return switch (pile) {
            case RUNNING_OUT -> "c.stack is not null and (c.due_by <= :soon or c.urgent)" + whose;
            case CAME_BACK, READY, NEW -> "c.stack = '" + pile + "' and c.due_by > :soon and not c.urgent" + whose;
        };
    }

    private record Key(LocalDate dueBy, UUID id) {
        static final Key FIRST = new Key(LocalDate.of(1900, 1, 1), new UUID(0, 0));

        static Key of(Row row) {
            return new Key(row.dueBy(), row.id());
        }

        static Key parse(String text) {
            try {
                return new Key(LocalDate.parse(text.substring(0, 10)), UUID.fromString(text.substring(11)));
            } catch (RuntimeException e) {
                return FIRST;
            }
        }

        @Override
        public String toString() {
            return dueBy + "_" + id;
        }
    }
}
