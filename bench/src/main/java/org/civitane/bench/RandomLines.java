package org.civitane.bench;

import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Random;

/** Food-assistance case files of every shape, one a line, the same for the same seed: what the benchmarks read. */
public final class RandomLines {
    private static final String[] NAMES = {"Runa", "Ivo", "Åse", "Håkon", "Sólrún", "Bryn", "Tórdis", "Eyvind"};
    private static final String[] RELATIONS = {"SPOUSE", "PARTNER", "CHILD", "CHILD", "CHILD", "PARENT", "UNRELATED"};
    private static final String[] KINDS = {
        "WAGES",
        "WAGES",
        "WAGES",
        "PENSION",
        "SELF_EMPLOYMENT",
        "CHILD_SUPPORT",
        "UNEMPLOYMENT_BENEFIT",
        "STUDENT_GRANT"
    };
    private static final String[] FREQUENCIES = {"WEEKLY", "FORTNIGHTLY", "TWICE_MONTHLY", "MONTHLY", "YEARLY"};
    private static final String[] EXPENSES = {"RENT", "RENT", "MEDICAL", "DEPENDANT_CARE", "PROPERTY_TAX"};
    private static final String[] UTILITIES = {"\"HEATING\",\"ELECTRICITY\"", "\"WATER\"", "\"PHONE\"", ""};

    private final Random random;

    public RandomLines(long seed) {
        this.random = new Random(seed);
    }

    /** Writes as many lines as the first argument says to standard output. */
    public static void main(String[] arguments) throws IOException {
        RandomLines lines = new RandomLines(7);
        try (OutputStream out = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out), 1 << 16)) {
            for (int i = 0; i < Integer.parseInt(arguments[0]); i++) {
                out.write(lines.next().getBytes(StandardCharsets.UTF_8));
                out.write('\n');
            }
        }
    }

    /** The next case file. */
    public String next() {
        int people = 1 + random.nextInt(5);
        StringBuilder line = new StringBuilder(1_000);
        line.append("{\"programme\":\"food-assistance\",\"receivedAt\":\"2026-")
                .append(two(1 + random.nextInt(12)))
                .append('-')
                .append(two(1 + random.nextInt(28)))
                .append("T10:32:00\",\"members\":[");
        String applicant = one(NAMES);
        for (int i = 1; i <= people; i++) {
            boolean self = i == 1;
            line.append(self ? "" : ",")
                    .append("{\"id\":\"m")
                    .append(i)
                    .append("\",\"givenName\":\"")
                    .append(self ? applicant : one(NAMES))
                    .append("\",\"familyName\":\"Ostby\",\"dateOfBirth\":\"")
                    .append(1940 + random.nextInt(self ? 65 : 85))
                    .append("-03-02\",\"relationship\":\"")
                    .append(self ? "SELF" : one(RELATIONS))
                    .append('"')
                    .append(random.nextInt(12) == 0 ? ",\"notApplying\":true" : "")
                    .append(random.nextInt(15) == 0 ? ",\"disabled\":true" : "")
                    .append(random.nextInt(15) == 0 ? ",\"sharesMeals\":false" : "")
                    .append('}');
        }
        line.append("],\"incomes\":[");
        for (int i = 1; i <= people; i++) {
            line.append(i == 1 ? "" : ",")
                    .append("{\"id\":\"i")
                    .append(i)
                    .append("\",\"member\":\"m")
                    .append(i)
                    .append("\",\"kind\":\"")
                    .append(one(KINDS))
                    .append("\",\"amount\":\"")
                    .append(amount(1_200))
                    .append("\",\"frequency\":\"")
                    .append(one(FREQUENCIES))
                    .append("\"}");
        }
        line.append("],\"noIncomeDeclared\":[],\"resources\":[{\"kind\":\"BANK\",\"amount\":\"")
                .append(amount(4_000))
                .append("\",\"owner\":\"m1\"}],\"expenses\":[");
        int expenses = random.nextInt(4);
        for (int i = 0; i < expenses; i++) {
            line.append(i == 0 ? "" : ",")
                    .append("{\"kind\":\"")
                    .append(one(EXPENSES))
                    .append("\",\"amount\":\"")
                    .append(amount(900))
                    .append("\",\"frequency\":\"MONTHLY\",\"for\":\"m1\"}");
        }
        line.append("],\"utilities\":[").append(one(UTILITIES)).append("],\"signatures\":[");
        if (random.nextInt(20) > 0) {
            line.append("{\"member\":\"m1\",\"name\":\"")
                    .append(applicant)
                    .append(" Ostby\",\"signedAt\":\"2026-09-14T10:31:00\"}");
        }
        return line.append("]")
                .append(random.nextInt(20) == 0 ? ",\"homeless\":true}" : "}")
                .toString();
    }

    private String amount(int most) {
        return random.nextInt(most) + "." + two(random.nextInt(100));
    }

    private String one(String[] of) {
        return of[random.nextInt(of.length)];
    }

    private static String two(int number) {
        return number < 10 ? "0" + number : String.valueOf(number);
    }
}
