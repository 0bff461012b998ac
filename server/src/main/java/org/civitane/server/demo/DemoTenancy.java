package org.civitane.server.demo;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * An invented household that owes rent: with two on the lease the other has to sign by a link, and the landlord is asked
 * by one.
 *
 * @param partner empty for someone who lives alone
 */
record DemoTenancy(String given, String family, String partner, String landlord, String rent, int daysAgo) {
    static final String PROGRAMME = "rent-arrears";

    private static final String NUMBER = "2910880347";

    static final List<DemoTenancy> ALL = List.of(
            new DemoTenancy("Liv", "Sørvåg", "Tomé", "Tarnmouth Lettings", "820.00", 2),
            new DemoTenancy("Ebba", "Quental", "", "Nils Aurland", "610.00", 4));

    String fullName() {
        return given + " " + family;
    }

    String email() {
        return mail(given);
    }

    ObjectNode answers(LocalDate today) {
        ObjectNode answers = JsonColumn.object();
        ArrayNode members = answers.putArray("members");
        ArrayNode names = answers.putObject("lease").putArray("names");
        add(members, names, "m1", given, "1989-04-11", "SELF");
        if (!partner.isEmpty()) {
            add(members, names, "m2", partner, "1988-10-29", "PARTNER");
        }
        ArrayNode none = answers.putArray("noIncomeDeclared");
        if (!partner.isEmpty()) {
            none.add("m2");
        }
        answers.putArray("incomes")
                .addObject()
                .put("id", "i1")
                .put("member", "m1")
                .put("kind", "WAGES")
                .put("amount", "296.00")
                .put("frequency", "WEEKLY");
        answers.putArray("resources");
        answers.putArray("expenses");
        answers.putObject("hardship")
                .put("reason", "FEWER_HOURS")
                .put("since", today.minusDays(80).toString());
        answers.putObject("home").put("postCode", "3108").put("bedrooms", 1).put("rent", rent);
        YearMonth month = YearMonth.from(today);
        ArrayNode arrears = answers.putArray("arrears");
        for (int back = 2; back > 0; back--) {
            arrears.addObject().put("month", month.minusMonths(back).toString()).put("owed", rent);
        }
        answers.putObject("landlord").put("name", landlord);
        ObjectNode reach = answers.putObject("reach");
        reach.putObject("landlord").put("email", "office@" + landlord.split(" ")[0].toLowerCase() + ".example");
        if (!partner.isEmpty()) {
            reach.putObject("m2")
                    .put("email", mail(partner))
                    .put("personNumber", NUMBER + PersonNumber.checkDigit(NUMBER));
        }
        return answers;
    }

    private void add(ArrayNode members, ArrayNode names, String id, String name, String born, String relationship) {
        members.addObject()
                .put("id", id)
                .put("givenName", name)
                .put("familyName", family)
                .put("dateOfBirth", born)
                .put("relationship", relationship)
                .put("onLease", true);
        names.add(name + " " + family);
    }

    private String mail(String name) {
        return (name + "." + family + "@post.example")
                .toLowerCase()
                .replace("ø", "o")
                .replace("å", "a")
                .replace("é", "e");
    }
}
