package org.civitane.core.person;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MachineReadableZoneTest {
    private static final LocalDate ON = LocalDate.of(2026, 9, 14);
    private static final String NAME = "P<UTOERIKSSON<<ANNA<MARIA<<<<<<<<<<<<<<<<<<<";
    private static final String REST = "L898902C36UTO7408122F1204159ZE184226B<<<<<10";

    @Test
    public void readsThePassportOfTheStandardsExample() {
        MachineReadableZone zone = zone(NAME, REST);
        assertThat(zone.checkDigitsRight()).isTrue();
        assertThat(zone.dateOfBirth(ON)).hasValue(LocalDate.of(1974, 8, 12));
        assertThat(zone.expiresOn()).hasValue(LocalDate.of(2012, 4, 15));
        assertThat(zone.nameDiffersFrom("Anna Maria Eriksson")).isFalse();
        assertThat(zone.nameDiffersFrom("Bryn Tarnvik")).isTrue();
    }

    @Test
    public void readsTheCardOfTheStandardsExample() {
        MachineReadableZone zone = zone(
                "I<UTOD231458907<<<<<<<<<<<<<<<", "7408122F1204159UTO<<<<<<<<<<<6", "ERIKSSON<<ANNA<MARIA<<<<<<<<<<");
        assertThat(zone.checkDigitsRight()).isTrue();
        assertThat(zone.dateOfBirth(ON)).hasValue(LocalDate.of(1974, 8, 12));
    }

    @Test
    public void eachFieldSaysWhetherItsDigitIsRight() {
        assertThat(zone(NAME, REST).fields())
                .extracting(MachineReadableZone.Field::guarded)
                .containsExactly(MachineReadableZone.Guarded.values());
        String wrongBirth = REST.substring(0, 19) + '5' + REST.substring(20);
        assertThat(zone(NAME, wrongBirth).fields())
                .filteredOn(field -> !field.right())
                .extracting(MachineReadableZone.Field::guarded)
                .containsExactly(MachineReadableZone.Guarded.BIRTH, MachineReadableZone.Guarded.COMPOSITE);
    }

    @Test
    public void aLongNumberOfACardGoesOnInItsOptionalData() {
        assertThat(zone(
                                "I<UTOD23145890<7349<<<<<<<<<<<",
                                "3407127M9507122UTO<<<<<<<<<<<2",
                                "STEVENSON<<PETER<JOHN<<<<<<<<<")
                        .checkDigitsRight())
                .isTrue();
        assertThat(zone(
                                "I<UTOD23145890<7348<<<<<<<<<<<",
                                "3407127M9507122UTO<<<<<<<<<<<2",
                                "STEVENSON<<PETER<JOHN<<<<<<<<<")
                        .checkDigitsRight())
                .isFalse();
        assertThat(zone(
                                "I<UTOD23145890<<<<<<<<<<<<<<<<",
                                "3407127M9507122UTO<<<<<<<<<<<2",
                                "STEVENSON<<PETER<JOHN<<<<<<<<<")
                        .checkDigitsRight())
                .isFalse();
    }

    @Test
    public void everyCheckDigitIsChecked() {
        for (int position : new int[] {9, 19, 27, 42, 43}) {
            char wrong = REST.charAt(position) == '5' ? '6' : '5';
            String spoilt = REST.substring(0, position) + wrong + REST.substring(position + 1);
            assertThat(zone(NAME, spoilt).checkDigitsRight())
                    .as("position %d", position)
                    .isFalse();
        }
    }

    @Test
    public void aFillerIsACheckDigitOnlyOfAnEmptyPersonalNumber() {
        assertThat(zone("P<XHVOSTBY<<RUNA<<<<<<<<<<<<<<<<<<<<<<<<<<<<", "XH44109273XHV9405217F3103315<<<<<<<<<<<<<<02")
                        .checkDigitsRight())
                .isTrue();
        assertThat(zone("P<XHVOSTBY<<RUNA<<<<<<<<<<<<<<<<<<<<<<<<<<<<", "XH44109273XHV9405217F3103315<<<<<<<<<<<<<<<2")
                        .checkDigitsRight())
                .isTrue();
        assertThat(zone(NAME, "L898902C3<UTO7408122F1204159ZE184226B<<<<<10").checkDigitsRight())
                .isFalse();
    }

    @DataProvider
    Object[][] misshapen() {
        return new Object[][] {
            {List.of()},
            {List.of(NAME)},
            {List.of(NAME, REST.substring(1))},
            {List.of(NAME, REST.replace('U', 'u'))},
            {List.of(NAME, REST, REST)},
            {List.of(NAME, REST.replace('<', ' '))},
        };
    }

    @Test(dataProvider = "misshapen")
    public void misshapenLinesAreNotRead(List<String> lines) {
        assertThat(MachineReadableZone.read(lines)).isEmpty();
    }

    @Test
    public void yearsOfBirthTurnAtTheYearOfTheCheck() {
        assertThat(zone(NAME, REST.replace("740812", "260812")).dateOfBirth(ON)).hasValue(LocalDate.of(2026, 8, 12));
        assertThat(zone(NAME, REST.replace("740812", "270812")).dateOfBirth(ON)).hasValue(LocalDate.of(1927, 8, 12));
        assertThat(zone(NAME, REST.replace("740812", "740230")).dateOfBirth(ON)).isEmpty();
        assertThat(zone(NAME, REST.replace("120415", "990415")).expiresOn()).hasValue(LocalDate.of(2099, 4, 15));
        assertThat(zone(NAME, REST.replace("120415", "12<<<<")).expiresOn()).isEmpty();
    }

    @Test
    public void namesMayBeSpeltOutInEitherWay() {
        String full = "P<XHVAAS<<HAAKON<<<<<<<<<<<<<<<<<<<<<<<<<<<<";
        assertThat(zone(full, REST).nameDiffersFrom("Håkon Ås")).isFalse();
        assertThat(zone("P<XHVMUELLER<<OEYVIND<<<<<<<<<<<<<<<<<<<<<<<", REST).nameDiffersFrom("Öyvind Müller"))
                .isFalse();
        assertThat(zone("P<XHVOBRIEN<<SEAN<<<<<<<<<<<<<<<<<<<<<<<<<<<", REST).nameDiffersFrom("Sean O’Brien"))
                .isFalse();
    }

    @Test
    public void aNameMayBeCutOffAtTheEndOfItsField() {
        String cut = "P<XHVVANDERBILT<MOUNTBATTEN<<ALEXANDRA<JOSEP";
        assertThat(zone(cut, REST).nameDiffersFrom("Alexandra Josephine Vanderbilt Mountbatten"))
                .isFalse();
        assertThat(zone(cut, REST).nameDiffersFrom("Alexandra Katrine Vanderbilt Mountbatten Ostby Grondahl"))
                .isTrue();
    }

    private static MachineReadableZone zone(String... lines) {
        return MachineReadableZone.read(List.of(lines)).orElseThrow();
    }
}
