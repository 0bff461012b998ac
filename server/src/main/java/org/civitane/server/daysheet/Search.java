package org.civitane.server.daysheet;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.person.Names;
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

    /** A claim found. */
    public record Hit(DaySheet.Row claim, String people, String state) {}

    /** The best dozen, best first. Fewer than two letters find nothing. */
    @Transactional(readOnly = true)
    public List<Hit> find(String words) {
        String wanted = words.strip();
        return NUMBER.matcher(wanted).matches()
                ? byNumber(wanted)
                : byName(Names.normalise(wanted).toLowerCase(Locale.ROOT));
    }

    private List<Hit> byNumber(String wanted) {
        String digits = wanted.replaceAll("[^0-9]", "");
        boolean full = Character.isLetter(wanted.charAt(0));
        String number = full
                ? "%s-%s-%05d"
                        .formatted(
                                wanted.substring(0, 2).toUpperCase(Locale.ROOT),
                                digits.substring(0, 2),
                                Integer.parseInt("0" + digits.substring(2)))
                : "%%-%05d".formatted(Integer.parseInt(digits));
        return hits(
                "select " + DaySheet.columns()
                        + ", c.search_text, c.state from claim c left join account a on a.id = c.owner_id where c.number "
                        + (full ? "= ?" : "like ?") + " order by c.received_on desc limit " + MOST,
                number);
    }

    /** Every word must be near a word of the people; when that finds nobody, any of them. */
    private List<Hit> byName(String wanted) {
        List<String> words = Arrays.stream(wanted.split(" "))
                .filter(word -> word.length() >= SHORTEST_WORD)
                .limit(MOST_WORDS)
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        List<Hit> all = byWords(words, " and ");
        return all.isEmpty() && words.size() > 1 ? byWords(words, " or ") : all;
    }

    /** Trigrams narrow it down, then the candidates are ranked: open claims first, nearest names first. */
    private List<Hit> byWords(List<String> words, String joined) {
        String near = words.stream().map(word -> "? <% search_text").collect(Collectors.joining(joined));
        String nearness =
                words.stream().map(word -> "word_similarity(?, c.search_text)").collect(Collectors.joining(" + "));
        return hits(
                "select " + DaySheet.columns() + ", c.search_text, c.state from (select * from claim where " + near
                        + " limit " + CANDIDATES + ") c left join account a on a.id = c.owner_id order by " + nearness
                        + " desc, (c.stack is null), c.received_on desc limit " + MOST,
                Stream.concat(words.stream(), words.stream()).toArray());
    }

    private List<Hit> hits(String sql, Object... parameters) {
        return database.sql(sql)
                .params(parameters)
                .query((row, i) -> new Hit(sheet.row(row, i), row.getString(10), row.getString(11)))
                .list();
    }
}
