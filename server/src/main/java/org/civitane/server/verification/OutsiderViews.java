package org.civitane.server.verification;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.programme.Outsider;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.platform.Phrase;
import tools.jackson.databind.JsonNode;

/**
 * What someone outside the household has said of the same as the applicant, beside it: it agrees or differs. Where they
 * said nothing of a part of what they answered, they say there is none.
 */
final class OutsiderViews {
    private static final Pattern NUMBER = Pattern.compile("\\d{1,9}(\\.\\d{1,2})?");

    private final JsonNode file;
    private final List<Outsider> outsiders;
    private final FactWords words;

    OutsiderViews(JsonNode file, List<Outsider> outsiders, FactWords words) {
        this.file = file;
        this.outsiders = outsiders;
        this.words = words;
    }

    /** Their word for one fact, and who they are. */
    private record Theirs(Outsider outsider, JsonNode value) {}

    /** Whether one of them has said something of a fact. */
    boolean say(FactPath path) {
        return theirs(path.path())
                .filter(theirs -> !theirs.value().isMissingNode())
                .isPresent();
    }

    /** A fact with what was said of it by someone else; as it is where nobody was asked for it or has answered. */
    Fact beside(FactPath path, JsonNode said, Fact fact) {
        return theirs(path.path())
                .map(theirs -> {
                    String who =
                            words.wording().text("outsider." + theirs.outsider().code() + ".who");
                    String text = text(path, theirs.value());
                    Optional<JsonNode> value = Optional.of(theirs.value()).filter(each -> !each.isMissingNode());
                    return fact.with(
                            fact.shown(),
                            Optional.of(Fact.Shown.of(text, value, Optional.of(who))),
                            isSame(theirs.value(), said) ? Fact.State.AGREES : Fact.State.DIFFERS,
                            fact.note(),
                            Optional.of(new Fact.Ask(
                                    path.path(),
                                    fact.label(),
                                    Phrase.of("ask.of-other", text(path, said), who, text),
                                    Phrase.of("good.fact"))),
                            fact.beyond());
                })
                .orElse(fact);
    }

    private String text(FactPath path, JsonNode value) {
        return value.isMissingNode() ? words.texts().say("fact.none-said") : words.text(path, value);
    }

    /** Numbers are the same however they are written. */
    private static boolean isSame(JsonNode one, JsonNode other) {
        String first = one.asString("");
        String second = other.asString("");
        return first.equals(second)
                || NUMBER.matcher(first).matches()
                        && NUMBER.matcher(second).matches()
                        && new BigDecimal(first).compareTo(new BigDecimal(second)) == 0;
    }

    private Optional<Theirs> theirs(String path) {
        return outsiders.stream()
                .flatMap(outsider ->
                        outsider.confirms().entrySet().stream().flatMap(confirmed -> at(outsider, confirmed, path)))
                .findFirst();
    }

    private Stream<Theirs> at(Outsider outsider, Map.Entry<String, String> confirmed, String path) {
        JsonNode about = file.path(outsider.fact());
        boolean hasAnswered = outsider.asked().stream().anyMatch(asked -> about.has(asked.path()));
        if (!hasAnswered) {
            return Stream.empty();
        }
        JsonNode value = about.path(confirmed.getKey());
        if (path.equals(confirmed.getValue())) {
            return Stream.of(new Theirs(outsider, value));
        }
        return path.startsWith(confirmed.getValue() + "/")
                ? Stream.of(new Theirs(
                        outsider, value.path(path.substring(confirmed.getValue().length() + 1))))
                : Stream.empty();
    }
}
