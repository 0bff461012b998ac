package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.Reader;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is said by code: kept, read back, and worded. */
public class PhraseTest {
    private static final Pattern SAID = Pattern.compile("(?:Phrase\\.of|Actor\\.part)\\(\\s*\"([^\"]+)\"\\s*[,)]");
    private static final LocalDate DAY = LocalDate.of(2026, 12, 3);

    private final Texts texts = new Texts();

    @Test
    public void whoeverWorksOnAClaimReadsAboutPeopleWhoAreSpokenToThemselves() {
        Phrase waits = Phrase.of("next.waiting.APPLICANT", Phrase.full(DAY), Phrase.of("wait.fix-list", 1));
        assertThat(texts.say(Phrase.of("wait.fix-list", 1), Reader.OFFICE)).isEqualTo("one point of the fix list");
        assertThat(texts.say(Phrase.word("rent-arrears", "basis.NOT_TENANT"), Reader.CONCERNED))
                .isEqualTo("you are not named in the lease");
        assertThat(texts.say(Phrase.word("rent-arrears", "basis.NOT_TENANT"), Reader.OFFICE))
                .isEqualTo("the applicant is not named in the lease");
        assertThat(texts.say(
                        new Phrase.Capital(Phrase.several(List.of(Phrase.of("wait.doubt"), waits), "; ")),
                        Reader.OFFICE))
                .startsWith("The answer whether they filed it; ");
    }

    @DataProvider
    Object[][] phrases() {
        return new Object[][] {
            {Phrase.NOTHING, ""},
            {Phrase.text("Runa \"Ósk\" {0}"), "Runa \"Ósk\" {0}"},
            {Phrase.of("history.taken"), "took the claim"},
            {Phrase.of("history.paper", "it's {1}.pdf"), "sent a paper: it's {1}.pdf"},
            {Phrase.of("wait.fix-list", 1), "one question of ours"},
            {Phrase.of("wait.fix-list", 12), "12 questions of ours"},
            {Phrase.of("next.waiting.APPLICANT", Phrase.full(DAY)), "waits for the applicant until Thu 3 December"},
            {Phrase.full(DAY), "Thu 3 December"},
            {Phrase.date(DAY), "3 December 2026"},
            {
                Phrase.of("impact.amount", Money.parse("760.00"), Money.parse("1520.00")),
                "The amount hangs on it: from €760.00 to €1,520.00."
            },
            {Phrase.word("school-meals", "outcome.FREE"), "Free meals"},
            {
                new Phrase.Word("school-meals", "subjects.other", Map.of("count", new Phrase.Count(3))), "3 pupils",
            },
            {
                Phrase.several(
                        List.of(
                                new Phrase.Capital(Phrase.word("school-meals", "word.WAGES")),
                                Phrase.text("Quay & Co")),
                        ", "),
                "Wages, Quay & Co",
            },
        };
    }

    @Test(dataProvider = "phrases")
    public void aPhraseIsKeptAndReadsInWords(Phrase phrase, String words) {
        assertThat(PhraseColumn.read(PhraseColumn.write(phrase))).isEqualTo(phrase);
        assertThat(texts.say(phrase)).isEqualTo(words);
    }

    @Test
    public void aCodeWhoseTextIsGoneIsStillTold() {
        assertThat(texts.say(Phrase.of("history.of-long-ago", "x"))).isEqualTo("history.of-long-ago");
        assertThat(texts.say(Phrase.word("school-meals", "outcome.OF_LONG_AGO")))
                .isEqualTo("outcome.OF_LONG_AGO");
    }

    @Test
    public void everyCodeThatIsSaidHasItsText() throws IOException {
        ResourceBundle messages = ResourceBundle.getBundle("messages");
        List<String> said = new ArrayList<>();
        try (Stream<Path> sources = Files.walk(Path.of("src", "main", "java"))) {
            for (Path source :
                    sources.filter(each -> each.toString().endsWith(".java")).toList()) {
                Matcher codes = SAID.matcher(Files.readString(source));
                while (codes.find()) {
                    said.add(codes.group(1));
                }
            }
        }
        assertThat(said).hasSizeGreaterThan(60).allMatch(messages::containsKey);
    }
}
