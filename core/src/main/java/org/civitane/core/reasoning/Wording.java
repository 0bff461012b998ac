package org.civitane.core.reasoning;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;

/**
 * The texts of one programme in one language: sentences for the steps of its working, its words and its questions.
 *
 * <p>A text may carry figures by name, {@code {freeLimit}}; a step's own result is {@code {result}}. With the words for
 * one and for several, {@code {unitSize|person|people}} becomes "1 person" or "4 people". What stands in square brackets
 * is left out of a step's sentence where a figure in it came to nothing: {@code [ less {medical}]}, or where the step, kept
 * by an earlier version, has no such figure: a place that is added to the words of a step stands in brackets. A step
 * whose result is yes or no has its texts under {@code <code>.true} and {@code <code>.false}.
 *
 * <p>Texts speak to the person concerned. Where one does, {@code <key>.about} says the same about them, for whoever
 * works on their claim.
 */
public final class Wording {
    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)(?:\\|([^|{}]*)\\|([^|{}]*))?}");

    private static final Pattern IF_ANY = Pattern.compile("\\[([^\\[\\]]*)]");

    private static final String ABOUT = ".about";

    private static final Currency EURO = Currency.getInstance("EUR");

    private static final String SHARED = "org.civitane.core.reasoning.words";

    private final ResourceBundle texts;
    private final ResourceBundle shared;
    private final Locale locale;
    private final Map<String, String> names;
    private final Reader reader;

    private Wording(
            ResourceBundle texts, ResourceBundle shared, Locale locale, Map<String, String> names, Reader reader) {
        this.texts = texts;
        this.shared = shared;
        this.locale = locale;
        this.names = Map.copyOf(names);
        this.reader = reader;
    }

    /** The texts of a bundle over the words all programmes share; English where the language asked for has none. */
    public static Wording of(String bundle, Locale locale) {
        return new Wording(load(bundle, locale), load(SHARED, locale), locale, Map.of(), Reader.CONCERNED);
    }

    private static ResourceBundle load(String bundle, Locale locale) {
        return ResourceBundle.getBundle(
                bundle, locale, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }

    /**
     * The same texts, with people called by their names.
     *
     * @param namesById a member's id to what they are called
     */
    public Wording naming(Map<String, String> namesById) {
        return new Wording(texts, shared, locale, namesById, reader);
    }

    /** The same texts, as this reader reads them. */
    public Wording readBy(Reader other) {
        return new Wording(texts, shared, locale, names, other);
    }

    /** @throws MissingResourceException when there is no such text */
    public String text(String key) {
        String about = key + ABOUT;
        String read = reader == Reader.OFFICE && has(about) ? about : key;
        return holder(read).getString(read);
    }

    /** The text of a key, or {@code otherwise} when there is none. */
    public String textOr(String key, String otherwise) {
        return holder(key).containsKey(key) ? text(key) : otherwise;
    }

    /** Whether there is a text of that key. */
    public boolean has(String key) {
        return holder(key).containsKey(key);
    }

    private ResourceBundle holder(String key) {
        return texts.containsKey(key) ? texts : shared;
    }

    /** One step as a sentence with its figures. */
    public String sentence(Step step) {
        Map<String, String> figures = new HashMap<>();
        step.inputs().forEach(input -> figures.put(input.name(), shown(input.value())));
        figures.put("result", shown(step.result()));
        Set<String> told = step.inputs().stream()
                .filter(input -> !input.value().isNothing())
                .map(Step.Input::name)
                .collect(Collectors.toCollection(HashSet::new));
        told.add("result");
        String key = "step." + step.code() + (step.result() instanceof Value.Flag flag ? "." + flag.holds() : "");
        return filled(withoutNothing(text(key), told), figures);
    }

    private static String withoutNothing(String template, Set<String> told) {
        return IF_ANY.matcher(template)
                .replaceAll(
                        part -> PLACE.matcher(part.group(1)).results().allMatch(place -> told.contains(place.group(1)))
                                ? Matcher.quoteReplacement(part.group(1))
                                : "");
    }

    /** A text with its named places filled in, without the parts in brackets of which a figure is empty. */
    public String whole(String key, Map<String, String> figures) {
        Set<String> told = figures.entrySet().stream()
                .filter(figure -> !figure.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        return filled(withoutNothing(text(key), told), figures);
    }

    /** A text with its named places filled in; a place without a figure is an error of the bundle. */
    public String filled(String template, Map<String, String> figures) {
        return PLACE.matcher(template).replaceAll(place -> {
            String figure = figures.get(place.group(1));
            if (figure == null) {
                throw new MissingResourceException(
                        "No figure for {" + place.group(1) + "} in: " + template,
                        Wording.class.getName(),
                        place.group(1));
            }
            String counted = place.group(2) == null ? "" : " " + place.group(figure.equals("1") ? 2 : 3);
            return Matcher.quoteReplacement(figure + counted);
        });
    }

    /** A value as people read it: amounts in euro, dates written out, words from the bundle. */
    public String shown(Value value) {
        return switch (value) {
            case Value.Amount amount -> shown(amount.money());
            case Value.Count count -> String.format(locale, "%,d", count.number());
            case Value.Word word -> shown(word.text());
            case Value.Day day -> shown(day.date());
            case Value.Month month -> shown(month.month());
            case Value.QuarterYear quarter -> shown(quarter.quarter());
            case Value.Flag flag -> textOr("word." + flag.holds(), String.valueOf(flag.holds()));
            case Value.Decimal decimal -> decimal.number().toPlainString();
            case Value.Row row -> shown(row.values());
            case Value.Fields fields -> shown(List.copyOf(fields.values().values()));
            case Value.Nothing ignored -> textOr("word.nothing", "none");
        };
    }

    /** A word as people read it: a person's name, a text of the bundle, or for {@code code:id} both. */
    public String shown(String word) {
        int colon = word.indexOf(':');
        if (colon > 0) {
            return shown(word.substring(0, colon)) + " " + shown(word.substring(colon + 1));
        }
        return names.getOrDefault(word, textOr("word." + word, word));
    }

    /** An amount as people read it: {@code €25,125.00}. */
    public String shown(Money money) {
        return shown(money, locale);
    }

    /** An amount as people read it in a language. */
    public static String shown(Money money, Locale locale) {
        NumberFormat euros = NumberFormat.getCurrencyInstance(locale);
        euros.setCurrency(EURO);
        String amount = euros.format(BigDecimal.valueOf(Math.abs(money.cents()), 2));
        return money.isNegative() ? "−" + amount : amount;
    }

    /** A date as people read it: {@code 3 December 2026}. */
    public String shown(LocalDate day) {
        return DateTimeFormatter.ofPattern("d MMMM uuuu", locale).format(day);
    }

    /** A month as people read it: {@code December 2026}. */
    public String shown(YearMonth month) {
        return DateTimeFormatter.ofPattern("MMMM uuuu", locale).format(month);
    }

    /** A quarter as people read it: {@code October to December 2025}. */
    public String shown(Quarter quarter) {
        return text("quarter." + quarter.number()) + " " + quarter.year();
    }

    private String shown(List<Value> values) {
        return values.isEmpty()
                ? textOr("word.empty", "none")
                : values.stream().map(this::shown).collect(Collectors.joining(", "));
    }
}
