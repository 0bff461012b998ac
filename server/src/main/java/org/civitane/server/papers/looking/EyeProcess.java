package org.civitane.server.papers.looking;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/** An {@link Eye} from outside. It is ended with certainty: by itself, by its input ending, or killed. */
final class EyeProcess implements AutoCloseable {
    /** Larger than any page as a picture, or any picture file that is taken. */
    private static final int LONGEST_ANSWER = 64 * 1024 * 1024;

    /** What a virtual machine ends with that was told to end when memory runs out. */
    private static final int OUT_OF_MEMORY = 3;

    /** What a process ends with that was told to by a signal: interrupted, killed, terminated, hung up. */
    private static final Set<Integer> BY_OTHERS = Set.of(129, 130, 137, 143);

    private static final int MOMENT_SECONDS = 5;

    private final Process process;
    private final DataOutputStream looks;
    private final DataInputStream answers;

    private EyeProcess(Process process) {
        this.process = process;
        this.looks = new DataOutputStream(new BufferedOutputStream(process.getOutputStream()));
        this.answers = new DataInputStream(new BufferedInputStream(process.getInputStream()));
    }

    /** Starts one; nothing of what this process was told in its environment reaches it. */
    static EyeProcess start(LookingBounds bounds) throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        ProcessBuilder builder = new ProcessBuilder(List.of(
                        java,
                        "-Xmx" + bounds.memory().toMegabytes() + "m",
                        "-Xss2m",
                        "-XX:MaxMetaspaceSize=128m",
                        "-XX:MaxDirectMemorySize=32m",
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-XX:ActiveProcessorCount=1",
                        "-XX:+ExitOnOutOfMemoryError",
                        "-Djava.awt.headless=true",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Eye.class.getName(),
                        String.valueOf(bounds.processorTime().toMillis())))
                .redirectError(ProcessBuilder.Redirect.DISCARD);
        Map<String, String> environment = builder.environment();
        environment.clear();
        environment.put("LC_ALL", "C.UTF-8");
        return new EyeProcess(builder.start());
    }

    /**
     * Looks. After any failure the process is of no more use.
     *
     * @throws CannotLook when the file cannot be looked at, also because the process ended over it or was ended
     */
    byte[] look(Look look) throws CannotLook {
        try {
            look.write(looks);
            String fault = answers.readUTF();
            int length = answers.readInt();
            if (length < 0 || length > LONGEST_ANSWER) {
                throw new EOFException("An answer cannot be that long.");
            }
            byte[] answer = answers.readNBytes(length);
            if (answer.length < length) {
                throw new EOFException("An answer broke off.");
            }
            if (!fault.isEmpty()) {
                throw new CannotLook(Fault.valueOf(fault));
            }
            return answer;
        } catch (IOException | IllegalArgumentException e) {
            throw new CannotLook(end());
        }
    }

    boolean isAlive() {
        return process.isAlive();
    }

    private Fault end() {
        try {
            process.waitFor(MOMENT_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        boolean byItself = !process.isAlive();
        close();
        int with = process.exitValue();
        if (!byItself || BY_OTHERS.contains(with)) {
            return Fault.ENDED;
        }
        return switch (with) {
            case OUT_OF_MEMORY -> Fault.TOO_LARGE;
            case Eye.TOOK_TOO_LONG -> Fault.TOO_LONG;
            default -> Fault.DAMAGED;
        };
    }

    @Override
    public void close() {
        process.destroyForcibly().onExit().join();
    }
}
