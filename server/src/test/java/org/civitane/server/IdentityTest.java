package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.demo.MadePicture;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import tools.jackson.databind.JsonNode;

/** Someone who is asked who they are, over real HTTP, with pictures of made documents. */
abstract class IdentityTest extends ServerTest {
    private static final List<String> BEGINNINGS = List.of("Sol", "Halvar", "Brek", "Tarn", "Nor", "Ek", "Strand");
    private static final List<String> ENDINGS = List.of("heim", "stad", "berg", "dal", "moen", "sund");
    private static final AtomicInteger names = new AtomicInteger();

    @Autowired
    protected Doubts doubts;

    protected SignedIn applicant;
    protected SignedIn caseworker;
    protected ClaimView claim;
    protected Visitor person;
    protected Visitor desk;
    protected int number;

    @BeforeMethod
    void askWhoTheyAre() {
        applicant = accounts.register(
                UUID.randomUUID() + "@post.example", "Runa " + nextName(), "a password for tests", Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        doubts.ask(claim, Doubt.Occasion.DOUBTED, "Another number is on record.", caseworker);
        person = new Visitor(PORT, applicant.email());
        desk = new Visitor(PORT, caseworker.email());
    }

    /** Names as people have them, since others are read badly; each once, since a case holds all under one name. */
    private static String nextName() {
        int next = names.getAndIncrement();
        return BEGINNINGS.get(next % BEGINNINGS.size()) + ENDINGS.get(next / BEGINNINGS.size() % ENDINGS.size());
    }

    /** Sends a right document as a person does, taken again where it was not read; the picture that counts. */
    protected byte[] sendUntilItCounts(String documentType) {
        for (int tries = 0; tries < 4; tries++) {
            LocalDate issued = clock.today().minusDays(9 + tries);
            byte[] picture = picture(MadeDocument.of(documentType, of(issued)));
            send(documentType, "", picture);
            JsonNode sent = read().path("documents")
                    .valueStream()
                    .filter(each -> each.path("documentType").asString().equals(documentType)
                            && each.path("state").asString().equals("BEGUN"))
                    .findFirst()
                    .orElseThrow();
            if (sent.path("usable").asBoolean()) {
                return picture;
            }
            person.send("DELETE", my("/identity/documents/" + sent.path("id").asString()), "");
        }
        throw new AssertionError("Not read in four tries: " + documentType);
    }

    protected JsonNode identity() {
        return json(person.get(my("/identity")));
    }

    protected JsonNode say(String filed) {
        return json(person.post(my("/identity/filed"), "{\"filed\":\"" + filed + "\"}"));
    }

    /** Everything once it was read. */
    protected JsonNode read() {
        await(
                "all was read",
                () -> identity()
                        .path("documents")
                        .valueStream()
                        .noneMatch(each -> each.path("reading").asString().equals("WAITING")));
        return identity();
    }

    /** A passport and a bill that count. */
    protected void handInBoth() {
        say("YES");
        sendUntilItCounts("PASSPORT");
        sendUntilItCounts("UTILITY_BILL");
        read();
        handIn(applicant.displayName());
    }

    protected JsonNode grid() {
        return json(desk.get("/api/claims/" + claim.id() + "/identity"));
    }

    protected JsonNode handIn(String name) {
        return json(tried(name));
    }

    protected Visitor.Answer tried(String name) {
        return person.post(my("/identity/hand-in"), "{\"name\":\"" + name + "\",\"phone\":\"\",\"mayCall\":false}");
    }

    protected static String faults(JsonNode identity, String documentType) {
        return identity.path("documents")
                .valueStream()
                .filter(each -> each.path("documentType").asString().equals(documentType))
                .findFirst()
                .orElseThrow()
                .path("faults")
                .toString();
    }

    protected void send(String documentType, String backOf, byte[] picture) {
        assertThat(backOf.isEmpty() ? begun(documentType, picture) : begunBack(documentType, backOf, picture))
                .isEqualTo(204);
    }

    protected int begun(String documentType, byte[] picture) {
        return piece(begin(documentType, "", picture.length), 0, picture).status();
    }

    protected int begunBack(String documentType, String backOf, byte[] picture) {
        return piece(begin(documentType, backOf, picture.length), 0, picture).status();
    }

    protected String begin(String documentType, String backOf, long bytes) {
        String location = upload(documentType, backOf, bytes)
                .response()
                .headers()
                .firstValue("Location")
                .orElseThrow();
        return location.replaceFirst("^https?://[^/]+", "");
    }

    protected Visitor.Answer upload(String documentType, String backOf, long bytes) {
        return person.send(
                my("/identity/uploads"),
                request -> request.header("Tus-Resumable", "1.0.0")
                        .header("Upload-Length", String.valueOf(bytes))
                        .header(
                                "Upload-Metadata",
                                "documentType " + coded(documentType)
                                        + (backOf.isEmpty() ? "" : ",backOf " + coded(backOf)) + ",filename "
                                        + coded("picture.jpg"))
                        .POST(HttpRequest.BodyPublishers.noBody()));
    }

    protected Visitor.Answer piece(String upload, int from, byte[] bytes) {
        return person.send(
                upload,
                request -> request.header("Tus-Resumable", "1.0.0")
                        .header("Upload-Offset", String.valueOf(from))
                        .header("Content-Type", "application/offset+octet-stream")
                        .method("PATCH", HttpRequest.BodyPublishers.ofByteArray(bytes)));
    }

    protected static String coded(String text) {
        return Base64.getEncoder().encodeToString(text.getBytes(StandardCharsets.UTF_8));
    }

    protected String my(String rest) {
        return "/api/my/claims/" + claim.id() + rest;
    }

    protected static JsonNode json(Visitor.Answer answer) {
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return JsonColumn.read(answer.body());
    }

    protected MadeDocument passport() {
        return MadeDocument.of("PASSPORT", of(clock.today().minusYears(2)));
    }

    protected MadeDocument.Of of(LocalDate issued) {
        return made(issued, clock.today().plusYears(4));
    }

    protected MadeDocument.Of until(LocalDate ends) {
        return made(ends.minusYears(10), ends);
    }

    protected MadeDocument.Of made(LocalDate issued, LocalDate expires) {
        String[] name = applicant.displayName().split(" ");
        return new MadeDocument.Of(name[0], name[1], LocalDate.of(1988, 3, 2), issued, expires, nextNumber());
    }

    protected String nextNumber() {
        return "H" + "%08d".formatted(System.nanoTime() % 10_000_000 * 10 + number++ % 10);
    }

    protected static byte[] picture(MadeDocument document) {
        return MadePicture.jpeg(document, MadePicture.Spoilt.NOT, 0);
    }
}
