package org.civitane.core.programme.payerregistration;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

/** Payer numbers, as they are made and as they are mistyped. */
public class PayerNumberTest {
    @Test
    public void asTheChapterHasThem() {
        assertThat(PayerNumber.ofSerial(417)).isEqualTo("P00000417Q");
        assertThat(PayerNumber.ofSerial(1)).isEqualTo("P00000001Z");
        assertThat(PayerNumber.isRight(PayerNumber.read("p 0000-0417.q"))).isTrue();
    }

    @Test
    public void oneWrongDigitIsAlwaysFound() {
        for (int serial = 1; serial < 99_000_000; serial += 1_234_567) {
            String number = PayerNumber.ofSerial(serial);
            assertThat(PayerNumber.isRight(number)).isTrue();
            for (int at = 1; at <= 8; at++) {
                char other = (char) ('0' + (number.charAt(at) - '0' + 3) % 10);
                String wrong = number.substring(0, at) + other + number.substring(at + 1);
                assertThat(PayerNumber.isRight(wrong)).as(wrong).isFalse();
            }
        }
    }
}
