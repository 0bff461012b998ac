package org.civitane.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.civitane.core.person.Names;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.AddressRegister;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One invented household; the same number always gives the same one.
 *
 * @param story what happens to its claim
 * @param caseNumber of the benefit it names, if it names one
 */
record DemoHousehold(int number, Story story, String givenName, String familyName, Optional<String> caseNumber) {
    static final int COUNT = 110;
    private static final int FIRST_WITH_FOOD = 60;
    /** Households from the first with food on that are known already from their school meals. */
    private static final int KNOWN = 10;

    private static final List<String> GIVEN = List.of(
            "Runa",
            "Inês",
            "Torvald",
            "Þóra",
            "Amaro",
            "Sólveig",
            "Brás",
            "Ylva",
            "Duarte",
            "Eydís",
            "Håkon",
            "Marisol",
            "Óðinn",
            "Filipa",
            "Sigrun",
            "Caetano",
            "Ásta",
            "Leif",
            "Benedita",
            "Jorunn");
    private static final List<String> FAMILY = List.of(
            "Ostby",
            "Ferreira-Lund",
            "Þórsdal",
            "Nwosu-Eide",
            "Halvorsen",
            "Brandão",
            "Solheim",
            "Klokk",
            "Ibáñez Moe",
            "Vestergaard Silva",
            "Tavares",
            "Grimsby-Reyes",
            "Åkerdal",
            "Quental",
            "Strøm",
            "Lindqvarn",
            "Vaz Holm",
            "Eikrem",
            "Møllerup",
            "Sá Nordal",
            "Bjarkan",
            "Teixeira Dahl",
            "Fjeldmo",
            "Amundar",
            "Rosvik",
            "Cordeiro",
            "Hvalsund",
            "Nybråten",
            "Peixoto Rein",
            "Skarvøy");
    private static final List<String> CHILDREN =
            List.of("Ivo", "Lívia", "Nils", "Maren", "Tomé", "Embla", "Otto", "Signe", "Rui", "Alva");
    private static final List<String> SCHOOLS =
            List.of("Skerry Lane School", "Tindholm School", "Norrhaven Harbour School", "Eastfold School");
    private static final List<String> EMPLOYERS =
            List.of("Tarn Quay Bakery", "Skerrow Ferries", "Eastfold Nurseries", "Norrhaven Cold Store");

    /** What happens to a claim. */
    enum Story {
        NEW,
        LINKED_ACTIVE,
        LINKED_CLOSED,
        LINKED_UNKNOWN,
        INCOME_MISSING,
        TAKEN,
        READY,
        FIX_LIST_OUT,
        FIX_LIST_ANSWERED,
        DECIDED,
        /** Taken, with all papers looked at: only what is off stands in the way. */
        TWIST
    }

    static DemoHousehold of(int number) {
        Story usual = number == 0 ? Story.FIX_LIST_OUT : Story.values()[number % Story.values().length];
        Story story = number < DemoTwist.FIRST ? usual : Story.TWIST;
        Optional<String> caseNumber = number >= FIRST_WITH_FOOD
                ? Optional.empty()
                : switch (story) {
                    case LINKED_ACTIVE, LINKED_CLOSED, LINKED_UNKNOWN -> Optional.of("FA-2044%02d".formatted(number));
                    default -> Optional.empty();
                };
        int people = people(number);
        return new DemoHousehold(
                number,
                story,
                GIVEN.get(people % GIVEN.size()),
                FAMILY.get((people * 7 + people / 60 * 11) % FAMILY.size()),
                caseNumber);
    }

    /** Whose household it is: some apply for food as well as for school meals. */
    private static int people(int number) {
        return number >= FIRST_WITH_FOOD && number < FIRST_WITH_FOOD + KNOWN ? number - FIRST_WITH_FOOD : number;
    }

    /** Whether its people are those of a household before it. */
    boolean isKnown() {
        return people(number) != number;
    }

    DemoTwist twist() {
        return DemoTwist.of(number);
    }

