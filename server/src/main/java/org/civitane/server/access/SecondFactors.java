package org.civitane.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.server.platform.Masked;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Sealing;
import org.civitane.server.platform.SquareCode;
import org.civitane.server.platform.UnguessableNumber;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The second thing that whoever signs in shows. Staff show a code of an app wherever it is required; applicants choose
 * whether they want one, and by which way. A code is good once.
 */
@Service
@Transactional
class SecondFactors {
    private static final Pattern PHONE = Pattern.compile("\\+[1-9][0-9]{5,14}");
    private static final int RECOVERY_CODES = 8;

    private final FactorStore store;
    private final SentCodes sent;
    private final Sealing sealing;
    private final boolean required;
    private final boolean demo;

    SecondFactors(
            FactorStore store,
            SentCodes sent,
            Sealing sealing,
            @Value("${civitane.second-factor:required}") String forStaff,
            Environment environment) {
        this.store = store;
        this.sent = sent;
        this.sealing = sealing;
        this.required = forStaff.equals("required");
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    }

    /**
     * What someone has.
     *
     * @param where codes are sent, covered so far that only its owner recognises it; empty for an app
     * @param recoveryLeft how many codes on paper are left
     */
    record Standing(SecondFactor.Kind kind, String where, int recoveryLeft) {}

    /**
     * One that is begun and not in force yet.
     *
     * @param secret to be typed into an app; empty for the others
     * @param picture the same, as a square code
     */
    record Begun(SecondFactor.Kind kind, String where, String secret, String picture) {}

    @Transactional(readOnly = true)
    public Optional<Standing> of(SignedIn who) {
        return store.inForce(who.account())
                .map(factor -> new Standing(factor.kind(), where(factor, who), store.recoveryLeft(who.account())));
    }

    /** Whether somebody of that role may not be without. */
    boolean isRequired(Role role) {
        return required && role.isStaff();
    }

    /** Sends the code with which someone goes on who gave their password; nothing for an app. */
    public void ask(SignedIn who) {
        store.inForce(who.account())
                .filter(factor -> factor.kind() != SecondFactor.Kind.APP)
                .ifPresent(sent::send);
    }

    /**
     * Begins with one; the one in force, if any, stays until this is confirmed.
     *
     * @param phone where text messages go; looked at for {@code TEXT} alone
     * @throws Problem when it is not open to them
     */
    public Begun begin(SignedIn who, SecondFactor.Kind kind, String phone) {
        boolean isText = kind == SecondFactor.Kind.TEXT;
        if (isText && !PHONE.matcher(phone).matches()) {
            throw Problem.invalid("phone", Phrase.of("contact.bad.phone"));
        }
        boolean hasMail = who.email().contains("@");
        if (kind != SecondFactor.Kind.APP && (isRequired(who.role()) || !isText && !hasMail)) {
            throw Problem.invalid("kind", Phrase.of("account.factor-app"));
        }
        byte[] secret = AppCodes.newSecret();
        SecondFactor factor = new SecondFactor(
                UUID.randomUUID(),
                who.account(),
                kind,
                kind == SecondFactor.Kind.APP ? Optional.of(sealing.seal(secret)) : Optional.empty(),
                isText ? phone : "",
                store.clock().instant());
        store.begin(factor);
        if (kind == SecondFactor.Kind.APP) {
            String link = AppCodes.link(secret, who.email());
            return new Begun(kind, "", AppCodes.spelled(secret), SquareCode.inline(link));
        }
        sent.send(factor);
        return new Begun(kind, where(factor, who), "", "");
    }

    /**
     * Puts the one that is begun into force.
     *
     * @return codes for the day on which the phone is lost, each good once; they are never shown again
     * @throws Problem when the code is not right
     */
    public List<String> confirm(SignedIn who, String code) {
        SecondFactor factor = store.begun(who.account())
                .filter(begun -> isCodeOf(begun, digits(code)))
                .orElseThrow(() -> Problem.invalid("code", Phrase.of("account.code-wrong")));
        List<String> recovery =
                Stream.generate(UnguessableNumber::next).limit(RECOVERY_CODES).toList();
        store.confirm(factor, recovery);
        return recovery;
    }

    /** Whether it is the code of the one in force, or a recovery code; either is used up by it. */
    public boolean isRight(SignedIn who, String code) {
        boolean isRecovery = UnguessableNumber.typed(code)
                .filter(each -> store.useRecovery(who.account(), each))
                .isPresent();
        return isRecovery
                || store.inForce(who.account())
                        .filter(factor -> isCodeOf(factor, digits(code)))
                        .isPresent();
    }

    private boolean isCodeOf(SecondFactor factor, String code) {
        return factor.secret()
                .map(kept -> AppCodes.stepOf(
                                sealing.open(kept), code, store.clock().instant())
                        .filter(step -> store.useStep(factor, step))
                        .isPresent())
                .orElseGet(() -> sent.use(factor, code));
    }

    /** Takes it away. */
    public void remove(UUID account) {
        store.remove(account);
    }

    /** What the app of a demo account shows now; nothing anywhere else. */
    @Transactional(readOnly = true)
    public Optional<String> shownInDemo(SignedIn who) {
        return store.inForce(who.account())
                .filter(factor -> demo)
                .flatMap(SecondFactor::secret)
                .map(kept -> AppCodes.now(sealing.open(kept), store.clock().instant()));
    }

    private static String where(SecondFactor factor, SignedIn who) {
        return switch (factor.kind()) {
            case APP -> "";
            case EMAIL -> Masked.email(who.email());
            case TEXT -> Masked.phone(factor.phone());
        };
    }

    private static String digits(String code) {
        return code.replaceAll("\\s", "");
    }
}
