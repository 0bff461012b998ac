package org.civitane.core.programme.payerregistration;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Bare;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.IdentityNumber;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Known;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.KnownNumber;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Review;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/** Records of the payer register that may be the applicant's (chapter, Duplicates). */
final class Duplicates {
    /** By what a record is hit. */
    enum By {
        IDENTITY_NUMBER,
        NAME_BIRTH
    }

    private final PayerRegistrationCase file;
    private final List<Known> known;
    private final Set<Bare> numbers;
    private final Map<String, Boolean> reviewed;
    private final Optional<String> former;

    Duplicates(PayerRegistrationCase file) {
        this.file = file;
        this.known = file.known().orElse(List.of());
        this.numbers = file.identityNumbers().stream().map(IdentityNumber::bare).collect(Collectors.toSet());
        this.reviewed = file.duplicateReview().stream().collect(Collectors.toMap(Review::read, Review::same));
        this.former = file.formerNumber().map(PayerNumber::read);
    }

    /** The hits in the order of the register's answer, reviewed or not. */
    Value toValue() {
        List<Value> hits = new ArrayList<>();
        for (Known record : known) {
            List<By> by = by(record);
            if (!by.isEmpty()) {
                hits.add(new Value.Fields(Figures.builder(2)
                        .add("payerNumber", record.read())
                        .add("by", new Value.Row(by.stream().map(Value::of).toList()))
                        .build()));
            }
        }
        return new Value.Row(hits);
    }

    /** Whether any record is still to be looked at beside the applicant's. */
    boolean anyIsOpen() {
        return known.stream().anyMatch(this::isOpen);
    }

    /** The record of the same person: the first active one, else the first. */
    Optional<Known> same() {
        List<Known> same = known.stream().filter(this::isSame).toList();
        return same.stream()
                .filter(Known::active)
                .findFirst()
                .or(() -> same.stream().findFirst());
    }

    private List<By> by(Known record) {
        List<By> by = new ArrayList<>();
        if (record.identityNumbers().stream().map(KnownNumber::bare).anyMatch(numbers::contains)) {
            by.add(By.IDENTITY_NUMBER);
        }
        if (RefereeFaults.isOf(record.name(), record.dateOfBirth(), file.applicant())) {
            by.add(By.NAME_BIRTH);
        }
        return by;
    }

    private boolean isSame(Known record) {
        Boolean said = reviewed.get(record.read());
        return said != null ? said : bearsFormer(record) && by(record).contains(By.NAME_BIRTH);
    }

    private boolean isOpen(Known record) {
        return (bearsFormer(record) || !by(record).isEmpty())
                && !isSame(record)
                && !reviewed.containsKey(record.read());
    }

    private boolean bearsFormer(Known record) {
        return former.filter(record.read()::equals).isPresent();
    }
}
