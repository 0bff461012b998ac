package org.civitane.server.contact;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.access.OtherAddresses;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Keeps how each person of a claim may be reached. What one person marked is never shown to another. */
@Service
@Transactional
public class Contacts {
    private static final int LONGEST = 120;
    private static final int LONGEST_ABROAD = 300;
    private static final Pattern EMAIL = Pattern.compile("[^@\\s]{1,64}@[^@\\s]{1,110}");
    private static final Pattern PHONE = Pattern.compile("\\+[1-9][0-9]{5,14}");
    private static final Pattern LANGUAGE = Pattern.compile("en|pt|ar");
    private static final Pattern POST_CODE = Pattern.compile("[1-4][0-9]{3}");

    private static final int MOST_OTHERS = 20;

    private final JdbcClient database;
    private final Claims claims;
    private final OtherAddresses addresses;

    Contacts(JdbcClient database, Claims claims, OtherAddresses addresses) {
        this.addresses = addresses;
        this.database = database;
        this.claims = claims;
    }

    /** The contact of one member; {@link Contact#UNKNOWN} when none was given. */
    @Transactional(readOnly = true)
    public Contact of(UUID claim, String member) {
        return ofClaim(claim).getOrDefault(member, Contact.UNKNOWN);
    }

    /** All contacts of a claim by member; for staff only. */
    @Transactional(readOnly = true)
    public Map<String, Contact> ofClaim(UUID claim) {
        Map<String, Contact> byMember = new HashMap<>();
        database.sql("select * from contact where claim_id = ?").param(claim).query((ResultSet row) -> {
            byMember.put(row.getString("member"), read(row));
        });
        return byMember;
    }

    /**
     * How an applicant says that others may be reached who are to be asked, by whom: where an address is given they are
     * asked there.
     *
     * @throws Problem at what cannot stand
     */
    public Map<String, Contact> readAll(JsonNode said) {
        Map<String, Contact> ways = new HashMap<>();
        said.properties().stream()
                .limit(MOST_OTHERS)
                .forEach(each -> ways.put(each.getKey(), read(each.getValue(), true)));
        return ways;
    }

    /**
     * What an applicant said of how to reach them while applying, as a contact: nothing is allowed that they did not say.
     *
     * @throws Problem at what cannot stand
     */
    public Contact read(JsonNode said) {
        return read(said, false);
    }

    private static Contact read(JsonNode said, boolean unlessSaid) {
        Contact contact = contact(said, unlessSaid);
        check(contact);
        return contact;
    }

    private static Contact contact(JsonNode said, boolean unlessSaid) {
        return new Contact(
                text(said, "street"),
                text(said, "houseNumber"),
                text(said, "postCode"),
                text(said, "abroad", LONGEST_ABROAD),
                text(said, "personNumber").replace(" ", ""),
                text(said, "email"),
                text(said, "phone").replace(" ", ""),
                said.path("mayLetter").asBoolean(unlessSaid),
                said.path("mayEmail").asBoolean(unlessSaid),
                said.path("mayText").asBoolean(unlessSaid),
                said.path("mayCall").asBoolean(unlessSaid),
                text(said, "safeName"),
                text(said, "safeTime"),
                text(said, "language"));
    }

    /**
     * Someone's contact with another way to reach them; what they marked themselves stands.
     *
     * @param email empty to leave it as it was; the same for the others
     * @throws Problem at what cannot stand
     */
    public Contact reachedBy(Contact before, String email, String phone, String personNumber) {
        Contact contact = new Contact(
                before.street(),
                before.houseNumber(),
                before.postCode(),
                before.abroad(),
                personNumber.isEmpty() ? before.personNumber() : personNumber,
                email.isEmpty() ? before.email() : email,
                phone.isEmpty() ? before.phone() : phone,
                before.mayLetter(),
                before.mayEmail(),
                before.mayText(),
                before.mayCall(),
                before.safeName(),
                before.safeTime(),
                before.language());
        check(contact);
        return contact;
    }

