package org.civitane.server.casework;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.civitane.core.person.Names;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds claims by number, or by a name with tolerance for its spelling. */
@Service
public class Search {
    private static final Pattern NUMBER = Pattern.compile("[A-Za-z]{2}-?[0-9]{2}-?[0-9]{1,7}|[0-9]{3,7}");
    private static final int MOST = 12;
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

    /** Every word must be near a word of the people; trigrams narrow it down, then the candidates are ranked. */
    private List<Hit> byName(String wanted) {
        if (wanted.length() < 2) {
            return List.of();
        }
        return hits(
                "select " + DaySheet.columns()
                        + ", c.search_text, c.state from (select * from claim where ? <% search_text limit "
                        + CANDIDATES
                        + ") c left join account a on a.id = c.owner_id order by (c.stack is null), word_similarity(?, c.search_text) desc, c.received_on desc limit "
                        + MOST,
                wanted,
                wanted);
    }

    private List<Hit> hits(String sql, Object... parameters) {
        return database.sql(sql)
                .params(parameters)
                .query((row, i) -> new Hit(sheet.row(row, i), row.getString(10), row.getString(11)))
                .list();
    }
}
