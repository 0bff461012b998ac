package org.civitane.server.daysheet;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.civitane.core.person.Names;
import org.civitane.server.daysheet.DaySheet.Row;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds claims by number, or by a name with tolerance for its spelling. */
@Service
public class Search {
    private static final Pattern NUMBER = Pattern.compile("[A-Za-z]{2}-?[0-9]{2}-?[0-9]{1,7}|[0-9]{3,7}");
    private static final int MOST = 12;
    private static final int MOST_WORDS = 4;
    private static final int SHORTEST_WORD = 2;
    private static final int CANDIDATES = 400;

    private final JdbcClient database;
    private final DaySheet sheet;

    Search(JdbcClient database, DaySheet sheet) {
        this.database = database;
        this.sheet = sheet;
    }

    /** The best dozen, best first. Fewer than two letters find nothing. */
    @Transactional(readOnly = true)
    public List<Row> find(String words) {
        String wanted = words.strip();
        return NUMBER.matcher(wanted).matches()
                ? byNumber(wanted)
                : byName(Names.normalise(wanted).toLowerCase(Locale.ROOT));
    }

    private List<Row> byNumber(String wanted) {
        String digits = wanted.replaceAll("[^0-9]", "");
        boolean full = Character.isLetter(wanted.charAt(0));
        String number = full
                ? "%s-%s-%05d"
                        .formatted(
                                wanted.substring(0, 2).toUpperCase(Locale.ROOT),
                                digits.substring(0, 2),
                                Integer.parseInt("0" + digits.substring(2)))
                : "%05d".formatted(Integer.parseInt(digits));
        return hits(
                "select " + DaySheet.columns()
                        + " from claim c left join account a on a.id = c.owner_id where "
                        + (full ? "c.number" : "split_part(c.number, '-', 3)")
                        + " = ? order by c.received_on desc limit "
                        + MOST,
                List.of(number));
    }

    /** Every word must be near a word of the people; when that finds nobody, any of them. */
    private List<Row> byName(String wanted) {
        List<String> words = Arrays.stream(wanted.split(" "))
                .filter(word -> word.length() >= SHORTEST_WORD)
                .limit(MOST_WORDS)
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        List<Row> all = byWords(words, " and ");
        return all.isEmpty() && words.size() > 1 ? byWords(words, " or ") : all;
    }

    /**
     * Those still open that are near, and of the others those that have the very words; only when these are few, the others
     * that are near as well: a common name is near thousands, of whom somebody has to be left out, and it must not be who
     * is asked for today.
     */
    private List<Row> byWords(List<String> words, String joined) {
        String near = each(words, "? <% search_text", joined);
        String same = each(words, "search_text like '%' || ? || '%'", joined);
        List<Row> likely = ranked(words, near, same);
        return likely.size() == MOST ? likely : ranked(words, near, near);
    }

    private static String of(String which) {
        return "(select * from claim where " + which + " limit " + CANDIDATES + ")";
    }

    private static String each(List<String> words, String told, String joined) {
        return words.stream().map(word -> told).collect(Collectors.joining(joined));
    }

    /** The nearest names of all candidates, and open claims first among those as near; each condition asks for the words once. */
    private List<Row> ranked(List<String> words, String ofOpen, String ofOthers) {
        String candidates = of("stack is not null and (" + ofOpen + ")") + " union all "
                + of("stack is null and (" + ofOthers + ")");
        return hits(
                "select " + DaySheet.columns() + " from (" + candidates
                        + ") c left join account a on a.id = c.owner_id order by "
                        + each(words, "word_similarity(?, c.search_text)", " + ")
                        + " desc, (c.stack is null), c.received_on desc limit " + MOST,
                Collections.nCopies(3, words).stream().flatMap(List::stream).toList());
    }

    private List<Row> hits(String sql, List<String> parameters) {
        return database.sql(sql).params(parameters).query(sheet::row).list();
    }
}
