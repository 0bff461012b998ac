package org.civitane.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.node.ObjectNode;

/** An invented person who asks for a certificate of conduct. */
record DemoTraveller(String given, String family, LocalDate born, int daysAgo, String country, Turn turn) {
    static final String PROGRAMME = "conduct-certificate";

    private static final String PASSPORT = "XH77104%02d";
    private static final long FIRST_NUMBER = 3_100_000_000L;

    /** How far it is, and what is special about it. */
    enum Turn {
        /** Nobody has it yet. */
        NEW,
        /** Can be decided. */
        CHECKED,
        /** The police register holds someone who may be them. */
        MAY_BE_HELD,
        /** The police register holds them. */
        HELD,
        LIVED_ELSEWHERE,
        UNPAID,
        PAID,
        /** Goes by post today. */
        TO_SEND,
        /** The post brought it back. */
        CAME_BACK,
        /** It tore and was made out anew; someone else fetches it. */
        REPLACED,
        /** Nobody fetched it for ninety days. */
        UNFETCHED,
        LAPSED;

        boolean isPaid() {
            return compareTo(PAID) >= 0;
        }
    }

    static final List<DemoTraveller> ALL = List.of(
            new DemoTraveller("Yrsa", "Falkenau", LocalDate.of(1995, 6, 17), 1, "NO", Turn.NEW),
            new DemoTraveller("Davi", "Rønne", LocalDate.of(1988, 11, 3), 3, "PT", Turn.CHECKED),
            new DemoTraveller("Marte", "Lindqvist", LocalDate.of(1990, 7, 22), 4, "SE", Turn.MAY_BE_HELD),
            new DemoTraveller("Ivo", "Tavares", LocalDate.of(1979, 8, 30), 5, "DE", Turn.HELD),
            new DemoTraveller("Clara", "Voll", LocalDate.of(2001, 1, 9), 4, "CA", Turn.LIVED_ELSEWHERE),
            new DemoTraveller("Anselm", "Brito", LocalDate.of(1983, 3, 28), 8, "IE", Turn.UNPAID),
            new DemoTraveller("Eira", "Nogueira", LocalDate.of(1992, 9, 14), 9, "FR", Turn.PAID),
            new DemoTraveller("Linnea", "Sarmento", LocalDate.of(1986, 2, 11), 6, "NL", Turn.TO_SEND),
            new DemoTraveller("Tormod", "Aguiar", LocalDate.of(1974, 12, 5), 14, "CH", Turn.CAME_BACK),
            new DemoTraveller("Beatriz", "Holand", LocalDate.of(1998, 4, 23), 11, "DK", Turn.REPLACED),
            new DemoTraveller("Sixten", "Varela", LocalDate.of(1969, 10, 30), 74, "IT", Turn.UNFETCHED),
            new DemoTraveller("Rita", "Eikeland", LocalDate.of(1981, 5, 16), 142, "ES", Turn.LAPSED));

    String fullName() {
        return given + " " + family;
    }

    String email() {
        return (given + "." + family + "@post.example").toLowerCase(Locale.ROOT).replace("ø", "o");
    }

    /** Under which the civil register knows them. */
    String personNumber() {
        String digits = String.valueOf(FIRST_NUMBER + 7_654_321L * ALL.indexOf(this));
        return digits + PersonNumber.checkDigit(digits);
    }

    boolean isDecided() {
        return turn == Turn.UNPAID || turn.isPaid();
    }

    ObjectNode answers(LocalDate today) {
        ObjectNode answers = JsonColumn.object();
        answers.putObject("contact")
                .put("personNumber", personNumber())
                .put("mayEmail", true)
                .put("mayLetter", true)
                .put("mayText", true)
                .put("mayCall", true)
                .put("street", "Cooper Street")
                .put("houseNumber", String.valueOf(1 + ALL.indexOf(this)))
                .put("postCode", "1204");
        answers.putArray("members")
                .addObject()
                .put("id", "m1")
                .put("givenName", given)
                .put("familyName", family)
                .put("dateOfBirth", born.toString())
                .put("relationship", "SELF");
        String number = PASSPORT.formatted(ALL.indexOf(this));
        LocalDate expires = today.plusYears(6);
        ObjectNode passport = answers.putObject("passport")
                .put("number", number)
                .put("name", fullName())
                .put("dateOfBirth", born.toString())
                .put("expiresOn", expires.toString());
        MadeDocument.of("PASSPORT", new MadeDocument.Of(given, family, born, today.minusYears(4), expires, number))
                .zone()
                .forEach(line -> passport.withArray("mrz").add(line));
        LocalDate since = turn == Turn.LIVED_ELSEWHERE ? today.minusDays(90) : born.plusYears(3);
        answers.putArray("residence").addObject().put("from", since.toString());
        answers.put("purpose", "WORK")
                .put("country", country)
                .put("copies", 1 + ALL.indexOf(this) % 2)
                .put("fast", turn == Turn.CHECKED);
        answers.putObject("photo").put("takenOn", today.minusDays(20).toString());
        boolean byPost = turn == Turn.TO_SEND || turn == Turn.CAME_BACK;
        answers.putObject("handover")
                .put("way", byPost ? "MAIL" : "DESK")
                .put("by", turn == Turn.REPLACED ? "PROXY" : "HOLDER");
        return answers;
    }
}
