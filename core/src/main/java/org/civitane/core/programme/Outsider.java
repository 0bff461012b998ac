package org.civitane.core.programme;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.question.Question;

/**
 * Someone outside the household whom a claim asks, by a link of their own: a landlord, an employer. Its words are the
 * programme's, below {@code outsider.<code>}.
 *
 * @param code names them; the code of {@code missing} while a determination waits for them
 * @param fact the group of facts that is about them; an application without it asks nobody
 * @param name the part of that group that says who they are
 * @param told what they are told besides who applies: for each name that {@code about} has a place for, the path of the
 *     fact as the applicant said it
 * @param asked what they are asked; each path is a part of the group, and theirs to say
 * @param account the part that is the account they are paid to; it must be one that can be right. Empty where nobody
 *     pays them
 * @param confirms parts in which they say what the applicant has said, too, with the path the applicant says it at
 * @param unanswered what stands in parts of the group until they answer
 * @param askedOn the part that takes the day on which they are asked
 * @param silentOn the fact that takes the day on which the claim goes on without their answer; empty where no rule asks
 * @param days how many business days they have
 * @param remindedAfter after how many business days they are reminded
 */
public record Outsider(
        String code,
        String fact,
        String name,
        Map<String, String> told,
        List<Question> asked,
        Optional<String> account,
        Map<String, String> confirms,
        Map<String, String> unanswered,
        String askedOn,
        Optional<String> silentOn,
        int days,
        List<Integer> remindedAfter) {
    public Outsider {
        told = Map.copyOf(told);
        asked = List.copyOf(asked);
        confirms = Map.copyOf(confirms);
        unanswered = Map.copyOf(unanswered);
        remindedAfter = List.copyOf(remindedAfter);
    }
}
