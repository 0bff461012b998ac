package org.civitane.server.platform;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.civitane.core.fault.Fault;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.reasoning.Reader;
import org.civitane.core.reasoning.Wording;
import org.springframework.context.support.ResourceBundleMessageSource;
import org.springframework.stereotype.Component;

/** The sentences that the server says to people, from {@code messages.properties} and from the programmes' words. */
@Component
public class Texts {
    private final ResourceBundleMessageSource messages = new ResourceBundleMessageSource();

    public Texts() {
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        messages.setAlwaysUseMessageFormat(true);
        messages.setFallbackToSystemLocale(false);
    }

    /** As {@link #say}, with another sentence where there is none of that key. */
    public String sayOr(String key, String otherwise, Object... places) {
        return known(key, places).orElseGet(() -> say(otherwise, places));
    }

    /** A sentence with its places {0}, {1} … filled in. */
    public String say(String key, Object... places) {
        Object[] worded = Arrays.stream(places)
                .map(place -> place instanceof Phrase phrase ? value(phrase, Reader.CONCERNED) : place)
                .toArray();
        return messages.getMessage(key, worded, Locale.ENGLISH);
    }

    /** A phrase in words to whom it is about; one that was kept by a version that had other texts is told by its code. */
    public String say(Phrase phrase) {
        return say(phrase, Reader.CONCERNED);
    }

    /** A phrase in words, as this reader reads them. */
    public String say(Phrase phrase, Reader reader) {
        return switch (phrase) {
            case Phrase.Text text -> text.text();
            case Phrase.Count count -> String.valueOf(count.number());
            case Phrase.Amount amount -> Wording.shown(amount.money(), Locale.ENGLISH);
            case Phrase.Sentence sentence -> sentence(sentence, reader);
            case Phrase.Word word -> word(word, reader);
            case Phrase.Day day ->
                switch (day.style()) {
                    case FULL -> DayText.full(day.day());
                    case DATE -> DayText.date(day.day());
                    case MONTH -> DayText.month(day.day());
                };
            case Phrase.Several several ->
                several.parts().stream()
                        .map(part -> say(part, reader))
                        .collect(Collectors.joining(say(several.between(), reader)));
            case Phrase.Capital capital -> capital(say(capital.of(), reader));
        };
    }

    /** A fault is said in the words of the people here, if they have any for it, else in those of the format. */
    private String sentence(Phrase.Sentence sentence, Reader reader) {
        Object[] values =
                sentence.values().stream().map(value -> value(value, reader)).toArray();
        String otherwise = sentence.code().startsWith(Phrase.FAULT)
                ? Fault.of(sentence.code().substring(Phrase.FAULT.length()), values)
                        .inWords(Locale.ENGLISH)
                : sentence.code();
        return about(sentence, values, reader)
                .or(() -> known(sentence.code(), values))
                .orElse(otherwise);
    }

    private Optional<String> about(Phrase.Sentence sentence, Object[] values, Reader reader) {
        return reader == Reader.OFFICE ? known(sentence.code() + ".about", values) : Optional.empty();
    }

    /** Words that are given instead of a missing sentence are text, and no pattern: people may have written them. */
    private Optional<String> known(String key, Object[] places) {
        return Optional.ofNullable(messages.getMessage(key, places, null, Locale.ENGLISH));
    }

    private Object value(Phrase phrase, Reader reader) {
        return phrase instanceof Phrase.Count count ? count.number() : say(phrase, reader);
    }

    private String word(Phrase.Word word, Reader reader) {
        Wording wording =
                Catalogue.named(word.programme()).wording(Locale.ENGLISH).readBy(reader);
        Map<String, String> places = new HashMap<>();
        word.places().forEach((name, value) -> places.put(name, say(value, reader)));
        return wording.has(word.key()) ? wording.filled(wording.text(word.key()), places) : word.key();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ENGLISH) + text.substring(1);
    }
}
