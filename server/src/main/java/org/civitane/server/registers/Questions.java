package org.civitane.server.registers;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Question;
import org.civitane.server.contact.Contact;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What an application has registers asked. */
final class Questions {
    private static final int MONTHS_OF_A_QUARTER = 3;

    private static final int MONTHS_OF_WAGES = 3;

    private Questions() {}

    /** One question. @param subject the member it is about; empty for the household */
    record Asked(Register register, String subject, String question) {}

    /**
     * About the benefit that is named, who the applicant is, the wages of every adult where income is asked for, and what
     * the police hold where that is asked for.
     *
     * @param json the same application, for what only some programmes ask
     */
    static List<Asked> of(Programme<?> programme, CaseFile file, JsonNode json, Contact applicant) {
        List<Asked> questions = new ArrayList<>();
        programme
                .confirmedByRegister()
                .map(said ->
                        json.path(said.fact()).path(said.key()).asString("").strip())
                .filter(caseNumber -> !caseNumber.isEmpty())
                .ifPresent(caseNumber -> questions.add(new Asked(Register.BENEFITS, "", caseNumber)));
        LocalDate on = file.receivedOn();
        for (Member member : file.members()) {
            if (member.relationship() == Relationship.SELF) {
                questions.add(new Asked(Register.CIVIL, member.id(), who(member, applicant.personNumber())));
                programme
                        .policeFact()
                        .ifPresent(fact -> questions.add(
                                new Asked(Register.POLICE, member.id(), who(member, applicant.personNumber()))));
            }
            if (asksForIncome(programme) && member.isAdultOn(on)) {
                YearMonth received = YearMonth.from(on);
                questions.add(new Asked(
                        Register.WAGES,
                        member.id(),
                        wages(member, received.minusMonths(MONTHS_OF_WAGES), received.minusMonths(1))));
            }
            if (member.relationship() == Relationship.SELF) {
                reported(programme, json, member).ifPresent(questions::add);
            }
        }
        return questions;
    }

    /** The wages of whole quarters before a day that the application names; nothing while it does not. */
    private static Optional<Asked> reported(Programme<?> programme, JsonNode json, Member member) {
        return programme
                .reportedWages()
                .flatMap(wages -> Optional.of(json.path(wages.before()).asString(""))
                        .filter(day -> !day.isBlank())
                        .map(day -> wages.quartersBefore(LocalDate.parse(day))))
                .map(quarters -> new Asked(
                        Register.WAGES,
                        member.id(),
                        wages(
                                member,
                                quarters.getFirst().firstMonth(),
                                quarters.getLast().lastMonth().plusMonths(MONTHS_OF_A_QUARTER))));
    }

    private static boolean asksForIncome(Programme<?> programme) {
        return programme.form().isEmpty()
                || org.civitane.server.forms.Questions.of(programme)
                        .anyMatch(question -> question.widget() == Question.Widget.INCOMES);
    }

    private static String who(Member member, String number) {
        ObjectNode question = JsonColumn.object()
                .put("givenName", member.givenName())
                .put("familyName", member.familyName())
                .put("dateOfBirth", member.dateOfBirth().toString());
        if (!number.isEmpty()) {
            question.put("personNumber", number);
        }
        return JsonColumn.write(question);
    }

    private static String wages(Member member, YearMonth from, YearMonth to) {
        return JsonColumn.write(JsonColumn.object()
                .put("name", member.name().full())
                .put("dateOfBirth", member.dateOfBirth().toString())
                .put("from", from.toString())
                .put("to", to.toString()));
    }
}
