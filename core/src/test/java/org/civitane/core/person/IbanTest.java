package org.civitane.core.person;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class IbanTest {
    @DataProvider
    Object[][] numbers() {
        return new Object[][] {
            {"XH522914177763170669", true}, {"XH522914177763170668", false}, {"XH52291417776317066", false},
            {"XH5229141777631706A9", false}, {"GB82WEST12345698765432", true}, {"GB82WEST12345698765431", false},
            {"ZZ522914177763170669", false}, {"XH52 2914 1777 6317 0669", false}, {"", false},
        };
    }

    @Test(dataProvider = "numbers")
    public void aNumberIsValidWithItsCountrysShapeAndItsCheckDigits(String iban, boolean valid) {
        assertThat(Iban.isValid(iban)).isEqualTo(valid);
    }

    @Test
    public void isReadAsPeopleTypeIt() {
        assertThat(Iban.typed(" xh52 2914 1777 6317\t0669 ")).hasValue("XH522914177763170669");
        assertThat(Iban.typed("XH52 2914")).isEmpty();
    }

    @Test
    public void isShownInGroupsOfFour() {
        assertThat(Iban.shown("XH522914177763170669")).isEqualTo("XH52 2914 1777 6317 0669");
    }
}
