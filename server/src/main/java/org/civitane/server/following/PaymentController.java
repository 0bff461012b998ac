package org.civitane.server.following;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.person.Address;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is paid, for staff and for the applicant whose claim it is; the account, for the applicant alone to give. */
@RestController
class PaymentController {
    private static final int SHOWN_DIGITS = 4;

    private final Claims claims;
    private final ClaimActs acts;
    private final Payments payments;
    private final Payees payees;
    private final Outbox outbox;
    private final FollowUps followUps;
    private final PaidOutsiders outsiders;

    PaymentController(
            Claims claims,
            ClaimActs acts,
            Payments payments,
            Payees payees,
            Outbox outbox,
            FollowUps followUps,
            PaidOutsiders outsiders) {
        this.outsiders = outsiders;
        this.claims = claims;
        this.acts = acts;
        this.payments = payments;
        this.payees = payees;
        this.outbox = outbox;
        this.followUps = followUps;
    }

    /**
     * Money.
     *
     * @param time the month it is for, as {@code 2026-12}, or the week, by its Monday
     * @param part counts what is paid for the same time, from 1
     * @param amount all of it, with what is kept back
     * @param keptBack what of it goes to what was paid too much before
     * @param due the day from which it may leave
     */
    record Paid(UUID id, String time, int part, String amount, String keptBack, LocalDate due, Payment.State state) {}

    /**
     * What follows of a claim in money.
     *
     * @param others what follows but for money
     * @param whom who outside the household is paid; empty for the household
     * @param account the last digits of the account it goes to; empty while none is known, and where it is another's
     * @param postalOrder the address to which it goes as a postal order; empty where it does not
     * @param given who gave it, on which day, and whether another was given before; for staff
     */
    record Following(
            String number,
            Optional<Phrase> whom,
            Optional<String> account,
            Optional<String> postalOrder,
            Optional<String> holder,
            Optional<Phrase> given,
            List<Paid> payments,
            List<FollowUp> others) {}

    record Account(
            @NotNull @Size(max = 60) String iban,
            @NotNull @Size(max = 120) String holder) {}

    record PostalOrder(
            @NotNull @Size(max = 120) String holder,
            @NotNull @Size(max = 120) String street,
            @NotNull @Size(max = 20) String houseNumber,
            @NotNull @Size(max = 4) String postCode) {}

    record OthersAccount(
            @NotNull @Size(max = 60) String iban,
            @NotNull @Size(max = 500) String reason) {}

    record Accept(@NotNull @Size(max = 500) String reason) {}

    @GetMapping("/api/my/claims/{id}/payments")
    @Transactional(readOnly = true)
    Following mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        Following all = following(claims.claimOf(who, id));
        boolean own = all.whom().isEmpty();
        return new Following(
                all.number(),
                all.whom(),
                all.account().filter(known -> own),
                all.postalOrder().filter(known -> own),
                all.holder().filter(known -> own),
                Optional.empty(),
                all.payments(),
                all.others());
    }

    @PutMapping("/api/my/claims/{id}/account")
    Following give(@PathVariable UUID id, @RequestBody @Valid Account account, @AuthenticationPrincipal SignedIn who) {
        payees.give(who, id, account.iban(), account.holder());
        return mine(id, who);
    }

    @PutMapping("/api/my/claims/{id}/postal-order")
    Following byPost(
            @PathVariable UUID id, @RequestBody @Valid PostalOrder wish, @AuthenticationPrincipal SignedIn who) {
        Address to = new Address(wish.street(), wish.houseNumber(), wish.postCode());
        payees.byPost(who, id, wish.holder(), to);
        return mine(id, who);
    }

    @GetMapping("/api/claims/{id}/payments")
    @Transactional(readOnly = true)
    Following ofClaim(@PathVariable UUID id) {
        return following(claims.claim(id));
    }

    /** Another account of whoever outside the household is paid, as a caseworker learnt of it. */
    @PutMapping("/api/claims/{id}/account")
    Following takeDown(
            @PathVariable UUID id, @RequestBody @Valid OthersAccount wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            outsiders.takeDown(claim, wish.iban(), wish.reason(), who);
            payments.goOn(id);
            return following(claim);
        });
    }

    /** What the bank booked is right, although it is another amount. */
    @PostMapping("/api/claims/{id}/payments/{payment}/accept")
    Following accept(
            @PathVariable UUID id,
            @PathVariable UUID payment,
            @RequestBody @Valid Accept wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            outbox.accept(claim, payment, wish.reason(), who);
            return following(claim);
        });
    }

    /** What follows is done. */
    @PostMapping("/api/claims/{id}/follow-ups/{followUp}")
    Following done(
            @PathVariable UUID id,
            @PathVariable UUID followUp,
            @RequestBody @Valid Accept wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            followUps.done(claim, followUp, wish.reason(), who);
            return following(claim);
        });
    }

    private Following following(ClaimView claim) {
        Optional<Payments.GoesTo> goesTo = payments.goesTo(claim.id());
        Optional<Payee> payee = goesTo.map(Payments.GoesTo::payee);
        return new Following(
                claim.number(),
                outsiders.whom(claim),
                payee.filter(to -> !to.isByPost())
                        .map(Payee::iban)
                        .map(iban -> iban.substring(iban.length() - SHOWN_DIGITS)),
                payee.filter(Payee::isByPost).map(Payee::address),
                payee.map(Payee::holder),
                goesTo.flatMap(Payments.GoesTo::given),
                payments.of(claim.id()).stream()
                        .map(payment -> new Paid(
                                payment.id(),
                                payment.time().toString(),
                                payment.part(),
                                payment.amount().toString(),
                                payment.keptBack().toString(),
                                payment.due(),
                                payment.state()))
                        .toList(),
                followUps.of(claim.id()));
    }
}
