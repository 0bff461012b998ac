package org.civitane.server.daysheet;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.server.claims.NextAction;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
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
            "c.id, c.number, c.programme, c.household_name, c.decide_by, c.next_step::text, c.next_action, c.owner_id, a.display_name, c.decided_at is not null as decided";
    private static final String RUNNING_OUT = "c.decided_at is null and (c.decide_by <= :soon or c.urgent)";

    /** All stacks in one look: the limit says to whoever plans it that few rows are left to be read. */
    private static final String SHEET =
            """
            with piled as (
              select c.id, c.owner_id, c.decide_by, case when %s then 'RUNNING_OUT' else c.stack end as pile
              from claim c where c.stack is not null %%s),
            placed as (
              select id, pile, count(*) over (partition by pile) as count, row_number() over (
                partition by pile order by (pile = 'RUNNING_OUT' and owner_id is not null), decide_by, id) as place
              from piled),
            shown as (select * from placed where place <= %d limit %d)
            select s.pile, s.count, %s
            from shown s join claim c on c.id = s.id left join account a on a.id = c.owner_id order by s.pile, s.place
            """.formatted(RUNNING_OUT, PAGE + 1, Pile.values().length * (PAGE + 1), COLUMNS);

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

    /**
     * The stacks, in the order in which they are worked. A claim that waits for a caseworker is in exactly one: in the
     * first once its day is near or it is urgent, unless it was decided before.
     */
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
        Map<Pile, Integer> counts = new EnumMap<>(Pile.class);
        Map<Pile, List<Row>> rows = new EnumMap<>(Pile.class);
        asked(SHEET.formatted(whose(wanted)), wanted)
                .query((row, i) -> {
                    Pile pile = Pile.valueOf(row.getString("pile"));
                    counts.put(pile, Math.min(row.getInt("count"), COUNTED_UP_TO));
                    return rows.computeIfAbsent(pile, key -> new ArrayList<>()).add(row(row, i));
                })
                .list();
        return Stream.of(Pile.values())
                .map(pile -> page(pile, counts.getOrDefault(pile, 0), rows.getOrDefault(pile, List.of())))
                .toList();
    }

    /** One page of one stack. @param after the key that the page before gave */
    @Transactional(readOnly = true)
    public Page page(Pile pile, Wanted wanted, Optional<String> after) {
        String where = where(pile, wanted);
        String order = order(pile);
        Key key = after.map(Key::parse).orElse(Key.FIRST);
        List<Row> rows = asked(
                        "select " + COLUMNS + " from claim c left join account a on a.id = c.owner_id where " + where
                                + " and (" + order + ") > " + key(pile) + " order by " + order + " limit "
                                + (PAGE + 1),
                        wanted)
                .param("taken", key.taken())
                .param("day", key.decideBy())
                .param("id", key.id())
                .query(this::row)
                .list();
        int count = asked(
                        "select count(*) from (select 1 from claim c where " + where + " limit " + COUNTED_UP_TO
                                + ") counted",
                        wanted)
                .query(Integer.class)
                .single();
        return page(pile, count, rows);
    }

    /** @param rows one more than a page has where there is another */
    private static Page page(Pile pile, int count, List<Row> rows) {
        boolean more = rows.size() > PAGE;
        List<Row> shown = more ? rows.subList(0, PAGE) : rows;
        return new Page(
                pile,
                count,
                List.copyOf(shown),
                more ? Optional.of(Key.of(pile, shown.getLast()).toString()) : Optional.empty());
    }

    private StatementSpec asked(String sql, Wanted wanted) {
        return database.sql(sql)
                .param("soon", soon())
                .param("mine", wanted.mine().orElse(NOBODY))
                .param("only", wanted.only().orElse(NOBODY))
                .param("programme", wanted.programme().orElse(""));
    }

    Row row(ResultSet row, int i) throws SQLException {
        LocalDate decideBy = row.getObject("decide_by", LocalDate.class);
        return new Row(
                row.getObject("id", UUID.class),
                row.getString("number"),
                NAMES.getOrDefault(row.getString("programme"), row.getString("programme")),
                row.getString("household_name"),
                decideBy,
                BusinessCalendar.businessDaysBetween(clock.today(), decideBy),
                row.getBoolean("decided"),
                PhraseColumn.read(row.getString("next_step")),
                NextAction.valueOf(row.getString("next_action")),
                Optional.ofNullable(row.getString("display_name")));
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
        return switch (pile) {
            case RUNNING_OUT -> "c.stack is not null and " + RUNNING_OUT + whose(wanted);
            case CAME_BACK, READY, NEW -> "c.stack = '" + pile + "' and not (" + RUNNING_OUT + ")" + whose(wanted);
        };
    }

    private static String whose(Wanted wanted) {
        return (wanted.mine().isEmpty() ? "" : " and (c.owner_id = :mine or c.owner_id is null)")
                + (wanted.only().isEmpty() ? "" : " and c.owner_id = :only")
                + (wanted.programme().isEmpty() ? "" : " and c.programme = :programme");
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
