package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BadInputTest {
    private static final String GOOD = """
            {"programme":"school-meals","receivedAt":"2026-09-14T10:32:00",
             "members":[{"id":"m1","givenName":"Runa","familyName":"Ostby","dateOfBirth":"1988-03-02","relationship":"SELF"},
              {"id":"m2","givenName":"Ivo","familyName":"Ostby","dateOfBirth":"2016-05-30","relationship":"CHILD","pupil":{"school":"Skerry Lane","year":4}}],
             "incomes":[{"id":"i1","member":"m1","kind":"WAGES","amount":"412.00","frequency":"WEEKLY"}],
             "signatures":[{"member":"m1","name":"Runa Ostby","signedAt":"2026-09-14T10:31:00"}],"signerNumber":{"last4":"8903"}}""";

    @DataProvider
    Object[][] faults() {
        return new Object[][] {
            {"\"412.00\"", "\"412.001\"", "/incomes/0/amount"},
            {"\"412.00\"", "412.00", "/incomes/0/amount"},
            {"\"412.00\"", "\"-1.00\"", "/incomes/0/amount"},
            {"\"412.00\"", "null", "/incomes/0/amount"},
            {"\"WEEKLY\"", "\"DAILY\"", "/incomes/0/frequency"},
            {"\"member\":\"m1\",\"kind\"", "\"member\":\"m7\",\"kind\"", "/incomes/0/member"},
            {"\"year\":4", "\"year\":\"4\"", "/members/1/pupil/year"},
            {"\"year\":4", "\"year\":4.5", "/members/1/pupil/year"},
            {"\"year\":4", "\"year\":99999999999", "/members/1/pupil/year"},
            {",\"year\":4", "", "/members/1/pupil/year"},
            {"\"Skerry Lane\"", "\"  \"", "/members/1/pupil/school"},
            {"2016-05-30", "2015-02-29", "/members/1/dateOfBirth"},
            {"2016-05-30", "2016-5-30", "/members/1/dateOfBirth"},
            {"\"id\":\"m2\"", "\"id\":\"m1\"", "/members/1/id"},
            {"\"CHILD\"", "\"SELF\"", "/members/1/relationship"},
            {"\"SELF\"", "\"SPOUSE\"", "/members"},
            {"\"signerNumber\"", "\"signer~/Number\"", "/signer~0~1Number"},
            {"\"pupil\"", "\"sharesMeals\":true,\"pupil\"", "/members/1/sharesMeals"},
            {"T10:32:00", "T10:32", "/receivedAt"},
            {"T10:32:00", "T10:32:00Z", "/receivedAt"},
            {"2026-09-14T10:32:00", "2024-09-14T10:32:00", "/receivedAt"},
            {"\"school-meals\"", "\"school-dinners\"", "/programme"},
            {"\"programme\":\"school-meals\",", "", "/programme"},
            {"\"receivedAt\":\"2026-09-14T10:32:00\",", "", "/receivedAt"},
            {"\"8903\"}}", "\"8903\"}", ""},
            {"\"8903\"}}", "\"8903\"}} {}", ""},
        };
    }

    @Test(dataProvider = "faults")
    public void pointsAtTheFact(String good, String bad, String pointer) {
        assertThat(GOOD).contains(good);
        BadInput fault = catchThrowableOfType(
                BadInput.class, () -> determine(GOOD.replace(good, bad).getBytes(StandardCharsets.UTF_8)));
        assertThat(fault).as("%s in place of %s", bad, good).isNotNull();
        assertThat(fault.pointer()).isEqualTo(pointer);
        assertThat(fault.getMessage()).isNotBlank();
    }

    @Test
    public void theFileItselfIsGood() {
        determine(GOOD.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void aNestingBombIsRefused() {
        String bomb = GOOD.replace("\"8903\"", "[".repeat(100_000));
        assertThat(catchThrowableOfType(BadInput.class, () -> determine(bomb.getBytes(StandardCharsets.UTF_8))))
                .isNotNull();
    }

    @Test
    public void mutatedFilesNeverFailOtherwiseThanAsBadInput() {
        Random random = new Random(11);
        byte[] good = GOOD.getBytes(StandardCharsets.UTF_8);
        int refused = 0;
        for (int i = 0; i < 20_000; i++) {
            byte[] mutated = good.clone();
            for (int j = 0; j <= random.nextInt(4); j++) {
                mutated[random.nextInt(mutated.length)] = (byte) random.nextInt(256);
            }
            try {
                determine(mutated);
            } catch (BadInput e) {
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(10_000);
    }

    private static void determine(byte[] json) {
        CaseFiles.read(json).determine(ShippedPolicy.book(), Reasoning.silent());
    }
}
