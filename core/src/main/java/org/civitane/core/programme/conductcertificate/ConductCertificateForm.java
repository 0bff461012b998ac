package org.civitane.core.programme.conductcertificate;

import static org.civitane.core.question.Question.Widget.DATE;
import static org.civitane.core.question.Question.Widget.EACH_PERSON;
import static org.civitane.core.question.Question.Widget.NUMBER;
import static org.civitane.core.question.Question.Widget.PHOTO;
import static org.civitane.core.question.Question.Widget.RECORD;
import static org.civitane.core.question.Question.Widget.TEXT;
import static org.civitane.core.question.Question.Widget.YES_NO;
import static org.civitane.core.question.Question.Widget.ZONE;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.Country;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Passport;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Photo;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.PoliceRegister;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Stay;
import org.civitane.core.question.Answers;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;

/** What a certificate of conduct asks, and in which order. */
final class ConductCertificateForm implements OnlineForm<ConductCertificateCase> {
    /** As many as the policy table looks at, for drawing. */
    private static final int YEARS = 10;

    private static final Question HANDOVER = Question.of("handover", RECORD)
            .asking(
                    Question.choice("way", Handover.Way.class),
                    Question.choice("by", Handover.By.class)
                            .onlyWhen("way", Handover.Way.DESK.name())
                            .otherwise(Handover.By.HOLDER.name()));

    private static final List<Chapter> CHAPTERS = List.of(
            Chapter.of(
                    "you",
                    Question.of("members", EACH_PERSON)
                            .asking(
                                    Question.of("givenName", TEXT),
                                    Question.of("familyName", TEXT),
                                    Question.of("dateOfBirth", DATE))),
            Chapter.of(
                    "passport",
                    Question.of("passport", RECORD)
                            .asking(
                                    Question.of("mrz", ZONE),
                                    Question.of("number", TEXT),
                                    Question.of("name", TEXT),
                                    Question.of("dateOfBirth", DATE),
                                    Question.of("expiresOn", DATE))),
            Chapter.of("residence", Question.periods("residence", YEARS)),
            Chapter.of(
                    "use",
                    Question.choice("purpose", Purpose.class),
                    Question.of("explanation", TEXT).onlyWhen("purpose", Purpose.OTHER.name()),
                    Question.choice("country", Country.CODES)),
            Chapter.of("photo", Question.of("photo", PHOTO)),
            Chapter.of(
                    "order",
                    Question.of("copies", NUMBER),
                    Question.of("fast", YES_NO).optional(),
                    HANDOVER));

    private static final List<Question> SCREENING = List.of(
            Question.of("age", NUMBER),
            Question.of("days", NUMBER),
            Question.of("copies", NUMBER),
            Question.of("fast", YES_NO).optional(),
            Question.choice("way", Handover.Way.class));

    private static final int OLDEST = 120;
    private static final int MOST_DAYS = 3660;
    private static final int MOST_COPIES = 5;

    private static final Passport SOME_PASSPORT = new Passport(
            "XH0000000",
            "A Va",
            LocalDate.of(1990, 1, 1),
            LocalDate.of(2099, 12, 31),
            List.of("P<XHVVA<<A<<<<<<<<<<<<<<<<<<<<<<<<<<<<<<<<<<", "XH00000002XHV9001011<9912315<<<<<<<<<<<<<<02"));

    @Override
    public List<Chapter> chapters() {
        return CHAPTERS;
    }

    @Override
    public List<Question> screening() {
        return SCREENING;
    }

    @Override
    public Set<String> saidInScreening() {
        return Set.of("oldEnough", "residentLongEnough", "fee");
    }

    @Override
    public Set<String> saidInEstimate() {
        return Set.of("residenceDays", "fee");
    }

    @Override
    public ConductCertificateCase sketch(Map<String, String> typed, LocalDateTime now) {
        Answers answers = new Answers(typed);
        LocalDate today = now.toLocalDate();
        int days = answers.count("days", MOST_DAYS);
        String way = typed.getOrDefault("way", "");
        return new ConductCertificateCase(
                now,
                List.of(new Person("m1", "A", "Va", today.minusYears(answers.count("age", OLDEST)), Relationship.SELF)),
                List.of(),
                List.of(),
                Optional.of(SOME_PASSPORT),
                Optional.of(days == 0 ? List.of() : List.of(new Stay(today.minusDays(days), Optional.of(today)))),
                Optional.of(Purpose.WORK),
                Optional.of("NO"),
                Optional.empty(),
                false,
                Optional.of(new Photo("JPEG", 413, 531, 1, today)),
                Optional.of(Math.max(1, answers.count("copies", MOST_COPIES))),
                Boolean.parseBoolean(typed.getOrDefault("fast", "false")),
                Optional.of(new Handover(
                        way.isEmpty() ? Handover.Way.DESK : Handover.Way.valueOf(way), Handover.By.HOLDER, false)),
                Optional.of(IdentityCheck.Result.CONFIRMED),
                Optional.of(PoliceRegister.CLEAR),
                Optional.empty(),
                Optional.empty(),
                List.of(new Signature("m1", "A Va", now)));
    }
}
