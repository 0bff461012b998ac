package org.civitane.core.reasoning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.regex.Pattern;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.testng.annotations.Test;

/** Texts that speak to someone have another form for those who read about them. */
public class ReaderTest {
    /** What stands at the desk, in lists and in what is looked for. */
    private static final Pattern AT_THE_DESK = Pattern.compile(
            "(step|basis|summary|outcome|word|missing|figure|scale|subjects|paper|fact)\\..*|evidence\\..*\\.title");

    private static final Pattern SPOKEN_TO = Pattern.compile("\\b[Yy]ou(r|rs|rself)?\\b");
    /** Told on the applicant's side only. */
    private static final String BEFOREHAND = ".beforehand";

    @Test
    public void whoeverWorksOnAClaimIsNeverSpokenToAsItsApplicant() {
        List<String> spokenTo = new ArrayList<>();
        for (Programme<?> programme : Catalogue.programmes()) {
            Wording office = programme.wording(Locale.ENGLISH).readBy(Reader.OFFICE);
            ResourceBundle.getBundle(programme.getClass().getPackageName() + ".wording", Locale.ENGLISH)
                    .keySet()
                    .stream()
                    .filter(key -> AT_THE_DESK.matcher(key).matches() && !key.endsWith(BEFOREHAND))
                    .filter(key -> SPOKEN_TO.matcher(office.text(key)).find())
                    .forEach(key -> spokenTo.add(programme.id() + " " + key + ": " + office.text(key)));
        }
        assertThat(spokenTo).isEmpty();
    }

    @Test
    public void whomItIsAboutIsSpokenTo() {
        Wording wording = Catalogue.named("rent-arrears").wording(Locale.ENGLISH);
        assertThat(wording.text("step.tenant.true")).isEqualTo("You are named in the lease.");
        assertThat(wording.readBy(Reader.OFFICE).text("step.tenant.true"))
                .isEqualTo("The applicant is named in the lease.");
        assertThat(wording.readBy(Reader.OFFICE).readBy(Reader.CONCERNED).text("step.tenant.true"))
                .isEqualTo("You are named in the lease.");
    }
}
