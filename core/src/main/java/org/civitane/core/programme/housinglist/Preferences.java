package org.civitane.core.programme.housinglist;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.civitane.core.programme.housinglist.HousingListCase.HomelessMonths;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/** Preferences granted on the facts, whether or not claimed, and those claimed and not granted (chapter, Preferences). */
final class Preferences {
    private enum Why {
        PAPERS,
        FACTS
    }

    private final HousingListCase file;
    private final Household household;
    private final HousingListPolicy policy;
    private final Set<Preference> granted = EnumSet.noneOf(Preference.class);

    Preferences(HousingListCase file, Household household, HousingListPolicy policy) {
        this.file = file;
        this.household = household;
        this.policy = policy;
        for (Preference kind : Preference.values()) {
            if (isGranted(kind)) {
                granted.add(kind);
            }
        }
    }

    Set<Preference> granted() {
        return granted;
    }

    Value toValue() {
        return new Value.Row(granted.stream().map(Value::of).toList());
    }

    /** Those claimed and not granted, with what they lack. */
    Value notGranted() {
        List<Value> kinds = new ArrayList<>();
        for (Preference kind : Preference.values()) {
            if (file.claims(kind) && !granted.contains(kind)) {
                kinds.add(new Value.Fields(Figures.builder(2)
                        .add("kind", kind)
                        .add("why", kind.needsPapers() ? Why.PAPERS : Why.FACTS)
                        .build()));
            }
        }
        return new Value.Row(kinds);
    }

    private boolean isGranted(Preference kind) {
        return switch (kind) {
            case LOCAL, DISPLACED, VIOLENCE, SERVICE ->
                file.claims().stream().anyMatch(each -> each.kind() == kind && each.confirmed());
            case HOMELESS -> file.homelessMonths().filter(this::isHomeless).isPresent();
            case OVERCROWDED ->
                file.home()
                        .filter(home -> home.people() > (long) policy.peoplePerBedroom * home.bedrooms())
                        .isPresent();
            case DISABLED -> household.members().stream().anyMatch(HousingMember::disabled);
            case OVER_65 ->
                Stream.concat(Stream.of(household.applicant()), household.partner().stream())
                        .anyMatch(each -> each.ageOn(file.receivedOn()) >= policy.oldFrom);
            case FAMILY -> !household.children().isEmpty();
        };
    }

    private boolean isHomeless(HomelessMonths months) {
        return months.inRow() >= policy.homelessInRow
                || months.episodes() >= policy.homelessEpisodes && months.monthsInThreeYears() >= policy.homelessMonths;
    }
}
