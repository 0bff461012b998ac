package org.civitane.server.papers.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.civitane.core.identity.Claimed;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.identity.RegisterAnswer;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.demo.MadePicture;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.verification.ShownDocument;
import org.testng.annotations.Test;

/**
 * Made documents of all kinds, with all that can be wrong with them and with their pictures: none that is wrong is ever
 * told to be enough. How many are read is printed; {@code ./civitane bench documents} does it for five hundred.
 */
public class MadeDocumentsTest {
    private static final int COUNT = Integer.getInteger("civitane.documents", 40);
    private static final LocalDate ON = LocalDate.of(2026, 11, 20);
    private static final List<String> GIVEN =
            List.of("Åse", "Þóra", "Bjørn", "Runa", "Inês", "Håkon", "Zoë", "Óðinn", "Maria Benedita", "Jürgen");
    private static final List<String> FAMILY = List.of(
            "Østby",
            "Þórsdal",
            "Ångström",
            "O'Brannigan",
            "Teixeira Dahl",
            "Nwosu-Eide",
            "Halvorsen",
            "Vestergaard Silva Cordeiro Grimsby Reyes Lindqvarn",
            "Ærøskov",
            "Solheim");

    /** What is wrong with the document itself. */
    private enum Wrong {
        NOTHING,
        EXPIRED,
        OLD,
        DIGIT,
        OTHER_NAME,
        FORMER_NAME,
        SWAPPED_BIRTH,
        ZONE_OF_ANOTHER
    }

    private record Made(
            MadeDocument document, Claimed claimed, IdentityDocument truth, Wrong wrong, MadePicture.Spoilt spoilt) {}

    @Test
    public void noWrongDocumentIsEverEnough() throws Exception {
        Random random = new Random(20261120);
        Map<String, int[]> read = new TreeMap<>();
        List<String> falselyEnough = new ArrayList<>();
        for (int i = 0; i < COUNT; i++) {
            Made made = made(random, i);
            boolean usable = usable(
                    made.claimed(),
                    asRead(made, MadePicture.jpeg(made.document(), made.spoilt(), random.nextDouble())));
            boolean right = usable(made.claimed(), made.truth());
            boolean halfOfZone = made.spoilt() == MadePicture.Spoilt.HALF
                    && DocumentType.named(made.document().type()).hasZone();
            if (usable && (!right || halfOfZone)) {
                falselyEnough.add(made.document() + " " + made.wrong() + " " + made.spoilt());
            }
            if (right) {
                int[] counts = read.computeIfAbsent(made.spoilt().name(), unseen -> new int[2]);
                counts[0]++;
                counts[1] += usable ? 1 : 0;
            }
        }
        read.forEach((spoilt, counts) -> System.out.printf(
                "right documents, picture %-8s %3d, told to be enough %3d%n", spoilt, counts[0], counts[1]));
        assertThat(falselyEnough).isEmpty();
        assertThat(read.get("NOT")[1]).as("good pictures that are read").isGreaterThan(read.get("NOT")[0] / 2);
    }

    private static Made made(Random random, int number) {
        String type = DocumentType.accepted()
                .get(number % DocumentType.accepted().size())
                .code();
        String given = GIVEN.get(random.nextInt(GIVEN.size()));
        String family = FAMILY.get(random.nextInt(FAMILY.size()));
        LocalDate born = LocalDate.of(1950 + random.nextInt(55), 1 + random.nextInt(12), 1 + random.nextInt(12));
        Wrong wrong = random.nextInt(2) == 0 ? Wrong.NOTHING : Wrong.values()[random.nextInt(Wrong.values().length)];
        MadePicture.Spoilt spoilt = random.nextInt(5) < 2
                ? MadePicture.Spoilt.NOT
                : MadePicture.Spoilt.values()[random.nextInt(MadePicture.Spoilt.values().length)];
        Claimed claimed = new Claimed(given, family, born, Optional.empty(), Optional.empty());
        LocalDate bornOnIt = wrong == Wrong.SWAPPED_BIRTH
                ? LocalDate.of(born.getYear(), born.getDayOfMonth(), born.getMonthValue())
                : born;
        MadeDocument.Of of = new MadeDocument.Of(
                wrong == Wrong.OTHER_NAME ? "Benedikt" : given,
                wrong == Wrong.OTHER_NAME ? "Storrud" : wrong == Wrong.FORMER_NAME ? "Amundarvik" : family,
                bornOnIt,
                wrong == Wrong.OLD ? ON.minusMonths(40) : ON.minusDays(5 + random.nextInt(60)),
                wrong == Wrong.EXPIRED ? ON.minusDays(1 + random.nextInt(900)) : ON.plusDays(1 + random.nextInt(2000)),
                "H%08d".formatted(random.nextInt(100_000_000)));
        MadeDocument document = MadeDocument.of(type, of);
        if (!document.zone().isEmpty() && wrong == Wrong.DIGIT) {
            document = document.withWrongDigit();
        }
        if (!document.zone().isEmpty() && wrong == Wrong.ZONE_OF_ANOTHER) {
            document = document.withZone(MadeDocument.of(
                            type,
                            new MadeDocument.Of("Benedikt", "Storrud", born, of.issued(), of.expires(), of.number()))
                    .zone());
        }
        return new Made(document, claimed, truth(document, of), wrong, spoilt);
    }

    /** What really stands on it. */
    private static IdentityDocument truth(MadeDocument document, MadeDocument.Of of) {
        boolean photo = !document.zone().isEmpty() || document.type().equals("DRIVING_LICENCE");
        boolean dated = !document.type().equals("LEASE");
        return new IdentityDocument(
                "d",
                document.type(),
                of.given() + " " + of.family(),
                photo || document.type().equals("BIRTH_CERTIFICATE") ? Optional.of(of.born()) : Optional.empty(),
                dated ? Optional.of(of.issued()) : Optional.empty(),
                photo ? Optional.of(of.expires()) : Optional.empty(),
                document.zone().isEmpty() ? Optional.empty() : Optional.of(document.zone()),
                Optional.empty());
    }

    private static boolean usable(Claimed claimed, IdentityDocument document) {
        return new IdentityCheck(claimed, new RegisterAnswer.Nobody(), List.of(document), Optional.empty(), ON)
                .outcome()
                .documents()
                .getFirst()
                .isUsable();
    }

    private static IdentityDocument asRead(Made made, byte[] jpeg) throws IOException {
        List<ShownValue> shown = PageReader.read(
                PageReader.Page.of(Straight.of(png(jpeg)), 1),
                ON,
                List.of(made.claimed().givenName() + " " + made.claimed().familyName()));
        Paper paper = new Paper(
                UUID.randomUUID(),
                UUID.randomUUID(),
                "",
                "IDENTITY",
                "m1",
                "made.jpg",
                "image/jpeg",
                1,
                Paper.State.BEGUN,
                "",
                "",
                Instant.EPOCH,
                made.document().type(),
                Optional.empty(),
                "",
                Optional.empty());
        Reading.State state = shown.isEmpty() ? Reading.State.NOTHING : Reading.State.READ;
        return ShownDocument.asRead(paper, List.of(new Reading(state, shown)));
    }

    private static byte[] png(byte[] jpeg) throws IOException {
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(jpeg));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", out);
        return out.toByteArray();
    }
}
