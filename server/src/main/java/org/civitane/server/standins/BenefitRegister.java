package org.civitane.server.standins;

import java.time.LocalDate;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** What the simulated benefit register knows, and how it misbehaves when told to. */
@Component
public class BenefitRegister {
    private final Map<String, Entry> entries = new ConcurrentHashMap<>();
    private volatile Mood mood = Mood.ANSWERS;

    /** How it behaves. */
    public enum Mood {
        ANSWERS,
        /** Answers only after the client has given up. */
        SLOW,
        DOWN
    }

    /**
     * One case.
     *
     * @param status {@code ACTIVE} or {@code CLOSED}
     * @param holder the full name it runs under
     */
    public record Entry(String caseNumber, String kind, String status, String holder, LocalDate since) {}

    public void put(Entry entry) {
        entries.put(entry.caseNumber(), entry);
    }

    public void behave(Mood wanted) {
        mood = wanted;
    }

    Mood mood() {
        return mood;
    }

    Map<String, Entry> entries() {
        return entries;
    }
}
