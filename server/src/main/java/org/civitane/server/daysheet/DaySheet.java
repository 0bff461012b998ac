package org.civitane.server.daysheet;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.server.claims.NextAction;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The caseworker's start: four stacks of claims, each with its next step, paged by key. */
@Service
public class DaySheet {
    static final int PAGE = 25;
    private static final UUID NOBODY = new UUID(0, 0);
    private static final int SOON_DAYS = 1;
    private static final int COUNTED_UP_TO = 1000;
    private static final String COLUMNS =
            "c.id, c.number, c.programme, c.household_name, c.decide_by, c.next_step::text, c.next_action, c.owner_id, a.display_name, c.decided_at is not null";

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
     * @param decideBy the day by which the desk means to decide
     * @param daysLeft business days until then; 0 is today, below 0 is overdue
     * @param decided whether it was decided before it came back, so that no day of decision hurries it
     */
    public record Row(
            UUID id,
            String number,
            String programme,
            String household,
            LocalDate decideBy,
            int daysLeft,
            boolean decided,
            Phrase nextStep,
            NextAction action,
            Optional<String> owner) {}

    /**
     * A page of a stack.
     *
     * @param count how many claims the stack has, counted up to a thousand
     * @param after the key of the next page; empty when this is the last
     */
    public record Page(Pile pile, int count, List<Row> rows, Optional<String> after) {}

    /**
     * Which claims the sheet is to show.
     *
     * @param mine claims this caseworker has, with what nobody has taken; unless set, the whole office's
     * @param only claims this caseworker has, and no others
     * @param programme only claims of this programme; unless set, of all
     */
    public record Wanted(Optional<UUID> mine, Optional<UUID> only, Optional<String> programme) {
        /** Everything of one caseworker, with what nobody has taken. */
        public static Wanted of(UUID mine) {
            return new Wanted(Optional.of(mine), Optional.empty(), Optional.empty());
        }

        /** The whole office. */
        public static Wanted all() {
            return new Wanted(Optional.empty(), Optional.empty(), Optional.empty());
        }
    }

    @Transactional(readOnly = true)
    public List<Page> sheet(Wanted wanted) {
        List<Page> pages = new ArrayList<>();
        for (Pile pile : Pile.values()) {
            pages.add(page(pile, wanted, Optional.empty()));
        }
        return pages;
    }

    /** One page of one stack. @param after the key that the page before gave */
    @Transactional(readOnly = true)
    public Page page(Pile pile, Wanted wanted, Optional<String> after) {
        String where = where(pile, wanted);
        String order = order(pile);
        Key key = after.map(Key::parse).orElse(Key.FIRST);
        List<Row> rows = database.sql(
                        "select " + COLUMNS + " from claim c left join account a on a.id = c.owner_id where " + where
                                + " and (" + order + ") > " + key(pile) + " order by " + order + " limit "
                                + (PAGE + 1))
                .param("soon", soon())
                .param("mine", wanted.mine().orElse(NOBODY))
                .param("only", wanted.only().orElse(NOBODY))
                .param("programme", wanted.programme().orElse(""))
                .param("taken", key.taken())
                .param("day", key.decideBy())
                .param("id", key.id())
                .query(this::row)
                .list();
        int count = database.sql("select count(*) from (select 1 from claim c where " + where + " limit "
                        + COUNTED_UP_TO + ") counted")
                .param("soon", soon())
                .param("mine", wanted.mine().orElse(NOBODY))
                .param("only", wanted.only().orElse(NOBODY))
                .param("programme", wanted.programme().orElse(""))
                .query(Integer.class)
                .single();
        boolean more = rows.size() > PAGE;
        List<Row> shown = more ? rows.subList(0, PAGE) : rows;
        return new Page(
                pile,
                count,
                List.copyOf(shown),
                more ? Optional.of(Key.of(pile, shown.getLast()).toString()) : Optional.empty());
    }

    Row row(ResultSet row, int i) throws SQLException {
        LocalDate decideBy = row.getObject(5, LocalDate.class);
        return new Row(
                row.getObject(1, UUID.class),
                row.getString(2),
                NAMES.getOrDefault(row.getString(3), row.getString(3)),
                row.getString(4),
                decideBy,
                BusinessCalendar.businessDaysBetween(clock.today(), decideBy),
                row.getBoolean(10),
                PhraseColumn.read(row.getString(6)),
                NextAction.valueOf(row.getString(7)),
                Optional.ofNullable(row.getString(9)));
    }

    static String columns() {
        return COLUMNS;
    }

    private LocalDate soon() {
        return BusinessCalendar.plusBusinessDays(clock.today(), SOON_DAYS);
    }

    /**
     * Claims that nobody has are everyone's, so they show under "mine" too: while there is time among the new ones, and
     * once they run out, where everyone sees them first.
     */
    private static String where(Pile pile, Wanted wanted) {
        String whose = (wanted.mine().isEmpty() ? "" : " and (c.owner_id = :mine or c.owner_id is null)")
                + (wanted.only().isEmpty() ? "" : " and c.owner_id = :only")
                + (wanted.programme().isEmpty() ? "" : " and c.programme = :programme");
        return switch (pile) {
            case RUNNING_OUT ->
                "c.stack is not null and c.decided_at is null and (c.decide_by <= :soon or c.urgent)" + whose;
            case CAME_BACK, READY, NEW ->
                "c.stack = '" + pile + "' and (c.decide_by > :soon and not c.urgent or c.decided_at is not null)"
                        + whose;
        };
    }

    private static String order(Pile pile) {
        return pile == Pile.RUNNING_OUT ? "(c.owner_id is not null), c.decide_by, c.id" : "c.decide_by, c.id";
    }

    private static String key(Pile pile) {
        return pile == Pile.RUNNING_OUT ? "(:taken, :day, :id)" : "(:day, :id)";
    }

    private record Key(boolean taken, LocalDate decideBy, UUID id) {
        static final Key FIRST = new Key(false, LocalDate.of(1900, 1, 1), new UUID(0, 0));
        private static final Pattern SHAPE = Pattern.compile("([tf])_([0-9-]{10})_([0-9a-f-]{36})");

        static Key of(Pile pile, Row row) {
            return new Key(pile == Pile.RUNNING_OUT && row.owner().isPresent(), row.decideBy(), row.id());
        }

        static Key parse(String text) {
            Matcher parts = SHAPE.matcher(text);
            if (!parts.matches()) {
                return FIRST;
            }
            try {
                return new Key(
                        parts.group(1).equals("t"), LocalDate.parse(parts.group(2)), UUID.fromString(parts.group(3)));
            } catch (DateTimeParseException | IllegalArgumentException e) {
                return FIRST;
            }
        }

        @Override
        public String toString() {
            return (taken ? "t" : "f") + "_" + decideBy + "_" + id;
        }
    }
}
