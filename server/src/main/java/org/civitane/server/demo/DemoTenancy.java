package org.civitane.server.demo;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * An invented household that owes rent: with two on the lease the other has to sign by a link, and the landlord is asked
 * by one.
 *
 * @param partner empty for someone who lives alone
 * @param weekly wages a week, before tax
 */
record DemoTenancy(
        String given,
        String family,
        String partner,
        String landlord,
        String rent,
        String weekly,
        int daysAgo,
        Turn turn) {
    static final String PROGRAMME = "rent-arrears";

    private static final String NUMBER = "2910880347";
    private static final String ACCOUNT = "XH553310204400001200";
    private static final String CLOSED_ACCOUNT = "XH353310204400009999";
    private static final int OWED = 2;

    /** What is special about it. */
    enum Turn {
        /** Nobody has answered yet. */
        ASKED,
        TAKES_PART,
        TAKES_NO_PART,
        MONTHS_DIFFER,
        NEVER_ANSWERS,
        LONG_AGO,
        ELSEWHERE,
        WELL_OFF,
        LEASE_OF_PARTNER,
        ALL_HELPED,
        STRANGER_IN_LEASE,
        OBJECTS,
        PAID,
        CAME_BACK
    }

    static final List<DemoTenancy> ALL = List.of(
            new DemoTenancy("Liv", "Sørvåg", "Tomé", "Tarnmouth Lettings", "820.00", "296.00", 2, Turn.ASKED),
            new DemoTenancy("Ebba", "Quental", "", "Nils Aurland", "610.00", "296.00", 4, Turn.ASKED),
            new DemoTenancy("Odd", "Ferraz", "", "Skerry Homes", "745.00", "180.00", 5, Turn.TAKES_PART),
            new DemoTenancy("Signe", "Avelar", "", "Lise Holtan", "690.00", "300.00", 5, Turn.TAKES_NO_PART),
            new DemoTenancy("Rui", "Nordeng", "", "Brekke Estates", "780.00", "390.00", 6, Turn.MONTHS_DIFFER),
            new DemoTenancy("Tora", "Salgado", "", "Harbour Row", "655.00", "310.00", 14, Turn.NEVER_ANSWERS),
            new DemoTenancy("Inês", "Ulvik", "", "Skerry Homes", "720.00", "460.00", 6, Turn.TAKES_PART),
            new DemoTenancy("Geir", "Matos", "", "Brekke Estates", "640.00", "250.00", 7, Turn.LONG_AGO),
            new DemoTenancy("Ada", "Rosvik", "", "Farther Lets", "600.00", "250.00", 7, Turn.ELSEWHERE),
            new DemoTenancy("Bento", "Hauge", "", "Harbour Row", "810.00", "240.00", 8, Turn.WELL_OFF),
            new DemoTenancy("Maren", "Teles", "Jon", "Lise Holtan", "705.00", "260.00", 8, Turn.LEASE_OF_PARTNER),
            new DemoTenancy("Ivo", "Stokke", "", "Quay Homes", "660.00", "245.00", 9, Turn.ALL_HELPED),
            new DemoTenancy("Rakel", "Pinho", "", "Nils Aurland", "590.00", "270.00", 3, Turn.STRANGER_IN_LEASE),
            new DemoTenancy("Tiago", "Elverum", "Sol", "Skerry Homes", "815.00", "330.00", 4, Turn.OBJECTS),
            new DemoTenancy("Helga", "Monteiro", "", "Quay Homes", "700.00", "290.00", 9, Turn.PAID),
            new DemoTenancy("Vasco", "Lier", "", "Harbour Row", "675.00", "280.00", 9, Turn.CAME_BACK));

    String fullName() {
        return given + " " + family;
    }

    String email() {
        return mail(given);
    }

    /** What the landlord answers; nothing where they have not. */
    Map<String, String> landlordSays(LocalDate today) {
        return switch (turn) {
            case ASKED, NEVER_ANSWERS, STRANGER_IN_LEASE -> Map.of();
            case TAKES_NO_PART -> said("NO", "", today, OWED);
            case MONTHS_DIFFER -> said("YES", ACCOUNT, today, OWED - 1);
            case CAME_BACK -> said("YES", CLOSED_ACCOUNT, today, OWED);
            default -> said("YES", ACCOUNT, today, OWED);
        };
    }

    private Map<String, String> said(String takesPart, String iban, LocalDate today, int months) {
        Map<String, String> said = new TreeMap<>(Map.of("takesPart", takesPart));
        if (!iban.isEmpty()) {
            said.put("iban", iban);
        }
        for (int back = months; back > 0; back--) {
            said.put("monthsOwed/" + YearMonth.from(today).minusMonths(back), rent);
        }
        return said;
    }

    ObjectNode answers(LocalDate today) {
        ObjectNode answers = JsonColumn.object();
        ArrayNode members = answers.putArray("members");
        ArrayNode names = answers.putObject("lease").putArray("names");
        boolean named = turn != Turn.LEASE_OF_PARTNER;
        add(members, names, "m1", given, "1989-04-11", "SELF", named);
        ArrayNode none = answers.putArray("noIncomeDeclared");
        if (!partner.isEmpty()) {
            add(members, names, "m2", partner, "1988-10-29", "PARTNER", true);
            none.add("m2");
        }
        if (turn == Turn.STRANGER_IN_LEASE) {
            names.add("Colm Averøy");
        }
        answers.putArray("incomes")
                .addObject()
                .put("id", "i1")
                .put("member", "m1")
                .put("kind", "WAGES")
                .put("amount", weekly)
                .put("frequency", "WEEKLY");
        ArrayNode resources = answers.putArray("resources");
        if (turn == Turn.WELL_OFF) {
            resources.addObject().put("kind", "BANK").put("amount", "26400.00");
        }
        answers.putArray("expenses");
        answers.putObject("hardship")
                .put("reason", "FEWER_HOURS")
                .put("since", today.minusDays(turn == Turn.LONG_AGO ? 640 : 80).toString());
        answers.putObject("home")
                .put("postCode", turn == Turn.ELSEWHERE ? "9120" : "3108")
                .put("bedrooms", 1)
                .put("rent", rent);
        addMonths(answers, YearMonth.from(today));
        answers.putObject("landlord").put("name", landlord);
        addReach(answers.putObject("reach"));
        return answers;
    }

    private void addMonths(ObjectNode answers, YearMonth month) {
        ArrayNode arrears = answers.putArray("arrears");
        ArrayNode aided = answers.putArray("alreadyAided");
        for (int back = OWED; back > 0; back--) {
            arrears.addObject().put("month", month.minusMonths(back).toString()).put("owed", rent);
            if (turn == Turn.ALL_HELPED) {
                aided.add(month.minusMonths(back).toString());
            }
        }
    }

    private void addReach(ObjectNode reach) {
        reach.putObject("landlord")
                .put("email", "office@" + landlord.split(" ")[0].toLowerCase(Locale.ROOT) + ".example");
        if (!partner.isEmpty()) {
            reach.putObject("m2")
                    .put("email", mail(partner))
                    .put("personNumber", NUMBER + PersonNumber.checkDigit(NUMBER));
        }
    }

    private void add(
            ArrayNode members,
            ArrayNode names,
            String id,
            String name,
            String born,
            String relationship,
            boolean onLease) {
        members.addObject()
                .put("id", id)
                .put("givenName", name)
                .put("familyName", family)
                .put("dateOfBirth", born)
                .put("relationship", relationship)
                .put("onLease", onLease);
        if (onLease) {
            names.add(name + " " + family);
        }
    }

    private String mail(String name) {
        return (name + "." + family + "@post.example")
                .toLowerCase(Locale.ROOT)
                .replace("ø", "o")
                .replace("å", "a")
                .replace("é", "e")
                .replace("ê", "e");
    }
}
