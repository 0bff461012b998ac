package org.civitane.server.access;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Makes accounts and checks passwords; attempts are limited, counted in the database so that all servers agree. */
@Service
public class Accounts {
    private static final Pattern EMAIL = Pattern.compile("[^@\\s]{1,64}@[^@\\s]{1,180}");
    private static final int SHORTEST_PASSWORD = 12;
    private static final int LONGEST_PASSWORD = 64;
    private static final int LONGEST_NAME = 120;
    private static final int FAILURES_OF_ONE_EMAIL = 5;
    private static final int FAILURES_OF_ONE_ADDRESS = 50;

    private final AccountRepository accounts;
    private final PasswordEncoder passwords;
    private final JdbcClient database;
    private final AgencyClock clock;
    private final String unknownHash;

    Accounts(AccountRepository accounts, PasswordEncoder passwords, JdbcClient database, AgencyClock clock) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.database = database;
        this.clock = clock;
        this.unknownHash = passwords.encode(UUID.randomUUID().toString());
    }

    /** @throws Problem when the address is taken or no address, or the password is too short or long */
    @Transactional
    public SignedIn register(String email, String displayName, String password, Role role) {
        String address = normalised(email);
        if (!EMAIL.matcher(address).matches()) {
            throw Problem.invalid("email", Phrase.of("account.email"));
        }
        if (displayName.isBlank() || displayName.length() > LONGEST_NAME) {
            throw Problem.invalid("displayName", Phrase.of("account.name"));
        }
        if (password.length() < SHORTEST_PASSWORD || password.length() > LONGEST_PASSWORD) {
            throw Problem.invalid("password", Phrase.of("account.password", SHORTEST_PASSWORD, LONGEST_PASSWORD));
        }
        if (accounts.findByEmail(address).isPresent()) {
            throw addressTaken();
        }
        return keep(new Account(
                        UUID.randomUUID(),
                        address,
                        displayName.strip(),
                        role,
                        passwords.encode(password),
                        clock.instant()))
                .signedIn();
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
     * Who this is, when the password is right.
     *
     * @param address the network address the attempt came from
     * @throws Problem after too many failures in a quarter of an hour, whether or not this password is right
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Optional<SignedIn> authenticate(String email, String password, String address) {
        String name = normalised(email);
        if (failures("email", name) >= FAILURES_OF_ONE_EMAIL
                || failures("address", address) >= FAILURES_OF_ONE_ADDRESS) {
            throw Problem.tooMany(Phrase.of("account.too-many"));
        }
        Optional<Account> account = accounts.findByEmail(name);
        boolean right =
                passwords.matches(password, account.map(Account::passwordHash).orElse(unknownHash));
        if (!right || account.isEmpty()) {
            database.sql("insert into login_failure (email, address, at) values (?, ?, now())")
                    .params(name, address)
                    .update();
            return Optional.empty();
        }
        database.sql("delete from login_failure where email = ?").param(name).update();
        return account.map(Account::signedIn);
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

    /** Everyone who works claims, by name. */
    @Transactional(readOnly = true)
    public List<SignedIn> caseworkers() {
        return accounts.findByRoleIn(List.of(Role.CASEWORKER, Role.SUPERVISOR)).stream()
                .map(Account::signedIn)
                .sorted(java.util.Comparator.comparing(SignedIn::displayName))
                .toList();
    }

    private int failures(String column, String value) {
        return database.sql("select count(*) from login_failure where " + column
                        + " = ? and at > now() - interval '15 minutes'")
                .param(value)
                .query(Integer.class)
                .single();
    }

    private static String normalised(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }
}
