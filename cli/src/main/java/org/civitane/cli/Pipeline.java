package org.civitane.cli;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;

/**
 * Answers documents on all cores and writes the answers in the order of the documents. Only so many batches are under
 * way at a time, so that memory stays the same however long the input is.
 */
final class Pipeline implements AutoCloseable {
    private static final int BATCH_BYTES = 1 << 18;
    private static final int BATCHES_PER_CORE = 3;

    private final Service service;
    private final OutputStream out;
    private final int cores;
    private final Deque<Future<Answers>> underWay = new ArrayDeque<>();
    private ExecutorService workers = null;
    private Batch batch = new Batch(BATCH_BYTES);
    private boolean anyBad;

    /** Answers one document; called by several threads at once. */
    @FunctionalInterface
    interface Service {
        /** @throws BadInput when the document cannot be answered; nothing may have been written then */
        void answer(Input document, ByteArrayOutputStream out);
    }

    /** The answers to a batch, and whether any was an error. */
    private record Answers(ByteArrayOutputStream text, boolean anyBad) {}

    /** @param cores how many batches are answered at the same time */
    Pipeline(Service service, OutputStream out, int cores) {
        this.service = service;
        this.out = out;
        this.cores = cores;
    }

    /** Answers every document of a stream. */
    void run(InputStream in) throws IOException {
        Documents.read(in, (line, json, length) -> {
            batch.add(line, json, length);
            if (batch.isFull()) {
                handOver();
            }
        });
    }

    /** Writes what is still under way; true when every document could be answered. */
    boolean finish() throws IOException {
        if (underWay.isEmpty() && workers == null) {
            write(answer(batch));
        } else if (!batch.isEmpty()) {
            handOver();
        }
        while (!underWay.isEmpty()) {
            writeFirst();
        }
        return !anyBad;
    }

    @Override
    public void close() {
        if (workers != null) {
            workers.shutdownNow();
        }
    }

    private void handOver() throws IOException {
        if (workers == null) {
            workers = Executors.newFixedThreadPool(cores);
        }
        Batch full = batch;
        batch = new Batch(BATCH_BYTES);
        underWay.add(workers.submit(() -> answer(full)));
        while (underWay.size() > cores * BATCHES_PER_CORE) {
            writeFirst();
        }
    }

    private void writeFirst() throws IOException {
        try {
            write(underWay.remove().get());
        } catch (ExecutionException e) {
            throw new IllegalStateException("Impossible state: a document failed otherwise than as bad input.", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("Interrupted while documents were being answered.", e);
        }
    }

    private void write(Answers answers) throws IOException {
        answers.text().writeTo(out);
        anyBad |= answers.anyBad();
    }

    private Answers answer(Batch documents) {
        AnswerWriter writer = new AnswerWriter(service);
        documents.forEach(writer);
        return new Answers(writer.text, writer.anyBad);
    }

    /** Puts an answer or an error on each line. */
    private static final class AnswerWriter implements Batch.Answering {
        private final Service service;
        private final ByteArrayOutputStream text = new ByteArrayOutputStream(BATCH_BYTES);
        private boolean anyBad;

        AnswerWriter(Service service) {
            this.service = service;
        }

        @Override
        public void answer(long line, Input document) {
            try {
                service.answer(document, text);
            } catch (BadInput e) {
                refuse(line, e);
            }
            text.write('\n');
        }

        @Override
        public void refuseTooLong(long line) {
            refuse(line, BadInput.at("", "line-too-long", Documents.LONGEST / 1024 / 1024));
            text.write('\n');
        }

        private void refuse(long line, BadInput fault) {
            anyBad = true;
            text.writeBytes(ErrorLine.of(line, fault).getBytes(StandardCharsets.UTF_8));
        }
    }
}
