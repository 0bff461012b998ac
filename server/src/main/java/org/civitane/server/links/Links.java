package org.civitane.server.links;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Contacts;
import org.civitane.server.contact.Notices;
import org.civitane.server.contact.Secrets;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Office;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes links and codes, sends them, and opens what they lead to. */
@Service
@Transactional
class Links implements Secrets {
    private static final String LINK = "{link}";
    private static final String CODE = "{code}";
    private static final int MOST_SENT = 6;
    private static final int DAYS_AFTER = 30;
    private static final int LONGEST_TOKEN = 100;
    private static final Duration CODE_HOLDS = Duration.ofMinutes(15);

    private final LinkStore store;
    private final Asks asks;
    private final Claims claims;
    private final Contacts contacts;
    private final Notices notices;
    private final AgencyClock clock;
    private final Office office;

    Links(
            LinkStore store,
            Asks asks,
            Claims claims,
            Contacts contacts,
            Notices notices,
            AgencyClock clock,
            Office office) {
        this.store = store;
        this.asks = asks;
        this.claims = claims;
        this.contacts = contacts;
        this.notices = notices;
        this.clock = clock;
        this.office = office;
    }

    /** Makes a link. @return the address that it is */
    String make(Ask ask, Link.Way way) {
        String token = Digest.newToken();
        LocalDate last = later(ask.dueOn(), clock.today()).plusDays(DAYS_AFTER);
        store.insert(ask.id(), Digest.of(token), way, last);
        return office.address() + "/answer#" + token;
    }

    /** The ask that the text of a link leads to; nothing when it is none of ours. */
    @Transactional(readOnly = true)
    Optional<Ask> behind(String text) {
        int hash = text.lastIndexOf('#');
        return hash < 0 ? Optional.empty() : find(text.substring(hash + 1)).flatMap(link -> asks.find(link.ask()));
    }

    /** What a link leads to. @throws Problem when it leads nowhere, or nowhere any more */
    @Transactional(readOnly = true)
    Link.Opened open(String token) {
        Link link = find(token).orElseThrow(() -> Problem.notFound(Phrase.of("link.unknown")));
        if (link.way() == Link.Way.SCAN) {
            throw Problem.notFound(Phrase.of("link.scan"));
        }
        if (link.expiresOn().isBefore(clock.today())) {
            throw Problem.notFound(Phrase.of("link.expired"));
        }
        if (store.isReplaced(link.id())) {
            throw Problem.notFound(Phrase.of("link.newer"));
        }
        return new Link.Opened(link, asks.find(link.ask()).orElseThrow());
    }

    /** The same, as it is now. */
    Link.Opened again(Link.Opened opened) {
        return new Link.Opened(opened.link(), asks.find(opened.ask().id()).orElseThrow());
    }

    /** The person number that is known of whoever has to sign, as digits; empty when none is. */
    @Transactional(readOnly = true)
    String numberOf(Ask ask) {
        return ask.kind() == Ask.Kind.SIGNATURE
                ? contacts.of(ask.claim(), ask.whom()).personNumber()
                : "";
    }

    /** Who asks, about what, by when, and how to be sure that it is us: no more than whoever is asked may know. */
    private Phrase body(Ask ask) {
        ClaimView claim = claims.claim(ask.claim());
        String applicant = JsonColumn.read(claims.newestEdition(claim))
                .path("members")
                .valueStream()
                .filter(member -> member.path("relationship").asString("").equals("SELF"))
                .map(WholeName::of)
                .findFirst()
                .orElse(claim.householdName());
        return Phrase.of(
                "link.body",
                applicant,
                Phrase.word(claim.programme(), "name"),
                claim.number(),
                Phrase.full(ask.dueOn()),
                LINK,
                office.telephone());
    }

    /** Whether word of it went out so often that an applicant cannot send more. */
    @Transactional(readOnly = true)
    boolean wasSentOften(Ask ask) {
        return notices.sentWith(ask.id()) >= MOST_SENT;
    }

