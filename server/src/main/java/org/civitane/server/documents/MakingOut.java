package org.civitane.server.documents;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.civitane.core.programme.Consequence;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReleased;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.fees.Charges;
import org.civitane.server.fees.FeePaid;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes out what a decision grants once its fee is booked, in work of its own that is tried until it is done. Until then
 * it can be given up; then the fee goes back, and the claim stays decided.
 */
@Service
@Transactional
class MakingOut {
    private static final TaskDescriptor<Void> MAKE_OUT = TaskDescriptor.of("make-out");

    private final MakingStore store;
    private final Documents documents;
    private final Dossiers dossiers;
    private final Charges charges;
    private final Claims claims;
    private final SchedulerClient jobs;

    MakingOut(
            MakingStore store,
            Documents documents,
            Dossiers dossiers,
            Charges charges,
            Claims claims,
            SchedulerClient jobs) {
        this.store = store;
        this.documents = documents;
        this.dossiers = dossiers;
        this.charges = charges;
        this.claims = claims;
        this.jobs = jobs;
    }

    /** Says what is to be made out, in the transaction that booked the fee. */
    @EventListener
    void paid(FeePaid event) {
        Run run = dossiers.of(event.claim()).run();
        run.programme().consequences(run.determination(), event.on()).stream()
                .filter(Consequence.Charge.class::isInstance)
                .flatMap(charge -> ((Consequence.Charge) charge).then().stream())
                .filter(Consequence.Issue.class::isInstance)
                .forEach(issue -> store.await(event.claim(), ((Consequence.Issue) issue).document()));
        schedule(event.claim());
    }

    /** The claim was held, and so was what it waits for. */
    @EventListener
    void released(ClaimReleased event) {
        if (!store.waiting(event.claim()).isEmpty()) {
            schedule(event.claim());
        }
    }

    private void schedule(UUID claim) {
        jobs.scheduleIfNotExists(
                MAKE_OUT.instance(claim.toString()).scheduledTo(store.clock().instant()));
    }

    /** Makes out what a claim waits for; nothing where it was made out or given up before, or the claim is held. */
    void makeOut(UUID claim) {
        claims.hold(claim);
        List<String> waiting = store.waiting(claim);
        if (!waiting.isEmpty() && !claims.claim(claim).held()) {
            Dossier dossier = dossiers.of(claim);
            waiting.forEach(kind -> documents.make(
                    dossier, kind, store.clock().today(), store.clock().instant()));
            store.end(claim, MakingStore.State.MADE);
        }
    }

    /**
     * It is not wanted any more; the fee goes back by itself.
     *
     * @param claim as it is held
     * @param said what the history says of it
     * @throws Problem when nothing waits to be made out, or nothing ever did
     */
    void giveUp(ClaimView claim, Actor who, Phrase said) {
        if (store.waiting(claim.id()).isEmpty()) {
            throw store.wasAsked(claim.id())
                    ? Problem.conflict("made-out", Phrase.of("document.made-out"))
                    : Problem.notFound(Phrase.of("document.none"));
        }
        store.end(claim.id(), MakingStore.State.GIVEN_UP);
        claims.note(claim.id(), who, "given-up", said);
        charges.giveBack(claim.id());
    }

    @Configuration(proxyBeanMethods = false)
    static class MakingOutTasks {
        @Bean
        OneTimeTask<Void> makeOutTask(
                ObjectProvider<MakingOut> makingOut, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(MAKE_OUT)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> makingOut.getObject().makeOut(UUID.fromString(instance.getId())));
        }
    }
}
