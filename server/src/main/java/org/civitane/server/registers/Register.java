package org.civitane.server.registers;

import java.util.Arrays;

/** The outside registers that are asked about claims. */
public enum Register {
    /** About a case number. */
    BENEFITS("benefits"),
    /** About who someone is. */
    CIVIL("civil"),
    /** About what employers reported for someone. */
    WAGES("wages"),
    /** About what the police hold on someone. */
    POLICE("police");

    private final String id;

    Register(String id) {
        this.id = id;
    }

    /** Its name in the database and in texts. */
    public String id() {
        return id;
    }

    static Register named(String id) {
        return Arrays.stream(values())
                .filter(register -> register.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no register \"" + id + "\"."));
    }
}
