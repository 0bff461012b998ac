package org.civitane.server;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.intake.Drafts;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.Readings;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.registers.Registers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import tools.jackson.databind.node.ObjectNode;

/** The server on a real PostgreSQL of its own, answering on a real port, without the demo data. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.DEFINED_PORT,
        classes = {CivitaneServer.class, StatementCount.class})
@AutoConfigureMockMvc
@ActiveProfiles("standins")
public abstract class ServerTest extends PageRequests {
    /** Where this server keeps papers. */
    protected static final String STORE = folder();

    /** Where this server answers. */
    protected static final int PORT = Ports.free();

    protected static final int STANDINS_PORT = Ports.free();
    private static final Duration PATIENCE = Duration.ofMinutes(2);

    @Autowired
    protected Accounts accounts;

    @Autowired
    protected Drafts drafts;

    @Autowired
    protected Claims claims;

    @Autowired
    protected ClaimActs acts;

    @Autowired
    protected Registers registers;

    @Autowired
    protected Readings readings;

    @Autowired
    private Dossiers dossiers;

    @Autowired
    private Texts texts;

    @Autowired
    protected Asks asks;

    @Autowired
    private JdbcClient database;

    @Autowired
    protected Scheduler jobs;

    @Autowired
    protected AgencyClock clock;

    @DynamicPropertySource
    static void properties(DynamicPropertyRegistry properties) {
        properties.add("spring.datasource.url", () -> System.getenv("CIVITANE_TEST_DATABASE_URL"));
        properties.add("spring.datasource.password", () -> System.getenv("CIVITANE_TEST_DATABASE_APP_PASSWORD"));
        properties.add("spring.flyway.password", () -> System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"));
        properties.add("server.port", () -> PORT);
        properties.add("civitane.standins-port", () -> STANDINS_PORT);
        properties.add("civitane.register-key", () -> "server-tests");
        properties.add("civitane.password-memory", () -> "64KB");
        properties.add("civitane.sign-ups-an-hour", () -> "1000");
        properties.add("civitane.signing-secret", () -> "server-tests");
        properties.add("civitane.signing-key-bits", () -> "2048");
        properties.add("civitane.register-pause", () -> "200ms");
        properties.add("civitane.register-rest", () -> "300ms");
        properties.add("civitane.job-polling", () -> "100ms");
        properties.add("civitane.job-heartbeat", () -> "1s");
        properties.add("civitane.looking.processor-time", () -> "5s");
        properties.add("civitane.papers.most", () -> 20);
        properties.add("civitane.store", () -> STORE);
    }

    protected SignedIn person(Role role) {
        String name = letters();
        return accounts.register(name + "@post.example", "Runa " + name, "a password for tests", role);
    }

    /** So many that nobody is taken for somebody else of the same birth date whose name is alike. */
    private static String letters() {
        return Long.toString(UUID.randomUUID().getMostSignificantBits() & Long.MAX_VALUE, 26)
                .chars()
                .mapToObj(c -> Character.toString(c <= '9' ? c - '0' + 'q' : c))
                .collect(java.util.stream.Collectors.joining());
    }

    /** The dossier of a claim as it is now. */
    protected Dossier dossier(ClaimView claim) {
        return dossiers.of(claim.id());
    }

    /** Comes to the day on which an open ask of a claim lapses. @param which of its jobs: {@code min} or {@code max} */
    protected void lapseNow(ClaimView claim, Ask.Kind kind, String which) {
        String instances = asks.open(claim.id(), kind).orElseThrow().id() + "@%";
        database.sql(
                        "update scheduled_tasks set execution_time = now() where task_name = 'lapse-ask' and task_instance = (select "
                                + which
                                + "(task_instance) from scheduled_tasks where task_name = 'lapse-ask' and task_instance like ?)")
                .param(instances)
                .update();
        jobs.triggerCheckForDueExecutions();
    }

    /** A phrase as people read it. */
    protected String inWords(Phrase phrase) {
        return texts.say(phrase);
    }

    /** One adult with one pupil, both under the applicant's family name. */
    protected ObjectNode answers(SignedIn applicant) {
        String family =
                applicant.displayName().substring(applicant.displayName().lastIndexOf(' ') + 1);
        ObjectNode answers = JsonColumn.object();
        answers.putObject("contact").put("mayEmail", true);
        answers.putArray("members")
                .add(member("m1", "Runa", family, "1988-03-02", "SELF"))
                .add(member("m2", "Ivo", family, "2016-05-30", "CHILD")
                        .set(
                                "pupil",
                                JsonColumn.object().put("school", "Skerry Lane").put("year", 4)));
        answers.putArray("incomes")
                .addObject()
                .setAll(Map.of(
                        "id",
                        text("i1"),
                        "member",
                        text("m1"),
                        "kind",
                        text("WAGES"),
                        "amount",
                        text("412.00"),
                        "frequency",
                        text("WEEKLY")));
        return answers;
    }

    /** Hands in for school meals, and waits until the registers have answered. */
    protected ClaimView handIn(SignedIn applicant, ObjectNode answers) {
        return answered(handInNow(applicant, answers));
    }

    /** Hands in for school meals; the registers may be silent still. */
    protected ClaimView handInNow(SignedIn applicant, ObjectNode answers) {
        return drafts.handInAnswers(
                applicant, "school-meals", answers, new Drafts.Signing(applicant.displayName(), Optional.of("8903")));
    }

    /** One adult with one child and a rent, for food assistance; waits until the registers have answered. */
    protected ClaimView handInForFood(SignedIn applicant, ObjectNode answers) {
        return answered(drafts.handInAnswers(
                applicant,
                "food-assistance",
                foodAnswers(answers),
                new Drafts.Signing(applicant.displayName(), Optional.empty())));
    }

    /** The answers of a household, as it applies for food assistance. */
    protected static ObjectNode foodAnswers(ObjectNode answers) {
        answers.path("members").valueStream().forEach(member -> ((ObjectNode) member).remove("pupil"));
        if (!answers.has("resources")) {
            answers.putArray("resources");
        }
        if (!answers.has("expenses")) {
            answers.putArray("expenses")
                    .addObject()
                    .put("kind", "RENT")
                    .put("amount", "700.00")
                    .put("frequency", "MONTHLY");
        }
        return answers;
    }

    /**
     * Two tenants with two months of rent owed, of whom one applies and the other has to sign; waits until the registers
     * have answered.
     *
     * @param reach how the other, {@code m2}, and the {@code landlord} are reached
     */
    protected ClaimView handInForRent(SignedIn applicant, ObjectNode reach) {
        ObjectNode answers = rentAnswers(applicant);
        answers.set("reach", reach);
        return answered(drafts.handInAnswers(
                applicant, "rent-arrears", answers, new Drafts.Signing(applicant.displayName(), Optional.empty())));
    }

    /** What the applicant of {@link #handInForRent} says. */
    protected ObjectNode rentAnswers(SignedIn applicant) {
        ObjectNode answers = answers(applicant);
        ObjectNode other = (ObjectNode) answers.path("members").path(1);
        other.put("dateOfBirth", "1990-05-30").put("relationship", "PARTNER").remove("pupil");
        answers.path("members").forEach(member -> ((ObjectNode) member).put("onLease", true));
        answers.putArray("noIncomeDeclared").add("m2");
        answers.putArray("resources");
        answers.putObject("hardship")
                .put("reason", "JOB_LOSS")
                .put("since", clock.today().minusDays(40).toString());
        answers.putObject("home").put("postCode", "2104").put("bedrooms", 2).put("rent", "700.00");
        ObjectNode lease = answers.putObject("lease");
        answers.path("members")
                .forEach(member -> lease.withArray("names")
                        .add(member.path("givenName").asString() + " "
                                + member.path("familyName").asString()));
        java.time.YearMonth month = java.time.YearMonth.from(clock.today());
        answers.putArray("arrears")
                .add(JsonColumn.object()
                        .put("month", month.minusMonths(1).toString())
                        .put("owed", "700.00"))
                .add(JsonColumn.object()
                        .put("month", month.minusMonths(2).toString())
                        .put("owed", "350.00"));
        answers.putObject("landlord").put("name", "Tarn Homes");
        return answers;
    }

    /** The claim once every register has answered. */
    protected ClaimView answered(ClaimView claim) {
        await(
                "the registers have answered",
                () -> registers.newestOf(claim.id()).stream().noneMatch(RegisterRequest::isAwaited));
        return claims.claim(claim.id());
    }

    /** A school-meals claim that this caseworker has. */
    protected ClaimView taken(SignedIn caseworker) {
        SignedIn applicant = person(Role.APPLICANT);
        return taken(caseworker, handIn(applicant, answers(applicant)));
    }

    protected ClaimView taken(SignedIn caseworker, ClaimView claim) {
        return claims.claim(acts.take(claim.id(), caseworker).id());
    }

    /** Waits until every paper of a claim was read. */
    protected void read(ClaimView claim) {
        await(
                "its papers were read",
                () -> readings.of(claim.id()).values().stream()
                        .noneMatch(reading -> reading.state() == Reading.State.WAITING));
    }

    protected static tools.jackson.databind.JsonNode text(String value) {
        return tools.jackson.databind.node.StringNode.valueOf(value);
    }

    /** Waits until something that happens by itself has happened. */
    protected static void await(String what, BooleanSupplier happened) {
        await(what, PATIENCE, happened);
    }

    /** The same for what takes long, such as a server that makes a whole demo. */
    protected static void await(String what, Duration patience, BooleanSupplier happened) {
        long until = System.nanoTime() + patience.toNanos();
        while (!happened.getAsBoolean()) {
            if (System.nanoTime() > until) {
                throw new AssertionError("Did not happen: " + what);
            }
            java.util.concurrent.locks.LockSupport.parkNanos(20_000_000);
        }
    }

    private static ObjectNode member(String id, String given, String family, String born, String relationship) {
        return JsonColumn.object()
                .put("id", id)
                .put("givenName", given)
                .put("familyName", family)
                .put("dateOfBirth", born)
                .put("relationship", relationship);
    }

    private static String folder() {
        try {
            return Files.createTempDirectory("civitane-server").toString();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The words of a PDF, with single blanks between them. */
    protected static String wordsOf(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A valid account number of this country that ends in these digits. */
    protected static String iban(String end) {
        String account = "1204" + "0".repeat(12 - end.length()) + end;
        int check = 98
                - new BigInteger(account + "331700").mod(BigInteger.valueOf(97)).intValue();
        return "XH%02d%s".formatted(check, account);
    }
}