    /** Keeps a contact that came with the application; part of handing in, so nothing is told. */
    public void keep(UUID claim, String member, Contact contact) {
        database.sql("""
                        insert into contact (claim_id, member, street, house_number, post_code, abroad, person_number, email, phone,
                          may_letter, may_email, may_text, may_call, safe_name, safe_time, language)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (claim_id, member) do update set street = excluded.street, house_number = excluded.house_number,
                          post_code = excluded.post_code, abroad = excluded.abroad, person_number = excluded.person_number, email = excluded.email,
                          phone = excluded.phone, may_letter = excluded.may_letter, may_email = excluded.may_email,
                          may_text = excluded.may_text, may_call = excluded.may_call, safe_name = excluded.safe_name,
                          safe_time = excluded.safe_time, language = excluded.language""")
                .params(
                        claim,
                        member,
                        contact.street(),
                        contact.houseNumber(),
                        contact.postCode(),
                        contact.abroad(),
                        contact.personNumber(),
                        contact.email(),
                        contact.phone(),
                        contact.mayLetter(),
                        contact.mayEmail(),
                        contact.mayText(),
                        contact.mayCall(),
                        contact.safeName(),
                        contact.safeTime(),
                        contact.language())
                .update();
    }

    /** As {@link #keep}, that of whoever applied: where it names another address than their account's, that is asked first. */
    public void keepOwn(UUID claim, UUID applicant, String member, Contact contact) {
        keep(claim, member, contact);
        addresses.ask(applicant, contact.email());
    }

    /** Changes a contact. The history says that it changed, never to what. @throws Problem at what cannot stand */
    public Contact change(ClaimView claim, String member, Contact contact, SignedIn who) {
        check(contact);
        boolean known = JsonColumn.read(claims.newestEdition(claim))
                .path("members")
                .valueStream()
                .anyMatch(each -> each.path("id").asString("").equals(member));
        if (!known) {
            throw Problem.notFound(Phrase.of("contact.nobody"));
        }
        if (of(claim.id(), member).equals(contact)) {
            return contact;
        }
        if (member.equals(claims.applicantMember(claim))) {
            keepOwn(claim.id(), claim.applicant(), member, contact);
        } else {
            keep(claim.id(), member, contact);
        }
        claims.note(claim.id(), Actor.of(who), "contact-changed", Phrase.of("history.contact"));
        claims.touch(claim.id());
        return contact;
    }

    /** Names of the parts of what an applicant said of how to reach them that cannot stand, all at once. */
    public static List<String> wrongIn(JsonNode said) {
        return wrongIn(contact(said, false));
    }

    /** What is said to someone about a part of a contact that cannot stand. */
    public static Phrase aboutWrong(String part) {
        return Phrase.of("contact.bad." + part);
    }

    private static void check(Contact contact) {
        wrongIn(contact).stream().findFirst().ifPresent(part -> {
            throw Problem.invalid("contact/" + part, aboutWrong(part));
        });
    }

    private static List<String> wrongIn(Contact contact) {
        boolean badNumber = !contact.personNumber().isEmpty() && !PersonNumber.isValid(contact.personNumber());
        boolean halfAnAddress = contact.street().isEmpty() != contact.postCode().isEmpty();
        return Stream.of(
                        unlike(contact.email(), EMAIL, "email"),
                        unlike(contact.phone(), PHONE, "phone"),
                        unlike(contact.postCode(), POST_CODE, "postCode"),
                        unlike(contact.language(), LANGUAGE, "language"),
                        badNumber ? "personNumber" : "",
                        halfAnAddress ? "street" : "")
                .filter(part -> !part.isEmpty())
                .toList();
    }

    private static String unlike(String text, Pattern shape, String part) {
        return text.isEmpty() || shape.matcher(text).matches() ? "" : part;
    }

    private static String text(JsonNode said, String field) {
        return text(said, field, LONGEST);
    }

    private static String text(JsonNode said, String field, int longest) {
        String text = said.path(field).asString("").strip();
        return text.length() <= longest ? text : text.substring(0, longest);
    }

    private static Contact read(ResultSet row) throws SQLException {
        return new Contact(
                row.getString("street"),
                row.getString("house_number"),
                row.getString("post_code"),
                row.getString("abroad"),
                row.getString("person_number"),
                row.getString("email"),
                row.getString("phone"),
                row.getBoolean("may_letter"),
                row.getBoolean("may_email"),
                row.getBoolean("may_text"),
                row.getBoolean("may_call"),
                row.getString("safe_name"),
                row.getString("safe_time"),
                row.getString("language"));
    }
}