    /** Whether a link of it was made today. */
    @Transactional(readOnly = true)
    boolean wentOutToday(Ask ask) {
        return store.lastMade(ask.id())
                .filter(at -> LocalDate.ofInstant(at, clock.getZone()).equals(clock.today()))
                .isPresent();
    }

    /** Keeps another way to whoever owes something; what was begun at the end of the old one is forgotten. @throws Problem at what cannot stand */
    void reach(Ask ask, Others.Reach reach) {
        Contact before = contacts.of(ask.claim(), ask.whom());
        Contact now = contacts.reachedBy(before, reach.email(), reach.phone(), reach.personNumber());
        contacts.keep(ask.claim(), ask.whom(), now);
        if (!now.email().equals(before.email()) || !now.phone().equals(before.phone())) {
            store.forgetBegun(ask.id());
        }
    }

    /**
     * Sends a link to whoever owes something, as they allow.
     *
     * @return whether a way to them is known
     */
    boolean send(Ask ask) {
        Contact contact = contacts.of(ask.claim(), ask.whom());
        Optional<Notices.Way> way = Notices.waysTo(contact).stream().findFirst();
        way.ifPresent(known -> {
            notices.send(ask.claim(), known, body(ask), ask.id());
            claims.note(
                    ask.claim(),
                    Actor.part("notice.actor"),
                    "link-sent",
                    Phrase.of("history.link-sent." + known.channel(), ask.what()));
        });
        return way.isPresent();
    }

    /**
     * Sends a code by another way than the link went, to whoever has no person number that could be asked for.
     *
     * @throws Problem when there is no other way, or too many were sent
     */
    void sendCode(Link.Opened opened) {
        Link link = store.hold(opened.link().id());
        Contact contact = contacts.of(opened.ask().claim(), opened.ask().whom());
        Notices.Way way = Notices.waysTo(contact).stream()
                .filter(each -> !each.channel().name().equals(link.way().name()))
                .findFirst()
                .orElseThrow(() -> Problem.conflict("no-other-way", Phrase.of("link.no-other-way")));
        if (link.codes() >= Link.MOST_TRIES) {
            throw Problem.tooMany(Phrase.of("link.codes"));
        }
        notices.send(opened.ask().claim(), way, Phrase.of("link.code", CODE), link.id());
    }

    /**
     * Whether whoever opened the link said rightly who they are. What was said wrongly is counted for the person who is
     * asked, over all links, forms and days; after the third time no link of theirs leads anywhere, and a caseworker is
     * told.
     *
     * @param rightly whether it was right
     * @return how many tries are left
     */
    int tried(Link.Opened opened, boolean rightly) {
        int left = Link.MOST_TRIES - store.holdTries(opened.ask());
        if (rightly || left <= 0) {
            return Math.max(0, left);
        }
        store.failed(opened.ask(), opened.link().id());
        left--;
        if (left == 0) {
            claims.note(
                    opened.ask().claim(),
                    Actor.part("notice.actor"),
                    "link-closed",
                    Phrase.of("history.link-closed", opened.ask().what()));
            claims.touch(opened.ask().claim());
        }
        return left;
    }

    /** Whether this is the code that was sent for the link and still holds. */
    @Transactional(readOnly = true)
    boolean isCode(Link.Opened opened, String code) {
        Link link = opened.link();
        return link.code().filter(Digest.of(link.id() + code.strip())::equals).isPresent()
                && link.codeUntil().filter(clock.instant()::isBefore).isPresent();
    }

    @Override
    public String fill(UUID of, Notices.Channel channel, String text) {
        if (text.contains(LINK)) {
            Ask ask = asks.find(of).orElseThrow();
            return text.replace(LINK, make(ask, Link.Way.valueOf(channel.name())));
        }
        String code = Digest.newCode();
        store.code(of, Digest.of(of + code), clock.instant().plus(CODE_HOLDS));
        return text.replace(CODE, code);
    }

    private Optional<Link> find(String token) {
        return token.length() > LONGEST_TOKEN ? Optional.empty() : store.find(Digest.of(token));
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }
}
