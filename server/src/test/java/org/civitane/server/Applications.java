package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.intake.Drafts;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.WageRegister;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Someone who applies for a programme, whichever has a form, and complete answers of theirs. */
abstract class Applications extends CertificateStories {
    @Autowired
    private WageRegister wages;

    /** The programmes that can be applied for. */
    protected static List<String> programmesWithAForm() {
        return Catalogue.programmes().stream()
                .filter(programme -> programme.form().isPresent())
                .map(Programme::id)
                .toList();
    }

    /** Somebody who can apply for a programme: registers know what they have to know, and photos are there. */
    protected SignedIn applicantFor(String programme) {
        return switch (programme) {
            case "paid-leave" -> worker();
            case "conduct-certificate" -> photographed();
            default -> person(Role.APPLICANT);
        };
    }

    /** Answers to everything that a programme asks of {@link #applicantFor}. */
    protected ObjectNode said(String programme, SignedIn who) {
        return switch (programme) {
            case "rent-arrears" -> rentAnswers(who);
            case "food-assistance" -> foodAnswers(answers(who));
            case "paid-leave" ->
                LeaveAnswers.of(
                        answers(who), clock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY)), 2, clock.today());
            case "conduct-certificate" -> certificateAnswers(who);
            default -> answers(who);
        };
    }

    /** Begins an application as a page does, and saves these answers. @return the draft */
    protected static UUID draft(SignedIn who, String programme, ObjectNode answers) {
        Visitor visitor = new Visitor(PORT, who.email());
        JsonNode begun = JsonColumn.read(visitor.post(
                        "/api/drafts",
                        JsonColumn.object().put("programme", programme).toString())
                .body());
        ObjectNode save = JsonColumn.object()
                .put("version", begun.path("version").asInt())
                .put("chapter", "");
        save.set("answers", answers);
        String id = begun.path("id").asString();
        assertThat(visitor.send("PUT", "/api/drafts/" + id, save.toString()).status())
                .isEqualTo(200);
        return UUID.fromString(id);
    }

    protected static Drafts.Signing signing(SignedIn who) {
        return new Drafts.Signing(who.displayName(), Optional.of("8903"));
    }

    protected SignedIn worker() {
        SignedIn worker = person(Role.APPLICANT);
        YearMonth month = YearMonth.from(clock.today());
        for (int ago = 1; ago <= 20; ago++) {
            wages.put(new WageRegister.Entry(
                    worker.displayName(),
                    LocalDate.of(1988, 3, 2),
                    "Skerry Ferries",
                    month.minusMonths(ago),
                    "2000.00"));
        }
        return worker;
    }

    private SignedIn photographed() {
        SignedIn who = person(Role.APPLICANT);
        try {
            photos.take(who.account(), "conduct-certificate", photo());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return who;
    }
}
