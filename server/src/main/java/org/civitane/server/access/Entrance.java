package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;

/** The way in: with the password alone where that is enough, else over a second step. */
@Component
class Entrance {
    private final Accounts accounts;
    private final Tries tries;
    private final Sessions sessions;
    private final SecondFactors factors;
    private final SignIns signIns;

    Entrance(Accounts accounts, Tries tries, Sessions sessions, SecondFactors factors, SignIns signIns) {
        this.accounts = accounts;
        this.tries = tries;
        this.sessions = sessions;
        this.factors = factors;
        this.signIns = signIns;
    }

    /** Whoever gave the right password is in, or halfway in. @return who the session is for now */
    SignedIn withPassword(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        if (factors.of(who).isEmpty() && !factors.isRequired(who.role())) {
            return enter(who, request, response);
        }
        SignedIn halfway = new SignedIn(who.account(), who.email(), who.displayName(), Role.HALFWAY);
        factors.ask(halfway);
        sessions.enter(halfway, request, response);
        return halfway;
    }

    /** Whoever is halfway in has shown the rest. */
    SignedIn allTheWay(SignedIn halfway, HttpServletRequest request, HttpServletResponse response) {
        return enter(accounts.account(halfway.account()), request, response);
    }

    /** Lets someone in. */
    SignedIn enter(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        Tries.From from = Devices.of(request);
        tries.entered(who.email(), from);
        Devices.remember(tries.know(who.account(), from), request, response);
        sessions.enter(who, request, response);
        signIns.add(who.account(), from.network());
        return who;
    }
}
