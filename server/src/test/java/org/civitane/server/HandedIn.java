package org.civitane.server;

import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.testng.annotations.BeforeMethod;

/** Each test has a claim of its own that was just handed in, its applicant, and a caseworker who does not have it yet. */
abstract class HandedIn extends ServerTest {
    protected SignedIn applicant;
    protected SignedIn caseworker;
    protected ClaimView claim;

    @BeforeMethod
    void handIn() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        claim = handInForFood(applicant, answers(applicant));
    }
}
