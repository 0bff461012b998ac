package org.civitane.server.hours;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Workers of the demo are asked for their hours, and tell them. */
@Component
@Profile(Simulated.PROFILE)
public class SimulatedHours {
    private final ToldWeeks weeks;
    private final MyWeeks mine;

    SimulatedHours(ToldWeeks weeks, MyWeeks mine) {
        this.weeks = weeks;
        this.mine = mine;
    }

    /** A week is over. */
    public void over(UUID claim, LocalDate monday) {
        weeks.over(claim, monday);
    }

    /** @param hours by day */
    public void tell(SignedIn applicant, UUID claim, LocalDate monday, Map<String, String> hours) {
        mine.tell(applicant, claim, monday, hours);
    }
}
