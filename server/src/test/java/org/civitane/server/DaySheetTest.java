package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.NextAction;
import org.civitane.server.daysheet.DaySheet;
import org.civitane.server.daysheet.Search;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.Test;

/** Which claims stand where on the day sheet, and which are found by name and number, on the real database. */
public class DaySheetTest extends ServerTest {
    @Autowired
    private DaySheet sheet;

    @Autowired
    private Search search;

    @Autowired
    private TransactionTemplate transactions;

    @Autowired
    private JdbcClient database;

    @Test
    public void whatNobodyHasRunsOutOnEverybodysSheetFirst() {
        SignedIn caseworker = person(Role.CASEWORKER);
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView untaken = handIn(applicant, answers(applicant));
        ClaimView own = taken(caseworker);
        database.sql("update claim set decide_by = ? where id = ?")
                .params(clock.today().minusDays(400), own.id())
                .update();
        database.sql("update claim set decide_by = ? where id = ?")
                .params(clock.today().minusDays(300), untaken.id())
                .update();
        List<DaySheet.Row> rows = sheet.page(
                        DaySheet.Pile.RUNNING_OUT, DaySheet.Wanted.of(caseworker.account()), Optional.empty())
                .rows();
        assertThat(rows.getFirst().id()).isEqualTo(untaken.id());
        assertThat(rows.getFirst().action()).isEqualTo(NextAction.TAKE);
        assertThat(rows).extracting(DaySheet.Row::id).contains(own.id());
        acts.withdraw(untaken.id(), applicant);
    }

    @Test
    public void anUntakenUrgentClaimIsOnEverybodysSheet() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView urgent = handIn(applicant, answers(applicant));
        database.sql("update claim set urgent = true where id = ?")
                .param(urgent.id())
                .update();
        assertThat(sheet.page(
                                DaySheet.Pile.RUNNING_OUT,
                                DaySheet.Wanted.of(person(Role.CASEWORKER).account()),
                                Optional.empty())
                        .rows())
                .extracting(DaySheet.Row::id)
                .contains(urgent.id());
        acts.withdraw(urgent.id(), applicant);
    }

    @Test
    public void stacksArePagedByKeyWithoutGapsOrRepeats() {
        SignedIn caseworker = person(Role.CASEWORKER);
        List<ClaimView> all = Stream.generate(() -> person(Role.APPLICANT))
                .limit(27)
                .map(applicant ->
                        acts.take(handInNow(applicant, answers(applicant)).id(), caseworker))
                .toList();
        all.forEach(this::answered);
        DaySheet.Page first =
                sheet.page(DaySheet.Pile.READY, DaySheet.Wanted.of(caseworker.account()), Optional.empty());
        DaySheet.Page second = sheet.page(DaySheet.Pile.READY, DaySheet.Wanted.of(caseworker.account()), first.after());
        assertThat(first.count()).isEqualTo(27);
        assertThat(first.rows()).hasSize(25);
        assertThat(second.rows()).hasSize(2).doesNotContainAnyElementsOf(first.rows());
        assertThat(second.after()).isEmpty();
        assertThat(sheet.sheet(DaySheet.Wanted.of(caseworker.account())))
                .as("all stacks at once are what each is by itself")
                .containsExactlyElementsOf(Stream.of(DaySheet.Pile.values())
                        .map(pile -> sheet.page(pile, DaySheet.Wanted.of(caseworker.account()), Optional.empty()))
                        .toList());
        int few = StatementCount.during(
                () -> sheet.sheet(DaySheet.Wanted.of(person(Role.CASEWORKER).account())));
        int many = StatementCount.during(() -> sheet.sheet(DaySheet.Wanted.of(caseworker.account())));
        assertThat(many).as("statements do not grow with the rows").isLessThanOrEqualTo(few);
    }

    @Test
    public void searchForgivesSpellingAndFindsNumbers() {
        SignedIn applicant = accounts.register(
                UUID.randomUUID() + "@post.example", "Runa Þórsteinsdóttir", "a password for tests", Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        for (String words : List.of(
                "thorsteinsdotir",
                "Torsteinsdottir runa",
                "ÞÓRSTEINSDÓTTIR",
                claim.number(),
                claim.number().toLowerCase(java.util.Locale.ROOT))) {
            assertThat(search.find(words))
                    .as(words)
                    .extracting(DaySheet.Row::id)
                    .contains(claim.id());
        }
        assertThat(search.find(claim.number().substring(claim.number().lastIndexOf('-') + 1)))
                .extracting(DaySheet.Row::number)
                .contains(claim.number());
        assertThat(search.find("x")).isEmpty();
        assertThat(search.find("%_'\"; --")).isEmpty();
    }

    @Test
    public void whoIsStillOpenIsFoundAmongHundredsOfTheSameName() {
        SignedIn applicant = accounts.register(
                UUID.randomUUID() + "@post.example", "Runa Zvandt", "a password for tests", Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        String hundredsAndOneMoreThatIsOpen = """
                insert into claim select (jsonb_populate_record(c, jsonb_build_object('id', gen_random_uuid(), 'number', 'QZ-19-' || lpad(i::text, 5, '0'), 'season', null)
                  || case when i <= 450 then jsonb_build_object('stack', null, 'state', 'DECIDED', 'decided_at', now()) else '{}' end)).*
                from claim c, generate_series(1, 451) i where c.id = ?
                """;
        transactions.executeWithoutResult(undone -> {
            undone.setRollbackOnly();
            database.sql(hundredsAndOneMoreThatIsOpen).param(claim.id()).update();
            database.sql("update claim set received_on = received_on - 900 where id = ?")
                    .param(claim.id())
                    .update();
            for (String words : List.of("zvandt", "zvant", "runa zvandt")) {
                assertThat(search.find(words))
                        .as(words)
                        .extracting(DaySheet.Row::number)
                        .startsWith("QZ-19-00451", claim.number());
            }
        });
    }
}
