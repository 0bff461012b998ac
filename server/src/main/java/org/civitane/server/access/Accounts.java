package org.civitane.server.access;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Makes accounts and lets in whoever knows the password of one. */
@Service
public class Accounts {
    /** Nothing that cannot be seen stands in an address: it would be another that looks the same. */
    private static final Pattern EMAIL = Pattern.compile("[^@\\s\\p{C}\\p{Z}]{1,64}@[^@\\s\\p{C}\\p{Z}]{1,180}");

    private static final int LONGEST_NAME = 120;

    private final AccountRepository accounts;
    private final Passwords passwords;
    private final Tries tries;
    private final JdbcClient database;
    private final AgencyClock clock;

    Accounts(AccountRepository accounts, Passwords passwords, Tries tries, JdbcClient database, AgencyClock clock) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.tries = tries;
        this.database = database;
        this.clock = clock;
    }

    /** Makes an account at once. @throws Problem when the address is taken or no address, or the password can be guessed */
    @Transactional
    public SignedIn register(String email, String displayName, String password, Role role) {
        Account wanted = wanted(email, displayName, password, role);
        if (find(email).isPresent()) {
            throw addressTaken();
        }
        return keep(wanted).signedIn();
    }

    /** An account as someone wants it, which is not kept. @throws Problem as {@link #register}, but whoever has the address */
    Account wanted(String email, String displayName, String password, Role role) {
        String address = address(email);
        String name = named(displayName);
        passwords.check(password, address, name);
        return new Account(UUID.randomUUID(), address, name, role, passwords.hash(password), clock.instant());
    }

    /** Makes an applicant's account whose password was looked at before. @throws Problem when the address is taken meanwhile */
    @Transactional
    public SignedIn made(String address, String displayName, String passwordHash) {
        return made(address, displayName, Role.APPLICANT, passwordHash);
    }

    @Transactional
    SignedIn made(String address, String displayName, Role role, String passwordHash) {
        return keep(new Account(UUID.randomUUID(), address, displayName, role, passwordHash, clock.instant()))
                .signedIn();
    }

    /**
     * Makes an account for someone else, who sets its password by a link or a code: until then nobody can sign in.
     *
     * @param signInName an address, or a name without an at sign
     */
    @Transactional
    public SignedIn madeFor(String signInName, String displayName, Role role) {
        return keep(new Account(
                        UUID.randomUUID(),
                        signInName,
                        named(displayName),
                        role,
                        passwords.hash(Digest.newToken()),
                        clock.instant()))
                .signedIn();
    }

    /** @throws Problem when it is no address */
    static String address(String email) {
        String address = normalised(email);
        if (!EMAIL.matcher(address).matches()) {
            throw Problem.invalid("email", Phrase.of("account.email"));
        }
        return address;
    }

    private static String named(String displayName) {
        if (displayName.isBlank() || displayName.length() > LONGEST_NAME) {
            throw Problem.invalid("displayName", Phrase.of("account.name"));
        }
        return displayName.strip();
    }

    /** Two may sign up with one address at the same moment; the second is told what the first made so. */
    private Account keep(Account account) {
        try {
            return accounts.saveAndFlush(account);
        } catch (DataIntegrityViolationException e) {
            throw addressTaken();
        }
    }

    private static Problem addressTaken() {
        return Problem.conflict("account-exists", Phrase.of("account.exists"), Map.of("path", "email"));
    }

    /** Holds an account until the transaction ends, so that two things its owner does come one after the other. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(UUID account) {
        database.sql("select id from account where id = ? for no key update")
                .param(account)
                .query(UUID.class)
                .optional();
    }

    /**
     * Who this is, when the password is right. One that was hashed in an older way is hashed anew.
     *
     * @throws Problem after too many failures from there, whether or not this password is right
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Optional<SignedIn> authenticate(String email, String password, Tries.From from) {
        String name = normalised(email);
        long attempt = tries.begin(name, from);
        Optional<Account> account = accounts.findByEmail(name);
        if (account.isEmpty()) {
            passwords.matchNobody(password);
            return Optional.empty();
        }
        String hash = account.get().passwordHash();
        if (!passwords.matches(password, hash) || account.get().state() == Account.State.CLOSED) {
            return Optional.empty();
        }
        tries.takeBack(attempt);
        if (passwords.isOld(hash)) {
            database.sql("update account set password_hash = ? where email = ? and password_hash = ?")
                    .params(passwords.hash(password), name, hash)
                    .update();
        }
        return account.map(Account::signedIn);
    }

    /** @throws Problem when it is not the password of whoever is signed in */
    void confirmOwn(SignedIn who, String password, Tries.From from) {
        if (authenticate(who.email(), password, from).isEmpty()) {
            throw Problem.invalid("password", Phrase.of("password.before"));
        }
    }

    /** Whether single letters do something for whoever has that account. */
    @Transactional(readOnly = true)
    public boolean keys(UUID account) {
        return database.sql("select keys from account where id = ?")
                .param(account)
                .query(Boolean.class)
                .optional()
                .orElse(true);
    }

    /** Switches single letters on or off, for this account wherever it is used. */
    @Transactional
    public void useKeys(UUID account, boolean on) {
        database.sql("update account set keys = ? where id = ?")
                .params(on, account)
                .update();
    }

    /** Who has that account. @throws Problem when nobody has */
    @Transactional(readOnly = true)
    public SignedIn account(UUID id) {
        return accounts.findById(id)
                .map(Account::signedIn)
                .orElseThrow(() -> Problem.notFound(Phrase.of("account.none")));
    }

    /** Who has that address. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> find(String email) {
        return accounts.findByEmail(normalised(email)).map(Account::signedIn);
    }

    /** Everyone who works claims, by name; nobody whose account is closed. */
    @Transactional(readOnly = true)
    public List<SignedIn> caseworkers() {
        return accounts.findByRoleIn(List.of(Role.CASEWORKER, Role.SUPERVISOR)).stream()
                .filter(account -> account.state() == Account.State.OPEN)
                .map(Account::signedIn)
                .sorted(java.util.Comparator.comparing(SignedIn::displayName))
                .toList();
    }

    /** An address as it is kept, however it was typed. */
    static String normalised(String email) {
        return Normalizer.normalize(email, Normalizer.Form.NFKC).strip().toLowerCase(Locale.ROOT);
    }
}
