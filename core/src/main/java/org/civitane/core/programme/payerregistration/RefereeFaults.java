package org.civitane.core.programme.payerregistration;

import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Person;
import org.civitane.core.person.Names;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Referee;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.RefereeRecord;

/** What is wrong with a referee (chapter, Referee). */
final class RefereeFaults {
    private static final Pattern PHONE = Pattern.compile("\\+[1-9][0-9]{6,14}");

    private final PayerRegistrationCase file;
    private final PayerRegistrationPolicy policy;
    private final MissingCodes codes;

    RefereeFaults(PayerRegistrationCase file, PayerRegistrationPolicy policy, MissingCodes codes) {
        this.file = file;
        this.policy = policy;
        this.codes = codes;
    }

    /** Adds the faults of a referee, each a code of its own. */
    void look(Referee referee) {
        String number = PayerNumber.read(referee.payerNumber());
        fault("NUMBER", !PayerNumber.isRight(number));
        fault("PHONE", !PHONE.matcher(referee.phone().replace(" ", "")).matches());
        fault(
                "REFUSED",
                referee.answer().filter(each -> each == Referee.Answer.NO).isPresent());
        fault(
                "SILENT",
                referee.answer().isEmpty()
                        && referee.askedOn().filter(this::isOver).isPresent());
        boolean own = file.formerNumber()
                .filter(former -> PayerNumber.read(former).equals(number))
                .isPresent();
        fault("SELF", own);
        file.refereeRecord().ifPresent(record -> look(record, referee));
    }

    private boolean isOver(LocalDate askedOn) {
        return file.day().isAfter(BusinessCalendar.plusBusinessDays(askedOn, policy.refereeDays));
    }

    private void look(RefereeRecord record, Referee referee) {
        if (!record.found()) {
            fault("UNKNOWN", true);
            return;
        }
        String name = record.name().orElseThrow();
        LocalDate born = record.dateOfBirth().orElseThrow();
        fault("NAME", !isAlike(name, referee.name()));
        fault("INACTIVE", !record.active());
        fault("AGE", ageOf(born) < policy.refereeAge);
        fault("SELF", isOf(name, born, file.applicant()));
        List<Person> others = file.members().stream()
                .filter(member -> !member.equals(file.applicant()))
                .toList();
        fault("HOUSEHOLD", record.sameHousehold() || others.stream().anyMatch(each -> isOf(name, born, each)));
        fault("USED_UP", record.stoodFor().orElseThrow() >= policy.mostStoodFor);
    }

    private int ageOf(LocalDate born) {
        return Member.ageOn(born, file.receivedOn());
    }

    /** Whether a name and a birth date are somebody's. */
    static boolean isOf(String name, LocalDate born, Person person) {
        return isAlike(name, person.name().full()) && born.equals(person.dateOfBirth());
    }

    private static boolean isAlike(String one, String other) {
        Names.Verdict verdict = Names.compare(one, other);
        return verdict == Names.Verdict.MATCH || verdict == Names.Verdict.NEAR;
    }

    private void fault(String what, boolean applies) {
        codes.require("referee:" + what, !applies);
    }
}
