package org.civitane.server.asks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.ServerTest;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Wait;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.corrections.Point;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** In whatever order things are asked, answered, signed, held, released and lapse: nothing that is owed hangs for ever. */
public class AskWalkTest extends ServerTest {
    private static final int WALKS = 10;
    private static final int STEPS = 14;

    @Autowired
    private FixLists lists;

    @Autowired
    private AskCheck check;

    @Autowired
    private JdbcClient database;

    private SignedIn caseworker;
    private ClaimView claim;

    /** Two tenants, of whom one has still to sign, and a landlord who is asked. */
    @BeforeMethod
    void apply() {
        SignedIn applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker, handInForRent(applicant, JsonColumn.object()));
    }

    @DataProvider
    Object[][] walks() {
        return IntStream.range(0, WALKS).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "walks")
    public void nothingHangs(int seed) {
        Random random = new Random(seed);
        List<String> walked = new ArrayList<>();
        for (int step = 0; step < STEPS; step++) {
            walked.add(step(random));
            assertNothingHangs(walked);
        }
        if (now().held()) {
            claims.release(claim.id(), Actor.of(caseworker));
        }
        assertNothingHangs(walked);
        open().forEach(ask -> asks.find(ask.id()).ifPresent(left -> asks.lapse(left.id(), left.dueOn())));
        assertThat(open()).as("%s, then all days pass", walked).isEmpty();
        assertThat(now().waiting().map(Wait::on))
                .as("%s, then all days pass", walked)
                .isNotEqualTo(Optional.of(Wait.On.APPLICANT))
                .isNotEqualTo(Optional.of(Wait.On.CO_SIGNER));
    }

    @Test
    public void aFixListSentWhileOthersSignIsWaitedForOnceTheyHave() {
        sendFixList();
        asks.answered(asks.open(claim.id(), Ask.Kind.SIGNATURE).orElseThrow());
        Ask list = asks.open(claim.id(), Ask.Kind.FIX_LIST).orElseThrow();
        assertThat(now().state()).isEqualTo(ClaimState.WAITING);
        assertThat(now().waiting().orElseThrow().until()).isEqualTo(list.dueOn());
        asks.lapse(list.id(), list.dueOn());
        assertThat(asks.find(list.id()).orElseThrow().state()).isEqualTo(Ask.State.LAPSED);
        assertThat(now().waiting().map(Wait::on)).isNotEqualTo(Optional.of(Wait.On.APPLICANT));
    }

    @Test
    public void whoeverOwesSomethingWhenTheClaimIsHeldHasTimeForItOnceItGoesOn() {
        sendFixList();
        asks.answered(asks.open(claim.id(), Ask.Kind.SIGNATURE).orElseThrow());
        Ask list = asks.open(claim.id(), Ask.Kind.FIX_LIST).orElseThrow();
        claims.freeze(claim.id(), Actor.of(caseworker));
        asks.lapse(list.id(), list.dueOn());
        assertThat(asks.find(list.id()).orElseThrow().state())
                .as("nobody can answer while it is held")
                .isEqualTo(Ask.State.OPEN);
        clock.at(list.dueOn().plusDays(20).atTime(10, 0), () -> {
            claims.release(claim.id(), Actor.of(caseworker));
            return null;
        });
        Ask again = asks.find(list.id()).orElseThrow();
        assertThat(again.dueOn())
                .isEqualTo(BusinessCalendar.plusBusinessDays(list.dueOn().plusDays(20), 5));
        assertThat(now().waiting().orElseThrow().until()).isEqualTo(again.dueOn());
        assertNothingHangs(List.of("released"));
    }

    @Test
    public void whatHangsAllTheSameGoesOnTheNextNight() {
        sendFixList();
        database.sql("delete from scheduled_tasks where task_name = 'lapse-ask' and task_instance like ?")
                .param(asks.open(claim.id(), Ask.Kind.FIX_LIST).orElseThrow().id() + "@%")
                .update();
        assertThat(check.lookThrough()).extracting(Ask::claim).contains(claim.id());
        assertNothingHangs(List.of("a night"));
        assertThat(check.lookThrough()).extracting(Ask::claim).doesNotContain(claim.id());
    }

    private String step(Random random) {
        List<Ask> open = open();
        Optional<Ask> one = open.isEmpty() ? Optional.empty() : Optional.of(open.get(random.nextInt(open.size())));
        switch (random.nextInt(6)) {
            case 0 -> {
                boolean isOut = lists.newest(claim.id())
                        .filter(list -> list.state() == FixList.State.SENT)
                        .isPresent();
                if (!isOut && !now().held()) {
                    sendFixList();
                    return "a fix list";
                }
            }
            case 1 -> {
                if (one.isPresent()) {
                    asks.answered(one.get());
                    return one.get().kind() + " answered";
                }
            }
            case 2 -> {
                if (one.isPresent()) {
                    asks.lapse(one.get().id(), one.get().dueOn());
                    return one.get().kind() + " lapses";
                }
            }
            case 3 -> {
                if (one.isPresent() && !now().held()) {
                    asks.move(one.get(), one.get().dueOn().plusDays(7));
                    return one.get().kind() + " moved";
                }
            }
            case 4 -> {
                if (!now().held()) {
                    claims.freeze(claim.id(), Actor.of(caseworker));
                    return "held";
                }
                claims.release(claim.id(), Actor.of(caseworker));
                return "released";
            }
            default -> {
                claims.comeBackFromRegister(claim.id());
                return "a register answers";
            }
        }
        return "nothing";
    }

    private void sendFixList() {
        lists.save(
                now(),
                List.of(Point.asking("incomes/i1/amount", "Your pay", "Which is right?", "As on your papers.")),
                BusinessCalendar.rolledForward(clock.today().plusDays(12)),
                FixList.Then.DECIDE);
        lists.send(now(), caseworker);
    }

    private void assertNothingHangs(List<String> walked) {
        assertThat(asks.astray()).as("%s", walked).noneMatch(ask -> ask.claim().equals(claim.id()));
    }

    private List<Ask> open() {
        return asks.of(claim.id()).stream().filter(ask -> ask.state().isOpen()).toList();
    }

    private ClaimView now() {
        return claims.claim(claim.id());
    }
}
