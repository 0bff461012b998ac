package org.civitane.server.identity;

import java.util.Locale;
import org.civitane.server.access.Accounts;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contacts;
import org.civitane.server.intake.Origins;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Masked;
import org.springframework.stereotype.Component;

/** What was filed, masked so that whoever filed it can recognise it and nobody else learns from it. */
@Component
class Filings {
    private final Claims claims;
    private final Accounts accounts;
    private final Contacts contacts;
    private final Origins origins;
    private final AgencyClock clock;

    Filings(Claims claims, Accounts accounts, Contacts contacts, Origins origins, AgencyClock clock) {
        this.claims = claims;
        this.accounts = accounts;
        this.contacts = contacts;
        this.origins = origins;
        this.clock = clock;
    }

    /**
     * @param at the moment, as people read it
     * @param device {@code PHONE}, {@code TABLET}, {@code COMPUTER}; empty when it is not known
     */
    record Filing(String programme, String at, String device, String account, String phone) {}

    Filing of(ClaimView claim) {
        return new Filing(
                Claims.programmeOf(claim).wording(Locale.ENGLISH).text("name"),
                DayText.moment(claim.receivedAt().atZone(clock.getZone()).toInstant()),
                origins.kindOf(claim.id()),
                Masked.email(accounts.account(claim.applicant()).email()),
                Masked.phone(
                        contacts.of(claim.id(), claims.applicantMember(claim)).phone()));
    }
}