    /** What it applies for: most for school meals, the last third for food assistance. */
    String programme() {
        return isForFood() ? "food-assistance" : "school-meals";
    }

    private boolean isForFood() {
        return number >= FIRST_WITH_FOOD;
    }

    /** Whether it gave the telephone that several others gave as well. */
    private boolean sharesPhone() {
        return twist() == DemoTwist.CARD_OF_ANOTHER
                || twist() == DemoTwist.CARD_ZONE_WRONG
                || twist() == DemoTwist.DECEASED;
    }

    String fullName() {
        return givenName + " " + familyName;
    }

    String email() {
        String first = Names.normalise(givenName).toLowerCase(Locale.ROOT).replace(" ", "");
        String last = Names.normalise(familyName).toLowerCase(Locale.ROOT).replace(' ', '-');
        return first + "." + last + (people(number) < FAMILY.size() ? "" : "." + number) + "@post.example";
    }

    /** The answers of its application. */
    ObjectNode answers(LocalDate today) {
        int people = people(number);
        Random who = new Random(people * 7919L + 1);
        Random money = new Random(people * 104_729L + 1);
        ObjectNode answers = JsonColumn.object();
        ArrayNode members = answers.putArray("members");
        person(members, "m1", givenName, born(today, who), "SELF");
        boolean couple = people % 3 == 1;
        if (couple) {
            person(
                    members,
                    "m2",
                    GIVEN.get((people + 9) % GIVEN.size()),
                    today.minusYears(30 + who.nextInt(15)).minusDays(20),
                    "SPOUSE");
        }
        int children = 1 + who.nextInt(3);
        for (int i = 0; i < children; i++) {
            int age = 6 + who.nextInt(10);
            ObjectNode child = person(
                    members,
                    "c" + (i + 1),
                    CHILDREN.get((people + i * 3) % CHILDREN.size()),
                    today.minusYears(age).minusDays(40 + i * 31 + people * 17 % 200),
                    "CHILD");
            if (!isForFood()) {
                school(child, age, who, people % 11 == 5 && i == 0);
            }
        }
        incomes(answers, money, couple);
        if (isForFood()) {
            living(answers, money);
        }
        contact(answers, who);
        caseNumber.ifPresent(value -> answers.putObject("linkedBenefit")
                .put("kind", "FOOD_ASSISTANCE")
                .put("caseNumber", value));
        return answers;
    }

    /** Born on a day that is a month as well, so that it can be swapped with its month. */
    private LocalDate born(LocalDate today, Random who) {
        LocalDate born = today.minusYears(29 + who.nextInt(20)).minusDays(who.nextInt(300));
        return twist() == DemoTwist.BIRTH_SWAPPED ? born.withMonth(4).withDayOfMonth(9) : born;
    }

    /** Where they live and how they may be reached; one in nine wants to be reached with care. */
    private void contact(ObjectNode answers, Random who) {
        AddressRegister.Street street = AddressRegister.streets()
                .get(who.nextInt(AddressRegister.streets().size()));
        String digits = String.format("%010d", 1_000_000_000L + people(number) * 7_654_321L);
        ObjectNode contact = answers.putObject("contact")
                .put("street", street.name())
                .put("houseNumber", String.valueOf(1 + who.nextInt(60)))
                .put("postCode", street.postCode())
                .put("phone", "+99955500" + (100 + (sharesPhone() ? COUNT : number)));
        if (twist() != DemoTwist.NOT_IN_REGISTER && !twist().isAboutCard()) {
            contact.put("personNumber", digits + PersonNumber.checkDigit(digits));
        }
        boolean careful = number % 9 == 4;
        contact.put("mayCall", !careful)
                .put("mayLetter", !careful)
                .put("mayText", true)
                .put("mayEmail", true);
        if (careful) {
            contact.put("safeName", "Ana").put("safeTime", "mornings");
        }
        if (number % 9 == 2) {
            contact.put("language", "pt");
        }
    }

