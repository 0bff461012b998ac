package org.civitane.server.papers.looking;

import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import org.civitane.server.papers.looking.Look.Task;

/**
 * The process that looks: reads a {@link Look} from its input, answers on its output, and so on until its input ends.
 * An answer is the name of a {@link Fault}, empty when there is none, the length of what follows, and that. It ends
 * itself when a look takes too much processor time, when memory runs out, and when whoever started it is gone.
 */
final class Eye {
    /** Ends the process when a look took too long; 3 is what the virtual machine says when memory ran out. */
    static final int TOOK_TOO_LONG = 4;

    private static final Duration GLANCE = Duration.ofMillis(50);

    private final BlockingQueue<Look> wanted = new ArrayBlockingQueue<>(1);
    private final DataOutputStream answers;
    private final Duration most;
    private volatile Duration begunAt = Duration.ZERO;
    private volatile boolean looking;

    private Eye(OutputStream answers, Duration most) {
        this.answers = new DataOutputStream(new BufferedOutputStream(answers));
        this.most = most;
    }

    /** @param arguments the most milliseconds of processor time that one look may take */
    public static void main(String[] arguments) throws Exception {
        OutputStream answers = new FileOutputStream(FileDescriptor.out);
        System.setOut(new PrintStream(OutputStream.nullOutputStream()));
        System.setProperty("java.awt.headless", "true");
        Eye eye = new Eye(answers, Duration.ofMillis(Long.parseLong(arguments[0])));
        Thread.ofPlatform().daemon().start(eye::listen);
        Thread.ofPlatform().daemon().priority(Thread.MAX_PRIORITY).start(eye::watch);
        eye.lookOn();
    }

    private void lookOn() throws IOException, InterruptedException {
        while (true) {
            Look look = wanted.take();
            begunAt = processorTime();
            looking = true;
            byte[] answer = {};
            String fault = "";
            try {
                answer = seen(look);
            } catch (CannotLook e) {
                fault = e.fault().name();
            } catch (IOException | RuntimeException | StackOverflowError e) {
                fault = Fault.DAMAGED.name();
            }
            looking = false;
            answers.writeUTF(fault);
            answers.writeInt(answer.length);
            answers.write(answer);
            answers.flush();
        }
    }

    private static byte[] seen(Look look) throws IOException, CannotLook {
        if (look.task() == Task.BARE) {
            return Bare.of(look.file(), look.mediaType());
        }
        Pages pages = look.mediaType().equals("application/pdf")
                ? new PdfPages(look.file())
                : new PicturePages(look.file(), look.mediaType());
        return switch (look.task()) {
            case PAGES -> {
                int count = pages.count();
                pages.page(1, look.widest());
                yield ByteBuffer.allocate(Integer.BYTES).putInt(count).array();
            }
            case PICTURE -> Pages.png(pages.page(look.page(), look.widest()));
            case VIEW -> pages.view(pages.page(look.page(), look.widest()));
            case SIZE -> size(pages.page(look.page(), look.widest()));
            case CODE ->
                Codes.in(pages.page(look.page(), look.widest())).orElse("").getBytes(StandardCharsets.UTF_8);
            case LINES -> Lines.write(pages.lines(look.page()));
            case BARE -> throw new IllegalStateException("Impossible state: answered above.");
        };
    }

    private static byte[] size(BufferedImage picture) {
        return ByteBuffer.allocate(2 * Integer.BYTES)
                .putInt(picture.getWidth())
                .putInt(picture.getHeight())
                .array();
    }

    private void listen() {
        try {
            DataInputStream in = new DataInputStream(new BufferedInputStream(System.in));
            while (true) {
                wanted.put(Look.read(in));
            }
        } catch (IOException | InterruptedException e) {
            Runtime.getRuntime().halt(0);
        }
    }

    private void watch() {
        while (true) {
            if (looking && processorTime().minus(begunAt).compareTo(most) > 0) {
                Runtime.getRuntime().halt(TOOK_TOO_LONG);
            }
            try {
                Thread.sleep(GLANCE);
            } catch (InterruptedException e) {
                Runtime.getRuntime().halt(0);
            }
        }
    }

    /** Of all threads together, so that what the garbage collector does for a file counts as well. */
    private static Duration processorTime() {
        return ProcessHandle.current().info().totalCpuDuration().orElse(Duration.ZERO);
    }
}
