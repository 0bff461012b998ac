package org.civitane.core.fault;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;

/**
 * What is wrong with something that was handed in: a code of the bundle {@code faults}, and what fills the places of its
 * sentence. It is kept as a code so that it reads in the language of whoever made the mistake.
 *
 * @param values what fills the places {0}, {1} …: texts as they are to be read, or parts of the sentence, worded alike
 */
public record Fault(String code, List<Object> values) {
    private static final String BUNDLE = "org.civitane.core.fault.faults";

    public Fault {
        values = List.copyOf(values);
    }

    public static Fault of(String code, Object... values) {
        return new Fault(
                code,
                Arrays.stream(values)
                        .map(value -> value instanceof Fault ? value : String.valueOf(value))
                        .toList());
    }

    /** One sentence for whoever made the mistake; English where the language asked for has none. */
    public String inWords(Locale locale) {
        ResourceBundle words = ResourceBundle.getBundle(
                BUNDLE, locale, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
        return new MessageFormat(words.getString(code), locale)
                .format(values.stream()
                        .map(value -> value instanceof Fault part ? part.inWords(locale) : value)
                        .toArray());
    }
}