    /** The identity card of the applicant. */
    DemoCard card(JsonNode answers) {
        LocalDate born = LocalDate.parse(
                answers.path("members").path(0).path("dateOfBirth").asString());
        boolean expired = twist() == DemoTwist.CARD_EXPIRED;
        LocalDate expires = LocalDate.of(expired ? 2024 : 2033, 3, 31);
        return new DemoCard(
                new MadeDocument.Of(
                        twist() == DemoTwist.CARD_OF_ANOTHER ? "Benedikt" : givenName,
                        twist() == DemoTwist.CARD_OF_ANOTHER ? "Storrud" : familyName,
                        born,
                        expires.minusYears(10),
                        expires,
                        "H%08d".formatted(20_417 + number * 311)),
                twist() == DemoTwist.CARD_ZONE_WRONG);
    }

    private static void school(ObjectNode child, int age, Random random, boolean foster) {
        child.putObject("pupil")
                .put("school", SCHOOLS.get(random.nextInt(SCHOOLS.size())))
                .put("year", Math.max(1, age - 5));
        if (foster) {
            child.put("foster", true).put("relationship", "UNRELATED");
        }
    }

    /** What it owns and pays for; one in ten has not said, and some have next to nothing. */
    private void living(ObjectNode answers, Random random) {
        if (story != Story.LINKED_UNKNOWN) {
            String usual = number % 7 == 0 ? "18.40" : random.nextInt(3_100) + ".15";
            String atBank = switch (twist()) {
                case NONE -> usual;
                case URGENT -> "18.40";
                case IMMATERIAL -> "1600.00";
                default -> "640.15";
            };
            answers.putArray("resources").addObject().put("kind", "BANK").put("amount", atBank);
        }
        ArrayNode expenses = answers.putArray("expenses");
        expenses.addObject()
                .put("kind", "RENT")
                .put("amount", (540 + random.nextInt(500)) + ".00")
                .put("frequency", "MONTHLY");
        if (number % 4 == 1) {
            expenses.addObject()
                    .put("kind", "DEPENDANT_CARE")
                    .put("amount", "45.00")
                    .put("frequency", "WEEKLY");
        }
        answers.putArray("utilities").add("HEATING").add("ELECTRICITY");
    }

    private void incomes(ObjectNode answers, Random random, boolean couple) {
        ArrayNode incomes = answers.putArray("incomes");
        ArrayNode none = answers.putArray("noIncomeDeclared");
        boolean weekly = random.nextBoolean();
        String usual = weekly ? (320 + random.nextInt(300)) + ".50" : (1250 + random.nextInt(1600)) + ".00";
        String amount = switch (twist()) {
            case NONE -> usual;
            case URGENT -> weekly ? "25.50" : "110.00";
            case IMMATERIAL -> weekly ? "69.00" : "299.00";
            default -> weekly ? "360.00" : "1560.00";
        };
        if (story != Story.INCOME_MISSING) {
            line(incomes, "i1", "m1", "WAGES", amount, weekly ? "WEEKLY" : "MONTHLY")
                    .put("employer", EMPLOYERS.get(number % EMPLOYERS.size()));
        }
        if (number % 4 == 0) {
            line(incomes, "i2", "m1", "CHILD_SUPPORT", "180.00", "MONTHLY");
        }
        if (story == Story.INCOME_MISSING) {
            incomes.removeAll();
        }
        if (couple && number % 2 == 0) {
            none.add("m2");
        } else if (couple) {
            line(incomes, "i3", "m2", "UNEMPLOYMENT_BENEFIT", "640.00", "MONTHLY");
        }
    }

    private ObjectNode person(ArrayNode members, String id, String given, LocalDate born, String relationship) {
        return members.addObject()
                .put("id", id)
                .put("givenName", given)
                .put("familyName", familyName)
                .put("dateOfBirth", born.toString())
                .put("relationship", relationship);
    }

    private static ObjectNode line(
            ArrayNode incomes, String id, String member, String kind, String amount, String frequency) {
        return incomes.addObject()
                .put("id", id)
                .put("member", member)
                .put("kind", kind)
                .put("amount", amount)
                .put("frequency", frequency);
    }
}
