package org.civitane.core.person;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NamesTest {
    @DataProvider
    Object[][] spellings() {
        return new Object[][] {
            {"Óðin  Strøm", "ODIN STROEM"},
            {"Þórsdal-Ægir", "THORSDAL AEGIR"},
            {"  O'Neill ß ", "O NEILL SS"},
            {"Łukasz Đorđe ı", "LUKASZ DORDE I"},
            {"Åse", "ASE"},
            {"李", ""},
            {"-", ""},
            {"ﬁn", "FIN"},
        };
    }

    @Test(dataProvider = "spellings")
    public void normalises(String name, String expected) {
        assertThat(Names.normalise(name)).isEqualTo(expected);
    }

    @DataProvider
    Object[][] pairs() {
        return new Object[][] {
            {"Runa Ostby", "OSTBY, RUNA", Names.Verdict.MATCH},
            {"Runa Maria Ostby", "Runa Ostby", Names.Verdict.NEAR},
            {"Runa", "Runa Ostby", Names.Verdict.CONFLICT},
            {"Runa Ostby", "Runa Ostbi", Names.Verdict.NEAR},
            {"R. Ostby", "Runa Ostby", Names.Verdict.NEAR},
            {"Runa Strand", "Runa Ostby", Names.Verdict.CONFLICT},
            {"Runa Runa Ostby", "Runa Ostby", Names.Verdict.NEAR},
            {"", "Runa Ostby", Names.Verdict.ABSENT},
            {"李", "Runa Ostby", Names.Verdict.ABSENT},
        };
    }

    @Test(dataProvider = "pairs")
    public void compares(String one, String other, Names.Verdict verdict) {
        assertThat(Names.compare(one, other)).isEqualTo(verdict);
        assertThat(Names.compare(other, one)).isEqualTo(verdict);
    }

    @Test
    public void similarityKeepsHalfTranspositions() {
        assertThat(Names.similarity("MARTHA", "MARHTA"))
                .isEqualTo(0.9611, org.assertj.core.api.Assertions.within(0.0001));
        assertThat(Names.similarity("ABCDEF", "ABDECF"))
                .isEqualTo(0.9333, org.assertj.core.api.Assertions.within(0.0001));
        assertThat(Names.similarity("", "")).isEqualTo(1.0);
    }

    @Test
    public void personNumbersCarryACheckDigit() {
        assertThat(PersonNumber.isValid("12345678903")).isTrue();
        assertThat(PersonNumber.isValid("12345678904")).isFalse();
        assertThat(PersonNumber.isValid("1234567890")).isFalse();
        assertThat(new PersonNumber("12345678903").shown()).isEqualTo("1234 567 8903");
    }

    @Test
    public void lettersKnownBeforehandAreSpelledOutAsAllOthersAre() {
        for (char c = 1; c < 0x250; c++) {
            String known = "a" + c + "b";
            String notKnown = known + '\u3000';
            assertThat(Names.normalise(known)).as("U+%04X", (int) c).isEqualTo(Names.normalise(notKnown));
        }
    }
}
