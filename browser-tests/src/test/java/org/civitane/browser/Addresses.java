package org.civitane.browser;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;

/** Where each view is found, for tests that look at all of them; of claims, those the demo has. */
final class Addresses {
    private static final List<String> TABS = List.of(
            "facts", "calendar", "identity", "income", "registers", "messages", "others", "payments", "history");

    private Addresses() {}

    static List<String> ofAnyone() {
        return Stream.concat(
                        Stream.of(
                                "/",
                                "/sign-in",
                                "/sign-up",
                                "/forgotten",
                                "/check/0000-0000-0000-0000",
                                "/rulebook",
                                "/letter",
                                "/answer"),
                        Catalogue.programmes().stream()
                                .filter(programme -> programme.form().isPresent())
                                .map(Programme::id)
                                .map("/programmes/"::concat))
                .toList();
    }

    /** Whose claims have the most to show: of several programmes, and one of leave that is paid by the week. */
    static final List<String> APPLICANTS = List.of("runa.ostby@post.example", "runar.valadares@post.example");

    /** @param page of an applicant who has claims and is signed in; also what their claims have not, which says so */
    static List<String> ofApplicant(Page page) {
        List<String> addresses = new ArrayList<>(List.of("/my", "/account"));
        for (String claim : ids(page, "/api/my/claims", "claims")) {
            for (String part : List.of(
                    "receipt",
                    "letter",
                    "fix-list",
                    "papers",
                    "others",
                    "messages",
                    "account",
                    "hours",
                    "days",
                    "identity")) {
                addresses.add("/my/" + claim + "/" + part);
            }
        }
        if (addresses.size() == 2) {
            throw new IllegalStateException("Of an applicant without claims little is seen.");
        }
        return addresses;
    }

    /** @param page of a caseworker who has claims on the day sheet and is signed in */
    static List<String> ofStaff(Page page) {
        List<String> addresses = new ArrayList<>(
                List.of("/day-sheet", "/day-sheet?of=office", "/identities", "/handing-over", "/outside"));
        String claim = ids(page, "/api/day-sheet", "stacks").getFirst();
        TABS.forEach(tab -> addresses.add("/claims/" + claim + "?tab=" + tab));
        for (String part : List.of("household", "identity", "decide")) {
            addresses.add("/claims/" + claim + "/" + part);
        }
        return addresses;
    }

    @SuppressWarnings("unchecked")
    private static List<String> ids(Page page, String address, String part) {
        return (List<String>) page.evaluate("""
                async ([address, part]) => {
                    const told = await (await fetch(address)).json();
                    const all = Array.isArray(told) ? told : told[part];
                    return all.flatMap(each => each.rows ?? [each]).map(each => each.id);
                }""", List.of(address, part));
    }
}
