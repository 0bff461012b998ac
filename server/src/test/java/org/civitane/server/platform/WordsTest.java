package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.civitane.core.programme.Catalogue;
import org.testng.annotations.Test;

/** One word for one thing, in all that the server and the programmes say to people: {@code docs/words.md}. */
public class WordsTest {
    private static final Path LIST = Path.of("..", "docs", "words.md");
    private static final Pattern ROW = Pattern.compile("(?m)^\\|[^|]+\\|[^|]+\\|([^|]+)\\|$");
    private static final Pattern QUOTED = Pattern.compile("`([^`]+)`");
    private static final Pattern PUBLIC_KEY = Pattern.compile(
            "(question|chapter|letter|estimate|screening|evidence|ask|good|askFor|atHand|outsider|my|apply|fault)\\b.*");

    @Test
    public void whatTheListRulesOutIsSaidNowhere() throws IOException {
        List<String> never = ROW.matcher(Files.readString(LIST))
                .results()
                .skip(2)
                .flatMap(row -> Arrays.stream(row.group(1).split(",")))
                .map(String::strip)
                .filter(word -> !word.equals("—"))
                .toList();
        assertThat(never).hasSizeGreaterThan(15);
        assertThat(saying(never, key -> true)).isEmpty();
    }

    @Test
    public void nobodyButStaffReadsTheWordsOfTheDesk() throws IOException {
        String list = Files.readString(LIST);
        List<String> staff = QUOTED.matcher(list.substring(list.indexOf("## Only staff read")))
                .results()
                .map(word -> word.group(1))
                .toList();
        assertThat(staff).hasSizeGreaterThan(5);
        assertThat(saying(staff, PUBLIC_KEY.asMatchPredicate())).isEmpty();
    }

    private static List<String> saying(List<String> words, Predicate<String> keys) {
        Pattern any = Pattern.compile("\\b(" + String.join("|", words) + ")s?\\b", Pattern.CASE_INSENSITIVE);
        List<String> found = new ArrayList<>();
        texts().forEach((key, text) -> {
            if (keys.test(key.substring(key.indexOf(' ') + 1))
                    && any.matcher(text).find()) {
                found.add(key + ": " + text);
            }
        });
        return found;
    }

    /** Every text by its bundle and its key. */
    private static Map<String, String> texts() {
        List<String> bundles = new ArrayList<>(
                List.of("messages", "org.civitane.core.reasoning.words", "org.civitane.core.fault.faults"));
        Catalogue.programmes()
                .forEach(programme -> bundles.add(programme.getClass().getPackageName() + ".wording"));
        Map<String, String> texts = new TreeMap<>();
        for (String name : bundles) {
            ResourceBundle bundle = ResourceBundle.getBundle(name, Locale.ROOT);
            bundle.keySet().forEach(key -> texts.put(name + " " + key, bundle.getString(key)));
        }
        return texts;
    }
}
