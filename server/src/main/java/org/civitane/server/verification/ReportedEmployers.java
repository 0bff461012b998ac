package org.civitane.server.verification;

import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.civitane.core.fact.ReportedWages;
import org.civitane.core.person.Names;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/** The employers who reported wages for the quarters that were asked about, beside the one that was named. */
final class ReportedEmployers {
    private final Optional<String> path;
    private final Map<String, TreeSet<YearMonth>> months;
    private final FactWords words;

    ReportedEmployers(Optional<ReportedWages> wages, List<RegisterRequest> requests, FactWords words) {
        this.path = wages.flatMap(ReportedWages::employer);
        this.words = words;
        this.months = new TreeMap<>();
        requests.stream()
                .filter(request -> request.register() == Register.WAGES)
                .flatMap(request -> request.answer().stream())
                .flatMap(answer -> answer.path("months").valueStream())
                .forEach(month -> months.computeIfAbsent(month.path("employer").asString(), unseen -> new TreeSet<>())
                        .add(YearMonth.parse(month.path("month").asString())));
    }

    /** A fact with who reported wages, where it names the employer and somebody did; else as it is. */
    Fact beside(FactPath at, JsonNode named, Fact fact) {
        if (months.isEmpty() || path.filter(at.path()::equals).isEmpty()) {
            return fact;
        }
        boolean isThere = months.keySet().stream()
                .anyMatch(name -> Names.compare(name, named.asString("")) != Names.Verdict.CONFLICT);
        String all = months.entrySet().stream()
                .map(each -> words.texts()
                        .say(
                                "fact.reported-by",
                                each.getKey(),
                                words.wording().shown(each.getValue().first()),
                                words.wording().shown(each.getValue().last())))
                .collect(Collectors.joining("; "));
        return fact.with(
                fact.shown(),
                Optional.of(Fact.Shown.of(all, Optional.of(StringNode.valueOf(newest())), Optional.empty())),
                isThere ? Fact.State.AGREES : Fact.State.DIFFERS,
                fact.note(),
                Optional.of(
                        new Fact.Ask(at.path(), fact.label(), Phrase.of("ask.employer"), Phrase.of("good.employer"))),
                fact.beyond());
    }

    /** Who reported last. */
    private String newest() {
        return months.entrySet().stream()
                .max(Map.Entry.comparingByValue((one, other) -> one.last().compareTo(other.last())))
                .orElseThrow()
                .getKey();
    }
}
