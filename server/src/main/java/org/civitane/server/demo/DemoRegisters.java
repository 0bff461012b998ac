package org.civitane.server.demo;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.person.Address;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.registers.Registers;
import org.civitane.server.standins.BenefitRegister;
import org.civitane.server.standins.CivilRegister;
import org.civitane.server.standins.PoliceRegister;
import org.civitane.server.standins.Simulated;
import org.civitane.server.standins.WageRegister;
import org.springframework.context.annotation.Profile;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Tells the simulated registers about the invented households; they keep nothing themselves, so at every start. */
@Component
@Profile(Simulated.PROFILE)
class DemoRegisters {
    private static final int MONTHS = 6;

    private final BenefitRegister benefits;
    private final CivilRegister civil;
    private final WageRegister wages;
    private final PoliceRegister police;
    private final Registers registers;

    DemoRegisters(
            BenefitRegister benefits,
            CivilRegister civil,
            WageRegister wages,
            PoliceRegister police,
            Registers registers) {
        this.benefits = benefits;
        this.civil = civil;
        this.wages = wages;
        this.police = police;
        this.registers = registers;
    }

    /** @param day the day on which the demo began, from which all its dates are counted */
    void tell(LocalDate day) {
        for (int i = 0; i < DemoHousehold.COUNT; i++) {
            tell(DemoHousehold.of(i), day);
        }
        DemoTraveller.ALL.forEach(traveller -> civil.put(new CivilRegister.Entry(
                traveller.given(),
                traveller.family(),
                List.of(),
                traveller.born(),
                Optional.of(traveller.personNumber()),
                Optional.empty(),
                Optional.empty())));
        DemoWorker.ALL.stream().filter(worker -> worker.isNew()).forEach(worker -> tell(worker, day));
        benefits.put(new BenefitRegister.Entry(
                "FA-204417", "FOOD_ASSISTANCE", "ACTIVE", "Marit Ekelund", LocalDate.of(2025, 3, 1)));
    }

    /** Everything that a claim asked is answered at once, as the job would a moment later. */
    void answer(UUID claim) {
        registers.newestOf(claim).stream()
                .filter(RegisterRequest::isAwaited)
                .forEach(request -> registers.answered(request.id(), answer(request)));
    }

    private JsonNode answer(RegisterRequest request) {
        return switch (request.register()) {
            case BENEFITS -> known(benefits.find(request.question()));
            case CIVIL -> known(civil.find(JsonColumn.read(request.question(), CivilRegister.Wanted.class)));
            case WAGES ->
                known(ResponseEntity.ok(wages.find(JsonColumn.read(request.question(), WageRegister.Wanted.class))));
            case POLICE ->
                known(ResponseEntity.ok(
                        police.find(JsonColumn.read(request.question(), PoliceRegister.PoliceQuestion.class))));
        };
    }

    private static JsonNode known(ResponseEntity<?> answer) {
        ObjectNode entry = answer.getBody() == null
                ? JsonColumn.object()
                : JsonColumn.readObject(JsonColumn.write(answer.getBody()));
        return entry.put("known", answer.getBody() != null);
    }

    private void tell(DemoWorker worker, LocalDate day) {
        civil.put(new CivilRegister.Entry(
                worker.given(),
                worker.family(),
                List.of(),
                worker.born(),
                Optional.of(worker.personNumber()),
                Optional.empty(),
                Optional.empty()));
        worker.reported(day)
                .forEach(month -> wages.put(new WageRegister.Entry(
                        worker.fullName(), worker.born(), worker.reportedBy(), month, worker.monthly() + ".00")));
    }

    private void tell(DemoHousehold household, LocalDate day) {
        household
                .caseNumber()
                .filter(number -> household.story() != DemoHousehold.Story.LINKED_UNKNOWN)
                .ifPresent(number -> benefits.put(new BenefitRegister.Entry(
                        number,
                        "FOOD_ASSISTANCE",
                        household.story() == DemoHousehold.Story.LINKED_ACTIVE ? "ACTIVE" : "CLOSED",
                        household.fullName(),
                        LocalDate.of(2025, 3, 1))));
        ObjectNode answers = household.answers(day);
        LocalDate born = LocalDate.parse(
                answers.path("members").path(0).path("dateOfBirth").asString());
        if (!household.isKnown() && household.twist() != DemoTwist.NOT_IN_REGISTER) {
            civil.put(entry(household, answers, born));
        }
        if (household.twist() == DemoTwist.UNDISCLOSED) {
            report(household, born, "Ferry Stairs Kiosk", "420.00", day);
            report(household, born, "Lantern Row Laundry", "96.00", day);
        }
        if (!household.isKnown()
                && household.twist() != DemoTwist.UNSUPPORTED
                && answers.path("incomes").has(0)) {
            DemoPay pay = DemoPay.of(answers, household.twist(), day);
            report(household, born, pay.employer(), pay.monthlyOnRecord().toString(), day);
        }
    }

    private void report(DemoHousehold household, LocalDate born, String employer, String gross, LocalDate day) {
        for (int back = 1; back <= MONTHS; back++) {
            wages.put(new WageRegister.Entry(
                    household.fullName(), born, employer, YearMonth.from(day).minusMonths(back), gross));
        }
    }

    private static CivilRegister.Entry entry(DemoHousehold household, JsonNode answers, LocalDate born) {
        JsonNode contact = answers.path("contact");
        String name = household.fullName();
        String given = household.twist() == DemoTwist.NAME_SPELT_OTHERWISE
                ? household.givenName() + " Maria"
                : household.givenName();
        String family = household.twist() == DemoTwist.FORMER_NAME ? "Aldervik" : household.familyName();
        return new CivilRegister.Entry(
                household.twist() == DemoTwist.SOMEONE_ELSES_NUMBER ? "Tómas" : given,
                household.twist() == DemoTwist.SOMEONE_ELSES_NUMBER ? "Hraunberg" : family,
                household.twist() == DemoTwist.FORMER_NAME ? List.of(name) : List.of(),
                switch (household.twist()) {
                    case BIRTH_SWAPPED -> swapped(born);
                    case BIRTH_ONE_DIGIT -> born.plusYears(born.getYear() % 10 == 9 ? -1 : 1);
                    default -> born;
                },
                Optional.of(contact.path("personNumber").asString("")).filter(number -> !number.isEmpty()),
                Optional.of(new Address(
                        contact.path("street").asString(""),
                        contact.path("houseNumber").asString(""),
                        contact.path("postCode").asString(""))),
                household.twist() == DemoTwist.DECEASED ? Optional.of(born.plusYears(25)) : Optional.empty());
    }

    private static LocalDate swapped(LocalDate born) {
        return LocalDate.of(born.getYear(), born.getDayOfMonth(), born.getMonthValue());
    }
}
