package org.civitane.core.occupation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What people call what they do leads to its unit group. */
public class OccupationSearchTest {
    private static final int MOST = 8;

    @DataProvider
    Object[][] typed() {
        return new Object[][] {
            {"waitress", "5131"},
            {"Deckhand", "8350"},
            {"deckhnad", "8350"},
            {"bus driver", "8331"},
            {"driver bus", "8331"},
            {"elektrician", "7411"},
            {"home carer", "5322"},
            {"nurse", "2221"},
            {"Bakers", "7512"},
            {"fork-lift", "8344"},
            {"kindergarden teacher", "2342"},
            {"benefits caseworker", "3353"},
            {"  CLEANER ", "9112"},
        };
    }

    @Test(dataProvider = "typed")
    public void theBestOneStandsFirst(String typed, String code) {
        assertThat(OccupationSearch.find(typed, MOST).getFirst().group().code()).isEqualTo(code);
    }

    @Test
    public void whatIsBegunIsFoundAndSaysByWhichWord() {
        assertThat(OccupationSearch.find("waitr", MOST).getFirst().word()).contains("waitress");
        assertThat(OccupationSearch.find("legislat", MOST).getFirst().word()).isEmpty();
    }

    @Test
    public void eachGroupStandsOnceAndNoMoreThanAreWanted() {
        List<OccupationSearch.Found> found = OccupationSearch.find("worker", MOST);
        assertThat(found).hasSize(MOST);
        assertThat(found).extracting(each -> each.group().code()).doesNotHaveDuplicates();
    }

    @Test
    public void whatIsNoWorkFindsNothing() {
        assertThat(OccupationSearch.find("", MOST)).isEmpty();
        assertThat(OccupationSearch.find(" - ", MOST)).isEmpty();
        assertThat(OccupationSearch.find("xyzzyx", MOST)).isEmpty();
        assertThat(OccupationSearch.find("bus qqqq", MOST)).isEmpty();
        assertThat(OccupationSearch.find("baker ".repeat(100_000), MOST)).isNotEmpty();
    }

    @Test
    public void shortWordsAreTakenAsTheyAre() {
        assertThat(OccupationSearch.find("vat", MOST))
                .extracting(each -> each.group().code())
                .doesNotContain("2250");
        assertThat(OccupationSearch.find("vet", MOST).getFirst().group().code()).isEqualTo("2250");
    }

    @Test
    public void everydayWordsAreThoseOfUnitGroupsThatThereAre() {
        assertThat(ResourceBundle.getBundle("org.civitane.core.occupation.everyday-words", Locale.ROOT)
                        .keySet())
                .hasSizeGreaterThan(120)
                .allMatch(code -> UnitGroup.find(code).isPresent());
    }
}
