package org.civitane.server.contact;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Messages and contacts: the applicant's own on their claims, everyone's for staff. */
@RestController
class ContactController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Contacts contacts;
    private final Messages messages;
    private final Notices notices;

    ContactController(Claims claims, ClaimActs acts, Contacts contacts, Messages messages, Notices notices) {
        this.claims = claims;
        this.acts = acts;
        this.contacts = contacts;
        this.messages = messages;
        this.notices = notices;
    }

    record Words(@NotNull @Size(max = 5000) String body) {}

    /** What was written on a claim, and the word that went out about it. */
    record Post(List<Messages.Message> messages, List<Notices.Notice> notices) {}

    @GetMapping("/api/my/claims/{id}/messages")
    @Transactional(readOnly = true)
    List<Messages.Message> mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return messages.of(claims.claimOf(who, id).id());
    }

    @PostMapping("/api/my/claims/{id}/messages")
    List<Messages.Message> write(
            @PathVariable UUID id, @RequestBody @Valid Words words, @AuthenticationPrincipal SignedIn who) {
        return acts.byApplicant(id, who, Act.CORRESPOND, claim -> {
            messages.write(claim, words.body(), who);
            return messages.of(id);
        });
    }

    @PostMapping("/api/my/claims/{id}/messages/read")
    List<Messages.Message> readMine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        messages.read(claims.claimOf(who, id).id(), false);
        return messages.of(id);
    }

    /** The applicant's own contact, and nobody else's. */
    @GetMapping("/api/my/claims/{id}/contact")
    @Transactional(readOnly = true)
    Contact myContact(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        return contacts.of(id, claims.applicantMember(claim));
    }

    @PutMapping("/api/my/claims/{id}/contact")
    Contact changeMine(
            @PathVariable UUID id, @RequestBody @Valid Contact contact, @AuthenticationPrincipal SignedIn who) {
        return acts.byApplicant(
                id, who, Act.CORRESPOND, claim -> contacts.change(claim, claims.applicantMember(claim), contact, who));
    }

    @GetMapping("/api/claims/{id}/messages")
    @Transactional(readOnly = true)
    Post ofClaim(@PathVariable UUID id) {
        return new Post(messages.of(claims.claim(id).id()), notices.of(id));
    }

    @PostMapping("/api/claims/{id}/messages")
    Post answer(@PathVariable UUID id, @RequestBody @Valid Words words, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            messages.write(claim, words.body(), who);
            return ofClaim(id);
        });
    }

    @PostMapping("/api/claims/{id}/messages/read")
    Post read(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            messages.read(id, true);
            return ofClaim(id);
        });
    }

    @GetMapping("/api/claims/{id}/contacts")
    @Transactional(readOnly = true)
    Map<String, Contact> contacts(@PathVariable UUID id) {
        return contacts.ofClaim(claims.claim(id).id());
    }

    @PutMapping("/api/claims/{id}/contacts/{member}")
    Map<String, Contact> change(
            @PathVariable UUID id,
            @PathVariable String member,
            @RequestBody @Valid Contact contact,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            contacts.change(claim, member, contact, who);
            return contacts.ofClaim(id);
        });
    }
}
