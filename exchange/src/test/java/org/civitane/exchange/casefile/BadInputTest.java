package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.policy.ShippedPolicy;
import org.civitane.exchange.verification.IdentityChecks;
import org.civitane.exchange.verification.Materialities;
import org.civitane.exchange.verification.Reconciliations;
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
            {"2016-05-30", "2026-09-15", "/members/1/dateOfBirth"},
            {"1988-03-02", "1896-09-13", "/members/0/dateOfBirth"},
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
            {"\"year\":4", "\"year\":4,\"year\":5", "/members/1/pupil/year"},
            {"\"signerNumber\"", "\"programme\":\"school-meals\",\"signerNumber\"", "/programme"},
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
    public void birthsOnTheReceivedDateAndOneHundredThirtyYearsBeforeItAreGood() {
        determine(GOOD.replace("2016-05-30", "2026-09-14").getBytes(StandardCharsets.UTF_8));
        determine(GOOD.replace("1988-03-02", "1896-09-14").getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void theReceivedDateIsWhatABirthIsHeldAgainst() {
        String atNight = GOOD.replace("T10:32:00", "T18:00:00");
        determine(atNight.replace("2016-05-30", "2026-09-15").getBytes(StandardCharsets.UTF_8));
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

    @DataProvider
    Object[][] faultsOfOtherInputs() {
        return new Object[][] {
            {"food-assistance/01", "\"owner\": \"m1\"", "\"owner\": \"m7\"", "/resources/0/owner"},
            {"food-assistance/01", "\"for\": \"m1\"", "\"for\": \"m7\"", "/expenses/0/for"},
            {"food-assistance/01", "\"for\": \"m1\"", "\"member\": \"m1\"", "/expenses/0/member"},
            {"food-assistance/01", "\"HEATING\"", "\"GAS\"", "/utilities/0"},
            {"food-assistance/01", "\"780.00\"", "\"-780.00\"", "/expenses/0/amount"},
            {"paid-leave/01", "\"1\": \"8\"", "\"8\": \"8\"", "/schedule/8"},
            {"paid-leave/01", "\"1\": \"8\"", "\"1\": \"8.001\"", "/schedule/1"},
            {"paid-leave/01", "\"1\": \"8\"", "\"1\": \"8\", \"1\": \"8\"", "/schedule/1"},
            {"paid-leave/01", "\"2025Q3\"", "\"2025Q5\"", "/quarterWages/0/quarter"},
            {"rent-arrears/01", "\"2026-07\"", "\"2026-13\"", "/arrears/0/month"},
            {"rent-arrears/01", "\"2026-07\"", "\"2026-08\"", "/arrears/1/month"},
            {"rent-arrears/01", "\"monthsAhead\": 1", "\"monthsAhead\": 4", "/monthsAhead"},
            {"rent-arrears/01", "\"bedrooms\": 2", "\"bedrooms\": -1", "/home/bedrooms"},
            {"valuation-review/01", "\"class\": \"RESIDENTIAL\"", "\"class\": \"SHED\"", "/parcel/class"},
            {"valuation-review/01", "\"floorArea\": 120", "\"floorArea\": 0", "/parcel/attributes/floorArea"},
            {"conduct-certificate/01", "\"DESK\"", "\"WINDOW\"", "/handover/way"},
            {"conduct-certificate/01", "\"copies\": 1", "\"copies\": 1.5", "/copies"},
            {"identity/01", "\"claimed\"", "\"claims\"", "/claims"},
            {"identity/01", "\"on\"", "\"off\"", "/off"},
            {"identity/01", "\"previousNames\"", "\"formerNames\"", "/register/formerNames"},
            {"income-reconciliation/01", "\"2026-07-01\"", "\"2026-08-01\"", "/slips/0/periodEnd"},
            {"materiality/01", "\"CHILD\"", "\"SELF\"", "/caseFile/members/1/relationship"},
            {"materiality/01", "\"school-meals\"", "\"school-dinners\"", "/caseFile/programme"},
            {"materiality/01", "\"caseFile\"", "\"case\"", "/caseFile"},
            {"materiality/01", "2016-05-30", "2031-05-30", "/caseFile/members/1/dateOfBirth"},
            {"income-reconciliation/01", "\"MONTHLY\"", "\"DAILY\"", "/stated/0/frequency"},
            {"income-reconciliation/01", "\"register\"", "\"registry\"", "/registry"},
            {"materiality/01", "\"line\": \"i1\"", "\"line\": \"i2\"", "/candidates"},
            {"materiality/01", "\"1950.00\"", "\"-1950.00\"", "/candidates/0/values/1/amount"},
            {"materiality/01", "\"SELF\"", "\"KING\"", "/caseFile/members/0/relationship"},
            {"materiality/01", "2026-09-14T10:32:00", "2024-09-14T10:32:00", "/caseFile/receivedAt"},
            {"materiality/01", "\"school-meals\"", "\"meals\"", "/caseFile/programme"},
        };
    }

    @Test(dataProvider = "faultsOfOtherInputs")
    public void pointsAtTheFactInEveryInput(String example, String good, String bad, String pointer)
            throws IOException {
        String chapter = example.substring(0, example.indexOf('/'));
        String file = example(chapter, example.substring(example.indexOf('/') + 1));
        assertThat(file).contains(good);
        Input input = Input.of(file.replaceFirst(Pattern.quote(good), bad).getBytes(StandardCharsets.UTF_8));
        BadInput fault = catchThrowableOfType(BadInput.class, () -> {
            switch (chapter) {
                case "identity" -> IdentityChecks.read(input);
                case "income-reconciliation" -> Reconciliations.read(input);
                case "materiality" -> Materialities.answer(input, ShippedPolicy.book());
                default -> CaseFiles.read(input);
            }
        });
        assertThat(fault).as("%s in place of %s", bad, good).isNotNull();
        assertThat(fault.pointer()).isEqualTo(pointer);
    }

    @Test
    public void theOrderOfFieldsDoesNotMatter() throws IOException {
        String file = GOOD.replace("\"programme\":\"school-meals\",", "");
        String last = file.substring(0, file.length() - 1) + ",\"programme\":\"school-meals\"}";
        assertThat(CaseFiles.read(last.getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(CaseFiles.read(GOOD.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    public void aBlankTextCountsAsNotGivenWhateverItShouldHold() {
        CaseFiles.Read<?> read = CaseFiles.read(
                GOOD.replace("\"8903\"}", "\"8903\"},\"linkedBenefit\":\" \"").getBytes(StandardCharsets.UTF_8));
        assertThat(read).isEqualTo(CaseFiles.read(GOOD.getBytes(StandardCharsets.UTF_8)));
    }

    private static String example(String chapter, String number) throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src", "test", "resources", "examples", chapter))) {
            Path file = files.filter(f -> f.getFileName().toString().startsWith(number)
                            && !f.toString().endsWith(".expected.json"))
                    .findFirst()
                    .orElseThrow();
            return Files.readString(file);
        }
    }

    private static void determine(byte[] json) {
        CaseFiles.read(json).determine(ShippedPolicy.book(), Reasoning.silent());
    }
}
